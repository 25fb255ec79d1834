package farglass.desktop.desk;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** How the user names files. Behind an interface, because a headless toolkit has no such windows. */
public interface Choosers {
    /** {@return the files to open, none if the user thought better of it} */
    List<Path> open(String title, String kind, List<String> endings);

    /** {@return where to save} */
    Optional<Path> save(String title, String kind, String ending, String proposedName);
}
