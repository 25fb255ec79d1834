package farglass.core.entry;

import farglass.core.Built;
import java.util.Optional;
import java.util.function.Function;

/**
 * A place two athletes can be in.
 *
 * @param control what a ruleset may see in it
 * @param hasTop whether somebody is on top, or attacking, here
 * @param facing how the two lie to each other; empty where that is not settled by the place
 * @param worth what it is worth to that athlete
 */
@Built
public record Position(
        String key,
        String label,
        Family family,
        Control control,
        boolean hasTop,
        Optional<Facing> facing,
        Optional<Meaning> meaning,
        Worth worth,
        String says,
        Names names)
        implements Term {
    /** {@return whether time here is credited to a position at all; a scramble and what the camera missed are not} */
    public boolean isSettled() {
        return family != Family.NONE;
    }

    @Override
    public Position withMoreNames(Names more) {
        return named(label, names.and(more));
    }

    public Position named(String newLabel, Names newNames) {
        return PositionBuilder.builder(this).label(newLabel).names(newNames).create();
    }

    @Override
    public <R> R match(
            Function<? super Position, ? extends R> position, Function<? super Technique, ? extends R> technique) {
        return position.apply(this);
    }
}
