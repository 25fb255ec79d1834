package farglass.core.notation;

import farglass.core.bout.Award;
import farglass.core.bout.Became;
import farglass.core.bout.Certainty;
import farglass.core.bout.Deed;
import farglass.core.bout.Line;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.OwnedSide;
import farglass.core.bout.Seat;
import farglass.core.bout.Settled;
import farglass.core.bout.Side;
import farglass.core.bout.Stage;
import farglass.core.bout.Telling;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.Technique;
import farglass.core.lexicon.Term;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/** Reads one moment's line: time, who, what, and fields between semicolons. */
final class MomentReader {
    private final Lexicon lexicon;
    private final Cursor cursor;
    private final List<Diagnostic> warnings;
    private String id;
    private Optional<Settled> settled = Optional.empty();
    private Telling told = Telling.NOTHING;

    MomentReader(Cursor cursor, Lexicon lexicon, String usualId, List<Diagnostic> warnings) {
        this.cursor = cursor;
        this.lexicon = lexicon;
        this.id = usualId;
        this.warnings = warnings;
    }

    Moment read() throws Cursor.Wrong {
        OptionalLong at = time();
        Optional<Seat> actor = actor();
        Deed deed = deed();
        while (!cursor.atEnd()) {
            if (!cursor.take(";")) {
                throw cursor.wrong("expected a semicolon before the next field");
            }
            if (!cursor.atEnd()) {
                field();
            }
        }
        if (deed instanceof Deed.Reached && settled.isEmpty() && told.note().isEmpty()) {
            throw cursor.wrong("\"reached\" needs a position; add \"; -> POSITION, A on top\"");
        }
        return new Moment(id, at, actor, deed, settled, told);
    }

    private OptionalLong time() throws Cursor.Wrong {
        if (cursor.takeWord("?")) {
            return OptionalLong.empty();
        }
        long micros = cursor.time();
        if (micros < 0) {
            throw cursor.wrong(1, "this time is before the bout began; write a time of 0:00 or later");
        }
        return OptionalLong.of(micros);
    }

    private Optional<Seat> actor() throws Cursor.Wrong {
        if (cursor.takeWord("-")) {
            return Optional.empty();
        }
        return Optional.of(seat("who did it: A, B, or - for nobody or unknown"));
    }

    private Seat seat(String expected) throws Cursor.Wrong {
        if (cursor.takeWord("A")) {
            return Seat.A;
        }
        if (cursor.takeWord("B")) {
            return Seat.B;
        }
        throw cursor.wrong("expected " + expected);
    }

    private Deed deed() throws Cursor.Wrong {
        if (cursor.quoteFollows()) {
            int at = cursor.column();
            String words = cursor.quoted();
            if (words.isBlank()) {
                throw cursor.wrong(
                        at, "an unnamed moment needs words between its quotes; write mark if there are none");
            }
            return new Deed.Unnamed(words);
        }
        if (cursor.takeWord("award")) {
            return new Deed.Awarded(award());
        }
        if (cursor.takeWord("stop")) {
            return new Deed.Stopped(cursor.words(c -> c == ';'));
        }
        int at = cursor.column() + 1;
        String words = cursor.until(c -> c == ';');
        return switch (words) {
            case "restart" -> new Deed.Restarted();
            case "reached" -> new Deed.Reached();
            case "mark" -> new Deed.Mark();
            case "" -> throw cursor.wrong("expected what happened: a technique, or words in double quotes");
            default -> technique(words, at);
        };
    }

    private Award award() throws Cursor.Wrong {
        if (cursor.takeWord("advantage")) {
            return Award.advantage();
        }
        if (cursor.takeWord("penalty")) {
            return Award.penalty();
        }
        int at = cursor.column();
        String points = cursor.word();
        if (!points.matches("[1-9]") || !(cursor.takeWord("points") || cursor.takeWord("point"))) {
            throw cursor.wrong(
                    at,
                    "expected what was given, such as \"award 3 points\", \"award advantage\" or \"award penalty\"");
        }
        return Award.points(Integer.parseInt(points));
    }

    private Deed technique(String words, int at) {
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

    private String nearest(String words) {
        return lexicon.nearest(words)
                .map(term -> ". The nearest word is \"" + term.key() + "\"")
                .orElse("");
    }

    private void warn(int column, String message) {
        warnings.add(new Diagnostic(cursor.line(), column, false, message));
    }

    private void field() throws Cursor.Wrong {
        int at = cursor.column();
        if (cursor.take("->")) {
            settled = settled();
            return;
        }
        String key = cursor.word();
        switch (key) {
            case "side" ->
                told = told.withSide(new OwnedSide(seat("whose side: A or B"), cursor.named(Side.class, "a side")));
            case "line" -> told = told.withLine(cursor.named(Line.class, "a line"));
            case "stage" -> told = told.withStage(cursor.named(Stage.class, "a stage"));
            case "motive" -> told = told.withMotive(cursor.named(Motive.class, "a motive"));
            case "answers" -> told = told.withAnswers(Optional.of(id(cursor)));
            case "id" -> id = id(cursor);
            case "note" -> told = told.withNote(note(cursor.quoted()));
            case "private" -> told = told.withConfidential(true);
            case "unsure" -> told = told.withCertainty(Certainty.UNSURE);
            case "hidden" -> told = told.withCertainty(Certainty.HIDDEN);
            default -> told = told.withBecame(became(key, at));
        }
    }

    /** What a word unknown to the lexicon said stays in the note, in front of the note's own words. */
    private String note(String words) {
        return told.note().map(kept -> kept + " " + words).orElse(words);
    }

    private static String id(Cursor cursor) throws Cursor.Wrong {
        int at = cursor.column();
        String id = cursor.words(c -> c == ';');
        if (id.isBlank()) {
            throw cursor.wrong(at, "expected the id of a moment, such as m4");
        }
        return id;
    }

    private Became became(String word, int at) throws Cursor.Wrong {
        for (Became became : Became.values()) {
            if (became.label().equals(word)) {
                return became;
            }
        }
        throw cursor.wrong(
                at,
                "\"%s\" is no field of a moment; write one of ->, side, line, stage, motive, answers, id, note, private, unsure, hidden, %s",
                word,
                String.join(
                        ", ", Arrays.stream(Became.values()).map(Became::label).toList()));
    }

    private Optional<Settled> settled() throws Cursor.Wrong {
        int at = cursor.column() + 1;
        String words = cursor.until(c -> c == ';' || c == ',');
        Optional<Seat> top = Optional.empty();
        boolean workedOut = false;
        while (cursor.take(",")) {
            if (cursor.takeWord("worked")) {
                if (!cursor.takeWord("out")) {
                    throw cursor.wrong("expected \"worked out\"");
                }
                workedOut = true;
            } else {
                top = Optional.of(seat("\"A on top\", \"B on top\" or \"worked out\""));
                if (!cursor.takeWord("on") || !cursor.takeWord("top")) {
                    throw cursor.wrong("expected \"on top\"");
                }
            }
        }
        Optional<Term> found = lexicon.position(words).map(Term.class::cast).or(() -> lexicon.find(words));
        if (found.isPresent() && found.get() instanceof Position position) {
            return Optional.of(new Settled(position.key(), top, workedOut));
        }
        warn(
                at,
                "\"%s\" is no position of the lexicon; it was kept in the note%s"
                        .formatted(Cursor.shortened(words), nearest(words)));
        told = told.withNote(note("Reached: " + words + "."));
        return Optional.empty();
    }
}
