package farglass.desktop.parts;

import java.util.List;
import java.util.function.Function;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.GridPane;
import javafx.util.StringConverter;

/** Labelled fields, one below the other. */
public final class Form extends TitledGrid {
    private int row;

    public Form() {
        setVgap(8);
        getStyleClass().add("form");
        getColumnConstraints().get(1).setMinWidth(380);
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
        TextField field = new TextField(value);
        field.setPromptText(hint);
        field.setId("field-" + label.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]+", "-"));
        return add(label, field);
    }

    /** {@return a choice among values} */
    public <T> ComboBox<T> choice(String label, List<T> values, T value, Function<T, String> words) {
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
        box.setId("field-" + label.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]+", "-"));
        return add(label, box);
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
        box.setMaxWidth(Double.MAX_VALUE);
        box.setId("field-" + label.toLowerCase(java.util.Locale.ROOT).replaceAll("[^a-z]+", "-"));
        return add(label, box);
    }
}
