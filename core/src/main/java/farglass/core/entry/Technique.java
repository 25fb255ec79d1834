package farglass.core.entry;

import farglass.core.Built;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;

/**
 * Something an athlete does.
 *
 * @param starts where it starts from, and in which role
 * @param to keys of the positions it can end in when it works, the usual one first; empty when it leaves the position as it is
 * @param ends who is on top then
 * @param sideRule whose side a bare "left" means
 * @param reach which depth can be told of it
 * @param target what a submission is at; empty for what is none, and where the name does not say
 * @param caution what to say before anybody drills it; empty for most
 * @param parent key of the technique of which this is a variant: counted apart and together; empty for most
 * @param cloth whether it needs cloth to hold, and is not offered without the gi
 * @param blows whether it has only to do with blows, as slipping one: not meant nor offered where there are none. Every strike has
 * @param often 1 for what many do, 2 for what nearly everybody does, 0 for the rest: offered first where a library has not taught yet
 *     what is usual
 * @param generic whether it says only of what kind something was ("pass, way not told"): counted by kind, credited to no technique
 */
@Built
public record Technique(
        String key,
        String label,
        Kind kind,
        List<Start> starts,
        List<String> to,
        Ends ends,
        SideRule sideRule,
        Set<Reach> reach,
        Optional<Target> target,
        String says,
        Names names,
        Optional<String> caution,
        Optional<String> parent,
        Optional<Meaning> meaning,
        boolean generic,
        boolean cloth,
        boolean blows,
        int often)
        implements Term {
    public Technique {
        starts = List.copyOf(starts);
        to = List.copyOf(to);
        reach = Set.copyOf(reach);
        blows = blows || kind == Kind.STRIKE;
    }

    /** {@return keys of all the positions it starts from} */
    public Set<String> from() {
        return starts.stream().flatMap(start -> start.positions().stream()).collect(Collectors.toSet());
    }

    /** {@return whether the sport allows it from there; {@link Role#ANY} asks for either athlete} */
    public boolean canStart(Position position, Role role) {
        for (Start start : starts) {
            if (start.allows(position, role)
                    || role == Role.ANY && start.positions().contains(position.key())) {
                return true;
            }
        }
        return false;
    }

    @Override
    public Technique withMoreNames(Names more) {
        return named(label, names.and(more));
    }

    public Technique named(String newLabel, Names newNames) {
        return TechniqueBuilder.builder(this).label(newLabel).names(newNames).create();
    }

    /** {@return the same technique, which can start in these places besides} */
    public Technique withMoreStarts(List<Start> more) {
        List<Start> all = new ArrayList<>(starts);
        all.addAll(more);
        return TechniqueBuilder.builder(this).starts(all).create();
    }

    @Override
    public <R> R match(
            Function<? super Position, ? extends R> position, Function<? super Technique, ? extends R> technique) {
        return technique.apply(this);
    }
}
