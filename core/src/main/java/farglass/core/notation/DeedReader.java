package farglass.core.notation;

import farglass.core.Spelling;
import farglass.core.bout.Award;
import farglass.core.bout.Deed;
import farglass.core.bout.Result;
import farglass.core.said.MannerTold;
import farglass.core.said.Scene;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import java.util.List;
import java.util.Optional;

/** Reads what a moment is about. */
final class DeedReader {
    private final Cursor cursor;
    private final LexiconWords words;
    private Optional<Settled> settled = Optional.empty();
    private Optional<OwnedSide> side = Optional.empty();
    private MannerTold manner = MannerTold.NOT_TOLD;

    DeedReader(Cursor cursor, LexiconWords words) {
        this.cursor = cursor;
        this.words = words;
    }

    /** {@return where the two are then, where the deed itself was a place, as in "A mount"} */
    Optional<Settled> settled() {
        return settled;
    }

    /** {@return the side told within the deed, as in "A toreando to the left"} */
    Optional<OwnedSide> side() {
        return side;
    }

    /** {@return what the deed itself says of how it went, as in "A loses the underhook"} */
    MannerTold manner() {
        return manner;
    }

    Deed read(Optional<Seat> actor, Scene scene) throws Cursor.Wrong {
        if (cursor.quoteFollows()) {
            return unnamed();
        }
        Optional<Deed> reserved = reserved();
        if (reserved.isPresent()) {
            return reserved.get();
        }
        int at = cursor.column() + 1;
        String said = cursor.until(c -> c == ';');
        return switch (said) {
            case "reached" -> new Deed.Reached();
            case "mark" -> new Deed.Mark();
            case "" -> throw cursor.wrong("expected what happened: a technique, or words in double quotes");
            default -> {
                Optional<Deed> given = bareAward(said)
                        .<Deed>map(Deed.Awarded::new)
                        .or(() -> ShortWords.deed(List.of(said)).filter(Deed.Awarded.class::isInstance))
                        .or(() -> OtherWords.award(said).map(Deed.Awarded::new));
                if (given.isPresent()) {
                    yield given.get();
                }
                LexiconWords.Sentence sentence = words.sentence(said, actor, scene, at);
                settled = sentence.said().settled();
                side = sentence.side();
                manner = sentence.said().manner();
                yield sentence.said().deed();
            }
        };
    }

    Deed unnamed() throws Cursor.Wrong {
        int at = cursor.column();
        String said = cursor.quoted();
        if (said.isBlank()) {
            throw cursor.wrong(at, "an unnamed moment needs words between its quotes; write mark if there are none");
        }
        return new Deed.Unnamed(said, kind());
    }

    /** Behind words in quotes may stand of what kind it was: {@code "throw-by" pass}. */
    private Optional<String> kind() throws Cursor.Wrong {
        if (cursor.fieldEnds()) {
            return Optional.empty();
        }
        int at = cursor.column();
        String word = cursor.until(c -> c == ';');
        Optional<String> kind = words.kind(word);
        if (kind.isEmpty()) {
            throw cursor.wrong(
                    at,
                    "\"%s\" is no kind of action; write one such as pass, sweep, takedown, choke, grip, escape or step, or nothing",
                    word);
        }
        return kind;
    }

    /** {@return what is given without a number, where only its name is written} */
    private static Optional<Award> bareAward(String said) {
        return Spelling.find(Award.Kind.class, said)
                .filter(kind -> kind != Award.Kind.POINTS)
                .map(Award::of);
    }

    /** {@return what a reserved word begins; empty for any other text} */
    Optional<Deed> reserved() throws Cursor.Wrong {
        Optional<ReservedWords> word = Spelling.find(ReservedWords.class, cursor.peek());
        if (word.isEmpty()) {
            return Optional.empty();
        }
        cursor.word();
        return Optional.of(after(word.get()));
    }

    private Deed after(ReservedWords word) throws Cursor.Wrong {
        return switch (word) {
            case AWARD -> new Deed.Awarded(award("award"));
            case RULE -> new Deed.Ruled(award("rule"));
            case VERDICT -> verdict();
            case STOP -> new Deed.Stopped(cursor.words(c -> c == ';'));
            case RESTART -> restart();
            case BEGIN -> new Deed.Began(cursor.named(Deed.Period.class, "a period"));
            case END -> new Deed.Ended(cursor.named(Deed.Period.class, "a period"));
            case TIME_LEFT -> new Deed.ClockRead(cursor.timeFromZero());
            case TIMED -> timed();
            case CORNER -> corner();
        };
    }

    private Award award(String verb) throws Cursor.Wrong {
        int at = cursor.column();
        String word = cursor.word();
        if (word.equals("A") || word.equals("B")) {
            throw cursor.wrong(
                    at, "whoever gets it stands in front: write \"%s %s …\", and nobody before it", word, verb);
        }
        for (Award.Kind kind : Award.Kind.values()) {
            if (kind != Award.Kind.POINTS && Spelling.of(kind).equals(word)) {
                return Award.of(kind);
            }
        }
        if (!word.matches("[1-9]") || !(cursor.takeWord("points") || cursor.takeWord("point"))) {
            throw cursor.wrong(
                    at,
                    "expected what was given, such as \"%s 3 points\", \"%s advantage\", \"%s penalty\", \"%s negative\", \"%s warning\" or \"%s disqualification\"",
                    verb,
                    verb,
                    verb,
                    verb,
                    verb,
                    verb);
        }
        return Award.points(Integer.parseInt(word));
    }

    private Deed verdict() throws Cursor.Wrong {
        String said = cursor.quoteFollows() ? cursor.quoted() : "";
        if (cursor.fieldEnds()) {
            return new Deed.Verdict(said, Optional.empty());
        }
        int at = cursor.column();
        String word = cursor.word();
        if (!word.matches("[0-9]{1,3}-[0-9]{1,3}")) {
            throw cursor.wrong(at, "\"%s\" stands where a score A-B belongs, such as 10-9", word);
        }
        String[] score = word.split("-");
        return new Deed.Verdict(
                said, Optional.of(new Result.Score(Integer.parseInt(score[0]), Integer.parseInt(score[1]))));
    }

    private Deed restart() throws Cursor.Wrong {
        Optional<Deed.Resumed> resumed = cursor.takeWord("neutral") || cursor.takeWord("standing")
                ? Optional.of(Deed.Resumed.NEUTRAL)
                : cursor.takeWord("same") ? Optional.of(Deed.Resumed.SAME) : Optional.empty();
        boolean disputed = cursor.takeWord("disputed");
        if (!cursor.fieldEnds()) {
            throw cursor.wrong(
                    "expected nothing more, or one of neutral, same, disputed; anything else goes into a note");
        }
        return new Deed.Restarted(resumed, disputed);
    }

    private Deed timed() throws Cursor.Wrong {
        if (!cursor.takeWord("to")) {
            throw cursor.wrong("expected \"to\" and the time at which the stopwatch was stopped");
        }
        long to = cursor.timeFromZero();
        return new Deed.Timed(to, cursor.quoteFollows() ? cursor.quoted() : "");
    }

    private Deed corner() throws Cursor.Wrong {
        int at = cursor.column();
        String said = cursor.quoted();
        if (said.isBlank()) {
            throw cursor.wrong(at, "an instruction needs words between its quotes");
        }
        return new Deed.Instructed(
                said,
                cursor.fieldEnds()
                        ? Optional.empty()
                        : Optional.of(cursor.named(Deed.Followed.class, "what came of an instruction")));
    }
}
