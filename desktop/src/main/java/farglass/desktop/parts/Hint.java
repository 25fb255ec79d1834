package farglass.desktop.parts;

import javafx.scene.control.Control;
import javafx.scene.control.Tooltip;

/**
 * A sentence shown where the mouse rests. Each of the toolkit's own is a window in waiting, and most are never looked at: it is made
 * when the mouse first comes by.
 */
public final class Hint {
    private Hint() {}

    /** Gives a control its hint, in the place of the one it had. @param words empty for none */
    public static void put(Control control, String words) {
        control.setTooltip(null);
        control.setAccessibleHelp(words.isEmpty() ? null : words);
        control.setOnMouseMoved(
                words.isEmpty()
                        ? null
                        : event -> {
                            if (control.getTooltip() == null) {
                                control.setTooltip(new Tooltip(words));
                            }
                        });
    }
}
