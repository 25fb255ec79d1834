package farglass.core.fact;

import farglass.core.side.Seat;
import java.util.Optional;

/**
 * A fact of the body worth counting.
 *
 * @param of whose; empty for both or for the place
 * @param value one of {@link BodyFact#values()}, or any words for {@link BodyFact#KIT}
 */
public record Body(Optional<Seat> of, BodyFact what, String value) implements Fact {
    public Body {
        if (!what.takes(value)) {
            throw new IllegalArgumentException(
                    "%s is one of %s but got \"%s\"".formatted(what.label(), String.join(", ", what.words()), value));
        }
    }

    @Override
    public Layer layer() {
        return what.layer();
    }

    @Override
    public Fact exchanged() {
        return new Body(of.map(Seat::other), what, value);
    }

    @Override
    public Fact mirrored() {
        return new Body(of, what, what.mirrored(value));
    }

    @Override
    public <R> R match(FactCases<R> cases) {
        return cases.body(this);
    }
}
