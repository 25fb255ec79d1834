package farglass.desktop.tag.line;

import farglass.core.side.Side;
import farglass.desktop.parts.PartByPart;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.control.Button;
import javafx.scene.layout.GridPane;

/**
 * The choices that lie under one hand, each with its key. The buttons are kept from one moment to the next: what is new to the window is
 * styled and measured anew, and this comes up at every moment.
 */
final class HandOfKeys extends GridPane {
    /** As many choices lie under the fingers at rest; the rest in the row above. */
    private static final int AT_REST = 4;

    private final String keys;
    private final List<Button> buttons = new ArrayList<>();
    private boolean shifted;

    /**
     * No choice yet.
     *
     * @param keys from the one struck most to the one struck least
     * @param side that this hand tells
     * @param answer to the number of a choice; no side where it was not seen
     */
    HandOfKeys(String keys, Side side, BiConsumer<Integer, Optional<Side>> answer) {
        this.keys = keys;
        setHgap(4);
        setVgap(1);
        for (int i = 0; i < keys.length(); i++) {
            int number = i;
            Button button = new Button();
            button.getStyleClass().add("pick");
            button.setId("fan-" + keys.charAt(i));
            button.setFocusTraversable(false);
            button.setOnMousePressed(event -> shifted = event.isShiftDown());
            button.setOnAction(event -> answer.accept(number, shifted ? Optional.empty() : Optional.of(side)));
            button.managedProperty().bind(button.visibleProperty());
            buttons.add(button);
        }
        // All of them stay in the window: what comes into one is styled anew, and another fan opens at most moments.
        getChildren().addAll(buttons);
        PartByPart.in(this);
    }

    /**
     * Shows these.
     *
     * @param choices no more than there are keys
     * @param widthEm of each, in the size of the text
     * @param restsLeft whether the column that is struck most is the left one
     */
    void show(List<String> choices, double widthEm, boolean restsLeft) {
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i).setVisible(i < choices.size());
        }
        for (int i = 0; i < choices.size(); i++) {
            Button button = buttons.get(i);
            button.setText("%s  %s".formatted(keys.substring(i, i + 1).toUpperCase(Locale.ROOT), choices.get(i)));
            button.setStyle(String.format(Locale.ROOT, "-fx-pref-width: %.1fem;", widthEm));
            setConstraints(button, i < AT_REST == restsLeft ? 0 : 1, i % AT_REST);
        }
    }
}
