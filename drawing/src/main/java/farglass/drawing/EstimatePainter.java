package farglass.drawing;

/** Draws an estimate. */
public final class EstimatePainter {
    private EstimatePainter() {}

    /** @param ink whose figure it is: {@link Ink#SUBJECT} or {@link Ink#OTHER} */
    public static void paint(Brush brush, EstimateLayout at, Ink ink) {
        double middle = at.height() / 2;
        double left = middle;
        double right = at.width() - middle;
        brush.line(left, middle, right, middle, Ink.RULE, 1);
        for (int quarter = 0; quarter <= 4; quarter++) {
            double x = left + quarter * (right - left) / 4;
            double half = quarter % 2 == 0 ? 4 : 2.5;
            brush.line(x, middle - half, x, middle + half, Ink.RULE, 1);
        }
        brush.line(at.low95(), middle, at.high95(), middle, ink, 1.5);
        brush.line(at.low80(), middle, at.high80(), middle, ink, 4);
        at.population().ifPresent(x -> brush.line(x, 1, x, at.height() - 1, Ink.INK, 1.5));
        brush.disc(at.dot(), middle, Math.min(5.5, middle - 1), Ink.PAPER);
        brush.disc(at.dot(), middle, Math.min(4.2, middle - 2), ink);
    }
}
