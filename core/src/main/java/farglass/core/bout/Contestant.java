package farglass.core.bout;

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
        return new Contestant(name, Optional.empty(), Optional.empty(), Optional.empty());
    }

    /** {@return an athlete of whom no stance, weight, corner or team is told} */
    public Contestant(String name, Optional<String> kit, Optional<Side> screenSide, Optional<Level> level) {
        this(
                name,
                kit,
                screenSide,
                level,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /** {@return whether nobody knows who it is: bouts of such athletes are not one athlete's} */
    public boolean isNobody() {
        return name.equals(NOBODY);
    }

    /** {@return her without what is private} */
    public Contestant forSharing() {
        return new Contestant(name, kit, screenSide, level, stance, Optional.empty(), corner, team, rank, build);
    }

    /** {@return her as a mirror shows her} */
    Contestant mirrored() {
        return new Contestant(
                name,
                kit,
                screenSide.map(Side::mirrored),
                level,
                stance.map(Stance::mirrored),
                weight,
                corner,
                team,
                rank,
                build);
    }
}
