package farglass.core.corpus;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Method;
import farglass.core.bout.Moment;
import farglass.core.entry.Position;
import farglass.core.side.Seat;
import farglass.core.state.Scale;
import farglass.core.state.Timeline;
import farglass.core.state.Visit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * What positions led to in a library: P(the next score or finish is the top athlete's) less P(it is the other's), counted over the stays
 * there; a stay after which nothing more came counts for neither. Few stays are pulled towards what the points school says, which
 * weighs as much as {@value #PRIOR} of them.
 */
public final class LearnedScale implements Scale {
    private static final double PRIOR = 10;

    /** Stays in one position, and for whom the next score came: the top athlete's less the other's. */
    private record Led(int stays, int balance) {
        Led and(Led other, int times) {
            return new Led(stays + times * other.stays, balance + times * other.balance);
        }
    }

    private final Map<String, Led> all = new HashMap<>();
    private final Map<String, Map<String, Led>> byBout = new HashMap<>();
    private final String leftOut;

    private LearnedScale(String leftOut) {
        this.leftOut = leftOut;
    }

    /** {@return the scale of a library; linear in its moments} Second codings are not counted. */
    public static LearnedScale of(Corpus corpus) {
        LearnedScale scale = new LearnedScale("");
        for (BoutSheet sheet : corpus.sheets()) {
            Bout bout = sheet.bout();
            if (!bout.header().isSecondCoding()) {
                Map<String, Led> led = led(bout, sheet.timeline());
                scale.byBout.put(bout.id(), led);
                led.forEach((position, count) -> scale.all.merge(position, count, (old, more) -> old.and(more, 1)));
            }
        }
        return scale;
    }

    /** {@return the same learned from all bouts but that one, so that no bout is judged by its own outcome} */
    public LearnedScale without(String boutId) {
        LearnedScale other = new LearnedScale(boutId);
        other.all.putAll(all);
        other.byBout.putAll(byBout);
        return other;
    }

    @Override
    public double of(Position position) {
        Led own = byBout.getOrDefault(leftOut, Map.of()).getOrDefault(position.key(), new Led(0, 0));
        Led counted = all.getOrDefault(position.key(), new Led(0, 0)).and(own, -1);
        return (counted.balance() + PRIOR * position.worth().points()) / (counted.stays() + PRIOR);
    }

    /** A score or a finish. */
    private record Gain(long atMicros, Seat seat) {}

    private static Map<String, Led> led(Bout bout, Timeline timeline) {
        List<Gain> gains = new ArrayList<>();
        for (Moment moment : bout.moments()) {
            if (moment.deed().gives(Award.Kind.POINTS)
                    && moment.actor().isPresent()
                    && moment.atMicros().isPresent()) {
                gains.add(new Gain(moment.atMicros().getAsLong(), moment.actor().get()));
            }
        }
        bout.header()
                .result()
                .filter(result ->
                        result.method() == Method.SUBMISSION && result.winner().isPresent())
                .ifPresent(result ->
                        gains.add(new Gain(timeline.endMicros(), result.winner().get())));
        Map<String, Led> led = new HashMap<>();
        for (Visit visit : timeline.visits()) {
            visit.stand().top().ifPresent(top -> {
                int balance = gains.stream()
                        .filter(gain -> gain.atMicros() > visit.fromMicros())
                        .findFirst()
                        .map(gain -> gain.seat() == top ? 1 : -1)
                        .orElse(0);
                led.merge(visit.stand().position().key(), new Led(1, balance), (old, more) -> old.and(more, 1));
            });
        }
        return led;
    }
}
