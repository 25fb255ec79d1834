package farglass.desktop.dossier.evidence;

import java.nio.file.Path;

/**
 * Where a moment can be seen.
 *
 * @param micros on the film's own time
 */
public record FilmSpot(Path film, long micros) {}
