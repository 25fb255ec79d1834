package farglass.core.scope;

import farglass.core.bout.Contestant;
import farglass.core.corpus.Corpus;
import farglass.core.side.Level;
import farglass.core.side.Stance;
import java.util.Optional;

/**
 * Against whom. What is not known of the other one does not match: a bout against somebody whose stance nobody told is not one against a
 * southpaw.
 *
 * @param stance of the other, as told of that bout
 * @param level of the other in that bout
 * @param like the name of an athlete whom the other resembles, as {@link farglass.core.corpus.AthleteKind#isLike} has it
 */
public record OpponentFilter(Optional<Stance> stance, Optional<Level> level, Optional<String> like) {
    public static final OpponentFilter ANYBODY =
            new OpponentFilter(Optional.empty(), Optional.empty(), Optional.empty());

    public OpponentFilter standing(Optional<Stance> leads) {
        return new OpponentFilter(leads, level, like);
    }

    public OpponentFilter ranked(Optional<Level> belt) {
        return new OpponentFilter(stance, belt, like);
    }

    public OpponentFilter like(Optional<String> athlete) {
        return new OpponentFilter(stance, level, athlete);
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
