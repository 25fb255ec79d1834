package farglass.desktop.tag.screen;

import farglass.core.bout.Moment;
import farglass.core.corpus.BoutSheet;
import farglass.core.phrase.Surroundings;
import farglass.desktop.desk.Soon;
import farglass.desktop.tag.Tagging;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Below the picture: the chosen moment, or else the last one, with what stands round it and what there is to doubt. */
public final class MomentWords extends VBox {
    private final Tagging tag;
    private final Label moment = new Label();
    private final Label around = new Label();
    private final Label doubt = new Label();
    private Optional<Moment> shown = Optional.empty();
    private Optional<BoutSheet> of = Optional.empty();

    public MomentWords(Tagging tag) {
        super(2);
        this.tag = tag;
        moment.setId("moment-words");
        moment.getStyleClass().add("strong");
        around.getStyleClass().add("quiet");
        around.setWrapText(true);
        doubt.setWrapText(true);
        doubt.setId("moment-doubt");
        doubt.managedProperty().bind(doubt.textProperty().isNotEmpty());
        getChildren().addAll(moment, doubt, around);
        setMinHeight(0);
        javafx.scene.shape.Rectangle clip = new javafx.scene.shape.Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        Soon asked = tag.desk().soon(this::show);
        tag.open().boutProperty().addListener(change -> asked.wish());
        tag.desk().lexiconProperty().addListener((property, old, words) -> asked.wish());
        tag.choice().selectedProperty().addListener(change -> asked.wish());
        tag.playhead().nowProperty().addListener(change -> asked.wish());
    }

    /** {@return the height of a letter in pixels} */
    double lineEm() {
        return moment.getFont().getSize();
    }

    private void show() {
        Optional<BoutSheet> sheet = tag.open().sheet();
        Optional<Moment> next = tag.choice()
                .lead()
                .flatMap(id -> tag.open().bout().flatMap(bout -> bout.moment(id)))
                .or(tag.playhead()::before);
        // While a film plays this is asked for every frame.
        if (next.equals(shown) && sheet.equals(of)) {
            return;
        }
        shown = next;
        of = sheet;
        moment.setText(
                next.map(told -> Surroundings.moment(told, sheet.orElseThrow())).orElse(""));
        around.setText(
                next.map(told -> Surroundings.around(told, sheet.orElseThrow())).orElse(""));
        doubt.setText(next.map(tag.doubts()::sentence).orElse(""));
    }
}
