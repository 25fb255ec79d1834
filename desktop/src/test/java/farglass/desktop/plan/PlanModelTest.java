package farglass.desktop.plan;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Uniform;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.plan.PlanStep;
import farglass.core.study.Athlete;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.desktop.TestScreen;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.library.Library;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The plan without a window, with a writer that can be held. */
class PlanModelTest {
    @TempDir
    Path folder;

    private final TestScreen screen = new TestScreen();
    private Desk desk;
    private PlanModel model;

    @BeforeEach
    void lay() throws Exception {
        Library library = Library.create(folder.resolve("l.farglass"), Clock.systemUTC(), "t");
        Camp camp = new Camp("maren", "Pier Classic", LocalDate.of(2026, 6, 6), "points-with-advantages", Uniform.GI);
        library.change(
                "Prepare",
                Change.added(new Athlete("runa", "Runa")),
                Change.added(new Athlete("maren", "Maren")),
                Change.added(new Study("camp", "Pier Classic", List.of("runa"), Optional.of(camp))));
        desk = new Desk(library, Lexicon.shipped(), screen);
        onScreen(() -> {
            model = new PlanModel(desk);
            desk.navigation().placeProperty().set(Place.PLAN);
        });
    }

    @AfterEach
    void clear() {
        desk.close();
        screen.close();
    }

    private void onScreen(Runnable work) throws Exception {
        screen.onScreen(work);
    }

    private List<String> shown() {
        return model.planProperty().get().orElseThrow().steps().stream()
                .map(PlanStep::id)
                .toList();
    }

    /** Nothing else is written until the latch opens. */
    private void hold(CountDownLatch latch) {
        desk.submit(
                () -> {
                    try {
                        latch.await();
                    } catch (InterruptedException e) {
                        Thread.currentThread().interrupt();
                    }
                    return Optional.empty();
                },
                "");
    }

    @Test
    void stepsTypedWhileOthersAreBeingWrittenAreAllThere() throws Exception {
        CountDownLatch first = new CountDownLatch(1);
        CountDownLatch second = new CountDownLatch(1);
        CountDownLatch written = new CountDownLatch(1);
        onScreen(() -> {
            hold(first);
            model.save(new PlanStep("1", "standing", "single leg", List.of()));
            desk.change("Nothing").thenRun(written::countDown);
            hold(second);
            model.save(new PlanStep("2", "closed guard", "hip bump", List.of()));
        });
        first.countDown();
        assertThat(written.await(20, TimeUnit.SECONDS)).isTrue();
        onScreen(() -> {
            assertThat(shown()).as("what is on its way stays shown").containsExactly("1", "2");
            model.save(new PlanStep("3", "mount", "wait", List.of()));
        });
        second.countDown();
        desk.change("Nothing").get(20, TimeUnit.SECONDS);
        onScreen(() -> assertThat(shown()).containsExactly("1", "2", "3"));
        assertThat(desk.contents().plans()).singleElement().satisfies(plan -> assertThat(plan.steps())
                .extracting(PlanStep::id)
                .containsExactly("1", "2", "3"));
    }

    @Test
    void whatIsRefusedIsNotLeftStandingAsIfItWereSaved() throws Exception {
        PlanModel other = screen.asked(() -> {
            Desk beside = desk.beside();
            PlanModel made = new PlanModel(beside);
            beside.navigation().placeProperty().set(Place.PLAN);
            return made;
        });
        onScreen(() -> model.save(new PlanStep("1", "standing", "single leg", List.of())));
        desk.change("Nothing").get(20, TimeUnit.SECONDS);
        onScreen(() -> {
            model.save(new PlanStep("1", "standing", "double leg", List.of()));
            other.save(new PlanStep("1", "standing", "snap-down", List.of()));
        });
        desk.change("Nothing").get(20, TimeUnit.SECONDS);
        onScreen(() -> {
            assertThat(other.planProperty().get().orElseThrow().steps().get(0).choice())
                    .isEqualTo("double leg");
            assertThat(other.desk()
                            .messages()
                            .newestProperty()
                            .get()
                            .orElseThrow()
                            .words())
                    .contains("double leg", "snap-down");
            other.desk().close();
        });
    }

    @Test
    void whoIsLookedAtStaysWhenTheCampIsEditedAndACorrectedNameIsShown() throws Exception {
        desk.change("Another", Change.added(new Athlete("ebele", "Ebele")));
        Study camp = desk.contents().study("camp").orElseThrow();
        desk.change(
                "Both",
                Change.of(camp, new Study("camp", camp.name(), List.of("runa", "ebele"), camp.focus(), camp.camp())));
        desk.change("Nothing").get(20, TimeUnit.SECONDS);
        onScreen(() -> model.opponentProperty()
                .set(Optional.of(desk.contents().athlete("ebele").orElseThrow())));
        Study both = desk.contents().study("camp").orElseThrow();
        desk.change(
                "Rename",
                Change.of(both, new Study("camp", "Harbour Classic", both.subjects(), both.focus(), both.camp())));
        desk.change("Nothing").get(20, TimeUnit.SECONDS);
        onScreen(() ->
                assertThat(model.opponentProperty().get().map(Athlete::id)).contains("ebele"));
        desk.change(
                "Correct",
                new Change.OfAthlete(desk.contents().athlete("ebele"), new Athlete("ebele", "Ebele Straker")));
        desk.change("Nothing").get(20, TimeUnit.SECONDS);
        onScreen(() -> {
            assertThat(model.opponents()).extracting(Athlete::name).containsExactly("Runa", "Ebele Straker");
            assertThat(model.opponentProperty().get().map(Athlete::name)).contains("Ebele Straker");
            model.save(new PlanStep("1", "standing", "single leg", List.of()));
        });
        desk.change("Nothing").get(20, TimeUnit.SECONDS);
        assertThat(desk.contents().plan("camp", "ebele")).isPresent();
    }
}
