/** Video files: the exact picture at an instant, and the sound. Start at {@link farglass.film.video.VideoFile}; docs/films.md tells how. */
package farglass.film.video;
