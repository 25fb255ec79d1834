package farglass.core.study;

/**
 * A person whose bouts are in the library.
 *
 * @param id the same for ever, so that a corrected name corrects every bout
 * @param name as shown; unique in a library
 */
public record Athlete(String id, String name) {
    public Athlete {
        if (id.isBlank() || name.isBlank()) {
            throw new IllegalArgumentException(
                    "An athlete needs an id and a name but got \"" + id + "\", \"" + name + "\"");
        }
    }
}
