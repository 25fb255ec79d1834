/** Whole copies beside the library, and the way back to one. */
package farglass.library.backup;
