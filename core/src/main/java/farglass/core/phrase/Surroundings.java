package farglass.core.phrase;

import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.corpus.BoutSheet;
import farglass.core.entry.Family;
import farglass.core.entry.Position;
import farglass.core.entry.Technique;
import farglass.core.laterality.Laterality;
import farglass.core.naming.Words;
import farglass.core.side.Settled;
import farglass.core.state.Conversation;
import farglass.core.state.Stand;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What stands round a moment, in words: who did it, where the two were, what it answered and what came back. */
public final class Surroundings {
    private Surroundings() {}

    /** {@return the moment itself with who and when: "Ebele: knee cut, to own right, past, 6:43.2"} */
    public static String moment(Moment moment, BoutSheet sheet) {
        return Phrase.told(moment, sheet.bout(), sheet.lexicon()) + time(moment);
    }

    /** {@return "From half guard, Ebele on top. Answers Freya’s frame, 6:39.0."; a part that is not known is left out} */
    public static String around(Moment moment, BoutSheet sheet) {
        List<String> sentences = new ArrayList<>();
        from(moment, sheet).ifPresent(place -> sentences.add("From " + place + "."));
        turned(moment, sheet).ifPresent(sentences::add);
        sheet.conversation()
                .before(moment)
                .filter(turn ->
                        turn.confirmed() || Conversation.isWithin(Conversation.WITHIN_MICROS, turn.earlier(), moment))
                .map(turn -> (turn.confirmed() ? "Answers " : "Comes after ") + named(turn.earlier(), sheet) + ".")
                .ifPresent(sentences::add);
        sheet.conversation()
                .after(moment)
                .map(reply -> (reply.confirmed() ? "Answered by " : "Then ") + named(reply.later(), sheet) + ".")
                .ifPresent(sentences::add);
        return String.join(" ", sentences);
    }

    /** Where somebody told on which side the pin lay, it is worked out whether the back was opened. */
    private static Optional<String> turned(Moment moment, BoutSheet sheet) {
        Optional<Technique> technique = sheet.technique(moment);
        if (technique.isEmpty() || sheet.timeline().before(moment).position().family() != Family.PIN) {
            return Optional.empty();
        }
        List<Moment> moments = sheet.bout().moments();
        Optional<Settled> pin = moments.subList(0, Math.max(0, moments.indexOf(moment))).stream()
                .flatMap(earlier -> earlier.settled().stream())
                .reduce((earlier, later) -> later);
        return pin.flatMap(place -> Laterality.turn(place, moment, technique.get()))
                .map(turn -> "Turns %s (worked out)."
                        .formatted(
                                turn == Laterality.Turn.AWAY ? "away, the back toward the other" : "toward the other"));
    }

    private static Optional<String> from(Moment moment, BoutSheet sheet) {
        Stand stand = sheet.timeline().before(moment);
        Position position = stand.position();
        String label = sheet.lexicon().label(position.key());
        return position.isSettled()
                ? Optional.of(Words.inSentence(label)
                        + AthleteWords.settled(
                                        new Settled(
                                                position.key(), stand.top(), Optional.empty(), stand.passing(), false),
                                        sheet.bout(),
                                        sheet.lexicon())
                                .substring(label.length()))
                : Optional.empty();
    }

    private static String named(Moment moment, BoutSheet sheet) {
        return Phrase.named(moment, sheet.bout(), sheet.lexicon()) + time(moment);
    }

    private static String time(Moment moment) {
        return moment.atMicros().isPresent()
                ? ", " + Times.tenths(moment.atMicros().getAsLong())
                : "";
    }
}
