package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.desktop.desk.Place;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** One box leads to everything: by a few letters and Enter. */
class GoToTest extends OnStage {
    @BeforeEach
    void open() throws Exception {
        libraryWith(BoutFile.parse(
                        """
                        far-glass bout 1
                        id: one
                        A: Runa Castellan
                        B: Wilma Ferreby
                        date: 2026-03-14
                        covered: story 0:00 to 5:00
                        0:10 B guard-pull; held
                        0:20 A toreando; side A left; line knee; threatened
                        0:24 B frame
                        """,
                        Lexicon.shipped())
                .bout()
                .orElseThrow());
    }

    private void goTo(String letters, String first) throws Exception {
        press(KeyCode.F9);
        await("the box is open", () -> workbench.lookup("#go-to") != null);
        type(letters);
        await(
                "it finds " + first,
                () -> workbench.lookup("#found .list-cell:selected") != null
                        && workbench.lookupAll("#found .list-cell:selected .label").stream()
                                .anyMatch(label -> ((Labeled) label).getText().equals(first)));
        press(KeyCode.ENTER);
    }

    /** Faster than anything can be found. */
    private void goAtOnce(String letters) throws Exception {
        press(KeyCode.F9);
        await("the box is open", () -> workbench.lookup("#go-to") != null);
        onScreen(() -> {
            ((TextField) workbench.lookup("#go-to")).setText(letters);
            workbench.lookupAll(".button").stream()
                    .filter(node -> node instanceof Button button && button.isDefaultButton())
                    .forEach(node -> ((Button) node).fire());
            return null;
        });
    }

    private boolean isPutAway() {
        return workbench.lookup("#go-to") == null;
    }

    @Test
    void aBoutAMomentAnEntryAnAthleteAndACommandAreAFewLettersAway() throws Exception {
        goTo("castell ferreby", "Runa Castellan, Wilma Ferreby, 2026-03-14");
        await(
                "the bout is open in Tag",
                () -> desk().navigation().placeProperty().get() == Place.TAG
                        && workbench.shell().orElseThrow().tag().open().bout().isPresent());
        goTo("wilma fra", "Wilma: frame");
        await(
                "the moment is chosen",
                () -> workbench.shell().orElseThrow().tag().choice().lead().equals(Optional.of("m3")));
        goTo("rnc", "Rear naked choke");
        await(
                "its entry is open",
                () -> desk().navigation().placeProperty().get() == Place.LEXICON
                        && workbench
                                .shell()
                                .orElseThrow()
                                .lexicon()
                                .chosenProperty()
                                .get()
                                .filter(term -> term.key().equals("rear-naked-choke"))
                                .isPresent());
        goTo("wilma f", "Wilma Ferreby");
        await(
                "her dossier is open",
                () -> desk().navigation().placeProperty().get() == Place.DOSSIER
                        && text("#basis").startsWith("1 of 1 known bouts"));
    }

    @Test
    void enterMeansWhatIsTypedAlsoBeforeItIsFound() throws Exception {
        goAtOnce("half guard");
        await("its entry is open", () -> desk().navigation().placeProperty().get() == Place.LEXICON && isPutAway());
        assertThat(onScreen(() -> workbench
                        .shell()
                        .orElseThrow()
                        .lexicon()
                        .chosenProperty()
                        .get()
                        .orElseThrow()
                        .key()))
                .isEqualTo("half-guard");
    }

    @Test
    void whatIsDoneElsewhereIsDoneThereAndWhatIsNotPossibleSaysWhy() throws Exception {
        goTo("other ath", "It was the other athlete");
        assertThat(text(".problem")).isEqualTo("Open a bout in Tag first.");
        press(KeyCode.ESCAPE);
        assertThat(onScreen(this::isPutAway)).isTrue();
        onScreen(() -> {
            desk().navigation().show(new farglass.desktop.desk.Spot("one", Optional.of("m3")));
            desk().navigation().placeProperty().set(Place.SHELF);
            return null;
        });
        goTo("other ath", "It was the other athlete");
        await(
                "it is done, in Tag",
                () -> desk().navigation().placeProperty().get() == Place.TAG
                        && desk().contents()
                                .bout("one")
                                .orElseThrow()
                                .moment("m3")
                                .orElseThrow()
                                .actor()
                                .equals(Optional.of(farglass.core.side.Seat.A)));
    }
}
