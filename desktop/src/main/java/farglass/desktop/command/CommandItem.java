package farglass.desktop.command;

import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.scene.control.ContextMenu;
import javafx.scene.control.CustomMenuItem;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.stage.WindowEvent;

/**
 * A command in a menu, with its key in a column of its own; where it cannot be done now, the reason stands there instead. The key is only
 * told: who hears it is the place, which knows whether a line is being written.
 */
public final class CommandItem extends CustomMenuItem {
    private final Label what = new Label();
    private final Label keys = new Label();
    private final Command command;

    /** Shows that command, in its own words. */
    public CommandItem(Commands commands, String id) {
        this.command = commands.command(id);
        setContent(line());
        getStyleClass().add("keyed-item");
        setMnemonicParsing(false);
        what.textProperty().bind(textProperty());
        setText(command.words());
        keys.getStyleClass().add("quiet");
        renew();
        setOnAction(event -> commands.run(command));
        parentPopupProperty().addListener((property, old, menu) -> {
            if (menu != null) {
                menu.addEventHandler(WindowEvent.WINDOW_SHOWING, event -> renew());
                menu.addEventFilter(KeyEvent.KEY_PRESSED, event -> leave(menu, event));
            }
        });
    }

    /** The menu alone hears this: the place below would else put away what was chosen, too. */
    private static void leave(ContextMenu menu, KeyEvent event) {
        if (event.getCode() == KeyCode.ESCAPE && !event.isConsumed()) {
            menu.hide();
            event.consume();
        }
    }

    private void renew() {
        Optional<String> hindrance = command.hindrance().get();
        keys.setText(hindrance.orElse(command.keyWords()));
        what.getStyleClass().remove("hindered");
        if (hindrance.isPresent()) {
            what.getStyleClass().add("hindered");
        }
    }

    private HBox line() {
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
    public CommandItem indented() {
        getContent().getStyleClass().add("indented");
        return this;
    }
}
