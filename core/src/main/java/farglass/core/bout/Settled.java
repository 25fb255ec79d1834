package farglass.core.bout;

import java.util.Optional;

/**
 * The position a moment ends in.
 *
 * @param position the lexicon's key
 * @param top who is on top; empty where nobody is or it is not known
 * @param workedOut whether the rules of the sport filled it in; such a thing is never counted as seen
 */
public record Settled(String position, Optional<Seat> top, boolean workedOut) {}
