package farglass.core.catalogue.tally;

import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.EachTally;
import farglass.core.entry.Kind;
import farglass.core.entry.Position;
import farglass.core.side.Seat;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;

/** Tries of every kind that gain something, of one of the two, and how they ended. */
public final class Attacks {
    private static final Set<Kind> KINDS =
            EnumSet.of(Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION);

    private Attacks() {}

    /**
     * {@return by the place they began from, how attacks ended; a place that was not told is none}
     *
     * @param own whether they are the athlete's own, and not the other's
     */
    public static EachTally byPlace(String id, boolean own) {
        return new EachTally(id, (sheet, seat) -> sheet.tried(own ? seat : seat.other(), KINDS).stream()
                .flatMap(tried -> Tries.ended(
                        sheet,
                        tried,
                        Optional.of(sheet.timeline().before(tried.first()).position())
                                .filter(Position::isSettled)
                                .map(Position::key))
                        .stream())
                .toList());
    }

    /**
     * {@return by what the bout is sorted into, how attacks in it ended}
     *
     * @param sort empty for a bout that is of no sort
     */
    public static EachTally byBout(String id, boolean own, BiFunction<BoutSheet, Seat, Optional<String>> sort) {
        return new EachTally(id, (sheet, seat) -> sort.apply(sheet, seat)
                .map(of -> sheet.tried(own ? seat : seat.other(), KINDS).stream()
                        .flatMap(tried -> Tries.ended(sheet, tried, Optional.of(of)).stream())
                        .toList())
                .orElse(List.of()));
    }
}
