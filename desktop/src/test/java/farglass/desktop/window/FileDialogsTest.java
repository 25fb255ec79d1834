package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.film.source.Films;
import org.junit.jupiter.api.Test;

class FileDialogsTest {
    @Test
    void aFilmIsOfferedHoweverItsEndingIsWritten() {
        assertThat(FileDialogs.patterns(Films.VIDEO_ENDINGS)).contains("*.mp4", "*.MP4", "*.mts", "*.MTS");
    }
}
