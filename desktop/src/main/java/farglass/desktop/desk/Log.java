package farglass.desktop.desk;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.logging.FileHandler;
import java.util.logging.Level;
import java.util.logging.LogManager;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * The log of the window: a few small files, the oldest of which is written over. It can be given away with a report: what is noted is one
 * of a few happenings, numbers, and where in the program something was thrown. No words can be noted, so no athlete's name is in it.
 */
public final class Log {
    private static final Logger LOGGER = LoggerFactory.getLogger(LogLine.LOGGER_NAME);
    /** Held, so that what is set on it is not lost with it: whoever starts us in a terminal need not read along. */
    private static final java.util.logging.Logger OURS = java.util.logging.Logger.getLogger(LogLine.LOGGER_NAME);

    private static final int BYTES = 300_000;
    private static final int FILES = 3;
    private static final String ENDING = ".log";

    static {
        OURS.setUseParentHandlers(false);
    }

    private Log() {}

    /**
     * Begins to keep the log in that folder, each running program in files of its own; what was noted before is kept nowhere.
     *
     * @return ends it
     * @throws IOException if it cannot be written there
     */
    public static AutoCloseable keep(Path folder) throws IOException {
        Files.createDirectories(folder);
        String name = folder.toAbsolutePath().toString().replace("%", "%%") + "/far-glass-%u-%g" + ENDING;
        FileHandler file = new FileHandler(name, BYTES, FILES, true);
        file.setFormatter(new LogLine());
        file.setEncoding(StandardCharsets.UTF_8.name());
        file.setLevel(Level.INFO);
        java.util.logging.Logger root = LogManager.getLogManager().getLogger("");
        OURS.addHandler(file);
        root.addHandler(file);
        return () -> {
            OURS.removeHandler(file);
            root.removeHandler(file);
            file.close();
        };
    }

    public static void note(Happening what, long... numbers) {
        LOGGER.info("{}", words(what, numbers));
    }

    /** Notes what went wrong, and where in the program; not what it says of it, which may name somebody. */
    public static void problem(Happening what, Throwable why, long... numbers) {
        LOGGER.warn("{}", words(what, numbers), why);
    }

    private static String words(Happening what, long... numbers) {
        return numbers.length == 0
                ? what.toString()
                : what + ": " + Arrays.stream(numbers).mapToObj(Long::toString).collect(Collectors.joining(", "));
    }

    /**
     * {@return the last lines of the log in that folder, the oldest first; none where there is none}
     *
     * @throws IOException if it cannot be read
     */
    public static List<String> lines(Path folder, int most) throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Path> files;
        try (Stream<Path> all = Files.list(folder)) {
            files = all.filter(file -> file.toString().endsWith(ENDING))
                    .sorted(Comparator.comparing(file -> file.toFile().lastModified()))
                    .toList();
        }
        List<String> lines = new ArrayList<>();
        for (Path file : files) {
            // A line may have been cut when the machine stopped.
            lines.addAll(new String(Files.readAllBytes(file), StandardCharsets.UTF_8)
                    .lines()
                    .toList());
        }
        return List.copyOf(lines.subList(Math.max(0, lines.size() - most), lines.size()));
    }
}
