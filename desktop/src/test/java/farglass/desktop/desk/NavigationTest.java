package farglass.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.change.Change;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.desktop.TestDesk;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Where a window is, and whom it looks at. */
class NavigationTest {
    @TempDir
    Path folder;

    private TestDesk test;
    private Desk desk;

    @BeforeEach
    void lay() throws Exception {
        test = new TestDesk(
                folder,
                Change.added(new Athlete("runa", "Runa")),
                Change.added(new Athlete("ebele", "Ebele")),
                Change.added(new Study("s", "Runa alone", List.of("runa"), Optional.empty())),
                Change.added(TestDesk.bout("id: 1\nA: Runa\nB: Pip\n0:10 A guard-pull\n")),
                Change.added(TestDesk.bout("id: 2\nA: Pip\nB: Ebele\n0:10 A guard-pull\n")),
                Change.added(TestDesk.bout("id: 3\nA: Ebele\nB: Runa\n0:10 A guard-pull\n")));
        desk = test.desk();
    }

    @AfterEach
    void clear() {
        test.close();
    }

    private List<String> bouts() throws Exception {
        return test.asked(
                () -> desk.study().bouts().stream().map(bout -> bout.id()).toList());
    }

    @Test
    void whoAsksForTheSameMomentAgainIsLedThereAgain() throws Exception {
        List<Spot> led = new ArrayList<>();
        Spot spot = new Spot("1", Optional.of("m1"));
        test.onScreen(() -> {
            desk.navigation().spotProperty().addListener((property, old, now) -> now.ifPresent(led::add));
            desk.navigation().show(spot);
            desk.navigation().placeProperty().set(Place.DOSSIER);
            desk.navigation().show(spot);
        });
        assertThat(led).containsExactly(spot, spot);
        assertThat(desk.navigation().placeProperty().get()).isEqualTo(Place.TAG);
    }

    @Test
    void theDossierOfTheSameAthleteCanBeAskedForAgain() throws Exception {
        List<String> asked = new ArrayList<>();
        test.onScreen(() -> {
            desk.navigation().dossierOfProperty().addListener((property, old, now) -> now.ifPresent(asked::add));
            desk.navigation().showDossier("Runa");
            desk.navigation().showDossier("Runa");
        });
        assertThat(asked).containsExactly("Runa", "Runa");
    }

    @Test
    void aStudyLooksAtTheBoutsOfItsAthletesAndNoneAtAll() throws Exception {
        test.onScreen(() -> desk.study().property().set(desk.contents().study("s")));
        assertThat(bouts()).containsExactlyInAnyOrder("1", "3");
        test.onScreen(
                () -> assertThat(desk.study().studied(desk.contents().bout("3").orElseThrow()))
                        .as("the one under study, wherever she sits")
                        .isEqualTo(farglass.core.side.Seat.B));
        test.onScreen(() -> desk.study().property().set(Optional.empty()));
        assertThat(bouts()).containsExactlyInAnyOrder("1", "2", "3");
    }

    @Test
    void anEditOfTheStudyIsShownAndOneThatIsGoneIsLookedThroughNoMore() throws Exception {
        test.onScreen(() -> desk.study().property().set(desk.contents().study("s")));
        Study before = desk.contents().study("s").orElseThrow();
        Study both = new Study("s", "Both", List.of("runa", "ebele"), before.focus(), before.camp());
        desk.change("Both", Change.of(before, both));
        test.settle();
        assertThat(bouts()).containsExactlyInAnyOrder("1", "2", "3");
        assertThat(desk.study().subjects()).extracting(Athlete::name).containsExactly("Runa", "Ebele");
        desk.undo();
        test.settle();
        assertThat(bouts()).containsExactlyInAnyOrder("1", "3");
        desk.change("Remove", Change.removed(before));
        test.settle();
        assertThat(desk.study().property().get()).isEmpty();
        desk.undo();
        test.settle();
        assertThat(desk.contents().study("s")).as("it is back, to be chosen").isPresent();
    }

    @Test
    void whoChoseNoStudyIsNotGivenOneByAnEdit() throws Exception {
        test.onScreen(() -> desk.study().property().set(Optional.empty()));
        desk.change("Another", Change.added(new Study("t", "Ebele alone", List.of("ebele"), Optional.empty())));
        test.settle();
        assertThat(desk.study().property().get()).isEmpty();
    }
}
