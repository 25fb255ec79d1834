package farglass.desktop.tag.ledger;

import javafx.geometry.Orientation;
import javafx.scene.layout.Region;

/** Two columns of one width that face each other over a gutter of a fixed one; as high as what stands in them. */
final class FacingColumns extends Region {
    private static final double GUTTER = 74;
    private static final double GAP = 6;

    private final Region left;
    private final Region gutter;
    private final Region right;

    FacingColumns(Region left, Region gutter, Region right) {
        this.left = left;
        this.gutter = gutter;
        this.right = right;
        getChildren().addAll(left, gutter, right);
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    private double side(double width) {
        return Math.max(0, snapSizeX((width - GUTTER) / 2 - GAP));
    }

    @Override
    protected double computePrefWidth(double height) {
        return 2 * left.prefWidth(-1) + GUTTER + 2 * GAP;
    }

    @Override
    protected double computePrefHeight(double width) {
        double side = side(width < 0 ? getWidth() : width);
        return Math.max(gutter.prefHeight(GUTTER), Math.max(left.prefHeight(side), right.prefHeight(side)));
    }

    @Override
    protected void layoutChildren() {
        double side = side(getWidth());
        left.resizeRelocate(0, 0, side, getHeight());
        gutter.resizeRelocate(side + GAP, 0, GUTTER, getHeight());
        right.resizeRelocate(side + 2 * GAP + GUTTER, 0, side, getHeight());
    }
}
