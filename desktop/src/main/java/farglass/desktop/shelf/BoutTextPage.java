package farglass.desktop.shelf;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.BoutReading;
import farglass.core.notation.Diagnostic;
import farglass.core.prose.HowMany;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;
import javafx.util.Duration;

/** A bout as its bout file, to be read and changed whole: everything the forms do not ask has its place here. */
final class BoutTextPage extends VBox {
    /** Reading begins once the typing rests: a long bout is not read at every key. */
    private static final Duration REST = Duration.millis(250);

    private final Bout before;
    private final Lexicon lexicon;
    private final TextArea text = new TextArea();
    private final VBox messages = new VBox(2);

    BoutTextPage(Bout bout, Lexicon lexicon) {
        super(8);
        this.before = bout;
        this.lexicon = lexicon;
        text.setText(BoutFile.print(bout));
        text.setId("bout-text");
        text.getStyleClass().add("bout-text");
        text.setPrefSize(900, 380);
        PauseTransition rest = new PauseTransition(REST);
        rest.setOnFinished(event -> show(reading()));
        text.textProperty().addListener(change -> rest.playFromStart());
        Label how = new Label(
                "One moment a line: time, who, what; fields behind semicolons. F1 and docs/bout-file.md tell them all.");
        how.getStyleClass().add("quiet");
        messages.setMinHeight(70);
        getChildren().addAll(how, text, messages);
        show(reading());
    }

    private BoutReading reading() {
        return BoutFile.parse(text.getText(), lexicon);
    }

    private void show(BoutReading reading) {
        messages.getChildren().clear();
        List<Diagnostic> said = reading.diagnostics();
        if (said.isEmpty()) {
            add(
                    "It reads well: %s."
                            .formatted(HowMany.of(
                                    reading.bout().orElseThrow().moments().size(), "moment")),
                    "quiet");
        }
        said.stream()
                .limit(4)
                .forEach(each -> add(
                        "line %d, column %d: %s".formatted(each.line(), each.column(), each.message()),
                        each.error() ? "problem" : "quiet"));
        if (said.size() > 4) {
            add("and %d more".formatted(said.size() - 4), "quiet");
        }
    }

    private void add(String words, String style) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.getStyleClass().add(style);
        messages.getChildren().add(label);
    }

    /** {@return the bout as it now stands here; empty while it cannot be read} It stays the same bout, whatever id is typed. */
    Optional<Bout> bout() {
        BoutReading reading = reading();
        show(reading);
        return reading.bout().map(read -> new Bout(before.id(), read.header(), read.moments(), read.comments()));
    }
}
