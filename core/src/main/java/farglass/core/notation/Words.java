package farglass.core.notation;

import farglass.core.bout.Deed;
import farglass.core.bout.OwnedSide;
import farglass.core.bout.Seat;
import farglass.core.bout.Settled;
import farglass.core.bout.Side;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.SideRule;
import farglass.core.lexicon.Technique;
import farglass.core.lexicon.Term;
import java.util.List;
import java.util.Optional;

/** Reads what the lexicon knows within a line; what it does not know is kept as words, with a warning. */
final class Words {
    private final Cursor cursor;
    private final Lexicon lexicon;
    private final List<Diagnostic> warnings;
    private Optional<String> unplaced = Optional.empty();

    Words(Cursor cursor, Lexicon lexicon, List<Diagnostic> warnings) {
        this.cursor = cursor;
        this.lexicon = lexicon;
        this.warnings = warnings;
    }

    Deed technique(String words, int at) {
        Optional<Term> found = lexicon.technique(words).map(Term.class::cast).or(() -> lexicon.find(words));
        if (found.isPresent() && found.get() instanceof Technique technique) {
            return new Deed.Did(technique.key());
        }
        if (found.isPresent() && found.get() instanceof Position position) {
            warn(
                    at,
                    "\"%s\" is a position; it was kept as words. To say that it was reached, write \"reached; -> %s\""
                            .formatted(Cursor.shortened(words), position.key()));
        } else {
            warn(
                    at,
                    "\"%s\" is not in the lexicon; it was kept as words%s"
                            .formatted(Cursor.shortened(words), nearest(words)));
        }
        return new Deed.Unnamed(words);
    }

    /** {@return a position with who is on top and on which side; empty for a word that is none: see {@link #unplaced}} */
    Optional<Settled> settled() throws Cursor.Wrong {
        int at = cursor.column() + 1;
        String words = cursor.until(c -> c == ';' || c == ',');
        Optional<Seat> top = Optional.empty();
        Optional<OwnedSide> side = Optional.empty();
        boolean workedOut = false;
        while (cursor.take(",")) {
            if (cursor.takeWord("worked")) {
                if (!cursor.takeWord("out")) {
                    throw cursor.wrong("expected \"worked out\"");
                }
                workedOut = true;
                continue;
            }
            Seat seat = cursor.seat("\"A on top\", a side such as \"B left\", or \"worked out\"");
            if (cursor.takeWord("left")) {
                side = Optional.of(new OwnedSide(seat, Side.LEFT));
            } else if (cursor.takeWord("right")) {
                side = Optional.of(new OwnedSide(seat, Side.RIGHT));
            } else if (cursor.takeWord("on") && cursor.takeWord("top")) {
                top = Optional.of(seat);
            } else {
                throw cursor.wrong("expected \"on top\", \"left\" or \"right\"");
            }
        }
        Optional<Term> found = lexicon.position(words).map(Term.class::cast).or(() -> lexicon.find(words));
        if (found.isPresent() && found.get() instanceof Position position) {
            return Optional.of(new Settled(position.key(), top, side, workedOut));
        }
        warn(
                at,
                "\"%s\" is no position of the lexicon; it was kept in the note%s"
                        .formatted(Cursor.shortened(words), nearest(words)));
        unplaced = Optional.of(words);
        return Optional.empty();
    }

    Optional<SideRule> sideRule(String technique) {
        return lexicon.technique(technique).map(Technique::sideRule);
    }

    /** {@return the last position the lexicon did not know, once} */
    Optional<String> unplaced() {
        Optional<String> last = unplaced;
        unplaced = Optional.empty();
        return last;
    }

    private String nearest(String words) {
        return lexicon.nearest(words)
                .map(term -> ". The nearest word is \"" + term.key() + "\"")
                .orElse("");
    }

    private void warn(int column, String message) {
        warnings.add(new Diagnostic(cursor.line(), column, false, message));
    }
}
