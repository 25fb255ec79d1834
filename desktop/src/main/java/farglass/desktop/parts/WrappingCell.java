package farglass.desktop.parts;

import javafx.scene.control.ListCell;
import javafx.scene.layout.Region;

/** A cell whose content wraps its words to the width of the list; a plain cell would ask it how high one long line is. */
public abstract class WrappingCell<T> extends ListCell<T> {
    /** Kept free at the right for the scroll bar. */
    private static final double SCROLL_BAR = 14;

    private final Region content;
    /** The room for which it was measured; 0 if it was not since it changed. */
    private double measuredRoom;

    private double measured;

    protected WrappingCell(Region content) {
        this.content = content;
        content.setMinWidth(0);
        setPrefWidth(0);
    }

    /** Shows the item in the content. */
    protected abstract void show(T item);

    @Override
    protected final void updateItem(T item, boolean empty) {
        super.updateItem(item, empty);
        setText(null);
        if (empty || item == null) {
            setGraphic(null);
        } else {
            show(item);
            setGraphic(content);
        }
    }

    private double room() {
        return Math.max(40, getListView().getWidth() - snappedLeftInset() - snappedRightInset() - SCROLL_BAR);
    }

    @Override
    protected double computePrefHeight(double width) {
        if (getGraphic() == null) {
            return super.computePrefHeight(width);
        }
        if (measuredRoom != room()) {
            measuredRoom = room();
            measured = snappedTopInset() + content.prefHeight(measuredRoom) + snappedBottomInset();
        }
        return measured;
    }

    /** A list asks each row for its height many times between two changes of it; to wrap its words costs most of all. */
    @Override
    public void requestLayout() {
        measuredRoom = 0;
        super.requestLayout();
    }

    @Override
    protected void layoutChildren() {
        if (getGraphic() == null) {
            super.layoutChildren();
        } else {
            double height = getHeight() - snappedTopInset() - snappedBottomInset();
            content.resizeRelocate(snappedLeftInset(), snappedTopInset(), room(), height);
        }
    }
}
