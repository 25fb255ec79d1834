package farglass.core.corpus;

import farglass.core.bout.Contestant;
import farglass.core.side.Level;
import farglass.core.side.Stance;
import java.util.Optional;

/**
 * Against whom. What is not known of the other one does not match: a bout against somebody whose stance nobody told is not one against a
 * southpaw.
 *
 * @param stance of the other, as told of that bout
 * @param level of the other in that bout
 * @param like the name of an athlete whom the other resembles, as {@link Sort#isLike} has it
 */
public record Against(Optional<Stance> stance, Optional<Level> level, Optional<String> like) {
    public static final Against ANYBODY = new Against(Optional.empty(), Optional.empty(), Optional.empty());

    public Against standing(Optional<Stance> leads) {
        return new Against(leads, level, like);
    }

    public Against ranked(Optional<Level> belt) {
        return new Against(stance, belt, like);
    }

    public Against like(Optional<String> athlete) {
        return new Against(stance, level, athlete);
    }

    /** {@return whether that other one is meant} */
    boolean holds(Contestant other, Corpus corpus) {
        return (stance.isEmpty() || stance.equals(other.stance()))
                && (level.isEmpty() || level.equals(other.level()))
                && like.map(ours -> !other.isNobody()
                                && !other.name().equals(ours)
                                && corpus.sort(other.name()).isLike(corpus.sort(ours)))
                        .orElse(true);
    }
}
