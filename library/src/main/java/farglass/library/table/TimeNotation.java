package farglass.library.table;

import farglass.core.bout.Times;
import java.util.OptionalLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How a spreadsheet writes times. */
public enum TimeNotation {
    CLOCK("minutes and seconds: 2:05, 1:02:05.4", Pattern.compile("[0-9:.]+")),
    SECONDS("seconds: 125 or 125.4", Pattern.compile("([0-9]{1,6})(?:[.,]([0-9]{1,6}))? ?s?")),
    HOURS(
            "minutes and seconds that a spreadsheet took for hours and minutes: 2:05:00",
            Pattern.compile("([0-9]{1,4}):([0-5][0-9]):00")),
    POINT("minutes, a point, two digits of seconds: 2.05", Pattern.compile("([0-9]{1,4})\\.([0-5][0-9])")),
    WORDS(
            "minutes and seconds in letters: 2m05s, 2'05\"",
            Pattern.compile("(?:([0-9]{1,4}) ?(?:m|min|')) ?(?:([0-9]{1,2})(?:\\.([0-9]{1,6}))? ?(?:s|sec|\"|'')?)?"));

    private static final long MINUTE = 60_000_000;

    private final String label;
    private final Pattern pattern;

    TimeNotation(String label, Pattern pattern) {
        this.label = label;
        this.pattern = pattern;
    }

    public String label() {
        return label;
    }

    /** {@return a time as no program takes for hours or for a number: "1m02.345678s"} @param micros 0 or more */
    static String inLetters(long micros) {
        String exact = Times.exact(micros % MINUTE);
        return "%dm%ss".formatted(micros / MINUTE, exact.substring(exact.indexOf(':') + 1));
    }

    /** {@return microseconds, empty for what is no time in this notation} */
    OptionalLong read(String cell) {
        String text = cell.strip();
        Matcher matcher = pattern.matcher(text);
        if (!matcher.matches()) {
            return OptionalLong.empty();
        }
        return switch (this) {
            case CLOCK -> clock(text);
            case SECONDS -> OptionalLong.of(whole(matcher.group(1)) * 1_000_000 + fraction(matcher.group(2)));
            case HOURS, POINT -> OptionalLong.of((whole(matcher.group(1)) * 60 + whole(matcher.group(2))) * 1_000_000);
            case WORDS ->
                OptionalLong.of((whole(matcher.group(1)) * 60 + whole(matcher.group(2))) * 1_000_000
                        + fraction(matcher.group(3)));
        };
    }

    private static OptionalLong clock(String text) {
        OptionalLong micros = Times.parse(text);
        return micros.isPresent() && micros.getAsLong() >= 0 ? micros : OptionalLong.empty();
    }

    private static long whole(String digits) {
        return digits == null ? 0 : Long.parseLong(digits);
    }

    private static long fraction(String digits) {
        return digits == null ? 0 : Long.parseLong((digits + "000000").substring(0, 6));
    }
}
