package farglass.core.catalogue.said;

import farglass.core.Spelling;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Sights;
import farglass.core.catalogue.tally.Tries;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.CountedTry;
import farglass.core.corpus.EachTally;
import farglass.core.corpus.EachTally.Chance;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.fact.Fact;
import farglass.core.measure.Listed;
import farglass.core.measure.OfEach;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Hearsay;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Are her corner's calls followed, what comes of it, and which items of her plan came? */
public final class CornerAndPlan {
    private static final Set<Kind> TRIES =
            EnumSet.of(Kind.PULL, Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION, Kind.ESCAPE);
    /** What she tries later than this has little to do with the call. */
    private static final long SOON_MICROS = 60_000_000;

    /** A call of which nobody said what came of it says nothing. */
    private static Optional<String> followed(BoutSheet sheet, Seat seat, Moment moment) {
        return moment.deed()
                .instruction()
                .filter(call -> Sights.by(moment, seat))
                .flatMap(Deed.Instructed::followed)
                .map(followed -> switch (followed) {
                    case FOLLOWED -> "followed";
                    case NOT -> "not followed";
                    case COULD_NOT -> "could not be followed";
                });
    }

    /** How the next try ended that she began within a minute of the call. */
    private static List<Chance> then(BoutSheet sheet, Seat seat) {
        return sheet.happened(Deed.Instructed.class).stream()
                .filter(call -> call.atMicros().isPresent())
                .flatMap(call -> sheet.tried(seat, TRIES).stream()
                        .filter(tried -> isSoonAfter(call, tried))
                        .findFirst()
                        .flatMap(tried -> Tries.ended(sheet, tried, followed(sheet, seat, call)))
                        .stream())
                .toList();
    }

    private static boolean isSoonAfter(Moment call, CountedTry tried) {
        long from = call.atMicros().orElseThrow();
        return tried.first().atMicros().isPresent()
                && tried.first().atMicros().getAsLong() > from
                && tried.first().atMicros().getAsLong() - from <= SOON_MICROS;
    }

    private static List<Evidence> came(BoutSheet sheet, Seat seat) {
        return sheet.telling(Fact.PlanStep.class).stream()
                .filter(moment -> Sights.by(moment, seat))
                .flatMap(moment ->
                        sheet.facts(moment, Fact.PlanStep.class).map(step -> Sights.at(sheet, moment, step.words())))
                .toList();
    }

    /** What of her plan could be done, as far as somebody told it. */
    private static List<Evidence> became(BoutSheet sheet, Seat seat) {
        return sheet.telling(Fact.PlanStep.class).stream()
                .filter(moment -> Sights.by(moment, seat))
                .flatMap(moment -> sheet.facts(moment, Fact.PlanStep.class)
                        .flatMap(step -> step.came().stream())
                        .map(came -> Sights.at(sheet, moment, Spelling.of(came))))
                .toList();
    }

    private static List<Evidence> claimed(BoutSheet sheet, Seat seat) {
        return sheet.bout().header().background().claims().stream()
                .filter(claim -> claim.of().equals(Optional.of(seat)))
                .map(claim -> new Evidence(sheet.bout().id(), Optional.empty(), Hearsay.sentence(claim)))
                .toList();
    }

    public static final Question QUESTION = new Question(
            "said",
            Chapter.SAID,
            "What did the corner call, what came of the plan?",
            "",
            "no call of {name}\u2019s corner, no item of a plan and nothing said of {name} is told",
            List.of(
                    new Ask(
                                    "corner call",
                                    new Options(Sights.ofHappenings(
                                            "corner call", Deed.Instructed.class, CornerAndPlan::followed)),
                                    Wording.plain(
                                                    "{option}",
                                                    "calls of which it is told whether they were followed",
                                                    "")
                                            .under("Calls from the corner"))
                            .with(new Ask(
                                    "corner then",
                                    new OfEach(new EachTally("corner then", CornerAndPlan::then), Tries.WORKED),
                                    Wording.plain(
                                            "the next try worked in {brief}", "tries within a minute of one", ""))),
                    new Ask(
                            "plan item",
                            new Listed(new Tally("plan item", CornerAndPlan::came)),
                            Wording.plain("{option}", "", "").under("Items of the plan that came")),
                    new Ask(
                            "plan became",
                            new Options(new Tally("plan became", CornerAndPlan::became)),
                            Wording.plain(
                                            "{option}",
                                            "items of the plan of which it is told",
                                            "items of the plan {each}")
                                    .under("What became of the plan")),
                    new Ask(
                            "claim",
                            new Listed(new Tally("claim", CornerAndPlan::claimed)),
                            Wording.plain("{option}", "", "").under("Said of them before"))));

    private CornerAndPlan() {}
}
