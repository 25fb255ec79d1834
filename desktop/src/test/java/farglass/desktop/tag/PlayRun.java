package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Moment;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.desktop.desk.Spot;
import farglass.desktop.tag.page.TagModel;
import farglass.film.video.Clip;
import farglass.library.Library;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.stream.LongStream;
import javafx.application.Platform;
import org.testfx.util.WaitForAsyncUtils;

/**
 * A 720p film of 25 frames a second plays for a while in the Tag place, with tide and ledger live: how many frames come late or never.
 * Then a bout of 2,000 moments is sought through. Run it with the flags of the tests: {@code PlayRun SECONDS}.
 */
final class PlayRun {
    private static final int MOMENTS = 2000;

    private final Path folder = Files.createTempDirectory("play");
    private RunWindow window;

    private PlayRun() throws Exception {}

    public static void main(String[] arguments) throws Exception {
        new PlayRun().measure(arguments.length > 0 ? Integer.parseInt(arguments[0]) : 20);
        System.exit(0);
    }

    private static <T> T onScreen(Callable<T> work) throws Exception {
        return WaitForAsyncUtils.asyncFx(work).get(60, TimeUnit.SECONDS);
    }

    private void measure(int seconds) throws Exception {
        Path clip = Clip.write(
                folder.resolve("film.mp4"),
                "libopenh264",
                1280,
                720,
                250,
                0,
                LongStream.range(0, 25L * (seconds + 5)).map(i -> i * 40).toArray());
        Path path = folder.resolve("p.farglass");
        try (Library library = Library.create(path, Clock.systemUTC(), "run")) {
            library.change(
                    "Lay",
                    // As dense as a bout of the demo: something worth telling every six seconds.
                    Change.added(bout("ordinary", Math.max(2, seconds / 6), seconds, clip)),
                    Change.added(bout("dense", 3 * seconds, seconds, clip)),
                    Change.added(bout("long", MOMENTS, seconds, clip)));
        }
        window = RunWindow.open(path);
        for (String id : new String[] {"ordinary", "dense", "long"}) {
            open(id);
            play(id, seconds);
        }
        seek();
    }

    /** The same exchange of a pass and a frame, over and over. */
    private static Bout bout(String id, int moments, int seconds, Path clip) {
        StringBuilder text = new StringBuilder("far-glass bout 1\nid: " + id + "\nA: Juno\nB: Pip\n");
        text.append("covered: story 0:00 to 0:01\n0:00 A guard-pull; held\n");
        Bout bout = BoutFile.parse(text.toString(), Lexicon.shipped()).bout().orElseThrow();
        List<Moment> told = new ArrayList<>(bout.moments());
        Bout pattern = BoutFile.parse(
                        text + "0:01 B knee-cut; nearly; line knee\n0:02 A frame; shown; answers m2\n",
                        Lexicon.shipped())
                .bout()
                .orElseThrow();
        for (int i = 1; i < moments; i++) {
            Moment like = pattern.moments().get(1 + i % 2);
            told.add(new Moment(
                    "n" + i,
                    OptionalLong.of(seconds * 1_000_000L * i / moments),
                    like.actor(),
                    like.deed(),
                    like.settled(),
                    like.telling().withAnswers(Optional.empty())));
        }
        Bout whole = new Bout(id, bout.header(), told, List.of());
        return whole.with(whole.header().withFilms(List.of(new FilmLink(clip.toString(), 0))));
    }

    private void open(String id) throws Exception {
        onScreen(() -> {
            window.workbench().shell().orElseThrow().desk().navigation().show(new Spot(id, Optional.empty()));
            return null;
        });
        WaitForAsyncUtils.waitFor(
                60,
                TimeUnit.SECONDS,
                () -> onScreen(() -> model().playhead().player().hasFilm()
                        && window.workbench()
                                .shell()
                                .orElseThrow()
                                .desk()
                                .work()
                                .jobs()
                                .isEmpty()));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private TagModel model() {
        return window.tag();
    }

    private void play(String id, int seconds) throws Exception {
        Set<Long> shown = Collections.synchronizedSet(new HashSet<>());
        List<Double> late = Collections.synchronizedList(new ArrayList<>());
        onScreen(() -> {
            model().playhead()
                    .player()
                    .frameProperty()
                    .addListener((property, old, frame) -> frame.ifPresent(now -> {
                        if (model().playhead().player().playingProperty().get() && shown.add(now.atMicros())) {
                            late.add((model().playhead().player().timeProperty().get() - now.atMicros()) / 1000.0);
                        }
                    }));
            model().playhead().player().playingProperty().set(true);
            return null;
        });
        WaitForAsyncUtils.waitFor(
                10L * seconds,
                TimeUnit.SECONDS,
                () -> onScreen(() -> model().playhead().player().timeProperty().get() >= seconds * 1_000_000L));
        long until = onScreen(() -> {
            model().playhead().player().playingProperty().set(false);
            return model().playhead().player().timeProperty().get();
        });
        int due = (int) (until / 40_000);
        long lateOnes = late.stream().filter(millis -> millis > 80).count();
        int missed = Math.max(0, due - shown.size());
        System.out.printf(
                Locale.ROOT,
                "%s bout: %d frames due in %.1f s, %d shown, %d never, %d later than a frame: %.1f %% late%n",
                id,
                due,
                until / 1e6,
                shown.size(),
                missed,
                lateOnes,
                100.0 * (missed + lateOnes) / due);
    }

    private void seek() throws Exception {
        Random random = new Random(4);
        List<Double> millis = new ArrayList<>();
        for (int i = 0; i < 60; i++) {
            String id = "n" + (1 + random.nextInt(MOMENTS - 1));
            long begun = System.nanoTime();
            onScreen(() -> {
                model().choice().only(id);
                return null;
            });
            CountDownLatch drawn = new CountDownLatch(2);
            Runnable pulse = drawn::countDown;
            onScreen(() -> {
                window.stage().getScene().addPostLayoutPulseListener(pulse);
                Platform.requestNextPulse();
                return null;
            });
            while (drawn.getCount() > 0 && !drawn.await(5, TimeUnit.MILLISECONDS)) {
                Platform.runLater(Platform::requestNextPulse);
            }
            millis.add((System.nanoTime() - begun) / 1e6);
            onScreen(() -> {
                window.stage().getScene().removePostLayoutPulseListener(pulse);
                return null;
            });
        }
        Collections.sort(millis);
        System.out.printf(
                Locale.ROOT,
                "a bout of %d moments, choosing one anywhere until it is drawn: median %.0f ms, 95th percentile %.0f ms%n",
                MOMENTS,
                millis.get(millis.size() / 2),
                millis.get(millis.size() * 95 / 100));
    }
}
