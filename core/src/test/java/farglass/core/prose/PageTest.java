package farglass.core.prose;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.catalogue.Catalogue;
import farglass.core.estimate.Share;
import farglass.core.estimate.time.Durations;
import farglass.core.estimate.time.Rate;
import farglass.core.estimate.time.Stay;
import farglass.core.estimate.time.TimeShare;
import farglass.core.measure.Listed;
import farglass.core.measure.Longest;
import farglass.core.measure.TimeIn;
import farglass.core.question.Answered;
import farglass.core.question.Ask;
import farglass.core.question.Claim;
import farglass.core.question.Claims;
import farglass.core.question.Dossier;
import farglass.core.question.Figure;
import farglass.core.question.Question;
import farglass.core.question.Subject;
import farglass.core.question.UncountedBouts;
import farglass.core.side.Side;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Sentences from figures that were never counted: each case as a coach would want to read it. */
class PageTest {
    private static final UncountedBouts NOTHING = new UncountedBouts(0, 0, 0, 0, Map.of());

    private static Question question(String id) {
        return Catalogue.ALL.stream()
                .filter(question -> question.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Ask ask(String question, String id) {
        return question(question).asks().stream()
                .flatMap(ask -> Stream.concat(Stream.of(ask), ask.notes().stream()))
                .filter(ask -> ask.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Share share(int successes, int chances, double effective) {
        double point = (successes + 0.5) / (chances + 1);
        return new Share(
                point / 3,
                point / 2,
                point,
                point + (1 - point) / 4,
                point + (1 - point) / 3,
                successes,
                chances,
                3,
                effective,
                OptionalDouble.empty(),
                0);
    }

    private static Figure figure(String question, String ask, String option, Share share, Claim... claims) {
        return new Figure.Proportion(ask(question, ask).subject(), option, share, List.of(claims), List.of());
    }

    private static Answer answer(String question, Figure... figures) {
        Dossier dossier = new Dossier(
                "Juno Marsh",
                3,
                3,
                List.of(new Answered(question(question), List.of(figures))),
                NOTHING,
                List.of(),
                Map.of());
        return Page.of(dossier, LEXICON).answers().get(0);
    }

    @Test
    void oneIsNotSaidAsMany() {
        assertThat(answer("sweep", figure("sweep", "sweep done", "worked", share(1, 1, 1)))
                        .sentence())
                .isEqualTo("Juno tried 1 sweep and it worked in 1 of 1, too few to say more.");
        assertThat(answer("sweep", figure("sweep", "sweep done", "worked", share(5, 20, 18)))
                        .sentence())
                .isEqualTo("Juno tried 20 sweeps and they worked in 5 of 20 (likely 13 to 45 %).");
        assertThat(answer("guard", figure("guard", "guard", "closed-guard", share(1, 1, 1)))
                        .sentence())
                .isEqualTo(
                        "Juno was underneath in a guard once; most often in closed guard, 1 of 1, too few to say more.");
    }

    @Test
    void sidesAreTheAthletesOwnAndOnlyWhatMayBeClaimedIsASentence() {
        Figure unsure =
                figure("sweep", "sweep side", "left", share(6, 10, 9), new Claim.Prefers(java.util.Optional.empty()));
        Answer even = answer("sweep", unsure);
        assertThat(even.sentence()).isEqualTo("To their own left in 6 of 10 (likely 30 to 69 %).");
        assertThat(even.rows().get(0).note()).isEqualTo("no side preferred for certain");
        Figure sure = figure(
                "sweep", "sweep side", "left", share(19, 20, 18), new Claim.Prefers(java.util.Optional.of(Side.LEFT)));
        assertThat(answer("sweep", sure).sentence()).endsWith("(likely 46 to 95 %), a preference for their own left.");
    }

    @Test
    void claimsSayAgainstWhomAndSinceWhen() {
        Figure figure = figure(
                "sweep",
                "sweep done",
                "worked",
                share(15, 20, 18),
                new Claim.ThanOthers(Claims.Direction.MORE, true, 0.121, 26),
                new Claim.ThanBefore(
                        Claims.Direction.LESS, LocalDate.of(2025, 3, 2), new Claim.Half(9, 10), new Claim.Half(6, 10)));
        assertThat(answer("sweep", figure).rows().get(0).note())
                .isEqualTo("more often than each of the other 26 athletes (12 % in the mean); "
                        + "less often than before: 9 of 10 before 2025-03-02, 6 of 10 since");
        Figure most = figure(
                "sweep",
                "sweep done",
                "worked",
                share(1, 20, 18),
                new Claim.ThanOthers(Claims.Direction.LESS, false, 0.4, 8));
        assertThat(answer("sweep", most).sentence()).endsWith(", less often than most (40 % in the mean of 8 others).");
        Figure rare = figure(
                "sweep",
                "sweep done",
                "worked",
                share(15, 20, 18),
                new Claim.ThanOthers(Claims.Direction.MORE, false, 0.003, 8));
        assertThat(answer("sweep", rare).sentence()).endsWith("(under 1 % in the mean of 8 others).");
    }

    @Test
    void whatWasNeverSeenHasABoundAndTooLittleFilmNothing() {
        assertThat(answer("finish", figure("finish", "finish done", "worked", share(0, 41, 41)))
                        .sentence())
                .isEqualTo("Juno tried 41 submissions and got the tap in 0 of 41, under 8 %.");
        assertThat(answer("finish", figure("finish", "finish done", "worked", share(0, 3, 2.5)))
                        .sentence())
                .endsWith("got the tap in 0 of 3, too few to say more.");
        assertThat(answer("finish").sentence())
                .isEqualTo(
                        "Too little film: Juno has not been seen trying a submission. That is not the same as never.");
    }

    @Test
    void aCountOutsideOfWhatIsLikelySaysWhy() {
        Share apart = new Share(0.1, 0.2, 0.25, 0.3, 0.4, 14, 16, 3, 5, OptionalDouble.empty(), 0);
        Answer answer = answer("finish", figure("finish", "finish which", "armbar", apart));
        assertThat(answer.sentence()).isEqualTo("Most often armbar, 14 of 16, which weigh like 5 (likely 20 to 30 %).");
        assertThat(answer.rows().get(0).caution()).isEqualTo("these 16 weigh like 5");
        assertThat(answer.rows().get(0).why())
                .startsWith("The count lies outside of what is likely, since these 16 weigh like 5: ");
    }

    @Test
    void whatBelongsToARowIsToldBesideIt() {
        Subject variants = ask("finish", "finish variants").subject();
        Answer answer = answer(
                "finish",
                figure("finish", "finish which", "guillotine", share(3, 9, 8)),
                figure("finish", "finish which", "armbar", share(6, 9, 8)),
                figure("finish", "finish ends", "guillotine", share(1, 3, 2)),
                new Figure.Listing(variants, "high-elbow-guillotine", "guillotine", List.of()));
        assertThat(answer.rows()).extracting(FigureRow::label).containsExactly("Guillotine", "Armbar");
        assertThat(answer.rows().get(0).note()).isEqualTo("tap in 1 of 3; of these high-elbow guillotine 0");
        assertThat(answer.rows().get(1).note()).isEmpty();
    }

    @Test
    void lengthsArePartOfTheSentenceForTheFirstGuardOnly() {
        Subject lasting = ask("guard", "guard lasting").subject();
        Durations long1 = new Durations(
                OptionalDouble.of(31), OptionalDouble.of(9.25), OptionalDouble.of(Double.POSITIVE_INFINITY), 9, 8);
        Durations few = new Durations(OptionalDouble.empty(), OptionalDouble.empty(), OptionalDouble.empty(), 2, 1);
        Answer answer = answer(
                "guard",
                figure("guard", "guard", "closed-guard", share(9, 11, 10)),
                figure("guard", "guard", "half-guard", share(2, 11, 10)),
                new Figure.Length(lasting, "half-guard", few, List.of()),
                new Figure.Length(lasting, "closed-guard", long1, List.of()));
        assertThat(answer.sentence())
                .endsWith("; half of these last over 31 s (likely 9.3 s to open).")
                .doesNotContain("seen to end");
        assertThat(answer.rows().get(1).note()).isEqualTo("1 of 2 seen to end, too few to say how long they last");
    }

    @Test
    void ratesShareAScaleAndCountFirst() {
        Subject perTime = ask("conceded", "conceded per time").subject();
        Rate rate = new Rate(0.01, 0.02, 0.05, 0.08, 0.1, 4, 80, 5, OptionalDouble.of(0.2));
        Answer answer = answer("conceded", new Figure.Pace(perTime, "sweep", rate, List.of()));
        FigureRow row = answer.rows().get(0);
        assertThat(row.label()).isEqualTo("By sweep, per ten minutes");
        assertThat(row.count()).isEqualTo("4 in 80 min");
        assertThat(row.likely()).isEqualTo("0.2\u20130.8");
        assertThat(row.bar().orElseThrow().high95()).isEqualTo(1);
        // Others off the scale stand at its end.
        assertThat(row.bar().orElseThrow().others()).hasValue(1);
    }

    @Test
    void aBlankThatNothingFillsIsRefusedAndAValueIsNeverABlank() {
        assertThatThrownBy(() -> Template.fill("{nobody} here", 1, Map.of()))
                .hasMessageContaining("has a blank {nobody}");
        assertThat(Template.fill("{name} {try|tries}", 2, Map.of("name", () -> "{name} $1 \\")))
                .isEqualTo("{name} $1 \\ tries");
    }

    /** Every question of the catalogue is well formed: its ids are its own, and all its words can be filled in. */
    @Test
    void everyQuestionCanBeWorded() {
        List<String> ids = new ArrayList<>();
        for (Question question : Catalogue.ALL) {
            List<Figure> figures = new ArrayList<>();
            for (Ask ask : question.asks().stream()
                    .flatMap(each -> Stream.concat(Stream.of(each), each.notes().stream()))
                    .toList()) {
                ids.add(ask.id());
                figures.add(
                        ask.measure() instanceof farglass.core.measure.Lasting
                                ? new Figure.Length(ask.subject(), "half-guard", Durations.of(List.of()), List.of())
                                : ask.measure() instanceof Longest
                                        ? new Figure.Longest(
                                                ask.subject(), "half-guard", new Stay(83, true, "b"), List.of())
                                        : ask.measure() instanceof TimeIn
                                                ? new Figure.Part(
                                                        ask.subject(), "half-guard", TimeShare.of(List.of()), List.of())
                                                : ask.measure() instanceof Listed
                                                        ? new Figure.Listing(
                                                                ask.subject(), "half-guard", "half-guard", List.of())
                                                        : figure(
                                                                question.id(), ask.id(), "half-guard", share(2, 9, 8)));
            }
            Answer answer = answer(question.id(), figures.toArray(Figure[]::new));
            assertThat(answer.sentence())
                    .matches("[A-Z].*\\.")
                    .doesNotContainPattern(Pattern.compile("[{}|]| {2}|;;|, ,"));
            assertThat(answer.rows())
                    .allMatch(row -> !row.label().isBlank() && (!row.of().isBlank() || isUncounted(row)));
            assertThat(answer(question.id()).sentence()).startsWith("Too little film: ");
        }
        assertThat(ids).doesNotHaveDuplicates();
    }

    /** What has no chances has no words for them. */
    private static boolean isUncounted(FigureRow row) {
        return row.figure()
                .match(share -> false, pace -> false, length -> false, listing -> true, part -> true, longest -> true);
    }
}
