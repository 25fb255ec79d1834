package farglass.desktop.tag.page;

import farglass.core.bout.Bout;
import farglass.core.bout.Times;
import farglass.core.lexicon.Lexicon;
import farglass.core.rules.Board;
import farglass.core.rules.BoutOutcome;
import farglass.core.rules.Call;
import farglass.core.rules.Difference;
import farglass.core.rules.OtherRules;
import farglass.core.rules.RoundSheet;
import farglass.core.rules.Ruleset;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.core.side.Seat;
import farglass.core.state.Timeline;
import farglass.desktop.parts.Form;
import java.util.List;
import java.util.Locale;
import java.util.OptionalLong;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The score at an instant: what the referee gave beside what the rules say, with the reason for each. */
public final class ScorePage extends VBox {
    private final Bout bout;
    private final Rulesets rulesets;
    private final Lexicon lexicon;
    private final Timeline timeline;
    private final long atMicros;
    private final VBox page = new VBox(12);

    /** @param atMicros the instant; {@link Long#MAX_VALUE} for the end */
    public ScorePage(Bout bout, Rulesets rulesets, Lexicon lexicon, Timeline timeline, long atMicros) {
        super(12);
        this.bout = bout;
        this.rulesets = rulesets;
        this.lexicon = lexicon;
        this.timeline = timeline;
        this.atMicros = atMicros;
        setPrefWidth(720);
        Form form = new Form();
        List<String> names = rulesets.all().stream().map(Ruleset::name).toList();
        ComboBox<String> under = form.choice("Read under", names, bout.header().ruleset(), name -> rulesets.named(name)
                .map(Ruleset::title)
                .orElse(name));
        under.valueProperty().addListener((property, old, name) -> show(name));
        getChildren().addAll(form, page);
        show(bout.header().ruleset());
    }

    private void show(String name) {
        page.getChildren().clear();
        Scorecard card = Scorecard.of(bout, rulesets.named(name).orElseThrow(), lexicon, timeline);
        show(card, timeline.clock().leftMicros(Math.min(atMicros, timeline.endMicros())));
        if (!name.equals(bout.header().ruleset())) {
            Scorecard own =
                    Scorecard.of(bout, rulesets.named(bout.header().ruleset()).orElseThrow(), lexicon, timeline);
            add("Beside the bout\u2019s own rules", "section");
            OtherRules.sentences(bout, card, own).forEach(sentence -> add(sentence, ""));
        }
    }

    private void show(Scorecard card, OptionalLong left) {
        Ruleset ruleset = card.ruleset();
        String names = "%s \u2013 %s"
                .formatted(bout.header().a().name(), bout.header().b().name());
        add("%s, %s".formatted(names, ruleset.title().toLowerCase(Locale.ROOT)), "quiet");
        if (ruleset.scoring() == Ruleset.Scoring.POINTS) {
            page.getChildren().add(boards(card));
        }
        List<String> outcome = BoutOutcome.sentences(bout, card, lexicon, atMicros, left);
        add(outcome.get(0), "strong");
        outcome.stream().skip(1).forEach(sentence -> add(sentence, ""));
        if (ruleset.scoring() == Ruleset.Scoring.JUDGES) {
            add("Blows told, and time on top", "section");
            for (RoundSheet round : RoundSheet.of(bout, timeline, lexicon)) {
                for (Seat seat : Seat.values()) {
                    add(round.sentence(seat, bout), "");
                }
            }
        }
        list("Certain by the rules", card.calls(Call.Verdict.BY_RULES));
        list("Could be given, and was not", card.calls(Call.Verdict.COULD));
        list("Arguable", card.calls(Call.Verdict.ARGUABLE));
        List<Difference> differences = card.differences().stream()
                .filter(each -> each.atMicros() <= atMicros)
                .toList();
        if (!differences.isEmpty()) {
            add("Differences from the referee; neither is called wrong", "section");
            differences.forEach(each -> line(Times.tenths(each.atMicros()), each.sentence()));
        }
        card.findings().forEach(finding -> line("Finding", finding.sentence()));
        add(ruleset.notice(), "quiet");
    }

    private GridPane boards(Scorecard card) {
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

    private void list(String title, List<Call> calls) {
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
        page.getChildren().add(row);
    }

    private void add(String words, String style) {
        page.getChildren().add(label(words, style));
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
