package farglass.core.simulate;

import farglass.core.bout.Bout;
import farglass.core.script.Script;

/**
 * One bout as the actor made it.
 *
 * @param told what a good analyst would have tagged of it
 * @param script what a camera would have seen, also what was not tagged
 * @param truth everything that happened, without misses
 * @param foreseen how far it could be foreseen
 */
public record ActedBout(Bout told, Script script, Bout truth, ForeseenShare foreseen) {}
