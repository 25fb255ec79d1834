package farglass.desktop.desk;

import java.sql.SQLException;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.logging.Formatter;
import java.util.logging.LogRecord;

/**
 * One happening in the log: when, what, and where something was thrown. What an exception says of itself is left out, and
 * so is what a library of others says, since either may hold a name or a path.
 */
final class LogLine extends Formatter {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm:ss.SSS'Z'", Locale.ROOT)
            .withZone(ZoneOffset.UTC);
    /** Our own logger; what others say goes by their names alone, since nobody knows what they put into their words. */
    static final String LOGGER_NAME = "farglass";

    private static final int MOST_FRAMES = 40;
    private static final int MOST_CAUSES = 5;

    @Override
    public String format(LogRecord noted) {
        StringBuilder line = new StringBuilder(WHEN.format(noted.getInstant()))
                .append(' ')
                .append(noted.getLevel().getName())
                .append(' ')
                .append(
                        LOGGER_NAME.equals(noted.getLoggerName())
                                ? noted.getMessage()
                                : "said by " + noted.getLoggerName())
                .append(System.lineSeparator());
        Throwable thrown = noted.getThrown();
        for (int causes = 0; thrown != null && causes < MOST_CAUSES; causes++) {
            line.append("    ").append(thrown.getClass().getName());
            if (thrown instanceof SQLException sql) {
                line.append(' ').append(sql.getErrorCode());
            }
            line.append(System.lineSeparator());
            StackTraceElement[] frames = thrown.getStackTrace();
            for (int i = 0; i < Math.min(MOST_FRAMES, frames.length); i++) {
                line.append("        ").append(frames[i]).append(System.lineSeparator());
            }
            thrown = thrown.getCause();
        }
        return line.toString();
    }
}
