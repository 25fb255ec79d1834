package farglass.desktop.shell;

import farglass.core.bout.Bout;
import farglass.core.bout.Times;
import farglass.core.rules.Rulesets;
import farglass.desktop.command.Command;
import farglass.desktop.command.Commands;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Settings;
import farglass.desktop.parts.Sheet;
import farglass.desktop.parts.Sheets;
import farglass.desktop.tag.page.ScorePage;
import farglass.desktop.tag.page.TagModel;
import farglass.library.backup.Backups;
import farglass.library.store.LibraryHeader;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Slider;

/** What is done for the window and its library: sheets laid, files chosen, settings kept. */
final class LibraryActions {
    private final Desk desk;
    private final Libraries libraries;
    private final Settings settings;
    private final Choosers choosers;
    private final Sheets sheets;
    private final TagModel tag;
    private final Commands commands;

    LibraryActions(
            Desk desk,
            Libraries libraries,
            Settings settings,
            Choosers choosers,
            Sheets sheets,
            TagModel tag,
            Commands commands) {
        this.desk = desk;
        this.libraries = libraries;
        this.settings = settings;
        this.choosers = choosers;
        this.sheets = sheets;
        this.tag = tag;
        this.commands = commands;
    }

    List<Command> choosing() {
        return WelcomeCommands.choosing(libraries, choosers);
    }

    List<Command> looks() {
        return WelcomeCommands.looks(settings, desk.messages()::fail);
    }

    void anotherWindow() {
        libraries.anotherWindow();
    }

    void close() {
        libraries.closeWindow();
    }

    void backups() {
        sheets.lay(LibrarySheets.backups(desk, libraries));
    }

    /** All that was told; what went wrong is read with it. */
    void messages() {
        sheets.lay(new Sheet("Messages", new MessagesPage(desk.messages())));
        desk.messages().read();
    }

    void help() {
        sheets.lay(new Sheet("Help and keys", new HelpPage(commands)));
    }

    void report() {
        sheets.lay(libraries.report(Optional.of(desk), path -> desk.messages().say("The report was saved as " + path)));
    }

    void recover() {
        LibrarySheets.damageWords(desk.contents().damage())
                .ifPresentOrElse(
                        words -> sheets.lay(LibrarySheets.damaged(
                                desk.library().path(), words, Backups.of(desk.library()), libraries)),
                        () -> desk.messages().say("Nothing is damaged: every bout is as it was written."));
    }

    void copy() {
        choosers.save("Save a copy", "Far Glass libraries", "farglass", "copy" + LibraryHeader.SUFFIX)
                .ifPresent(target -> desk.work()
                        .start(
                                "Saving a copy",
                                (progress, cancelled) -> {
                                    desk.library().copyTo(target);
                                    return target;
                                },
                                saved -> desk.messages().say("A whole copy was saved as " + saved),
                                desk.messages()::fail));
    }

    /** Read off the interface thread's hands: a card of a long bout takes a few milliseconds, its page is laid here. */
    void score() {
        Optional<Bout> bout = tag.open().bout();
        Rulesets rulesets = libraries.rulesets();
        if (bout.isEmpty() || rulesets.named(bout.get().header().ruleset()).isEmpty()) {
            desk.messages()
                    .say(
                            "Open a bout in Tag first; if one is open, its ruleset is not at hand: mend its header (Ctrl+E).");
            return;
        }
        long at = tag.playhead().micros().orElse(Long.MAX_VALUE);
        sheets.lay(new Sheet(
                at == Long.MAX_VALUE ? "The score at the end" : "The score at " + Times.tenths(at),
                new ScorePage(
                        bout.get(),
                        rulesets,
                        desk.lexicon(),
                        tag.open().timeline().orElseThrow(),
                        at)));
    }

    void history() {
        Optional<Bout> bout = tag.open().bout();
        Optional<String> moment = tag.choice().lead();
        if (bout.isEmpty() || moment.isEmpty()) {
            desk.messages().say("Choose a moment in Tag first.");
            return;
        }
        desk.work()
                .start(
                        "Reading the history",
                        (progress, cancelled) ->
                                desk.library().history(bout.get().id(), moment.get()),
                        editions -> sheets.lay(new Sheet(
                                "What was made of this moment", new HistoryPage(editions, bout.get(), desk.lexicon()))),
                        desk.messages()::fail);
    }

    void lag() {
        Slider slider = new Slider(0, 2, settings.lagSecondsProperty().get());
        slider.setMajorTickUnit(0.5);
        slider.setShowTickLabels(true);
        slider.setShowTickMarks(true);
        slider.setPrefWidth(420);
        sheets.lay(new Sheet("Seconds from seeing a thing to typing its first letter", slider).with("Keep", () -> {
            settings.lagSecondsProperty().set(slider.getValue());
            WelcomeCommands.save(settings, desk.messages()::fail);
            return "";
        }));
    }
}
