package farglass.desktop.dossier;

import farglass.core.prose.Answer;
import farglass.core.prose.FigureRow;
import farglass.core.prose.OneMinute;
import farglass.core.prose.Page;
import farglass.core.prose.SinceLast;
import farglass.drawing.Palette;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** One chapter: its questions, each answered in a sentence, with its figures in groups below; or the page of one minute. */
final class ChapterView extends VBox {
    /** So many rows of a group are shown at once; the others are one click away. */
    private static final int MOST_ROWS = 5;

    private final DossierModel model;
    private final ObservableValue<Palette> palette;
    private ToggleGroup group = new ToggleGroup();

    ChapterView(DossierModel model, ObservableValue<Palette> palette) {
        this.model = model;
        this.palette = palette;
        getStyleClass().add("chapter");
        addEventHandler(KeyEvent.KEY_PRESSED, this::pressed);
    }

    /** Up and Down go from figure to figure, over groups and questions. */
    private void pressed(KeyEvent event) {
        if (event.getCode() != KeyCode.UP && event.getCode() != KeyCode.DOWN) {
            return;
        }
        List<FigureView> figures = figures();
        int at = -1;
        for (int i = 0; i < figures.size(); i++) {
            if (figures.get(i).isFocused()) {
                at = i;
            }
        }
        int next = at + (event.getCode() == KeyCode.DOWN ? 1 : -1);
        if (at >= 0 && next >= 0 && next < figures.size()) {
            figures.get(next).requestFocus();
            figures.get(next).fire();
        }
        event.consume();
    }

    private List<FigureView> figures() {
        List<FigureView> found = new ArrayList<>();
        lookupAll(".figure").forEach(node -> {
            if (node instanceof FigureView figure) {
                found.add(figure);
            }
        });
        return found;
    }

    void show(Page page, String chapter) {
        group = new ToggleGroup();
        getChildren().clear();
        Label title = new Label(chapter);
        title.getStyleClass().add("chapter-title");
        getChildren().add(title);
        if (chapter.equals(DossierModel.ONE_MINUTE)) {
            oneMinute(page);
        } else {
            page.chapter(chapter).forEach(answer -> getChildren().add(answer(answer)));
        }
    }

    private void oneMinute(Page page) {
        Label how = words(
                "What matters most of all that may be said, by a written rule. Each line: the dot is the best guess, the thick line"
                        + " holds the truth four times in five, the thin one nineteen in twenty; the tick is the other athletes. Enter opens its chapter.",
                "quiet");
        getChildren().add(how);
        page.oneMinute().forEach(point -> getChildren().add(point(point)));
        if (page.oneMinute().isEmpty()) {
            getChildren().add(words("There is too little film to say anything yet: tag another bout.", "sentence"));
        }
        model.sinceLast().ifPresent(this::sinceLast);
        page.asides().forEach(aside -> getChildren().add(words(aside, "remarks")));
    }

    private void sinceLast(SinceLast since) {
        getChildren().add(words("Since the last bout (%s)".formatted(since.told()), "group"));
        told("Confirmed", since.confirmed());
        told("May be claimed since", since.newly());
        told("No longer to be claimed", since.contradicted());
        told("Surprised", since.surprised());
        Button open = new Button("Open that bout");
        open.getStyleClass().add("fold");
        open.setOnAction(event -> model.openBout(since.bout()));
        getChildren().add(open);
    }

    private void told(String what, List<String> all) {
        if (!all.isEmpty()) {
            getChildren().add(words("%s: %s.".formatted(what, String.join("; ", all)), "since"));
        }
    }

    private Node point(OneMinute.Point point) {
        FigureView view = FigureView.of(point, palette);
        view.setToggleGroup(group);
        view.setSelected(point.row().isPresent()
                && point.row().equals(model.rowProperty().get()));
        view.setOnAction(event -> {
            view.setSelected(true);
            point.row().ifPresent(row -> model.rowProperty().set(Optional.of(row)));
        });
        // Enter, or a double click, goes to where it comes from.
        view.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                goTo(point);
            }
        });
        view.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER) {
                goTo(point);
                event.consume();
            }
        });
        return view;
    }

    private void goTo(OneMinute.Point point) {
        model.chapterProperty().set(point.chapter());
        point.row().ifPresent(row -> model.rowProperty().set(Optional.of(row)));
        show(model.pageProperty().get().orElseThrow(), point.chapter());
    }

    private Node answer(Answer answer) {
        VBox box = new VBox(3, words(answer.question(), "question"), words(answer.sentence(), "sentence"));
        Map<String, List<FigureRow>> groups = new LinkedHashMap<>();
        answer.rows().forEach(row -> groups.computeIfAbsent(row.heading(), any -> new ArrayList<>())
                .add(row));
        groups.forEach((heading, rows) -> box.getChildren().add(group(heading, rows)));
        return box;
    }

    private Node group(String heading, List<FigureRow> rows) {
        VBox box = new VBox();
        if (!heading.isEmpty()) {
            box.getChildren().add(words(heading, "group"));
        }
        boolean folded = rows.size() > MOST_ROWS + 1
                && rows.get(0).figure().ask().wording().order().isEmpty();
        rows.stream().limit(folded ? MOST_ROWS : rows.size()).forEach(row -> box.getChildren()
                .add(figure(row)));
        if (folded) {
            List<FigureRow> rest = rows.subList(MOST_ROWS, rows.size());
            Button more = new Button("and %d more, each at most %s"
                    .formatted(rest.size(), rest.get(0).count()));
            more.getStyleClass().add("fold");
            more.setMnemonicParsing(false);
            more.setOnAction(event -> {
                int at = box.getChildren().indexOf(more);
                box.getChildren().remove(more);
                List<FigureView> shown = rest.stream().map(this::figure).toList();
                box.getChildren().addAll(at, shown);
                shown.get(0).requestFocus();
            });
            box.getChildren().add(more);
        }
        return box;
    }

    private FigureView figure(FigureRow row) {
        FigureView view =
                FigureView.of(row, model.besideProperty().get().map(Beside::words), model.beside(row), palette);
        view.setToggleGroup(group);
        view.setSelected(model.rowProperty().get().filter(row::equals).isPresent());
        view.setOnAction(event -> {
            view.setSelected(true);
            model.rowProperty().set(Optional.of(row));
        });
        return view;
    }

    private static Label words(String text, String style) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
    }
}
