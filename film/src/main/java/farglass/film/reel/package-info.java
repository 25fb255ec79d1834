/** Cuts parts of films together into a new one. */
package farglass.film.reel;
