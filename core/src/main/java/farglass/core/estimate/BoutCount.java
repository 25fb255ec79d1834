package farglass.core.estimate;

/**
 * Chances and successes in one bout.
 *
 * @param weight in (0, 1]
 * @param successes 0 to chances
 */
public record BoutCount(double weight, int successes, int chances) {
    public BoutCount {
        if (!(weight > 0 && weight <= 1) || successes < 0 || successes > chances) {
            throw new IllegalArgumentException("A bout needs a weight in (0, 1] and 0 <= successes <= chances but got "
                    + weight + ", " + successes + " of " + chances);
        }
    }
}
