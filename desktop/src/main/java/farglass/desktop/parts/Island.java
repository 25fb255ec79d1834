package farglass.desktop.parts;

import javafx.scene.layout.Region;

/**
 * A part of the window that takes whatever room it is given: what changes in it is laid out within it. Of any other part the toolkit asks
 * everything around it, up to the window, whether it still fits, and measures its neighbours for that.
 */
public final class Island extends Region {
    private final Region content;

    /** @param content asked only for the least size that was set for it, not for what it would like to have */
    public Island(Region content) {
        this.content = content;
        content.setManaged(false);
        getChildren().add(content);
    }

    /** {@return what lies in it, to be put elsewhere} */
    public Region release() {
        getChildren().clear();
        content.setManaged(true);
        return content;
    }

    @Override
    protected double computeMinWidth(double height) {
        return Math.max(0, content.getMinWidth());
    }

    @Override
    protected double computeMinHeight(double width) {
        return Math.max(0, content.getMinHeight());
    }

    @Override
    protected void layoutChildren() {
        content.resizeRelocate(0, 0, getWidth(), getHeight());
    }
}
