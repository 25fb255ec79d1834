package farglass.film.source;

import farglass.film.Film;
import farglass.film.puppet.PuppetFilm;
import farglass.film.video.VideoFile;
import java.nio.file.Path;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/** Opens whatever film a path names. */
public final class Films {
    /** Endings of the files that can be chosen: of phones and the web, of camcorders and broadcasts, and of old hard disks. */
    public static final List<String> VIDEO_ENDINGS = List.of(
            "mp4", "m4v", "mov", "mkv", "webm", "mts", "m2ts", "ts", "mpg", "mpeg", "vob", "avi", "wmv", "flv", "3gp");

    private Films() {}

    /**
     * {@return the film}
     *
     * @param progress told the share read so far, in [0, 1]
     * @param cancelled stops opening when it says so
     * @throws FilmException if it cannot be opened
     */
    public static Film open(Path path, DoubleConsumer progress, BooleanSupplier cancelled) {
        return path.toString().endsWith("." + PuppetFilm.ENDING)
                ? PuppetFilm.open(path)
                : VideoFile.open(path, progress, cancelled);
    }
}
