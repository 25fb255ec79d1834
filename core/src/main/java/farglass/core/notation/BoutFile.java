package farglass.core.notation;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.fact.Fact;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Settled;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The bout file: one bout as plain text, one moment a line. Grammar in docs/bout-file.md. */
public final class BoutFile {

    /** First line of every bout file of this format. */
    public static final String FIRST_LINE = BoutPrinter.FIRST_LINE;

    private BoutFile() {}

    /** {@return the bout that a text holds, or why it holds none} Never throws for bad text; linear in its length. */
    public static BoutReading parse(CharSequence text, Lexicon lexicon) {
        return new BoutReader(text, lexicon).read();
    }

    /** {@return the text of a bout} BoutReading it gives an equal bout. */
    public static String print(Bout bout) {
        return new BoutPrinter(bout).print();
    }

    /** {@return one moment's line, its id always written} */
    public static String line(Moment moment) {
        return MomentPrinter.line(moment, "");
    }

    /** {@return one field of a moment as it stands in a bout file, such as {@code grip A left hand on B collar}} */
    public static String field(Fact fact) {
        return FactPrinter.field(fact);
    }

    /** A part of a bout file's line, read by itself. */
    private interface Part<T> {
        Optional<T> read(Cursor cursor, LexiconWords words) throws Cursor.Wrong;
    }

    /** {@return what a text tells, whole; empty for any other text: a plain "no", the caller keeps the text as words} */
    private static <T> Optional<T> whole(String text, Lexicon lexicon, Part<T> part) {
        Cursor cursor = new Cursor(text, 1);
        try {
            Optional<T> found = part.read(cursor, new LexiconWords(cursor, lexicon, new ArrayList<>()));
            return cursor.atEnd() ? found : Optional.empty();
        } catch (Cursor.Wrong notOne) {
            return Optional.empty();
        }
    }

    /** {@return the fact that such a field tells; empty for any other text} */
    public static Optional<Fact> fact(String field, Lexicon lexicon) {
        return facts(field, lexicon).filter(facts -> facts.size() == 1).map(facts -> facts.get(0));
    }

    /** {@return the facts of several such fields between semicolons; empty if one of them is none} */
    public static Optional<List<Fact>> facts(String fields, Lexicon lexicon) {
        return whole(fields, lexicon, (cursor, words) -> {
            FactReader reader = new FactReader(cursor, words);
            List<Fact> facts = new ArrayList<>();
            boolean more = !cursor.atEnd();
            while (more) {
                String key = cursor.word();
                if (!reader.knows(key)) {
                    return Optional.empty();
                }
                facts.add(reader.read(key));
                more = cursor.take(";") && !cursor.atEnd();
            }
            return Optional.of(facts);
        });
    }

    /** {@return where a moment settled, as it stands behind the arrow} */
    public static String settled(Settled settled) {
        return FactPrinter.settled(settled);
    }

    /** {@return the position, and who is on top, that such a text tells; empty for any other} */
    public static Optional<Settled> settled(String text, Lexicon lexicon) {
        return whole(text, lexicon, (cursor, words) -> words.settled());
    }

    /** {@return words in double quotes, as a bout file writes them} */
    public static String quoted(String words) {
        return Quoting.quoted(words);
    }

    /** {@return the words between such quotes; empty for a text that is no quotation} */
    public static Optional<String> unquoted(String text) {
        return whole(text, Lexicon.shipped(), (cursor, words) -> Optional.of(cursor.quoted()));
    }

    /** {@return words in double quotes and, behind them, of what kind it was; empty for any other text} */
    public static Optional<Deed> unnamed(String text, Lexicon lexicon) {
        return whole(
                text,
                lexicon,
                (cursor, words) -> cursor.quoteFollows()
                        ? Optional.of(new DeedReader(cursor, words).unnamed())
                        : Optional.empty());
    }

    /** {@return what a moment is about, as it stands in a bout file} */
    public static String deed(Deed deed) {
        return MomentPrinter.deed(deed);
    }

    /** {@return the award, stoppage, period or other happening that such a text tells; empty for any other} */
    public static Optional<Deed> happening(String text, Lexicon lexicon) {
        return whole(text, lexicon, (cursor, words) -> new DeedReader(cursor, words).reserved());
    }
}
