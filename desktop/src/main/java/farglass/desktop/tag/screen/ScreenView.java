package farglass.desktop.tag.screen;

import farglass.desktop.screening.FilmView;
import javafx.geometry.Orientation;
import javafx.scene.Node;
import javafx.scene.layout.Region;

/**
 * The film in the shape of its film, as large as there is room; the score above it, the controls below, and what room is left for words
 * about the moment. No dark bands lie round a film: an upright one is narrow, a wide one low.
 */
public final class ScreenView extends Region {
    private static final double GAP = 6;
    private static final double WORDS_EM = 3.2;

    private final BoardView board;
    private final Region picture;
    private final FilmView film;
    private final Region controls;
    private final MomentWords words;

    public ScreenView(BoardView board, Region picture, FilmView film, Region controls, MomentWords words) {
        this.board = board;
        this.picture = picture;
        this.film = film;
        this.controls = controls;
        this.words = words;
        // What room they have is decided here: what changes in them asks nobody whether it fits.
        picture.setManaged(false);
        words.setManaged(false);
        getChildren().addAll(board, picture, controls, words);
        film.proportionProperty().addListener(change -> requestLayout());
        setMinWidth(0);
        setMinHeight(0);
    }

    @Override
    public Orientation getContentBias() {
        return null;
    }

    @Override
    protected void layoutChildren() {
        double left = snappedLeftInset();
        double width = getWidth() - left - snappedRightInset();
        double top = snappedTopInset();
        double height = getHeight() - top - snappedBottomInset();
        double boardHigh = board.prefHeight(width);
        double controlsHigh = controls.prefHeight(width);
        double wordsHigh = WORDS_EM * words.lineEm();
        double room = Math.max(0, height - boardHigh - controlsHigh - wordsHigh - 3 * GAP);
        double high = Math.min(room, width / film.proportionProperty().get());
        double wide = Math.min(width, high * film.proportionProperty().get());
        double y = top;
        place(board, left, y, width, boardHigh);
        y += boardHigh + GAP;
        place(picture, left + (width - wide) / 2, y, wide, high);
        y += high + GAP;
        place(controls, left, y, width, controlsHigh);
        y += controlsHigh + GAP;
        place(words, left, y, width, Math.max(0, top + height - y));
    }

    private void place(Node node, double x, double y, double width, double height) {
        node.resizeRelocate(snapPositionX(x), snapPositionY(y), snapSizeX(width), snapSizeY(height));
    }
}
