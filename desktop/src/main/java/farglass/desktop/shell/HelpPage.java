package farglass.desktop.shell;

import farglass.desktop.desk.Version;
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
        {"Ctrl+Shift+M", "everything that was told here, also what went wrong"},
        {"Ctrl+Q", "close the window; what is shown as saved is on disk"},
        {"Shelf", ""},
        {"Up, Down, Enter", "choose a bout, open it in Tag"},
        {"Delete", "remove the bout (Ctrl+Z brings it back)"},
        {"W", "it was watched from its first to its last moment, so that it counts"},
        {"D", "the dossier that tells what this bout changed, where it is marked as news"},
        {"Tag, on an empty line", ""},
        {"1 \u2026 9, 0", "save the likely next moment of that number; show nine more"},
        {
            "letters, then 1 \u2026 9",
            "only what begins so is offered: \u201chi2\u201d or \u201chb2\u201d saves the second of those"
        },
        {
            "letters after a pick",
            "what became of it: the left hand\u2019s keys for left, the right hand\u2019s for right"
        },
        {".", "a bare mark, to be named later"},
        {"?", "the last moment was not seen for sure; again: hidden; again: sure"},
        {"Space", "play, pause"},
        {"Left, Right", "one frame back, on; with Shift five seconds"},
        {"[  and  ]", "slower, faster"},
        {",", "the last exchange again, slower each time"},
        {"/", "loop: from here, to here, off"},
        {"=", "stopwatch: from this frame, to this frame"},
        {"Page Up, Page Down", "jump by moment, exchange, error, score or mark; Ctrl+J chooses by what"},
        {"Up, Down", "choose a moment; with Shift several, Ctrl+A all"},
        {"Enter, Delete", "change the chosen moment in its place, remove it"},
        {"Tag, on chosen moments", ""},
        {"Alt+Left, Alt+Right", "a frame earlier, later; Ctrl+T: at this frame"},
        {"Ctrl+Shift+T", "tell more of it by forms: grips, the body, why, what it opens, how long"},
        {"Ctrl+U", "it was the other athlete"},
        {"Ctrl+Shift+C, Ctrl+Shift+H", "it continues the own try before it; what is called unusual can start here"},
        {"Ctrl+G", "it answers the deed before it; again: the one before that; with Shift: nothing"},
        {"Ctrl+I, Ctrl+M", "split in two, merge into one"},
        {"words, then Enter", "told of all chosen moments at once, if there are several"},
        {"Ctrl+W", "fold the exchange; with Shift all"},
        {"Ctrl+F", "find moments by their words"},
        {"Ctrl+Shift+R", "cut a reel of them"},
        {"Tag, the film", ""},
        {"F5, F6, F8", "from here on: live, a replay, talk; Shift+F6: the replay shows the chosen moment"},
        {"F7", "the match clock stops, runs on"},
        {"F4", "the other camera"},
        {"F11", "film and line fill the screen, and back; with Shift: the film in a window of its own"},
        {"Ctrl+Shift and arrows", "more room for the words, the film, the tide"},
        {"Ctrl and +, \u2212, 0, arrows", "look closer, less close, whole, move the picture"},
        {"Ctrl+Shift+A, O, I", "draw an arrow, a ring, a limb line: arrows and Enter, or drag"},
        {"Alt+Up, Down, Home", "the tide closer, wider, whole; Alt+Page Up and Down move it"},
        {"Ctrl+P", "a pass: story, answers, grips, errors, rewatch"},
        {"Y, N, U, S, to a question", "yes, no, cannot be told, later; H: half of all later"},
        {"Up, Down, X, O, to several", "another of them, not this one, one by one"},
        {"Ctrl+B, Ctrl+Shift+B", "the bout begins at this frame; this frame shows the chosen moment"},
        {"Ctrl+Shift+N", "another bout of the same video begins here"},
        {"Ctrl+Shift+L", "tag by the hall\u2019s clock, without film"},
        {"Ctrl+D", "looked through up to here"},
        {"Ctrl+Shift+K", "take the lag learned from your corrections"},
        {"Tag, once the line holds text", ""},
        {"Tab, Enter, Escape", "finish the word, save the moment, empty the line"},
        {"a knee cut, b frames", "two moments: what one did, and what the other did"},
        {"b taps", "the other's last submission goes on to the tap"},
        {"in \"quotes\"", "stays as typed, unnamed"},
        {"a \u2026, b \u2026, or a name", "who did it: a knee cut left nearly knee"},
        {"a mount, b half guard", "who has that position, or plays that guard"},
        {"+3, adv, pen", "what the referee gave"},
        {"stop edge, restart", "the clock stopped, and ran on"},
        {"own left, their left", "whose, if not whose the technique usually means"},
        {"screen left facing, away", "as the picture shows it, of somebody facing the camera or turned away"},
        {"; -> half guard, A on top", "where it ended; behind a semicolon any field of a bout file"},
        {"Tab, Alt+2 \u2026 Alt+6", "while typing: another reading of the line, as shown under it"},
        {"Alt+W", "what the words in the line mean, if they name nothing yet"},
        {"note \u2026", "what follows is kept as a note; nothing else becomes one"},
        {"continues", "it continues the chosen moment, or the own last one: one try"},
        {"answers", "it answers the chosen moment, or the last one"},
        {"@1:05 \u2026", "a time of the bout, in place of the film\u2019s"},
        {"Dossier", ""},
        {"Up, Down", "another chapter; among figures another figure"},
        {"Tab", "from the chapters to their figures, and on to the evidence"},
        {"Enter, on a sentence", "its chapter"},
        {"Space, Enter, on evidence", "play its film; open it in Tag"},
        {"Delete, on evidence", "strike it out of that figure, with a reason"},
        {"Ctrl+Shift+R", "a reel of the film behind the figure or page that is looked at"},
        {"Escape", "back from the page of a position or technique"},
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
        Label version = new Label(Version.words() + ". If something goes wrong: Library, Report a problem\u2026");
        version.getStyleClass().add("quiet");
        version.setId("version");
        getChildren().addAll(what, version, keys);
    }
}
