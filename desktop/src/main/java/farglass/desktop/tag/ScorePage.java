package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Seat;
import farglass.core.notation.Times;
import farglass.core.rules.Board;
import farglass.core.rules.Call;
import farglass.core.rules.Ruleset;
import farglass.core.rules.Scorecard;
import java.util.List;
import java.util.OptionalLong;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The score at an instant: what the referee gave beside what the rules say, with the reason for each. */
public final class ScorePage extends VBox {
    public ScorePage(Bout bout, Scorecard card, long atMicros, OptionalLong left) {
        super(12);
        setPrefWidth(720);
        Ruleset ruleset = card.ruleset();
        String names = "%s \u2013 %s"
                .formatted(bout.header().a().name(), bout.header().b().name());
        add(
                "%s, %s%s"
                        .formatted(
                                names,
                                ruleset.title().toLowerCase(java.util.Locale.ROOT),
                                left.isPresent() ? ", %s left".formatted(Times.seconds(left.getAsLong())) : ""),
                "quiet");
        if (ruleset.scoring() == Ruleset.Scoring.POINTS) {
            getChildren().add(boards(bout, card, atMicros));
        }
        add(
                card.lead(atMicros)
                        .seat()
                        .map(seat -> "%s is ahead%s."
                                .formatted(
                                        bout.header().contestant(seat).name(),
                                        card.lead(atMicros).brief().substring(1)))
                        .orElse("Level."),
                "strong");
        card.toAvoid(atMicros).forEach(sentence -> add(sentence, ""));
        list("Certain by the rules", card.calls(Call.Verdict.BY_RULES), bout, atMicros);
        list("Could be given, and was not", card.calls(Call.Verdict.COULD), bout, atMicros);
        list("Arguable", card.calls(Call.Verdict.ARGUABLE), bout, atMicros);
        List<Scorecard.Difference> differences = card.differences().stream()
                .filter(each -> each.atMicros() <= atMicros)
                .toList();
        if (!differences.isEmpty()) {
            add("Differences from the referee; neither is called wrong", "section");
            differences.forEach(each -> line(Times.tenths(each.atMicros()), each.sentence()));
        }
        card.findings().forEach(finding -> line("Finding", finding.sentence()));
        add(ruleset.notice(), "quiet");
    }

    private GridPane boards(Bout bout, Scorecard card, long atMicros) {
        GridPane grid = new GridPane();
        grid.setHgap(24);
        grid.setVgap(4);
        ColumnConstraints who = new ColumnConstraints();
        who.setMinWidth(180);
        grid.getColumnConstraints().add(who);
        grid.addRow(0, label("", "quiet"), label("the referee gave", "quiet"), label("by the rules", "quiet"));
        for (Seat seat : Seat.values()) {
            grid.addRow(
                    seat.ordinal() + 1,
                    label(bout.header().contestant(seat).name(), "strong"),
                    label(column(card.board(atMicros).of(seat)), "board"),
                    label(column(card.byRules(atMicros).of(seat)), "board"));
        }
        return grid;
    }

    private static String column(Board.Column column) {
        return "%d   adv %d   pen %d".formatted(column.points(), column.advantages(), column.penalties());
    }

    private void list(String title, List<Call> calls, Bout bout, long atMicros) {
        List<Call> shown =
                calls.stream().filter(call -> call.atMicros() <= atMicros).toList();
        if (shown.isEmpty()) {
            return;
        }
        add(title, "section");
        shown.forEach(call -> line(
                Times.tenths(call.atMicros()),
                "%s, %s: %s"
                        .formatted(
                                bout.header().contestant(call.to()).name(),
                                call.brief().substring(2).replace('-', ' '),
                                call.sentence())));
    }

    private void line(String when, String words) {
        GridPane row = new GridPane();
        ColumnConstraints time = new ColumnConstraints(64);
        ColumnConstraints text = new ColumnConstraints();
        text.setHgrow(Priority.ALWAYS);
        row.getColumnConstraints().addAll(time, text);
        Label at = label(when, "ledger-time");
        GridPane.setValignment(at, javafx.geometry.VPos.TOP);
        row.addRow(0, at, label(words, ""));
        getChildren().add(row);
    }

    private void add(String words, String style) {
        getChildren().add(label(words, style));
    }

    private static Label label(String words, String style) {
        Label label = new Label(words);
        label.setWrapText(true);
        if (!style.isEmpty()) {
            label.getStyleClass().add(style);
        }
        return label;
    }
}
