package farglass.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.fact.Tie;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BoutFileTest {
    private static final String HEAD = "far-glass bout 1\nA: Juno\nB: Pip\n";

    private static BoutReading read(String text) {
        return BoutFile.parse(text, Bouts.LEXICON);
    }

    private static Diagnostic onlyError(String text) {
        BoutReading reading = read(text);
        assertThat(reading.bout()).isEmpty();
        List<Diagnostic> errors =
                reading.diagnostics().stream().filter(Diagnostic::error).toList();
        assertThat(errors).hasSize(1);
        return errors.get(0);
    }

    @Test
    void everyWordOfTheGrammarIsReadAndPrintedAsTheSameBout() {
        String text =
                """
                far-glass bout 1
                id: b-1
                # by hand
                A: Maren Tolliver
                A kit: white gi
                A stands: left
                A level: brown
                B: Runa "the wall" Castellan
                B kit: blue gi
                B stands: right
                kind: competition
                event: Lantern Cup: open class
                date: 2026-03-14
                round: final
                ruleset: points-with-advantages
                uniform: gi
                length: 6:00
                film: films/lantern cup.mp4 from 0:12.5
                film: second.mp4 from -0:03
                covered: story 0:00 to 6:00 declared
                covered: answers 0:00 to 2:00
                result: A by submission kimura 4-2
                whole: no
                weather: rain; wind

                # first exchange
                0:14.6 B guard-pull; -> open-guard, A on top, worked out; held
                0:20.000001 A knee-cut; side A left; nearly; line knee; unsure; private; note "legs; \\"hidden\\""; id cut
                0:21 B frame; shown; answers cut; motive bait
                0:30 - stop edge
                0:41 - restart
                1:00 A award 3 points
                1:00 A award advantage
                1:01 B award penalty
                1:30 A "something like a hook"; hidden
                1:31 A reached; -> standing
                1:40 - mark; note "look again"
                ? A kimura; side B right; stage tap
                # the end
                """;
        BoutReading reading = read(text);
        assertThat(reading.diagnostics()).isEmpty();
        Bout bout = reading.bout().orElseThrow();
        assertThat(bout.header().b().name()).isEqualTo("Runa \"the wall\" Castellan");
        assertThat(bout.header().films()).hasSize(2);
        assertThat(bout.header().films().get(1).startMicros()).isEqualTo(-3_000_000);
        assertThat(bout.header().others()).containsEntry("weather", "rain; wind");
        assertThat(bout.moments()).hasSize(12);
        assertThat(bout.moments().get(1).telling().note()).contains("legs; \"hidden\"");
        assertThat(bout.moments().get(1).atMicros()).hasValue(20_000_001);
        assertThat(bout.comments()).hasSize(3);
        String printed = BoutFile.print(bout);
        assertThat(read(printed).bout()).contains(bout);
        assertThat(BoutFile.print(read(printed).bout().orElseThrow())).isEqualTo(printed);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "0:10 A knee-cut; line elbow | 4 | a line",
                "0:10 C knee-cut | 4 | who did it",
                "ten A knee-cut | 4 | time",
                "0:10 A award 12 points | 4 | what was given",
                "0:10 A knee-cut; line knee held | 4 | semicolon",
                "-0:10 A knee-cut | 4 | before the bout",
                "0:10 A reached | 4 | needs a position",
                "0:10 A knee-cut; answers m9 | 4 | no moment has that id",
                "0:10 - knee-cut; side left | 4 | whose side",
                "0:10 - award A advantage | 4 | whoever gets it stands in front",
                "0:10 - restart as they were | 4 | one of neutral, same, disputed",
                "0:10 A ''''; held | 4 | words between its quotes",
            })
    void brokenGrammarIsRefusedWithLineAndWhatWasExpected(String line, int number, String expected) {
        Diagnostic error = onlyError(HEAD + line.strip().replace("''''", "\"\"") + "\n");
        assertThat(error.line()).isEqualTo(number);
        assertThat(error.message()).contains(expected);
    }

    @Test
    void theColumnPointsAtTheWord() {
        Diagnostic error = onlyError(HEAD + "0:10 A knee-cut; line elbow\n");
        assertThat(error.column()).isEqualTo("0:10 A knee-cut; line e".length());
        assertThat(error.in("x.bout")).startsWith("x.bout:4:23:");
    }

    @Test
    void severalErrorsAreAllNamed() {
        BoutReading reading = read(HEAD + "0:10 C knee-cut\n0:20 A knee-cut\n0:15 A award much\n");
        assertThat(reading.diagnostics()).extracting(Diagnostic::line).containsExactly(4, 6);
    }

    @Test
    void timesOutOfOrderAreRefusedWithBothTimes() {
        Diagnostic error = onlyError(HEAD + "0:20 A mark\n0:10 B mark\n");
        assertThat(error.line()).isEqualTo(5);
        assertThat(error.message()).contains("0:10").contains("0:20").contains("line 4");
    }

    @Test
    void anUnknownWordIsKeptWithAWarningAndTheNearestWord() {
        BoutReading reading = read(HEAD + "0:10 A kimurra of sorts; held\n");
        assertThat(reading.bout().orElseThrow().moments().get(0).deed())
                .isEqualTo(new Deed.Unnamed("kimurra of sorts"));
        assertThat(reading.diagnostics()).hasSize(1);
        assertThat(reading.diagnostics().get(0).error()).isFalse();
        assertThat(reading.diagnostics().get(0).message()).contains("\"kimurra of sorts\"", "kept as words");
    }

    @Test
    void aSlipIsMendedAndSaid() {
        BoutReading mended = read(HEAD + "0:10 A kimurra; held\n");
        assertThat(mended.bout().orElseThrow().moments().get(0).deed()).isEqualTo(new Deed.Did("kimura"));
        assertThat(mended.diagnostics().get(0).message()).contains("\"kimurra\" was read as \"kimura\"");
    }

    @Test
    void aPlaceAWordOfAKindAnAwardAndTheMomentBeforeNeedNoMoreThanTheirNames() {
        Bout bout = read(HEAD
                        + "0:10 A mount; held\n0:20 B half guard\n0:30 A \"throw-by\" pass\n0:40 B frame; answers last\n"
                        + "0:50 A knee cut; continues last\n1:00 B penalty\n1:10 A kimura; out-of last, why \"the arm was there\"\n")
                .bout()
                .orElseThrow();
        assertThat(bout.moments().get(0).settled()).contains(new Settled("mount", Optional.of(Seat.A), false));
        assertThat(bout.moments().get(1).settled()).contains(new Settled("half-guard", Optional.of(Seat.A), false));
        assertThat(bout.moments().get(2).deed()).isEqualTo(new Deed.Unnamed("throw-by", Optional.of("pass")));
        assertThat(bout.moments().get(3).telling().tied(Tie.ANSWERS)).containsExactly("m3");
        assertThat(bout.moments().get(4).telling().tied(Tie.CONTINUES)).containsExactly("m3");
        assertThat(bout.moments().get(5).deed()).isEqualTo(new Deed.Awarded(Award.penalty()));
        assertThat(bout.moments().get(6).telling().tied(Tie.OUT_OF)).containsExactly("m5");
        assertThat(BoutFile.parse(BoutFile.print(bout), Bouts.LEXICON).bout()).contains(bout);
    }

    @Test
    void aMisspeltKeyGetsItsNearestAndAMisspeltFieldNoListOfSixtyWords() {
        assertThat(read(HEAD + "coverd: story 0:00 to 1:00\nrulset: delayed-points\n")
                        .diagnostics())
                .extracting(Diagnostic::message)
                .anySatisfy(said -> assertThat(said).contains("\"coverd\"", "\"covered\""))
                .anySatisfy(said -> assertThat(said).contains("\"rulset\"", "\"ruleset\""));
        assertThat(onlyError(HEAD + "0:10 A knee-cut; motiv chosen\n").message())
                .contains("did you mean \"motive\"")
                .hasSizeLessThan(200);
    }

    @Test
    void anAliasInAnySpellingIsTheTechnique() {
        Bout bout = read(HEAD + "0:10 A JUJI gatame\n0:20 A Knee Cut\n").bout().orElseThrow();
        assertThat(bout.moments().get(1).technique()).contains("knee-cut");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "hello",
                "far-glass bout 2\nA: x\nB: y\n",
                "far-glass bout 1\nA: x\n",
                "far-glass bout 1\nA: x\nA: y\nB: z\n",
                "far-glass bout 1\nA: x\nB: y\ndate: 2026-02-30\n",
                "far-glass bout 1\nA: x\nB: y\ncovered: story 2:00 to 1:00\n",
                "far-glass bout 1\nA: x\nB: y\n0:10 A mark; id q\n0:11 A mark; id q\n"
            })
    void everyBrokenFileSaysSomethingAndGivesNoBout(String text) {
        BoutReading reading = read(text);
        assertThat(reading.bout()).isEmpty();
        assertThat(reading.diagnostics()).isNotEmpty().allSatisfy(found -> {
            assertThat(found.line()).isPositive();
            assertThat(found.message()).isNotBlank();
        });
    }

    @Test
    void aFileWithoutAnIdIsTheSameBoutEachTimeItIsRead() {
        String text = HEAD + "0:10 A mark\n";
        assertThat(read(text).bout().orElseThrow().id())
                .isEqualTo(read(text).bout().orElseThrow().id());
        assertThat(read(text).bout().orElseThrow().id())
                .isNotEqualTo(read(text + "0:11 A mark\n").bout().orElseThrow().id());
    }

    @Test
    void windowsLineEndsAndAByteOrderMarkChangeNothing() {
        String text = HEAD + "0:10 B mark\n";
        Bout bout = read("\uFEFF" + text.replace("\n", "\r\n")).bout().orElseThrow();
        assertThat(bout.moments().get(0).actor()).contains(Seat.B);
    }

    @Test
    void aMillionLinesOfNoiseStopAtAHundredErrors() {
        BoutReading reading = read(HEAD + "nonsense here\n".repeat(1_000_000));
        assertThat(reading.diagnostics()).hasSize(100);
    }

    @Test
    void whatPeopleWriteByHandIsUnderstood() {
        BoutReading reading = read(
                HEAD
                        + "0:05 B closed guard; held\n0:10 A opens the guard; held\n0:20 A kimura; side left; stage threat\n0:30 A knee cut; side right\n0:40 B single leg; stage in hand\n");
        assertThat(reading.diagnostics()).isEmpty();
        Bout bout = reading.bout().orElseThrow();
        assertThat(bout.moments().get(1).technique()).contains("guard-opening");
        assertThat(bout.moments().get(2).telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
        assertThat(bout.moments().get(3).telling().side()).contains(new OwnedSide(Seat.A, Side.RIGHT));
        assertThat(bout.moments().get(4).telling().stage()).contains(Stage.IN_HAND);
    }

    @Test
    void remarksStayWhereverTheHeaderLinesGo() {
        BoutReading reading = read(
                "far-glass bout 1\n# first\nzoo: 1\n# on the kind\nkind: sparring\n# on what is usual\nwhole: yes\nA: x\nB: y\n0:10 A mark\n# end\n");
        Bout bout = reading.bout().orElseThrow();
        assertThat(read(BoutFile.print(bout)).bout()).contains(bout);
        assertThat(bout.comments()).hasSize(4);
        assertThat(BoutFile.print(bout)).contains("# on what is usual\n0:10");
    }

    @Test
    void moreThanAnyBoutNeedsIsRefusedAtOnce() {
        BoutReading moments = read(HEAD + "0:10 A mark\n".repeat(BoutReader.MOST_MOMENTS + 500));
        assertThat(moments.diagnostics()).singleElement().satisfies(error -> assertThat(error.message())
                .contains("50000 moments"));
        BoutReading segments = read("far-glass bout 1\nA: x\nB: y\n" + "segment: talk 0:10 to 0:20\n".repeat(1200));
        assertThat(segments.bout()).isEmpty();
        assertThat(segments.diagnostics()).hasSize(BoutReader.MOST_ERRORS);
        assertThat(segments.diagnostics().get(0).message()).contains("1000 lines \"segment\"");
    }

    @Test
    void aFilmMayBeginInTheMiddleOfTheBout() {
        String text = "far-glass bout 1\nA: Juno\nB: Pip\nfilm: hall.mp4 from -1:05.5\n";
        Bout bout = BoutFile.parse(text, farglass.core.lexicon.Lexicon.shipped())
                .bout()
                .orElseThrow();
        assertThat(bout.header().films().get(0).startMicros()).isEqualTo(-65_500_000);
        assertThat(BoutFile.print(bout)).contains("film: hall.mp4 from -1:05.5");
    }

    @Test
    void whatIsGivenIsReadInTheShortWordsOfTheTypedLine() {
        Bout bout = BoutFile.parse("far-glass bout 1\nA: Ann\nB: Bea\n\n0:10 A +3\n0:11 B adv\n", Lexicon.shipped())
                .bout()
                .orElseThrow();
        assertThat(bout.moments())
                .extracting(Moment::deed)
                .containsExactly(new Deed.Awarded(Award.points(3)), new Deed.Awarded(Award.advantage()));
    }
}
