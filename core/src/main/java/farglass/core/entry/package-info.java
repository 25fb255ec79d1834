/** What the lexicon holds: positions, techniques, their names, and from where to where they lead. */
package farglass.core.entry;
