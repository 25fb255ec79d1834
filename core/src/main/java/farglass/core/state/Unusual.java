package farglass.core.state;

import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.entry.Role;
import farglass.core.entry.Start;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What the lexicon does not know to start where it was told: said once for each technique of a bout, however often it happened. Where it
 * is not told what became of a technique, the two may be where it leads; what can start there is not unusual either. Behind something
 * that has no name nothing is, until a place is known again.
 */
public final class Unusual {
    /** More places they may be in than these say nothing any more. */
    private static final int MOST_PLACES = 24;

    private record First(Technique technique, Stand stand, Role role, List<String> moments) {}

    private final Lexicon lexicon;
    private final Map<String, First> byTechnique = new LinkedHashMap<>();
    /** Where they may be by what was told without an outcome, since the last place that is known. */
    private final Set<Stand> perhaps = new LinkedHashSet<>();
    /** Whether something without a name came to pass since then, so that nobody knows where they are. */
    private boolean anywhere;

    Unusual(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /** Looks at the next moment, told while they were there. */
    void look(Moment moment, Stand now) {
        if (moment.deed()
                .unnamed()
                .filter(unnamed -> movesPerhaps(moment, unnamed))
                .isPresent()) {
            anywhere = true;
        }
        Optional<Technique> technique = moment.technique().flatMap(lexicon::technique);
        if (technique.isEmpty() || moment.actor().isEmpty()) {
            return;
        }
        boolean usual = anywhere
                || Whereabouts.isUsual(now, moment, technique.get())
                || perhaps.stream().anyMatch(place -> Whereabouts.isUsual(place, moment, technique.get()));
        if (!usual) {
            add(moment, technique.get(), now);
        }
        boolean untold =
                moment.telling().became().isEmpty() && moment.telling().stage().isEmpty();
        if (untold && !technique.get().kind().movesNobody() && perhaps.size() < MOST_PLACES) {
            Optional<Seat> top = Whereabouts.top(technique.get(), moment.actor().get());
            technique.get().to().stream()
                    .flatMap(key -> lexicon.position(key).stream())
                    .map(place -> new Stand(place, top))
                    .forEach(perhaps::add);
        }
    }

    /** Where they are is known again. */
    void moved() {
        perhaps.clear();
        anywhere = false;
    }

    /** A step or a grip without a name moves nobody, nor does what came to nothing; anything else without one may. */
    private boolean movesPerhaps(Moment moment, Deed.Unnamed unnamed) {
        boolean still = unnamed.kind()
                .flatMap(lexicon::technique)
                .filter(general -> general.kind().movesNobody())
                .isPresent();
        return !still
                && moment.telling().became().map(became -> became.isSuccess()).orElse(true);
    }

    private void add(Moment moment, Technique technique, Stand now) {
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
