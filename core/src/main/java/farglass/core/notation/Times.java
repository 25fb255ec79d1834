package farglass.core.notation;

import java.util.OptionalLong;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Times as people write them: minutes and seconds, with up to six decimals, and hours where needed. */
public final class Times {
    private static final Pattern TIME =
            Pattern.compile("(-)?(?:([0-9]{1,3}):)?([0-9]{1,4}):([0-9]{2})(?:\\.([0-9]{1,6}))?");
    private static final long SECOND = 1_000_000;

    private Times() {}

    /** {@return the microseconds a text such as "2:05.4" or "1:02:05" stands for, empty if it is no time} */
    public static OptionalLong parse(String text) {
        Matcher matcher = TIME.matcher(text);
        if (!matcher.matches() || Integer.parseInt(matcher.group(4)) > 59) {
            return OptionalLong.empty();
        }
        long hours = matcher.group(2) == null ? 0 : Long.parseLong(matcher.group(2));
        long minutes = Long.parseLong(matcher.group(3));
        if (matcher.group(2) != null && minutes > 59) {
            return OptionalLong.empty();
        }
        long micros = ((hours * 60 + minutes) * 60 + Long.parseLong(matcher.group(4))) * SECOND;
        if (matcher.group(5) != null) {
            micros += Long.parseLong((matcher.group(5) + "000000").substring(0, 6));
        }
        return OptionalLong.of(matcher.group(1) == null ? micros : -micros);
    }

    /** {@return the exact time, in minutes and seconds and no more decimals than it needs} */
    public static String exact(long micros) {
        long size = Math.abs(micros);
        String text = (micros < 0 ? "-" : "") + size / (60 * SECOND) + ":" + twoDigits(size / SECOND % 60);
        long rest = size % SECOND;
        if (rest == 0) {
            return text;
        }
        String decimals = Long.toString(SECOND + rest).substring(1);
        return text + "." + decimals.replaceAll("0+$", "");
    }

    /** {@return the time to a tenth of a second, rounded down, for reading} */
    public static String tenths(long micros) {
        long size = Math.abs(micros);
        return (micros < 0 ? "-" : "") + size / (60 * SECOND) + ":" + twoDigits(size / SECOND % 60) + "."
                + size / (SECOND / 10) % 10;
    }

    /** {@return the time to the second, rounded down, for reading} */
    public static String seconds(long micros) {
        String tenths = tenths(micros);
        return tenths.substring(0, tenths.length() - 2);
    }

    private static String twoDigits(long number) {
        return number < 10 ? "0" + number : Long.toString(number);
    }
}
