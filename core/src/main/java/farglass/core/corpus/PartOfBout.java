package farglass.core.corpus;

import farglass.core.bout.Bout;
import farglass.core.side.Seat;
import farglass.core.state.MatchClock;
import farglass.core.state.ScoreLine;
import farglass.core.state.Stretch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Which part of each bout is looked at. What is not known to lie in it is not: a bout without a length has no last minutes, and of a film
 * that begins in the middle nobody knows the score.
 *
 * @param minutes empty for all
 * @param lead empty for any score
 */
public record PartOfBout(Optional<Minutes> minutes, Optional<ScoreLine.Lead> lead) {
    /** Bouts from end to end. */
    public static final PartOfBout WHOLE = new PartOfBout(Optional.empty(), Optional.empty());

    /**
     * The first or last minutes of regular match time.
     *
     * @param last whether they are the last
     * @param many how many, 1 or more
     */
    public record Minutes(boolean last, int many) {
        private static final long MICROS = 60_000_000;
        private static final List<String> NUMBERS = List.of("no", "one", "two", "three", "four", "five", "six");

        /** @throws IllegalArgumentException if there are none */
        public Minutes {
            if (many < 1) {
                throw new IllegalArgumentException("It takes at least one minute, not %d.".formatted(many));
            }
        }

        private Optional<Stretch> of(Bout bout, MatchClock clock) {
            if (last) {
                return clock.last(many * MICROS, bout.extentMicros());
            }
            return bout.header().footage().opening().isPresent()
                    ? Optional.empty()
                    : Optional.of(new Stretch(0, clock.whenPlayed(many * MICROS)));
        }

        /** {@return as it is said: "the last two minutes"} */
        public String words() {
            String number = many < NUMBERS.size() ? NUMBERS.get(many) : "" + many;
            return "the %s %s".formatted(last ? "last" : "first", many == 1 ? "minute" : number + " minutes");
        }
    }

    public boolean isWhole() {
        return equals(WHOLE);
    }

    /** {@return the stretches of the bout that are looked at for whoever sits there; empty for all of it} */
    Optional<List<Stretch>> of(Bout bout, MatchClock clock, Seat seat) {
        if (isWhole()) {
            return Optional.empty();
        }
        List<Stretch> scored = lead.map(asked ->
                        ScoreLine.isKnown(bout) ? ScoreLine.of(bout, seat).stretches(asked) : List.<Stretch>of())
                .orElse(List.of(new Stretch(0, Long.MAX_VALUE)));
        if (minutes.isEmpty()) {
            return Optional.of(scored);
        }
        List<Stretch> both = new ArrayList<>();
        minutes.get().of(bout, clock).ifPresent(timed -> scored.stream()
                .map(timed::and)
                .filter(stretch -> !stretch.isEmpty())
                .forEach(both::add));
        return Optional.of(both);
    }
}
