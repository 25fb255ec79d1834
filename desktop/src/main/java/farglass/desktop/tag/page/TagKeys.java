package farglass.desktop.tag.page;

import farglass.desktop.command.Commands;
import farglass.desktop.command.Where;
import farglass.desktop.tag.screen.DrawingSheet;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.input.KeyEvent;

/**
 * Who hears the keys in Tag. While the line holds text it is written in; on an empty line keys command film, ledger and tide, digits take
 * the picks, what is asked is answered, and any other letter begins a text.
 */
final class TagKeys {
    private final Commands commands;
    private final TagModel model;
    private final DrawingSheet sheet;
    private final TagPage view;

    TagKeys(Commands commands, TagModel model, DrawingSheet sheet, TagPage view) {
        this.commands = commands;
        this.model = model;
        this.sheet = sheet;
        this.view = view;
    }

    private boolean isBlank() {
        return model.line().textProperty().get().isEmpty();
    }

    /** What hears keys now, the one in front first. */
    private List<Where> hearing() {
        if (view.isFinding()) {
            return List.of(Where.FINDING);
        }
        List<Where> hearing = new ArrayList<>();
        if (sheet.penProperty().get().isPresent()) {
            hearing.add(Where.PEN);
        }
        if (isBlank()) {
            if (model.fan().openProperty().get().isPresent()) {
                hearing.add(Where.OUTCOME);
            }
            if (model.passes().questionProperty().get().isPresent()) {
                if (!model.passes().together().isEmpty()) {
                    hearing.add(Where.SEVERAL);
                }
                hearing.add(Where.QUESTION);
            }
            hearing.add(Where.EMPTY_LINE);
        } else {
            hearing.add(Where.WRITTEN_LINE);
        }
        hearing.addAll(List.of(Where.TAG, Where.FILM, Where.MOMENTS));
        return hearing;
    }

    void pressed(KeyEvent event) {
        // Without a bout, the page that says what to do next has the keys.
        if (model.open().bout().isPresent()) {
            commands.hear(event, hearing());
        }
    }

    /** What no command hears on an empty line begins a text. */
    void typed(KeyEvent event) {
        if (view.isFinding() || model.open().bout().isEmpty() || event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        String character = event.getCharacter();
        if (!isBlank()) {
            commands.hear(event, hearing());
            return;
        }
        if (character.isBlank() || character.length() != 1 || Character.isISOControl(character.charAt(0))) {
            event.consume();
            return;
        }
        // What does not answer the question what became of it leaves it open.
        model.fan().leaveUnless(character.charAt(0));
        if (!commands.hear(event, hearing()) && !view.isWriting()) {
            view.begin();
            model.line().textProperty().set(character);
            event.consume();
        }
    }
}
