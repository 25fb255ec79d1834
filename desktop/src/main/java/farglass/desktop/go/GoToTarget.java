package farglass.desktop.go;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Something one can go to, or do. It never changes; what it is found by is worked out the first time that somebody looks, off the interface thread. */
final class GoToTarget {
    private static final double OF_ANOTHER_NAME = 0.8;
    private static final double HINDERED = 0.5;
    private static final double LEAST = 0.05;

    private final String kind;
    private final String words;
    private final List<String> otherNames;
    private final String beside;
    private final Optional<String> hindrance;
    private final double more;
    private final Runnable going;
    /** Its words, then those of each other name. Two who look at once work out the same. */
    private volatile List<List<String>> foundBy = List.of();

    private GoToTarget(
            String kind,
            String words,
            List<String> otherNames,
            String beside,
            Optional<String> hindrance,
            double more,
            Runnable going) {
        this.kind = kind;
        this.words = words;
        this.otherNames = List.copyOf(otherNames);
        this.beside = beside;
        this.hindrance = hindrance;
        this.more = more;
        this.going = going;
    }

    /**
     * {@return one that is always possible}
     *
     * @param kind what it is, such as "Technique"
     * @param words as shown
     * @param beside what is told beside it, such as its key; may be empty
     * @param going goes there, or does it
     */
    static GoToTarget of(String kind, String words, String beside, Runnable going) {
        return new GoToTarget(kind, words, List.of(), beside, Optional.empty(), 0, going);
    }

    /** {@return the same, found by other names, too} */
    GoToTarget alsoCalled(List<String> names) {
        return new GoToTarget(kind, words, names, beside, hindrance, more, going);
    }

    /** {@return the same, which cannot be done now for that reason, if there is one} */
    GoToTarget hindered(Optional<String> reason) {
        return new GoToTarget(kind, words, otherNames, beside, reason, more, going);
    }

    /** {@return the same, so much further in front, or behind where that is negative} */
    GoToTarget weighing(double added) {
        return new GoToTarget(kind, words, otherNames, beside, hindrance, added, going);
    }

    /** {@return what it is} */
    String kind() {
        return kind;
    }

    /** {@return as shown} */
    String words() {
        return words;
    }

    /** {@return what is told beside it; may be empty} */
    String beside() {
        return beside;
    }

    /** {@return why it cannot be done now; empty where it can} */
    Optional<String> hindrance() {
        return hindrance;
    }

    /** {@return what is added to what the letters weigh: what is used more stands further in front, what there is much of further back} */
    double more() {
        return more;
    }

    /** {@return goes there, or does it} */
    Runnable going() {
        return going;
    }

    /** {@return how well it is meant by these letters, above 0; 0 if it is not} */
    double weight(TypedLetters letters) {
        List<List<String>> names = foundBy;
        if (names.isEmpty()) {
            names = Stream.concat(Stream.of(words), otherNames.stream())
                    .map(TypedLetters::words)
                    .toList();
            foundBy = names;
        }
        double best = letters.weight(names.get(0), words.length());
        for (List<String> other : names.subList(1, names.size())) {
            best = Math.max(best, OF_ANOTHER_NAME * letters.weight(other, words.length()));
        }
        return best == 0 ? 0 : Math.max(LEAST, best + more) * (hindrance.isPresent() ? HINDERED : 1);
    }
}
