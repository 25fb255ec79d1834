package farglass.core.profile;

import farglass.core.bout.Seat;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.corpus.Tried;
import farglass.core.estimate.Comparison;
import farglass.core.estimate.Share;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.SideRule;
import farglass.core.lexicon.Words;
import farglass.core.question.Claims;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * What of a kind does she try, what works, which is it, from where and to which side? One question for each kind, told apart by data.
 *
 * @param id the same for ever
 * @param question as a coach asks it
 * @param one one of what is tried: "sweep"
 * @param many several: "sweeps"
 * @param kind what sort of technique
 * @param more what else matters
 */
record TriesQuestion(String id, String question, String one, String many, Kind kind, More more) {
    /** What else is asked of tries of a kind. */
    enum More {
        /** From which place. */
        PLACES,
        /** What the other did when one was stopped. */
        WHAT_FOLLOWS
    }

    static final List<TriesQuestion> ALL = List.of(
            new TriesQuestion(
                    "takedown",
                    "Which takedowns do they try, and what works?",
                    "takedown",
                    "takedowns",
                    Kind.TAKEDOWN,
                    More.WHAT_FOLLOWS),
            new TriesQuestion(
                    "sweep", "Which sweeps do they try, and what works?", "sweep", "sweeps", Kind.SWEEP, More.PLACES),
            new TriesQuestion(
                    "back take",
                    "How do they get to the back?",
                    "back take",
                    "back takes",
                    Kind.BACK_TAKE,
                    More.PLACES),
            new TriesQuestion(
                    "escape", "How do they escape, and from where?", "escape", "escapes", Kind.ESCAPE, More.PLACES));

    private static final String WORKED = "worked";
    private static final String NOTHING = "nothing";
    private static final String LEFT = "left";

    private List<Evidence> tries(BoutSheet sheet, Seat seat, BiFunction<BoutSheet, Tried, Optional<String>> option) {
        List<Evidence> tries = new ArrayList<>();
        for (Tried tried : sheet.tried(seat, kind)) {
            option.apply(sheet, tried)
                    .ifPresent(taken -> tries.add(new Evidence(
                            sheet.bout().id(), Optional.of(tried.first().id()), taken)));
        }
        return tries;
    }

    private Tally tally(String what, BiFunction<BoutSheet, Tried, Optional<String>> option) {
        return new Tally(id + " " + what, (sheet, seat) -> tries(sheet, seat, option));
    }

    /** What edge or bell cut off was not stopped by anybody. */
    private Tally done() {
        return tally(
                "done",
                (sheet, tried) -> tried.cutOff() ? Optional.empty() : Optional.of(tried.worked() ? WORKED : "stopped"));
    }

    /** A technique and its variants are counted together; a kind without a method is credited to none. */
    private Tally which() {
        return tally("which", (sheet, tried) -> Optional.of(tried.technique())
                .filter(technique -> !technique.generic())
                .map(technique -> sheet.lexicon().together(technique.key())));
    }

    private Tally side() {
        return tally("side", (sheet, tried) -> Optional.of(tried.technique())
                .filter(technique -> technique.sideRule() == SideRule.TRAVEL)
                .flatMap(technique -> tried.attempt().side())
                .map(side -> side.side().label()));
    }

    /** A place that was not told is credited to none. */
    private Tally from() {
        return tally("from", (sheet, tried) -> Optional.of(
                        sheet.timeline().before(tried.first()).position())
                .filter(Position::isSettled)
                .map(Position::key));
    }

    /** What the other did next when one was stopped; what followed later than a reaction would is nothing. */
    private Tally afterwards() {
        return tally(
                "stopped then",
                (sheet, tried) -> tried.cutOff() || tried.worked()
                        ? Optional.empty()
                        : Optional.of(sheet.conversation()
                                .after(tried.attempt().last())
                                .flatMap(reply -> reply.later().technique())
                                .map(key -> sheet.lexicon().together(key))
                                .orElse(NOTHING)));
    }

    Draft draft(String athlete, Census census, Lexicon lexicon) {
        Census.Count done = census.yesOrNo(done(), WORKED);
        if (done.chances() == 0) {
            return Draft.of(new Answer(
                    question,
                    "Too little film: %s has not been seen trying one. That is not the same as never."
                            .formatted(Saying.firstName(athlete)),
                    List.of()));
        }
        Census.Count sides = census.yesOrNo(side(), LEFT);
        Census.Count which = census.options(which());
        Map<String, Comparison> family = new LinkedHashMap<>(Saying.family(done, id));
        family.putAll(Saying.family(which, id));
        if (sides.chances() > 0) {
            family.putAll(Saying.family(sides, id));
            family.put(preferred(), Comparison.with(census.posterior(side(), LEFT), 0.5));
        }
        return new Draft(family, claims -> answer(athlete, census, lexicon, new Counts(done, which, sides), claims));
    }

    private record Counts(Census.Count done, Census.Count which, Census.Count sides) {}

    private String preferred() {
        return Saying.id(id, "preferred side");
    }

    private Answer answer(String athlete, Census census, Lexicon lexicon, Counts counts, Claims claims) {
        Census.Count done = counts.done();
        Census.Count which = counts.which();
        Census.Count sides = counts.sides();
        List<Figure> figures = new ArrayList<>();
        Share worked = done.shares().get(WORKED);
        String tried =
                "%s tried".formatted(many.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + many.substring(1));
        figures.add(new Figure(
                tried + " and done",
                worked,
                many + " tried",
                done.evidence(WORKED),
                Saying.comparedWithOthers(done, WORKED, claims, id)));
        which.shares()
                .forEach((key, share) -> figures.add(
                        new Figure(lexicon.label(key), share, many + " that have a name", which.evidence(key), "")));
        if (sides.chances() > 0) {
            String preference = claims.of(preferred())
                    .map(way -> "a preference for their own " + (way == Claims.Direction.MORE ? "left" : "right"))
                    .orElse("no side preferred for certain");
            String compared = Saying.comparedWithOthers(sides, LEFT, claims, id);
            figures.add(new Figure(
                    "To their own left",
                    sides.shares().get(LEFT),
                    many + " that go to a side that was told",
                    sides.evidence(LEFT),
                    preference + (compared.isEmpty() ? "" : "; " + compared)));
        }
        if (more == More.WHAT_FOLLOWS) {
            Census.Count then = census.options(afterwards());
            then.shares()
                    .forEach((key, share) -> figures.add(new Figure(
                            "When stopped, then: "
                                    + (key.equals(NOTHING)
                                            ? "nothing of the other\u2019s"
                                            : Words.inSentence(lexicon.label(key))),
                            share,
                            many + " that were stopped",
                            then.evidence(key),
                            "")));
        }
        if (more == More.PLACES) {
            Census.Count from = census.options(from());
            from.shares()
                    .forEach((place, share) -> figures.add(new Figure(
                            "From " + Words.inSentence(lexicon.label(place)),
                            share,
                            many + " from a place that was told",
                            from.evidence(place),
                            "")));
        }
        String usual = which.shares().entrySet().stream()
                .findFirst()
                .map(first -> "; most often %s, %s"
                        .formatted(Words.inSentence(lexicon.label(first.getKey())), Saying.counted(first.getValue())))
                .orElse("");
        String sentence = "%s tried %d %s and %s in %s%s."
                .formatted(
                        Saying.firstName(athlete),
                        done.chances(),
                        done.chances() == 1 ? one : many,
                        done.chances() == 1 ? "it worked" : "they worked",
                        Saying.counted(worked),
                        usual);
        return new Answer(question, sentence, figures);
    }
}
