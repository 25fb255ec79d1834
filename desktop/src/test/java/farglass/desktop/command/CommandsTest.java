package farglass.desktop.command;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.desktop.parts.Hint;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** Who hears a key, and what is said where a thing cannot be done. */
class CommandsTest {
    private final List<String> said = new ArrayList<>();
    private final List<String> used = new ArrayList<>();
    private final List<String> done = new ArrayList<>();
    private final Commands commands = new Commands(said::add, command -> used.add(command.id()));

    @BeforeEach
    void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private Command command(String id, Where where, Key... keys) {
        return Command.of(id, "Do " + id, where, keys).does(() -> done.add(id));
    }

    private static KeyEvent pressed(KeyCode code, boolean control, boolean shift) {
        return new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, shift, control, false, false);
    }

    private static KeyEvent typed(String sign) {
        return new KeyEvent(KeyEvent.KEY_TYPED, sign, "", KeyCode.UNDEFINED, false, false, false, false);
    }

    @Test
    void thePlaceInFrontHearsFirstAndWhatItDoesNotHearGoesOn() {
        commands.add(List.of(
                command("close", Where.LISTING, Key.of(KeyCode.ESCAPE)),
                command("leave", Where.DOSSIER, Key.of(KeyCode.ESCAPE)),
                command("other", Where.SHELF, Key.of(KeyCode.ESCAPE))));
        KeyEvent escape = pressed(KeyCode.ESCAPE, false, false);
        assertThat(commands.hear(escape, List.of(Where.LISTING, Where.DOSSIER))).isTrue();
        assertThat(escape.isConsumed()).isTrue();
        assertThat(commands.hear(pressed(KeyCode.ESCAPE, false, false), List.of(Where.DOSSIER, Where.LISTING)))
                .isTrue();
        assertThat(done).containsExactly("close", "leave");
        KeyEvent enter = pressed(KeyCode.ENTER, false, false);
        assertThat(commands.hear(enter, List.of(Where.LISTING, Where.DOSSIER))).isFalse();
        assertThat(enter.isConsumed()).as("it is left to whoever else hears it").isFalse();
    }

    @Test
    void aButtonTellsItsKeyOnceTheMouseComesByAndToWhoDoesNotSee() {
        commands.add(List.of(command("close", Where.LISTING, Key.of(KeyCode.ESCAPE))));
        CommandButton button = new CommandButton(commands, "close", "Away");
        assertThat(button.getAccessibleHelp()).isEqualTo("Do close: Esc");
        assertThat(button.getTooltip()).as("a window in waiting").isNull();
        button.fireEvent(new MouseEvent(
                MouseEvent.MOUSE_MOVED,
                1,
                1,
                1,
                1,
                MouseButton.NONE,
                0,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                false,
                null));
        assertThat(button.getTooltip().getText()).isEqualTo("Do close: Esc");
        Hint.put(button, "");
        assertThat(button.getTooltip()).isNull();
        assertThat(button.getAccessibleHelp()).isNull();
    }

    @Test
    void exactlyTheKeysHeldAreMeant() {
        commands.add(List.of(
                command("plain", Where.TAG, Key.of(KeyCode.B)),
                command("held", Where.TAG, Key.ctrl(KeyCode.B)),
                command("both", Where.TAG, Key.ctrlShift(KeyCode.B))));
        commands.hear(pressed(KeyCode.B, true, true), List.of(Where.TAG));
        commands.hear(pressed(KeyCode.B, false, false), List.of(Where.TAG));
        commands.hear(pressed(KeyCode.B, true, false), List.of(Where.TAG));
        assertThat(commands.hear(pressed(KeyCode.B, false, true), List.of(Where.TAG)))
                .isFalse();
        assertThat(done).containsExactly("both", "plain", "held");
    }

    @Test
    void aSignIsHeardAsItIsTypedAndToldWhichOneItWas() {
        List<Integer> numbers = new ArrayList<>();
        commands.add(List.of(Command.of("pick", "Pick", Where.TAG)
                .keys(Key.signs("123"))
                .whenKey(number -> number != 1)
                .doesKey(numbers::add)));
        commands.hear(typed("3"), List.of(Where.TAG));
        assertThat(commands.hear(typed("2"), List.of(Where.TAG)))
                .as("not heard now")
                .isFalse();
        commands.hear(typed("1"), List.of(Where.TAG));
        assertThat(commands.hear(pressed(KeyCode.DIGIT1, false, false), List.of(Where.TAG)))
                .as("the key that types it is not the sign")
                .isFalse();
        assertThat(numbers).containsExactly(2, 0);
    }

    @Test
    void whatCannotBeDoneSaysTheFirstReasonAndIsNotCounted() {
        boolean[] open = {false};
        commands.add(List.of(command("cut", Where.TAG, Key.of(KeyCode.X))
                .needs(() -> false, "No moment is chosen")
                .firstNeeds(() -> open[0], "No bout is open")));
        assertThat(commands.hear(pressed(KeyCode.X, false, false), List.of(Where.TAG)))
                .as("the key is heard, and nobody else does something by it")
                .isTrue();
        open[0] = true;
        commands.run(commands.command("cut"));
        assertThat(said).containsExactly("No bout is open.", "No moment is chosen.");
        assertThat(done).isEmpty();
        assertThat(used).isEmpty();
    }

    @Test
    void whatIsDoneIsCountedOnce() {
        commands.add(List.of(command("mark", Where.TAG, Key.of(KeyCode.M))));
        commands.hear(pressed(KeyCode.M, false, false), List.of(Where.TAG));
        commands.run(commands.command("mark"));
        assertThat(used).containsExactly("mark", "mark");
    }

    @Test
    void namesAreTakenOnceAndKeysThatClashAreTold() {
        commands.add(List.of(
                command("one", Where.TAG, Key.of(KeyCode.M), Key.sign('?')),
                command("two", Where.TAG, Key.sign('?')),
                command("far", Where.SHELF, Key.of(KeyCode.M)),
                command("all", Where.EVERYWHERE, Key.of(KeyCode.M))));
        assertThatThrownBy(() -> commands.add(List.of(command("one", Where.SHELF))))
                .hasMessageContaining("Two commands are called one");
        assertThatThrownBy(() -> commands.command("none")).hasMessageContaining("No command is called none");
        assertThat(commands.clashes()).contains("?: one, two").doesNotContain("M: one, far");
    }

    @Test
    void keysAreToldAsPeopleReadThem() {
        assertThat(command("a", Where.TAG, Key.ctrlShift(KeyCode.T)).keyWords()).endsWith("Shift+T");
        assertThat(command("a", Where.TAG, Key.of(KeyCode.F5), Key.sign('x')).keyWords())
                .isEqualTo("F5 or X");
        assertThat(Command.of("a", "A", Where.TAG).keys(Key.signs("123456789")).keyWords())
                .isEqualTo("1 \u2026 9");
        assertThat(Command.of("a", "A", Where.TAG)
                        .keys(Key.signs("abcdefghijkl"))
                        .keyWords())
                .isEqualTo("letters");
        assertThat(Command.of("a", "A", Where.TAG).keyWords()).isEmpty();
        assertThat(Command.of("a", "A", Where.TAG).hindrance().get()).isEqualTo(Optional.empty());
    }
}
