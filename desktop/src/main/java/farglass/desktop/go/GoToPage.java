package farglass.desktop.go;

import farglass.desktop.desk.Work;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.OverrunStyle;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The box in which one types where to go, and what is meant by it; up and down choose among that. */
public final class GoToPage extends VBox {
    private static final double WIDTH_EM = 52;
    private static final double HEIGHT_EM = 24;

    private final GoTo goTo;
    private final Work work;
    private final TextField typed = new TextField();
    private final ListView<GoToTarget> found = new ListView<>();
    private Runnable chosen = () -> {};
    /** What the list shows was found for this. */
    private String foundFor = "";

    private boolean isAwaited;

    /**
     * Shows what is used most.
     *
     * @param failed told what went wrong while looking
     */
    public GoToPage(GoTo goTo, Work work, Consumer<Exception> failed) {
        super(8);
        this.goTo = goTo;
        this.work = work;
        typed.setId("go-to");
        typed.setPromptText("a place, a bout, an athlete, a position, a technique, a moment, a plan, or what to do");
        found.setId("found");
        found.getStyleClass().add("ledger");
        found.setFocusTraversable(false);
        found.setStyle("-fx-pref-width: %.0fem; -fx-pref-height: %.0fem;".formatted(WIDTH_EM, HEIGHT_EM));
        found.setCellFactory(list -> new TargetCell());
        Label nothing = new Label("Nothing here is called so. Fewer letters find more.");
        nothing.getStyleClass().add("empty-words");
        found.setPlaceholder(nothing);
        typed.textProperty().addListener(change -> look(failed));
        typed.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            switch (event.getCode()) {
                case DOWN -> choose(1, event);
                case UP -> choose(-1, event);
                case PAGE_DOWN -> choose(8, event);
                case PAGE_UP -> choose(-8, event);
                default -> {
                    // Everything else is typed.
                }
            }
        });
        show("", goTo.usual());
        getChildren().addAll(typed, found);
    }

    /** What to do where one is chosen by the mouse, or was found that Enter was pressed for. */
    public void setOnChosen(Runnable doing) {
        chosen = doing;
        found.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                doing.run();
            }
        });
    }

    private void choose(int by, KeyEvent event) {
        int size = found.getItems().size();
        if (size > 0) {
            int at = found.getSelectionModel().getSelectedIndex() + by;
            found.getSelectionModel().select(Math.max(0, Math.min(size - 1, at)));
            found.scrollTo(Math.max(0, found.getSelectionModel().getSelectedIndex() - 4));
        }
        event.consume();
    }

    private void look(Consumer<Exception> failed) {
        String words = typed.getText();
        work.latest(
                this,
                "Looking for " + words,
                (progress, cancelled) -> goTo.find(words),
                Work.Listener.of(
                        targets -> {
                            if (!targets.isEmpty()) {
                                show(words, targets);
                            }
                            lookForMoments(words, failed);
                        },
                        failed,
                        () -> show(words, List.of())));
    }

    /** In a large library this takes a second or more; what has a name of its own stands there meanwhile. */
    private void lookForMoments(String words, Consumer<Exception> failed) {
        work.latest(
                this,
                "Looking for moments: " + words,
                (progress, cancelled) -> goTo.findWithMoments(words, cancelled),
                Work.Listener.of(targets -> show(words, targets), failed, () -> show(words, found.getItems())));
    }

    private void show(String words, List<GoToTarget> targets) {
        GoToTarget before = found.getSelectionModel().getSelectedItem();
        boolean isOfSameWords = foundFor.equals(words);
        foundFor = words;
        found.getItems().setAll(List.copyOf(targets));
        found.getSelectionModel().selectFirst();
        if (isOfSameWords && targets.contains(before)) {
            // Moments have come: who chose by the arrows meanwhile keeps what was chosen.
            found.getSelectionModel().select(before);
        }
        if (isAwaited) {
            isAwaited = false;
            chosen.run();
        }
    }

    /** {@return why the chosen one cannot be gone to; empty where it is on its way there} */
    public String go() {
        if (!foundFor.equals(typed.getText())) {
            // What stands there yet was meant by fewer letters.
            isAwaited = true;
            return "Looking for " + typed.getText() + "\u2026";
        }
        Optional<GoToTarget> target =
                Optional.ofNullable(found.getSelectionModel().getSelectedItem());
        if (target.isEmpty()) {
            return "Nothing is chosen: type some letters of where to go.";
        }
        if (target.get().hindrance().isPresent()) {
            return target.get().hindrance().get() + ".";
        }
        work.forget(this);
        // Once this page is put away, and has given the keys back to where they were.
        Platform.runLater(target.get().going());
        return "";
    }

    private static final class TargetCell extends ListCell<GoToTarget> {
        private final Label kind = new Label();
        private final Label words = new Label();
        private final Label beside = new Label();
        private final HBox line = new HBox(10);

        TargetCell() {
            kind.getStyleClass().add("quiet");
            kind.setStyle("-fx-pref-width: 13em;");
            kind.setMinWidth(Region.USE_PREF_SIZE);
            kind.setTextOverrun(OverrunStyle.ELLIPSIS);
            beside.getStyleClass().add("quiet");
            beside.setMinWidth(Region.USE_PREF_SIZE);
            words.setMinWidth(0);
            Region between = new Region();
            HBox.setHgrow(between, Priority.ALWAYS);
            line.setAlignment(Pos.CENTER_LEFT);
            line.getChildren().addAll(kind, words, between, beside);
            // Where there is no room for both, the words are cut: where they lead is read whole.
            line.setMinWidth(0);
            line.setPrefWidth(1);
        }

        @Override
        protected void updateItem(GoToTarget target, boolean empty) {
            super.updateItem(target, empty);
            setGraphic(empty || target == null ? null : line);
            if (target != null && !empty) {
                kind.setText(target.kind());
                words.setText(target.words());
                beside.setText(target.hindrance().orElse(target.beside()));
                words.getStyleClass().remove("quiet");
                if (target.hindrance().isPresent()) {
                    words.getStyleClass().add("quiet");
                }
            }
        }
    }
}
