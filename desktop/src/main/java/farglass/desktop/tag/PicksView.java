package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.scribe.Phrase;
import farglass.core.scribe.Proposal;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** The likely next moments, each athlete's in a line of their own behind the name, with the digit that saves it. */
final class PicksView extends VBox {
    /** So long after it last moved, a mouse over the picks is still aiming at one; then it merely lies there. */
    private static final long AIMING_NANOS = 1_500_000_000;

    private final TagModel model;
    private long mouseMoved;

    PicksView(TagModel model) {
        super(1);
        this.model = model;
        getStyleClass().add("picks");
        setOnMouseEntered(event -> mouseMoved = System.nanoTime());
        setOnMouseMoved(event -> mouseMoved = System.nanoTime());
        setOnMouseExited(event -> mouseMoved = System.nanoTime() - AIMING_NANOS);
        mouseMoved = System.nanoTime() - AIMING_NANOS;
        model.whileChoosing(() -> System.nanoTime() - mouseMoved < AIMING_NANOS);
        model.picks().list().addListener((ListChangeListener<Proposal>) change -> show());
        model.boutProperty().addListener((property, old, now) -> {
            if (!old.map(Bout::id).equals(now.map(Bout::id))) {
                show();
            }
        });
        // The same picks are said in other words, and whom we study stands in front.
        model.desk().lexiconProperty().addListener(change -> show());
        model.desk().studyProperty().addListener(change -> show());
        show();
    }

    private void show() {
        getChildren().clear();
        Optional<Bout> bout = model.boutProperty().get();
        if (bout.isEmpty()) {
            return;
        }
        FlowPane studied = line(bout.get(), model.studied(), "studied");
        FlowPane other = line(bout.get(), model.studied().other(), "other");
        FlowPane nobody = new FlowPane();
        for (int i = 0; i < model.picks().list().size(); i++) {
            Proposal pick = model.picks().list().get(i);
            FlowPane line = pick.actor()
                    .map(actor -> actor == model.studied() ? studied : other)
                    .orElse(nobody);
            line.getChildren().add(button(i + 1, pick, bout.get()));
        }
        FlowPane last = studied;
        for (FlowPane line : new FlowPane[] {studied, other}) {
            if (line.getChildren().size() > 1) {
                getChildren().add(line);
                last = line;
            }
        }
        if (!nobody.getChildren().isEmpty()) {
            getChildren().add(nobody);
            last = nobody;
        }
        last.getChildren().addAll(more(), all());
    }

    private static FlowPane line(Bout bout, Seat seat, String style) {
        Label name = new Label(Phrase.firstName(bout, seat));
        name.getStyleClass().addAll("pick-name", "strong", style);
        return new FlowPane(name);
    }

    private Button more() {
        Button more = new Button("0  nine more");
        more.setId("pick-more");
        more.getStyleClass().addAll("pick", "quiet");
        more.setFocusTraversable(false);
        more.setOnAction(event -> model.picks().more());
        return more;
    }

    /** For the mouse alone: everything that the sport lets either of them do from here, by its kind. */
    private MenuButton all() {
        MenuButton all = new MenuButton("all");
        all.setTooltip(new Tooltip("All that can start here, by its kind"));
        all.setId("pick-all");
        all.getStyleClass().addAll("small", "word");
        all.setFocusTraversable(false);
        all.setOnShowing(event -> {
            all.getItems().clear();
            Bout bout = model.boutProperty().get().orElseThrow();
            for (Seat seat : new Seat[] {model.studied(), model.studied().other()}) {
                Menu menu = new Menu(Phrase.firstName(bout, seat));
                menu.setMnemonicParsing(false);
                model.startable(seat).forEach((kind, techniques) -> {
                    Menu ofKind = new Menu(kind.label());
                    techniques.forEach(technique -> {
                        MenuItem item = new MenuItem(technique.label());
                        item.setMnemonicParsing(false);
                        item.setOnAction(chosen -> model.take(seat, technique));
                        ofKind.getItems().add(item);
                    });
                    menu.getItems().add(ofKind);
                });
                all.getItems().add(menu);
            }
        });
        // A menu without items never asks for them.
        all.getItems().add(new MenuItem("\u2026"));
        return all;
    }

    private Button button(int digit, Proposal pick, Bout bout) {
        Moment shown = pick.at(
                "shown", OptionalLong.empty(), model.stand(), model.desk().lexicon());
        Button button =
                new Button(digit + "  " + Phrase.of(shown, bout, model.desk().lexicon()));
        button.setMnemonicParsing(false);
        button.setId("pick-" + digit);
        button.getStyleClass().add("pick");
        pick.actor().ifPresent(actor -> button.getStyleClass().add(actor == model.studied() ? "studied" : "other"));
        if (model.picks().isUnusual(pick)) {
            button.getStyleClass().add("quiet");
            button.setTooltip(new Tooltip("Unusual from here"));
        }
        button.setFocusTraversable(false);
        button.setOnAction(event -> model.pick(digit));
        return button;
    }
}
