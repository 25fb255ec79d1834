package farglass.core.bout;

import java.util.OptionalLong;

/** Times as people write them: minutes and seconds, with up to six decimals, and hours where needed. */
public final class Times {
    private static final long SECOND = 1_000_000;

    private Times() {}

    /**
     * {@return the microseconds a text such as "2:05.4" or "1:02:05" stands for, empty if it is no time} Up to three digits of hours,
     * four of minutes, two of seconds, six decimals. Read by hand: it is done once a moment.
     */
    public static OptionalLong parse(String text) {
        boolean negative = text.startsWith("-");
        int point = text.indexOf('.');
        int end = point < 0 ? text.length() : point;
        int seconds = text.lastIndexOf(':', end - 1);
        if (seconds < 0 || end - seconds != 3) {
            return OptionalLong.empty();
        }
        int begin = negative ? 1 : 0;
        int minutes = text.lastIndexOf(':', seconds - 1);
        long hours = minutes < begin ? 0 : digits(text, begin, minutes, 3);
        long mins = digits(text, minutes < begin ? begin : minutes + 1, seconds, 4);
        long secs = digits(text, seconds + 1, end, 2);
        long fraction = point < 0 ? 0 : digits(text, point + 1, text.length(), 6);
        boolean possible = hours >= 0 && mins >= 0 && secs >= 0 && secs <= 59 && fraction >= 0;
        if (!possible || minutes >= begin && mins > 59) {
            return OptionalLong.empty();
        }
        for (int i = point < 0 ? 6 : text.length() - point - 1; i < 6; i++) {
            fraction *= 10;
        }
        long micros = ((hours * 60 + mins) * 60 + secs) * SECOND + fraction;
        return OptionalLong.of(negative ? -micros : micros);
    }

    /** {@return the number between two places; -1 if there is none of at most so many digits} */
    private static long digits(String text, int from, int to, int most) {
        if (to <= from || to - from > most) {
            return -1;
        }
        long number = 0;
        for (int i = from; i < to; i++) {
            char c = text.charAt(i);
            if (c < '0' || c > '9') {
                return -1;
            }
            number = number * 10 + c - '0';
        }
        return number;
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
