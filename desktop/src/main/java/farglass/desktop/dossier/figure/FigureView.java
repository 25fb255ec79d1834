package farglass.desktop.dossier.figure;

import farglass.core.prose.FigureRow;
import farglass.desktop.parts.Drawn;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.Label;

/** One figure within its chapter: its words, its count, the glyph, and what else is to be said; below it the same of somebody else. */
public final class FigureView extends FigureButton {
    private final ObservableValue<Palette> palette;
    private final Label label = wrapped("figure-label");
    // In large letters it wraps rather than being cut.
    private final Label count = wrapped("figure-count");
    private final Label remark = wrapped("quiet");
    private final Drawn glyph;
    private Optional<BesideIt> below = Optional.empty();

    /** The same figure of somebody else, or of another time. */
    private static final class BesideIt {
        private final Label who = wrapped("beside");
        private final Label count = wrapped("beside");
        private final Label likely = wrapped("quiet");
        private final Drawn glyph;

        BesideIt(ObservableValue<Palette> palette) {
            glyph = glyph(palette);
        }

        Node[] columns() {
            return new Node[] {who, count, glyph, likely};
        }

        void show(String name, Optional<FigureRow> row) {
            who.setText("    " + name);
            count.setText(row.map(FigureRow::count).orElse("not seen"));
            draw(glyph, row, Ink.OTHER);
            likely.setText(row.map(FigureRow::likely).orElse(""));
        }
    }

    FigureView(ObservableValue<Palette> palette) {
        this.palette = palette;
        this.glyph = glyph(palette);
        line.getColumnConstraints().addAll(percent(30), percent(13), percent(22), percent(35));
        line.addRow(0, label, count, glyph, remark);
    }

    /**
     * Takes on another figure.
     *
     * @param who stands below; empty for nobody
     * @param beside the same figure there; empty where it was never seen
     */
    public void show(FigureRow row, Optional<String> who, Optional<FigureRow> beside) {
        label.setText(row.label());
        count.setText(row.count());
        draw(glyph, Optional.of(row), Ink.SUBJECT);
        String likely = row.likely().isEmpty() || row.remark().isEmpty() ? row.likely() : row.likely() + "; ";
        remark.setText(likely + row.remark());
        setAccessibleText("%s: %s of %s".formatted(row.label(), row.count(), row.of()));
        if (who.isEmpty()) {
            below.ifPresent(shown -> line.getChildren().removeAll(List.of(shown.columns())));
            below = Optional.empty();
        } else {
            if (below.isEmpty()) {
                below = Optional.of(new BesideIt(palette));
                line.addRow(1, below.get().columns());
            }
            below.get().show(who.get(), beside);
        }
    }
}
