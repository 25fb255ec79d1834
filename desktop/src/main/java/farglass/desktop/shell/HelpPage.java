package farglass.desktop.shell;

import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** What one does here, and every key. */
final class HelpPage extends VBox {
    private static final String[][] KEYS = {
        {"Everywhere", ""},
        {"Ctrl+1 \u2026 Ctrl+4", "Shelf, Tag, Dossier, Plan"},
        {"F3", "the Lexicon: what a word means, and words of your own"},
        {"Ctrl+Shift+E, Ctrl+H", "the open bout as text; the history of the chosen moment"},
        {"Ctrl+R", "the score by the rules at this frame of the open bout"},
        {"F2, then a digit", "another study or camp"},
        {"Ctrl+Z, Ctrl+Y", "undo, redo (also after a restart)"},
        {"Ctrl+K, Ctrl+E", "new camp, header of the open bout"},
        {"Ctrl+L", "film room (dark), and back"},
        {"Shelf", ""},
        {"Up, Down, Enter", "choose a bout, open it in Tag"},
        {"Delete", "remove the bout (Ctrl+Z brings it back)"},
        {"Tag, on an empty line", ""},
        {"Space", "play, pause"},
        {"Left, Right", "one frame back, on; with Shift five seconds"},
        {"[  and  ]", "slower, faster"},
        {"1 \u2026 9", "save the likely next moment of that number"},
        {"Up, Down", "choose a moment; Enter changes it, Delete removes it"},
        {"Ctrl+T", "the chosen moment happened at this frame"},
        {"Ctrl+B", "the bout begins at this frame"},
        {"Ctrl+D", "the story was watched up to here"},
        {"Tag, once the line holds text", ""},
        {"Tab, Enter, Escape", "finish the word, save the moment, empty the line"},
        {"a \u2026, b \u2026, or a name", "who did it: a knee cut left nearly knee"},
        {"a mount, b half guard", "who has that position, or plays that guard"},
        {"+3, adv, pen", "what the referee gave"},
        {"stop edge, restart", "the clock stopped, and ran on"},
        {"own left, their left", "whose, if not whose the technique usually means"},
        {"screen left facing, away", "as the picture shows it, of somebody facing the camera or turned away"},
        {"; -> half guard, A on top", "where it ended; behind a semicolon any field of a bout file"},
        {"answers", "it answers the chosen moment, or the last one"},
        {"@1:05 \u2026", "a time of the bout, in place of the film\u2019s"},
    };

    HelpPage() {
        super(10);
        Label what = new Label(
                "Choose a study, open its bouts in Tag and write down what happens; the Dossier answers what she"
                        + " does and how sure that is; the Plan is yours to write beside her usual answers. It proposes; you"
                        + " decide. Before drilling anything that can hurt, ask a qualified coach; the event\u2019s own rules hold.");
        what.setWrapText(true);
        what.setMaxWidth(620);
        GridPane keys = new GridPane();
        ColumnConstraints left = new ColumnConstraints(200);
        keys.getColumnConstraints().addAll(left, new ColumnConstraints(420));
        keys.setVgap(3);
        for (int i = 0; i < KEYS.length; i++) {
            Label key = new Label(KEYS[i][0]);
            Label does = new Label(KEYS[i][1]);
            does.setWrapText(true);
            key.getStyleClass().add(KEYS[i][1].isEmpty() ? "section" : "key");
            keys.addRow(i, key, does);
        }
        getChildren().addAll(what, keys);
    }
}
