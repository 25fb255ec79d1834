package farglass.core.notation;

import farglass.core.bout.Deed;
import farglass.core.entry.Position;
import farglass.core.entry.SideRule;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Naming;
import farglass.core.said.PhraseMeaning;
import farglass.core.said.PhraseReader;
import farglass.core.said.Scene;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.state.Whereabouts;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Reads what the lexicon knows within a line; what it does not know is kept as words, with a warning. */
final class LexiconWords {
    /** Nobody mends so many words one by one: of more it is only said that they are unknown. */
    private static final int MOST_SUGGESTED = 300;

    private final Cursor cursor;
    private final Lexicon lexicon;
    private final List<Diagnostic> warnings;
    private Optional<String> unplaced = Optional.empty();

    LexiconWords(Cursor cursor, Lexicon lexicon, List<Diagnostic> warnings) {
        this.cursor = cursor;
        this.lexicon = lexicon;
        this.warnings = warnings;
    }

    /**
     * What an unquoted phrase says.
     *
     * @param side whose side is told within it
     */
    record Sentence(PhraseMeaning said, Optional<OwnedSide> side) {}

    /** {@return what an unquoted phrase says, with a side told within it: "toreando to the left"} */
    Sentence sentence(String phrase, Optional<Seat> actor, Scene scene, int at) {
        PhraseMeaning plain = read(phrase, actor, scene, cursor.ahead());
        Optional<Sentence> clear = plain.unclear()
                ? Optional.empty()
                : clear(phrase, plain, actor, scene, at).or(() -> OtherWords.of(phrase)
                        .flatMap(words -> clear(words, read(words, actor, scene, cursor.ahead()), actor, scene, at)));
        if (clear.isPresent()) {
            return clear.get();
        }
        tell(phrase, plain, actor, scene, at);
        return new Sentence(plain, Optional.empty());
    }

    /** What the phrase says if it names one thing, by itself or without a side told within it. */
    private Optional<Sentence> clear(String phrase, PhraseMeaning said, Optional<Seat> actor, Scene scene, int at) {
        if (said.how().isPresent()) {
            tell(phrase, said, actor, scene, at);
            return Optional.of(new Sentence(said, Optional.empty()));
        }
        for (SidedPhrase sided : actor.isPresent() ? SidedPhrase.in(phrase) : List.<SidedPhrase>of()) {
            PhraseMeaning bare = read(sided.phrase(), actor, scene, cursor.ahead());
            SideRule rule = bare.deed().did().flatMap(this::sideRule).orElse(SideRule.NONE);
            if (bare.how().isPresent() && sided.fits(rule)) {
                tell(sided.phrase(), bare, actor, scene, at);
                return Optional.of(new Sentence(bare, Optional.of(owned(sided.side(), actor.get(), rule))));
            }
        }
        return Optional.empty();
    }

    /** A key of the lexicon always means itself. */
    private PhraseMeaning read(String phrase, Optional<Seat> actor, Scene scene, String ahead) {
        return lexicon.technique(phrase).isPresent()
                ? PhraseMeaning.done(phrase, Naming.How.WRITTEN)
                : PhraseReader.suffered(phrase, actor, scene, FieldHints.became(ahead), FieldHints.hint(ahead), lexicon)
                        .orElseGet(() -> PhraseReader.read(
                                phrase, actor, scene, FieldHints.became(ahead), FieldHints.hint(ahead), lexicon));
    }

    private void tell(String phrase, PhraseMeaning said, Optional<Seat> actor, Scene scene, int at) {
        Optional<String> kind =
                said.unclear() ? Optional.empty() : said.deed().unnamed().flatMap(Deed.Unnamed::kind);
        if (kind.isPresent()) {
            note(
                    at,
                    "\"%s\" has no word; it was kept as it stands, and counts as %s"
                            .formatted(
                                    Cursor.shortened(phrase),
                                    lexicon.technique(kind.get())
                                            .orElseThrow()
                                            .kind()
                                            .label()));
        } else if (said.manner().suffered()) {
            note(
                    at,
                    "\"%s\" tells what was done to whoever is named; it was read as the other's \"%s\""
                            .formatted(Cursor.shortened(phrase), key(said)));
        } else if (said.how().isEmpty()) {
            warn(at, said.unclear() ? unclear(phrase, said) : unknown(phrase, actor, scene));
        } else if (said.how().get() == Naming.How.MENDED) {
            warn(
                    at,
                    "\"%s\" was read as \"%s\". Write that, or the words in double quotes to keep them"
                            .formatted(Cursor.shortened(phrase), key(said)));
        }
    }

    /** {@return whose a bare side is, as the technique's side rule has it; of what has none the actor's own} */
    static OwnedSide owned(Side side, Seat actor, SideRule rule) {
        return new OwnedSide(rule.belongsToReceiver() ? actor.other() : actor, side);
    }

    private static String key(PhraseMeaning said) {
        return said.settled()
                .map(Settled::position)
                .orElseGet(() -> said.deed().did().orElse(""));
    }

    private static String unclear(String phrase, PhraseMeaning said) {
        return "\"%s\" can mean %s here; it was kept as words. Write which"
                .formatted(
                        Cursor.shortened(phrase),
                        said.others().stream().map(Term::key).collect(Collectors.joining(" or ")));
    }

    private String unknown(String phrase, Optional<Seat> actor, Scene scene) {
        Optional<Term> nearest = warnings.size() < MOST_SUGGESTED
                ? PhraseReader.nearest(phrase, actor, scene, lexicon)
                : Optional.empty();
        return "\"%s\" is not in the lexicon; it was kept as words%s"
                .formatted(
                        Cursor.shortened(phrase),
                        nearest.map(term -> ". The nearest word is \"" + term.key() + "\"")
                                .orElse(""));
    }

    /** {@return the key of the general entry that a word for a kind of action stands for; empty for any other word} */
    Optional<String> kind(String word) {
        return Stream.concat(lexicon.technique(word).stream(), lexicon.meanings(word).stream())
                .filter(term -> term.asTechnique().filter(Technique::generic).isPresent())
                .map(Term::key)
                .findFirst();
    }

    /** {@return a position with who is on top and on which side; empty for a word that is none: see {@link #unplaced}} */
    Optional<Settled> settled() throws Cursor.Wrong {
        int at = cursor.column() + 1;
        String words = cursor.until(c -> c == ';' || c == ',');
        Optional<Seat> top = Optional.empty();
        Optional<Seat> passing = Optional.empty();
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
            Seat seat = cursor.seat("\"A on top\", \"A passing\", a side such as \"B left\", or \"worked out\"");
            if (cursor.takeWord("left")) {
                side = Optional.of(new OwnedSide(seat, Side.LEFT));
            } else if (cursor.takeWord("right")) {
                side = Optional.of(new OwnedSide(seat, Side.RIGHT));
            } else if (cursor.takeWord("passing")) {
                passing = Optional.of(seat);
            } else if (cursor.takeWord("on") && cursor.takeWord("top")) {
                top = Optional.of(seat);
            } else {
                throw cursor.wrong("expected \"on top\", \"passing\", \"left\" or \"right\"");
            }
        }
        Optional<Position> found = lexicon.position(words).or(() -> lexicon.place(words));
        if (found.isPresent()) {
            return Optional.of(new Settled(found.get().key(), top, side, passing, workedOut));
        }
        warn(
                at,
                "\"%s\" is no position of the lexicon; it was kept in the note%s"
                        .formatted(Cursor.shortened(words), nearest(words)));
        unplaced = Optional.of(words);
        return Optional.empty();
    }

    /** {@return who is on top in that place by a technique that ends there} */
    Optional<Seat> top(String position, String technique, Seat actor) {
        return lexicon.position(position)
                .filter(Position::hasTop)
                .flatMap(place -> lexicon.technique(technique))
                .filter(known -> known.to().contains(position))
                .flatMap(known -> Whereabouts.top(known, actor));
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
        warnings.add(new Diagnostic(cursor.line(), column, Diagnostic.Severity.WARNING, message));
    }

    private void note(int column, String message) {
        warnings.add(new Diagnostic(cursor.line(), column, Diagnostic.Severity.NOTED, message));
    }
}
