package farglass.core.notation;

import farglass.core.bout.BodyFact;
import farglass.core.bout.Certainty;
import farglass.core.bout.Fact;
import farglass.core.bout.Layer;
import farglass.core.bout.Level;
import farglass.core.bout.Line;
import farglass.core.bout.OwnedSide;
import farglass.core.bout.Part;
import farglass.core.bout.Side;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/** Reads the fields of a moment beyond its story, each by the word it begins with. */
final class FactReader {
    private interface Reading {
        Fact by(FactReader reader) throws Cursor.Wrong;
    }

    private static final Map<String, Reading> READINGS = readings();

    /** The words that begin a fact, in the order in which the documentation tells them. */
    static final Set<String> KEYS = READINGS.keySet();

    private final Cursor cursor;
    private final Words words;

    FactReader(Cursor cursor, Words words) {
        this.cursor = cursor;
        this.words = words;
    }

    private static Map<String, Reading> readings() {
        Map<String, Reading> all = new LinkedHashMap<>();
        all.put("from", FactReader::from);
        all.put("effect", reader -> reader.effect(false));
        all.put("cost", reader -> reader.effect(true));
        all.put("passed", FactReader::passed);
        all.put("condition", FactReader::condition);
        all.put("travel", reader -> new Fact.Travel(reader.side()));
        all.put("lead", reader -> new Fact.LeadLeg(reader.side()));
        all.put("head", FactReader::head);
        all.put("limb", FactReader::limb);
        all.put("grip", FactReader::grip);
        all.put("strike", FactReader::strike);
        all.put("range", reader -> new Fact.Range(reader.cursor.whole(0, 20)));
        all.put("body", FactReader::body);
        for (Fact.Tie tie : Fact.Tie.values()) {
            all.put(Cursor.spelled(tie), reader -> reader.link(tie));
        }
        all.put("could", reader -> new Fact.Could(reader.said()));
        all.put("mistake", FactReader::mistake);
        all.put("well", reader -> new Fact.Well(reader.said()));
        all.put("obeys", reader -> new Fact.Principle(true, reader.said()));
        all.put("breaks", reader -> new Fact.Principle(false, reader.said()));
        all.put("struck", FactReader::struck);
        all.put("plan", reader -> new Fact.PlanStep(reader.said()));
        all.put("tempo", reader -> new Fact.Remark(Fact.Remark.About.TEMPO, reader.said()));
        all.put("fatigue", reader -> new Fact.Remark(Fact.Remark.About.FATIGUE, reader.said()));
        all.put("draw", FactReader::drawing);
        all.put("layer", reader -> new Fact.InLayer(reader.cursor.named(Layer.class, "a layer")));
        all.put("coder", reader -> new Fact.Coder(reader.said()));
        all.put("about", FactReader::about);
        all.put("unknown", reader -> new Fact.Unknown(reader.aspect()));
        all.put("or", FactReader::rival);
        return Collections.unmodifiableMap(all);
    }

    private Fact struck() throws Cursor.Wrong {
        String figure = said();
        if (!cursor.takeWord("because")) {
            throw cursor.wrong("expected why it does not count, as in struck \"pass side\" because \"a feint\"");
        }
        return new Fact.Struck(figure, said());
    }

    private Fact condition() throws Cursor.Wrong {
        return new Fact.Condition(cursor.named(Fact.Met.class, "how it stood"), said());
    }

    private Fact head() throws Cursor.Wrong {
        return new Fact.HeadSide(new OwnedSide(cursor.seat("whose side: A or B"), side()));
    }

    boolean knows(String key) {
        return READINGS.containsKey(key);
    }

    Fact read(String key) throws Cursor.Wrong {
        return READINGS.get(key).by(this);
    }

    private String said() throws Cursor.Wrong {
        return cursor.filledQuote();
    }

    private Side side() throws Cursor.Wrong {
        return cursor.named(Side.class, "a side");
    }

    private Fact.Field aspect() throws Cursor.Wrong {
        return cursor.named(Fact.Field.class, "the name of a field");
    }

    private Fact from() throws Cursor.Wrong {
        int at = cursor.column();
        return new Fact.From(words.settled()
                .orElseThrow(() -> cursor.wrong(
                        at,
                        "expected a position of the lexicon after \"from\", such as \"from half-guard, A on top\"")));
    }

    private Fact effect(boolean cost) throws Cursor.Wrong {
        Fact.Gain gain = cursor.named(Fact.Gain.class, "what was won, forced or lost");
        return new Fact.Effect(cost, gain, cursor.fieldEnds() ? "" : said());
    }

    private Fact passed() throws Cursor.Wrong {
        Optional<Side> side = optionalSide();
        Line reached = cursor.named(Line.class, "a line");
        return new Fact.Passed(
                side,
                reached,
                cursor.takeWord("kept") ? Optional.of(cursor.named(Line.class, "a line")) : Optional.empty());
    }

    private Optional<Side> optionalSide() {
        return cursor.takeWord("left")
                ? Optional.of(Side.LEFT)
                : cursor.takeWord("right") ? Optional.of(Side.RIGHT) : Optional.empty();
    }

    private Part part() throws Cursor.Wrong {
        return new Part(
                cursor.seat("whose it is: A or B"),
                optionalSide(),
                cursor.named(Part.Kind.class, "a part of the body or the cloth"));
    }

    private void on() throws Cursor.Wrong {
        if (!cursor.takeWord("on")) {
            throw cursor.wrong("expected \"on\", as in \"A left hand on B right sleeve\"");
        }
    }

    private Fact limb() throws Cursor.Wrong {
        Part by = part();
        on();
        return new Fact.LimbOn(by, part());
    }

    private Fact grip() throws Cursor.Wrong {
        Part holder = part();
        on();
        Part target = part();
        Optional<Fact.Firmness> firmness = Optional.empty();
        OptionalLong until = OptionalLong.empty();
        Optional<Fact.GripEnd> ended = Optional.empty();
        Map<String, String> more = new LinkedHashMap<>();
        while (cursor.take(",")) {
            int at = cursor.column() + 1;
            String key = cursor.word();
            switch (key) {
                case "tight", "loose" -> firmness = Optional.of(Fact.Firmness.valueOf(key.toUpperCase(Locale.ROOT)));
                case "broken", "released", "swapped" ->
                    ended = Optional.of(Fact.GripEnd.valueOf(key.toUpperCase(Locale.ROOT)));
                case "until" -> until = OptionalLong.of(cursor.timeFromZero());
                case "swap", "why", "for", "ideal" -> more.put(key, said());
                default ->
                    throw cursor.wrong(
                            at,
                            "\"%s\" is nothing told of a grip; write one of tight, loose, until, broken, released, swapped, swap, why, for, ideal",
                            key);
            }
        }
        return new Fact.Grip(
                holder,
                target,
                firmness,
                until,
                ended,
                Optional.ofNullable(more.get("swap")),
                Optional.ofNullable(more.get("why")),
                Optional.ofNullable(more.get("for")),
                Optional.ofNullable(more.get("ideal")));
    }

    private Fact strike() throws Cursor.Wrong {
        Part by = part();
        return new Fact.Strike(by, said(), said(), cursor.named(Fact.Contact.class, "how it landed"));
    }

    private Fact body() throws Cursor.Wrong {
        var of = cursor.nobodyOrSeat("whose body");
        BodyFact what = cursor.named(BodyFact.class, "a fact of the body");
        int at = cursor.column();
        String value = cursor.quoteFollows() ? cursor.quoted() : cursor.word();
        if (!what.takes(value)) {
            throw cursor.wrong(
                    at,
                    "\"%s\" is nothing that \"%s\" can be; write %s",
                    value,
                    what.label(),
                    what.words().isEmpty() ? "words in double quotes" : String.join(", ", what.words()));
        }
        return new Fact.Body(of, what, value);
    }

    private Fact link(Fact.Tie tie) throws Cursor.Wrong {
        String moment = cursor.momentId();
        Optional<String> bout = Optional.empty();
        Optional<String> changed = Optional.empty();
        while (cursor.take(",")) {
            if (cursor.takeWord("in")) {
                bout = Optional.of(cursor.momentId());
            } else if (cursor.takeWord("changed") || tie == Fact.Tie.OUT_OF && cursor.takeWord("why")) {
                changed = Optional.of(cursor.quoted());
            } else {
                throw cursor.wrong(
                        "expected \"in BOUT\", or \"changed\" (for out-of: \"why\") with words in double quotes");
            }
        }
        return new Fact.Link(tie, moment, bout, changed);
    }

    private Fact mistake() throws Cursor.Wrong {
        String code = said();
        Optional<Fact.Punished> punished = Optional.empty();
        Optional<Level> level = Optional.empty();
        Map<String, String> more = new LinkedHashMap<>();
        while (cursor.take(",")) {
            int at = cursor.column() + 1;
            String key = cursor.word();
            switch (key) {
                case "punished" -> punished = Optional.of(cursor.named(Fact.Punished.class, "how it was punished"));
                case "at" -> level = Optional.of(cursor.named(Level.class, "a belt"));
                case "by" -> more.put(key, cursor.momentId());
                case "better", "for", "see" -> more.put(key, said());
                default ->
                    throw cursor.wrong(
                            at,
                            "\"%s\" is nothing told of a mistake; write one of punished, by, at, better, for, see",
                            key);
            }
        }
        return new Fact.Mistake(
                code,
                punished,
                Optional.ofNullable(more.get("by")),
                level,
                Optional.ofNullable(more.get("better")),
                Optional.ofNullable(more.get("for")),
                Optional.ofNullable(more.get("see")));
    }

    private Fact drawing() throws Cursor.Wrong {
        Fact.Shape shape = cursor.named(Fact.Shape.class, "a shape");
        List<Double> corners = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            corners.add(cursor.fraction());
        }
        return new Fact.Drawing(shape, corners);
    }

    private Fact about() throws Cursor.Wrong {
        Fact.Field field = aspect();
        Optional<Certainty> certainty = Optional.empty();
        Optional<Fact.Source> source = Optional.empty();
        while (!cursor.fieldEnds()) {
            int at = cursor.column();
            String word = cursor.word();
            Optional<Certainty> sure = Cursor.find(Certainty.class, word);
            Optional<Fact.Source> whence = Cursor.find(Fact.Source.class, word);
            if (sure.isEmpty() && whence.isEmpty()) {
                throw cursor.wrong(
                        at,
                        "\"%s\" is neither how sure it is (sure, unsure, hidden) nor where it comes from (seen, deduced, told, heard, measured)",
                        word);
            }
            certainty = sure.isPresent() ? sure : certainty;
            source = whence.isPresent() ? whence : source;
        }
        if (certainty.isEmpty() && source.isEmpty()) {
            throw cursor.wrong("expected how sure it is, or where it comes from, such as \"about side unsure heard\"");
        }
        return new Fact.About(field, certainty, source);
    }

    private Fact rival() throws Cursor.Wrong {
        Fact.Field field = aspect();
        String reading = said();
        if (!cursor.takeWord("by")) {
            throw cursor.wrong("expected \"by\" and whose reading it is, in double quotes");
        }
        return new Fact.Rival(field, reading, said());
    }
}
