package farglass.core.fact;

import farglass.core.side.Part;
import java.util.Optional;

/**
 * How a part of somebody's body is: the left arm isolated, the right hand on the mat, the weight on the left foot, the chest far from the
 * knee.
 *
 * @param to the part of either body it is so to; empty for most
 * @param ground what it stands on or has left; empty for most
 */
public record PartState(Part part, How how, Optional<Part> to, Optional<Ground> ground) implements Fact {
    /** How it is. */
    public enum How {
        FREE,
        CAUGHT,
        STRETCHED,
        BENT,
        ISOLATED,
        /** It bears weight: a foot, or what the other lies on. */
        LOADED,
        /** Placed there. */
        ON,
        /** No longer there. */
        OFF,
        /** Close to it. */
        NEAR,
        /** With room between. */
        FAR
    }

    /** What is no part of anybody. */
    public enum Ground {
        MAT,
        WALL,
        EDGE
    }

    public PartState {
        boolean placed = how == How.ON || how == How.OFF;
        if (to.isPresent() && ground.isPresent()
                || ground.isPresent() && !placed
                || placed && to.isEmpty() && ground.isEmpty()) {
            throw new IllegalArgumentException(
                    "A part is on or off another part, the mat, the wall or the edge, and near or far from another part");
        }
    }

    /** {@return a part that is so by itself} */
    public static PartState of(Part part, How how) {
        return new PartState(part, how, Optional.empty(), Optional.empty());
    }

    @Override
    public <R> R match(FactCases<R> cases) {
        return cases.partState(this);
    }

    @Override
    public Fact exchanged() {
        return new PartState(part.exchanged(), how, to.map(Part::exchanged), ground);
    }

    @Override
    public Fact mirrored() {
        return new PartState(part.mirrored(), how, to.map(Part::mirrored), ground);
    }
}
