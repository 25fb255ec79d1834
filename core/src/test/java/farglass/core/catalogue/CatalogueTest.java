package farglass.core.catalogue;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.corpus.Corpus;
import farglass.core.estimate.Share;
import farglass.core.notation.BoutFile;
import farglass.core.prose.Answer;
import farglass.core.prose.FigureRow;
import farglass.core.prose.Page;
import farglass.core.question.Ask;
import farglass.core.question.Dossier;
import farglass.core.question.Figure;
import farglass.core.question.Question;
import farglass.core.scope.Scope;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class CatalogueTest {
    private static Page page(String athlete, List<Bout> bouts) {
        return Page.of(Catalogue.dossier(athlete, Corpus.of(bouts, LEXICON), Scope.ALL), LEXICON);
    }

    private static Answer answer(String question, Bout... bouts) {
        return page("Juno", List.of(bouts)).answer(question);
    }

    private static FigureRow row(Answer answer, String label) {
        return answer.rows().stream()
                .filter(row -> row.label().equals(label) || label.equals(row.heading() + ": " + row.label()))
                .findFirst()
                .orElseThrow(() -> new AssertionError(label + " among "
                        + answer.rows().stream().map(FigureRow::label).toList()));
    }

    private static Share share(Answer answer, String label) {
        return share(row(answer, label));
    }

    private static Share share(FigureRow row) {
        return ((Figure.Proportion) row.figure()).share();
    }

    @Test
    void visitsTriesAndSuccessesAreThreeNumbers() {
        Bout bout = Bouts.of(
                "0:10 B guard-pull; held",
                "0:20 A knee-cut; side A left; line knee",
                "0:30 A knee-cut; side A left; nearly; line hip",
                "0:40 A toreando; side A right; held",
                "0:50 B hip-escape; held",
                "1:00 A knee-cut; side A left; line knee; motive feint");
        Answer passing = answer("pass", bout);
        FigureRow passes = row(passing, "Passes");
        assertThat(share(passes).chances()).isEqualTo(3);
        assertThat(share(passes).successes()).isEqualTo(1);
        assertThat(passes.evidence())
                .extracting(sight -> sight.moment().orElseThrow())
                .containsExactly("m4");
        assertThat(share(passing, "To their own left").successes()).isEqualTo(2);
        assertThat(share(passing, "Deepest line: Hip").successes()).isEqualTo(1);
        assertThat(share(passing, "From: Open guard").chances()).isEqualTo(3);
        assertThat(passing.sentence()).contains("tried to pass 3 times and passed in 1 of 3");
    }

    @Test
    void whatWasNotWatchedIsNotCountedAndNotCalledNever() {
        Bout unwatched = Bouts.parsed("", "0:10 B guard-pull; held", "0:20 A knee-cut; held");
        Bout half = Bouts.parsed("covered: story 0:00 to 0:15\n", "0:10 B guard-pull; held", "0:20 A knee-cut; held");
        Bout highlights = Bouts.parsed(
                "whole: no\ncovered: story 0:00 to 1:00\n", "0:10 B guard-pull; held", "0:20 A knee-cut; held");
        for (Bout bout : new Bout[] {unwatched, half, highlights}) {
            assertThat(answer("pass", bout).rows()).isEmpty();
            assertThat(answer("pass", bout).sentence())
                    .contains("Too little film")
                    .contains("not the same as never");
        }
    }

    @Test
    void aPlaceNotToldIsCreditedToNone() {
        Answer passing = answer(
                "pass",
                Bouts.of(
                        "0:10 A single leg; held",
                        "0:20 A knee cut; failed",
                        "0:30 B half guard",
                        "0:40 A knee cut; failed"));
        assertThat(share(passing, "Passes").chances()).isEqualTo(2);
        assertThat(share(passing, "From: Half guard").chances()).isEqualTo(1);
        assertThat(passing.rows()).noneMatch(row -> row.label().contains("not told"));
    }

    @Test
    void aPassTellsOfNoPlaceThatThePasserHas() {
        Answer guards = answer(
                "guard",
                Bouts.of(
                        "0:10 A headquarters; held",
                        "0:30 A knee cut; held",
                        "1:00 B closed guard",
                        "1:30 B sweep; held"));
        assertThat(guards.rows()).noneMatch(row -> row.label().contains("eadquarters"));
    }

    @Test
    void clipsAreToldApartAndStandInNoRate() {
        Bout one = Bouts.parsed("id: c1\nmaterial: clips\ncovered: story 0:00 to 1:00\n", "0:10 A armbar; stage tap");
        Bout two = Bouts.parsed("id: c2\nmaterial: clips\ncovered: story 0:00 to 1:00\n", "0:10 A kimura; stage tap");
        Bout unwatched = Bouts.parsed("id: u\n", "0:10 A armbar; stage tap", "0:50 A kimura; stage threat");
        Bout shown = Bouts.parsed("id: d\nmaterial: demonstration\n", "0:10 A armbar; stage tap");
        Page dossier = page("Juno", List.of(one, two, unwatched, shown));
        assertThat(dossier.answer("finish").rows()).isEmpty();
        assertThat(dossier.asides())
                .containsExactly(
                        "2 tries are told in 1 bout that is not marked as watched, and counted in nothing: say on the Shelf, or in Tag, which stretch was watched.",
                        "Shown in clips, which somebody chose and no rate counts: armbar in 1 of 2 clips, kimura in 1 of 2 clips.");
    }

    @Test
    void theFirstCommitmentFromStandingIsTheStart() {
        Bout pulls = Bouts.of("0:05 A collar-grip", "0:10 A guard-pull; held", "0:20 B single-leg");
        Bout waits =
                Bouts.parsed("id: w\ncovered: story 0:00 to 5:00\n", "0:10 B single-leg; nearly", "0:20 A guard-pull");
        Bout late = Bouts.parsed("id: l\ncovered: story 1:00 to 5:00\n", "1:10 A guard-pull");
        Answer start = answer("start", pulls, waits, late);
        assertThat(share(start, "Pulls guard first").successes()).isEqualTo(1);
        assertThat(share(start, "Lets the other begin").chances()).isEqualTo(2);
    }

    @Test
    void guardsAreCountedByVisitAndTimedWithoutStoppages() {
        // Eight bouts, since below five bouts or eight endings no length is told.
        List<Bout> bouts = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            Bout bout = Bouts.of(
                    "0:10 A closed-guard-pull; held",
                    "0:30 - stop edge",
                    "0:50 - restart; -> closed-guard, B on top",
                    "1:00 A hip-bump-sweep; held");
            bouts.add(new Bout("b" + i, bout.header(), bout.moments(), List.of()));
        }
        FigureRow closed = row(answer("guard", bouts.toArray(Bout[]::new)), "Closed guard");
        assertThat(share(closed).chances()).isEqualTo(8);
        assertThat(closed.note()).contains("30 s");
        assertThat(closed.evidence().get(0).moment()).contains("m1");
    }

    @Test
    void guardsToldWithoutATimeAreCountedAndNotTimed() {
        Bout bout = Bouts.of(
                "0:00 - mark",
                "? A closed-guard-pull; held",
                "? A scissor-sweep; held; -> half-guard, A on top",
                "? A hip-escape; -> half-guard, B on top",
                "5:00 - mark");
        Answer guards = answer("guard", bout);
        assertThat(share(guards, "Closed guard").successes()).isEqualTo(1);
        assertThat(share(guards, "Half guard").chances()).isEqualTo(2);
        assertThat(row(guards, "Closed guard").note()).isEmpty();
    }

    @Test
    void aFinishHasItsTriesAndItsTaps() {
        Bout bout = Bouts.of(
                "0:10 A reached; -> mount, A on top",
                "0:20 A cross-collar-choke; stage threat",
                "0:30 A cross-collar-choke; stage deep",
                "0:40 A armbar; stage escaped",
                "0:50 A cross-collar-choke; stage tap");
        Answer finishes = answer("finish", bout);
        assertThat(share(finishes, "Tries that end in a tap").successes()).isEqualTo(1);
        assertThat(share(finishes, "Tries that end in a tap").chances()).isEqualTo(4);
        assertThat(share(finishes.rows().get(1)).successes()).isEqualTo(3);
        assertThat(finishes.rows().get(1).note()).contains("tap in 1 of 3");
    }

    @Test
    void oneOfOneIsNoCertaintyAndSaysSo() {
        Answer finishes = answer("finish", Bouts.of("0:10 A kimura; stage tap"));
        assertThat(finishes.sentence()).contains("1 of 1, too few to say more");
        Share kimura = share(finishes, "Kimura");
        assertThat(kimura.low80()).isLessThan(0.4);
        assertThat(kimura.high80()).isLessThan(0.96);
    }

    @Test
    void aForcedPullIsNoChoiceAndABaitedHoldNoTry() {
        Bout bout = Bouts.of(
                "0:10 A guard-pull; motive forced",
                "0:20 B double-leg; nearly",
                "0:30 A kimura; motive bait",
                "0:40 A armbar; stage threat");
        assertThat(share(answer("start", bout), "Lets the other begin").successes())
                .isEqualTo(1);
        assertThat(share(answer("finish", bout), "Tries that end in a tap").chances())
                .isEqualTo(1);
    }

    @Test
    void sweepsTakedownsBackTakesAndEscapesAreToldByNameSideAndPlace() {
        Bout bout = Bouts.of(
                "0:05 A double-leg; nearly",
                "0:10 A guard-pull; held",
                "0:20 A scissor-sweep; side A left; nearly",
                "0:30 A scissor-sweep; side A left; held; -> mount, A on top",
                "0:40 B hip-escape; held",
                "0:50 A sweep; nearly");
        Answer sweeps = answer("sweep", bout);
        assertThat(share(sweeps, "Sweeps tried and done").successes()).isEqualTo(1);
        assertThat(share(sweeps, "Sweeps tried and done").chances()).isEqualTo(3);
        assertThat(share(sweeps, "Scissor sweep").chances()).isEqualTo(2);
        assertThat(share(sweeps, "To their own left").successes()).isEqualTo(2);
        assertThat(sweeps.sentence()).contains("tried 3 sweeps");
        assertThat(answer("takedown", bout).sentence()).contains("tried 1 takedown and it worked in 0 of 1");
        Answer conceded = page("Pip", List.of(bout)).answer("conceded");
        assertThat(share(conceded, "Against a sweep").successes()).isEqualTo(1);
        assertThat(row(conceded, "Against a sweep").evidence())
                .extracting(sight -> sight.moment().orElseThrow())
                .containsExactly("m4");
    }

    @Test
    void figuresAreTheSameForBothSeats() {
        Bout asA = Bouts.of("0:10 B guard-pull; held", "0:20 A knee-cut; side A left; held");
        Bout asB = farglass.core.notation.BoutFile.parse(
                        "far-glass bout 1\nA: Pip\nB: Juno\ncovered: story 0:00 to 10:00\n"
                                + "0:10 A guard-pull; held\n0:20 B knee-cut; side B left; held\n",
                        LEXICON)
                .bout()
                .orElseThrow();
        assertThat(share(answer("pass", asA), "To their own left"))
                .isEqualTo(share(answer("pass", asB), "To their own left"));
    }

    @Test
    void withEightOthersTheComparisonStandsBesideTheFigure() {
        List<Bout> bouts = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            bouts.add(farglass.core.notation.BoutFile.parse(
                            "far-glass bout 1\nid: o%d\nA: Other%d\nB: Foe%d\ncovered: story 0:00 to 9:00\n0:10 B guard-pull; held\n"
                                            .formatted(i, i, i)
                                    + "0:20 A knee-cut; side A right; line knee\n".repeat(1)
                                    + "0:30 A toreando; side A right; line knee\n",
                            LEXICON)
                    .bout()
                    .orElseThrow());
        }
        for (int i = 0; i < 6; i++) {
            bouts.add(Bouts.parsed(
                    "id: j%d\ncovered: story 0:00 to 9:00\n".formatted(i),
                    "0:10 B guard-pull; held",
                    "0:20 A knee-cut; side A left; line knee",
                    "0:30 A knee-cut; side A left; line knee"));
        }
        Answer passing = page("Juno", bouts).answer("pass");
        FigureRow left = row(passing, "To their own left");
        assertThat(share(left).population().orElseThrow()).isCloseTo(0, within(0.05));
        assertThat(left.note()).contains("preference for their own left").contains("more often than each of the other");
    }

    /** A moment that somebody struck from a figure counts in all others. */
    @Test
    void whatIsStruckFromAFigureStillCountsElsewhere() {
        String moments = "0:10 B guard-pull; held\n0:20 A toreando; side A left; line knee; %s\n"
                + "0:40 A toreando; side A left; held; -> side-control, A on top\n";
        Question passes = Catalogue.ALL.stream()
                .filter(question -> question.id().equals("pass"))
                .findFirst()
                .orElseThrow();
        Ask done = passes.asks().get(0);
        String figure = done.measure().tallies("worked").get(0);
        Bout whole = bout(moments.formatted("threatened"));
        Bout struck = bout(moments.formatted("threatened; struck \"%s\" because \"a feint\"".formatted(figure)));
        for (Bout told : List.of(whole, struck)) {
            Dossier dossier = Catalogue.dossier("Runa Castellan", Corpus.of(List.of(told), LEXICON), Scope.ALL);
            List<Figure> figures = dossier.answers().stream()
                    .flatMap(answered -> answered.figures().stream())
                    .toList();
            assertThat(share(figures, done.id()).chances()).isEqualTo(told == whole ? 2 : 1);
            assertThat(share(figures, "pass depth").chances()).isEqualTo(2);
        }
    }

    private static Share share(List<Figure> figures, String ask) {
        return figures.stream()
                .filter(figure -> figure.subject().id().equals(ask))
                .filter(Figure.Proportion.class::isInstance)
                .map(figure -> ((Figure.Proportion) figure).share())
                .findFirst()
                .orElseThrow();
    }

    private static Bout bout(String moments) {
        return BoutFile.parse(
                        "far-glass bout 1\nid: struck\nA: Runa Castellan\nB: Ann Birch\ncovered: story 0:00 to 5:00\n"
                                + moments,
                        LEXICON)
                .bout()
                .orElseThrow();
    }
}
