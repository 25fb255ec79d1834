package farglass.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class WindowBoundsTest {
    /** A laptop with a bar of 27 pixels on top, and a larger screen to its right. */
    private static final Rectangle2D LAPTOP = new Rectangle2D(0, 27, 1280, 773);

    private static final Rectangle2D LARGE = new Rectangle2D(1280, 0, 2560, 1440);

    private static Optional<WindowBounds> was(double x, double y, double width, double height) {
        return Optional.of(new WindowBounds(new Rectangle2D(x, y, width, height), false));
    }

    @Test
    void theFirstTimeItFitsTheUsablePartOfTheScreen() {
        assertThat(WindowBounds.fit(Optional.empty(), List.of(LAPTOP), 1280, 830))
                .isEqualTo(LAPTOP);
        assertThat(WindowBounds.fit(Optional.empty(), List.of(LARGE), 1280, 800))
                .isEqualTo(new Rectangle2D(1920, 320, 1280, 800));
    }

    @Test
    void itOpensWhereItWas() {
        assertThat(WindowBounds.fit(was(1500, 100, 1600, 1000), List.of(LAPTOP, LARGE), 1280, 800))
                .isEqualTo(new Rectangle2D(1500, 100, 1600, 1000));
    }

    @Test
    void aScreenThatIsGoneOrSmallerDoesNotLoseTheWindow() {
        assertThat(WindowBounds.fit(was(1500, 100, 1600, 1000), List.of(LAPTOP), 1280, 830))
                .isEqualTo(LAPTOP);
        // Its upper edge is above the screen: nobody could move it.
        assertThat(WindowBounds.fit(was(200, -300, 1000, 700), List.of(LAPTOP), 1000, 700))
                .isEqualTo(new Rectangle2D(140, 63.5, 1000, 700));
        // Half beside it, it is moved in.
        assertThat(WindowBounds.fit(was(900, 100, 1000, 700), List.of(LAPTOP), 1280, 800))
                .isEqualTo(new Rectangle2D(280, 100, 1000, 700));
        assertThat(WindowBounds.fit(was(0, 30, 3000, 2000), List.of(LAPTOP), 1280, 800))
                .isEqualTo(LAPTOP);
        // Nobody finds a window of one pixel.
        assertThat(WindowBounds.fit(was(100, 50, 1, 1), List.of(LAPTOP), 1280, 800))
                .isEqualTo(new Rectangle2D(100, 50, 900, 600));
    }

    @Test
    void nonsenseAmongTheRecentLibrariesCostsOnlyItsLine(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("settings");
        String when = "2026-11-25T20:00:00Z ";
        Files.writeString(
                file,
                String.join(
                        "\n",
                        "recent.0=" + when + "/",
                        "recent.1=" + when,
                        "recent.2=yesterday /a/b.farglass",
                        "recent.3=" + when + "/a/\\u0000",
                        "recent.4=" + when + "relative.farglass",
                        "recent.5=" + when + folder.resolve("whole.farglass")));
        assertThat(Settings.read(file).recent())
                .extracting(RecentLibrary::path)
                .containsExactly(folder.resolve("whole.farglass"));
    }

    @Test
    void itIsKeptInTheSettingsAndNonsenseThereCostsNothing(@TempDir Path folder) throws Exception {
        Path file = folder.resolve("settings");
        Settings settings = Settings.read(file);
        WindowBounds kept = new WindowBounds(new Rectangle2D(-20, 27, 1300, 750), true);
        settings.windowProperty().set(Optional.of(kept));
        settings.save();
        assertThat(Settings.read(file).windowProperty().get()).contains(kept);
        for (String nonsense : List.of("", "1 2 3", "0 0 99999999999 1", "NaN 0 1 1", "0 0 10 10 maximized")) {
            Files.writeString(file, "window=" + nonsense);
            assertThat(Settings.read(file).windowProperty().get()).isEmpty();
        }
    }
}
