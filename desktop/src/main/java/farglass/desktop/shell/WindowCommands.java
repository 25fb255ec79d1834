package farglass.desktop.shell;

import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DIGIT4;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.F2;
import static javafx.scene.input.KeyCode.F3;
import static javafx.scene.input.KeyCode.F9;
import static javafx.scene.input.KeyCode.H;
import static javafx.scene.input.KeyCode.K;
import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.R;
import static javafx.scene.input.KeyCode.S;
import static javafx.scene.input.KeyCode.Y;
import static javafx.scene.input.KeyCode.Z;

import farglass.core.bout.Bout;
import farglass.core.rules.Rulesets;
import farglass.desktop.command.Command;
import farglass.desktop.command.Key;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.desktop.go.GoTo;
import farglass.desktop.parts.Sheets;
import farglass.desktop.shelf.Intake;
import farglass.desktop.tag.page.TagModel;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.input.KeyCombination;

/** What one does with the window and its library, in whatever place. */
final class WindowCommands {
    private static final String OPEN_A_BOUT = "Open a bout in Tag first";

    private final Desk desk;
    private final Sheets sheets;
    private final Intake intake;
    private final TagModel tag;
    private final LibraryActions errands;
    private final Supplier<Rulesets> rulesets;

    WindowCommands(
            Desk desk,
            Sheets sheets,
            Intake intake,
            TagModel tag,
            LibraryActions errands,
            Supplier<Rulesets> rulesets) {
        this.rulesets = rulesets;
        this.desk = desk;
        this.sheets = sheets;
        this.intake = intake;
        this.tag = tag;
        this.errands = errands;
    }

    /**
     * {@return all of them}
     *
     * @param isTyping whether a field holds text, in which undo is the field's own
     * @param study opens the choice of the study
     */
    List<Command> all(BooleanSupplier isTyping, Runnable study, Runnable goTo) {
        return Stream.of(going(study, goTo), undoing(isTyping), bout(), beginning(), library(), window())
                .flatMap(List::stream)
                .toList();
    }

    private List<Command> going(Runnable study, Runnable goTo) {
        return List.of(
                Command.of(GoTo.HERE, "Go to\u2026", Where.EVERYWHERE, Key.of(F9))
                        .does(goTo),
                place(Place.SHELF, Key.ctrl(DIGIT1)),
                place(Place.TAG, Key.ctrl(DIGIT2)),
                place(Place.DOSSIER, Key.ctrl(DIGIT3)),
                place(Place.PLAN, Key.ctrl(DIGIT4)),
                place(Place.LEXICON, Key.of(F3)),
                Command.of("study", "Another study or camp", Where.EVERYWHERE, Key.of(F2))
                        .also("then its digit")
                        .does(study));
    }

    private Command place(Place place, Key key) {
        return Command.of(
                        "place-" + place.label().toLowerCase(java.util.Locale.ROOT),
                        place.label(),
                        Where.EVERYWHERE,
                        key)
                .does(() -> desk.navigation().placeProperty().set(place));
    }

    private List<Command> undoing(BooleanSupplier isTyping) {
        return List.of(
                Command.of("undo", "Undo", Where.EVERYWHERE, Key.ctrl(Z))
                        .also("also after a restart")
                        .when(() -> !isTyping.getAsBoolean())
                        .needs(() -> !desk.nextUndoProperty().get().isEmpty(), "There is nothing to undo")
                        .does(desk::undo),
                Command.of("redo", "Redo", Where.EVERYWHERE, Key.ctrl(Y), Key.ctrlShift(Z))
                        .when(() -> !isTyping.getAsBoolean())
                        .needs(() -> !desk.nextRedoProperty().get().isEmpty(), "There is nothing to redo")
                        .does(desk::redo));
    }

    private List<Command> bout() {
        return List.of(
                read(Command.of("bout-by-hand", "New bout by hand\u2026", Where.EVERYWHERE))
                        .does(intake::byHand),
                withBout("header", "Header of the open bout\u2026", intake::editHeader, Key.ctrl(E)),
                withBout("text", "The open bout as text\u2026", intake::editText, Key.ctrlShift(E)),
                read(Command.of("history", "History of the chosen moment\u2026", Where.EVERYWHERE, Key.ctrl(H)))
                        .needs(
                                () -> tag.open().bout().isPresent()
                                        && tag.choice().lead().isPresent(),
                                "Choose a moment in Tag first")
                        .does(errands::history),
                withBout("score", "Score by the rules, up to here\u2026", bout -> errands.score(), Key.ctrl(R)));
    }

    private Command withBout(String id, String words, Consumer<Bout> doing, Key key) {
        return read(Command.of(id, words, Where.EVERYWHERE, key))
                .needs(() -> tag.open().bout().isPresent(), OPEN_A_BOUT)
                .does(() -> tag.open().bout().ifPresent(doing));
    }

    /** Waits until all that the library holds is read. */
    private Command read(Command command) {
        return command.needs(() -> !desk.arrivingProperty().get(), "The bouts are still being read");
    }

    private List<Command> beginning() {
        return List.of(
                read(Command.of("new-athlete", "New athlete\u2026", Where.EVERYWHERE))
                        .does(() -> sheets.lay(StudySheets.athlete(desk))),
                read(Command.of("new-study", "New study\u2026", Where.EVERYWHERE))
                        .does(() -> sheets.lay(StudySheets.study(desk))),
                read(Command.of("new-camp", "New camp\u2026", Where.EVERYWHERE, Key.ctrl(K)))
                        .does(() -> sheets.lay(StudySheets.camp(desk, rulesets))));
    }

    private List<Command> library() {
        List<Command> others = List.of(
                Command.of(
                                "another-window",
                                "Another window",
                                Where.EVERYWHERE,
                                Key.of(N, KeyCombination.SHORTCUT_DOWN, KeyCombination.ALT_DOWN))
                        .does(errands::anotherWindow),
                read(Command.of("copy", "Save a copy\u2026", Where.EVERYWHERE, Key.ctrlShift(S)))
                        .does(errands::copy),
                read(Command.of("backups", "Backups\u2026", Where.EVERYWHERE)).does(errands::backups),
                read(Command.of("recover", "Recover\u2026", Where.EVERYWHERE)).does(errands::recover));
        return Stream.concat(errands.choosing().stream(), others.stream()).toList();
    }

    private List<Command> window() {
        List<Command> others = List.of(
                Command.of("lag", "Lag of typing\u2026", Where.EVERYWHERE).does(errands::lag),
                Command.of("messages", "Messages\u2026", Where.EVERYWHERE, Key.ctrlShift(M))
                        .also("all that was told here, also what went wrong")
                        .does(errands::messages));
        return Stream.of(
                        errands.looks(),
                        others,
                        WelcomeCommands.leaving(errands::help, errands::report, errands::close))
                .flatMap(List::stream)
                .toList();
    }
}
