package farglass.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.core.side.Seat;
import farglass.core.state.Ladder;
import farglass.core.state.Tide;
import farglass.core.state.Timeline;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class TideLayoutTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static TideLayout layout(String moments, Seat seat) {
        Bout bout = BoutFile.parse(
                        "far-glass bout 1\nA: Juno\nB: Pip\ncovered: story 0:00 to 1:40\n" + moments, LEXICON)
                .bout()
                .orElseThrow();
        Tide tide = Tide.of(bout, Timeline.of(bout, LEXICON), LEXICON, seat, Ladder.POINTS);
        return TideLayout.of(
                new TideMatter(
                        bout,
                        tide,
                        seat,
                        Optional.of(Scorecard.of(
                                bout,
                                Rulesets.shipped()
                                        .named("points-with-advantages")
                                        .orElseThrow(),
                                LEXICON)),
                        0,
                        100_000_000),
                200,
                100);
    }

    private static final String MOUNTED =
            "0:10 A reached; -> mount, A on top\n0:30 - stop edge\n0:40 - restart\n0:50 A award 4 points\n";

    @Test
    void theAthleteUnderStudyIsAboveTheLineAndTheMirrorOfThatBelow() {
        TideLayout above = layout(MOUNTED, Seat.A);
        TideLayout below = layout(MOUNTED, Seat.B);
        assertThat(java.util.Arrays.stream(above.ys()).min().orElseThrow()).isLessThan(above.middle());
        for (int i = 0; i < above.ys().length; i++) {
            assertThat(above.ys()[i] + below.ys()[i]).isCloseTo(2 * above.middle(), within(1e-9));
        }
        assertThat(above.awards()).containsExactly(new TideLayout.Score(100, "+4", true, true));
        assertThat(above.computed())
                .as("held for three seconds, and given far too late to be for that")
                .contains(new TideLayout.Score(26, "+4", true, true));
        assertThat(above.stops()).containsExactly(new double[] {60, 80});
    }

    @Test
    void aClickBetweenTwoMomentsPicksTheNearerOne() {
        TideLayout tide = layout(MOUNTED, Seat.A);
        assertThat(tide.nearest(68, 15)).contains("m2");
        assertThat(tide.nearest(73, 15)).contains("m3");
        assertThat(tide.nearest(150, 15)).isEmpty();
        assertThat(tide.microsAt(60)).isEqualTo(30_000_000);
        assertThat(tide.microsAt(-5)).isZero();
        assertThat(tide.xAt(tide.microsAt(123))).isCloseTo(123, within(0.001));
    }

    @Test
    void zoomedInEverythingKeepsItsInstant() {
        TideLayout whole = layout(MOUNTED, Seat.A);
        Bout bout = BoutFile.parse("far-glass bout 1\nA: Juno\nB: Pip\n" + MOUNTED, LEXICON)
                .bout()
                .orElseThrow();
        Tide tide = Tide.of(bout, Timeline.of(bout, LEXICON), LEXICON, Seat.A, Ladder.POINTS);
        TideLayout part =
                TideLayout.of(new TideMatter(bout, tide, Seat.A, Optional.empty(), 20_000_000, 45_000_000), 200, 100);
        assertThat(part.microsAt(part.xAt(31_000_000))).isEqualTo(31_000_000);
        assertThat(part.marks()).hasSameSizeAs(whole.marks());
        assertThat(part.marks().get(1).x()).isCloseTo(80, within(1e-9));
        assertThat(part.marks().get(3).x()).as("out of sight to the right").isGreaterThan(200);
    }

    @Test
    void whereRulesAndRefereeDisagreeBothAreMarked() {
        TideLayout tide = layout(
                "0:10 A reached; -> mount, A on top\n0:30 - stop edge\n0:40 - restart\n1:00 B award 2 points\n",
                Seat.A);
        assertThat(tide.computed()).filteredOn(TideLayout.Score::differs).hasSize(1);
        assertThat(tide.awards()).extracting(TideLayout.Score::differs).containsExactly(true);
    }

    @Test
    void anEmptyBoutIsAnEmptyLineAndNoDivisionByZero() {
        Bout bout = BoutFile.parse("far-glass bout 1\nA: Juno\nB: Pip\n", LEXICON)
                .bout()
                .orElseThrow();
        Tide tide = Tide.of(bout, Timeline.of(bout, LEXICON), LEXICON, Seat.A, Ladder.POINTS);
        TideLayout layout = TideLayout.of(TideMatter.whole(bout, tide, Seat.A, 0), 200, 100);
        SvgBrush brush = new SvgBrush(Palette.PAPER);
        TidePainter.paint(brush, layout);
        assertThat(brush.svg(200, 100)).contains("<line").doesNotContain("NaN");
    }

    @Test
    void theEstimateGlyphKeepsItsPartsInOrderAndInside() {
        EstimateLayout glyph = EstimateLayout.of(new double[] {0, 0.1, 0.2, 0.5, 1}, OptionalDouble.of(0.4), 120, 20);
        assertThat(new double[] {glyph.low95(), glyph.low80(), glyph.dot(), glyph.high80(), glyph.high95()})
                .containsExactly(10, 20, 30, 60, 110);
        assertThat(glyph.population()).hasValue(50);
    }

    @Test
    void wordsInASvgAreEscaped() {
        SvgBrush brush = new SvgBrush(Palette.PAPER);
        brush.text("<script>&", 1, 2, Ink.INK, 10, Brush.Align.LEFT);
        assertThat(brush.svg(10, 10)).contains("&lt;script&gt;&amp;").doesNotContain("<script");
    }
}
