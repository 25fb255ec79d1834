package farglass.desktop.tag;

import farglass.core.bout.Moment;
import farglass.core.corpus.BoutSheet;
import farglass.core.scribe.Surroundings;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** Below the picture: the chosen moment, or else the last one, with what stands round it and what there is to doubt. */
final class MomentWords extends VBox {
    private final TagModel model;
    private final Label moment = new Label();
    private final Label around = new Label();
    private final Label doubt = new Label();
    private Optional<Moment> shown = Optional.empty();
    private Optional<BoutSheet> of = Optional.empty();

    MomentWords(TagModel model) {
        super(2);
        this.model = model;
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
        model.boutProperty().addListener(change -> show());
        model.desk().lexiconProperty().addListener((property, old, words) -> show());
        model.selectedProperty().addListener(change -> show());
        model.nowProperty().addListener(change -> show());
    }

    /** {@return the height of a letter in pixels} */
    double lineEm() {
        return moment.getFont().getSize();
    }

    private void show() {
        Optional<BoutSheet> sheet = model.sheet();
        Optional<Moment> next = model.selectedProperty()
                .get()
                .flatMap(id -> model.boutProperty().get().flatMap(bout -> bout.moment(id)))
                .or(model::before);
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
        doubt.setText(next.map(model.doubts()::sentence).orElse(""));
    }
}
