/** What can be saved of a damaged file. */
package farglass.library.recovery;
