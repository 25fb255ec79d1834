package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Times;
import farglass.core.side.Level;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a ruleset's text: a first line, then "key: value" lines. docs/rulesets.md explains every key. */
final class RulesetReader {
    static final String FIRST_LINE = "far-glass ruleset 1";
    private static final Pattern ENTRY = Pattern.compile("([a-z][a-z ]{0,40}?)\\s*:\\s*(.*)");
    private static final Pattern SECONDS = Pattern.compile("([0-9]{1,4}(?:\\.[0-9]{1,3})?) s");
    private static final Pattern WORTH = Pattern.compile("([1-9])(?:, past ([1-9]))?");
    private static final Pattern STALLING = Pattern.compile("(.*), (warning|negative|penalty)");
    private static final Pattern POINTS_STEP = Pattern.compile("([1-9]) points?");
    private static final Pattern OVERTIME = Pattern.compile("([0-9:]{3,8}) of (points|escape time in ([1-9]) pairs)");

    private record Value(String text, int line) {}

    private final Map<String, Value> values = new LinkedHashMap<>();

    private RulesetReader() {}

    /** @throws RulesetException if it cannot be read, with the line and what was expected */
    static Ruleset read(String text) {
        RulesetReader reader = new RulesetReader();
        reader.lines(text);
        return reader.ruleset();
    }

    private void lines(String text) {
        String[] lines = text.split("\\R", -1);
        if (!lines[0].replace("\uFEFF", "").strip().equals(FIRST_LINE)) {
            throw wrong(1, "the first line \"%s\"".formatted(FIRST_LINE), lines[0]);
        }
        for (int i = 1; i < lines.length; i++) {
            String line = lines[i].strip();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            Matcher entry = ENTRY.matcher(line);
            if (!entry.matches()) {
                throw wrong(i + 1, "a line \"key: value\"", line);
            }
            if (values.put(entry.group(1), new Value(entry.group(2), i + 1)) != null) {
                throw wrong(i + 1, "each key only once", entry.group(1));
            }
        }
    }

    private Ruleset ruleset() {
        Map<Level, Long> lengths = new EnumMap<>(Level.class);
        for (Level level : Level.values()) {
            take("length " + level.label()).ifPresent(value -> lengths.put(level, time(value)));
        }
        Map<Scored, Ruleset.Worth> worths = new EnumMap<>(Scored.class);
        for (Scored scored : Scored.values()) {
            take(scored.label()).ifPresent(value -> worths.put(scored, worth(value)));
        }
        Ruleset ruleset = RulesetBuilder.builder()
                .name(needed("name").text())
                .title(needed("title").text())
                .date(date(needed("date")))
                .notice(take("notice").map(Value::text).orElse("Check the event's own rules."))
                .scoring(choice(needed("scoring"), Ruleset.Scoring.class))
                .length(take("length")
                        .map(value -> OptionalLong.of(time(value)))
                        .orElse(OptionalLong.empty()))
                .holdMicros(take("hold").map(this::seconds).orElse(3_000_000L))
                .errorMicros(take("tagging error").map(this::seconds).orElse(400_000L))
                .pointsFromHalf(take("points from")
                        .map(value -> oneOf(value, "half", "start").equals("half"))
                        .orElse(false))
                .advantages(yes("advantages"))
                .triangleCounts(yes("body triangle"))
                .pullCosts(take("pull")
                        .map(value -> oneOf(value, "negative", "free").equals("negative"))
                        .orElse(false))
                .leavingPoints(take("leaving to escape")
                        .filter(value -> !value.text().equals("none"))
                        .map(value -> worth(value).points())
                        .orElse(0))
                .reapingForbidden(take("reaping")
                        .map(value -> oneOf(value, "forbidden", "allowed").equals("forbidden"))
                        .orElse(false))
                .overtime(take("overtime")
                        .filter(value -> !value.text().equals("none"))
                        .map(this::overtime)
                        .orElse(Ruleset.Overtime.NONE))
                .lengths(lengths)
                .worths(worths)
                .stalling(take("stalling")
                        .filter(value -> !value.text().equals("none"))
                        .map(this::stalling))
                .ladder(take("penalties")
                        .filter(value -> !value.text().equals("none"))
                        .map(this::ladder)
                        .orElse(List.of()))
                .order(take("order")
                        .map(value -> Arrays.stream(value.text().split(", *"))
                                .map(word -> choice(new Value(word, value.line()), Ruleset.Criterion.class))
                                .toList())
                        .orElse(List.of()))
                .create();
        if (!values.isEmpty()) {
            var first = values.entrySet().iterator().next();
            throw wrong(first.getValue().line(), "a key that rulesets have", first.getKey());
        }
        return ruleset;
    }

    private Optional<Value> take(String key) {
        return Optional.ofNullable(values.remove(key));
    }

    private Value needed(String key) {
        return take(key)
                .filter(value -> !value.text().isBlank())
                .orElseThrow(() -> wrong(1, "a line \"%s: …\" somewhere below".formatted(key), "nothing"));
    }

    private boolean yes(String key) {
        return take(key).map(value -> oneOf(value, "yes", "no").equals("yes")).orElse(false);
    }

    private String oneOf(Value value, String... words) {
        if (!List.of(words).contains(value.text())) {
            throw wrong(value.line(), "one of " + String.join(", ", words), value.text());
        }
        return value.text();
    }

    private <E extends Enum<E>> E choice(Value value, Class<E> type) {
        return Arrays.stream(type.getEnumConstants())
                .filter(each -> each.name().toLowerCase(Locale.ROOT).equals(value.text()))
                .findFirst()
                .orElseThrow(() -> wrong(
                        value.line(),
                        "one of " + Arrays.toString(type.getEnumConstants()).toLowerCase(Locale.ROOT),
                        value.text()));
    }

    private LocalDate date(Value value) {
        try {
            return LocalDate.parse(value.text());
        } catch (DateTimeParseException e) {
            throw wrong(value.line(), "a date such as 2026-01-01", value.text());
        }
    }

    private long time(Value value) {
        return Times.parse(value.text())
                .orElseThrow(() -> wrong(value.line(), "minutes and seconds, such as 6:00", value.text()));
    }

    private long seconds(Value value) {
        Matcher matcher = SECONDS.matcher(value.text());
        if (!matcher.matches()) {
            throw wrong(value.line(), "seconds, such as \"3 s\"", value.text());
        }
        return Math.round(Double.parseDouble(matcher.group(1)) * 1e6);
    }

    private Ruleset.Worth worth(Value value) {
        Matcher matcher = WORTH.matcher(value.text());
        if (!matcher.matches()) {
            throw wrong(value.line(), "points from 1 to 9, such as \"2\" or \"2, past 4\"", value.text());
        }
        int points = Integer.parseInt(matcher.group(1));
        return new Ruleset.Worth(points, matcher.group(2) == null ? points : Integer.parseInt(matcher.group(2)));
    }

    private Ruleset.Stalling stalling(Value value) {
        Matcher matcher = STALLING.matcher(value.text());
        if (!matcher.matches()) {
            throw wrong(value.line(), "seconds and what could be given, such as \"20 s, warning\"", value.text());
        }
        return new Ruleset.Stalling(
                seconds(new Value(matcher.group(1), value.line())),
                Award.Kind.valueOf(matcher.group(2).toUpperCase(Locale.ROOT)));
    }

    private List<Optional<Award>> ladder(Value value) {
        List<Optional<Award>> steps = new ArrayList<>();
        for (String step : value.text().split(", *")) {
            Matcher points = POINTS_STEP.matcher(step);
            steps.add(
                    switch (step) {
                        case "mark" -> Optional.empty();
                        case "advantage" -> Optional.of(Award.advantage());
                        case "disqualification" -> Optional.of(Award.of(Award.Kind.DISQUALIFICATION));
                        default -> {
                            if (!points.matches()) {
                                throw wrong(
                                        value.line(),
                                        "steps such as \"mark, advantage, 2 points, disqualification\"",
                                        step);
                            }
                            yield Optional.of(Award.points(Integer.parseInt(points.group(1))));
                        }
                    });
        }
        return steps;
    }

    private Ruleset.Overtime overtime(Value value) {
        Matcher matcher = OVERTIME.matcher(value.text());
        if (!matcher.matches()) {
            throw wrong(value.line(), "none, \"5:00 of points\" or \"2:00 of escape time in 3 pairs\"", value.text());
        }
        return new Ruleset.Overtime(
                time(new Value(matcher.group(1), value.line())),
                matcher.group(3) == null ? 0 : Integer.parseInt(matcher.group(3)));
    }

    private static RulesetException wrong(int line, String expected, String found) {
        return new RulesetException("line %d: expected %s, but \"%s\" stands there"
                .formatted(line, expected, found.length() > 120 ? found.substring(0, 120) + "…" : found));
    }
}
