package farglass.drawing;

import java.util.Locale;
import org.apache.commons.text.StringEscapeUtils;

/** Draws into SVG text, for reports and exports. Words are escaped: a name may hold anything. */
public final class SvgBrush implements Brush {
    private final Palette palette;
    private final StringBuilder shapes = new StringBuilder();

    public SvgBrush(Palette palette) {
        this.palette = palette;
    }

    /** {@return the drawing as an SVG element of that size} */
    public String svg(double width, double height) {
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%s\" height=\"%s\" viewBox=\"0 0 %s %s\">%s</svg>"
                .formatted(number(width), number(height), number(width), number(height), shapes);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.2f", value);
    }

    private void shape(String pattern, Object... values) {
        Object[] written = new Object[values.length];
        for (int i = 0; i < values.length; i++) {
            written[i] = values[i] instanceof Double number
                    ? number(number)
                    : values[i] instanceof Ink ink ? palette.hex(ink) : values[i];
        }
        shapes.append(pattern.formatted(written));
    }

    @Override
    public void line(double x1, double y1, double x2, double y2, Ink ink, double widthPx) {
        shape(
                "<line x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\" stroke=\"%s\" stroke-width=\"%s\"/>",
                x1, y1, x2, y2, ink, widthPx);
    }

    private static String points(double[] xs, double[] ys) {
        StringBuilder points = new StringBuilder();
        for (int i = 0; i < xs.length; i++) {
            points.append(number(xs[i])).append(',').append(number(ys[i])).append(' ');
        }
        return points.toString().strip();
    }

    @Override
    public void curve(double[] xs, double[] ys, Ink ink, double widthPx) {
        shape(
                "<polyline points=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"%s\" stroke-linejoin=\"round\"/>",
                points(xs, ys), ink, widthPx);
    }

    @Override
    public void area(double[] xs, double[] ys, Ink ink) {
        shape("<polygon points=\"%s\" fill=\"%s\"/>", points(xs, ys), ink);
    }

    @Override
    public void rectangle(double x, double y, double width, double height, Ink ink) {
        shape("<rect x=\"%s\" y=\"%s\" width=\"%s\" height=\"%s\" fill=\"%s\"/>", x, y, width, height, ink);
    }

    @Override
    public void disc(double x, double y, double radius, Ink ink) {
        shape("<circle cx=\"%s\" cy=\"%s\" r=\"%s\" fill=\"%s\"/>", x, y, radius, ink);
    }

    @Override
    public void ring(double x, double y, double radius, Ink ink, double widthPx) {
        shape(
                "<circle cx=\"%s\" cy=\"%s\" r=\"%s\" fill=\"none\" stroke=\"%s\" stroke-width=\"%s\"/>",
                x, y, radius, ink, widthPx);
    }

    @Override
    public void text(String words, double x, double y, Ink ink, double sizePx, Align align) {
        String anchor =
                switch (align) {
                    case LEFT -> "start";
                    case CENTRE -> "middle";
                    case RIGHT -> "end";
                };
        String escaped = StringEscapeUtils.escapeXml10(words);
        shape(
                "<text x=\"%s\" y=\"%s\" fill=\"%s\" font-size=\"%s\" text-anchor=\"%s\">%s</text>",
                x, y, ink, sizePx, anchor, escaped);
    }
}
