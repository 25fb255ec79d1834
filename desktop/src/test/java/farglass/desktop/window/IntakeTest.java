package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.film.video.Clip;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** What is dropped onto the window, or chosen, comes in; or a sentence says why not. */
class IntakeTest extends OnStage {
    private static final long[] SECONDS =
            LongStream.range(0, 50).map(i -> i * 40).toArray();

    private void take(Path... files) throws Exception {
        onScreen(() -> {
            workbench.shell().orElseThrow().intake().take(List.of(files));
            return null;
        });
    }

    private boolean isAsked(String title) {
        return workbench.lookupAll(".sheet-title").stream()
                .anyMatch(node -> node instanceof javafx.scene.control.Label label
                        && label.getText().equals(title));
    }

    private Path camcorder(String name) throws Exception {
        Path clip = Clip.write(folder.resolve("clip.mts"), "libopenh264", 320, 180, 25, 0, SECONDS);
        return Files.move(clip, folder.resolve(name));
    }

    @Test
    void aFilmOfACamcorderComesInHoweverItIsNamed() throws Exception {
        newLibrary();
        take(camcorder("00001.MTS"));
        await("who meets is asked", () -> isAsked("New bout from 00001.MTS"));
    }

    @Test
    void ofSeveralFilmsItIsSaidWhichOneWasTaken() throws Exception {
        newLibrary();
        take(camcorder("00001.MTS"), camcorder("00002.MTS"));
        await("it is said", () -> text("#message").contains("Only 00001.MTS was taken of 2 films"));
        await("who meets is asked", () -> isAsked("New bout from 00001.MTS"));
    }

    @Test
    void whatIsNothingOfTheKindIsSaidToBeSo() throws Exception {
        newLibrary();
        take(Files.writeString(folder.resolve("notes.docx"), "no film"));
        await("it is said", () -> text("#message").startsWith("Nothing was taken in: notes.docx is neither a film"));
        assertThat(text("#message")).contains("mts");
        take(Files.writeString(folder.resolve("broken.mp4"), "no film at all"));
        await("what is wrong is said", () -> text("#message").contains("broken.mp4 is no video that can be read"));
        assertThat(onScreen(() -> workbench.lookupAll(".sheet-title"))).isEmpty();
        take();
        assertThat(onScreen(() -> workbench.lookupAll(".sheet-title")))
                .as("nothing chosen, nothing asked")
                .isEmpty();
    }
}
