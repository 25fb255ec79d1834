package farglass.core.bout;

import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.stream.Stream;

/** Makes two moments of one, or one of several, without losing what was told. */
public final class SplitAndMerge {
    private SplitAndMerge() {}

    /**
     * {@return the bout with that moment in two} The first keeps who, what and which side; what became of it, how deep it got and
     * where it ended are told of the second, which is otherwise like it and still to be named anew.
     *
     * @param secondId id of the new moment
     * @param atMicros when the second happened; not before the first
     */
    public static Bout split(Bout bout, String momentId, String secondId, OptionalLong atMicros) {
        Moment whole = bout.moment(momentId).orElseThrow();
        Telling told = whole.telling();
        Moment first = new Moment(
                whole.id(),
                whole.atMicros(),
                whole.actor(),
                whole.deed(),
                Optional.empty(),
                TellingBuilder.builder(told)
                        .became(Optional.empty())
                        .line(Optional.empty())
                        .stage(Optional.empty())
                        .create());
        Moment second = new Moment(
                secondId,
                atMicros,
                whole.actor(),
                whole.deed(),
                whole.settled(),
                TellingBuilder.builder(told)
                        .motive(Optional.empty())
                        .note(Optional.empty())
                        .facts(List.of())
                        .create());
        return bout.with(first).withAfter(second, first.id());
    }

    /**
     * {@return the bout with those moments as one} It stands where the earliest of them stood and names what the earliest that has a
     * name says; of the rest nothing is lost: the last outcome and place count, facts and notes are kept together, and what answered
     * any of them answers it.
     *
     * @param ids of two or more moments of the bout
     */
    public static Bout merged(Bout bout, Set<String> ids) {
        List<Moment> parts = bout.moments().stream()
                .filter(moment -> ids.contains(moment.id()))
                .toList();
        if (parts.size() < 2) {
            throw new IllegalArgumentException("Merging needs two or more moments of the bout but got " + parts.size());
        }
        Moment first = parts.get(0);
        Deed deed = parts.stream()
                .map(Moment::deed)
                .filter(each -> !each.onlyTime() && !each.unnamed().isPresent())
                .findFirst()
                .orElse(first.deed());
        Telling telling = Telling.NOTHING;
        for (Moment part : parts) {
            telling = joined(telling, part.telling());
        }
        Optional<Settled> settled =
                parts.stream().flatMap(part -> part.settled().stream()).reduce((one, other) -> other);
        Optional<Seat> actor =
                parts.stream().flatMap(part -> part.actor().stream()).findFirst();
        Moment whole = new Moment(first.id(), first.atMicros(), actor, deed, settled, telling);
        List<Moment> left = new ArrayList<>();
        for (Moment moment : bout.moments()) {
            if (moment.id().equals(first.id())) {
                left.add(relinked(whole, ids, first.id()));
            } else if (!ids.contains(moment.id())) {
                left.add(relinked(moment, ids, first.id()));
            }
        }
        return new Bout(bout.id(), bout.header(), left, bout.comments());
    }

    private static Telling joined(Telling one, Telling next) {
        List<Fact> facts = Stream.concat(one.facts().stream(), next.facts().stream())
                .distinct()
                .toList();
        Optional<String> note = one.note().isPresent() && next.note().isPresent()
                ? Optional.of(one.note().get() + "; " + next.note().get())
                : one.note().or(next::note);
        Certainty certainty = one.certainty().compareTo(next.certainty()) >= 0 ? one.certainty() : next.certainty();
        return TellingBuilder.builder()
                .certainty(certainty)
                .confidential(one.confidential() || next.confidential())
                .side(one.side().or(next::side))
                .became(next.became().or(one::became))
                .line(next.line().or(one::line))
                .stage(next.stage().or(one::stage))
                .motive(one.motive().or(next::motive))
                .note(note)
                .facts(facts)
                .create();
    }

    /** Ties to any of the parts lead to the whole; a tie of the whole to itself is none. */
    private static Moment relinked(Moment moment, Set<String> ids, String whole) {
        List<Fact> facts = moment.telling().facts().stream()
                .map(fact -> fact.retied(id -> ids.contains(id) ? whole : id))
                .flatMap(fact -> fact.untied(moment.id()).stream())
                .distinct()
                .toList();
        return facts.equals(moment.telling().facts())
                ? moment
                : moment.with(moment.telling().withFacts(facts));
    }
}
