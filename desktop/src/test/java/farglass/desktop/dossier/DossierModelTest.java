package farglass.desktop.dossier;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.prose.Page;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.desktop.TestDesk;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The dossier without a window: whose numbers stand there, whatever comes in whatever order. */
class DossierModelTest {
    @TempDir
    Path folder;

    private TestDesk test;
    private Desk desk;
    private DossierModel model;

    private static Bout bout(String id, String a, String b) {
        return TestDesk.bout(
                """
                id: %s
                A: %s
                B: %s
                date: 2026-05-0%s
                covered: story 0:00 to 5:00
                0:10 A guard-pull; held; -> closed-guard, B on top
                0:30 A scissor-sweep; side A left; nearly
                1:00 B knee-cut; side B right; failed
                """
                        .formatted(id, a, b, id));
    }

    @BeforeEach
    void lay() throws Exception {
        test = new TestDesk(
                folder,
                Change.added(bout("1", "Runa", "Juno")),
                Change.added(bout("2", "Runa", "Pip")),
                Change.added(bout("3", "Ottoline", "Juno")));
        desk = test.desk();
        String runa = id("Runa");
        String ottoline = id("Ottoline");
        desk.change("Study", Change.added(new Study("s", "Both", List.of(runa, ottoline), Optional.empty())));
        test.settle();
        test.onScreen(() -> {
            desk.study().property().set(desk.contents().study("s"));
            model = new DossierModel(desk);
            desk.navigation().placeProperty().set(Place.DOSSIER);
        });
        test.settle();
    }

    @AfterEach
    void clear() {
        test.close();
    }

    private String id(String name) {
        return desk.contents().athleteNamed(name).orElseThrow().id();
    }

    private Athlete athlete(String name) {
        return desk.contents().athleteNamed(name).orElseThrow();
    }

    private Optional<String> whose() throws Exception {
        return test.asked(() -> model.pageProperty().get().map(Page::athlete));
    }

    @Test
    void theFirstOfTheStudyIsLookedAtAndWhoeverIsChosenStaysWhenMoreAreStudied() throws Exception {
        assertThat(model.athletes()).extracting(Athlete::name).containsExactly("Runa", "Ottoline");
        assertThat(whose()).contains("Runa");
        test.onScreen(() -> model.athleteProperty().set(Optional.of(athlete("Ottoline"))));
        test.settle();
        assertThat(whose()).contains("Ottoline");
        Study study = desk.contents().study("s").orElseThrow();
        desk.change(
                "Study Juno, too",
                Change.of(
                        study,
                        new Study("s", "Three", List.of(id("Runa"), id("Ottoline"), id("Juno")), Optional.empty())));
        test.settle();
        assertThat(model.athletes()).extracting(Athlete::name).containsExactly("Runa", "Ottoline", "Juno");
        assertThat(whose()).contains("Ottoline");
    }

    @Test
    void nobodysNumbersStandUnderAnothersNameNotEvenForAWhile() throws Exception {
        test.onScreen(() -> {
            model.athleteProperty().set(Optional.of(athlete("Ottoline")));
            assertThat(model.pageProperty().get()).isEmpty();
            model.athleteProperty().set(Optional.of(athlete("Runa")));
            model.athleteProperty().set(Optional.of(athlete("Ottoline")));
        });
        test.settle();
        assertThat(whose()).contains("Ottoline");
    }

    @Test
    void aPageOfAPositionAskedForOneAthleteIsNotShownUnderAnother() throws Exception {
        test.onScreen(() -> {
            model.openPage("closed-guard");
            model.athleteProperty().set(Optional.of(athlete("Ottoline")));
        });
        test.settle();
        assertThat(test.asked(() -> model.listingProperty().get()))
                .as("it was Runa's")
                .isEmpty();
        test.onScreen(() -> model.openPage("closed-guard"));
        test.settle();
        assertThat(test.asked(() -> model.listingProperty().get()).orElseThrow().entries())
                .isNotEmpty()
                .allMatch(entry -> entry.evidence().bout().equals("3"));
    }

    @Test
    void whoGoesBackFromAPageBeforeItIsThereIsNotSentToIt() throws Exception {
        test.onScreen(() -> {
            model.openPage("closed-guard");
            model.chapterProperty().set(DossierModel.TERMS);
        });
        test.settle();
        assertThat(test.asked(() -> model.listingProperty().get())).isEmpty();
    }

    @Test
    void aStruckMomentCountsNoMoreUntilThatIsUndone() throws Exception {
        test.onScreen(() -> model.rowProperty()
                .set(model.pageProperty().get().orElseThrow().answers().stream()
                        .flatMap(answer -> answer.rows().stream())
                        .filter(row -> !row.evidence().isEmpty())
                        .findFirst()));
        test.settle();
        int before = test.asked(() -> model.sights().size());
        assertThat(before).isPositive();
        test.onScreen(() -> model.strike(model.sights().get(0), "it was a drill"));
        test.settle();
        assertThat(test.asked(() -> model.sights().size())).isEqualTo(before - 1);
        desk.undo();
        test.settle();
        assertThat(test.asked(() -> model.sights().size())).isEqualTo(before);
        test.onScreen(() -> model.strike(model.sights().get(0), "  "));
        test.settle();
        assertThat(test.asked(() -> model.sights().size()))
                .as("without a reason nothing is struck")
                .isEqualTo(before);
    }
}
