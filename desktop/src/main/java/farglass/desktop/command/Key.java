package farglass.desktop.command;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCodeCombination;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/**
 * One key that a command hears: a key with exactly these others held, such as Ctrl+B or F5, or a sign as it is typed, wherever the keyboard
 * has it, such as a question mark.
 */
public final class Key {
    private static final String CONTROL = System.getProperty("os.name", "").startsWith("Mac") ? "Cmd+" : "Ctrl+";

    private final KeyCodeCombination pressed;
    private final char sign;

    private Key(KeyCodeCombination pressed, char sign) {
        this.pressed = pressed;
        this.sign = sign;
    }

    /** {@return the key of that code, with these held} */
    public static Key of(KeyCode code, KeyCombination.Modifier... held) {
        return new Key(new KeyCodeCombination(code, held), '\0');
    }

    /** {@return that key with Ctrl held, or with what stands in its place} */
    public static Key ctrl(KeyCode code) {
        return of(code, KeyCombination.SHORTCUT_DOWN);
    }

    /** {@return that key with Ctrl and Shift held} */
    public static Key ctrlShift(KeyCode code) {
        return of(code, KeyCombination.SHORTCUT_DOWN, KeyCombination.SHIFT_DOWN);
    }

    /** {@return that key with Shift held} */
    public static Key shift(KeyCode code) {
        return of(code, KeyCombination.SHIFT_DOWN);
    }

    /** {@return that key with Alt held} */
    public static Key alt(KeyCode code) {
        return of(code, KeyCombination.ALT_DOWN);
    }

    /** {@return the sign as it is typed} */
    public static Key sign(char sign) {
        return new Key(null, sign);
    }

    /** {@return each of these signs, in their order} */
    public static List<Key> signs(String signs) {
        List<Key> keys = new ArrayList<>();
        signs.chars().forEach(each -> keys.add(sign((char) each)));
        return keys;
    }

    /** {@return whether the event is that key} */
    public boolean isHeardIn(KeyEvent event) {
        if (pressed == null) {
            return event.getEventType() == KeyEvent.KEY_TYPED
                    && event.getCharacter().equals(String.valueOf(sign));
        }
        return event.getEventType() == KeyEvent.KEY_PRESSED && pressed.match(event);
    }

    /** {@return whether it is a sign, and no key with others held} */
    public boolean isSign() {
        return pressed == null;
    }

    /** {@return the sign as it is typed; what the key is called, where it is none} */
    public String sign() {
        return isSign() ? String.valueOf(sign) : pressed.getCode().getName();
    }

    /** {@return the code of the key; of a sign none} */
    public KeyCode code() {
        return isSign() ? KeyCode.UNDEFINED : pressed.getCode();
    }

    /** {@return whether Ctrl, or what stands in its place, is held} */
    public boolean isWithCtrl() {
        return !isSign() && pressed.getShortcut() == KeyCombination.ModifierValue.DOWN;
    }

    /** {@return whether Shift is held} */
    public boolean isWithShift() {
        return !isSign() && pressed.getShift() == KeyCombination.ModifierValue.DOWN;
    }

    /** {@return whether Alt is held} */
    public boolean isWithAlt() {
        return !isSign() && pressed.getAlt() == KeyCombination.ModifierValue.DOWN;
    }

    /** {@return as people read it: "Ctrl+Shift+T", "Page Up", "?"} */
    public String words() {
        if (isSign()) {
            return String.valueOf(sign).toUpperCase(java.util.Locale.ROOT);
        }
        return (isWithCtrl() ? CONTROL : "")
                + (isWithAlt() ? "Alt+" : "")
                + (isWithShift() ? "Shift+" : "")
                + pressed.getCode().getName();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Key key && Objects.equals(pressed, key.pressed) && sign == key.sign;
    }

    @Override
    public int hashCode() {
        return Objects.hash(pressed, sign);
    }

    @Override
    public String toString() {
        return words();
    }
}
