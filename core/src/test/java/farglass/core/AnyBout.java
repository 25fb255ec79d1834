package farglass.core;

import farglass.core.bout.Award;
import farglass.core.bout.Background;
import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Contestant;
import farglass.core.bout.ContestantBuilder;
import farglass.core.bout.Covered;
import farglass.core.bout.Deed;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Footage;
import farglass.core.bout.FootageBuilder;
import farglass.core.bout.Header;
import farglass.core.bout.HeaderBuilder;
import farglass.core.bout.Material;
import farglass.core.bout.Method;
import farglass.core.bout.MidBoutStart;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.Result;
import farglass.core.bout.Segment;
import farglass.core.bout.Telling;
import farglass.core.bout.TellingBuilder;
import farglass.core.bout.Uniform;
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
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import farglass.core.side.Stance;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Random;
import java.util.function.Supplier;

/** Bouts with every field there is, filled at random with words that are hard to write down. */
public final class AnyBout {
    private static final String[] WORDS = {
        "a",
        "\"",
        "\\",
        ";",
        "#",
        "->",
        "held",
        "0:10",
        "  two  ",
        "\u00e9\u4e2d",
        "m1",
        "\t",
        "\n",
        "side A left",
        "'",
        "=1+1",
        ",",
        "\u05d0\u05d1",
        "on",
        "by",
        "\uD83E\uDD4B",
        "\u0000",
        "\u2028",
        "\u202e"
    };

    private final Random random;

    private AnyBout(long seed) {
        random = new Random(seed);
    }

    public static Bout of(long seed) {
        return new AnyBout(seed).bout();
    }

    private Bout bout() {
        List<Moment> moments = new ArrayList<>();
        long at = 0;
        int count = random.nextInt(8);
        for (int i = 0; i < count; i++) {
            at += random.nextInt(3) == 0 ? 0 : random.nextInt(90_000_000);
            moments.add(moment(at, moments));
        }
        List<Bout.Comment> comments = new ArrayList<>();
        if (random.nextBoolean()) {
            comments.add(new Bout.Comment(Bout.Comment.beforeHeader("kind"), " a remark"));
        }
        if (!moments.isEmpty() && random.nextBoolean()) {
            comments.add(new Bout.Comment(moments.get(0).id(), " on the first"));
        }
        return new Bout("b" + random.nextInt(1000), header(), moments, comments);
    }

    private Header header() {
        return HeaderBuilder.builder()
                .kind(any(BoutKind.values()))
                .ruleset(random.nextBoolean() ? Header.DEFAULT_RULESET : "r " + words())
                .uniform(any(Uniform.values()))
                .lengthMicros(maybeTime())
                .a(contestant("Juno "))
                .b(contestant("Pip "))
                .footage(footage())
                .background(background())
                .event(maybe(this::words))
                .date(maybe(() -> LocalDate.of(2020 + random.nextInt(6), 3, 14)))
                .round(maybe(this::words))
                .rulesetDate(maybe(() -> LocalDate.of(2025, 1, 1)))
                .result(maybe(() -> new Result(
                        maybe(this::seat),
                        any(Method.values()),
                        maybe(() -> "x" + words()),
                        maybe(() -> new Result.Score(random.nextInt(30), random.nextInt(30))))))
                .coders(random.nextBoolean() ? List.of() : List.of("c" + words(), "Imke"))
                .codingOf(maybe(() -> "b" + words()))
                .notes(random.nextBoolean() ? List.of() : List.of(words()))
                .others(random.nextBoolean() ? Map.of() : Map.of("mat", words()))
                .create();
    }

    private Footage footage() {
        return FootageBuilder.builder()
                .material(any(Material.values()))
                .endsEarly(random.nextBoolean())
                .films(
                        random.nextBoolean()
                                ? List.of()
                                : List.of(new FilmLink("f" + words(), random.nextInt(99_000_000) - 40_000_000)))
                .covered(
                        random.nextBoolean()
                                ? List.of()
                                : List.of(new Covered(any(Layer.values()), 5, 5 + time(), random.nextBoolean())))
                .segments(
                        random.nextBoolean()
                                ? List.of()
                                : List.of(new Segment(any(Segment.Kind.values()), 7, 7 + time(), maybeTime())))
                .opening(maybe(() -> new MidBoutStart(maybeTime(), maybe(this::marks), maybe(this::marks))))
                .create();
    }

    private MidBoutStart.Marks marks() {
        return new MidBoutStart.Marks(random.nextInt(20) - 3, random.nextInt(4), random.nextInt(4));
    }

    private Contestant contestant(String name) {
        return ContestantBuilder.builder()
                .name(name + words())
                .kit(maybe(this::words))
                .screenSide(maybe(this::side))
                .level(maybe(() -> any(Level.values())))
                .stance(maybe(() -> any(Stance.values())))
                .weight(maybe(this::words))
                .corner(maybe(this::words))
                .team(maybe(this::words))
                .rank(maybe(this::words))
                .build(maybe(this::words))
                .create();
    }

    /** A rough day only stands where there is no day. */
    private Background background() {
        return new Background(
                Optional.empty(),
                maybe(this::words),
                random.nextBoolean()
                        ? List.of()
                        : List.of(
                                new Background.Planned(seat(), OptionalInt.of(1), OptionalInt.empty(), filled()),
                                new Background.Planned(seat(), OptionalInt.of(2), OptionalInt.of(1), filled()),
                                new Background.Planned(seat(), OptionalInt.empty(), OptionalInt.empty(), filled())),
                random.nextBoolean()
                        ? List.of()
                        : List.of(new Background.Claimed(
                                filled(),
                                maybe(this::seat),
                                maybe(this::filled),
                                maybe(() -> LocalDate.of(2025, 5, 1)),
                                maybe(this::filled))),
                maybe(this::filled));
    }

    private Moment moment(long at, List<Moment> before) {
        List<Fact> facts = new ArrayList<>();
        int count = random.nextInt(5);
        for (int i = 0; i < count; i++) {
            facts.add(fact(before));
        }
        Telling telling = TellingBuilder.builder()
                .certainty(any(Certainty.values()))
                .confidential(random.nextBoolean())
                .side(maybe(this::owned))
                .became(maybe(() -> any(Became.values())))
                .line(maybe(() -> any(Line.values())))
                .stage(maybe(() -> any(Stage.values())))
                .motive(maybe(() -> any(Motive.values())))
                .note(maybe(this::words))
                .facts(facts)
                .create();
        return new Moment(
                random.nextBoolean() ? "m" + (before.size() + 1) : "x," + before.size(),
                random.nextInt(5) == 0 ? OptionalLong.empty() : OptionalLong.of(at),
                maybe(this::seat),
                deed(),
                maybe(this::settled),
                telling);
    }

    private Deed deed() {
        return switch (random.nextInt(13)) {
            case 0 -> new Deed.Unnamed(filled(), maybe(() -> "pass"));
            case 1 -> new Deed.Awarded(award());
            case 2 -> new Deed.Ruled(award());
            case 3 -> new Deed.Stopped(random.nextBoolean() ? "" : words());
            case 4 -> new Deed.Mark();
            case 5 -> new Deed.Restarted(maybe(() -> any(Deed.Resumed.values())), random.nextBoolean());
            case 6 ->
                new Deed.Verdict(
                        random.nextBoolean() ? "" : words(),
                        maybe(() -> new Result.Score(random.nextInt(11), random.nextInt(11))));
            case 7 -> new Deed.Began(any(Deed.Period.values()));
            case 8 -> new Deed.Ended(any(Deed.Period.values()));
            case 9 -> new Deed.ClockRead(time());
            case 10 -> new Deed.Timed(time(), random.nextBoolean() ? "" : words());
            case 11 -> new Deed.Instructed(filled(), maybe(() -> any(Deed.Followed.values())));
            default -> new Deed.Did("knee-cut");
        };
    }

    private Award award() {
        Award.Kind kind = any(Award.Kind.values());
        return kind == Award.Kind.POINTS ? Award.points(1 + random.nextInt(9)) : Award.of(kind);
    }

    private Fact fact(List<Moment> before) {
        return switch (random.nextInt(38)) {
            case 0 ->
                new Fact.Effect(random.nextBoolean(), any(Fact.Gain.values()), random.nextBoolean() ? "" : filled());
            case 1 -> new Fact.Passed(maybe(this::side), any(Line.values()), maybe(() -> any(Line.values())));
            case 2 -> new Fact.Condition(any(Fact.Met.values()), filled(), maybe(this::seat));
            case 3 -> new Fact.Travel(side());
            case 4 -> new Fact.LeadLeg(side());
            case 5 -> new Fact.HeadSide(owned());
            case 6 -> new Fact.LimbOn(part(), part());
            case 7 ->
                GripBuilder.builder()
                        .holder(part())
                        .target(part())
                        .untilMicros(maybeTime())
                        .firmness(maybe(() -> any(Grip.Firmness.values())))
                        .ways(
                                random.nextBoolean()
                                        ? List.of()
                                        : List.of(any(Grip.Way.values()), any(Grip.Way.values())))
                        .ended(maybe(() -> any(Grip.End.values())))
                        .swappedFor(maybe(this::filled))
                        .why(maybe(this::filled))
                        .purpose(maybe(this::filled))
                        .ideal(maybe(this::filled))
                        .create();
            case 8 -> new Strike(part(), filled(), filled(), any(Strike.Contact.values()));
            case 9 -> new Fact.Range(random.nextInt(21));
            case 10 -> {
                BodyFact what = any(BodyFact.values());
                String value =
                        what.words().isEmpty() ? filled() : any(what.words().toArray(String[]::new));
                yield new Body(maybe(this::seat), what, value);
            }
            case 11 -> new Fact.Could(filled());
            case 12 ->
                MistakeBuilder.builder()
                        .code(filled())
                        .made(maybe(() -> any(Mistake.Made.values())))
                        .punished(maybe(() -> any(Mistake.Punished.values())))
                        .by(
                                before.isEmpty()
                                        ? Optional.empty()
                                        : maybe(() -> any(before).id()))
                        .at(maybe(() -> any(Level.values())))
                        .better(maybe(this::filled))
                        .forWhom(maybe(this::filled))
                        .see(maybe(this::filled))
                        .create();
            case 13 -> new Fact.Well(filled());
            case 14 -> new Fact.Principle(random.nextBoolean(), filled(), maybe(this::filled));
            case 15 -> new Fact.PlanStep(filled(), maybe(() -> any(Fact.Came.values())));
            case 16 -> new Remark(any(Remark.About.values()), filled());
            case 17 ->
                new Drawing(
                        any(Drawing.Shape.values()), List.of(random.nextDouble(), 0.0, 1.0, random.nextDouble() / 1e6));
            case 18 -> new Fact.InLayer(any(Layer.values()));
            case 19 -> new Fact.Coder(filled());
            case 20 ->
                new Fact.About(
                        any(Fact.Field.values()),
                        Optional.of(any(Certainty.values())),
                        maybe(() -> any(Fact.Source.values())));
            case 21 -> new Fact.Unknown(any(Fact.Field.values()));
            case 22 -> new Fact.Rival(any(Fact.Field.values()), filled(), filled());
            case 23 -> new Fact.From(settled());
            case 25 -> new Fact.Struck(filled(), filled());
            case 24 -> new Link(Tie.COMPARES, "m9", Optional.of("x" + words()), maybe(this::words));
            case 26 -> partState();
            case 27 ->
                new Purpose.Why(
                        any(Purpose.How.values()),
                        before.isEmpty()
                                ? Optional.empty()
                                : maybe(() -> any(before).id()),
                        filled());
            case 28 -> new Purpose.Theirs(any(Purpose.Leave.values()));
            case 29 ->
                random.nextBoolean()
                        ? new Purpose.Opened(random.nextBoolean(), Optional.of(part()), "")
                        : new Purpose.Opened(random.nextBoolean(), Optional.empty(), filled());
            case 30 -> new Purpose.Branch(seat(), filled(), filled());
            case 31 -> new Span.Until(time());
            case 32 ->
                new Span.Times(random.nextBoolean() ? OptionalInt.empty() : OptionalInt.of(2 + random.nextInt(9)));
            case 33 -> new Span.BackTo(Optional.of(any(Line.values())), Optional.empty());
            case 34 -> new Span.BackTo(Optional.empty(), Optional.of(any(Stage.values())));
            case 35 -> new Ruling.Disputed(maybe(this::seat), random.nextBoolean() ? "" : filled(), maybe(this::seat));
            case 36 -> new Ruling.Illegal(filled(), any(Certainty.values()));
            default ->
                before.isEmpty()
                        ? new Fact.Range(3)
                        : new Link(any(Tie.values()), any(before).id(), Optional.empty(), maybe(this::words));
        };
    }

    private PartState partState() {
        PartState.How how = any(PartState.How.values());
        boolean placed = how == PartState.How.ON || how == PartState.How.OFF;
        boolean ground = placed && random.nextBoolean();
        boolean other = placed ? !ground : random.nextBoolean();
        return new PartState(
                part(),
                how,
                other ? Optional.of(part()) : Optional.empty(),
                ground ? Optional.of(any(PartState.Ground.values())) : Optional.empty());
    }

    private Part part() {
        return new Part(seat(), maybe(this::side), any(Part.Kind.values()));
    }

    private Settled settled() {
        return new Settled("mount", maybe(this::seat), maybe(this::owned), maybe(this::seat), random.nextBoolean());
    }

    private OwnedSide owned() {
        return new OwnedSide(seat(), side());
    }

    private Seat seat() {
        return any(Seat.values());
    }

    private Side side() {
        return any(Side.values());
    }

    private long time() {
        return random.nextInt(900_000_000);
    }

    private OptionalLong maybeTime() {
        return random.nextBoolean() ? OptionalLong.of(time()) : OptionalLong.empty();
    }

    private String filled() {
        return "w" + words();
    }

    private String words() {
        StringBuilder words = new StringBuilder();
        int count = random.nextInt(5);
        for (int i = 0; i <= count; i++) {
            words.append(any(WORDS));
        }
        return words.toString();
    }

    private <T> T any(T[] values) {
        return values[random.nextInt(values.length)];
    }

    private <T> T any(List<T> values) {
        return values.get(random.nextInt(values.size()));
    }

    private <T> Optional<T> maybe(Supplier<T> value) {
        return random.nextBoolean() ? Optional.of(value.get()) : Optional.empty();
    }
}
