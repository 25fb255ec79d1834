package farglass.app.home;

import farglass.library.store.LibraryHeader;
import java.nio.file.Path;
import java.time.Clock;

/** Where this person's own things are kept, and who they are. */
public final class Home {
    private Home() {}

    /** {@return the folder for settings and the demo; FARGLASS_HOME says another one} */
    public static Path folder() {
        String named = System.getenv("FARGLASS_HOME");
        return named == null || named.isBlank()
                ? Path.of(System.getProperty("user.home"), ".far-glass")
                : Path.of(named);
    }

    public static Path settings() {
        return folder().resolve("settings.properties");
    }

    /** {@return where the window keeps what it added up, as {@code Settings.sums} has it} */
    public static Path sums() {
        return folder().resolve("sums");
    }

    /** {@return where the demo is laid, unless another place is named} */
    public static Path demo() {
        return folder().resolve("demo").resolve("far-glass-demo" + LibraryHeader.SUFFIX);
    }

    /** {@return the name that the history of edits shows} */
    public static String person() {
        return System.getProperty("user.name", "unknown");
    }

    /**
     * {@return whether a window is left as soon as its first picture is on the screen, after telling how long that took} So the launcher rehearses
     * a start, and so it is measured; FARGLASS_LEAVE_WHEN_READY says so.
     */
    public static boolean leavesWhenReady() {
        return System.getenv("FARGLASS_LEAVE_WHEN_READY") != null;
    }

    public static Clock clock() {
        return Clock.systemUTC();
    }
}
