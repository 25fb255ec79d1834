package farglass.desktop.shelf;

import farglass.core.entry.Term;
import farglass.core.study.Athlete;
import farglass.desktop.parts.Form;
import farglass.desktop.parts.TitledGrid;
import farglass.library.table.Column;
import farglass.library.table.Mapping;
import farglass.library.table.TableImport;
import farglass.library.table.TimeNotation;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** How a spreadsheet is taken: who is who, what each column tells, what its unknown words mean; below, what would come of it. */
final class TablePage extends VBox {
    private final TableModel model;
    private final Label summary = new Label();
    private final VBox problems = new VBox(2);
    private final VBox words = new VBox(6);
    private final TextField keptName;
    private List<String> shownWords = List.of();

    TablePage(TableModel model) {
        super(12);
        this.model = model;
        setPrefWidth(680);
        summary.setId("table-summary");
        summary.getStyleClass().add("strong");
        summary.setWrapText(true);
        Form keeping = new Form();
        keptName = keeping.text("Keep this as", "", "a name, to use it for the next table with these headings");
        getChildren().addAll(summary, problems, people(), words, columns(), keeping);
        model.previewProperty().addListener(change -> show());
        show();
    }

    TableModel model() {
        return model;
    }

    String keptName() {
        return keptName.getText();
    }

    private Form people() {
        Form form = new Form();
        List<String> known =
                model.desk().contents().athletes().stream().map(Athlete::name).toList();
        ComboBox<String> a = form.name("Athlete A", known, model.a());
        ComboBox<String> b = form.name("Athlete B", known, model.b());
        a.valueProperty().addListener(change -> model.names(value(a), value(b)));
        b.valueProperty().addListener(change -> model.names(value(a), value(b)));
        Mapping mapping = model.mappingProperty().get();
        TextField calledA = form.text("A is called", mapping.a(), "in the table, if not by name");
        TextField calledB = form.text("B is called", mapping.b(), "in the table, if not by name");
        calledA.textProperty().addListener(change -> model.called(calledA.getText(), calledB.getText()));
        calledB.textProperty().addListener(change -> model.called(calledA.getText(), calledB.getText()));
        ComboBox<TimeNotation> times =
                form.choice("Times are", List.of(TimeNotation.values()), mapping.times(), TimeNotation::label);
        times.valueProperty().addListener((property, old, notation) -> model.times(notation));
        return form;
    }

    private static String value(ComboBox<String> box) {
        return box.getValue() == null ? "" : box.getValue();
    }

    private GridPane columns() {
        GridPane grid = new TitledGrid();
        int row = 0;
        grid.addRow(row++, quiet("Column"), quiet("holds"), quiet("and tells"));
        for (String heading : model.table().headings()) {
            ComboBox<Column> tells = new ComboBox<>();
            tells.getItems().setAll(Column.values());
            tells.setConverter(new StringConverter<>() {
                @Override
                public String toString(Column column) {
                    return column == null ? "" : column.label();
                }

                @Override
                public Column fromString(String typed) {
                    return tells.getValue();
                }
            });
            tells.setValue(model.mappingProperty().get().columns().getOrDefault(heading, Column.NOTHING));
            tells.setId("column-" + heading.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]+", "-"));
            tells.valueProperty().addListener((property, old, column) -> model.column(heading, column));
            Label sample = quiet(model.sample(heading));
            sample.setMaxWidth(260);
            Label name = new Label(heading.isBlank() ? "(no heading)" : heading);
            name.setLabelFor(tells);
            grid.addRow(row++, name, sample, tells);
        }
        return grid;
    }

    private static Label quiet(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.getStyleClass().add("quiet");
        return label;
    }

    private void show() {
        summary.setText(model.summary());
        problems.getChildren()
                .setAll(model.messages().stream()
                        .map(message -> {
                            Label label = quiet(message);
                            label.setWrapText(true);
                            return label;
                        })
                        .toList());
        List<TableImport.Unknown> unknown =
                model.previewProperty().get().map(TableImport.Preview::unknown).orElse(List.of());
        List<String> now = unknown.stream().map(TableImport.Unknown::word).toList();
        // Fields stay while one of them is typed into; only another set of words lays them anew.
        if (!now.equals(shownWords) && !shownWords.containsAll(now) || shownWords.isEmpty()) {
            shownWords = new ArrayList<>(now);
            words.getChildren().clear();
            if (!unknown.isEmpty()) {
                words.getChildren()
                        .add(quiet(
                                "Words the lexicon does not know; leave a field empty to keep the words as they are:"));
            }
            unknown.stream().limit(30).forEach(this::word);
        }
    }

    private void word(TableImport.Unknown unknown) {
        Form form = new Form();
        TextField means = form.text(
                "%s (%d)".formatted(unknown.word(), unknown.count()),
                "",
                unknown.nearest()
                        .map(Term::label)
                        .map(near -> "means: " + near + "?")
                        .orElse("means nothing known"));
        means.setOnAction(event -> model.desk().messages().say(model.meaning(unknown.word(), means.getText())));
        means.focusedProperty().addListener((property, was, is) -> {
            if (!is && !means.getText().isBlank()) {
                String wrong = model.meaning(unknown.word(), means.getText());
                if (!wrong.isEmpty()) {
                    model.desk().messages().say(wrong);
                }
            }
        });
        words.getChildren().add(form);
    }
}
