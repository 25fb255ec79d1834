package farglass.core.simulate;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.entry.Role;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;

/**
 * Bouts in which half of what was done is something else of its kind that could start there as well and leads to the same: people know more
 * than a hundred techniques, and made-up athletes too few. What is foreseen of these is nearer to what is foreseen of people.
 */
public final class LongTail {
    private static final double SWAPPED = 0.5;

    private LongTail() {}

    /** {@return the bouts with half of their techniques swapped} The same for the same seed. */
    public static List<Bout> of(List<Bout> bouts, Lexicon lexicon, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        return bouts.stream().map(bout -> of(bout, lexicon, random)).toList();
    }

    private static Bout of(Bout bout, Lexicon lexicon, SplittableRandom random) {
        Timeline timeline = Timeline.of(bout, lexicon);
        List<Moment> moments = new ArrayList<>();
        for (Moment moment : bout.moments()) {
            Optional<Technique> done = moment.technique().flatMap(lexicon::technique);
            if (done.isEmpty() || random.nextDouble() >= SWAPPED) {
                moments.add(moment);
                continue;
            }
            Stand before = timeline.before(moment);
            Role role = moment.actor().map(before::roleOf).orElse(Role.NEUTRAL);
            List<Technique> others = lexicon.techniques().stream()
                    .filter(other -> other.kind() == done.get().kind() && !other.generic())
                    .filter(other -> other.canStart(before.position(), role))
                    .filter(other -> moment.settled().isPresent()
                            || other.to().equals(done.get().to()))
                    .toList();
            moments.add(
                    others.isEmpty()
                            ? moment
                            : new Moment(
                                    moment.id(),
                                    moment.atMicros(),
                                    moment.actor(),
                                    new Deed.Did(others.get(random.nextInt(others.size()))
                                            .key()),
                                    moment.settled(),
                                    moment.telling()));
        }
        return new Bout(bout.id(), bout.header(), moments, bout.comments());
    }
}
