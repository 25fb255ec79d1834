package farglass.core.bout;

import java.util.Optional;

/**
 * One athlete in one bout: name and how to tell her from the other on film.
 *
 * @param kit what she wears, in words, such as "white gi"
 * @param screenSide where she stands on the screen when it starts
 */
public record Contestant(String name, Optional<String> kit, Optional<Side> screenSide, Optional<Level> level) {
    public Contestant {
        if (name.isBlank()) {
            throw new IllegalArgumentException("An athlete needs a name; write \"unknown\" if nobody can tell.");
        }
    }

    public static Contestant named(String name) {
        return new Contestant(name, Optional.empty(), Optional.empty(), Optional.empty());
    }
}
