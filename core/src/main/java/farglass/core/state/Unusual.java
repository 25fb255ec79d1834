package farglass.core.state;

import farglass.core.bout.Moment;
import farglass.core.lexicon.Role;
import farglass.core.lexicon.Start;
import farglass.core.lexicon.Technique;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What the lexicon does not know to start where it was told: said once for each technique of a bout, however often it happened. */
final class Unusual {
    private record First(Technique technique, Stand stand, Role role, List<String> moments) {}

    private final Map<String, First> byTechnique = new LinkedHashMap<>();

    void add(Moment moment, Technique technique, Stand now) {
        Role role = now.roleOf(moment.actor().orElseThrow());
        byTechnique
                .computeIfAbsent(technique.key(), key -> new First(technique, now, role, new ArrayList<>()))
                .moments()
                .add(moment.id());
    }

    List<Finding> findings() {
        return byTechnique.values().stream()
                .map(first -> new Finding(
                        Finding.Sort.UNUSUAL,
                        first.moments(),
                        "%s: %s is unusual from %s. If it was so, leave it, or note that it can start there; else mend the technique, the athlete, or the place before it."
                                .formatted(
                                        String.join(", ", first.moments()),
                                        first.technique().label(),
                                        Whereabouts.inWords(first.stand(), first.role())),
                        Optional.of(new Finding.CanStart(
                                first.technique().key(),
                                new Start(Set.of(first.stand().position().key()), first.role())))))
                .toList();
    }
}
