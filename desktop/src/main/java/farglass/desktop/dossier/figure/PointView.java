package farglass.desktop.dossier.figure;

import farglass.core.prose.FigureRow;
import farglass.core.prose.OneMinute;
import farglass.desktop.parts.Drawn;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** A sentence of the page of one minute, with its figure beside and where it comes from. */
public final class PointView extends FigureButton {
    private final Label about = wrapped("quiet");
    private final Label words = wrapped("point-words");
    private final Label count = wrapped("figure-count");
    private final Label chapter = wrapped("quiet");
    private final Label unknown = wrapped("quiet");
    private final Drawn glyph;

    PointView(ObservableValue<Palette> palette) {
        glyph = glyph(palette);
        unknown.setText("not known");
        VBox from = new VBox(count, chapter);
        from.setAlignment(Pos.CENTER_LEFT);
        StackPane figure = new StackPane(glyph, unknown);
        figure.setAlignment(Pos.CENTER_LEFT);
        line.getColumnConstraints().addAll(percent(61), percent(22), percent(17));
        line.addRow(0, new VBox(about, words), figure, from);
    }

    /** Takes on another sentence. */
    public void show(OneMinute.Point point) {
        about.setText(point.about());
        words.setText(point.words());
        count.setText(point.row().map(FigureRow::count).orElse(""));
        chapter.setText(point.chapter());
        glyph.setVisible(point.row().isPresent());
        unknown.setVisible(point.row().isEmpty());
        draw(glyph, point.row(), Ink.SUBJECT);
        setAccessibleText(point.about() + ": " + point.words());
    }
}
