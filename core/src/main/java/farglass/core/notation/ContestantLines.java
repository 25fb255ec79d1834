package farglass.core.notation;

import farglass.core.bout.Contestant;
import farglass.core.bout.ContestantBuilder;
import farglass.core.side.Level;
import farglass.core.side.Side;
import farglass.core.side.Stance;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the lines of a header tell of one of the two athletes. */
final class ContestantLines {
    /** Behind "A" or "B". */
    static final List<String> KEYS =
            List.of("kit", "stands", "level", "stance", "weight", "corner", "team", "rank", "build");

    private Optional<String> name = Optional.empty();
    private Optional<Side> side = Optional.empty();
    private Optional<Level> level = Optional.empty();
    private Optional<Stance> stance = Optional.empty();
    /** What is told in words, by its key. */
    private final Map<String, String> words = new HashMap<>();

    void name(String told) {
        name = Optional.of(told);
    }

    boolean isNamed() {
        return name.isPresent();
    }

    Optional<Stance> stance() {
        return stance;
    }

    /** {@return whether a line of that key is told of an athlete; it is read then} */
    boolean read(String key, Cursor value) throws Cursor.Wrong {
        if (!KEYS.contains(key)) {
            return false;
        }
        switch (key) {
            case "stands" -> side = Optional.of(value.named(Side.class, "a side of the screen"));
            case "level" -> level = Optional.of(value.named(Level.class, "a belt"));
            case "stance" -> stance = Optional.of(value.named(Stance.class, "a stance"));
            default -> words.put(key, HeaderValues.words(value));
        }
        return true;
    }

    private Optional<String> told(String key) {
        return Optional.ofNullable(words.get(key));
    }

    /** {@return the athlete, who has a name} */
    Contestant contestant() {
        return ContestantBuilder.builder()
                .name(name.orElseThrow())
                .kit(told("kit"))
                .screenSide(side)
                .level(level)
                .stance(stance)
                .weight(told("weight"))
                .corner(told("corner"))
                .team(told("team"))
                .rank(told("rank"))
                .build(told("build"))
                .create();
    }
}
