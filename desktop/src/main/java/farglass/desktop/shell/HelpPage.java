package farglass.desktop.shell;

import farglass.desktop.command.Command;
import farglass.desktop.command.Commands;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Version;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;

/** What one does here, and every key. */
public final class HelpPage extends VBox {
    /** What is typed into the line, and is no key. */
    private static final String[][] WRITING = {
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
        {"note \u2026", "what follows is kept as a note; nothing else becomes one"},
        {"continues", "it continues the chosen moment, or the own last one: one try"},
        {"answers", "it answers the chosen moment, or the last one"},
        {"@1:05 \u2026", "a time of the bout, in place of the film\u2019s"},
    };

    private final GridPane keys = new GridPane();

    /** @param commands of which the keys are told, each in its own words */
    public HelpPage(Commands commands) {
        super(10);
        Label what = new Label(
                "Choose a study, open its bouts in Tag and write down what happens; the Dossier answers what she"
                        + " does and how sure that is; the Plan is yours to write beside her usual answers. It proposes; you"
                        + " decide. Before drilling anything that can hurt, ask a qualified coach; the event\u2019s own rules hold.");
        what.setWrapText(true);
        what.setMaxWidth(620);
        ColumnConstraints left = new ColumnConstraints(200);
        keys.getColumnConstraints().addAll(left, new ColumnConstraints(420));
        keys.setVgap(3);
        for (Where where : Where.values()) {
            List<Command> there = commands.all().stream()
                    .filter(command ->
                            command.where() == where && !command.keys().isEmpty())
                    .toList();
            if (!there.isEmpty()) {
                section(where.label());
                there.forEach(command -> row(command.keyWords(), command.inFull()));
            }
            if (where == Where.WRITTEN_LINE) {
                section("Written in the line");
                for (String[] written : WRITING) {
                    row(written[0], written[1]);
                }
            }
        }
        Label version = new Label(Version.words() + ". If something goes wrong: Library, Report a problem\u2026");
        version.getStyleClass().add("quiet");
        version.setId("version");
        getChildren().addAll(what, version, keys);
    }

    private void section(String words) {
        Label title = new Label(words);
        title.getStyleClass().add("section");
        keys.add(title, 0, keys.getRowCount(), 2, 1);
    }

    private void row(String key, String words) {
        Label left = new Label(key);
        left.getStyleClass().add("key");
        Label does = new Label(words);
        does.setWrapText(true);
        keys.addRow(keys.getRowCount(), left, does);
    }
}
