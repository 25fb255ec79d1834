package farglass.core.notation;

import farglass.core.bout.Background;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Covered;
import farglass.core.bout.FilmLink;
import farglass.core.bout.FootageBuilder;
import farglass.core.bout.Header;
import farglass.core.bout.HeaderBuilder;
import farglass.core.bout.Material;
import farglass.core.bout.MidBoutStart;
import farglass.core.bout.Result;
import farglass.core.bout.Segment;
import farglass.core.bout.Uniform;
import farglass.core.lexicon.Lexicon;
import farglass.core.said.Scene;
import farglass.core.side.Seat;
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
import java.util.stream.Stream;

/** Reads the lines "key: value" at the head of a bout file. */
final class HeaderReader {
    /** No time here: a line that begins with digits is a moment. */
    private static final Pattern ENTRY = Pattern.compile("\\s*([A-Za-z][A-Za-z0-9 -]{0,40}?)\\s*:(?:\\s(.*))?");
    /** Whose, which, and in whose place: "B plan 2 if 1 is refused". */
    private static final Pattern PLAN =
            Pattern.compile("(?:([AB]) )?plan ([0-9]{1,3})(?: if ([0-9]{1,3})(?: is)? refused)?");

    /** Of two that are as near to a slip the first is named. */
    private static final List<String> KEYS = Stream.of(
                    Stream.of("id", "A", "B"),
                    ContestantLines.KEYS.stream().flatMap(key -> Stream.of("A " + key, "B " + key)),
                    Stream.of(
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
                            "material"))
            .flatMap(keys -> keys)
            .toList();

    private static final Set<String> REPEATED =
            Set.of("film", "covered", "segment", "coder", "note", "claim", "A expects", "B expects");

    /** More lines of one kind than these are noise, and every moment would be held against all of them. */
    private static final int MOST_ENTRIES = 1_000;

    private final List<Diagnostic> warnings;
    private final Map<String, Integer> counts = new HashMap<>();
    private final Set<String> seen = new HashSet<>();
    private final ContestantLines a = new ContestantLines();
    private final ContestantLines b = new ContestantLines();
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
            case "id" -> id = Optional.of(HeaderValues.filled(value));
            case "A", "B" -> of(key).name(HeaderValues.filled(value));
            case "A expects", "B expects" ->
                plan.add(new Background.Planned(
                        Seat.valueOf(key.substring(0, 1)),
                        OptionalInt.empty(),
                        OptionalInt.empty(),
                        HeaderValues.filled(value)));
            case "division" -> division = Optional.of(HeaderValues.words(value));
            case "differs" -> differs = Optional.of(HeaderValues.filled(value));
            case "claim" -> claims.add(HeaderValues.claim(value));
            case "coder" -> coders.add(HeaderValues.filled(value));
            case "coding of" -> codingOf = Optional.of(HeaderValues.filled(value));
            case "note" -> notes.add(HeaderValues.words(value));
            case "ruleset date" -> rulesetDate = Optional.of(HeaderValues.date(value));
            case "segment" -> segments.add(HeaderValues.segment(value));
            case "starts" -> opening = Optional.of(HeaderValues.opening(value));
            case "ends" -> endsEarly = HeaderValues.early(value);
            case "kind" -> kind = value.named(BoutKind.class, "a kind of bout");
            case "event" -> event = Optional.of(HeaderValues.words(value));
            case "date" -> dated(value);
            case "round" -> round = Optional.of(HeaderValues.words(value));
            case "ruleset" -> ruleset = HeaderValues.filled(value);
            case "uniform" -> uniform = value.named(Uniform.class, "a uniform");
            case "length" -> length = OptionalLong.of(value.timeFromZero());
            case "film" -> films.add(HeaderValues.film(value));
            case "covered" -> covered.add(HeaderValues.covered(value));
            case "result" -> result = Optional.of(HeaderValues.result(value));
            // So did files of the first version tell highlights.
            case "whole" -> material = HeaderValues.whole(value) ? Material.BOUT : Material.CLIPS;
            case "material" -> material = value.named(Material.class, "a sort of material");
            default -> {
                if (key.matches("[AB] .*") && of(key).read(key.substring(2), value)) {
                    return;
                }
                Matcher planned = PLAN.matcher(key);
                if (planned.matches()) {
                    plan.add(new Background.Planned(
                            planned.group(1) == null ? Seat.A : Seat.valueOf(planned.group(1)),
                            number(planned.group(2)),
                            number(planned.group(3)),
                            HeaderValues.filled(value)));
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

    /** A key nobody knows is kept as it is; one that is nearly a known one is told of, so that a slip is no silence. */
    private String unknown(String key, Cursor value) throws Cursor.Wrong {
        NearestWord.nearest(key, KEYS)
                .ifPresent(near -> warnings.add(new Diagnostic(
                        value.line(),
                        1,
                        Diagnostic.Severity.WARNING,
                        "\"%s\" is no key of a header, and counts for nothing; it was kept as it stands. The nearest key is \"%s\""
                                .formatted(Cursor.shortened(key), near))));
        return HeaderValues.words(value);
    }

    /** {@return the lines of the athlete with whom the key begins} */
    private ContestantLines of(String key) {
        return of(Seat.valueOf(key.substring(0, 1)));
    }

    private ContestantLines of(Seat seat) {
        return seat == Seat.A ? a : b;
    }

    Header header(int line) throws Cursor.Wrong {
        for (Seat seat : Seat.values()) {
            if (!of(seat).isNamed()) {
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
                .a(a.contestant())
                .b(b.contestant())
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

    Optional<Stance> stance(Seat seat) {
        return of(seat).stance();
    }

    OptionalLong length() {
        return length;
    }

    Optional<String> id() {
        return id;
    }
}
