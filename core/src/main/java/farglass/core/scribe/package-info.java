/** From typed words to a moment, from a moment to words, and what is likely to come next. */
package farglass.core.scribe;
