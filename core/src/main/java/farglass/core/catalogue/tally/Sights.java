package farglass.core.catalogue.tally;

import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Stays;
import farglass.core.corpus.Tally;
import farglass.core.corpus.TimedStay;
import farglass.core.entry.Kind;
import farglass.core.estimate.time.Stay;
import farglass.core.fact.Fact;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import farglass.core.state.Visit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.BiPredicate;
import java.util.stream.Stream;

/** Chances as evidence: of single moments, of whole bouts, of stretches between two moments. */
public final class Sights {
    private Sights() {}

    /** {@return each watched moment of a bout, whatever it is, as far as it counts for an option} */
    public static Tally ofMoments(String id, Of<Moment> option) {
        return new Tally(id, (sheet, seat) -> each(sheet, seat, sheet.seen(), option));
    }

    /** {@return each watched moment of which a fact of that kind is told, as far as it counts for an option} */
    public static Tally ofFacts(String id, Class<? extends Fact> kind, Of<Moment> option) {
        return new Tally(id, (sheet, seat) -> each(sheet, seat, sheet.telling(kind), option));
    }

    /** {@return each watched act of that kind, meant or not, as far as it counts for an option} */
    public static Tally ofActs(String id, Kind kind, Of<Moment> option) {
        return new Tally(id, (sheet, seat) -> each(sheet, seat, sheet.acts(kind), option));
    }

    /** {@return each watched moment at which something of that kind happened, as far as it counts for an option} */
    public static Tally ofHappenings(String id, Class<? extends Deed> kind, Of<Moment> option) {
        return new Tally(id, (sheet, seat) -> each(sheet, seat, sheet.happened(kind), option));
    }

    private static List<Evidence> each(BoutSheet sheet, Seat seat, List<Moment> moments, Of<Moment> option) {
        List<Evidence> each = new ArrayList<>();
        for (Moment moment : moments) {
            option.of(sheet, seat, moment).ifPresent(taken -> each.add(at(sheet, moment, taken)));
        }
        return each;
    }

    /** {@return one chance for each bout, as far as it tells} */
    public static Tally ofBouts(String id, BiFunction<BoutSheet, Seat, Optional<String>> option) {
        return new Tally(id, (sheet, seat) -> option.apply(sheet, seat)
                .map(taken -> List.of(new Evidence(sheet.bout().id(), Optional.empty(), taken)))
                .orElse(List.of()));
    }

    /** What option something of one bout counts for, asked of one athlete; empty for none. */
    public interface Of<T> {
        Optional<String> of(BoutSheet sheet, Seat seat, T what);
    }

    /** {@return each visit of a sort, as far as it counts for an option; its evidence is the moment that began it} */
    public static Tally ofVisits(String id, BiFunction<BoutSheet, Seat, Stream<Visit>> which, Of<Visit> option) {
        return new Tally(id, (sheet, seat) -> which.apply(sheet, seat)
                .flatMap(visit -> option.of(sheet, seat, visit).stream()
                        .map(taken -> new Evidence(sheet.bout().id(), visit.openedBy(), taken)))
                .toList());
    }

    /** {@return how long visits of a sort last, by the place they are in} */
    public static Stays staysIn(String id, BiFunction<BoutSheet, Seat, Stream<Visit>> which) {
        return new Stays(id, (sheet, seat) -> which.apply(sheet, seat)
                .map(visit -> stay(sheet, visit, visit.stand().position().key()))
                .toList());
    }

    /** {@return how much of the time watched was spent in places of a sort, by the place} */
    public static Stays timeIn(String id, BiPredicate<Stand, Seat> which) {
        return new Stays(id, (sheet, seat) -> sheet.present().stream()
                .filter(visit -> which.test(visit.stand(), seat))
                .map(visit -> new TimedStay(
                        new Evidence(
                                sheet.bout().id(),
                                visit.openedBy(),
                                visit.stand().position().key()),
                        new Stay(
                                60 * sheet.watchedMinutes(visit.fromMicros(), visit.toMicros()),
                                true,
                                sheet.bout().id())))
                .toList());
    }

    /** {@return a visit as a stay that counts for that option} */
    public static TimedStay stay(BoutSheet sheet, Visit visit, String option) {
        return new TimedStay(
                new Evidence(sheet.bout().id(), visit.openedBy(), option),
                new Stay(
                        visit.playedSeconds(), sheet.sawEnd(visit), sheet.bout().id()));
    }

    public static Evidence at(BoutSheet sheet, Moment moment, String option) {
        return new Evidence(sheet.bout().id(), Optional.of(moment.id()), option);
    }

    /** {@return how long it took from the one to the other, in seconds of the bout; empty where a time is missing, or both are the same} */
    public static Stream<TimedStay> between(BoutSheet sheet, Moment from, Moment to, String option) {
        if (from.atMicros().isEmpty() || to.atMicros().isEmpty()) {
            return Stream.empty();
        }
        double seconds = (to.atMicros().getAsLong() - from.atMicros().getAsLong()) / 1e6;
        // Two moments told at one instant were told in one breath, and not timed apart.
        return seconds <= 0
                ? Stream.empty()
                : Stream.of(new TimedStay(
                        at(sheet, from, option),
                        new Stay(seconds, true, sheet.bout().id())));
    }

    public static boolean by(Moment moment, Seat seat) {
        return moment.actor().equals(Optional.of(seat));
    }
}
