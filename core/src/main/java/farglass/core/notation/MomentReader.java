package farglass.core.notation;

import farglass.core.Spelling;
import farglass.core.bout.Became;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.Telling;
import farglass.core.entry.SideRule;
import farglass.core.fact.Certainty;
import farglass.core.lexicon.Lexicon;
import farglass.core.said.Scene;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Stream;

/** Reads one moment's line: time, who, what, and fields between semicolons. */
final class MomentReader {
    /** What is told of one moment is far below this; each field is laid onto all those before it. */
    private static final int MOST_FIELDS = 1_000;

    private int fields;
    private final Cursor cursor;
    private final LexiconWords words;
    private final FactReader facts;
    private final Scene scene;
    private final TimeLeft timeLeft;

    /** Where on the bout's timeline the match clock shows so much time left. */
    interface TimeLeft {
        /** @throws Cursor.Wrong if nothing settles it */
        long at(long leftMicros, Cursor cursor) throws Cursor.Wrong;
    }

    private Optional<Seat> bareOwner = Optional.empty();
    private String id;
    private Optional<Settled> settled = Optional.empty();
    private Telling told = Telling.NOTHING;

    /** @param scene where it happens, which settles what a word of several meanings means */
    MomentReader(
            Cursor cursor,
            Lexicon lexicon,
            String usualId,
            List<Diagnostic> warnings,
            Scene scene,
            TimeLeft timeLeft,
            FactReader.Leading leading) {
        this.timeLeft = timeLeft;
        this.scene = scene;
        this.cursor = cursor;
        this.id = usualId;
        this.words = new LexiconWords(cursor, lexicon, warnings);
        this.facts = new FactReader(cursor, words, leading, true);
    }

    Moment read() throws Cursor.Wrong {
        OptionalLong at = time();
        Optional<Seat> named = cursor.nobodyOrSeat("who did it");
        DeedReader deeds = new DeedReader(cursor, words);
        Deed deed = deeds.read(named, scene);
        Optional<Seat> actor = deeds.manner().actor(named);
        settled = deeds.settled();
        told = deeds.side().map(told::withSide).orElse(told);
        told = deeds.manner().in(told);
        bareOwner = owner(deed, actor);
        while (!cursor.atEnd()) {
            if (!cursor.take(";")) {
                throw cursor.wrong("expected a semicolon before the next field");
            }
            if (!cursor.atEnd()) {
                if (++fields > MOST_FIELDS) {
                    throw cursor.wrong("there are more than %d fields; no moment has so many".formatted(MOST_FIELDS));
                }
                field();
            }
        }
        if (deed.onlyPlace() && settled.isEmpty() && told.note().isEmpty()) {
            throw cursor.wrong("\"reached\" needs a position; add \"; -> POSITION, A on top\"");
        }
        return new Moment(id, at, actor, deed, settled.map(place -> topped(place, deed, actor)), told);
    }

    /** Who is on top where the deed ends need not be told if the technique says so: "switches to the saddle; -> saddle". */
    private Settled topped(Settled place, Deed deed, Optional<Seat> actor) {
        boolean open = place.top().isEmpty() && place.passing().isEmpty();
        return open && actor.isPresent() && deed.did().isPresent()
                ? words.top(place.position(), deed.did().get(), actor.get())
                        .map(top -> new Settled(
                                place.position(), Optional.of(top), place.side(), place.passing(), place.workedOut()))
                        .orElse(place)
                : place;
    }

    private OptionalLong time() throws Cursor.Wrong {
        if (cursor.takeWord("?")) {
            return OptionalLong.empty();
        }
        long time = cursor.timeFromZero();
        return OptionalLong.of(cursor.takeWord("left") ? timeLeft.at(time, cursor) : time);
    }

    private void field() throws Cursor.Wrong {
        int at = cursor.column();
        if (cursor.take("->")) {
            settled = words.settled();
            words.unplaced().ifPresent(unknown -> told = told.withNote(note("Reached: " + unknown + ".")));
            return;
        }
        String key = cursor.word();
        switch (key) {
            case "passing" -> settled = Optional.of(passing(at));
            case "side" -> told = told.withSide(side());
            case "line" -> told = told.withLine(cursor.named(Line.class, "a line"));
            case "stage" -> told = told.withStage(cursor.named(Stage.class, "a stage"));
            case "motive" -> told = told.withMotive(cursor.named(Motive.class, "a motive"));
            case "id" -> id = cursor.momentId();
            case "note" -> told = told.withNote(note(cursor.quoted()));
            case "private" -> told = told.withConfidential(true);
            case "unsure" -> told = told.withCertainty(Certainty.UNSURE);
            case "hidden" -> told = told.withCertainty(Certainty.HIDDEN);
            default -> told = facts.knows(key) ? told.and(facts.read(key)) : told.withBecame(became(key, at));
        }
    }

    /** Whose side a bare "left" is: as the technique's side rule has it, where there is one and somebody did it. */
    private Optional<Seat> owner(Deed deed, Optional<Seat> actor) {
        if (deed.did().isEmpty()) {
            return Optional.empty();
        }
        return words.sideRule(deed.did().get())
                .filter(rule -> rule != SideRule.NONE)
                .flatMap(rule -> actor.map(seat -> rule.belongsToReceiver() ? seat.other() : seat));
    }

    /** Who was on top before the legs were entangled may be told by itself, behind the place. */
    private Settled passing(int at) throws Cursor.Wrong {
        Seat seat = cursor.seat("who was passing: A or B");
        Settled where = settled.orElseThrow(
                () -> cursor.wrong(at, "\"passing\" stands behind the place, as in \"-> fifty-fifty; passing A\""));
        return new Settled(where.position(), where.top(), where.side(), Optional.of(seat), where.workedOut());
    }

    private OwnedSide side() throws Cursor.Wrong {
        for (Side side : Side.values()) {
            if (bareOwner.isPresent() && cursor.takeWord(side.label())) {
                return new OwnedSide(bareOwner.get(), side);
            }
        }
        return new OwnedSide(
                cursor.seat("whose side: A or B, as in \"side A left\""), cursor.named(Side.class, "a side"));
    }

    /** What a word unknown to the lexicon said stays in the note, in front of the note's own words. */
    private String note(String more) {
        return told.note().map(kept -> kept + " " + more).orElse(more);
    }

    private Became became(String word, int at) throws Cursor.Wrong {
        Optional<Became> became = Spelling.find(Became.class, word);
        if (became.isPresent()) {
            return became.get();
        }
        throw cursor.wrong(
                at,
                "\"%s\" is no field of a moment%s. The fields stand in docs/bout-file.md; anything else goes into a note, as in: note \"…\"",
                word,
                nearest(word).map("; did you mean \"%s\"?"::formatted).orElse(""));
    }

    private static Optional<String> nearest(String word) {
        return NearestWord.nearest(
                word,
                Stream.of(
                                Stream.of(
                                        "->", "side", "line", "stage", "motive", "id", "note", "private", "unsure",
                                        "hidden"),
                                Arrays.stream(Became.values()).map(Became::label),
                                FactReader.KEYS.stream())
                        .flatMap(each -> each)
                        .toList());
    }
}
