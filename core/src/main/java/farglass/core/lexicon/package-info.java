/**
 * The words of the sport: positions and techniques with their aliases, where they start and end, and whose side a bare
 * "left" means. Start at {@link farglass.core.lexicon.Lexicon}. Not here: what happened in a bout ({@code core.bout}).
 */
package farglass.core.lexicon;
