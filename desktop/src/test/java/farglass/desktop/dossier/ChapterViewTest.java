package farglass.desktop.dossier;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.change.Change;
import farglass.core.prose.Page;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.desktop.TestDesk;
import farglass.desktop.desk.Place;
import farglass.desktop.dossier.figure.Beside;
import farglass.drawing.Palette;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.control.ToggleButton;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;

/** Lines of a chapter are used again for the next: nothing of what they said before may stay. */
class ChapterViewTest {
    private static final String[] ACTS = {
        "toreando; side A left; held",
        "knee-cut; side A right; failed",
        "leg-drag; held",
        "over-under; failed",
        "smash-pass; nearly",
        "run-around-pass; held",
        "stack-pass; failed",
        "long-step; failed",
        "double-under; failed"
    };

    @TempDir
    Path folder;

    private TestDesk test;
    private DossierModel model;

    private static Change bout(int number) {
        StringBuilder acts = new StringBuilder();
        for (int each = 0; each < ACTS.length; each++) {
            acts.append("%d:30 A %s\n".formatted(each + 1, ACTS[(each + number) % ACTS.length]));
        }
        return Change.added(TestDesk.bout(
                """
                        id: %d
                        A: %s
                        B: Juno
                        date: 2026-05-0%d
                        covered: story 0:00 to 10:00
                        0:10 B guard-pull; held
                        %s"""
                        .formatted(number, number < 7 ? "Runa" : "Ottoline", number, acts)));
    }

    @BeforeEach
    void lay() throws Exception {
        FxToolkit.registerPrimaryStage();
        test = new TestDesk(
                folder,
                IntStream.rangeClosed(1, 9).mapToObj(ChapterViewTest::bout).toArray(Change[]::new));
        List<String> both = test.desk().contents().athletes().stream()
                .map(Athlete::id)
                .filter(id -> !id.equals(athlete("Juno").id()))
                .toList();
        test.desk().change("Study", Change.added(new Study("s", "Both", both, Optional.empty())));
        test.settle();
        test.onScreen(() -> {
            test.desk().study().property().set(test.desk().contents().study("s"));
            model = new DossierModel(test.desk());
            test.desk().navigation().placeProperty().set(Place.DOSSIER);
        });
        test.settle();
    }

    @AfterEach
    void clear() {
        test.close();
    }

    private Athlete athlete(String name) {
        return test.desk().contents().athleteNamed(name).orElseThrow();
    }

    private ChapterView view() {
        return new ChapterView(model, new SimpleObjectProperty<>(Palette.PAPER), line -> {}, () -> {});
    }

    /** Each visible word, what is chosen, and what a reader for the blind would say, from top to bottom. */
    private static List<String> read(Node node) {
        List<String> words = new ArrayList<>();
        if (!node.isVisible()) {
            return words;
        }
        if (node instanceof ToggleButton line) {
            words.add(line.getAccessibleText() + (line.isSelected() ? ", chosen" : ""));
            words.addAll(read(line.getGraphic()));
        } else if (node instanceof Labeled label) {
            words.add(label.getStyleClass() + " " + label.getText());
        } else if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> words.addAll(read(child)));
        }
        return words;
    }

    private static Button fold(ChapterView view) {
        return view.getChildren().stream()
                .filter(Node::isVisible)
                .filter(Button.class::isInstance)
                .map(Button.class::cast)
                .findFirst()
                .orElseThrow();
    }

    /** Lays it out until nothing is added any more. {@return what can be read then} */
    private List<String> readWhole(ChapterView view) throws Exception {
        List<String> before;
        List<String> now = test.asked(() -> read(view));
        do {
            before = now;
            test.onScreen(view::layout);
            test.settle();
            now = test.asked(() -> read(view));
        } while (!now.equals(before));
        return now;
    }

    @Test
    void aViewThatShowedOtherChaptersReadsLikeANewOne() throws Exception {
        Random random = new Random(16);
        ChapterView used = test.asked(this::view);
        for (int each = 0; each < 60; each++) {
            if (each % 10 == 5) {
                Optional<Beside> beside = each % 20 == 5 ? Optional.of(Beside.of("Ottoline")) : Optional.empty();
                test.onScreen(() -> model.besideProperty().set(beside));
                test.settle();
            }
            ChapterView fresh = test.asked(() -> {
                Page page = model.pageProperty().get().orElseThrow();
                List<String> chapters = new ArrayList<>(page.chapters());
                chapters.add(DossierModel.ONE_MINUTE);
                String chapter = chapters.get(random.nextInt(chapters.size()));
                model.chapterProperty().set(chapter);
                used.show(page, chapter);
                ChapterView made = view();
                made.show(page, chapter);
                assertThat(read(used)).as(chapter).isEqualTo(read(made));
                return made;
            });
            // Now and then another is asked for before the last is there as a whole.
            if (random.nextBoolean()) {
                assertThat(readWhole(used)).isEqualTo(readWhole(fresh));
            }
        }
    }

    @Test
    void aLongChapterIsLaidOutInPiecesFromTheTop() throws Exception {
        ChapterView view = test.asked(this::view);
        Page page = model.pageProperty().get().orElseThrow();
        test.onScreen(() -> view.show(page, "Passing"));
        List<String> first = test.asked(() -> read(view));
        List<String> whole = readWhole(view);
        assertThat(whole).startsWith(first.toArray(String[]::new)).hasSizeGreaterThan(first.size());
        assertThat(page.chapter("Passing"))
                .allSatisfy(answer -> assertThat(whole).anyMatch(line -> line.endsWith(answer.question())));
    }

    @Test
    void whatIsFoldedOpensInItsPlaceAndStaysOpenWhileOneOfItIsChosen() throws Exception {
        ChapterView view = test.asked(this::view);
        Page page = model.pageProperty().get().orElseThrow();
        test.onScreen(() -> {
            model.chapterProperty().set("Passing");
            view.show(page, "Passing");
        });
        List<String> before = readWhole(view);
        Button fold = test.asked(() -> fold(view));
        String words = fold.getText();
        assertThat(words).matches("and [0-9]+ more, each at most .*");
        test.onScreen(fold::fire);
        List<String> after = readWhole(view);
        assertThat(after).as("nothing of the rest moved").startsWith(before.get(0), before.get(1), before.get(2));
        assertThat(after.toString()).doesNotContain(words);
        assertThat(after.size()).isGreaterThan(before.size());
        test.onScreen(() -> view.show(page, "Passing"));
        assertThat(readWhole(view))
                .as("the first of what was folded is chosen now")
                .isEqualTo(after);
    }
}
