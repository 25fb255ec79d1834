package farglass.desktop.tag;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A few of the kills that {@code KillRun} does by the hundred. */
class KilledInTheWindowTest {
    @TempDir
    Path folder;

    @Test
    void whatTheWindowShowsAsSavedIsThereAfterAKill() throws Exception {
        assertThat(KillRun.run(folder, 3, 5)).startsWith("3 kills, none lost a moment");
    }
}
