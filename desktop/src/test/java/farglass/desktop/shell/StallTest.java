package farglass.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.desktop.tag.LargeLibrary;
import farglass.desktop.tag.StallWatch;
import farglass.library.Contents;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/**
 * In a library of two thousand bouts nothing that walks over all of them runs on the interface thread. How long the thread is busy is
 * measured by {@code StallRun}; the bound here is far above that and below what such a walk takes, so that a slow machine does not fail it.
 */
class StallTest extends OnStage {
    private static final int BOUTS = 2000;
    private static final double BOUND_MILLIS = 400;

    private void rest() throws Exception {
        WaitForAsyncUtils.waitFor(
                2,
                TimeUnit.MINUTES,
                () -> onScreen(() -> workbench.shell().isPresent()
                        && desk().work().jobs().isEmpty()
                        && !desk().arrivingProperty().get()));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void work(Contents contents, int bout) throws Exception {
        onScreen(() -> {
            desk().show(new Desk.Spot(contents.bouts().get(bout).id(), Optional.empty()));
            return null;
        });
        rest();
        for (int i = 0; i < 4; i++) {
            long at = (20L + 9 * i) * 1_000_000;
            onScreen(() -> {
                workbench.shell().orElseThrow().tag().seekBout(at);
                workbench.shell().orElseThrow().tag().pick(1);
                return null;
            });
            rest();
        }
        for (Place place : List.of(Place.SHELF, Place.DOSSIER, Place.PLAN, Place.LEXICON)) {
            onScreen(() -> {
                desk().placeProperty().set(place);
                return null;
            });
            rest();
        }
    }

    @Test
    void nothingWalksOverAllBoutsOnTheInterfaceThread() throws Exception {
        Path path = folder.resolve("large.farglass");
        LargeLibrary.lay(path, BOUTS);
        onScreen(() -> {
            workbench.open(path);
            return null;
        });
        rest();
        Contents contents = onScreen(() -> desk().contents());
        assertThat(contents.bouts()).hasSize(BOUTS);
        // Once for the machine to learn it all.
        work(contents, 3);
        StallWatch watch = new StallWatch();
        watch.begin();
        watch.forget();
        work(contents, 11);
        assertThat(watch.longestMillis())
                .as(() -> "what it did: " + longest(watch.doing()))
                .isLessThan(BOUND_MILLIS);
    }

    private static String longest(List<String> doing) {
        return doing.stream()
                .distinct()
                .max((one, other) -> Collections.frequency(doing, one) - Collections.frequency(doing, other))
                .orElse("nothing");
    }
}
