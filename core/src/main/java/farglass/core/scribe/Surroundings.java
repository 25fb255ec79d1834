package farglass.core.scribe;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Settled;
import farglass.core.bout.Times;
import farglass.core.corpus.BoutSheet;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.Words;
import farglass.core.state.Stand;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What stands round a moment, in words: who did it, where the two were, what it answered and what came back. */
public final class Surroundings {
    private Surroundings() {}

    /** {@return the moment itself with who and when: "Ebele: knee cut, to own right, past  6:43.2"} */
    public static String moment(Moment moment, BoutSheet sheet) {
        String words = Phrase.of(moment, sheet.bout(), sheet.lexicon());
        return moment.actor()
                        .map(actor -> Phrase.firstName(sheet.bout(), actor) + ": " + inSentence(words))
                        .orElse(words)
                + time(moment);
    }

    /** {@return "From half guard, Ebele on top. Answers the frame of Freya, 6:39.0."; a part that is not known is left out} */
    public static String around(Moment moment, BoutSheet sheet) {
        List<String> sentences = new ArrayList<>();
        from(moment, sheet).ifPresent(place -> sentences.add("From " + inSentence(place) + "."));
        sheet.conversation()
                .before(moment)
                .map(turn -> (turn.confirmed() ? "Answers " : "Comes after ") + named(turn.earlier(), sheet) + ".")
                .ifPresent(sentences::add);
        sheet.conversation()
                .after(moment)
                .map(reply -> (reply.confirmed() ? "Answered by " : "Then ") + named(reply.later(), sheet) + ".")
                .ifPresent(sentences::add);
        return String.join(" ", sentences);
    }

    private static Optional<String> from(Moment moment, BoutSheet sheet) {
        Stand stand = sheet.timeline().before(moment);
        Position position = stand.position();
        return position.isSettled()
                ? Optional.of(Phrase.settled(
                        new Settled(position.key(), stand.top(), Optional.empty(), stand.passing(), false),
                        sheet.bout(),
                        sheet.lexicon()))
                : Optional.empty();
    }

    private static String named(Moment moment, BoutSheet sheet) {
        Bout bout = sheet.bout();
        String whose = moment.actor()
                .map(actor -> Phrase.firstName(bout, actor) + "\u2019s ")
                .orElse("");
        return whose + inSentence(Phrase.of(moment, bout, sheet.lexicon())) + time(moment);
    }

    /** What comes first is a label; behind the comma athletes may be named. */
    private static String inSentence(String words) {
        int comma = words.indexOf(", ");
        return comma < 0
                ? Words.inSentence(words)
                : Words.inSentence(words.substring(0, comma)) + words.substring(comma);
    }

    private static String time(Moment moment) {
        return moment.atMicros().isPresent()
                ? ", " + Times.tenths(moment.atMicros().getAsLong())
                : "";
    }
}
