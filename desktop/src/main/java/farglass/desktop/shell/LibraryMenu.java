package farglass.desktop.shell;

import farglass.core.bout.Bout;
import farglass.core.bout.Times;
import farglass.core.rules.Rulesets;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Settings;
import farglass.desktop.parts.FocusBack;
import farglass.desktop.parts.Sheet;
import farglass.desktop.parts.Sheets;
import farglass.desktop.shelf.Intake;
import farglass.desktop.tag.ScorePage;
import farglass.desktop.tag.TagModel;
import farglass.library.Library;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import javafx.beans.binding.Bindings;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCombination;

/** Everything about the library that belongs to no place. */
final class LibraryMenu extends MenuButton {
    private static final int LONGEST = 34;

    private final Sheets sheets;
    private final Settings settings;
    private final Rulesets rulesets;
    private final Desk desk;

    LibraryMenu(
            Desk desk,
            Workbench workbench,
            Settings settings,
            Choosers choosers,
            Sheets sheets,
            Intake intake,
            TagModel tag,
            Rulesets rulesets) {
        super("Library");
        this.sheets = sheets;
        this.settings = settings;
        this.desk = desk;
        this.rulesets = rulesets;
        setId("library-menu");
        getStyleClass().add("library-menu");
        FocusBack.after(this);
        MenuItem undo = item("Undo", "Shortcut+Z", desk::undo);
        tellWhat(undo, "Undo", desk.nextUndoProperty());
        MenuItem redo = item("Redo", "Shortcut+Y", desk::redo);
        tellWhat(redo, "Redo", desk.nextRedoProperty());
        getItems()
                .addAll(
                        item("New bout by hand\u2026", "", intake::byHand),
                        item("Header of the open bout\u2026", "Shortcut+E", () -> tag.boutProperty()
                                .get()
                                .ifPresentOrElse(intake::editHeader, () -> desk.say("Open a bout in Tag first."))),
                        item("The open bout as text\u2026", "Shortcut+Shift+E", () -> tag.boutProperty()
                                .get()
                                .ifPresentOrElse(intake::editText, () -> desk.say("Open a bout in Tag first."))),
                        item("History of the chosen moment\u2026", "Shortcut+H", () -> history(tag)),
                        item("Score by the rules, up to here\u2026", "Shortcut+R", () -> score(tag)),
                        new SeparatorMenuItem(),
                        item("New athlete\u2026", "", () -> sheets.lay(StudySheets.athlete(desk))),
                        item("New study\u2026", "", () -> sheets.lay(StudySheets.study(desk))),
                        item("New camp\u2026", "Shortcut+K", () -> sheets.lay(StudySheets.camp(desk))),
                        new SeparatorMenuItem(),
                        item("New library\u2026", "Shortcut+N", () -> choosers.save(
                                        "New library", "Far Glass libraries", "farglass", "matches" + Library.SUFFIX)
                                .ifPresent(workbench::create)),
                        item(
                                "Open a library\u2026",
                                "Shortcut+O",
                                () ->
                                        choosers
                                                .open("Open a library", "Far Glass libraries", List.of("farglass"))
                                                .stream()
                                                .findFirst()
                                                .ifPresent(workbench::open)),
                        item("Another window", "Shortcut+Alt+N", workbench::anotherWindow),
                        item("Save a copy\u2026", "Shortcut+Shift+S", () -> copy(choosers)),
                        item("Backups\u2026", "", () -> sheets.lay(LibrarySheets.backups(desk, workbench))),
                        item("Recover\u2026", "", () -> recover(workbench)),
                        new SeparatorMenuItem(),
                        undo,
                        redo,
                        new SeparatorMenuItem(),
                        appearance(),
                        item("Messages\u2026", "Shortcut+Shift+M", () -> workbench
                                .shell()
                                .ifPresent(Shell::showMessages)),
                        item("Help and keys", "F1", this::help),
                        item("Report a problem\u2026", "", () -> report(workbench)),
                        item("Close the window", Workbench.CLOSE.getName(), () -> getScene()
                                .getWindow()
                                .hide()));
    }

    private void report(Workbench workbench) {
        sheets.lay(workbench.report(Optional.of(desk), path -> desk.say("The report was saved as " + path)));
    }

    private void recover(Workbench workbench) {
        LibrarySheets.damageWords(desk.contents().damage())
                .ifPresentOrElse(
                        words -> sheets.lay(LibrarySheets.damaged(
                                desk.library().path(), words, desk.library().backups(), workbench)),
                        () -> desk.say("Nothing is damaged: every bout is as it was written."));
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
        item.disableProperty().bind(what.isEmpty());
    }

    private static MenuItem item(String label, String key, Runnable doing) {
        MenuItem item = new MenuItem(label);
        item.setMnemonicParsing(false);
        item.setOnAction(event -> doing.run());
        if (!key.isEmpty()) {
            item.setAccelerator(KeyCombination.valueOf(key));
        }
        return item;
    }

    private void copy(Choosers choosers) {
        choosers.save("Save a copy", "Far Glass libraries", "farglass", "copy" + Library.SUFFIX)
                .ifPresent(target -> desk.work()
                        .start(
                                "Saving a copy",
                                (progress, cancelled) -> {
                                    desk.library().copyTo(target);
                                    return target;
                                },
                                saved -> desk.say("A whole copy was saved as " + saved),
                                desk::fail));
    }

    private Menu appearance() {
        Menu menu = new Menu("Look and lag");
        CheckMenuItem dark = new CheckMenuItem("Film room (dark)");
        dark.setAccelerator(KeyCombination.valueOf("Shortcut+L"));
        dark.selectedProperty().bindBidirectional(settings.darkProperty());
        dark.selectedProperty().addListener(change -> save());
        menu.getItems().add(dark);
        for (int percent : new int[] {100, 125, 150}) {
            menu.getItems().add(item("Text at %d %%".formatted(percent), "", () -> {
                settings.textPercentProperty().set(percent);
                save();
            }));
        }
        menu.getItems().add(item("Lag of typing\u2026", "", this::lag));
        return menu;
    }

    /** Read off the interface thread's hands: a card of a long bout takes a few milliseconds, its page is laid here. */
    private void score(TagModel tag) {
        Optional<Bout> bout = tag.boutProperty().get();
        if (bout.isEmpty() || rulesets.named(bout.get().header().ruleset()).isEmpty()) {
            desk.say("Open a bout in Tag first; if one is open, its ruleset is not at hand: mend its header (Ctrl+E).");
            return;
        }
        long at = tag.boutMicros().orElse(Long.MAX_VALUE);
        sheets.lay(new Sheet(
                at == Long.MAX_VALUE ? "The score at the end" : "The score at " + Times.tenths(at),
                new ScorePage(
                        bout.get(), rulesets, desk.lexicon(), tag.timeline().orElseThrow(), at)));
    }

    private void history(TagModel tag) {
        Optional<Bout> bout = tag.boutProperty().get();
        Optional<String> moment = tag.selectedProperty().get();
        if (bout.isEmpty() || moment.isEmpty()) {
            desk.say("Choose a moment in Tag first.");
            return;
        }
        desk.work()
                .start(
                        "Reading the history",
                        (progress, cancelled) ->
                                desk.library().history(bout.get().id(), moment.get()),
                        editions -> sheets.lay(new Sheet(
                                "What was made of this moment", new HistoryPage(editions, bout.get(), desk.lexicon()))),
                        desk::fail);
    }

    private void lag() {
        Slider slider = new Slider(0, 2, settings.lagSecondsProperty().get());
        slider.setMajorTickUnit(0.5);
        slider.setShowTickLabels(true);
        slider.setShowTickMarks(true);
        slider.setPrefWidth(420);
        sheets.lay(new Sheet("Seconds from seeing a thing to typing its first letter", slider).with("Keep", () -> {
            settings.lagSecondsProperty().set(slider.getValue());
            save();
            return "";
        }));
    }

    private void save() {
        try {
            settings.save();
        } catch (IOException e) {
            desk.fail("This setting holds until you close the window; it could not be written: " + e.getMessage());
        }
    }

    void help() {
        sheets.lay(new Sheet("Help and keys", new HelpPage()));
    }
}
