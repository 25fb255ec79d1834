/**
 * What a film is: pictures at instants, and sound. Start at {@link farglass.film.Film}. Times are presentation times in microseconds from
 * the first frame, never frame numbers. The rooms below say where the pictures come from.
 */
package farglass.film;
