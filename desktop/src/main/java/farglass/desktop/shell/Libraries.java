package farglass.desktop.shell;

import farglass.core.rules.Rulesets;
import farglass.desktop.desk.Desk;
import farglass.desktop.parts.Sheet;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.function.Consumer;

/** What the window does with whole libraries, and what it keeps for all of them. */
public interface Libraries {
    /** Makes a new library in the place of the one now open. */
    void create(Path path);

    /**
     * Opens a library in the place of the one now open, read off the interface thread. What is wrong with it is said in the window.
     *
     * @param saying what is said at the foot once it stands; may be empty
     */
    void open(Path path, String saying);

    /** Recovers what is whole of a damaged library, which is closed for it, and opens that. */
    void recover(Path path);

    /** Opens a second window on the same library: a place of its own, and everything else shared. */
    void anotherWindow();

    /** Closes the library; what was saved is on disk when this returns. */
    void closeLibrary();

    /** Closes the window, and its library if this was the last. */
    void closeWindow();

    /** Says in the welcome what happened to a library that is not open. */
    void tell(String sentence);

    /** {@return a report of a problem, to be read and saved} */
    Sheet report(Optional<Desk> desk, Consumer<Path> saved);

    /** {@return the shipped rulesets and the user's own; read when asked for} */
    Rulesets rulesets();

    Clock clock();
}
