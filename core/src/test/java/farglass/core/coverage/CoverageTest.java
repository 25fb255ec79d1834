package farglass.core.coverage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

/** The short form of {@link CoverageRun}: its bounds are wider than the goals by what so few draws vary. */
class CoverageTest {
    @Test
    void sharesHoldTheTruthAsOftenAsTheySay() {
        Map<String, Coverage> rows = CoverageRun.shares(6);
        assertThat(rows.get("all").seen()).isGreaterThan(3000);
        assertThat(rows.get("all").in80()).isBetween(77.0, 85.0);
        assertThat(rows.get("all").in95()).isBetween(93.0, 97.5);
        assertThat(rows.get("none seen").in80()).isGreaterThan(75);
        assertThat(rows.get("none seen").in95()).isGreaterThan(93);
        assertThat(rows.get("unusual").in80()).isGreaterThan(64);
        assertThat(CoverageRun.small(800).get("all").in80()).isBetween(77.0, 87.0);
    }

    @Test
    void ratesAndDurationsDoToo() {
        assertThat(CoverageRun.rates(25).get("all").in80()).isBetween(76.0, 84.0);
        assertThat(CoverageRun.durations(60).get("all").in80()).isBetween(77.0, 87.0);
    }

    @Test
    void anAthleteLikeAllOthersIsSeldomCalledDifferentAndADifferentOneIsFound() {
        assertThat(ClaimsRun.run(60, 0, 8, false).pagesWithAny()).isLessThan(5);
        assertThat(ClaimsRun.sides(60, 0, 8, false).pagesWithAny()).isLessThan(5);
        ClaimsRun.Tally different = ClaimsRun.run(60, 0.6, 20, false);
        assertThat(different.wrongShare()).isLessThan(6);
        assertThat(different.foundShare()).isGreaterThan(50);
    }

    @Test
    void whoseShareStaysIsSeldomSaidToHaveChangedAndALargeChangeIsFoundInMuchFilm() {
        assertThat(ClaimsRun.trends(60, 0, 40, false).pagesWithAny()).isLessThan(8);
        ClaimsRun.Tally rising = ClaimsRun.trends(30, 1.2, 40, false);
        assertThat(rising.wrongShare()).isLessThan(5);
        assertThat(rising.foundShare()).isGreaterThan(12);
    }
}
