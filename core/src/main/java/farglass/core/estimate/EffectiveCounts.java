package farglass.core.estimate;

/**
 * Chances and successes, as many as they are worth after weights and the likeness of moments of one bout.
 *
 * @param successes 0 to chances
 * @param chances 0 or more
 */
record EffectiveCounts(double successes, double chances) {}
