package farglass.desktop.parts;

import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.StackPane;

/** Where sheets are laid: over the whole window, one at a time. */
public final class Sheets extends StackPane {
    private final Node below;
    private Node focusBefore;
    private Runnable otherwise = () -> {};

    /** @param below what is covered, and cannot be reached while a sheet lies over it */
    public Sheets(Node below) {
        this.below = below;
        getStyleClass().add("sheets");
        setVisible(false);
    }

    public void lay(Sheet sheet) {
        focusBefore = isVisible() || getScene() == null
                ? focusBefore
                : FocusBack.behind(getScene().getFocusOwner());
        sheet.setAway(this::clear);
        getChildren().setAll(sheet);
        below.setDisable(true);
        setVisible(true);
        // Only once the sheet is laid out can one of its fields take the focus.
        Platform.runLater(() -> focusFirst(sheet));
    }

    private static void focusFirst(Sheet sheet) {
        sheet.applyCss();
        sheet.lookupAll("*").stream()
                .filter(node -> node instanceof TextInputControl || node instanceof ComboBoxBase<?>)
                .filter(node -> node.isFocusTraversable() && !node.isDisabled())
                .findFirst()
                .or(() -> sheet.lookupAll(".button").stream()
                        .filter(node -> node instanceof Button button && button.isDefaultButton())
                        .findFirst())
                .ifPresent(Node::requestFocus);
    }

    private void clear() {
        getChildren().clear();
        setVisible(false);
        below.setDisable(false);
        Optional.ofNullable(focusBefore)
                .flatMap(this::asItStandsNow)
                .filter(Sheets::isSeen)
                .ifPresentOrElse(Node::requestFocus, otherwise);
    }

    /** What the sheet changed may have been written anew meanwhile, and the whole page may be gone with its library. */
    private Optional<Node> asItStandsNow(Node before) {
        return isSeen(before) || getScene() == null
                ? Optional.of(before)
                : SameAgain.of(before, getScene().getRoot());
    }

    /** What to do when a sheet is put away and what had the keys before is not there any more. */
    public void setOtherwise(Runnable doing) {
        otherwise = doing;
    }

    private static boolean isSeen(Node node) {
        if (node.getScene() == null) {
            return false;
        }
        for (Node each = node; each != null; each = each.getParent()) {
            if (!each.isVisible()) {
                return false;
            }
        }
        return true;
    }

    public boolean isLaid() {
        return isVisible();
    }
}
