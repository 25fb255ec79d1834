package farglass.desktop.command;

import farglass.desktop.parts.Hint;
import javafx.scene.control.Button;

/** A command as a button, with a shorter word where it needs one; what it does in full, and its key, stand in the tooltip. */
public final class CommandButton extends Button {
    /** Shows that command under these words. */
    public CommandButton(Commands commands, String id, String words) {
        super(words);
        Command command = commands.command(id);
        setMnemonicParsing(false);
        setOnAction(event -> commands.run(command));
        String keys = command.keyWords();
        boolean same = words.equals(command.words());
        if (!same || !keys.isEmpty()) {
            Hint.put(this, same ? keys : command.inFull() + (keys.isEmpty() ? "" : ": " + keys));
        }
    }
}
