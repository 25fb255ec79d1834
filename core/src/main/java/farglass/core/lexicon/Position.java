package farglass.core.lexicon;

import java.util.List;

/**
 * A place two athletes can be in.
 *
 * @param hasTop whether somebody is on top, or attacking, here
 * @param worth what it is worth to that athlete
 */
public record Position(String key, String label, Family family, boolean hasTop, Worth worth, List<String> aliases)
        implements Term {
    public Position {
        aliases = List.copyOf(aliases);
    }

    /** {@return whether time here is credited to a position at all; a scramble and what the camera missed are not} */
    public boolean isSettled() {
        return family != Family.NONE;
    }
}
