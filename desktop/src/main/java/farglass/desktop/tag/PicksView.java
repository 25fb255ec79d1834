package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.scribe.Phrase;
import farglass.core.scribe.Proposal;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;

/** The likely next moments, each under its athlete's column with the digit that saves it. */
final class PicksView extends GridPane {
    private final TagModel model;

    PicksView(TagModel model) {
        this.model = model;
        getStyleClass().add("picks");
        setHgap(6);
        setVgap(1);
        ColumnConstraints half = new ColumnConstraints();
        half.setPercentWidth(50);
        getColumnConstraints().addAll(half, half);
        model.picks().addListener((ListChangeListener<Proposal>) change -> show());
        model.boutProperty().addListener(change -> show());
        show();
    }

    private void show() {
        getChildren().clear();
        Optional<Bout> bout = model.boutProperty().get();
        if (bout.isEmpty()) {
            return;
        }
        int left = 0;
        int right = 0;
        for (int i = 0; i < model.picks().size(); i++) {
            Proposal pick = model.picks().get(i);
            boolean studied = pick.actor().filter(model.studied()::equals).isPresent();
            add(button(i + 1, pick, bout.get(), studied), studied ? 0 : 1, studied ? left++ : right++);
        }
    }

    private Button button(int digit, Proposal pick, Bout bout, boolean studied) {
        Moment shown = pick.at("shown", OptionalLong.empty(), model.desk().lexicon());
        String where = shown.settled()
                .map(settled -> " \u2192 " + model.desk().lexicon().label(settled.position()))
                .orElse("");
        Button button =
                new Button(digit + "  " + Phrase.of(shown, bout, model.desk().lexicon()) + where);
        button.getStyleClass().addAll("pick", studied ? "studied" : "other");
        button.setTextOverrun(OverrunStyle.ELLIPSIS);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setFocusTraversable(false);
        button.setOnAction(event -> model.pick(digit));
        return button;
    }
}
