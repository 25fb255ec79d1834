/**
 * Rulesets as data, and the score of a bout under one of them: what the rules give, what could be given and what is arguable
 * ({@link farglass.core.rules.Scorecard}), beside the board as the referee gave it ({@link farglass.core.rules.Board}). Nothing of it is
 * stored: it follows from the moments each time it is asked for.
 */
package farglass.core.rules;
