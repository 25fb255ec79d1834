/** What a library holds, as values, and how values become rows. */
package farglass.library.contents;
