package farglass.core.state;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What responds to what: as a person said, or else merely what followed. The two are never mixed up. The one rule by which what followed a
 * deed is counted: the other's next deed, or the next place of the other's, before whoever did it acts again or the match is stopped, and
 * within {@link #WITHIN_MICROS} where both times are known.
 * What a person is asked about reaches farther: the nearest earlier deed of the other, however long ago.
 */
public final class Conversation {
    /** What comes later than this was hardly a reaction. */
    public static final long WITHIN_MICROS = 8_000_000;

    /**
     * What a moment comes after.
     *
     * @param confirmed whether a person said that it is the answer; otherwise it is the nearest earlier deed of the other athlete
     */
    public record Turn(Moment earlier, boolean confirmed) {}

    /** What came after a moment: its answer, or what merely followed. */
    public record Reply(Moment later, boolean confirmed) {}

    private final Map<String, Turn> turns = new HashMap<>();
    private final Map<String, Reply> replies = new HashMap<>();

    private Conversation(Bout bout) {
        Map<String, Moment> byId = new HashMap<>();
        Moment[] last = new Moment[2];
        // By seat, the deed that nothing followed yet.
        Moment[] open = new Moment[2];
        for (Moment moment : bout.moments()) {
            if (moment.deed().stop().isPresent() || moment.deed().restart().isPresent()) {
                // What begins behind a stop answers nothing before it.
                Arrays.fill(open, null);
                Arrays.fill(last, null);
            }
            boolean deed = moment.actor().isPresent() && moment.technique().isPresent();
            boolean reached = moment.actor().isPresent() && moment.deed().onlyPlace();
            Optional<Moment> answered = moment.telling().answers().flatMap(id -> Optional.ofNullable(byId.get(id)));
            if (answered.isPresent()) {
                turns.put(moment.id(), new Turn(answered.get(), true));
                boolean others = moment.actor().isPresent()
                        && !moment.actor().equals(answered.get().actor());
                if (others && !isConfirmed(answered.get())) {
                    replies.put(answered.get().id(), new Reply(moment, true));
                }
            } else if (deed) {
                int other = moment.actor().get().other().ordinal();
                if (last[other] != null) {
                    turns.put(moment.id(), new Turn(last[other], false));
                }
                if (open[other] != null && isWithin(WITHIN_MICROS, open[other], moment)) {
                    replies.putIfAbsent(open[other].id(), new Reply(moment, false));
                }
            }
            if (reached && answered.isEmpty()) {
                // A knee shield taken is an answer though only the place is told; of an own deed it is the end.
                int other = moment.actor().get().other().ordinal();
                if (open[other] != null && isWithin(WITHIN_MICROS, open[other], moment)) {
                    replies.putIfAbsent(open[other].id(), new Reply(moment, false));
                }
                open[other] = null;
            }
            if (deed) {
                last[moment.actor().get().ordinal()] = moment;
                open[moment.actor().get().ordinal()] = moment;
                open[moment.actor().get().other().ordinal()] = null;
            }
            byId.put(moment.id(), moment);
        }
    }

    private boolean isConfirmed(Moment moment) {
        return replies.containsKey(moment.id()) && replies.get(moment.id()).confirmed();
    }

    /** {@return whether the one came within so many microseconds of the other, or one of the times is not known} */
    public static boolean isWithin(long micros, Moment earlier, Moment later) {
        return earlier.atMicros().isEmpty()
                || later.atMicros().isEmpty()
                || later.atMicros().getAsLong() - earlier.atMicros().getAsLong() <= micros;
    }

    /** {@return the conversation of a bout; linear in its moments} */
    public static Conversation of(Bout bout) {
        return new Conversation(bout);
    }

    /** {@return what a moment responds to, or may respond to; empty for the first deeds and for what is nobody's deed} */
    public Optional<Turn> before(Moment moment) {
        return Optional.ofNullable(turns.get(moment.id()));
    }

    /** {@return what the other one did then: the answer that a person linked first, else what merely followed; empty if nothing did} */
    public Optional<Reply> after(Moment moment) {
        return Optional.ofNullable(replies.get(moment.id()));
    }
}
