/**
 * The Lexicon place: what every word means, in which school's language it is shown, and what this library adds to it. Start at
 * {@link farglass.desktop.lexicon.LexiconModel}.
 */
package farglass.desktop.lexicon;
