package farglass.desktop.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
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

/** The rows of the Shelf and what they say, without a window. */
class ShelfModelTest {
    @TempDir
    Path folder;

    private TestDesk test;
    private Desk desk;
    private ShelfModel model;

    @BeforeEach
    void lay() throws Exception {
        test = new TestDesk(
                folder,
                Change.added(new Athlete("runa", "Runa")),
                Change.added(new Study("s", "Runa alone", List.of("runa"), Optional.empty())),
                Change.added(
                        TestDesk.bout(
                                "id: seen\nA: Runa\nB: Pip\ndate: 2026-05-02\nresult: B by submission\ncovered: story 0:00 to 5:00\n0:10 A guard-pull\n")),
                Change.added(TestDesk.bout("id: heard\nA: Juno\nB: Runa\ndate: 2026-05-03\nresult: A by points 4-2\n")),
                Change.added(TestDesk.bout("id: told\nA: Runa\nB: Mo\n0:10 A guard-pull\n0:20 B knee-cut\n")),
                Change.added(TestDesk.bout("id: other\nA: Mo\nB: Juno\ndate: 2026-06-01\n")));
        desk = test.desk();
        test.onScreen(() -> {
            desk.study().property().set(desk.contents().study("s"));
            model = new ShelfModel(desk);
        });
    }

    @AfterEach
    void clear() {
        test.close();
    }

    private ShelfRow row(String bout) throws Exception {
        return test.asked(() -> model.rows().stream()
                .filter(each -> each.bout().id().equals(bout))
                .findFirst()
                .orElseThrow());
    }

    @Test
    void theNewestBoutsOfTheStudyStandFirstAndUndatedOnesLast() throws Exception {
        assertThat(test.asked(
                        () -> model.rows().stream().map(row -> row.bout().id()).toList()))
                .containsExactly("heard", "seen", "told");
        test.onScreen(() -> desk.study().property().set(Optional.empty()));
        assertThat(test.asked(() -> model.rows().size())).isEqualTo(4);
    }

    @Test
    void aRowIsToldFromTheViewOfWhoIsStudied() throws Exception {
        assertThat(row("heard").names()).isEqualTo("Runa \u2013 Juno");
        assertThat(row("heard").result()).as("her own points first").isEqualTo("lost by points 2\u20134");
        assertThat(row("heard").seen()).isEqualTo("result only");
        assertThat(row("seen").seen()).isEqualTo("watched to 5:00");
        assertThat(row("told").seen()).isEqualTo("counted in nothing");
        assertThat(row("told").date()).isEqualTo("no date");
        assertThat(model.summaryProperty().get()).isEqualTo("Runa: seen 2 of 3 known matches, 1 of 2 losses.");
    }

    @Test
    void whatWasWatchedCountsOnceThatIsSaidAndNoMoreAfterAnUndo() throws Exception {
        test.onScreen(() -> model.declareWatched(row().bout()));
        test.settle();
        assertThat(row("told").seen()).isEqualTo("watched to 0:20");
        test.onScreen(() -> model.declareWatched(row().bout()));
        test.settle();
        assertThat(desk.messages().newestProperty().get().orElseThrow().words()).contains("needs no such word");
        desk.undo();
        test.settle();
        assertThat(row("told").seen()).isEqualTo("counted in nothing");
    }

    private ShelfRow row() {
        return model.rows().stream()
                .filter(each -> each.bout().id().equals("told"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aBoutThatIsAsItWasKeepsItsRowAndOneThatIsRemovedComesBackByUndo() throws Exception {
        ShelfRow seen = row("seen");
        Bout told = row("told").bout();
        test.onScreen(() -> model.remove(told));
        test.settle();
        assertThat(test.asked(() -> model.rows().size())).isEqualTo(2);
        assertThat(row("seen")).isSameAs(seen);
        desk.undo();
        test.settle();
        assertThat(row("told").bout()).isEqualTo(told);
    }

    @Test
    void nothingIsWorkedOutWhileAnotherPlaceIsLookedAtAndAllOnceTheShelfIsAgain() throws Exception {
        test.onScreen(() -> desk.navigation().placeProperty().set(Place.TAG));
        desk.change("Add", Change.added(TestDesk.bout("id: new\nA: Runa\nB: Kit\ndate: 2026-07-01\n")));
        test.settle();
        assertThat(test.asked(() -> model.rows().size())).isEqualTo(3);
        test.onScreen(() -> desk.navigation().placeProperty().set(Place.SHELF));
        assertThat(test.asked(() -> model.rows().get(0).bout().id())).isEqualTo("new");
    }

    @Test
    void newsIsShownWhereItIsAndLeadsToTheDossier() throws Exception {
        test.onScreen(() -> desk.study().news().put("seen", "Runa"));
        assertThat(row("seen").seen()).endsWith(", news (D)");
        test.onScreen(() -> model.openNews(desk.contents().bout("seen").orElseThrow()));
        assertThat(desk.navigation().placeProperty().get()).isEqualTo(Place.DOSSIER);
        test.onScreen(() -> {
            desk.navigation().placeProperty().set(Place.SHELF);
            model.openNews(desk.contents().bout("heard").orElseThrow());
        });
        assertThat(desk.navigation().placeProperty().get()).isEqualTo(Place.SHELF);
    }
}
