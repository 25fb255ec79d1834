/** The file of a library: its tables and rows, who may write it, and whether it is as it was written. */
package farglass.library.store;
