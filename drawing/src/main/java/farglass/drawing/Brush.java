package farglass.drawing;

/** What a painter can draw with: a canvas on the screen, or an SVG in a report. Pixels, from the upper left corner. */
public interface Brush {
    enum Align {
        LEFT,
        CENTRE,
        RIGHT
    }

    void line(double x1, double y1, double x2, double y2, Ink ink, double widthPx);

    /** A line through all points, in order. */
    void curve(double[] xs, double[] ys, Ink ink, double widthPx);

    /** The filled shape between all points, in order. */
    void area(double[] xs, double[] ys, Ink ink);

    void rectangle(double x, double y, double width, double height, Ink ink);

    void disc(double x, double y, double radius, Ink ink);

    void ring(double x, double y, double radius, Ink ink, double widthPx);

    /** Text on the base line y. */
    void text(String words, double x, double y, Ink ink, double sizePx, Align align);
}
