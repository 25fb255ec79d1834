/** The edit history: acts, each row before and after, undo and redo. */
package farglass.library.changelog;
