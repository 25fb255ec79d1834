package farglass.core.notation;

import farglass.core.bout.Background;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Contestant;
import farglass.core.bout.ContestantBuilder;
import farglass.core.bout.Covered;
import farglass.core.bout.FilmLink;
import farglass.core.bout.FootageBuilder;
import farglass.core.bout.Header;
import farglass.core.bout.HeaderBuilder;
import farglass.core.bout.Material;
import farglass.core.bout.Method;
import farglass.core.bout.MidBoutStart;
import farglass.core.bout.Result;
import farglass.core.bout.Segment;
import farglass.core.bout.Uniform;
import farglass.core.fact.Layer;
import farglass.core.lexicon.Lexicon;
import farglass.core.said.Scene;
import farglass.core.side.Level;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.core.side.Stance;
import farglass.core.state.Whereabouts;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the lines "key: value" at the head of a bout file. */
final class HeaderReader {
    /** No time here: a line that begins with digits is a moment. */
    private static final Pattern ENTRY = Pattern.compile("\\s*([A-Za-z][A-Za-z0-9 -]{0,40}?)\\s*:(?:\\s(.*))?");
    /** Whose, which, and in whose place: "B plan 2 if 1 is refused". */
    private static final Pattern PLAN =
            Pattern.compile("(?:([AB]) )?plan ([0-9]{1,3})(?: if ([0-9]{1,3})(?: is)? refused)?");

    private static final Pattern SCORE = Pattern.compile("([0-9]{1,3})-([0-9]{1,3})");

    private static final List<String> KEYS = List.of(
            "id",
            "A",
            "B",
            "A kit",
            "B kit",
            "A stands",
            "B stands",
            "A level",
            "B level",
            "A stance",
            "B stance",
            "A weight",
            "B weight",
            "A corner",
            "B corner",
            "A team",
            "B team",
            "A rank",
            "B rank",
            "A build",
            "B build",
            "A expects",
            "B expects",
            "division",
            "claim",
            "differs",
            "coder",
            "coding of",
            "note",
            "ruleset date",
            "segment",
            "starts",
            "ends",
            "kind",
            "event",
            "date",
            "round",
            "ruleset",
            "uniform",
            "length",
            "film",
            "covered",
            "result",
            "whole",
            "material");

    private static final Set<String> REPEATED =
            Set.of("film", "covered", "segment", "coder", "note", "claim", "A expects", "B expects");

    /** More lines of one kind than these are noise, and every moment would be held against all of them. */
    private static final int MOST_ENTRIES = 1_000;

    private final List<Diagnostic> warnings;
    private final Map<String, Integer> counts = new HashMap<>();
    private final Set<String> seen = new HashSet<>();
    private final String[] names = new String[2];
    private final List<Optional<String>> kits = new ArrayList<>(List.of(Optional.empty(), Optional.empty()));
    private final List<Optional<Side>> sides = new ArrayList<>(List.of(Optional.empty(), Optional.empty()));
    private final List<Optional<Level>> levels = new ArrayList<>(List.of(Optional.empty(), Optional.empty()));
    private final List<Optional<Stance>> stances = new ArrayList<>(List.of(Optional.empty(), Optional.empty()));
    private final List<Optional<String>> weights = new ArrayList<>(List.of(Optional.empty(), Optional.empty()));
    private final List<Optional<String>> corners = new ArrayList<>(List.of(Optional.empty(), Optional.empty()));
    private final List<Optional<String>> teams = new ArrayList<>(List.of(Optional.empty(), Optional.empty()));
    private final List<Optional<String>> ranks = new ArrayList<>(List.of(Optional.empty(), Optional.empty()));
    private final List<Optional<String>> builds = new ArrayList<>(List.of(Optional.empty(), Optional.empty()));
    private final List<Background.Planned> plan = new ArrayList<>();
    private final List<Background.Claimed> claims = new ArrayList<>();
    private Optional<Background.RoughDay> day = Optional.empty();
    private Optional<String> division = Optional.empty();
    private Optional<String> differs = Optional.empty();
    private final List<String> coders = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();
    private final List<FilmLink> films = new ArrayList<>();
    private final List<Covered> covered = new ArrayList<>();
    private final List<Segment> segments = new ArrayList<>();
    private final TreeMap<String, String> others = new TreeMap<>();
    private BoutKind kind = BoutKind.COMPETITION;
    private Optional<String> event = Optional.empty();
    private Optional<LocalDate> date = Optional.empty();
    private Optional<String> round = Optional.empty();
    private String ruleset = Header.DEFAULT_RULESET;
    private Optional<LocalDate> rulesetDate = Optional.empty();
    private Optional<MidBoutStart> opening = Optional.empty();
    private boolean endsEarly;
    private Uniform uniform = Uniform.GI;
    private OptionalLong length = OptionalLong.empty();
    private Optional<Result> result = Optional.empty();
    private Optional<String> codingOf = Optional.empty();
    private Optional<String> id = Optional.empty();
    private Material material = Material.BOUT;

    HeaderReader(List<Diagnostic> warnings) {
        this.warnings = warnings;
    }

    /** {@return where the two most likely are before the first moment, for reading what it says} */
    Scene scene(Lexicon lexicon) {
        return new Scene(
                Whereabouts.assumed(kind, opening, material == Material.BOUT, lexicon), Header.knowsBlows(ruleset));
    }

    static boolean isEntry(String line) {
        return ENTRY.matcher(line).matches();
    }

    /** {@return the key of the line} */
    String read(String line, int number) throws Cursor.Wrong {
        Matcher matcher = ENTRY.matcher(line);
        if (!matcher.matches()) {
            throw new Cursor(line, number).wrong("expected a header line such as \"event: Lantern Cup\"");
        }
        String key = matcher.group(1);
        Cursor value = new Cursor(line, number);
        value.until(c -> c == ':');
        value.take(":");
        if (!REPEATED.contains(key) && !seen.add(key)) {
            throw value.wrong(1, "\"%s\" stands here a second time; leave one of the two", key);
        }
        if (REPEATED.contains(key) && counts.merge(key, 1, Integer::sum) > MOST_ENTRIES) {
            throw value.wrong(1, "there are more than %s lines \"%s\"; no bout needs so many", MOST_ENTRIES, key);
        }
        entry(key, value);
        if (!value.atEnd()) {
            throw value.wrong("expected the line to end here");
        }
        return key;
    }

    private void entry(String key, Cursor value) throws Cursor.Wrong {
        switch (key) {
            case "id" -> id = Optional.of(filled(value));
            case "A", "B" -> names[Seat.valueOf(key).ordinal()] = filled(value);
            case "A kit", "B kit" -> kits.set(seat(key), Optional.of(words(value)));
            case "A stands", "B stands" ->
                sides.set(seat(key), Optional.of(value.named(Side.class, "a side of the screen")));
            case "A level", "B level" -> levels.set(seat(key), Optional.of(value.named(Level.class, "a belt")));
            case "A stance", "B stance" -> stances.set(seat(key), Optional.of(value.named(Stance.class, "a stance")));
            case "A weight", "B weight" -> weights.set(seat(key), Optional.of(words(value)));
            case "A corner", "B corner" -> corners.set(seat(key), Optional.of(words(value)));
            case "A team", "B team" -> teams.set(seat(key), Optional.of(words(value)));
            case "A rank", "B rank" -> ranks.set(seat(key), Optional.of(words(value)));
            case "A build", "B build" -> builds.set(seat(key), Optional.of(words(value)));
            case "division" -> division = Optional.of(words(value));
            case "differs" -> differs = Optional.of(filled(value));
            case "claim" -> claims.add(claim(value));
            case "A expects", "B expects" ->
                plan.add(new Background.Planned(
                        Seat.valueOf(key.substring(0, 1)), OptionalInt.empty(), OptionalInt.empty(), filled(value)));
            case "coder" -> coders.add(filled(value));
            case "coding of" -> codingOf = Optional.of(filled(value));
            case "note" -> notes.add(words(value));
            case "ruleset date" -> rulesetDate = Optional.of(date(value));
            case "segment" -> segments.add(segment(value));
            case "starts" -> opening = Optional.of(opening(value));
            case "ends" -> endsEarly = early(value);
            case "kind" -> kind = value.named(BoutKind.class, "a kind of bout");
            case "event" -> event = Optional.of(words(value));
            case "date" -> dated(value);
            case "round" -> round = Optional.of(words(value));
            case "ruleset" -> ruleset = filled(value);
            case "uniform" -> uniform = value.named(Uniform.class, "a uniform");
            case "length" -> length = OptionalLong.of(value.timeFromZero());
            case "film" -> films.add(film(value));
            case "covered" -> covered.add(covered(value));
            case "result" -> result = Optional.of(result(value));
            // So did files of the first version tell highlights.
            case "whole" -> material = whole(value) ? Material.BOUT : Material.CLIPS;
            case "material" -> material = value.named(Material.class, "a sort of material");
            default -> {
                Matcher planned = PLAN.matcher(key);
                if (planned.matches()) {
                    plan.add(new Background.Planned(
                            planned.group(1) == null ? Seat.A : Seat.valueOf(planned.group(1)),
                            number(planned.group(2)),
                            number(planned.group(3)),
                            filled(value)));
                } else {
                    others.put(key, unknown(key, value));
                }
            }
        }
    }

    private static OptionalInt number(String digits) {
        return digits == null ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(digits));
    }

    /** A day, or a year or month where no day is known. */
    private void dated(Cursor value) throws Cursor.Wrong {
        int at = value.column();
        String text = value.rest().strip();
        try {
            day = Background.RoughDay.parse(text);
            date = day.isPresent() ? Optional.empty() : Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException | IllegalArgumentException e) {
            throw value.wrong(
                    at,
                    "\"%s\" is no date; write year, month and day, such as 2026-03-14, or what is known of it: 2026-03, 2026, about 2026",
                    Cursor.shortened(text));
        }
    }

    /** {@code claim: "always passes left" of A by "Imke" on 2026-03-01 figure "pass side"}. */
    private static Background.Claimed claim(Cursor value) throws Cursor.Wrong {
        String words = value.quoteFollows() ? value.filledQuote() : filled(value);
        Optional<Seat> of = Optional.empty();
        Optional<String> by = Optional.empty();
        Optional<LocalDate> on = Optional.empty();
        Optional<String> figure = Optional.empty();
        while (!value.atEnd()) {
            if (value.takeWord("of")) {
                of = Optional.of(value.seat("of whom it is claimed: A or B"));
            } else if (value.takeWord("by")) {
                by = Optional.of(value.filledQuote());
            } else if (value.takeWord("on")) {
                on = Optional.of(date(value));
            } else if (value.takeWord("figure")) {
                figure = Optional.of(value.filledQuote());
            } else {
                throw value.wrong(
                        "expected of whom, by whom, when, or which figure it concerns, as in claim: \"always passes left\" of A by \"Imke\" on 2026-03-01 figure \"pass side\"");
            }
        }
        return new Background.Claimed(words, of, by, on, figure);
    }

    /** A key nobody knows is kept as it is; one that is nearly a known one is told of, so that a slip is no silence. */
    private String unknown(String key, Cursor value) throws Cursor.Wrong {
        NearestWord.nearest(key, KEYS)
                .ifPresent(near -> warnings.add(new Diagnostic(
                        value.line(),
                        1,
                        Diagnostic.Severity.WARNING,
                        "\"%s\" is no key of a header, and counts for nothing; it was kept as it stands. The nearest key is \"%s\""
                                .formatted(Cursor.shortened(key), near))));
        return words(value);
    }

    private static int seat(String key) {
        return Seat.valueOf(key.substring(0, 1)).ordinal();
    }

    private static String words(Cursor value) throws Cursor.Wrong {
        return value.words(c -> false);
    }

    private static String filled(Cursor value) throws Cursor.Wrong {
        int at = value.column();
        String words = words(value);
        if (words.isBlank()) {
            throw value.wrong(at, "nothing stands here; write a name, or \"unknown\"");
        }
        return words;
    }

    private static LocalDate date(Cursor value) throws Cursor.Wrong {
        int at = value.column();
        String word = value.word();
        try {
            return LocalDate.parse(word);
        } catch (DateTimeParseException e) {
            throw value.wrong(at, "\"%s\" is no date; write year, month and day, such as 2026-03-14", word);
        }
    }

    private static boolean whole(Cursor value) throws Cursor.Wrong {
        if (value.takeWord("yes")) {
            return true;
        }
        if (value.takeWord("no")) {
            return false;
        }
        throw value.wrong("expected yes or no");
    }

    private static boolean early(Cursor value) throws Cursor.Wrong {
        if (value.takeWord("early")) {
            return true;
        }
        throw value.wrong("expected \"early\"; a film that ends with the match needs no line");
    }

    private static Segment segment(Cursor value) throws Cursor.Wrong {
        Segment.Kind kind = value.named(Segment.Kind.class, "a kind of footage");
        long[] stretch = stretch(value);
        return new Segment(
                kind,
                stretch[0],
                stretch[1],
                value.takeWord("of") ? OptionalLong.of(value.timeFromZero()) : OptionalLong.empty());
    }

    private static long[] stretch(Cursor value) throws Cursor.Wrong {
        long from = value.timeFromZero();
        if (!value.takeWord("to")) {
            throw value.wrong("expected \"to\" and the time at which this stretch ends");
        }
        int at = value.column();
        long to = value.timeFromZero();
        if (to < from) {
            throw value.wrong(at, "this stretch ends before it begins");
        }
        return new long[] {from, to};
    }

    private static MidBoutStart opening(Cursor value) throws Cursor.Wrong {
        OptionalLong left = OptionalLong.empty();
        List<Optional<MidBoutStart.Marks>> marks = new ArrayList<>(List.of(Optional.empty(), Optional.empty()));
        if (!value.takeWord("unknown")) {
            do {
                Optional<Seat> seat = value.takeWord("A")
                        ? Optional.of(Seat.A)
                        : value.takeWord("B") ? Optional.of(Seat.B) : Optional.empty();
                if (seat.isPresent()) {
                    marks.set(
                            seat.get().ordinal(),
                            Optional.of(new MidBoutStart.Marks(
                                    value.whole(-99, 99), value.whole(0, 99), value.whole(0, 99))));
                } else {
                    left = OptionalLong.of(value.timeFromZero());
                    if (!value.takeWord("left")) {
                        throw value.wrong("expected \"left\" after the time on the match clock");
                    }
                }
            } while (value.take(","));
        }
        return new MidBoutStart(left, marks.get(0), marks.get(1));
    }

    private static FilmLink film(Cursor value) throws Cursor.Wrong {
        if (value.quoteFollows()) {
            String path = value.quoted();
            return new FilmLink(path, value.takeWord("from") ? value.time() : 0);
        }
        int at = value.column();
        String all = value.rest();
        int from = all.lastIndexOf(" from ");
        String path = from < 0 ? all : all.substring(0, from);
        if (path.isBlank()) {
            throw value.wrong(at, "expected the path of a film");
        }
        Cursor time = new Cursor(from < 0 ? "0:00" : all.substring(from + 6), value.line());
        return new FilmLink(path, time.time());
    }

    private static Covered covered(Cursor value) throws Cursor.Wrong {
        Layer layer = value.named(Layer.class, "a layer");
        long[] stretch = stretch(value);
        return new Covered(layer, stretch[0], stretch[1], value.takeWord("declared"));
    }

    private static Result result(Cursor value) throws Cursor.Wrong {
        int at = value.column();
        Optional<Seat> winner = value.takeWord("A")
                ? Optional.of(Seat.A)
                : value.takeWord("B") ? Optional.of(Seat.B) : Optional.empty();
        if (winner.isEmpty() && !value.takeWord("nobody")) {
            throw value.wrong(at, "expected who won: A, B or nobody");
        }
        if (!value.takeWord("by")) {
            throw value.wrong("expected \"by\" and how the bout was won");
        }
        Method method = value.named(Method.class, "a way to win");
        Optional<String> finish = Optional.empty();
        Optional<Result.Score> score = Optional.empty();
        while (!value.atEnd()) {
            if (value.quoteFollows()) {
                finish = Optional.of(value.quoted());
                continue;
            }
            int wordAt = value.column();
            String word = value.word();
            Matcher matcher = SCORE.matcher(word);
            if (matcher.matches()) {
                score = Optional.of(
                        new Result.Score(Integer.parseInt(matcher.group(1)), Integer.parseInt(matcher.group(2))));
            } else if (finish.isEmpty() && !word.isEmpty()) {
                finish = Optional.of(word);
            } else {
                throw value.wrong(
                        wordAt, "\"%s\" stands after the result; write a finish and a score such as 4-2", word);
            }
        }
        return new Result(winner, method, finish, score);
    }

    Header header(int line) throws Cursor.Wrong {
        for (Seat seat : Seat.values()) {
            if (names[seat.ordinal()] == null) {
                throw new Cursor("", line)
                        .wrong(
                                1,
                                "the header does not say who %s is; add a line \"%s: NAME\" above",
                                seat.name(),
                                seat.name());
            }
        }
        return HeaderBuilder.builder()
                .kind(kind)
                .ruleset(ruleset)
                .uniform(uniform)
                .lengthMicros(length)
                .a(contestant(0))
                .b(contestant(1))
                .footage(FootageBuilder.builder()
                        .material(material)
                        .endsEarly(endsEarly)
                        .films(films)
                        .covered(covered)
                        .segments(segments)
                        .opening(opening)
                        .create())
                .background(new Background(day, division, plan, claims, differs))
                .event(event)
                .date(date)
                .round(round)
                .rulesetDate(rulesetDate)
                .result(result)
                .coders(coders)
                .codingOf(codingOf)
                .notes(notes)
                .others(others)
                .create();
    }

    private Contestant contestant(int seat) {
        return ContestantBuilder.builder()
                .name(names[seat])
                .kit(kits.get(seat))
                .screenSide(sides.get(seat))
                .level(levels.get(seat))
                .stance(stances.get(seat))
                .weight(weights.get(seat))
                .corner(corners.get(seat))
                .team(teams.get(seat))
                .rank(ranks.get(seat))
                .build(builds.get(seat))
                .create();
    }

    Optional<Stance> stance(Seat seat) {
        return stances.get(seat.ordinal());
    }

    OptionalLong length() {
        return length;
    }

    Optional<String> id() {
        return id;
    }
}
