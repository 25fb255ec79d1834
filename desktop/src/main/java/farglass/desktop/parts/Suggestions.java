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
    private final boolean several;
    private boolean taking;

    private Suggestions(TextField field, List<String> known, boolean several) {
        this.several = several;
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
        new Suggestions(field, known, false);
    }

    /** The same for a field with several names, which have commas between them: the one behind the last comma is completed. */
    public static void attachToSeveral(TextField field, List<String> known) {
        new Suggestions(field, known, true);
    }

    private int begin(String typed) {
        return several ? typed.lastIndexOf(',') + 1 : 0;
    }

    private void offer(String all) {
        String typed = all == null ? "" : all.substring(begin(all)).strip();
        List<String> fitting = typed.isEmpty() || taking || !field.isFocused()
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
            int begin = begin(field.getText());
            taking = true;
            field.setText(field.getText().substring(0, begin) + (begin > 0 ? " " : "") + name);
            taking = false;
            field.end();
        });
        return item;
    }
}
