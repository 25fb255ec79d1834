package farglass.core.listing;

import farglass.core.bout.Moment;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.CountedTry;
import farglass.core.entry.Technique;
import farglass.core.fact.Grip;
import farglass.core.naming.Words;
import farglass.core.phrase.AthleteWords;
import farglass.core.phrase.Phrase;
import farglass.core.scope.Scope;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Every try of a technique, with its variants, that was watched; feints and baits left out. */
public final class TechniqueListing {
    private TechniqueListing() {}

    /** {@return the tries of one athlete, or of everybody, the oldest bout first} */
    public static Listing of(Technique technique, Optional<String> athlete, Corpus corpus, Scope scope) {
        String together = corpus.lexicon().together(technique.key());
        List<Entry> entries = new ArrayList<>();
        List<String> from = new ArrayList<>();
        List<String> replies = new ArrayList<>();
        List<String> came = new ArrayList<>();
        List<Double> held = new ArrayList<>();
        int worked = 0;
        for (BoutSheet sheet : SheetsInScope.of(athlete, corpus, scope)) {
            for (Seat seat : Seat.values()) {
                boolean asked = athlete.isEmpty()
                        || sheet.bout().header().contestant(seat).name().equals(athlete.get());
                if (!asked) {
                    continue;
                }
                for (CountedTry tried : sheet.tried(seat, technique.kind())) {
                    if (corpus.lexicon().together(tried.technique().key()).equals(together)) {
                        entries.add(entry(sheet, seat, tried));
                        from.add(place(sheet, sheet.timeline().before(tried.first())));
                        sheet.reply(tried).ifPresent(reply -> replies.add(label(sheet, reply.later())));
                        came.add(came(sheet, tried));
                        held.addAll(held(tried, seat));
                        worked += tried.worked() ? 1 : 0;
                    }
                }
            }
        }
        long bouts = entries.stream()
                .map(entry -> entry.evidence().bout())
                .distinct()
                .count();
        String summary = "%d tr%s in %d bout%s; %d worked.%s"
                .formatted(
                        entries.size(),
                        entries.size() == 1 ? "y" : "ies",
                        bouts,
                        bouts == 1 ? "" : "s",
                        worked,
                        held(held));
        return new Listing(
                together,
                corpus.lexicon().label(together),
                false,
                summary,
                List.of(
                        Flow.of("From", from),
                        Flow.of("What the other did", replies),
                        Flow.of("What came of it", came)),
                entries);
    }

    /** How long a grip taken there was held, in seconds, where its end was told. */
    private static List<Double> held(CountedTry tried, Seat seat) {
        return tried.attempt().steps().stream()
                .filter(step -> step.atMicros().isPresent())
                .flatMap(step -> step.telling()
                        .facts(Grip.class)
                        .filter(grip -> grip.holder().owner() == seat
                                && grip.untilMicros().isPresent())
                        .map(grip -> (grip.untilMicros().getAsLong()
                                        - step.atMicros().getAsLong())
                                / 1e6))
                .filter(seconds -> seconds >= 0)
                .toList();
    }

    private static String held(List<Double> seconds) {
        if (seconds.isEmpty()) {
            return "";
        }
        List<Double> sorted = seconds.stream().sorted().toList();
        return sorted.size() == 1
                ? " Held for %.0f s, where its end was told.".formatted(sorted.get(0))
                : " Held for %.0f s in the middle, from %.0f to %.0f s (%d times, where its end was told)."
                        .formatted(
                                sorted.get(sorted.size() / 2),
                                sorted.get(0),
                                sorted.get(sorted.size() - 1),
                                sorted.size());
    }

    /** {@return what was done, by its name alone: also where only its kind was told} */
    static String label(BoutSheet sheet, Moment moment) {
        return sheet.technique(moment)
                .map(technique -> sheet.lexicon().label(sheet.lexicon().together(technique.key())))
                .or(() -> moment.settled().map(where -> sheet.lexicon().label(where.position())))
                .orElseGet(() -> Phrase.of(moment, sheet.bout(), sheet.lexicon()));
    }

    private static String place(BoutSheet sheet, Stand stand) {
        return sheet.lexicon().label(stand.position().key());
    }

    private static String came(BoutSheet sheet, CountedTry tried) {
        return tried.cutOff()
                ? "cut off"
                : tried.worked()
                        ? "worked, to "
                                + Words.inSentence(place(
                                        sheet,
                                        sheet.timeline().after(tried.attempt().last())))
                        : "stopped";
    }

    private static Entry entry(BoutSheet sheet, Seat seat, CountedTry tried) {
        Moment first = tried.first();
        Moment last = tried.attempt().last();
        List<String> steps = tried.attempt().steps().stream()
                .skip(1)
                .map(step -> sentence(sheet, step))
                .toList();
        List<String> then = new ArrayList<>(steps);
        sheet.reply(tried)
                .ifPresent(reply ->
                        then.add((reply.confirmed() ? "answered: " : "followed: ") + sentence(sheet, reply.later())));
        var after = sheet.timeline().after(last);
        return new Entry(
                tried.evidence(sheet.bout(), tried.technique().key()),
                sheet.bout().header().date(),
                AthleteWords.firstName(sheet.bout(), seat),
                AthleteWords.firstName(sheet.bout(), seat.other()),
                first.atMicros(),
                "from %s: %s"
                        .formatted(
                                Words.inSentence(sheet.lexicon()
                                        .label(sheet.timeline()
                                                .before(first)
                                                .position()
                                                .key())),
                                Phrase.of(first, sheet.bout(), sheet.lexicon())),
                then,
                tried.worked()
                        ? "\u2192 " + sheet.lexicon().label(after.position().key())
                        : "",
                GainsTold.of(first));
    }

    /** {@return "Runa: knee cut, to own left, nearly"} */
    static String sentence(BoutSheet sheet, Moment moment) {
        return "%s: %s"
                .formatted(
                        AthleteWords.actor(moment.actor(), sheet.bout()),
                        Phrase.of(moment, sheet.bout(), sheet.lexicon()));
    }
}
