package farglass.core.notation;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Background;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import java.time.LocalDate;
import java.util.List;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;

/** Several bouts in one text, and what their headers can tell. */
class BoutFilesTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    @Test
    void boutsShareTheLinesInFrontAndOverruleThem() {
        List<BoutReading> read = BoutFiles.parse(
                """
                far-glass bouts 1
                event: Lantern Cup
                date: 2026-03-14
                uniform: no-gi

                far-glass bout 1
                A: Ann Ames
                B: Bea Birk
                length: 6:00

                0:10 B pulls guard; held
                1:00 - stop edge
                1:30 - restart same
                0:30 left A kimura; stage threat

                far-glass bout 1
                A: Ann Ames
                B: Cleo Crane
                uniform: gi

                0:10 A knee cutt; hled
                """,
                LEXICON);
        assertThat(read).hasSize(2);
        assertThat(read.get(0).diagnostics()).isEmpty();
        Bout first = read.get(0).bout().orElseThrow();
        assertThat(first.header().event()).contains("Lantern Cup");
        assertThat(first.header().date()).contains(LocalDate.of(2026, 3, 14));
        // Half a minute is left of six at 5:30 of the clock, which stood for half a minute.
        assertThat(first.moments().get(3).atMicros()).hasValue(360_000_000);
        assertThat(read.get(1).bout()).isEmpty();
        assertThat(read.get(1).diagnostics()).anySatisfy(wrong -> {
            assertThat(wrong.line()).isEqualTo(21);
            assertThat(wrong.message()).contains("hled");
        });
    }

    @Test
    void timeLeftNeedsALength() {
        BoutReading read = BoutFile.parse("far-glass bout 1\nA: Ann\nB: Bea\n\n0:30 left A kimura\n", LEXICON);
        assertThat(read.bout()).isEmpty();
        assertThat(read.diagnostics()).singleElement().satisfies(wrong -> assertThat(wrong.message())
                .contains("length: 6:00"));
    }

    @Test
    void plansClaimsAndRoughDaysComeBackAsTheyWere() {
        String text =
                """
                far-glass bout 1
                id: x
                A: Ann Ames
                A team: Harbour
                A rank: third of the league
                A build: "tall, long legs"
                B: Bea Birk
                kind: competition
                date: about 2008
                division: "brown, light"
                ruleset: points-with-advantages
                uniform: gi
                A plan 1: collar first
                A plan 2 if 1 is refused: pull to half guard
                B expects: a guard pull
                claim: "always passes left" of A by "Imke" on 2026-03-01 figure "pass side"
                differs: no lapel this time

                0:10 B pulls guard; held
                """;
        Bout bout = BoutFile.parse(text, LEXICON).bout().orElseThrow();
        Background told = bout.header().background();
        assertThat(told.day().orElseThrow()).isEqualTo(new Background.RoughDay(2008, OptionalInt.empty(), true));
        assertThat(told.plan()).extracting(Background.Planned::words).hasSize(3).contains("pull to half guard");
        assertThat(told.plan().get(1).refused()).hasValue(1);
        assertThat(told.plan().get(2).whose()).isEqualTo(Seat.B);
        assertThat(told.claims().get(0).figure()).contains("pass side");
        assertThat(BoutFile.parse(BoutFile.print(bout), LEXICON).bout()).contains(bout);
        assertThat(BoutFile.print(bout)).startsWith(text.substring(0, text.indexOf("\n\n")));
    }

    @Test
    void aFieldOfEachNewFactComesBackAsItWas() {
        String line =
                "0:20 A collar-grip; grip A right hand on B left collar, tight, deep, thumb-in, until 1:20; part A left foot on B right hip;"
                        + " part A right hand off mat; body B tipped forward; opens B neck; closes \"the turn\"; for \"posture\"; cue m1;"
                        + " because m1, \"too near\"; instead-of \"the sleeve\"; theirs baited; if B \"stands\" then \"tripod\"; until 1:20;"
                        + " times several; back-to upper-body; disputed by B \"too late\", gained A; illegal \"reaping\", unsure;"
                        + " condition stopped \"knees together\" by B; plan \"collar first\", came; breaks \"elbows in\" in \"half guard\";"
                        + " mistake \"elbow out\", omitted, punished no; safety \"fast lock\"";
        Bout bout = BoutFile.parse(
                        "far-glass bout 1\nA: Ann\nB: Bea\n\n0:10 B pulls guard; held\n" + line + "\n", LEXICON)
                .bout()
                .orElseThrow();
        Moment told = bout.moments().get(1);
        assertThat(told.telling().facts()).hasSize(22);
        assertThat(BoutFile.line(told)).startsWith(line);
        assertThat(told.telling().mirrored().mirrored()).isEqualTo(told.telling());
    }

    @Test
    void leadAndRearAreTheSidesOfThatInstant() {
        Bout bout = BoutFile.parse(
                        """
                        far-glass bout 1
                        A: Ann
                        B: Bea
                        B stance: southpaw

                        0:10 B jab; strike B lead hand "punch" "head" clean
                        0:20 B switches stance; body B leads left; body B foot outside
                        0:30 B jab; strike B rear hand "punch" "head" missed
                        """,
                        LEXICON)
                .bout()
                .orElseThrow();
        assertThat(BoutFile.line(bout.moments().get(0))).contains("strike B right hand");
        assertThat(BoutFile.line(bout.moments().get(2))).contains("strike B right hand");
        BoutReading untold = BoutFile.parse(
                "far-glass bout 1\nA: Ann\nB: Bea\n\n0:10 A jab; strike A lead hand \"punch\" \"head\" clean\n",
                LEXICON);
        assertThat(untold.diagnostics())
                .anySatisfy(wrong -> assertThat(wrong.message()).contains("which side of A leads is not told"));
    }
}
