package farglass.core.rules;

import farglass.core.Built;
import farglass.core.bout.Award;
import farglass.core.bout.Header;
import farglass.core.side.Level;
import farglass.core.side.Seat;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * The rules of an event, as data. Times in microseconds.
 *
 * @param notice what to tell whoever relies on it
 * @param lengths by level
 * @param length where the level says nothing; empty for "free"
 * @param holdMicros how long a position must be held for an award
 * @param errorMicros by how much a time tagged by hand may be off
 * @param worths what is given for what; empty where positions score nothing
 * @param triangleCounts whether a body triangle counts as the back
 * @param pullCosts whether pulling guard costs a negative once points count
 * @param stalling what could be given for standing still, if anything
 * @param leavingPoints points to the other for leaving the area to escape a submission; 0 for none
 * @param ladder what the first, second, ... penalty brings the other: empty for a mark alone
 * @param order by what the leader is found, in order
 */
@Built
public record Ruleset(
        String name,
        String title,
        LocalDate date,
        String notice,
        Scoring scoring,
        Map<Level, Long> lengths,
        OptionalLong length,
        long holdMicros,
        long errorMicros,
        boolean pointsFromHalf,
        boolean advantages,
        Map<Scored, Worth> worths,
        boolean triangleCounts,
        boolean pullCosts,
        Optional<Stalling> stalling,
        int leavingPoints,
        boolean reapingForbidden,
        List<Optional<Award>> ladder,
        List<Criterion> order,
        Overtime overtime) {
    /** What decides a bout. */
    public enum Scoring {
        POINTS,
        SUBMISSION,
        JUDGES,
        TRAINING
    }

    /**
     * Points for something.
     *
     * @param points usually
     * @param past where it lands clean past the guard
     */
    public record Worth(int points, int past) {}

    /** After so long in one passive place, this could be given. */
    public record Stalling(long micros, Award.Kind kind) {}

    /** By what one leads. */
    public enum Criterion {
        POINTS,
        ADVANTAGES,
        /** Fewer of them. */
        PENALTIES
    }

    /**
     * What follows a level bout.
     *
     * @param micros length of overtime, or the most a round of escape time lasts; 0 for none
     * @param pairs pairs of rounds of escape time; 0 where overtime is more of the same
     */
    public record Overtime(long micros, int pairs) {
        static final Overtime NONE = new Overtime(0, 0);
    }

    public Ruleset {
        lengths = Map.copyOf(lengths);
        worths = Map.copyOf(worths);
        ladder = List.copyOf(ladder);
        order = List.copyOf(order);
    }

    /** {@return how long a bout lasts: as its header says, else by the higher level of the two, else as the rules say} */
    public OptionalLong length(Header header) {
        if (header.lengthMicros().isPresent()) {
            return header.lengthMicros();
        }
        Optional<Level> level = List.of(Seat.A, Seat.B).stream()
                .flatMap(seat -> header.contestant(seat).level().stream())
                .max(Level::compareTo);
        return level.filter(lengths::containsKey)
                .map(known -> OptionalLong.of(lengths.get(known)))
                .orElse(length);
    }
}
