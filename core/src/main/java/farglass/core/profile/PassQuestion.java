package farglass.core.profile;

import farglass.core.bout.Line;
import farglass.core.bout.Seat;
import farglass.core.bout.Side;
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
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Where and to which side does she pass, and how deep? Tries, lines and successes are three different numbers. */
final class PassQuestion {
    private static final String ID = "pass";
    private static final String QUESTION = "Where and to which side do they pass, and how deep?";
    private static final String LEFT = Side.LEFT.label();
    private static final String PREFERRED = Saying.id(ID, "preferred side");
    private static final String PASSED = "passed";
    private static final String STOPPED = "stopped";

    private PassQuestion() {}

    private static List<Evidence> tries(BoutSheet watched, Seat seat, Function<Tried, Optional<String>> option) {
        List<Evidence> tries = new ArrayList<>();
        for (Tried tried : watched.tried(seat, Kind.PASS)) {
            option.apply(tried)
                    .ifPresent(taken -> tries.add(new Evidence(
                            watched.bout().id(), Optional.of(tried.first().id()), taken)));
        }
        return tries;
    }

    /** A place that was not told is credited to none. */
    private static Tally from() {
        return new Tally(
                "pass from",
                (watched, seat) -> tries(watched, seat, tried -> Optional.of(
                                watched.timeline().before(tried.first()).position())
                        .filter(Position::isSettled)
                        .map(Position::key)));
    }

    /** A pass and its variants are counted together; a pass without a method is credited to none. */
    private static Tally which() {
        return new Tally(
                "pass which",
                (watched, seat) -> tries(watched, seat, tried -> Optional.of(tried.technique())
                        .filter(technique -> !technique.generic())
                        .map(technique -> watched.lexicon().together(technique.key()))));
    }

    /** The side she goes to, as her own left or right; only techniques whose side is the way of travel tell it. */
    private static Tally side() {
        return new Tally(
                "pass side",
                (watched, seat) -> tries(
                        watched,
                        seat,
                        tried -> tried.technique().sideRule() == SideRule.TRAVEL
                                ? tried.attempt().side().map(side -> side.side().label())
                                : Optional.empty()));
    }

    private static Tally depth() {
        return new Tally(
                "pass depth",
                (watched, seat) -> tries(watched, seat, tried -> line(tried).map(Line::label)));
    }

    /** A pass told line by line is one try: its deepest line counts. */
    private static Optional<Line> line(Tried tried) {
        return tried.worked() ? Optional.of(Line.PAST) : tried.attempt().deepest();
    }

    /** What edge or bell cut off began, and reached its line, but was not stopped by anybody. */
    private static Tally success() {
        return new Tally(
                "pass success",
                (watched, seat) -> tries(
                        watched,
                        seat,
                        tried -> tried.cutOff()
                                ? Optional.empty()
                                : Optional.of(
                                        line(tried).filter(Line.PAST::equals).isPresent() ? PASSED : STOPPED)));
    }

    private record Counts(Census.Count success, Census.Count which, Census.Count sides) {}

    static Draft draft(String athlete, Census census, Lexicon lexicon) {
        Census.Count success = census.yesOrNo(success(), PASSED);
        Census.Count sides = census.yesOrNo(side(), LEFT);
        if (success.chances() == 0) {
            return Draft.of(new Answer(
                    QUESTION,
                    "Too little film: %s has not been seen trying to pass. That is not the same as never."
                            .formatted(Saying.firstName(athlete)),
                    List.of()));
        }
        Census.Count which = census.options(which());
        Map<String, Comparison> family = new LinkedHashMap<>(Saying.family(success, ID));
        family.putAll(Saying.family(which, ID));
        if (sides.chances() > 0) {
            family.putAll(Saying.family(sides, ID));
            family.put(PREFERRED, Comparison.with(census.posterior(side(), LEFT), 0.5));
        }
        return new Draft(family, claims -> answer(athlete, census, lexicon, new Counts(success, which, sides), claims));
    }

    private static Answer answer(String athlete, Census census, Lexicon lexicon, Counts counts, Claims claims) {
        Census.Count success = counts.success();
        Census.Count sides = counts.sides();
        String name = Saying.firstName(athlete);
        List<Figure> figures = new ArrayList<>();
        Share passed = success.shares().get(PASSED);
        figures.add(new Figure(
                "Passes",
                passed,
                "tries to pass",
                success.evidence(PASSED),
                Saying.comparedWithOthers(success, PASSED, claims, ID)));
        StringBuilder sentence = new StringBuilder("%s tried to pass %d times and passed in %s"
                .formatted(name, success.chances(), Saying.counted(passed)));
        addSide(sides, claims, figures, sentence);
        counts.which()
                .shares()
                .forEach((key, share) -> figures.add(new Figure(
                        lexicon.label(key),
                        share,
                        "tries to pass that have a name",
                        counts.which().evidence(key),
                        Saying.comparedWithOthers(counts.which(), key, claims, ID))));
        addOptions(census.options(from()), "From ", "tries to pass", lexicon::label, figures);
        Census.Count depth = census.options(depth());
        addOptions(depth, "Deepest line: ", "tries whose deepest line was told", Words::inSentence, figures);
        sentence.append('.');
        stoppedAt(depth)
                .ifPresent(line ->
                        sentence.append(" When stopped it is most often at the %s line (%d of %d stopped tries)."
                                .formatted(
                                        line.getKey(),
                                        line.getValue(),
                                        depth.chances()
                                                - depth.evidence(Line.PAST.label())
                                                        .size())));
        return new Answer(QUESTION, sentence.toString(), figures);
    }

    private static void addSide(Census.Count sides, Claims claims, List<Figure> figures, StringBuilder sentence) {
        if (sides.chances() == 0) {
            return;
        }
        Share share = sides.shares().get(LEFT);
        String compared = Saying.comparedWithOthers(sides, LEFT, claims, ID);
        String preference = claims.of(PREFERRED)
                .map(way -> "a preference for their own " + (way == Claims.Direction.MORE ? "left" : "right"))
                .orElse("no side preferred for certain");
        figures.add(new Figure(
                "To their own left",
                share,
                "tries that go round a side that was told",
                sides.evidence(LEFT),
                preference + (compared.isEmpty() ? "" : "; " + compared)));
        sentence.append(", going to their own left in ").append(Saying.counted(share));
        sentence.append(compared.isEmpty() ? "" : ", " + compared);
    }

    private static Optional<Map.Entry<String, Integer>> stoppedAt(Census.Count depth) {
        return depth.shares().entrySet().stream()
                .filter(option -> !option.getKey().equals(Line.PAST.label()))
                .max(Comparator.comparingInt(option -> option.getValue().successes()))
                .map(option -> Map.entry(option.getKey(), option.getValue().successes()));
    }

    private static void addOptions(
            Census.Count count,
            String before,
            String denominator,
            Function<String, String> label,
            List<Figure> figures) {
        count.shares()
                .forEach((option, share) -> figures.add(new Figure(
                        before + Words.inSentence(label.apply(option)),
                        share,
                        denominator,
                        count.evidence(option),
                        "")));
    }
}
