package farglass.app.home;

import farglass.library.Library;
import farglass.library.contents.Contents;

/** What a command can read of a library. */
public final class Readable {
    private Readable() {}

    /** {@return all that can be believed} What the disk changed is left out of it, and told by name on the error stream. */
    public static Contents of(Library library) {
        Contents contents = library.contents();
        contents.damage()
                .forEach(damage -> System.err.println("Left out, since it is damaged: " + damage.sentence()
                        + " Open the library in a window and choose Recover\u2026 in its menu."));
        return contents;
    }
}
