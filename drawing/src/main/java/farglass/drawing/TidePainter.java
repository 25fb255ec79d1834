package farglass.drawing;

/** Draws a tide. */
public final class TidePainter {
    private TidePainter() {}

    /** Draws the tide with its rungs, stoppages and awards, as at the foot of the Tag place. */
    public static void paint(Brush brush, TideLayout tide) {
        for (double[] stop : tide.stops()) {
            hatch(brush, stop[0], stop[1], tide.height());
        }
        paintSmall(brush, tide);
        for (TideLayout.Rung rung : tide.rungs()) {
            brush.line(rung.x(), rung.fromY(), rung.x(), rung.toY(), Ink.INK, 1);
            brush.line(rung.x() - 3, rung.toY(), rung.x() + 3, rung.toY(), Ink.INK, 1.5);
        }
        for (TideLayout.Award award : tide.awards()) {
            double y = award.subject() ? 12 : tide.height() - 4;
            Ink ink = award.subject() ? Ink.SUBJECT : Ink.OTHER;
            brush.line(award.x(), award.subject() ? 15 : tide.height() - 15, award.x(), tide.height() / 2, ink, 1);
            // Near the right edge the words stand before their line, so that they are not cut off.
            boolean late = award.x() > tide.width() - 30;
            brush.text(award.words(), award.x(), y, ink, 11, late ? Brush.Align.RIGHT : Brush.Align.CENTRE);
        }
    }

    /** Draws only the curve and its two sides, as in a row of the Shelf. */
    public static void paintSmall(Brush brush, TideLayout tide) {
        double middle = tide.height() / 2;
        side(brush, tide, true, Ink.SUBJECT_WASH);
        side(brush, tide, false, Ink.OTHER_WASH);
        brush.line(0, middle, tide.width(), middle, Ink.RULE, 1);
        if (tide.xs().length > 1) {
            brush.curve(tide.xs(), tide.ys(), Ink.INK, 1.4);
        }
    }

    private static void side(Brush brush, TideLayout tide, boolean above, Ink ink) {
        int count = tide.xs().length;
        if (count < 2) {
            return;
        }
        double middle = tide.height() / 2;
        double[] xs = new double[count + 2];
        double[] ys = new double[count + 2];
        xs[0] = tide.xs()[0];
        ys[0] = middle;
        for (int i = 0; i < count; i++) {
            xs[i + 1] = tide.xs()[i];
            ys[i + 1] = above ? Math.min(middle, tide.ys()[i]) : Math.max(middle, tide.ys()[i]);
        }
        xs[count + 1] = tide.xs()[count - 1];
        ys[count + 1] = middle;
        brush.area(xs, ys, ink);
    }

    private static void hatch(Brush brush, double from, double to, double height) {
        for (double x = from; x <= to; x += 4) {
            brush.line(x, height * 0.2, Math.min(x + 3, to), height * 0.8, Ink.RULE, 1);
        }
    }
}
