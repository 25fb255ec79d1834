package farglass.desktop.parts;

import farglass.core.lexicon.Words;
import java.util.List;
import javafx.geometry.Side;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;

/** Offers known names that fit what is typed, below the field: Down and Enter take one, Escape puts them away. */
public final class Suggestions {
    private static final int MOST = 8;

    private final TextField field;
    private final List<String> known;
    private final ContextMenu menu = new ContextMenu();
    private boolean taking;

    private Suggestions(TextField field, List<String> known) {
        this.field = field;
        this.known = List.copyOf(known);
        menu.setId("suggestions");
        field.textProperty().addListener((property, old, typed) -> offer(typed));
        field.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                menu.hide();
            }
        });
    }

    /** @param known what may be meant; anything else can be typed as well */
    public static void attach(TextField field, List<String> known) {
        new Suggestions(field, known);
    }

    private void offer(String typed) {
        List<String> fitting = typed == null || typed.isBlank() || taking || !field.isFocused()
                ? List.of()
                : known.stream()
                        .filter(name -> fits(name, typed) && !name.equals(typed))
                        .limit(MOST)
                        .toList();
        menu.getItems().setAll(fitting.stream().map(this::item).toList());
        if (fitting.isEmpty()) {
            menu.hide();
        } else if (!menu.isShowing()) {
            menu.setMinWidth(field.getWidth());
            menu.show(field, Side.BOTTOM, 0, 0);
        }
    }

    /** Any word of a name may be begun. */
    private static boolean fits(String name, String typed) {
        return (" " + Words.plain(name)).contains(" " + Words.plain(typed));
    }

    private MenuItem item(String name) {
        MenuItem item = new MenuItem(name);
        item.setMnemonicParsing(false);
        item.setOnAction(event -> {
            taking = true;
            field.setText(name);
            taking = false;
            field.positionCaret(name.length());
        });
        return item;
    }
}
