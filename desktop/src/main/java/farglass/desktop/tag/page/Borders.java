package farglass.desktop.tag.page;

import farglass.desktop.desk.Settings;
import farglass.desktop.parts.Island;
import java.util.Optional;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.control.SplitPane;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

/** The borders of the place: between words and film, and above the tide. They are dragged or moved by keys, and remembered. */
final class Borders extends SplitPane {
    private static final double STEP_SHARE = 0.03;
    private static final double STEP_PX = 16;

    private final Settings settings;
    private final Runnable keep;
    private final Region screen;
    private Optional<Island> film = Optional.empty();
    private final SplitPane upper;

    /** @param keep writes the settings down */
    Borders(Region words, Region screen, Region tide, Settings settings, Runnable keep) {
        this.settings = settings;
        this.keep = keep;
        this.screen = screen;
        upper = new SplitPane(new Island(words));
        getItems().setAll(upper, new Island(tide));
        setOrientation(Orientation.VERTICAL);
        upper.setMinHeight(0);
        for (SplitPane pane : new SplitPane[] {this, upper}) {
            pane.getStyleClass().add("borders");
            pane.setFocusTraversable(false);
        }
        // A filter: a border keeps the mouse to itself.
        addEventFilter(MouseEvent.MOUSE_RELEASED, event -> {
            for (Node node = (Node) event.getTarget(); node != null; node = node.getParent()) {
                if (node.getStyleClass().contains("split-pane-divider")) {
                    dragged();
                }
            }
        });
        // Not the height of the upper pane: that changes while the border above the tide is dragged.
        upper.widthProperty().addListener(change -> layWords());
        heightProperty().addListener(change -> layTide());
        setWithFilm(true);
    }

    /** Whether the film stands beside the words, or somewhere else. */
    void setWithFilm(boolean with) {
        if (with && film.isEmpty()) {
            Island beside = new Island(screen);
            film = Optional.of(beside);
            upper.getItems().add(beside);
            layWords();
        } else if (!with && film.isPresent()) {
            upper.getItems().remove(film.get());
            film.get().release();
            film = Optional.empty();
        }
    }

    private void layWords() {
        upper.setDividerPositions(settings.wordsShareProperty().get());
    }

    private void layTide() {
        if (getHeight() > 0) {
            setDividerPositions(1 - settings.tideHeightProperty().get() / getHeight());
        }
    }

    private void dragged() {
        if (upper.getDividers().size() == 1) {
            settings.wordsShareProperty().set(upper.getDividerPositions()[0]);
        }
        settings.tideHeightProperty().set((1 - getDividerPositions()[0]) * getHeight());
        keep.run();
    }

    /** @param direction 1 for more room for the words, -1 for more room for the film */
    void moveWords(int direction) {
        settings.wordsShareProperty().set(settings.wordsShareProperty().get() + direction * STEP_SHARE);
        layWords();
        keep.run();
    }

    /** @param direction 1 for a higher tide, -1 for a lower one */
    void moveTide(int direction) {
        settings.tideHeightProperty().set(settings.tideHeightProperty().get() + direction * STEP_PX);
        layTide();
        keep.run();
    }
}
