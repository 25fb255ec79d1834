package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.desktop.command.Commands;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Spot;
import farglass.desktop.go.GoTo;
import farglass.desktop.parts.Sheet;
import farglass.desktop.tag.LargeLibrary;
import farglass.desktop.tag.StallWatch;
import farglass.library.contents.Contents;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.TextField;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/**
 * In a library of two thousand bouts the interface thread never works for a tenth of a second without looking at what the person does.
 * Its own work is bound, not the time that passes, in which a shared machine does other things; what passes is bound where it could only
 * be a disk or another thread that is waited for. {@code StallRun} shows both, step by step.
 */
class StallTest extends OnStage {
    private static final int BOUTS = 2000;
    private static final int ROUNDS = 4;
    private static final double WORKED_MILLIS = 100;
    private static final double WAITED_MILLIS = 1500;

    private void rest() throws Exception {
        WaitForAsyncUtils.waitFor(
                2,
                TimeUnit.MINUTES,
                () -> onScreen(() -> isOpen() && desk().work().jobs().isEmpty()));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void work(Contents contents, int bout) throws Exception {
        onScreen(() -> {
            desk().navigation().show(new Spot(contents.bouts().get(bout).id(), Optional.empty()));
            return null;
        });
        rest();
        for (int i = 0; i < 4; i++) {
            long at = (20L + 9L * i) * 1_000_000;
            onScreen(() -> {
                workbench.shell().orElseThrow().tag().playhead().seek(at);
                workbench.shell().orElseThrow().tag().scribe().pick(1);
                return null;
            });
            rest();
        }
        onScreen(() -> {
            Commands commands = workbench.shell().orElseThrow().commands();
            commands.run(commands.command(GoTo.HERE));
            workbench.applyCss();
            workbench.layout();
            ((TextField) workbench.lookup("#go-to")).setText("knee cut");
            return null;
        });
        rest();
        onScreen(() -> {
            workbench.lookupAll(".sheet").stream()
                    .filter(Sheet.class::isInstance)
                    .forEach(sheet -> ((Sheet) sheet).putAway());
            return null;
        });
        for (Place place : List.of(Place.SHELF, Place.DOSSIER, Place.PLAN, Place.LEXICON)) {
            onScreen(() -> {
                desk().navigation().placeProperty().set(place);
                return null;
            });
            rest();
        }
    }

    @Test
    void theInterfaceThreadNeverWorksForATenthOfASecond() throws Exception {
        Path path = folder.resolve("large.farglass");
        LargeLibrary.lay(path, BOUTS);
        onScreen(() -> {
            workbench.open(path);
            return null;
        });
        rest();
        Contents contents = onScreen(() -> desk().contents());
        assertThat(contents.bouts()).hasSize(BOUTS);
        StallWatch watch = new StallWatch();
        watch.begin();
        // What is inherent is there each time; what the machine still learns, or is kept from, is not.
        for (int round = 0; round == 0 || round < ROUNDS && watch.busiestMillis() >= WORKED_MILLIS; round++) {
            watch.forget();
            work(contents, 3 + 4 * round);
        }
        assertThat(watch.busiestMillis())
                .as(() -> "worked, ms; what it did: " + longest(watch.doing()))
                .isLessThan(WORKED_MILLIS);
        assertThat(watch.longestMillis())
                .as(() -> "gave no answer, ms; what it did: " + longest(watch.doing()))
                .isLessThan(WAITED_MILLIS);
    }

    private static String longest(List<String> doing) {
        return doing.stream()
                .distinct()
                .max((one, other) -> Collections.frequency(doing, one) - Collections.frequency(doing, other))
                .orElse("nothing");
    }
}
