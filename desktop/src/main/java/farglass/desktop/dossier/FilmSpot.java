package farglass.desktop.dossier;

import java.nio.file.Path;

/**
 * Where a moment can be seen.
 *
 * @param micros on the film's own time
 */
record FilmSpot(Path film, long micros) {}
