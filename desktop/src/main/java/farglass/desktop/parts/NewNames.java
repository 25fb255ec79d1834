package farglass.desktop.parts;

import farglass.core.study.NameSpelling;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Asks once about a name that is perhaps a known one in another spelling: who gives it again means somebody new. */
public final class NewNames {
    private final List<String> known;
    private final Set<String> saidNew = new HashSet<>();

    /** @param known names of the library's athletes */
    public NewNames(List<String> known) {
        this.known = List.copyOf(known);
    }

    /** {@return what to ask about that name; empty where there is nothing to ask} */
    public Optional<String> ask(String name) {
        return NameSpelling.meant(name, known)
                .filter(meant -> saidNew.add(name))
                .map(meant ->
                        "There is a %s in this library. Write it so if %s is the same; if it is somebody else, go on."
                                .formatted(meant, name));
    }
}
