package farglass.desktop.parts;

import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;

/** Scrolls a page so that one of its lines is seen: the toolkit does that for the Tab key alone. */
public final class IntoSight {
    private IntoSight() {}

    /** Scrolls no further than it has to, and leaves the height of the line as room where there is any. */
    public static void bring(ScrollPane page, Node line) {
        page.applyCss();
        page.layout();
        double room = page.getViewportBounds().getHeight();
        double content = page.getContent().getLayoutBounds().getHeight();
        double most = content - room;
        if (most <= 0) {
            return;
        }
        Bounds at = page.getContent().sceneToLocal(line.localToScene(line.getBoundsInLocal()));
        double margin = Math.min(at.getHeight(), (room - at.getHeight()) / 2);
        double top = page.getVvalue() * most;
        double lowest = at.getMinY() - margin;
        double highest = at.getMaxY() + margin - room;
        page.setVvalue(Math.max(0, Math.min(most, Math.max(highest, Math.min(lowest, top)))) / most);
    }
}
