package farglass.core.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import farglass.core.Bouts;
import farglass.core.bout.Header;
import farglass.core.bout.Uniform;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WeighingTest {
    private static final Weighing CAMP = Weighing.towards(
            new Camp("x", "Lantern Cup", LocalDate.of(2026, 6, 1), "points-with-advantages", Uniform.GI));

    private static Header header(String lines) {
        return Bouts.parsed(lines).header();
    }

    @Test
    void aCampHalvesWhatIsTwoYearsOldAndDiscountsOtherRules() {
        assertThat(CAMP.of(header("date: 2026-06-01\n"))).isCloseTo(1, within(1e-9));
        assertThat(CAMP.of(header("date: 2024-06-01\n"))).isCloseTo(0.5, within(0.001));
        assertThat(CAMP.of(header("date: 2026-06-01\nuniform: no-gi\nruleset: delayed-points\n")))
                .isCloseTo(0.35, within(1e-9));
        assertThat(CAMP.of(header("date: 2026-06-01\nkind: sparring\n"))).isCloseTo(0.5, within(1e-9));
        assertThat(CAMP.of(header("date: 2027-06-01\n"))).isCloseTo(1, within(1e-9));
    }

    @Test
    void noBoutIsEverWeightlessAndAStudyWeighsAllAlike() {
        assertThat(CAMP.of(header("date: 1890-06-01\n"))).isPositive();
        assertThat(new Study("s", "Any", List.of(), Optional.empty()).weighing().of(header("date: 1990-01-01\n")))
                .isEqualTo(1);
    }

    @Test
    void theSubjectLookedAtFirstComesToTheFront() {
        Study study = new Study("s", "Any", List.of("a", "b", "c"), Optional.empty());
        assertThat(study.facing("c").subjects()).containsExactly("c", "a", "b");
    }
}
