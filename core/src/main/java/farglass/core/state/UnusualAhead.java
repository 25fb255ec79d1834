package farglass.core.state;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;

/** Whether what one is about to tell would be unusual where the two are. */
public final class UnusualAhead {
    private UnusualAhead() {}

    /**
     * {@return a sentence if the technique, told next, would be called unusual} The same judgement as of a bout that is told already.
     *
     * @param before how many of the bout's moments lie before it
     * @param now where the two are then
     */
    public static Optional<String> of(
            Technique technique, Seat actor, Bout bout, int before, Stand now, Lexicon lexicon) {
        if (!now.position().isSettled() || technique.canStart(now.position(), now.roleOf(actor))) {
            return Optional.empty();
        }
        List<Moment> told = new ArrayList<>(
                bout.moments().subList(0, Math.min(before, bout.moments().size())));
        String next = free("next", told);
        if (told.isEmpty()) {
            Settled here = new Settled(now.position().key(), now.top(), false);
            told.add(moment("here", Optional.empty(), new Deed.Reached(), Optional.of(here)));
        }
        told.add(moment(next, Optional.of(actor), new Deed.Did(technique.key()), Optional.empty()));
        return Timeline.of(new Bout(bout.id(), bout.header(), told, List.of()), lexicon).findings().stream()
                .filter(finding -> finding.sort() == Finding.Sort.UNUSUAL
                        && finding.moments().contains(next))
                .findFirst()
                .map(finding -> "%s is unusual from %s."
                        .formatted(technique.label(), Whereabouts.inWords(now, now.roleOf(actor))));
    }

    /** {@return an id that none of them has: files may name theirs as they like} */
    private static String free(String id, List<Moment> told) {
        return Stream.iterate(id, tried -> tried + "-")
                .filter(tried -> told.stream().noneMatch(moment -> moment.id().equals(tried)))
                .findFirst()
                .orElseThrow();
    }

    private static Moment moment(String id, Optional<Seat> actor, Deed deed, Optional<Settled> settled) {
        return new Moment(id, OptionalLong.empty(), actor, deed, settled, Telling.NOTHING);
    }
}
