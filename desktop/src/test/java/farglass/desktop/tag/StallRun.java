package farglass.desktop.tag;

import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Spot;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import org.testfx.util.WaitForAsyncUtils;

/**
 * How long the interface thread answers nobody after a tag, a change of place, an opening and a key in a large library, and what it does then:
 * {@code StallRun BOUTS [LIBRARY]}, with the flags of the tests. A library that is there already is used as it is. The
 * first round begins cold.
 */
final class StallRun {
    private static final List<String> LINES = List.of(
            "a knee cut left nearly, b frames",
            "b hip bump to kimura",
            "a passes and goes straight to the back",
            "both athletes fight for the grips");

    private static final int ROUNDS = 5;

    private StallRun() {}

    public static void main(String[] arguments) throws Exception {
        int bouts = Integer.parseInt(arguments[0]);
        Path path = arguments.length > 1
                ? Path.of(arguments[1])
                : Files.createTempDirectory("stall").resolve("big.farglass");
        if (!Files.exists(path)) {
            LargeLibrary.lay(path, bouts);
        }
        RunWindow window = RunWindow.open(path);
        Desk desk = window.workbench().shell().orElseThrow().desk();
        allThere(window);
        rest(desk);
        StallWatch watch = new StallWatch();
        watch.begin();
        for (int round = 1; round <= ROUNDS; round++) {
            System.out.println("Round " + round);
            round(watch, window, desk, round);
        }
        for (int i = 1; i <= 3; i++) {
            another(watch, window, path);
        }
        System.exit(0);
    }

    /** The same library in the place of the one that is open. */
    private static void another(StallWatch watch, RunWindow window, Path path) throws Exception {
        watch.forget();
        on(() -> {
            window.workbench().open(path);
            return null;
        });
        allThere(window);
        told(watch, "open another library");
    }

    /** As for who first looks at the Shelf: some seconds later every place is in the window. */
    private static void allThere(RunWindow window) throws Exception {
        WaitForAsyncUtils.waitFor(
                1,
                TimeUnit.MINUTES,
                () -> on(() -> window.workbench().isWhole()
                        && window.workbench().shell().orElseThrow().isAllThere()));
    }

    private static void round(StallWatch watch, RunWindow window, Desk desk, int round) throws Exception {
        String id = on(() -> desk.contents().bouts().get(7 + round).id());
        step(watch, desk, "open in Tag", () -> {
            desk.navigation().show(new Spot(id, Optional.empty()));
            return null;
        });
        for (int i = 0; i < 16; i++) {
            long at = (20L + 7L * i) * 1_000_000;
            step(watch, desk, "seek " + i, () -> {
                window.tag().playhead().seek(at);
                return null;
            });
            step(watch, desk, "tag " + i, () -> {
                window.tag().scribe().pick(1);
                return null;
            });
        }
        for (Place place : List.of(Place.SHELF, Place.DOSSIER, Place.PLAN, Place.LEXICON, Place.DOSSIER)) {
            step(watch, desk, "go to " + place, () -> {
                desk.navigation().placeProperty().set(place);
                return null;
            });
        }
        List<String> athletes = on(() -> desk.contents().bouts().stream()
                .map(bout -> bout.header().b().name())
                .distinct()
                .limit(3)
                .toList());
        for (String athlete : athletes) {
            step(watch, desk, "dossier", () -> {
                desk.navigation().showDossier(athlete);
                return null;
            });
        }
        filters(watch, window, desk);
        step(watch, desk, "go to TAG", () -> {
            desk.navigation().placeProperty().set(Place.TAG);
            return null;
        });
        step(watch, desk, "tag again", () -> {
            window.tag().scribe().pick(1);
            return null;
        });
        for (String line : LINES) {
            keys(watch, window, line);
        }
    }

    /** In the dossier that is open: a word of its sentence, other chapters, and a word looked for in the lexicon. */
    private static void filters(StallWatch watch, RunWindow window, Desk desk) throws Exception {
        for (int item : List.of(1, 0)) {
            step(watch, desk, "filter", () -> {
                MenuButton part = (MenuButton) window.workbench().lookup("#lens-part");
                part.getOnShowing().handle(null);
                part.getItems().get(item).fire();
                return null;
            });
        }
        for (int chapter = 1; chapter <= 6; chapter++) {
            int shown = chapter;
            step(watch, desk, "chapter " + chapter, () -> {
                ((ListView<?>) window.workbench().lookup("#chapters"))
                        .getSelectionModel()
                        .select(shown);
                return null;
            });
        }
        step(watch, desk, "go to LEXICON", () -> {
            desk.navigation().placeProperty().set(Place.LEXICON);
            return null;
        });
        for (String words : List.of("g", "guard", "guard pull", "")) {
            step(watch, desk, "look for '" + words + "'", () -> {
                window.workbench()
                        .shell()
                        .orElseThrow()
                        .lexicon()
                        .searchProperty()
                        .set(words);
                return null;
            });
        }
    }

    private static <T> T on(Callable<T> work) throws Exception {
        return WaitForAsyncUtils.asyncFx(work).get(120, TimeUnit.SECONDS);
    }

    /** Types the line and takes it away again, at the pace of a quick hand: how much of each key's time the thread worked. */
    private static void keys(StallWatch watch, RunWindow window, String line) throws Exception {
        List<Double> busy = new ArrayList<>();
        List<String> doing = new ArrayList<>();
        for (int typed = 1; typed <= line.length(); typed++) {
            String text = line.substring(0, typed);
            watch.forget();
            on(() -> {
                window.tag().line().textProperty().set(text);
                return null;
            });
            TimeUnit.MILLISECONDS.sleep(100);
            busy.add(watch.busiestMillis());
            doing.addAll(watch.doing());
        }
        on(() -> {
            window.tag().line().clear();
            return null;
        });
        Collections.sort(busy);
        System.out.printf(
                Locale.ROOT,
                "keys of \"%s\": worked %.0f ms in the median and %.0f at most%n",
                line,
                busy.get(busy.size() / 2),
                busy.get(busy.size() - 1));
        tell(doing);
    }

    private static void rest(Desk desk) throws Exception {
        WaitForAsyncUtils.waitFor(
                5,
                TimeUnit.MINUTES,
                () -> on(() ->
                        desk.work().jobs().isEmpty() && !desk.arrivingProperty().get()));
        TimeUnit.MILLISECONDS.sleep(400);
    }

    private static void step(StallWatch watch, Desk desk, String what, Callable<Void> work) throws Exception {
        watch.forget();
        on(work);
        rest(desk);
        told(watch, what);
    }

    private static void told(StallWatch watch, String what) {
        System.out.printf(
                Locale.ROOT,
                "%-14s no answer for %4.0f ms, of which it worked %3.0f%n",
                what,
                watch.longestMillis(),
                watch.busiestMillis());
        tell(watch.doing());
    }

    private static void tell(List<String> places) {
        Map<String, Integer> doing = new HashMap<>();
        places.forEach(place -> doing.merge(place, 1, Integer::sum));
        doing.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                .limit(6)
                .forEach(each -> System.out.printf("    %3d ms  %s%n", each.getValue(), each.getKey()));
    }
}
