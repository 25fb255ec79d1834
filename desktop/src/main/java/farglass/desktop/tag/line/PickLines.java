package farglass.desktop.tag.line;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.scene.layout.Region;

/**
 * Lays parts of one height in lines, each line wrapped to the width. The parts stay in the window whatever line they stand in, and are out
 * of sight in none: what comes into a window is styled and measured anew.
 */
final class PickLines extends Region {
    /** Between two lines, in pixels. */
    private static final double GAP = 1;

    private List<List<Region>> lines = List.of();

    PickLines(Collection<? extends Region> parts) {
        getChildren().addAll(parts);
        parts.forEach(part -> part.setVisible(false));
    }

    /** Stands the parts in these lines, and no others. */
    void stand(List<List<Region>> parts) {
        if (!parts.equals(lines)) {
            lines = parts;
            getChildren().forEach(child -> child.setVisible(parts.stream().anyMatch(line -> line.contains(child))));
            requestLayout();
        }
    }

    @Override
    public Orientation getContentBias() {
        return Orientation.HORIZONTAL;
    }

    /** {@return the lines as wrapped to that width} */
    private List<List<Region>> rows(double width) {
        List<List<Region>> rows = new ArrayList<>();
        for (List<Region> line : lines) {
            List<Region> row = new ArrayList<>();
            double used = 0;
            for (Region part : line) {
                double wide = part.prefWidth(-1);
                if (used + wide > width && !row.isEmpty()) {
                    rows.add(row);
                    row = new ArrayList<>();
                    used = 0;
                }
                row.add(part);
                used += wide;
            }
            if (!row.isEmpty()) {
                rows.add(row);
            }
        }
        return rows;
    }

    private static double high(List<Region> row) {
        return row.stream().mapToDouble(part -> part.prefHeight(-1)).max().orElse(0);
    }

    @Override
    protected double computePrefWidth(double height) {
        return lines.stream()
                .mapToDouble(line ->
                        line.stream().mapToDouble(part -> part.prefWidth(-1)).sum())
                .max()
                .orElse(0);
    }

    @Override
    protected double computePrefHeight(double width) {
        return rows(width < 0 ? getWidth() : width).stream()
                .mapToDouble(row -> high(row) + GAP)
                .sum();
    }

    @Override
    protected void layoutChildren() {
        double y = 0;
        for (List<Region> row : rows(getWidth())) {
            double x = 0;
            for (Region part : row) {
                double wide = Math.min(part.prefWidth(-1), getWidth());
                double high = part.prefHeight(-1);
                part.resizeRelocate(x, snapPositionY(y + (high(row) - high) / 2), wide, high);
                x += wide;
            }
            y += high(row) + GAP;
        }
    }
}
