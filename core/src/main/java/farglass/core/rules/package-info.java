/**
 * Points, advantages and penalties: the board as the referee gave it. What the rules would give, could be given and is
 * arguable will stand beside it here.
 */
package farglass.core.rules;
