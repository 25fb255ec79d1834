package farglass.desktop.parts;

import farglass.core.naming.Words;
import java.util.List;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Popup;

/**
 * Offers known names that fit what is typed, below the field: Down and Enter take one, a click as well, Escape puts them away. Nothing is
 * chosen beforehand, so that whoever types a new name and presses Enter or Space has just that name. No menu, therefore: it would take the
 * first item with either key.
 */
public final class Suggestions {
    private static final int MOST = 8;
    private static final double ROW = 28;

    private final TextField field;
    private final Node keys;
    private final List<String> known;
    private final boolean several;
    private final ListView<String> list = new ListView<>();
    private final StackPane ground = new StackPane(list);
    private final Popup popup = new Popup();
    private boolean taking;
    private boolean heard;

    /** @param keys hears the keys first: the field, or what it is a part of */
    private Suggestions(TextField field, Node keys, List<String> known, boolean several) {
        this.field = field;
        this.keys = keys;
        this.known = List.copyOf(known);
        this.several = several;
        list.setId("suggestions");
        list.setFocusTraversable(false);
        list.setFixedCellSize(ROW);
        list.setCellFactory(any -> new Cell());
        popup.getContent().add(ground);
        popup.setAutoHide(true);
        popup.setHideOnEscape(false);
        popup.setConsumeAutoHidingEvents(false);
        // Keys come to the popup before they come to a sheet, which the same key would put away.
        popup.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                popup.hide();
                event.consume();
            }
        });
        field.textProperty().addListener((property, old, typed) -> offer(typed));
        keys.addEventFilter(KeyEvent.KEY_PRESSED, this::pressed);
        field.focusedProperty().addListener((property, was, is) -> {
            if (!is) {
                popup.hide();
            }
        });
    }

    /** @param known what may be meant; anything else can be typed as well */
    public static void attach(TextField field, List<String> known) {
        new Suggestions(field, field, known, false);
    }

    /** The same for the field of a choice, which hands its keys on only after it has heard them itself. */
    public static void attach(ComboBox<String> box, List<String> known) {
        new Suggestions(box.getEditor(), box, known, false);
    }

    /** The same for a field with several names, which have commas between them: the one behind the last comma is completed. */
    public static void attachToSeveral(TextField field, List<String> known) {
        new Suggestions(field, field, known, true);
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
        list.getItems().setAll(fitting);
        list.getSelectionModel().clearSelection();
        if (fitting.isEmpty()) {
            popup.hide();
            return;
        }
        dress();
        list.setPrefSize(field.getWidth(), ROW * fitting.size() + 2);
        if (!popup.isShowing()) {
            Bounds at = field.localToScreen(field.getBoundsInLocal());
            popup.show(field, at.getMinX(), at.getMaxY());
            // Keys go to the popup first: the list must not move by them as well.
            ground.requestFocus();
        }
    }

    /** A window of its own takes no looks from the one it belongs to. */
    private void dress() {
        Parent root = field.getScene().getRoot();
        ground.getStylesheets().setAll(root.getStylesheets());
        ground.getStyleClass().setAll(root.getStyleClass());
        ground.getStyleClass().add("suggestions");
        ground.setStyle(root.getStyle());
    }

    /** Any word of a name may be begun. */
    private static boolean fits(String name, String typed) {
        return (" " + Words.plain(name)).contains(" " + Words.plain(typed));
    }

    private void pressed(KeyEvent event) {
        if (keys != field && event.getTarget() == field) {
            // A choice hears a key and then hands a copy of it on to its field: what was heard once is enough.
            if (heard) {
                event.consume();
            }
            return;
        }
        heard = popup.isShowing() && hears(event);
        if (heard) {
            event.consume();
        }
    }

    /** {@return whether the key was for the suggestions} */
    private boolean hears(KeyEvent event) {
        int chosen = list.getSelectionModel().getSelectedIndex();
        int last = list.getItems().size() - 1;
        switch (event.getCode()) {
            case DOWN -> list.getSelectionModel().select(Math.min(last, chosen + 1));
            case UP -> {
                if (chosen <= 0) {
                    list.getSelectionModel().clearSelection();
                } else {
                    list.getSelectionModel().select(chosen - 1);
                }
            }
            case ENTER -> {
                popup.hide();
                if (chosen < 0) {
                    return false;
                }
                take(list.getItems().get(chosen));
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void take(String name) {
        int begin = begin(field.getText());
        taking = true;
        field.setText(field.getText().substring(0, begin) + (begin > 0 ? " " : "") + name);
        taking = false;
        field.end();
        popup.hide();
    }

    private final class Cell extends ListCell<String> {
        Cell() {
            setOnMousePressed(event -> {
                if (getItem() != null) {
                    take(getItem());
                }
            });
        }

        @Override
        protected void updateItem(String name, boolean empty) {
            super.updateItem(name, empty);
            setText(empty ? "" : name);
        }
    }
}
