package farglass.core.scribe;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import farglass.core.fact.Link;
import farglass.core.fact.Tie;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Naming;
import farglass.core.naming.Words;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** "Bea taps" behind a submission of Ann's: it is Ann's submission that goes on to the tap. */
final class TapByTheOther {
    /** Further back than this many moments, nobody can tell any more which try is meant. */
    private static final int FAR = 8;

    private TapByTheOther() {}

    /**
     * {@return that the other one's last try at a submission came to the tap; empty where there is none, or it is over}
     *
     * @param said what else is told of it, of that submission
     */
    static Optional<Reading> to(LinePlace place, Seat tapping, Function<Technique, Telling> said, Lexicon lexicon) {
        List<Moment> moments = place.bout().moments();
        int last = Math.min(place.before(), moments.size()) - 1;
        for (int i = last; i >= 0 && i > last - FAR; i--) {
            Moment moment = moments.get(i);
            if (moment.deed().restart().isPresent() || moment.deed().stop().isPresent()) {
                return Optional.empty();
            }
            Optional<Technique> lock = moment.technique()
                    .flatMap(lexicon::technique)
                    .filter(technique -> technique.kind() == Kind.SUBMISSION);
            if (lock.isPresent()) {
                return moment.actor().equals(Optional.of(tapping.other())) && isOn(moment)
                        ? Optional.of(reading(place.bout(), moment, lock.get(), tapping, said.apply(lock.get())))
                        : Optional.empty();
            }
        }
        return Optional.empty();
    }

    private static boolean isOn(Moment moment) {
        return moment.telling()
                .became()
                .filter(became -> became != Became.SHOWN
                        && became != Became.THREATENED
                        && became != Became.NEARLY
                        && became != Became.HELD)
                .isEmpty();
    }

    private static Reading reading(Bout bout, Moment moment, Technique lock, Seat tapping, Telling said) {
        Telling told = said.withBecame(Became.HELD).withStage(Stage.TAP);
        told = said.side().or(moment.telling()::side).map(told::withSide).orElse(told);
        told = told.and(new Link(Tie.CONTINUES, moment.id(), Optional.empty(), Optional.empty()));
        return new Reading(
                new Proposal(Optional.of(tapping.other()), new Deed.Did(lock.key()), Optional.empty(), told),
                Optional.of(Naming.How.FINISHED),
                List.of("%s taps to %s\u2019s %s: it goes on to the tap."
                        .formatted(
                                bout.header().contestant(tapping).name(),
                                bout.header().contestant(tapping.other()).name(),
                                Words.inSentence(lock.label()))),
                List::of);
    }
}
