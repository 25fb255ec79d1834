package farglass.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.bout.Bout;
import farglass.core.bout.Uniform;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.side.Seat;
import farglass.core.study.Athlete;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.desktop.TestScreen;
import farglass.desktop.dossier.DossierModel;
import farglass.desktop.plan.PlanModel;
import farglass.desktop.shelf.ShelfModel;
import farglass.library.Library;
import farglass.library.store.LibraryException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The desk and the models that stand on it, without a window. */
class DeskTest {
    @TempDir
    Path folder;

    private final TestScreen screen = new TestScreen();
    private Desk desk;

    private static Bout bout(String id, String lines) {
        return BoutFile.parse(
                        "far-glass bout 1\nid: %s\nA: Maren\nB: Runa\ncovered: story 0:00 to 9:00\n%s"
                                .formatted(id, lines),
                        Lexicon.shipped())
                .bout()
                .orElseThrow();
    }

    @BeforeEach
    void lay() {
        Library library = Library.create(folder.resolve("l.farglass"), Clock.systemUTC(), "t");
        library.change(
                "Prepare",
                Change.added(new Athlete("runa", "Runa")),
                Change.added(new Athlete("maren", "Maren")),
                Change.added(
                        bout(
                                "first",
                                "date: 2025-01-02\nresult: A by points 2-0\n0:10 A single-leg; nearly\n0:12 B sprawl; answers m1\n0:40 B snap-down; held\n")),
                Change.added(bout("second", "date: 2026-01-02\nresult: B by submission guillotine\n")),
                Change.added(new Study(
                        "camp",
                        "Pier Classic",
                        List.of("runa"),
                        Optional.of(new Camp(
                                "maren",
                                "Pier Classic",
                                LocalDate.of(2026, 6, 6),
                                "points-with-advantages",
                                Uniform.GI)))),
                Change.added(new Study("study", "Maren alone", List.of("maren"), Optional.empty())));
        desk = new Desk(library, Lexicon.shipped(), screen);
    }

    @AfterEach
    void clear() {
        desk.close();
        screen.close();
    }

    private void onScreen(Runnable work) throws Exception {
        screen.onScreen(work);
    }

    /** Waits until no long work is left and its result is shown. */
    private void rest() throws Exception {
        screen.rest(desk);
    }

    @Test
    void whatIsAskedForAfterTheLibraryWasClosedIsNotBegun() {
        Work work = new Work(Runnable::run);
        work.close();
        List<String> begun = new ArrayList<>();
        work.start(
                "late",
                (progress, cancelled) -> begun.add("work"),
                done -> begun.add("done"),
                failed -> begun.add("failed"));
        work.ahead(0, (progress, cancelled) -> begun.add("ahead"), done -> begun.add("done"));
        assertThat(begun).isEmpty();
        assertThat(work.jobs()).isEmpty();
    }

    @Test
    void whatIsDoneAheadLeavesTheMachineToOthersFirstAndIsNotBegunOnceNobodyWantsIt() throws Exception {
        Work work = new Work(Runnable::run);
        CountDownLatch done = new CountDownLatch(1);
        List<String> begun = Collections.synchronizedList(new ArrayList<>());
        Work.Job unwanted = work.ahead(60_000, (progress, cancelled) -> begun.add("unwanted"), told -> {});
        work.ahead(100, (progress, cancelled) -> begun.add("wanted"), told -> done.countDown());
        unwanted.cancel();
        assertThat(done.await(20, TimeUnit.SECONDS)).isTrue();
        work.close();
        assertThat(begun).containsExactly("wanted");
    }

    @Test
    void theShelfShowsTheStudysBoutsFromItsAthletesView() {
        ShelfModel shelf = new ShelfModel(desk);
        assertThat(shelf.summaryProperty().get()).isEqualTo("Runa: seen 2 of 2 known matches, 1 of 1 loss.");
        assertThat(shelf.rows()).hasSize(2);
        assertThat(shelf.rows().toString()).contains("won by guillotine", "lost by points 0\u20132");
        assertThat(desk.study().studied(desk.contents().bouts().get(0))).isEqualTo(Seat.B);
    }

    @Test
    void theDossierIsCountedOnlyWhenLookedAtAndFollowsTheStudy() throws Exception {
        DossierModel model = new DossierModel(desk);
        assertThat(model.athletes()).extracting(athlete -> athlete.name()).containsExactly("Runa", "Maren");
        assertThat(model.pageProperty().get()).isEmpty();
        onScreen(() -> desk.navigation().placeProperty().set(Place.DOSSIER));
        rest();
        assertThat(model.pageProperty().get().orElseThrow().athlete()).isEqualTo("Runa");
        onScreen(() -> desk.study().property().set(desk.contents().study("study")));
        rest();
        assertThat(model.pageProperty().get().orElseThrow().athlete()).isEqualTo("Maren");
        onScreen(() -> model.chapterProperty().set("Beaten or held"));
        assertThat(model.sights()).isNotEmpty();
        onScreen(() -> model.open(model.sights().get(0)));
        assertThat(desk.navigation().placeProperty().get()).isEqualTo(Place.TAG);
        assertThat(desk.navigation().spotProperty().get().orElseThrow().bout()).isEqualTo("first");
    }

    @Test
    void thePlanKnowsTheUsualAnswersAndTheDangers() throws Exception {
        PlanModel model = new PlanModel(desk);
        onScreen(() -> desk.navigation().placeProperty().set(Place.PLAN));
        rest();
        assertThat(model.planProperty().get()).isPresent();
        assertThat(model.attacked()).hasSize(1);
        assertThat(model.dangers()).isEmpty();
        onScreen(() -> desk.study().property().set(desk.contents().study("study")));
        assertThat(model.planProperty().get())
                .as("a study without a date has no plan")
                .isEmpty();
    }

    @Test
    void aWriteThatIsRefusedFailsAndIsTold() {
        CompletableFuture<?> refused = desk.change(
                "Take a name twice", Change.added(new Athlete("x", "Juno")), Change.added(new Athlete("y", "Juno")));
        assertThatThrownBy(() -> refused.get(20, TimeUnit.SECONDS))
                .hasMessageContaining("an athlete named Juno in the library already");
        assertThat(desk.messages().newestProperty().get().orElseThrow().words()).contains("Nothing was saved");
        assertThat(desk.contents().athleteNamed("Juno")).isEmpty();
    }

    @Test
    void anUndoneStudyIsNoLongerInForce() throws Exception {
        desk.change("Begin", Change.added(new Study("new", "New one", List.of(), Optional.empty())))
                .get(20, TimeUnit.SECONDS);
        onScreen(() -> desk.study().property().set(desk.contents().study("new")));
        assertThat(desk.nextUndoProperty().get()).isEqualTo("Begin");
        desk.undo().get(20, TimeUnit.SECONDS);
        assertThat(desk.study().property().get().orElseThrow().id()).isNotEqualTo("new");
        assertThat(desk.nextRedoProperty().get()).isEqualTo("Begin");
    }

    @Test
    void longWorkTellsItsShareAndCanBeStopped() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        StringBuilder told = new StringBuilder();
        CompletableFuture<Work.Job> started = new CompletableFuture<>();
        onScreen(() -> started.complete(desk.work()
                .start(
                        "Counting sheep",
                        (progress, cancelled) -> {
                            progress.accept(0.5);
                            begun.countDown();
                            while (!cancelled.getAsBoolean()) {
                                Thread.onSpinWait();
                            }
                            return "sheep";
                        },
                        told::append,
                        problem -> told.append("failed"))));
        assertThat(begun.await(20, TimeUnit.SECONDS)).isTrue();
        onScreen(() -> {
            assertThat(started.join().shareProperty().get()).isEqualTo(0.5);
            assertThat(desk.work().jobs()).extracting(Work.Job::title).containsExactly("Counting sheep");
        });
        started.join().cancel();
        rest();
        assertThat(told.toString()).as("what was stopped tells nothing").isEmpty();
    }

    @Test
    void theNewestWishIsShownAndWhatAnOlderOneFindsNever() throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        StringBuilder told = new StringBuilder();
        CountDownLatch closed = new CountDownLatch(1);
        onScreen(() -> {
            desk.work()
                    .latest(
                            "slot",
                            "Old",
                            (progress, cancelled) -> {
                                await(go);
                                // A film that was opened, say: nobody will show it, and it must not stay open.
                                return (AutoCloseable) closed::countDown;
                            },
                            Work.Listener.of(film -> told.append("old"), problem -> {}, () -> told.append("none")));
            desk.work()
                    .latest(
                            "slot",
                            "New",
                            (progress, cancelled) -> "new",
                            Work.Listener.of(told::append, problem -> {}, () -> told.append("none")));
        });
        go.countDown();
        rest();
        assertThat(closed.await(20, TimeUnit.SECONDS)).isTrue();
        assertThat(told.toString()).isEqualTo("new");
    }

    @Test
    void alsoAnErrorEndsALongWork() throws Exception {
        StringBuilder told = new StringBuilder();
        onScreen(() -> desk.work()
                .start(
                        "Falling",
                        (progress, cancelled) -> {
                            throw new StackOverflowError();
                        },
                        result -> told.append("done"),
                        problem -> told.append("failed")));
        rest();
        assertThat(told.toString()).isEqualTo("failed");
    }

    @Test
    void afterAStopNobodysNumbersStandUnderAnothersName() throws Exception {
        DossierModel model = new DossierModel(desk);
        onScreen(() -> desk.navigation().placeProperty().set(Place.DOSSIER));
        rest();
        assertThat(model.pageProperty().get().orElseThrow().athlete()).isEqualTo("Runa");
        onScreen(() -> {
            model.athleteProperty()
                    .set(model.athletes().stream()
                            .filter(athlete -> athlete.name().equals("Maren"))
                            .findFirst());
            assertThat(model.pageProperty().get()).isEmpty();
            desk.work().jobs().forEach(Work.Job::stop);
        });
        rest();
        assertThat(model.pageProperty().get()).isEmpty();
        assertThat(model.countedProperty().get()).isFalse();
        onScreen(model::again);
        rest();
        assertThat(model.pageProperty().get().orElseThrow().athlete()).isEqualTo("Maren");
    }

    /** The headers are shown at once; nothing that is done before the rest was read may lose it. */
    @Test
    void whatHappenedInTheBoutsMayArriveLater() throws Exception {
        desk.close();
        Library again = Library.openAhead(folder.resolve("l.farglass"), Clock.systemUTC(), "t");
        CountDownLatch go = new CountDownLatch(1);
        screen.execute(() -> await(go));
        desk = Desk.ahead(again, again.ahead(), Lexicon.shipped(), screen, Optional.empty());
        desk.arrive(() -> {}, problem -> {});
        assertThat(desk.arrivingProperty().get()).isTrue();
        assertThat(desk.contents().bouts()).hasSize(2).allMatch(bout -> bout.moments()
                .isEmpty());
        assertThat(new ShelfModel(desk).rows()).hasSize(2);
        Bout ahead = desk.contents().bout("first").orElseThrow();
        desk.navigation().show(new Spot("first", Optional.empty()));
        assertThat(desk.navigation().spotProperty().get()).isEmpty();
        Bout elsewhere =
                ahead.with(bout("first", "event: Cup\ndate: 2025-01-02\n").header());
        CompletableFuture<?> changed = desk.change("Event", Change.of(ahead, elsewhere));
        assertThat(changed).isNotDone();
        go.countDown();
        changed.get(10, TimeUnit.SECONDS);
        assertThat(desk.arrivingProperty().get()).isFalse();
        assertThat(desk.navigation().spotProperty().get()).isPresent();
        Bout now = desk.contents().bout("first").orElseThrow();
        assertThat(now.moments()).hasSize(3);
        assertThat(now.header().event()).contains("Cup");
        assertThat(desk.library().bout("first").orElseThrow().moments()).hasSize(3);
    }

    @Test
    void whoGoesElsewhereWhileABoutIsReadIsNotCalledBack() throws Exception {
        desk.close();
        Library again = Library.openAhead(folder.resolve("l.farglass"), Clock.systemUTC(), "t");
        desk = Desk.ahead(again, again.ahead(), Lexicon.shipped(), screen, Optional.empty());
        desk.navigation().show(new Spot("first", Optional.empty()));
        desk.navigation().placeProperty().set(Place.DOSSIER);
        DossierModel dossier = new DossierModel(desk);
        dossier.again();
        assertThat(desk.work().jobs()).as("of headers nothing is counted").isEmpty();
        CountDownLatch here = new CountDownLatch(1);
        desk.arrive(here::countDown, problem -> {});
        assertThat(here.await(10, TimeUnit.SECONDS)).isTrue();
        rest();
        assertThat(desk.navigation().placeProperty().get()).isEqualTo(Place.DOSSIER);
        assertThat(dossier.pageProperty().get()).as("counted when all was read").isPresent();
    }

    @Test
    void ofALibraryThatIsDamagedFartherOnNothingIsChanged() throws Exception {
        desk.close();
        Path path = folder.resolve("l.farglass");
        byte[] bytes = Files.readAllBytes(path);
        // The last pages hold rows: their headers no longer say what they are.
        for (int page = bytes.length / 4096 - 4; page < bytes.length / 4096; page++) {
            bytes[page * 4096] = 77;
        }
        Files.write(path, bytes);
        Library damaged = Library.openAhead(path, Clock.systemUTC(), "t");
        assertThatThrownBy(damaged::contents).isInstanceOf(LibraryException.Damaged.class);
        assertThatThrownBy(() -> damaged.change("Change", Change.added(new Athlete("nobody", "Nobody"))))
                .isInstanceOf(LibraryException.Damaged.class);
        damaged.close();
        desk = new Desk(
                Library.create(folder.resolve("other.farglass"), Clock.systemUTC(), "t"), Lexicon.shipped(), screen);
    }

    @Test
    void alsoAnErrorOfTheMachineEndsTheWaitingAndIsTold() throws Exception {
        CompletableFuture<?> lost = desk.submit(
                () -> {
                    throw new StackOverflowError();
                },
                "");
        assertThatThrownBy(() -> lost.get(20, TimeUnit.SECONDS)).hasRootCauseInstanceOf(StackOverflowError.class);
        assertThat(desk.messages().newestProperty().get().orElseThrow().words()).contains("unexpected");
        desk.change("Still writing", Change.added(new Athlete("nadia", "Nadia")))
                .get(20, TimeUnit.SECONDS);
        assertThat(desk.contents().athleteNamed("Nadia")).isPresent();
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
