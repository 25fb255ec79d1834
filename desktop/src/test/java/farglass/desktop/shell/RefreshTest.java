package farglass.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.School;
import farglass.core.notation.BoutFile;
import farglass.core.study.Study;
import farglass.desktop.desk.Place;
import farglass.desktop.parts.Drawn;
import farglass.drawing.Palette;
import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextInputControl;
import javafx.scene.text.Text;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What is chosen once holds in every place at once, as if it had been opened anew. */
class RefreshTest extends OnStage {
    private static final Bout BOUT = BoutFile.parse(
                    """
                    far-glass bout 1
                    id: harbour
                    A: Runa Castellan
                    B: Wilma Ferreby
                    date: 2026-03-14
                    covered: story 0:00 to 5:00
                    0:10 B guard-pull; held
                    0:20 A knee-cut; side A left; line knee
                    0:30 A knee-cut; side A left; held
                    0:40 A armbar; nearly
                    """,
                    Lexicon.shipped())
            .bout()
            .orElseThrow();

    private void open() throws Exception {
        libraryWith(BOUT);
        onScreen(() -> desk().change(
                        "Prepare",
                        Change.added(new Study(
                                "other",
                                "Other study",
                                List.of(desk().contents().athletes().stream()
                                        .filter(each -> each.name().equals("Wilma Ferreby"))
                                        .findFirst()
                                        .orElseThrow()
                                        .id()),
                                Optional.empty()))));
        await("the other study is there", () -> desk().contents().studies().size() == 2);
    }

    private void goTo(Place place) throws Exception {
        onScreen(() -> {
            if (place == Place.TAG) {
                desk().show(new farglass.desktop.desk.Desk.Spot("harbour", Optional.of("m3")));
            } else {
                desk().placeProperty().set(place);
            }
            return null;
        });
        rest();
    }

    /** Until nothing is worked out any more, and what was has been laid out. */
    private void rest() throws Exception {
        for (int i = 0; i < 3; i++) {
            await("nothing is worked out", () -> desk().work().jobs().isEmpty());
            Thread.sleep(120);
        }
    }

    private List<String> words() throws Exception {
        return onScreen(() -> {
            List<String> words = new ArrayList<>();
            workbench.applyCss();
            workbench.layout();
            gather(workbench.lookup(".page"), words);
            return words;
        });
    }

    /** A list gives its cells in the order in which they were made. */
    private static String sorted(List<String> words) {
        return words.stream().map(String::valueOf).sorted().collect(Collectors.joining("\n"));
    }

    private static void gather(Node node, List<String> words) {
        if (!node.isVisible()) {
            return;
        }
        if (node instanceof Labeled label) {
            words.add(label.getText());
        } else if (node instanceof Text text) {
            words.add(text.getText());
        } else if (node instanceof TextInputControl) {
            return;
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> gather(child, words));
        }
    }

    @ParameterizedTest
    @EnumSource(Place.class)
    void anotherLanguageOfTheWordsHoldsAtOnce(Place place) throws Exception {
        open();
        choose("study");
        goTo(place);
        onScreen(() -> {
            workbench.settings().schoolProperty().set(School.PORTUGUESE);
            return null;
        });
        rest();
        List<String> after = words();
        reopen();
        choose("study");
        goTo(place);
        if (place == Place.LEXICON) {
            // The entry that was looked at stays chosen, and the list stays where it stands.
            assertThat(after).contains("chave americana", "Amarra em pe");
            return;
        }
        assertThat(sorted(after)).as("as if opened anew").isEqualTo(sorted(words()));
        if (place == Place.TAG) {
            assertThat(after).as("it is another language").contains("Puxada, held");
        }
    }

    @ParameterizedTest
    @EnumSource(Place.class)
    void anotherStudyHoldsAtOnce(Place place) throws Exception {
        open();
        choose("study");
        goTo(place);
        choose("other");
        List<String> after = words();
        reopen();
        choose("other");
        goTo(place);
        assertThat(sorted(after)).as("as if opened anew").isEqualTo(sorted(words()));
    }

    private void choose(String study) throws Exception {
        onScreen(() -> {
            desk().studyProperty().set(desk().contents().study(study));
            return null;
        });
        rest();
    }

    private void reopen() throws Exception {
        onScreen(() -> {
            workbench.open(folder.resolve("matches.farglass"));
            return null;
        });
        await("it is open again", () -> workbench.shell().isPresent() && !workbench.isOpening());
        rest();
    }

    @Test
    void aDrawingThatIsShownNoMoreIsLetGo() throws Exception {
        ObjectProperty<Palette> palette = new SimpleObjectProperty<>(Palette.PAPER);
        List<Palette> painted = new ArrayList<>();
        WeakReference<Drawn> gone = onScreen(() -> {
            Drawn drawn = new Drawn(palette);
            drawn.paint((brush, width, height) -> painted.add(palette.get()));
            drawn.resize(40, 40);
            workbench.getChildren().add(drawn);
            workbench.applyCss();
            workbench.layout();
            palette.set(Palette.FILM_ROOM);
            workbench.getChildren().remove(drawn);
            return new WeakReference<>(drawn);
        });
        assertThat(painted).as("it follows the palette").contains(Palette.PAPER, Palette.FILM_ROOM);
        await("nothing holds it", () -> {
            System.gc();
            return gone.get() == null;
        });
        assertThat(palette.get()).isEqualTo(Palette.FILM_ROOM);
    }
}
