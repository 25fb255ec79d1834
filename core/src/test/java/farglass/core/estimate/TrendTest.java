package farglass.core.estimate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class TrendTest {
    private static List<DatedCount> bouts(int[]... successesAndChances) {
        List<DatedCount> bouts = new ArrayList<>();
        for (int i = 0; i < successesAndChances.length; i++) {
            bouts.add(new DatedCount(50 + 0.5 * i, 1, successesAndChances[i][0], successesAndChances[i][1]));
        }
        return bouts;
    }

    private static double logit(double share) {
        return Math.log(share / (1 - share));
    }

    /** The chance that the share rises by no more than that, summed over a fine grid of lines. */
    private static double notAbove(List<DatedCount> bouts, double likeness, double margin) {
        double first = bouts.get(0).years();
        double last = bouts.get(bouts.size() - 1).years();
        double all = 0;
        double below = 0;
        for (double middle = -6; middle <= 6; middle += 0.02) {
            for (double rise = -4; rise <= 4; rise += 0.02) {
                double log = -middle * middle / 8 - rise * rise / (2 * Trend.USUAL_RISE * Trend.USUAL_RISE);
                for (DatedCount bout : bouts) {
                    double at = (bout.years() - first) / (last - first) - 0.5;
                    double share = 1 / (1 + Math.exp(-middle - rise * at));
                    double worth = bout.weight() / (1 + (bout.chances() - 1) * likeness);
                    log += worth
                            * (bout.successes() * Math.log(share)
                                    + (bout.chances() - bout.successes()) * Math.log(1 - share));
                }
                double change = 1 / (1 + Math.exp(-middle - rise / 2)) - 1 / (1 + Math.exp(-middle + rise / 2));
                all += Math.exp(log);
                below += change <= margin ? Math.exp(log) : 0;
            }
        }
        return below / all;
    }

    @Test
    void itsChancesAreThoseOfAllLinesSummedUp() {
        List<DatedCount> rising = bouts(
                new int[] {1, 8}, new int[] {1, 6}, new int[] {3, 9}, new int[] {2, 5}, new int[] {6, 9}, new int[] {
                    7, 8
                });
        for (double likeness : new double[] {0, 0.1}) {
            Trend trend = Trend.of(rising, likeness).orElseThrow();
            for (double margin : new double[] {0, 0.05, 0.2}) {
                assertThat(trend.wrong(margin).notAbove()).isCloseTo(notAbove(rising, likeness, margin), within(0.012));
            }
            assertThat(trend.change()).isPositive();
            assertThat(trend.atLeastWrong(0.05))
                    .isLessThanOrEqualTo(trend.wrong(0.05).notAbove());
        }
    }

    @Test
    void turnedRoundInTimeItFallsAsMuchAsItRose() {
        List<DatedCount> rising = bouts(
                new int[] {1, 8}, new int[] {1, 6}, new int[] {3, 9}, new int[] {2, 5}, new int[] {6, 9}, new int[] {
                    7, 8
                });
        List<DatedCount> falling = rising.stream()
                .map(bout -> new DatedCount(-bout.years(), 1, bout.successes(), bout.chances()))
                .toList();
        Difference.Wrong up = Trend.of(rising, 0.1).orElseThrow().wrong(0.05);
        Difference.Wrong down = Trend.of(falling, 0.1).orElseThrow().wrong(0.05);
        assertThat(down.notBelow()).isCloseTo(up.notAbove(), within(1e-6));
    }

    @Test
    void muchFilmFindsTheTrueLine() {
        List<DatedCount> bouts = new ArrayList<>();
        for (int i = 0; i <= 40; i++) {
            double share = 1 / (1 + Math.exp(-(-0.5 + 1.2 * (i / 40.0 - 0.5))));
            bouts.add(new DatedCount(i / 10.0, 1, (int) Math.round(1000 * share), 1000));
        }
        Trend trend = Trend.of(bouts, 0).orElseThrow();
        assertThat(trend.middle()).isCloseTo(-0.5, within(0.01));
        assertThat(trend.rise()).isCloseTo(1.2, within(0.02));
        assertThat(trend.wrong(0.05).notAbove()).isLessThan(1e-6);
    }

    @Test
    void alwaysAndNeverAreNoTrendAndFewBoutsSayNothing() {
        int[] always = {5, 5};
        int[] never = {0, 5};
        for (int[] each : new int[][] {always, never}) {
            Trend flat =
                    Trend.of(bouts(each, each, each, each, each, each), 0.1).orElseThrow();
            assertThat(flat.change()).isCloseTo(0, within(1e-6));
            assertThat(flat.atLeastWrong(0.05)).isGreaterThan(0.4);
        }
        assertThat(Trend.of(bouts(always, never, always), 0.1)).isEmpty();
        assertThat(Trend.of(bouts(always, always, always, never, never, new int[] {0, 0}), 0.1))
                .isEmpty();
        List<DatedCount> sameDay = bouts(always, always, always, never, never, never).stream()
                .map(bout -> new DatedCount(50, 1, bout.successes(), bout.chances()))
                .toList();
        assertThat(Trend.of(sameDay, 0.1)).isEmpty();
        // From nought to all the likeliest line is finite still, and certain enough.
        assertThat(logit(0.99))
                .isGreaterThan(Trend.of(bouts(never, never, never, always, always, always), 0)
                        .orElseThrow()
                        .rise());
        assertThatThrownBy(() -> new DatedCount(Double.NaN, 1, 0, 1)).hasMessageContaining("finite time");
    }
}
