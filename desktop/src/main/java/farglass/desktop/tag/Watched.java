package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Footage;
import farglass.core.fact.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;

/**
 * Which stretches were really played through, and in which layer. They are kept with the next act, so that undo need not walk through
 * them; a jump covers nothing, and neither does racing past.
 */
final class Watched {
    /** Faster than this nobody sees what happens. */
    private static final double FASTEST = 2.01;
    /**
     * Two instants further apart, in real time, were not played from one to the other. A busy machine shows a frame for more than a second
     * now and then: what was told meanwhile has been seen, and must count.
     */
    private static final long PULSE_MICROS = 2_000_000;

    private final List<Covered> played = new ArrayList<>();
    private OptionalLong last = OptionalLong.empty();

    /** The film, or the hall's clock, is now at that instant. */
    void at(OptionalLong now, boolean playing, double speed, Layer layer) {
        if (playing && now.isPresent() && last.isPresent() && speed <= FASTEST) {
            long from = last.getAsLong();
            long to = now.getAsLong();
            if (to > from && to - from <= PULSE_MICROS * Math.max(1, speed)) {
                add(new Covered(layer, from, to, false));
            }
        }
        last = now;
    }

    private void add(Covered more) {
        if (!played.isEmpty()) {
            Covered before = played.get(played.size() - 1);
            if (before.layer() == more.layer() && before.toMicros() == more.fromMicros()) {
                played.set(played.size() - 1, new Covered(more.layer(), before.fromMicros(), more.toMicros(), false));
                return;
            }
        }
        played.add(more);
    }

    /** {@return the bout with what was played through noted in it} */
    Bout noted(Bout bout) {
        Footage footage = bout.header().footage();
        for (Covered stretch : played) {
            footage = footage.covering(stretch);
        }
        return footage.equals(bout.header().footage())
                ? bout
                : bout.with(bout.header().with(footage));
    }

    /** Forgets what was played, because another bout is open. */
    void forget() {
        played.clear();
        last = OptionalLong.empty();
    }
}
