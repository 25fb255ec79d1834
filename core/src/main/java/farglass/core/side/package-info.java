/** Who, which side, which part of the body, how far: the smallest words in which a moment is told. */
package farglass.core.side;
