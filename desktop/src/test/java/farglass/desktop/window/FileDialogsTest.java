package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.desktop.desk.Settings;
import farglass.film.source.Films;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class FileDialogsTest {
    @Test
    void aFilmIsOfferedHoweverItsEndingIsWritten() {
        assertThat(FileDialogs.patterns(Films.VIDEO_ENDINGS)).contains("*.mp4", "*.MP4", "*.mts", "*.MTS");
    }

    @TempDir
    Path folder;

    /** {@return what comes of typing these names, one after the other} */
    private String typed(String... names) {
        Deque<String> answers = new ArrayDeque<>(List.of(names));
        return FileDialogs.saved("pdf", "card.pdf", proposed -> {
                    asked.add(proposed);
                    return Optional.ofNullable(answers.poll()).map(folder::resolve);
                })
                .map(path -> path.getFileName().toString())
                .orElse("nothing");
    }

    private final List<String> asked = new ArrayList<>();

    @Test
    void whatIsTypedGetsItsEndingOnce() {
        assertThat(typed("notes")).isEqualTo("notes.pdf");
        assertThat(typed("notes.pdf")).isEqualTo("notes.pdf");
        assertThat(typed("notes.pdf.pdf")).as("left standing by the system").isEqualTo("notes.pdf");
        assertThat(typed("NOTES.PDF")).isEqualTo("NOTES.PDF");
        assertThat(typed("notes.v2")).isEqualTo("notes.v2.pdf");
        assertThat(typed()).isEqualTo("nothing");
    }

    @Test
    void beforeAnythingWasOpenedOneChoosesAtHomeAndNotWhereTheProgramWasStarted() throws Exception {
        assertThat(new FileDialogs(null, Settings.read(folder.resolve("settings"))).folder())
                .isEqualTo(Path.of(System.getProperty("user.home")));
    }

    @Test
    void aFileThatTheSystemDidNotAskAboutIsAskedAboutByItsWholeName() throws Exception {
        Files.createFile(folder.resolve("notes.pdf"));
        assertThat(typed("notes.pdf")).as("the system asked").isEqualTo("notes.pdf");
        asked.clear();
        assertThat(typed("notes", "other")).isEqualTo("other.pdf");
        assertThat(asked).containsExactly("card.pdf", "notes.pdf");
        assertThat(typed("notes", "notes.pdf"))
                .as("the system asked the second time")
                .isEqualTo("notes.pdf");
        assertThat(typed("notes")).as("put away when asked").isEqualTo("nothing");
        assertThat(typed("notes.pdf.pdf", "third")).isEqualTo("third.pdf");
    }
}
