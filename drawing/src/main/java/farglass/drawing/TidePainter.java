package farglass.drawing;

import java.util.ArrayList;
import java.util.List;

/** Draws a tide. */
public final class TidePainter {
    /** Two scores nearer than this are told by one word and a stroke each. */
    private static final double WORD_WIDTH = 24;

    private TidePainter() {}

    /** Draws the tide with its rungs, stoppages, scores and layers, as at the foot of the Tag place. */
    public static void paint(Brush brush, TideLayout tide) {
        for (double[] stop : tide.stops()) {
            hatch(brush, stop[0], stop[1], tide);
        }
        for (TideLayout.Stretch stretch : tide.segments()) {
            brush.line(stretch.from(), tide.top() + 2, stretch.to(), tide.top() + 2, Ink.QUIET, 3);
            if (stretch.to() - stretch.from() > 40) {
                brush.text(stretch.words(), stretch.from() + 3, tide.top() + 14, Ink.QUIET, 11, Brush.Align.LEFT);
            }
        }
        paintSmall(brush, tide);
        for (TideLayout.Rung rung : tide.rungs()) {
            brush.line(rung.x(), rung.fromY(), rung.x(), rung.toY(), Ink.INK, 1);
            brush.line(rung.x() - 3, rung.toY(), rung.x() + 3, rung.toY(), Ink.INK, 1.5);
        }
        scores(brush, tide, tide.computed(), 12, tide.top());
        scores(brush, tide, tide.awards(), tide.bottom() + 12, tide.bottom());
        for (double x : tide.errors()) {
            brush.line(x - 4, tide.middle() - 4, x + 4, tide.middle() + 4, Ink.INK, 1.5);
            brush.line(x - 4, tide.middle() + 4, x + 4, tide.middle() - 4, Ink.INK, 1.5);
        }
        for (double x : tide.bookmarks()) {
            brush.line(x, tide.top(), x, tide.bottom(), Ink.QUIET, 1);
            brush.area(
                    new double[] {x, x + 7, x}, new double[] {tide.top(), tide.top() + 4, tide.top() + 8}, Ink.QUIET);
        }
        for (TideLayout.Strip strip : tide.layers()) {
            Ink ink = strip.declared() ? Ink.RULE : Ink.QUIET;
            brush.rectangle(strip.from(), strip.y(), Math.max(1, strip.to() - strip.from()), 3, ink);
        }
    }

    /** A word for each, as far as there is room; a stroke for all; a ring where rules and referee disagree. */
    private static void scores(
            Brush brush, TideLayout tide, List<TideLayout.Score> scores, double baseline, double edge) {
        List<double[]> taken = new ArrayList<>();
        for (boolean certain : new boolean[] {true, false}) {
            for (TideLayout.Score score : scores) {
                boolean near = score.x() >= -WORD_WIDTH && score.x() <= tide.width() + WORD_WIDTH;
                // What is certain gets its word first: what only could be given stands where there is room.
                if (near && certain != score.words().startsWith("(")) {
                    score(brush, tide, score, baseline, edge, taken);
                }
            }
        }
    }

    private static void score(
            Brush brush, TideLayout tide, TideLayout.Score score, double baseline, double edge, List<double[]> taken) {
        Ink ink = score.subject() ? Ink.SUBJECT : Ink.OTHER;
        brush.line(score.x(), edge, score.x(), tide.middle(), ink, 0.8);
        if (score.differs()) {
            brush.ring(score.x(), edge, 4, Ink.INK, 1.5);
        }
        double half = 4 + 3 * score.words().length();
        double from = score.x() - half;
        double to = score.x() + half;
        if (taken.stream().noneMatch(other -> from < other[1] && to > other[0])) {
            // Near the edges the words stand beside their line, so that they are not cut off.
            Brush.Align align =
                    to > tide.width() ? Brush.Align.RIGHT : from < 0 ? Brush.Align.LEFT : Brush.Align.CENTRE;
            brush.text(score.words(), score.x(), baseline, ink, 11, align);
            taken.add(new double[] {from, to});
        }
    }

    /** Draws only the curve and its two sides, as in a row of the Shelf. */
    public static void paintSmall(Brush brush, TideLayout tide) {
        side(brush, tide, true, Ink.SUBJECT_WASH);
        side(brush, tide, false, Ink.OTHER_WASH);
        brush.line(0, tide.middle(), tide.width(), tide.middle(), Ink.RULE, 1);
        if (tide.xs().length > 1) {
            brush.curve(tide.xs(), tide.ys(), Ink.INK, 1.4);
        }
    }

    private static void side(Brush brush, TideLayout tide, boolean above, Ink ink) {
        int count = tide.xs().length;
        if (count < 2) {
            return;
        }
        double middle = tide.middle();
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

    private static void hatch(Brush brush, double from, double to, TideLayout tide) {
        double room = tide.bottom() - tide.top();
        // Drawn only within the picture: zoomed in, a stoppage may be many screens wide.
        double end = Math.min(to, tide.width());
        for (double x = Math.max(from, 0); x <= end; x += 4) {
            brush.line(x, tide.top() + room * 0.2, Math.min(x + 3, end), tide.top() + room * 0.8, Ink.RULE, 1);
        }
    }
}
