package farglass.desktop.parts;

import javafx.beans.binding.Bindings;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/**
 * An item of a menu with its key in a column of its own. The key is only told: who hears it is the place, which knows whether a line is
 * being written.
 */
public final class KeyedItem extends CustomMenuItem {
    /** @param key as people read it, such as "Ctrl+B"; may be empty */
    public KeyedItem(String words, String key, Runnable doing) {
        super(line(words, key));
        getStyleClass().add("keyed-item");
        setMnemonicParsing(false);
        setText(words);
        setOnAction(event -> doing.run());
    }

    private static HBox line(String words, String key) {
        Label what = new Label(words);
        Label keys = new Label(key);
        keys.getStyleClass().add("quiet");
        Region between = new Region();
        between.setMinWidth(28);
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox line = new HBox(what, between, keys);
        line.parentProperty().addListener((property, old, item) -> {
            if (item instanceof Region known) {
                // As wide as the menu has become for its longest item: so the keys stand below one another.
                line.prefWidthProperty()
                        .bind(Bindings.createDoubleBinding(
                                () -> known.getWidth() == 0
                                        ? Region.USE_COMPUTED_SIZE
                                        : known.getWidth() - known.snappedLeftInset() - known.snappedRightInset(),
                                known.widthProperty(),
                                known.insetsProperty()));
            }
        });
        return line;
    }

    /** {@return this item, its words below those of items that can be ticked} */
    public KeyedItem indented() {
        getContent().getStyleClass().add("indented");
        return this;
    }
}
