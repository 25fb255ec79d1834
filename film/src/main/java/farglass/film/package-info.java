/**
 * Where pictures come from: a video file, or the puppet film acted out from a script. Start at
 * {@link farglass.film.Film}. Times are presentation times in microseconds from the first frame, never frame numbers.
 */
package farglass.film;
