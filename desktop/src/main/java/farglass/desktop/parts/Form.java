package farglass.desktop.parts;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.DatePicker;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.util.StringConverter;

/** Labelled fields, one below the other. */
public final class Form extends TitledGrid {
    private int row;

    public Form() {
        this(380);
    }

    /** @param width of a field at least, in pixels */
    public Form(double width) {
        setVgap(6);
        getStyleClass().add("form");
        getColumnConstraints().get(1).setMinWidth(width);
        getColumnConstraints().get(1).setPrefWidth(width);
    }

    public <N extends Node> N add(String label, N field) {
        Label words = new Label(label);
        words.setLabelFor(field);
        GridPane.setValignment(words, VPos.CENTER);
        addRow(row++, words, field);
        return field;
    }

    public void sentence(String words) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.setMaxWidth(540);
        label.getStyleClass().add("quiet");
        add(label, 0, row++, 2, 1);
    }

    public TextField text(String label, String value, String hint) {
        return add(label, field(label, value, hint));
    }

    private static TextField field(String label, String value, String hint) {
        TextField field = new TextField(value);
        field.setPromptText(hint);
        field.setId("field-" + label.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]+", "-"));
        return field;
    }

    /** {@return a day to type as year-month-day, with a calendar beside it} What is typed stands, sense or not. */
    public TextField day(String label, Optional<LocalDate> value) {
        TextField field = field(label, value.map(LocalDate::toString).orElse(""), "such as 2026-03-14");
        DatePicker calendar = new DatePicker();
        calendar.getStyleClass().add("calendar");
        calendar.setFocusTraversable(false);
        calendar.getEditor().setManaged(false);
        calendar.getEditor().setVisible(false);
        calendar.setOnShowing(event -> calendar.setValue(parsed(field.getText())));
        calendar.valueProperty().addListener((property, old, day) -> {
            if (day != null && calendar.isShowing()) {
                field.setText(day.toString());
            }
        });
        HBox.setHgrow(field, Priority.ALWAYS);
        add(label, new HBox(4, field, calendar));
        return field;
    }

    private static LocalDate parsed(String typed) {
        try {
            return LocalDate.parse(typed.strip());
        } catch (DateTimeParseException e) {
            // The calendar then shows this month; what is wrong with the words is told by whoever reads them.
            return null;
        }
    }

    /** {@return a choice among values} */
    public <T> ComboBox<T> choice(String label, List<T> values, T value, Function<T, String> words) {
        ComboBox<T> box = box(values, value, words);
        box.setId("field-" + label.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]+", "-"));
        return add(label, box);
    }

    /** {@return a box to choose one of the values in, of no form yet} */
    public static <T> ComboBox<T> box(List<T> values, T value, Function<T, String> words) {
        ComboBox<T> box = new ComboBox<>();
        box.setConverter(new StringConverter<>() {
            @Override
            public String toString(T shown) {
                return shown == null ? "" : words.apply(shown);
            }

            @Override
            public T fromString(String typed) {
                return box.getValue();
            }
        });
        box.getItems().setAll(values);
        box.setValue(value);
        box.setMaxWidth(Double.MAX_VALUE);
        return box;
    }

    /** {@return a name to type, with the known ones to pick from} */
    public ComboBox<String> name(String label, List<String> known, String value) {
        ComboBox<String> box = new ComboBox<>();
        box.setEditable(true);
        box.getItems().setAll(known);
        box.setValue(value);
        box.getEditor().setText(value);
        // A name that is typed and not confirmed by Enter counts too.
        box.getEditor().textProperty().addListener((property, old, typed) -> box.setValue(typed));
        Suggestions.attach(box, known);
        // Who comes to the field mostly writes another name; the click or Tab that brought them has moved the caret by
        // then.
        box.getEditor().focusedProperty().addListener((property, was, is) -> {
            if (is) {
                Platform.runLater(box.getEditor()::selectAll);
            }
        });
        box.setMaxWidth(Double.MAX_VALUE);
        box.setId("field-" + label.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]+", "-"));
        return add(label, box);
    }
}
