package farglass.desktop.shell;

import farglass.desktop.command.CommandItem;
import farglass.desktop.command.Commands;
import farglass.desktop.desk.Desk;
import farglass.desktop.parts.FocusBack;
import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;

/** The menu at the right of the header: undo and redo, the open bout, athletes and studies, the library file, looks and help. */
final class LibraryMenu extends MenuButton {
    private static final int LONGEST = 34;

    private final Commands commands;

    LibraryMenu(Desk desk, Commands commands) {
        super("Library");
        this.commands = commands;
        setId("library-menu");
        getStyleClass().add("library-menu");
        FocusBack.after(this);
        add("undo", "redo");
        tellWhat(getItems().get(0), "Undo", desk.nextUndoProperty());
        tellWhat(getItems().get(1), "Redo", desk.nextRedoProperty());
        getItems().add(new SeparatorMenuItem());
        add("bout-by-hand", "header", "text", "history", "score");
        getItems().add(new SeparatorMenuItem());
        add("new-athlete", "new-study", "new-camp");
        getItems().add(new SeparatorMenuItem());
        add("new-library", "open-library", "another-window", "copy", "backups", "recover");
        getItems().add(new SeparatorMenuItem());
        Menu look = new Menu("Look and lag");
        Stream.of("dark", "text-100", "text-125", "text-150", "lag")
                .map(this::item)
                .forEach(look.getItems()::add);
        getItems().add(look);
        add("messages", "help", "report", "close");
    }

    private void add(String... ids) {
        Stream.of(ids).map(this::item).forEach(getItems()::add);
    }

    private MenuItem item(String id) {
        return new CommandItem(commands, id);
    }

    /** What would be undone is named, as far as there is room for it. */
    private static void tellWhat(MenuItem item, String word, ReadOnlyStringProperty what) {
        item.textProperty()
                .bind(Bindings.createStringBinding(
                        () -> what.get().isEmpty()
                                ? word
                                : word + ": "
                                        + (what.get().length() > LONGEST
                                                ? what.get().substring(0, LONGEST) + "\u2026"
                                                : what.get()),
                        what));
    }
}
