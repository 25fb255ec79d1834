package farglass.core.clause;

import farglass.core.bout.Award;
import farglass.core.scribe.LinePlace;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What the referee gives, told with what it was given for, or of both. */
final class Given {
    private static final Pattern FOR_POINTS = Pattern.compile(
            "(.+?)(?:,? for (two|three|four|[2-4])(?: points?| pts?)?|,? (two|three|four|[2-4]) points?|,? \\+([2-4])"
                    + "|,? for (an advantage|advantage))",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern BOTH = Pattern.compile(
            "(?:they )?both(?: of them| athletes)? (.+)|(?:an? )?(\\w+) (?:to|for) (?:them )?both(?: athletes)?",
            Pattern.CASE_INSENSITIVE);

    private final ClauseReader reader;

    Given(ClauseReader reader) {
        this.reader = reader;
    }

    /** {@return the moments of a line that tells of something given and no more than what for; empty for any other} */
    Optional<List<Clause>> told(String text, LinePlace place) {
        return behindIt(text, place).or(() -> toBoth(text, place));
    }

    /** "Sweeps for two": what was done, and what the referee gave for it, which nobody gets who did not do it. */
    private Optional<List<Clause>> behindIt(String text, LinePlace place) {
        Matcher reward = FOR_POINTS.matcher(text.strip());
        if (!reward.matches()) {
            return Optional.empty();
        }
        boolean points = reward.group(5) == null;
        String given = points
                ? "gets %s points"
                        .formatted(Stream.of(2, 3, 4)
                                .map(reward::group)
                                .filter(Objects::nonNull)
                                .findFirst()
                                .orElseThrow())
                : "gets an advantage";
        return reader.clause(reward.group(1), place)
                .filter(done -> done.isUnderstood() && done.actor().isPresent())
                .map(done -> points && reader.moves(done) ? held(done) : done)
                .flatMap(done -> reader.clause(done.actor().orElseThrow() + " " + given, reader.after(done))
                        .filter(Clause::isTheReferees)
                        .map(award -> List.of(done, award)));
    }

    /** "Both get a penalty": what the referee gives is each one's own. */
    private Optional<List<Clause>> toBoth(String text, LinePlace place) {
        Matcher both = BOTH.matcher(text.strip());
        if (!both.matches()) {
            return Optional.empty();
        }
        String words = both.group(1) == null
                ? "gets a " + both.group(2)
                : both.group(1).replaceFirst("^are ", "is ").replaceFirst("^were ", "was ");
        List<Clause> told = new ArrayList<>();
        for (Seat seat : Seat.values()) {
            reader.clause(named(seat, place) + " " + words, told.isEmpty() ? place : reader.after(told.get(0)))
                    .filter(given -> given.isUnderstood() && given.isTheReferees())
                    .ifPresent(told::add);
        }
        return Optional.of(told).filter(all -> all.size() == Seat.values().length);
    }

    /** By the name where that tells who it is: "a" in front of a penalty is an article. */
    private static String named(Seat seat, LinePlace place) {
        String name = place.bout().header().contestant(seat).name().split("\\s+")[0];
        return place.actors().seat(name).equals(Optional.of(seat)) ? name : seat.name();
    }

    /** What points were given for has held. */
    private Clause held(Clause done) {
        return done.saysWhatBecame()
                ? done
                : reader.clause(done.text() + " held", done.place())
                        .filter(held -> held.isSameDeed(done))
                        .map(held -> note(done)
                                .filter(how -> note(held).isEmpty())
                                .map(how -> reader.noted(held, how))
                                .orElse(held))
                        .orElse(done);
    }

    private static Optional<String> note(Clause clause) {
        return clause.reading().proposal().telling().note();
    }

    /** {@return whose points or advantage it is that stands behind these: whoever has brought the two somewhere, or attacked, last} */
    Optional<Seat> earnedBy(List<Clause> told) {
        return told.stream()
                .filter(this::isWorthPoints)
                .reduce((before, after) -> after)
                .flatMap(Clause::actor);
    }

    private boolean isWorthPoints(Clause clause) {
        return clause.isPlace() && clause.actor().isPresent()
                || reader.isSubmission(clause)
                || reader.technique(clause)
                        .filter(technique -> !technique.to().isEmpty())
                        .isPresent();
    }

    /** A penalty is of nobody who is not named. */
    static boolean isForWhomeverItWas(Clause clause) {
        return clause.actor().isEmpty()
                && clause.reading()
                        .proposal()
                        .deed()
                        .given()
                        .filter(award -> award.kind() == Award.Kind.POINTS || award.kind() == Award.Kind.ADVANTAGE)
                        .isPresent();
    }
}
