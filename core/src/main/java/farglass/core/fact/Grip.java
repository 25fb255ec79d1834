package farglass.core.fact;

import farglass.core.Built;
import farglass.core.side.Part;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * A grip as a lane in time; it begins with its moment.
 *
 * @param holder what holds: a hand, but also a foot, a hook, a knee, the head, the own shin or lapel
 * @param ways how it is taken, in the order told
 * @param untilMicros on the bout's timeline; empty while nobody looked when it ended
 * @param swappedFor the grip taken in its place
 * @param why why it ended
 * @param purpose which turn or escape it blocks, or what it is for
 * @param ideal the grip that would have been best here
 */
@Built
public record Grip(
        Part holder,
        Part target,
        Optional<Firmness> firmness,
        List<Way> ways,
        OptionalLong untilMicros,
        Optional<End> ended,
        Optional<String> swappedFor,
        Optional<String> why,
        Optional<String> purpose,
        Optional<String> ideal)
        implements Fact {
    public enum Firmness {
        TIGHT,
        LOOSE
    }

    /** How a grip is taken. Near and far are told where a side is not; same side and cross are worked out where it is. */
    public enum Way {
        OVER,
        UNDER,
        ROUND,
        THROUGH,
        DEEP,
        SHALLOW,
        NEAR,
        FAR,
        THUMB_IN,
        PALM_UP,
        TWO_HANDS,
        /** From one hand to the other. */
        FED,
        PULLED_OUT
    }

    public enum End {
        BROKEN,
        RELEASED,
        SWAPPED
    }

    public Grip {
        ways = List.copyOf(ways);
    }

    /** {@return a grip of which nothing more is told} */
    public static Grip of(Part holder, Part target) {
        return GripBuilder.builder()
                .holder(holder)
                .target(target)
                .untilMicros(OptionalLong.empty())
                .create();
    }

    @Override
    public Fact exchanged() {
        return GripBuilder.builder(this)
                .holder(holder.exchanged())
                .target(target.exchanged())
                .create();
    }

    @Override
    public Fact mirrored() {
        return GripBuilder.builder(this)
                .holder(holder.mirrored())
                .target(target.mirrored())
                .create();
    }

    @Override
    public <R> R match(FactCases<R> cases) {
        return cases.grip(this);
    }
}
