package farglass.library.contents;

/**
 * Something of a library that cannot be believed, and is left out so that all else stays usable.
 *
 * @param what a bout by its athletes and day, or another entry by its table and key
 * @param bout its id, where it is a bout; empty for another entry
 * @param reason why, in words
 */
public record Damage(String what, java.util.Optional<String> bout, String reason) {
    /** {@return "Runa – Wilma, 2026-04-14: …"} */
    public String sentence() {
        return what + ": " + reason;
    }
}
