package farglass.core.question;

import farglass.core.side.Side;
import java.time.LocalDate;
import java.util.Optional;
import java.util.function.Function;

/** What is claimed of a figure beyond its count. Only {@link Claims} lets one be made. */
public sealed interface Claim {
    /**
     * It differs from the others'.
     *
     * @param each whether from every single one of them; else from most
     * @param mean the others' share, in [0, 1]
     * @param others how many they are
     */
    record ThanOthers(Claims.Direction direction, boolean each, double mean, int others) implements Claim {
        @Override
        public <T> T match(
                Function<ThanOthers, T> thanOthers, Function<Prefers, T> prefers, Function<ThanBefore, T> thanBefore) {
            return thanOthers.apply(this);
        }
    }

    /** @param side the athlete's own side that is preferred; empty where none may be claimed, which is worth saying too */
    record Prefers(Optional<Side> side) implements Claim {
        @Override
        public <T> T match(
                Function<ThanOthers, T> thanOthers, Function<Prefers, T> prefers, Function<ThanBefore, T> thanBefore) {
            return prefers.apply(this);
        }
    }

    /**
     * It has changed over the years.
     *
     * @param since the day that parts the bouts in two halves: the later half begins with it
     * @param before what was counted before that day
     * @param after what was counted since
     */
    record ThanBefore(Claims.Direction direction, LocalDate since, Half before, Half after) implements Claim {
        @Override
        public <T> T match(
                Function<ThanOthers, T> thanOthers, Function<Prefers, T> prefers, Function<ThanBefore, T> thanBefore) {
            return thanBefore.apply(this);
        }
    }

    /** So many of so many chances in one half of the bouts. */
    record Half(int successes, int chances) {}

    /** {@return what is made of it, by its case} */
    <T> T match(Function<ThanOthers, T> thanOthers, Function<Prefers, T> prefers, Function<ThanBefore, T> thanBefore);
}
