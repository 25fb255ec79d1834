package farglass.app.library;

import farglass.core.study.Athlete;
import farglass.core.study.NameSpelling;
import farglass.library.contents.Contents;
import farglass.library.store.LibraryException;
import java.nio.file.Path;
import java.util.List;

/** Holds what was written for an athlete against those that a library knows. */
final class KnownAthlete {
    private KnownAthlete() {}

    /** @throws LibraryException if nobody in the library is called so, with who may be meant and who there is */
    static void check(String name, Contents contents, Path library) {
        if (contents.athleteNamed(name).isPresent()) {
            return;
        }
        List<String> names = contents.athletes().stream().map(Athlete::name).toList();
        String meant = NameSpelling.meant(name, names)
                .map(" Did you mean %s?"::formatted)
                .orElse("");
        throw new LibraryException("There is no athlete named %s in %s.%s Known are: %s."
                .formatted(name, library.getFileName(), meant, String.join(", ", names)));
    }
}
