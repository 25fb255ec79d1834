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
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;

/** The likely next moments as continuations of the ledger: each under its athlete's column with the digit that saves it. */
final class PicksView extends GridPane {
    /** So many fit under one another; the rest of a column stands beside them. */
    private static final int ROWS = 5;

    private static final int PARTS = 2;

    private final TagModel model;

    PicksView(TagModel model) {
        this.model = model;
        getStyleClass().add("picks");
        setHgap(6);
        setVgap(1);
        for (int i = 0; i < 2 * PARTS; i++) {
            getColumnConstraints().add(new ColumnConstraints());
        }
        model.picks().list().addListener((ListChangeListener<Proposal>) change -> show());
        model.boutProperty().addListener((property, old, now) -> {
            if (!old.map(Bout::id).equals(now.map(Bout::id))) {
                show();
            }
        });
        show();
    }

    private void show() {
        getChildren().clear();
        Optional<Bout> bout = model.boutProperty().get();
        if (bout.isEmpty()) {
            return;
        }
        int[] counts = new int[2];
        boolean[] crowded = new boolean[2];
        for (Proposal pick : model.picks().list()) {
            int side = side(pick);
            counts[side]++;
            crowded[side] = counts[side] > ROWS;
        }
        giveRoom(crowded);
        add(new HBox(12, more(), all()), 0, ROWS, 2 * PARTS, 1);
        int[] placed = new int[2];
        for (int i = 0; i < model.picks().list().size(); i++) {
            Proposal pick = model.picks().list().get(i);
            int side = side(pick);
            int number = placed[side]++;
            int column = side * PARTS + number / ROWS;
            add(button(i + 1, pick, bout.get(), side == 0), column, number % ROWS, crowded[side] ? 1 : PARTS, 1);
        }
    }

    /** Where only one athlete has more picks than fit under one another, the other's column is the narrower: names stay whole. */
    private void giveRoom(boolean[] crowded) {
        for (int i = 0; i < 2 * PARTS; i++) {
            boolean own = crowded[i / PARTS];
            boolean others = crowded[1 - i / PARTS];
            double share = own == others ? 1.0 / (2 * PARTS) : own ? 1.0 / (PARTS + 1) : 1.0 / (PARTS + 1) / PARTS;
            getColumnConstraints().get(i).setPercentWidth(100 * share);
        }
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
        MenuButton all = new MenuButton("all that can start here");
        all.setId("pick-all");
        all.getStyleClass().add("small");
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

    private int side(Proposal pick) {
        return pick.actor().filter(model.studied()::equals).isPresent() ? 0 : 1;
    }

    private Button button(int digit, Proposal pick, Bout bout, boolean studied) {
        Moment shown = pick.at(
                "shown", OptionalLong.empty(), model.stand(), model.desk().lexicon());
        Button button =
                new Button(digit + "  " + Phrase.of(shown, bout, model.desk().lexicon()));
        button.setMnemonicParsing(false);
        button.setId("pick-" + digit);
        button.getStyleClass().add("pick");
        pick.actor().ifPresent(actor -> button.getStyleClass().add(studied ? "studied" : "other"));
        button.setTextOverrun(OverrunStyle.ELLIPSIS);
        button.setMaxWidth(Double.MAX_VALUE);
        button.setFocusTraversable(false);
        button.setOnAction(event -> model.pick(digit));
        return button;
    }
}
