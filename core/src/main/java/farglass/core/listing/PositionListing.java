package farglass.core.listing;

import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.Evidence;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.phrase.AthleteWords;
import farglass.core.scope.Scope;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import farglass.core.state.Visit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;

/** Every visit to a position whose beginning was watched. */
public final class PositionListing {
    private static final int MOST_TRIED = 6;

    private PositionListing() {}

    /** {@return the visits of one athlete, or of everybody, the oldest bout first} */
    public static Listing of(Position position, Optional<String> athlete, Corpus corpus, Scope scope) {
        List<Entry> entries = new ArrayList<>();
        List<String> entered = new ArrayList<>();
        List<String> first = new ArrayList<>();
        List<String> led = new ArrayList<>();
        int top = 0;
        for (BoutSheet sheet : SheetsInScope.of(athlete, corpus, scope)) {
            for (Visit visit : sheet.visits()) {
                if (visit.stand().position().key().equals(position.key())) {
                    entries.add(entry(sheet, visit));
                    Optional<Moment> opened = visit.openedBy().flatMap(sheet.bout()::moment);
                    entered.add(
                            opened.map(moment -> act(sheet, moment, athlete)).orElse("where the bout began"));
                    within(sheet, visit).findFirst().ifPresent(deed -> first.add(act(sheet, deed, athlete)));
                    if (sheet.sawEnd(visit)) {
                        visit.endedBy()
                                .flatMap(sheet.bout()::moment)
                                .ifPresent(moment ->
                                        led.add(place(sheet, sheet.timeline().after(moment), athlete)));
                    }
                    top += athlete.flatMap(sheet.bout().header()::seatOf)
                                    .filter(seat -> visit.stand().roleOf(seat) == Role.TOP)
                                    .isPresent()
                            ? 1
                            : 0;
                }
            }
        }
        long bouts = entries.stream()
                .map(entry -> entry.evidence().bout())
                .distinct()
                .count();
        String roles = athlete.isPresent() && position.hasTop()
                ? ": %d on top, %d underneath".formatted(top, entries.size() - top)
                : "";
        String summary = "%d visit%s in %d bout%s%s."
                .formatted(entries.size(), entries.size() == 1 ? "" : "s", bouts, bouts == 1 ? "" : "s", roles);
        return new Listing(
                position.key(),
                corpus.lexicon().label(position.key()),
                true,
                summary,
                List.of(Flow.of("Entered by", entered), Flow.of("First tried there", first), Flow.of("Led to", led)),
                entries);
    }

    private static Entry entry(BoutSheet sheet, Visit visit) {
        Optional<Moment> opened = visit.openedBy().flatMap(sheet.bout()::moment);
        Optional<Moment> ended = visit.endedBy().flatMap(sheet.bout()::moment);
        Optional<Seat> top = visit.stand().top();
        return new Entry(
                new Evidence(
                        sheet.bout().id(),
                        visit.openedBy(),
                        visit.stand().position().key()),
                sheet.bout().header().date(),
                top.map(seat -> AthleteWords.firstName(sheet.bout(), seat) + " on top")
                        .orElse("nobody on top"),
                top.map(seat -> AthleteWords.firstName(sheet.bout(), seat.other()))
                        .orElse(AthleteWords.firstName(sheet.bout(), Seat.A) + ", "
                                + AthleteWords.firstName(sheet.bout(), Seat.B)),
                OptionalLong.of(visit.fromMicros()),
                opened.map(moment -> entered(sheet, moment)).orElse("where the bout began"),
                tried(sheet, visit),
                came(sheet, visit, ended),
                opened.map(moment -> GainsTold.of(moment)).orElse(""));
    }

    private static String entered(BoutSheet sheet, Moment moment) {
        String choice = moment.telling()
                .motive()
                .filter(motive -> motive != Motive.DECLINED)
                .map(motive -> ", " + motive.label())
                .orElse("");
        return TechniqueListing.sentence(sheet, moment) + choice;
    }

    /** {@return an act by its name, and whether it was the athlete's own} */
    private static String act(BoutSheet sheet, Moment moment, Optional<String> athlete) {
        String name = TechniqueListing.label(sheet, moment);
        return moment.actor()
                .flatMap(actor -> athlete.flatMap(sheet.bout().header()::seatOf)
                        .map(own -> name + (own == actor ? " (own)" : " (the other\u2019s)")))
                .orElse(name);
    }

    private static String place(BoutSheet sheet, Stand stand, Optional<String> athlete) {
        String label = sheet.lexicon().label(stand.position().key());
        return athlete.flatMap(sheet.bout().header()::seatOf)
                .map(own -> switch (stand.roleOf(own)) {
                    case TOP -> label + ", on top";
                    case BOTTOM -> label + ", underneath";
                    default -> label;
                })
                .orElse(label);
    }

    private static Stream<Moment> within(BoutSheet sheet, Visit visit) {
        return sheet.deeds().stream()
                .filter(deed -> deed.atMicros().isPresent()
                        && deed.atMicros().getAsLong() > visit.fromMicros()
                        && deed.atMicros().getAsLong() < visit.toMicros());
    }

    private static List<String> tried(BoutSheet sheet, Visit visit) {
        return within(sheet, visit)
                .limit(MOST_TRIED)
                .map(deed -> TechniqueListing.sentence(sheet, deed))
                .toList();
    }

    private static String came(BoutSheet sheet, Visit visit, Optional<Moment> ended) {
        String lasted = "after %.0f s".formatted(visit.playedSeconds());
        if (ended.isEmpty() || !sheet.sawEnd(visit)) {
            return "still there " + lasted;
        }
        var after = sheet.timeline().after(ended.get());
        String there = sheet.lexicon().label(after.position().key())
                + after.top()
                        .map(seat -> ", %s on top".formatted(AthleteWords.firstName(sheet.bout(), seat)))
                        .orElse("");
        return "%s: %s \u2192 %s".formatted(lasted, TechniqueListing.sentence(sheet, ended.get()), there);
    }
}
