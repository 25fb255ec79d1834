/** Films that are painted from a script, for the demo. */
package farglass.film.puppet;
