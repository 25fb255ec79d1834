package farglass.core.notation;

import farglass.core.Spelling;
import farglass.core.bout.Times;
import farglass.core.side.Seat;
import java.util.Optional;
import java.util.function.Predicate;

/** Reads one line from left to right, and knows where it is when something is wrong. */
final class Cursor {
    /** Thrown for a line that cannot be read; caught where the line is, and turned into a diagnostic. */
    static final class Wrong extends Exception {
        private static final long serialVersionUID = 1;
        private final transient Diagnostic diagnostic;

        Wrong(Diagnostic diagnostic) {
            super(diagnostic.message(), null, false, false);
            this.diagnostic = diagnostic;
        }

        Diagnostic diagnostic() {
            return diagnostic;
        }
    }

    private final String text;
    private final int line;
    private int next;

    Cursor(String text, int line) {
        this.text = text;
        this.line = line;
    }

    int line() {
        return line;
    }

    int column() {
        return next + 1;
    }

    boolean atEnd() {
        skipBlanks();
        return next >= text.length();
    }

    private void skipBlanks() {
        while (next < text.length() && Character.isWhitespace(text.charAt(next))) {
            next++;
        }
    }

    boolean take(String literal) {
        skipBlanks();
        if (text.startsWith(literal, next)) {
            next += literal.length();
            return true;
        }
        return false;
    }

    /** {@return the next word, which stays to be taken} */
    String peek() {
        int at = next;
        String word = word();
        next = at;
        return word;
    }

    /** Takes a whole word if it comes next, and says whether it did. */
    boolean takeWord(String expected) {
        skipBlanks();
        int end = next + expected.length();
        if (text.startsWith(expected, next) && (end == text.length() || isBreak(text.charAt(end)))) {
            next = end;
            return true;
        }
        return false;
    }

    private static boolean isBreak(char c) {
        return Character.isWhitespace(c) || c == ';' || c == ',';
    }

    /** {@return the next word; empty at the end or before a semicolon or comma} */
    String word() {
        skipBlanks();
        int from = next;
        while (next < text.length() && !isBreak(text.charAt(next))) {
            next++;
        }
        return text.substring(from, next);
    }

    /** {@return everything up to the next character that ends it, or the end, without blanks around} */
    String until(Predicate<Character> ends) {
        skipBlanks();
        int from = next;
        while (next < text.length() && !ends.test(text.charAt(next))) {
            next++;
        }
        return text.substring(from, next).strip();
    }

    /** {@return what is still to be read, which stays} */
    String ahead() {
        return text.substring(next);
    }

    String rest() {
        return until(c -> false);
    }

    boolean quoteFollows() {
        skipBlanks();
        return next < text.length() && text.charAt(next) == '"';
    }

    /** {@return the text of a quoted string, its escapes undone} */
    String quoted() throws Wrong {
        skipBlanks();
        if (!quoteFollows()) {
            throw wrong("expected words in double quotes, such as \"left foot slipped\"");
        }
        int open = next++;
        StringBuilder words = new StringBuilder();
        while (next < text.length()) {
            char c = text.charAt(next++);
            if (c == '"') {
                if (hasHalf(words)) {
                    next = open;
                    throw wrong("half a character stands between these quotes; write the whole one");
                }
                return words.toString();
            }
            words.append(c == '\\' ? escaped() : c);
        }
        next = open;
        throw wrong("this double quote is never closed; close it on the same line");
    }

    /** Half of a character that is written as two, alone: no file could hold it. */
    static boolean hasHalf(CharSequence words) {
        return words.codePoints()
                .anyMatch(point -> point >= Character.MIN_SURROGATE && point <= Character.MAX_SURROGATE);
    }

    private char escaped() throws Wrong {
        char c = next < text.length() ? text.charAt(next++) : ' ';
        switch (c) {
            case '"', '\\':
                return c;
            case 'n':
                return '\n';
            case 't':
                return '\t';
            case 'u':
                if (next + 4 <= text.length() && text.substring(next, next + 4).matches("[0-9a-f]{4}")) {
                    next += 4;
                    return (char) Integer.parseInt(text.substring(next - 4, next), 16);
                }
                break;
            default:
        }
        throw wrong("after a backslash only \", \\, n, t or u with four digits may stand");
    }

    String words(Predicate<Character> ends) throws Wrong {
        return quoteFollows() ? quoted() : until(ends);
    }

    long time() throws Wrong {
        int at = column();
        String word = word();
        return Times.parse(word)
                .orElseThrow(() -> wrong(
                        at,
                        "\"%s\" stands where a time belongs; write minutes and " + "seconds, such as 2:05 or 2:05.4",
                        word));
    }

    /** {@return a time of the bout, which never begins before 0:00} */
    long timeFromZero() throws Wrong {
        int at = column();
        long micros = time();
        if (micros < 0) {
            throw wrong(at, "this time is before the bout began; write a time of 0:00 or later");
        }
        return micros;
    }

    Seat seat(String expected) throws Wrong {
        if (takeWord("A")) {
            return Seat.A;
        }
        if (takeWord("B")) {
            return Seat.B;
        }
        throw wrong("expected " + expected);
    }

    Optional<Seat> nobodyOrSeat(String what) throws Wrong {
        if (takeWord("-")) {
            return Optional.empty();
        }
        return Optional.of(seat(what + ": A, B, or - for nobody or unknown"));
    }

    /** {@return whether nothing more stands in this field} */
    boolean fieldEnds() {
        skipBlanks();
        return next >= text.length() || text.charAt(next) == ';' || text.charAt(next) == ',';
    }

    /** {@return words in double quotes, with something in them} */
    String filledQuote() throws Wrong {
        skipBlanks();
        int at = column();
        String words = quoted();
        if (words.isBlank()) {
            throw wrong(at, "there is nothing between these quotes; write what you mean, or leave the field out");
        }
        return words;
    }

    String momentId() throws Wrong {
        skipBlanks();
        int at = column();
        String id = words(c -> c == ';' || c == ',');
        if (id.isBlank()) {
            throw wrong(at, "expected the id of a moment, such as m4");
        }
        return id;
    }

    int whole(int from, int to) throws Wrong {
        skipBlanks();
        int at = column();
        String word = word();
        if (word.matches("-?[0-9]{1,4}") && Integer.parseInt(word) >= from && Integer.parseInt(word) <= to) {
            return Integer.parseInt(word);
        }
        throw wrong(at, "\"%s\" stands where a whole number from " + from + " to " + to + " belongs", word);
    }

    /** {@return a number in [0, 1]} */
    double fraction() throws Wrong {
        skipBlanks();
        int at = column();
        String word = word();
        if (word.matches("[0-9.]{1,25}(E-?[0-9]{1,3})?") && !word.matches(".*\\..*\\..*") && !word.matches("\\.*")) {
            double value = Double.parseDouble(word);
            if (value <= 1) {
                return value;
            }
        }
        throw wrong(at, "\"%s\" stands where a number from 0 to 1 belongs", word);
    }

    /** Takes the word for one of an enum's values; hyphens in it may be written as blanks. */
    <E extends Enum<E>> E named(Class<E> type, String what) throws Wrong {
        skipBlanks();
        int at = column();
        for (E value : type.getEnumConstants()) {
            String spelled = Spelling.of(value);
            if (spelled.indexOf('-') > 0 && takeWord(spelled.replace('-', ' '))) {
                return value;
            }
        }
        String word = word();
        Optional<E> found = Spelling.find(type, word);
        if (found.isPresent()) {
            return found.get();
        }
        throw wrong(
                at,
                "\"%s\" stands where " + what + " belongs; write one of "
                        + String.join(", ", Spelling.all(type).keySet()),
                word);
    }

    Wrong wrong(String message, Object... words) {
        return wrong(column(), message, words);
    }

    Wrong wrong(int column, String message, Object... words) {
        for (int i = 0; i < words.length; i++) {
            words[i] = words[i] instanceof String word ? shortened(word) : words[i];
        }
        return new Wrong(new Diagnostic(line, column, Diagnostic.Severity.ERROR, message.formatted(words)));
    }

    /** {@return a foreign word fit for a message: no control characters, and no longer than a line can bear} */
    static String shortened(String word) {
        String clean = word.replaceAll("\\p{Cntrl}", "?");
        return clean.length() <= 120 ? clean : clean.substring(0, 120) + "…";
    }
}
