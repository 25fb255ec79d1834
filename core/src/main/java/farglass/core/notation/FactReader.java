package farglass.core.notation;

import farglass.core.Spelling;
import farglass.core.fact.Body;
import farglass.core.fact.BodyFact;
import farglass.core.fact.Certainty;
import farglass.core.fact.Drawing;
import farglass.core.fact.Fact;
import farglass.core.fact.Grip;
import farglass.core.fact.GripBuilder;
import farglass.core.fact.Layer;
import farglass.core.fact.Link;
import farglass.core.fact.Mistake;
import farglass.core.fact.MistakeBuilder;
import farglass.core.fact.PartState;
import farglass.core.fact.Purpose;
import farglass.core.fact.Remark;
import farglass.core.fact.Ruling;
import farglass.core.fact.Span;
import farglass.core.fact.Strike;
import farglass.core.fact.Tie;
import farglass.core.side.Level;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;

/** Reads the fields of a moment beyond its story, each by the word it begins with. */
final class FactReader {
    private interface Reading {
        Fact by(FactReader reader) throws Cursor.Wrong;
    }

    private static final Map<String, Reading> READINGS = readings();

    /** The words that begin a fact, in the order in which the documentation tells them. */
    static final Set<String> KEYS = READINGS.keySet();

    /** Which side of an athlete leads at that instant, where that is told. */
    interface Leading {
        Leading UNTOLD = seat -> Optional.empty();

        Optional<Side> of(Seat seat);
    }

    private final Cursor cursor;
    private final LexiconWords words;
    private final Leading leading;
    private final boolean inFile;

    FactReader(Cursor cursor, LexiconWords words) {
        this(cursor, words, Leading.UNTOLD, false);
    }

    /** @param inFile whether a field of a file is read, in which words need no quotes where nothing else can stand; typed ones are read otherwise */
    FactReader(Cursor cursor, LexiconWords words, Leading leading, boolean inFile) {
        this.inFile = inFile;
        this.cursor = cursor;
        this.words = words;
        this.leading = leading;
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
        for (Tie tie : Tie.values()) {
            all.put(Spelling.of(tie), reader -> reader.link(tie));
        }
        all.put("part", FactReader::partState);
        all.put("opens", reader -> reader.opened(true));
        all.put("closes", reader -> reader.opened(false));
        for (Purpose.How how : Purpose.How.values()) {
            all.put(Spelling.of(how), reader -> reader.why(how));
        }
        all.put(
                "theirs",
                reader -> new Purpose.Theirs(reader.cursor.named(Purpose.Leave.class, "how it is let happen")));
        all.put("if", FactReader::branch);
        all.put("until", reader -> new Span.Until(reader.cursor.timeFromZero()));
        all.put("times", FactReader::times);
        all.put("back-to", FactReader::backTo);
        all.put("disputed", FactReader::disputed);
        all.put("illegal", FactReader::illegal);
        all.put("could", reader -> new Fact.Could(reader.said()));
        all.put("mistake", FactReader::mistake);
        all.put("well", reader -> new Fact.Well(reader.said()));
        all.put("obeys", reader -> reader.principle(true));
        all.put("breaks", reader -> reader.principle(false));
        all.put("struck", FactReader::struck);
        all.put("plan", FactReader::plan);
        for (Remark.About about : Remark.About.values()) {
            all.put(Spelling.of(about), reader -> new Remark(about, reader.said()));
        }
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
        Fact.Met met = cursor.named(Fact.Met.class, "how it stood");
        String words = said();
        return new Fact.Condition(
                met, words, cursor.takeWord("by") ? Optional.of(cursor.seat("by whom: A or B")) : Optional.empty());
    }

    private Fact principle(boolean obeyed) throws Cursor.Wrong {
        String words = said();
        return new Fact.Principle(obeyed, words, cursor.takeWord("in") ? Optional.of(said()) : Optional.empty());
    }

    private Fact plan() throws Cursor.Wrong {
        String words = said();
        return new Fact.PlanStep(
                words,
                cursor.take(",")
                        ? Optional.of(cursor.named(Fact.Came.class, "what became of the step"))
                        : Optional.empty());
    }

    private Fact partState() throws Cursor.Wrong {
        Part part = part();
        PartState.How how = cursor.named(PartState.How.class, "how it is");
        if (cursor.fieldEnds()) {
            return checked(() -> PartState.of(part, how));
        }
        for (PartState.Ground ground : PartState.Ground.values()) {
            if (cursor.takeWord(Spelling.of(ground))) {
                return checked(() -> new PartState(part, how, Optional.empty(), Optional.of(ground)));
            }
        }
        Part to = part();
        return checked(() -> new PartState(part, how, Optional.of(to), Optional.empty()));
    }

    /** What cannot be together is said with the column at which it stands. */
    private Fact checked(Supplier<Fact> fact) throws Cursor.Wrong {
        try {
            return fact.get();
        } catch (IllegalArgumentException e) {
            throw cursor.wrong("%s", e.getMessage());
        }
    }

    private Fact opened(boolean opens) throws Cursor.Wrong {
        if (cursor.quoteFollows()) {
            return new Purpose.Opened(opens, Optional.empty(), said());
        }
        String next = cursor.ahead().strip();
        return !inFile || next.startsWith("A ") || next.startsWith("B ")
                ? new Purpose.Opened(opens, Optional.of(part()), "")
                : new Purpose.Opened(opens, Optional.empty(), plainWords("what it opens or closes"));
    }

    /** Words need no quotes where nothing else can stand. */
    private String plainWords(String what) throws Cursor.Wrong {
        int at = cursor.column();
        String words = cursor.words(c -> c == ';');
        if (words.isBlank()) {
            throw cursor.wrong(at, "expected " + what);
        }
        return words;
    }

    private Fact why(Purpose.How how) throws Cursor.Wrong {
        boolean tied = cursor.takeWord("at");
        if (!tied && cursor.quoteFollows()) {
            return new Purpose.Why(how, Optional.empty(), said());
        }
        int at = cursor.column();
        String moment = cursor.momentId();
        if (inFile && !tied && moment.contains(" ")) {
            // Two words are no id.
            return new Purpose.Why(how, Optional.empty(), moment);
        }
        if (moment.isBlank()) {
            throw cursor.wrong(at, "expected a moment, or words in double quotes");
        }
        return new Purpose.Why(how, Optional.of(moment), cursor.take(",") ? said() : "");
    }

    private Fact branch() throws Cursor.Wrong {
        Seat who = cursor.seat("who does it: A or B");
        String does = said();
        if (!cursor.takeWord("then")) {
            throw cursor.wrong(
                    "expected \"then\" and what is done then, as in if B \"blocks the hook\" then \"arm drag\"");
        }
        return new Purpose.Branch(who, does, said());
    }

    private Fact times() throws Cursor.Wrong {
        return new Span.Times(cursor.takeWord("several") ? OptionalInt.empty() : OptionalInt.of(cursor.whole(2, 999)));
    }

    private Fact backTo() throws Cursor.Wrong {
        int at = cursor.column();
        String word = cursor.word();
        Optional<Line> line = Spelling.find(Line.class, word);
        Optional<Stage> stage = line.isPresent() ? Optional.empty() : Spelling.find(Stage.class, word);
        if (line.isEmpty() && stage.isEmpty()) {
            throw cursor.wrong(at, "\"%s\" is neither a line nor a stage to which it fell back", word);
        }
        return new Span.BackTo(line, stage);
    }

    private Fact disputed() throws Cursor.Wrong {
        Optional<Seat> by = cursor.takeWord("by") ? Optional.of(cursor.seat("by whom: A or B")) : Optional.empty();
        String why = cursor.quoteFollows() ? said() : "";
        Optional<Seat> gained = Optional.empty();
        if (cursor.take(",")) {
            if (!cursor.takeWord("gained")) {
                throw cursor.wrong(
                        "expected \"gained\" and who did, as in disputed by B \"was in half guard\", gained A");
            }
            gained = Optional.of(cursor.seat("who gained: A or B"));
        }
        return new Ruling.Disputed(by, why, gained);
    }

    private Fact illegal() throws Cursor.Wrong {
        String what = said();
        return new Ruling.Illegal(
                what, cursor.take(",") ? cursor.named(Certainty.class, "how clearly it was seen") : Certainty.SURE);
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
        Seat owner = cursor.seat("whose it is: A or B");
        return new Part(owner, side(owner), cursor.named(Part.Kind.class, "a part of the body or the cloth"));
    }

    /** "Lead" and "rear" are the sides that the stance of that instant makes them, and are kept as such. */
    private Optional<Side> side(Seat owner) throws Cursor.Wrong {
        int at = cursor.column();
        boolean lead = cursor.takeWord("lead");
        if (!lead && !cursor.takeWord("rear")) {
            return optionalSide();
        }
        Side leads = leading.of(owner)
                .orElseThrow(() -> cursor.wrong(
                        at,
                        "which side of %s leads is not told; add \"%s stance: orthodox\" to the header, or \"body %s leads left\" to an earlier moment, or write left or right",
                        owner,
                        owner,
                        owner));
        return Optional.of(lead ? leads : leads.mirrored());
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
        Optional<Grip.Firmness> firmness = Optional.empty();
        List<Grip.Way> ways = new ArrayList<>();
        OptionalLong until = OptionalLong.empty();
        Optional<Grip.End> ended = Optional.empty();
        Map<String, String> more = new LinkedHashMap<>();
        while (cursor.take(",")) {
            int at = cursor.column() + 1;
            String key = cursor.word();
            switch (key) {
                case "tight", "loose" -> firmness = Optional.of(Grip.Firmness.valueOf(key.toUpperCase(Locale.ROOT)));
                case "broken", "released", "swapped" ->
                    ended = Optional.of(Grip.End.valueOf(key.toUpperCase(Locale.ROOT)));
                case "until" -> until = OptionalLong.of(cursor.timeFromZero());
                case "swap", "why", "for", "ideal" -> more.put(key, said());
                default ->
                    ways.add(Spelling.find(Grip.Way.class, key)
                            .orElseThrow(() -> cursor.wrong(
                                    at,
                                    "\"%s\" is nothing told of a grip; write one of tight, loose, until, broken, released, swapped, swap, why, for, ideal, %s",
                                    key,
                                    Arrays.stream(Grip.Way.values())
                                            .map(Spelling::of)
                                            .collect(Collectors.joining(", ")))));
            }
        }
        return GripBuilder.builder()
                .holder(holder)
                .target(target)
                .untilMicros(until)
                .firmness(firmness)
                .ways(ways)
                .ended(ended)
                .swappedFor(Optional.ofNullable(more.get("swap")))
                .why(Optional.ofNullable(more.get("why")))
                .purpose(Optional.ofNullable(more.get("for")))
                .ideal(Optional.ofNullable(more.get("ideal")))
                .create();
    }

    private Fact strike() throws Cursor.Wrong {
        Part by = part();
        return new Strike(by, said(), said(), cursor.named(Strike.Contact.class, "how it landed"));
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
        return new Body(of, what, value);
    }

    private Fact link(Tie tie) throws Cursor.Wrong {
        String moment = cursor.momentId();
        Optional<String> bout = Optional.empty();
        Optional<String> changed = Optional.empty();
        while (cursor.take(",")) {
            if (cursor.takeWord("in")) {
                bout = Optional.of(cursor.momentId());
            } else if (cursor.takeWord("changed") || tie == Tie.OUT_OF && cursor.takeWord("why")) {
                changed = Optional.of(cursor.quoted());
            } else {
                throw cursor.wrong(
                        "expected \"in BOUT\", or \"changed\" (for out-of: \"why\") with words in double quotes");
            }
        }
        return new Link(tie, moment, bout, changed);
    }

    private Fact mistake() throws Cursor.Wrong {
        String code = said();
        Optional<Mistake.Made> made = Optional.empty();
        Optional<Mistake.Punished> punished = Optional.empty();
        Optional<Level> level = Optional.empty();
        Map<String, String> more = new LinkedHashMap<>();
        while (cursor.take(",")) {
            int at = cursor.column() + 1;
            String key = cursor.word();
            switch (key) {
                case "done", "omitted" -> made = Optional.of(Mistake.Made.valueOf(key.toUpperCase(Locale.ROOT)));
                case "punished" -> punished = Optional.of(cursor.named(Mistake.Punished.class, "how it was punished"));
                case "at" -> level = Optional.of(cursor.named(Level.class, "a belt"));
                case "by" -> more.put(key, cursor.momentId());
                case "better", "for", "see" -> more.put(key, said());
                default ->
                    throw cursor.wrong(
                            at,
                            "\"%s\" is nothing told of a mistake; write one of done, omitted, punished, by, at, better, for, see",
                            key);
            }
        }
        return MistakeBuilder.builder()
                .code(code)
                .made(made)
                .punished(punished)
                .by(Optional.ofNullable(more.get("by")))
                .at(level)
                .better(Optional.ofNullable(more.get("better")))
                .forWhom(Optional.ofNullable(more.get("for")))
                .see(Optional.ofNullable(more.get("see")))
                .create();
    }

    private Fact drawing() throws Cursor.Wrong {
        Drawing.Shape shape = cursor.named(Drawing.Shape.class, "a shape");
        List<Double> corners = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            corners.add(cursor.fraction());
        }
        return new Drawing(shape, corners);
    }

    private Fact about() throws Cursor.Wrong {
        Fact.Field field = aspect();
        Optional<Certainty> certainty = Optional.empty();
        Optional<Fact.Source> source = Optional.empty();
        while (!cursor.fieldEnds()) {
            int at = cursor.column();
            String word = cursor.word();
            Optional<Certainty> sure = Spelling.find(Certainty.class, word);
            Optional<Fact.Source> whence = Spelling.find(Fact.Source.class, word);
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
