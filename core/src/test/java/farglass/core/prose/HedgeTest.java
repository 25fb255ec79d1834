package farglass.core.prose;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.estimate.Share;
import java.util.OptionalDouble;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HedgeTest {
    @ParameterizedTest
    @CsvSource({
        "0.01, 0.05, 30, hardly ever",
        "0.02, 0.20, 30, hardly ever or now and then",
        "0.10, 0.30, 30, now and then",
        "0.40, 0.60, 30, about half the time",
        "0.55, 0.80, 30, about half the time or usually",
        "0.70, 0.88, 30, usually",
        "0.92, 0.99, 30, nearly always",
        "0.10, 0.80, 30, too little film to say how often",
        "0.92, 0.99, 3.9, too little film to say how often",
    })
    void theWordsAreThoseOfTheBandsInWhichTheIntervalLies(double low, double high, double effective, String words) {
        double point = (low + high) / 2;
        Share share = new Share(low, low, point, high, high, 1, 2, 1, effective, OptionalDouble.empty(), 0);
        assertThat(Hedge.words(share)).isEqualTo(words);
    }
}
