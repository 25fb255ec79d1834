package farglass.desktop.dossier;

import farglass.core.prose.Answer;
import farglass.core.prose.Page;
import farglass.core.prose.Row;
import farglass.core.study.Athlete;
import farglass.desktop.parts.WrappingCell;
import farglass.drawing.Palette;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The Dossier place: the answers on the left, the moments behind the chosen figure on the right. */
public final class DossierView extends BorderPane {
    private final DossierModel model;
    private final ObservableValue<Palette> palette;
    private final VBox answers = new VBox(18);
    private final HBox athletes = new HBox(2);
    private final Label basis = new Label();
    private final ListView<DossierModel.Sight> sights;
    private final Label sightsTitle = new Label();
    private final Label why = new Label();

    public DossierView(DossierModel model, ObservableValue<Palette> palette) {
        this.model = model;
        this.palette = palette;
        this.sights = new ListView<>(model.sights());
        getStyleClass().add("dossier");
        basis.getStyleClass().add("quiet");
        basis.setId("basis");
        basis.setWrapText(true);
        basis.setMinHeight(Region.USE_PREF_SIZE);
        VBox top = new VBox(4, athletes, basis);
        BorderPane.setMargin(top, new javafx.geometry.Insets(0, 0, 10, 0));
        setTop(top);
        ScrollPane scroll = new ScrollPane(answers);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        setCenter(scroll);
        setRight(evidence());
        model.athletes().addListener((ListChangeListener<Athlete>) change -> showAthletes());
        model.athleteProperty().addListener(change -> showAthletes());
        model.pageProperty().addListener(change -> show());
        model.rowProperty().addListener(change -> showFigure());
        showAthletes();
        show();
    }

    private VBox evidence() {
        sightsTitle.setWrapText(true);
        sightsTitle.setMinHeight(Region.USE_PREF_SIZE);
        sightsTitle.getStyleClass().add("section");
        Label how = new Label("Enter or a double click opens the film there.");
        how.getStyleClass().add("quiet");
        how.setWrapText(true);
        how.setMinHeight(Region.USE_PREF_SIZE);
        sights.setId("sights");
        sights.getStyleClass().add("ledger");
        sights.setCellFactory(list -> new SightCell());
        sights.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                open();
            }
        });
        sights.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                open();
                event.consume();
            }
        });
        VBox.setVgrow(sights, Priority.ALWAYS);
        why.setId("why");
        why.getStyleClass().add("remarks");
        why.setWrapText(true);
        why.setMinHeight(Region.USE_PREF_SIZE);
        why.visibleProperty().bind(why.textProperty().isNotEmpty());
        why.managedProperty().bind(why.visibleProperty());
        VBox side = new VBox(6, sightsTitle, why, how, sights);
        side.getStyleClass().add("evidence");
        BorderPane.setMargin(side, new javafx.geometry.Insets(0, 0, 0, 18));
        return side;
    }

    private void open() {
        DossierModel.Sight sight = sights.getSelectionModel().getSelectedItem();
        if (sight != null) {
            model.open(sight);
        }
    }

    private static final class SightCell extends WrappingCell<DossierModel.Sight> {
        private final Label when = new Label();
        private final Label words = new Label();

        SightCell() {
            this(new HBox(10));
        }

        private SightCell(HBox line) {
            super(line);
            line.getChildren().addAll(when, words);
            when.setMinWidth(54);
            when.getStyleClass().add("ledger-time");
            words.setWrapText(true);
            HBox.setHgrow(words, Priority.ALWAYS);
        }

        @Override
        protected void show(DossierModel.Sight sight) {
            when.setText(sight.when());
            words.setText(sight.words());
        }
    }

    private void showAthletes() {
        athletes.getChildren().clear();
        for (Athlete athlete : model.athletes()) {
            ToggleButton name = new ToggleButton(athlete.name());
            name.setMnemonicParsing(false);
            name.getStyleClass().add("choice");
            name.setSelected(
                    model.athleteProperty().get().filter(athlete::equals).isPresent());
            name.setOnAction(event -> {
                name.setSelected(true);
                model.athleteProperty().set(Optional.of(athlete));
            });
            athletes.getChildren().add(name);
        }
    }

    private void show() {
        answers.getChildren().clear();
        Optional<Page> page = model.pageProperty().get();
        getRight().setVisible(page.isPresent());
        basis.setText("");
        if (page.isEmpty()) {
            Label empty = new Label(
                    "A dossier needs bouts. Add a film on the Shelf (Ctrl+1), say who the two are, and tag what happens.");
            empty.getStyleClass().add("empty-words");
            empty.setWrapText(true);
            answers.getChildren().add(empty);
            return;
        }
        basis.setText(
                ("%d of %d known bouts were watched. In each line: the dot is the best guess, the thick line where it likely is"
                                + " (80 %%), the thin line 95 %%, the tick the other athletes. Shares run from 0 to 100 %%, rates to the"
                                + " highest of their rows.")
                        .formatted(page.get().watched(), page.get().known()));
        for (String aside : page.get().asides()) {
            Label told = new Label(aside);
            told.setWrapText(true);
            told.setMinHeight(Region.USE_PREF_SIZE);
            told.getStyleClass().add("remarks");
            answers.getChildren().add(told);
        }
        ToggleGroup group = new ToggleGroup();
        for (Answer answer : page.get().answers()) {
            answers.getChildren().add(answer(answer, group));
        }
    }

    private VBox answer(Answer answer, ToggleGroup group) {
        Label question = new Label(answer.question());
        question.getStyleClass().add("question");
        Label sentence = new Label(answer.sentence());
        sentence.setWrapText(true);
        sentence.getStyleClass().add("sentence");
        VBox box = new VBox(4, question, sentence);
        for (Row row : answer.rows()) {
            FigureView view = new FigureView(row, palette);
            view.setToggleGroup(group);
            view.setSelected(model.rowProperty().get().filter(row::equals).isPresent());
            view.setOnAction(event -> {
                view.setSelected(true);
                model.rowProperty().set(Optional.of(row));
            });
            box.getChildren().add(view);
        }
        return box;
    }

    private void showFigure() {
        why.setText(model.rowProperty().get().map(Row::why).orElse(""));
        sightsTitle.setText(model.rowProperty()
                .get()
                .map(row -> "%s: %s %s".formatted(row.label(), row.count(), row.of()))
                .orElse(""));
    }

    public void begin() {
        athletes.getChildren().stream()
                .filter(name -> name instanceof ToggleButton button && button.isSelected())
                .findFirst()
                .ifPresent(javafx.scene.Node::requestFocus);
    }
}
