package farglass.core.state;

import farglass.core.entry.Start;
import java.util.List;
import java.util.Optional;

/**
 * Something a telling gives cause to look at.
 *
 * @param moments ids of the moments it speaks of, the first of them first; none where it is about the bout as a whole
 * @param sentence in plain words, naming its moments and how to mend it
 * @param canStart for what is merely unusual: what would make it usual, if the user says that it can start there
 */
public record Finding(Sort sort, List<String> moments, String sentence, Optional<CanStart> canStart) {
    /** How much it weighs. */
    public enum Sort {
        /** It cannot be so as it is told. */
        WARNING,
        /** The lexicon does not know it so; it may well have been so. */
        UNUSUAL,
        /** Noted, and nothing to mend. */
        NOTED
    }

    /** A technique and a place where it could start besides. */
    public record CanStart(String technique, Start start) {}

    public Finding {
        moments = List.copyOf(moments);
    }

    public static Finding warning(List<String> moments, String sentence) {
        return new Finding(Sort.WARNING, moments, sentence, Optional.empty());
    }

    /** {@return the moment at which it is shown; empty where it is about the bout as a whole} */
    public String momentId() {
        return moments.isEmpty() ? "" : moments.get(0);
    }
}
