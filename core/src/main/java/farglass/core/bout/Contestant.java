package farglass.core.bout;

import farglass.core.Built;
import farglass.core.side.Level;
import farglass.core.side.Side;
import farglass.core.side.Stance;
import java.util.Optional;

/**
 * One athlete in one bout: name and how to tell her from the other on film.
 *
 * @param kit what she wears, in words, such as "white gi"
 * @param screenSide where she stands on the screen when it starts
 * @param weight as announced, in words such as "64 kg"; private, and left out of what is shared
 * @param corner who spoke from her corner
 * @param team whom she fights for
 * @param rank where she stands, in words such as "third of the league"
 * @param build in words such as "tall, 183 cm, long legs"; a height among them is compared
 */
@Built
public record Contestant(
        String name,
        Optional<String> kit,
        Optional<Side> screenSide,
        Optional<Level> level,
        Optional<Stance> stance,
        Optional<String> weight,
        Optional<String> corner,
        Optional<String> team,
        Optional<String> rank,
        Optional<String> build) {
    /** Stands in a header for somebody nobody knows. */
    private static final String NOBODY = "unknown";

    public Contestant {
        if (name.isBlank()) {
            throw new IllegalArgumentException("An athlete needs a name; write \"unknown\" if nobody can tell.");
        }
    }

    public static Contestant named(String name) {
        return ContestantBuilder.builder().name(name).create();
    }

    /** {@return whether nobody knows who it is: bouts of such athletes are not one athlete's} */
    public boolean isNobody() {
        return name.equals(NOBODY);
    }

    /** {@return her without what is private} */
    public Contestant forSharing() {
        return ContestantBuilder.builder(this).weight(Optional.empty()).create();
    }

    /** {@return her as a mirror shows her} */
    Contestant mirrored() {
        return ContestantBuilder.builder(this)
                .screenSide(screenSide.map(Side::mirrored))
                .stance(stance.map(Stance::mirrored))
                .create();
    }
}
