package farglass.core.study;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class NameSpellingTest {
    private static final List<String> KNOWN = List.of("Wilma Ferreby", "Juno", "Pip", "Mireille Strand");

    @Test
    void anotherSpellingOfSomebodyKnownIsAskedAbout() {
        assertThat(NameSpelling.meant("Wilma Ferebey", KNOWN)).contains("Wilma Ferreby");
        assertThat(NameSpelling.meant("wilma  ferreby", KNOWN)).contains("Wilma Ferreby");
        assertThat(NameSpelling.meant("Mireillé Strand", KNOWN)).contains("Mireille Strand");
        assertThat(NameSpelling.meant("juno", KNOWN)).contains("Juno");
    }

    @Test
    void whoIsKnownOrLikeNobodyIsNot() {
        assertThat(NameSpelling.meant("Wilma Ferreby", KNOWN)).isEmpty();
        assertThat(NameSpelling.meant("Runa Castellan", KNOWN)).isEmpty();
        // Of three letters two are as good as another name.
        assertThat(NameSpelling.meant("Pia", KNOWN)).isEmpty();
        assertThat(NameSpelling.meant("Anyone", List.of())).isEmpty();
    }
}
