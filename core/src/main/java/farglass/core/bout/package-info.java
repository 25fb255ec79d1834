/**
 * What happened between two athletes, as told: the bout, who is who in it, and its moments. Everything is a value. Start
 * at {@link farglass.core.bout.Bout}. Not here: what follows from the telling (positions over time, score), which is
 * worked out in {@code core.state} and {@code core.rules}.
 */
package farglass.core.bout;
