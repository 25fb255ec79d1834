package farglass.core.scribe;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.bout.Telling;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Role;
import farglass.core.lexicon.Technique;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What is likely to come next, for the digits: counts of what followed from a position after what was done last, backed off
 * to the position alone and then to what the lexicon says can start here. It only orders the picks; it never fills in.
 */
public final class Continuations {
    /** Someone in a role doing something, and what became of it. */
    private record Choice(Role role, boolean byFirst, String technique, Optional<Became> became) {}

    private final Lexicon lexicon;
    private final Map<String, Map<Choice, Integer>> counts = new HashMap<>();

    private Continuations(Lexicon lexicon) {
        this.lexicon = lexicon;
    }

    /** {@return what these bouts teach} Linear in their moments. */
    public static Continuations learned(Iterable<Bout> bouts, Lexicon lexicon) {
        Continuations learned = new Continuations(lexicon);
        for (Bout bout : bouts) {
            learned.add(bout);
        }
        return learned;
    }

    private void add(Bout bout) {
        Timeline timeline = Timeline.of(bout, lexicon);
        Optional<Moment> last = Optional.empty();
        for (Moment moment : bout.moments()) {
            if (moment.technique().isPresent() && moment.actor().isPresent()) {
                Stand stand = timeline.before(moment);
                Choice choice = choice(stand, moment);
                count(key(stand, Optional.empty()), choice);
                count(key(stand, last), choice);
                last = Optional.of(moment);
            }
        }
    }

    private static Choice choice(Stand stand, Moment moment) {
        Seat actor = moment.actor().orElseThrow();
        return new Choice(
                stand.roleOf(actor),
                actor == Seat.A,
                moment.technique().orElseThrow(),
                moment.telling().became());
    }

    private void count(String key, Choice choice) {
        // Where somebody is on top the roles tell the two apart, so both seats teach the same; else the seat must.
        Choice taught = choice.role() == Role.NEUTRAL
                ? choice
                : new Choice(choice.role(), false, choice.technique(), choice.became());
        counts.computeIfAbsent(key, any -> new HashMap<>()).merge(taught, 1, Integer::sum);
    }

    private static String key(Stand stand, Optional<Moment> last) {
        return stand.position().key()
                + last.map(moment -> "/" + moment.technique().orElse("") + "/"
                                + stand.roleOf(moment.actor().orElseThrow()))
                        .orElse("");
    }

    /** {@return up to so many next moments, the likeliest first} */
    public List<Proposal> next(Stand stand, Optional<Moment> last, int most) {
        Set<Proposal> picks = new LinkedHashSet<>();
        Optional<Moment> acted = last.filter(
                moment -> moment.technique().isPresent() && moment.actor().isPresent());
        if (acted.isPresent()) {
            addLearned(key(stand, acted), stand, picks);
        }
        addLearned(key(stand, Optional.empty()), stand, picks);
        if (picks.size() < most) {
            addPossible(stand, picks);
        }
        return picks.stream().limit(most).toList();
    }

    private void addLearned(String key, Stand stand, Set<Proposal> picks) {
        counts.getOrDefault(key, Map.of()).entrySet().stream()
                .sorted(Map.Entry.<Choice, Integer>comparingByValue().reversed().thenComparing(entry -> entry.getKey()
                        .toString()))
                .limit(9)
                .forEach(entry -> picks.add(proposal(entry.getKey(), stand)));
    }

    private static Proposal proposal(Choice choice, Stand stand) {
        Seat actor =
                switch (choice.role()) {
                    case TOP -> stand.top().orElse(Seat.A);
                    case BOTTOM -> stand.top().map(Seat::other).orElse(Seat.B);
                    case NEUTRAL, ANY -> choice.byFirst() ? Seat.A : Seat.B;
                };
        Telling telling = choice.became().map(Telling.NOTHING::withBecame).orElse(Telling.NOTHING);
        return new Proposal(Optional.of(actor), new Deed.Did(choice.technique()), Optional.empty(), telling);
    }

    private void addPossible(Stand stand, Set<Proposal> picks) {
        List<Proposal> possible = new ArrayList<>();
        for (Technique technique : lexicon.techniques()) {
            for (Seat seat : Seat.values()) {
                if (technique.kind() != Kind.GRIP && technique.canStart(stand.position(), stand.roleOf(seat))) {
                    possible.add(new Proposal(
                            Optional.of(seat), new Deed.Did(technique.key()), Optional.empty(), Telling.NOTHING));
                }
            }
        }
        possible.sort(Comparator.comparing(proposal -> proposal.actor().orElseThrow()));
        // Both athletes in turn, so that neither is crowded out of nine picks.
        List<Proposal> first = possible.stream()
                .filter(pick -> pick.actor().equals(Optional.of(Seat.A)))
                .toList();
        List<Proposal> second = possible.stream()
                .filter(pick -> pick.actor().equals(Optional.of(Seat.B)))
                .toList();
        for (int i = 0; i < Math.max(first.size(), second.size()); i++) {
            if (i < first.size()) {
                picks.add(first.get(i));
            }
            if (i < second.size()) {
                picks.add(second.get(i));
            }
        }
    }
}
