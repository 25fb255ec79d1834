package farglass.desktop.parts;

import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.control.ListCell;
import javafx.scene.layout.Region;

/** A cell whose content wraps its words to the width of the list; a plain cell would ask it how high one long line is. */
public abstract class WrappingCell<T> extends ListCell<T> {
    /** Kept free at the right for the scroll bar. */
    private static final double SCROLL_BAR = 14;

    private final Region content;
    private final Optional<RowHeights<T>> heights;
    /** The item is not shown yet, being only measured: it may be known how high it is. */
    private boolean isUnshown;
    /** The room for which it was measured; 0 if it was not since it changed. */
    private double measuredRoom;

    private double measured;

    protected WrappingCell(Region content) {
        this(content, Optional.empty());
    }

    /** @param heights of the list's rows; empty where a row's height depends on more than on its item */
    protected WrappingCell(Region content, Optional<RowHeights<T>> heights) {
        this.content = content;
        this.heights = heights;
        content.setMinWidth(0);
        setPrefWidth(0);
    }

    /** Shows the item in the content. */
    protected abstract void show(T item);

    @Override
    protected final void updateItem(T item, boolean empty) {
        super.updateItem(item, empty);
        setText(null);
        isUnshown = false;
        if (empty || item == null) {
            setGraphic(null);
        } else if (isOnlyMeasured() && known(item).isPresent()) {
            isUnshown = true;
        } else {
            show(item);
            setGraphic(content);
        }
    }

    /** {@return whether it is the one cell in which a list measures rows that are not in sight} */
    private boolean isOnlyMeasured() {
        return getParent() != null && !getParent().isVisible();
    }

    private OptionalDouble known(T item) {
        return heights.map(held -> held.of(item, room(), getFont().getSize())).orElse(OptionalDouble.empty());
    }

    private double room() {
        return Math.max(40, getListView().getWidth() - snappedLeftInset() - snappedRightInset() - SCROLL_BAR);
    }

    @Override
    protected double computePrefHeight(double width) {
        if (isUnshown) {
            OptionalDouble known = known(getItem());
            if (known.isPresent()) {
                return known.getAsDouble();
            }
            // The list has another width by now, or its letters another size.
            isUnshown = false;
            show(getItem());
            setGraphic(content);
        }
        if (getGraphic() == null) {
            return super.computePrefHeight(width);
        }
        if (measuredRoom != room()) {
            measuredRoom = room();
            measured = snappedTopInset() + content.prefHeight(measuredRoom) + snappedBottomInset();
            heights.ifPresent(held -> held.keep(getItem(), room(), getFont().getSize(), measured));
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
