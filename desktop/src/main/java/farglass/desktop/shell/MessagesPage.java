package farglass.desktop.shell;

import farglass.desktop.desk.Messages;
import farglass.desktop.parts.WrappingCell;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Everything that was told since the window was opened, the newest first. */
final class MessagesPage extends VBox {
    private static final DateTimeFormatter TOLD = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT);

    MessagesPage(Messages messages) {
        ListView<Messages.Message> list = new ListView<>(messages.all());
        list.setId("messages");
        list.setPrefSize(680, 380);
        list.setPlaceholder(new Label("Nothing has been told yet."));
        list.setCellFactory(view -> new MessageCell());
        getChildren().add(list);
    }

    private static final class MessageCell extends WrappingCell<Messages.Message> {
        private final Label when = new Label();
        private final Label words = new Label();

        MessageCell() {
            this(new HBox(10));
        }

        private MessageCell(HBox line) {
            super(line);
            line.getChildren().addAll(when, words);
            when.setMinWidth(70);
            when.getStyleClass().add("ledger-time");
            words.setWrapText(true);
            HBox.setHgrow(words, Priority.ALWAYS);
        }

        @Override
        protected void show(Messages.Message message) {
            when.setText(TOLD.format(message.at().atZone(ZoneId.systemDefault())));
            words.setText(message.words());
            words.getStyleClass().remove("failure");
            if (message.failure()) {
                words.getStyleClass().add("failure");
            }
        }
    }
}
