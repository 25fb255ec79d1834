/** From typed words to a moment. */
package farglass.core.scribe;
