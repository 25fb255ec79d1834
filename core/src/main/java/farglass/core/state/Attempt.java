package farglass.core.state;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import farglass.core.fact.Tie;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/**
 * One try, with all the moments that continue it: a pass told line by line is one pass. It is counted once, with its deepest line, its
 * last outcome, its first side, and how long it took.
 *
 * @param steps its moments in their order, at least one
 */
public record Attempt(List<Moment> steps) {
    private static final Set<Kind> TRIES =
            EnumSet.of(Kind.PULL, Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION, Kind.ESCAPE);

    public Attempt {
        steps = List.copyOf(steps);
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("An attempt has at least one moment");
        }
    }

    /** {@return every try of a bout, in order of its first moment; linear in its moments} */
    public static List<Attempt> of(Bout bout) {
        Map<String, List<Moment>> byFirst = new LinkedHashMap<>();
        Map<String, String> firstOf = new LinkedHashMap<>();
        for (Moment moment : bout.moments()) {
            String first = moment.telling()
                    .tied(Tie.CONTINUES)
                    .findFirst()
                    .map(firstOf::get)
                    .orElse(moment.id());
            firstOf.put(moment.id(), first);
            byFirst.computeIfAbsent(first, any -> new ArrayList<>()).add(moment);
        }
        return byFirst.values().stream().map(Attempt::new).toList();
    }

    /** {@return by the id of each moment that continues another, or is continued, the attempt it belongs to} */
    public static Map<String, Attempt> byMoment(Bout bout) {
        Map<String, Attempt> byMoment = new LinkedHashMap<>();
        of(bout).forEach(attempt -> attempt.steps().forEach(step -> byMoment.put(step.id(), attempt)));
        return byMoment;
    }

    public Moment first() {
        return steps.get(0);
    }

    public Moment last() {
        return steps.get(steps.size() - 1);
    }

    public Optional<Seat> actor() {
        return first().actor();
    }

    /** {@return what was tried: the first step that is a try of some kind, else the first that has a name} */
    public Optional<Technique> technique(Lexicon lexicon) {
        List<Technique> named = steps.stream()
                .flatMap(step -> step.technique().stream())
                .flatMap(key -> lexicon.technique(key).stream())
                .toList();
        return named.stream()
                .filter(technique -> TRIES.contains(technique.kind()))
                .findFirst()
                .or(() -> named.stream().findFirst());
    }

    /** {@return whether any step reached what it was for} */
    public boolean succeeded() {
        return steps.stream()
                .anyMatch(step -> step.succeeded()
                        || step.telling()
                                .stage()
                                .filter(stage -> stage == Stage.TAP || stage == Stage.ON_TOP || stage == Stage.SETTLED)
                                .isPresent());
    }

    /** {@return whether it was cut off by edge, bell or referee: it began, and nobody stopped it} */
    public boolean wasCutOff() {
        return !succeeded() && last().became(Became.CUT_OFF);
    }

    /** {@return the deepest line that any step beat} */
    public Optional<Line> deepest() {
        return steps.stream().flatMap(step -> step.telling().line().stream()).max(Line::compareTo);
    }

    /** {@return the outcome told last} */
    public Optional<Became> became() {
        return steps.stream().flatMap(step -> step.telling().became().stream()).reduce((one, two) -> two);
    }

    /** {@return the side told first} */
    public Optional<OwnedSide> side() {
        return steps.stream().flatMap(step -> step.telling().side().stream()).findFirst();
    }

    /** {@return microseconds from its first to its last moment, where both have times} */
    public OptionalLong lastedMicros() {
        return first().atMicros().isPresent() && last().atMicros().isPresent()
                ? OptionalLong.of(
                        last().atMicros().getAsLong() - first().atMicros().getAsLong())
                : OptionalLong.empty();
    }
}
