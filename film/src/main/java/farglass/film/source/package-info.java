/** Opens a film by its path, whatever kind it is. */
package farglass.film.source;
