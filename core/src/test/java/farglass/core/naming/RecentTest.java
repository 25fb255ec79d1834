package farglass.core.naming;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class RecentTest {
    @Test
    void onlyWhatWasAskedForLastIsKept() {
        List<String> worked = new ArrayList<>();
        Recent<String, Integer> lengths = new Recent<>(2, word -> {
            worked.add(word);
            return word.length();
        });
        assertThat(lengths.of("knee")).isEqualTo(4);
        assertThat(lengths.of("cut")).isEqualTo(3);
        assertThat(lengths.of("knee")).isEqualTo(4);
        assertThat(lengths.of("guard")).isEqualTo(5);
        assertThat(lengths.of("knee")).isEqualTo(4);
        assertThat(lengths.of("cut")).isEqualTo(3);
        assertThat(worked).containsExactly("knee", "cut", "guard", "cut");
    }
}
