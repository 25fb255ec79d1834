package farglass.desktop.dossier;

import farglass.core.prose.Answer;
import farglass.core.prose.FigureRow;
import farglass.core.prose.OneMinute;
import farglass.core.prose.Page;
import farglass.core.prose.SinceLast;
import farglass.desktop.desk.Soon;
import farglass.desktop.dossier.figure.Beside;
import farglass.desktop.dossier.figure.ChapterLines;
import farglass.desktop.dossier.figure.FigureButton;
import farglass.desktop.dossier.figure.FigureView;
import farglass.desktop.dossier.figure.PointView;
import farglass.drawing.Palette;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.value.ObservableValue;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;

/** One chapter: its questions, each answered in a sentence, with its figures in groups below; or the page of one minute. */
final class ChapterView extends VBox {
    /** So many rows of a group are shown at once; the others are one click away. */
    private static final int MOST_ROWS = 5;

    private static final PseudoClass POINTS = PseudoClass.getPseudoClass("points");

    private final DossierModel model;
    private final ChapterLines lines;
    /** So many lines are laid out in one piece, about a third of what a window shows: more would be felt. */
    private static final int LINES_AT_ONCE = 6;

    private final List<Node> shown = new ArrayList<>();
    /** What follows below the lines shown so far, a question each. */
    private final Deque<Runnable> further = new ArrayDeque<>();

    private final Soon goOn;
    private final Consumer<Node> reveal;
    private final Runnable showNow;
    private ToggleGroup group = new ToggleGroup();

    /**
     * A chapter in which nothing is shown yet.
     *
     * @param reveal scrolls the page so that a line of it is seen
     * @param showNow has the chapter shown that was chosen, before anything else is done
     */
    ChapterView(DossierModel model, ObservableValue<Palette> palette, Consumer<Node> reveal, Runnable showNow) {
        this.model = model;
        this.lines = new ChapterLines(palette);
        this.reveal = reveal;
        this.showNow = showNow;
        this.goOn = model.desk().soon(this::showMore);
        getStyleClass().addAll("chapter", "answers");
        // Before the lines hear it: buttons of one group would choose one another by these keys, and tell nobody.
        addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
    }

    /** Up and Down go from figure to figure, over groups and questions, and show what stands behind each. */
    private void pressed(KeyEvent event) {
        if (event.getCode() != KeyCode.UP && event.getCode() != KeyCode.DOWN) {
            return;
        }
        event.consume();
        showAll();
        List<ButtonBase> stops = stops();
        int at = -1;
        for (int i = 0; i < stops.size(); i++) {
            if (stops.get(i).isFocused()) {
                at = i;
            }
        }
        int next = at + (event.getCode() == KeyCode.DOWN ? 1 : -1);
        if (at >= 0 && next >= 0 && next < stops.size()) {
            goTo(stops.get(next));
        }
    }

    private void goTo(ButtonBase stop) {
        stop.requestFocus();
        if (stop instanceof FigureButton figure) {
            figure.fire();
        }
        reveal.accept(stop == stops().get(0) ? shown.get(0) : stop);
    }

    /** {@return the lines that can have the focus} */
    private List<ButtonBase> stops() {
        return shown.stream()
                .filter(ButtonBase.class::isInstance)
                .map(ButtonBase.class::cast)
                .toList();
    }

    void show(Page page, String chapter) {
        group = new ToggleGroup();
        lines.takeBack();
        shown.clear();
        further.clear();
        words(chapter, "chapter-title");
        boolean points = chapter.equals(DossierModel.ONE_MINUTE);
        pseudoClassStateChanged(POINTS, points);
        if (points) {
            oneMinute(page);
        } else {
            page.chapter(chapter).forEach(answer -> further.add(() -> answer(answer)));
        }
        showMore();
    }

    private void showMore() {
        int until = shown.size() + LINES_AT_ONCE;
        while (shown.size() < until && !further.isEmpty()) {
            further.remove().run();
        }
        lay();
    }

    private void showAll() {
        if (!further.isEmpty()) {
            further.forEach(Runnable::run);
            further.clear();
            lay();
        }
    }

    private void lay() {
        getChildren().setAll(lines.over(shown));
    }

    @Override
    protected void layoutChildren() {
        super.layoutChildren();
        // Only now: what is added before the last lines were laid out would be laid out in one piece with them.
        if (!further.isEmpty()) {
            goOn.wish();
        }
    }

    private void words(String text, String style) {
        shown.add(lines.words(text, style));
    }

    private void oneMinute(Page page) {
        words(
                "What matters most of all that may be said, by a written rule. Each line: the dot is the best guess, the thick line"
                        + " holds the truth four times in five, the thin one nineteen in twenty; the tick is the other athletes. Enter opens its chapter.",
                "quiet");
        page.oneMinute().forEach(this::point);
        if (page.oneMinute().isEmpty()) {
            words("There is too little film to say anything yet: tag another bout.", "sentence");
        }
        model.sinceLast().ifPresent(this::sinceLast);
        page.asides().forEach(aside -> words(aside, "remarks"));
    }

    private void sinceLast(SinceLast since) {
        words("Since the last bout (%s)".formatted(since.told()), "group");
        told("Confirmed", since.confirmed());
        told("May be claimed since", since.newly());
        told("No longer to be claimed", since.contradicted());
        told("Surprised", since.surprised());
        Button open = lines.button("Open that bout");
        open.setOnAction(event -> model.openBout(since.bout()));
        shown.add(open);
    }

    private void told(String what, List<String> all) {
        if (!all.isEmpty()) {
            words("%s: %s.".formatted(what, String.join("; ", all)), "since");
        }
    }

    private void point(OneMinute.Point point) {
        PointView view = lines.point();
        view.show(point);
        choosing(view, point.row());
        // Enter, or a double click, goes to where it comes from.
        view.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                goTo(point);
            }
        });
        view.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                goTo(point);
                event.consume();
            }
        });
        shown.add(view);
    }

    private void choosing(FigureButton view, Optional<FigureRow> row) {
        // A line that was chosen for what it said before would let go of the one that is chosen now.
        view.setSelected(false);
        view.setToggleGroup(group);
        view.setSelected(row.filter(this::isChosen).isPresent());
        view.setOnAction(event -> {
            view.setSelected(true);
            row.ifPresent(chosen -> model.rowProperty().set(Optional.of(chosen)));
        });
    }

    private boolean isChosen(FigureRow row) {
        return model.rowProperty().get().filter(row::equals).isPresent();
    }

    private void goTo(OneMinute.Point point) {
        model.chapterProperty().set(point.chapter());
        point.row().ifPresent(row -> model.rowProperty().set(Optional.of(row)));
        showNow.run();
        showAll();
        stops().stream()
                .filter(stop -> stop instanceof FigureButton figure && figure.isSelected())
                .findFirst()
                .ifPresent(this::goTo);
    }

    private void answer(Answer answer) {
        words(answer.question(), "question");
        words(answer.sentence(), "sentence");
        Map<String, List<FigureRow>> groups = new LinkedHashMap<>();
        answer.rows().forEach(row -> groups.computeIfAbsent(row.heading(), any -> new ArrayList<>())
                .add(row));
        groups.forEach(this::group);
    }

    private void group(String heading, List<FigureRow> rows) {
        if (!heading.isEmpty()) {
            words(heading, "group");
        }
        boolean folded = rows.size() > MOST_ROWS + 1
                && rows.get(0).figure().subject().wording().order().isEmpty()
                && rows.stream().skip(MOST_ROWS).noneMatch(this::isChosen);
        rows.stream().limit(folded ? MOST_ROWS : rows.size()).map(this::figure).forEach(shown::add);
        if (folded) {
            shown.add(more(rows.subList(MOST_ROWS, rows.size())));
        }
    }

    private Button more(List<FigureRow> rest) {
        Button more = lines.button("and %d more, each at most %s"
                .formatted(rest.size(), rest.get(0).count()));
        more.setOnAction(event -> {
            showAll();
            int at = shown.indexOf(more);
            shown.remove(more);
            List<FigureView> unfolded = rest.stream().map(this::figure).toList();
            shown.addAll(at, unfolded);
            lay();
            goTo(unfolded.get(0));
        });
        return more;
    }

    private FigureView figure(FigureRow row) {
        FigureView view = lines.figure();
        view.show(row, model.besideProperty().get().map(Beside::words), model.beside(row));
        choosing(view, Optional.of(row));
        return view;
    }
}
