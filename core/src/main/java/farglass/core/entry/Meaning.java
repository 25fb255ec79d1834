package farglass.core.entry;

/**
 * What an entry is to the program itself, which works out where the two are and what the rules see. It stands in the lexicon, so that
 * no key of an entry stands in the code that reads, scores and counts.
 */
public enum Meaning {
    /** The place where both are on their feet, and nobody holds anything that matters. */
    STANDING,
    /** The place where both sat down at once: who comes up from there sweeps nobody. */
    BOTH_SAT,
    /** Where the two are while the camera shows nothing of it. */
    NOT_VISIBLE,
    /** Stands for a place that nobody named, where nothing at all is known of it. */
    PLACE_NOT_TOLD,
    /** The same: somebody is on top on the ground. */
    GROUND_NOT_TOLD,
    /** The same: somebody is past the legs and on top. */
    PAST_NOT_TOLD,
    /** The same: somebody is on the back. */
    BACK_NOT_TOLD,
    /** The same: somebody has the better place. */
    ATTACK_NOT_TOLD,
    /** What "guard" means where nobody says which. */
    PLAIN_GUARD,
    /** On hands and knees. Whoever is said to go there goes underneath, as with a guard. */
    TURTLE,
    /** One leg in the hands, on the feet. Whoever finishes there has taken the other down. */
    LEG_HELD,
    /** The same with both legs. */
    LEGS_HELD,
    /** Stops a pass by giving the back or the side: an advantage could be given to the passer for it. */
    TURNS_AWAY,
    /** A knee reaped: forbidden by some rules. */
    REAPS,
    /** Leaving the mat: points could be given for it, where it escapes a submission. */
    LEAVES_AREA,
    /** A blow that puts the other down, which judges count. */
    KNOCKS_DOWN
}
