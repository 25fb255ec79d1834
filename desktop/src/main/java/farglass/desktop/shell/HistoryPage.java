package farglass.desktop.shell;

import farglass.core.bout.Bout;
import farglass.core.bout.Times;
import farglass.core.lexicon.Lexicon;
import farglass.core.phrase.AthleteWords;
import farglass.core.phrase.Phrase;
import farglass.library.changelog.Edition;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Every edition of one moment, the first telling on top: when, who, by which act, and how it then read. */
final class HistoryPage extends VBox {
    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm").withZone(ZoneId.systemDefault());

    HistoryPage(List<Edition> editions, Bout bout, Lexicon lexicon) {
        super(4);
        setPrefWidth(640);
        for (Edition edition : editions) {
            add("%s, %s: %s".formatted(WHEN.format(edition.when()), edition.who(), edition.what()), "quiet");
            add(
                    edition.moment()
                            .map(moment -> "%s  %s: %s"
                                    .formatted(
                                            moment.atMicros().isPresent()
                                                    ? Times.tenths(
                                                            moment.atMicros().getAsLong())
                                                    : "no time",
                                            AthleteWords.actor(moment.actor(), bout),
                                            Phrase.of(moment, bout, lexicon)))
                            .orElse("taken out"),
                    "");
        }
    }

    private void add(String words, String style) {
        Label label = new Label(words);
        label.setWrapText(true);
        if (!style.isEmpty()) {
            label.getStyleClass().add(style);
        }
        getChildren().add(label);
    }
}
