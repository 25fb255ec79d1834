package farglass.desktop.parts;

import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.input.MouseEvent;

/** Gives the focus back to where it was, once a menu has closed: else the keys of the place below are heard by nobody. */
public final class FocusBack {
    private final MenuButton menu;
    private Node before;

    private FocusBack(MenuButton menu) {
        this.menu = menu;
    }

    /** From now on, for a menu that is opened by the mouse, or by {@link #open}. Who walked to it by the Tab key stays there. */
    public static void after(MenuButton menu) {
        FocusBack back = new FocusBack(menu);
        menu.getProperties().put(FocusBack.class, back);
        menu.addEventFilter(MouseEvent.MOUSE_PRESSED, event -> back.remember());
        menu.showingProperty().addListener((property, was, is) -> {
            if (!is) {
                back.give();
            }
        });
    }

    /** Opens the menu by a key of the window. */
    public static void open(MenuButton menu) {
        if (menu.getProperties().get(FocusBack.class) instanceof FocusBack back) {
            back.remember();
        }
        menu.requestFocus();
        menu.show();
    }

    /** {@return where the focus goes back to from that node: itself, unless it is a menu just opened} */
    static Node behind(Node focused) {
        return focused != null
                        && focused.getProperties().get(FocusBack.class) instanceof FocusBack back
                        && back.before != null
                ? back.before
                : focused;
    }

    private void remember() {
        Node owner = menu.getScene().getFocusOwner();
        before = owner == menu ? before : owner;
    }

    private void give() {
        if (before != null && menu.isFocused()) {
            before.requestFocus();
        }
        before = null;
    }
}
