package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.entry.School;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.study.Study;
import farglass.desktop.desk.Place;
import farglass.desktop.parts.Drawn;
import farglass.drawing.Palette;
import java.lang.ref.WeakReference;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
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
                desk().navigation().show(new farglass.desktop.desk.Spot("harbour", Optional.of("m3")));
            } else {
                desk().navigation().placeProperty().set(place);
            }
            return null;
        });
        rest();
    }

    /** Until nothing is worked out any more, and what was has been laid out. */
    private void rest() throws Exception {
        for (int i = 0; i < 2; i++) {
            await("nothing is worked out", () -> desk().work().jobs().isEmpty());
            settle();
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

    @Test
    void anotherLanguageOfTheWordsHoldsAtOnce() throws Exception {
        open();
        choose("study");
        Map<Place, List<String>> after = new EnumMap<>(Place.class);
        for (Place place : Place.values()) {
            speak(School.ENGLISH);
            goTo(place);
            speak(School.PORTUGUESE);
            after.put(place, words());
        }
        // In the Lexicon the entry that was looked at stays chosen, and the list stays where it stands.
        assertThat(after.remove(Place.LEXICON)).contains("chave americana", "Amarra em pe");
        assertThat(after.get(Place.TAG)).as("it is another language").contains("Puxada, held");
        reopen();
        choose("study");
        for (Place place : after.keySet()) {
            goTo(place);
            assertThat(sorted(after.get(place)))
                    .as(place + " as if opened anew")
                    .isEqualTo(sorted(words()));
        }
    }

    private void speak(School school) throws Exception {
        onScreen(() -> {
            workbench.settings().schoolProperty().set(school);
            return null;
        });
        rest();
    }

    @Test
    void anotherStudyHoldsAtOnce() throws Exception {
        open();
        Map<Place, List<String>> after = new EnumMap<>(Place.class);
        for (Place place : Place.values()) {
            choose("study");
            goTo(place);
            choose("other");
            after.put(place, words());
        }
        reopen();
        choose("other");
        for (Place place : Place.values()) {
            goTo(place);
            assertThat(sorted(after.get(place)))
                    .as(place + " as if opened anew")
                    .isEqualTo(sorted(words()));
        }
    }

    private void choose(String study) throws Exception {
        onScreen(() -> {
            desk().study().property().set(desk().contents().study(study));
            return null;
        });
        rest();
    }

    private void reopen() throws Exception {
        onScreen(() -> {
            workbench.open(folder.resolve("matches.farglass"));
            return null;
        });
        await("it is open again", this::isOpen);
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
