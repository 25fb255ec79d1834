package farglass.core.study;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class SpellingTest {
    private static final List<String> KNOWN = List.of("Wilma Ferreby", "Juno", "Pip", "Mireille Strand");

    @Test
    void anotherSpellingOfSomebodyKnownIsAskedAbout() {
        assertThat(Spelling.meant("Wilma Ferebey", KNOWN)).contains("Wilma Ferreby");
        assertThat(Spelling.meant("wilma  ferreby", KNOWN)).contains("Wilma Ferreby");
        assertThat(Spelling.meant("Mireillé Strand", KNOWN)).contains("Mireille Strand");
        assertThat(Spelling.meant("juno", KNOWN)).contains("Juno");
    }

    @Test
    void whoIsKnownOrLikeNobodyIsNot() {
        assertThat(Spelling.meant("Wilma Ferreby", KNOWN)).isEmpty();
        assertThat(Spelling.meant("Runa Castellan", KNOWN)).isEmpty();
        // Of three letters two are as good as another name.
        assertThat(Spelling.meant("Pia", KNOWN)).isEmpty();
        assertThat(Spelling.meant("Anyone", List.of())).isEmpty();
    }
}
