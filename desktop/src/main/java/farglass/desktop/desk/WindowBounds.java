package farglass.desktop.desk;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javafx.geometry.Rectangle2D;

/**
 * Where the window stood and how large it was, frame included; in pixels of the desktop.
 *
 * @param maximised whether it filled the screen; the bounds are then those it would go back to
 */
public record WindowBounds(Rectangle2D bounds, boolean maximised) {
    private static final Pattern WRITTEN =
            Pattern.compile("(-?\\d{1,6}) (-?\\d{1,6}) (\\d{1,5}) (\\d{1,5})( maximised)?");
    /** In a smaller window nothing can be read; on a smaller screen it fills the screen. */
    public static final double LEAST_WIDTH = 900;

    public static final double LEAST_HEIGHT = 600;

    /** So much of the upper edge must be on a screen, or nobody could take hold of the window. */
    private static final double GRIP = 80;

    /** {@return the bounds as settings keep them; empty where the words say none} */
    static Optional<WindowBounds> parse(String words) {
        Matcher matcher = WRITTEN.matcher(words);
        return matcher.matches()
                ? Optional.of(new WindowBounds(
                        new Rectangle2D(
                                Double.parseDouble(matcher.group(1)),
                                Double.parseDouble(matcher.group(2)),
                                Double.parseDouble(matcher.group(3)),
                                Double.parseDouble(matcher.group(4))),
                        matcher.group(5) != null))
                : Optional.empty();
    }

    String words() {
        return "%d %d %d %d%s"
                .formatted(
                        Math.round(bounds.getMinX()),
                        Math.round(bounds.getMinY()),
                        Math.round(bounds.getWidth()),
                        Math.round(bounds.getHeight()),
                        maximised ? " maximised" : "");
    }

    /**
     * {@return where the window goes: where it was, as far as that screen is still there and has room, else in the middle of the first
     * screen}
     *
     * @param screens the usable part of each screen, the first one in front; at least one
     * @param width wished for where nothing is remembered; likewise the height
     */
    public static Rectangle2D fit(Optional<WindowBounds> last, List<Rectangle2D> screens, double width, double height) {
        return last.map(WindowBounds::bounds)
                .flatMap(was -> screens.stream()
                        .filter(screen -> canBeHeld(was, screen))
                        .findFirst()
                        .map(screen -> within(was, screen)))
                .orElseGet(() -> centred(screens.get(0), width, height));
    }

    private static boolean canBeHeld(Rectangle2D window, Rectangle2D screen) {
        return screen.intersects(
                window.getMinX() + GRIP / 2, window.getMinY(), Math.max(1, window.getWidth() - GRIP), GRIP / 2);
    }

    private static Rectangle2D within(Rectangle2D window, Rectangle2D screen) {
        double width = Math.min(Math.max(LEAST_WIDTH, window.getWidth()), screen.getWidth());
        double height = Math.min(Math.max(LEAST_HEIGHT, window.getHeight()), screen.getHeight());
        return new Rectangle2D(
                Math.max(screen.getMinX(), Math.min(window.getMinX(), screen.getMaxX() - width)),
                Math.max(screen.getMinY(), Math.min(window.getMinY(), screen.getMaxY() - height)),
                width,
                height);
    }

    private static Rectangle2D centred(Rectangle2D screen, double wishedWidth, double wishedHeight) {
        double width = Math.min(wishedWidth, screen.getWidth());
        double height = Math.min(wishedHeight, screen.getHeight());
        return new Rectangle2D(
                screen.getMinX() + (screen.getWidth() - width) / 2,
                screen.getMinY() + (screen.getHeight() - height) / 2,
                width,
                height);
    }
}
