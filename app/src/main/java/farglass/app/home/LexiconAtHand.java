package farglass.app.home;

import farglass.core.lexicon.Lexicon;
import farglass.library.Library;
import java.nio.file.Path;

/** The words a command reads with. */
public final class LexiconAtHand {
    private LexiconAtHand() {}

    /** {@return the shipped lexicon, with the own words of that library if one is named} What could not be used is told on the error stream. */
    public static Lexicon of(Path library) {
        if (library == null) {
            return Lexicon.shipped();
        }
        try (Library open = Library.openToRead(library, Home.clock(), Home.person())) {
            Lexicon.Extended extended =
                    Lexicon.shipped().with(open.contents().words().texts());
            extended.problems().forEach(System.err::println);
            return extended.lexicon();
        }
    }
}
