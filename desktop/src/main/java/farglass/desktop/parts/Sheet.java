package farglass.desktop.parts;

import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/**
 * A page laid over the place: a question with its fields, and what to do. Enter does it, Escape puts the page away. It
 * stays within the window, so that it works by the keyboard and without any window system.
 */
public final class Sheet extends VBox {
    private final Label problem = new Label();
    private final HBox buttons = new HBox(8);
    private final Button cancel;
    private Runnable away = () -> {};

    public Sheet(String title, Node content) {
        super(12);
        getStyleClass().add("sheet");
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        Label heading = new Label(title);
        heading.getStyleClass().add("sheet-title");
        heading.setWrapText(true);
        problem.getStyleClass().add("problem");
        problem.setWrapText(true);
        problem.managedProperty().bind(problem.visibleProperty());
        problem.setVisible(false);
        problem.setMaxWidth(560);
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().add("sheet-content");
        scroll.setMaxHeight(590);
        VBox.setVgrow(scroll, Priority.ALWAYS);
        cancel = new Button("Close");
        cancel.setCancelButton(true);
        cancel.setOnAction(event -> putAway());
        buttons.setAlignment(Pos.CENTER_RIGHT);
        buttons.getChildren().add(cancel);
        getChildren().addAll(heading, scroll, problem, buttons);
        // A list would keep the key to itself.
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ESCAPE) {
                event.consume();
                cancel.fire();
            }
        });
    }

    /**
     * Adds what the page does.
     *
     * @param doing gives a sentence on what is wrong and keeps the page, or an empty one and puts it away
     */
    public Sheet with(String label, Supplier<String> doing) {
        Button button = new Button(label);
        boolean first = buttons.getChildren().size() == 1;
        // A page that does something can be left without doing it.
        cancel.setText("Cancel");
        button.setDefaultButton(first);
        button.setOnAction(event -> {
            String wrong = doing.get();
            problem.setText(wrong);
            problem.setVisible(!wrong.isEmpty());
            if (wrong.isEmpty()) {
                putAway();
            }
        });
        buttons.getChildren().add(first ? 1 : buttons.getChildren().size(), button);
        return this;
    }

    /** As Enter does: the first thing that the page does, if it does one. */
    public void doIt() {
        buttons.getChildren().stream()
                .filter(node -> node instanceof Button button && button.isDefaultButton())
                .map(Button.class::cast)
                .findFirst()
                .ifPresent(Button::fire);
    }

    void setAway(Runnable putting) {
        away = putting;
    }

    /** As the key Escape does: nothing of it is done. */
    public void putAway() {
        away.run();
    }
}
