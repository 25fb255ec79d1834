/** A typed line that tells several moments: which of its words tell which, each read where the one before it leads. */
package farglass.core.clause;
