package farglass.core.corpus;

import farglass.core.estimate.time.Stay;

/**
 * One stay, as evidence of how long such stays last.
 *
 * @param evidence the moment that began it, and which option it counts for
 */
public record TimedStay(Evidence evidence, Stay stay) {}
