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

    /** When a window that is only started to see how long that takes is left again. */
    public enum Leaving {
        NEVER,
        /** As soon as its first picture is on the screen. */
        WITH_PICTURE,
        /** As soon as also all is there that is not in sight: what happened in the bouts, and the other places. */
        WHEN_WHOLE
    }

    /**
     * {@return when the window is left, after telling how long it took} So a start is measured, and so the launcher rehearses it;
     * FARGLASS_LEAVE_WHEN_READY says so, which is {@code whole} for the latter and anything else for the former.
     */
    public static Leaving leaving() {
        String when = System.getenv("FARGLASS_LEAVE_WHEN_READY");
        return when == null ? Leaving.NEVER : when.equals("whole") ? Leaving.WHEN_WHOLE : Leaving.WITH_PICTURE;
    }

    public static Clock clock() {
        return Clock.systemUTC();
    }
}
