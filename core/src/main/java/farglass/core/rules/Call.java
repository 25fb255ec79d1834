package farglass.core.rules;

import farglass.core.Spelling;
import farglass.core.bout.Award;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Locale;

/**
 * Something the rules say of a bout.
 *
 * @param to who gets it; a penalty, warning or negative goes against her
 * @param atMicros when, on the bout's timeline: for a hold, when the required seconds were over
 * @param moments ids of the moments it rests on
 * @param sentence why, in one sentence
 */
public record Call(
        Verdict verdict, Seat to, Reason reason, Award gift, long atMicros, List<String> moments, String sentence) {
    /** How much the moments settle. */
    public enum Verdict {
        /** Pattern and hold are certain from the moments. */
        BY_RULES,
        /** It rests on the referee's judgement, or on something not told. */
        COULD,
        /** The hold, or the instant from which points count, is within the tagging error. */
        ARGUABLE;

        public String label() {
            return Spelling.of(this);
        }

        /** {@return the verdict where two things have to hold: by the rules only if both are, else the first doubt of the two} */
        Verdict with(Verdict other) {
            return this == BY_RULES ? other : this;
        }
    }

    public Call {
        moments = List.copyOf(moments);
    }

    /** {@return it in three words, such as "A pass 3" or "B submission advantage"} */
    public String brief() {
        return to + " " + reason.label() + " " + gift(gift);
    }

    static String gift(Award award) {
        return award.kind() == Award.Kind.POINTS
                ? Integer.toString(award.points())
                : award.kind().name().toLowerCase(Locale.ROOT);
    }

    /** {@return a gift as people say it: "3 points", "an advantage"} */
    static String words(Award award) {
        return switch (award.kind()) {
            case POINTS -> award.points() == 1 ? "1 point" : award.points() + " points";
            case ADVANTAGE -> "an advantage";
            case PENALTY -> "a penalty";
            case NEGATIVE -> "a negative";
            case WARNING -> "a warning";
            case DISQUALIFICATION -> "a disqualification";
        };
    }
}
