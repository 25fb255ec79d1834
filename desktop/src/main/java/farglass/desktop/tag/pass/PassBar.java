package farglass.desktop.tag.pass;

import farglass.core.bout.Covered;
import farglass.core.bout.Times;
import farglass.core.fact.Layer;
import farglass.core.naming.Words;
import farglass.core.pass.Aim;
import farglass.core.pass.Pass;
import farglass.core.pass.StudyNeeds;
import farglass.desktop.desk.Soon;
import farglass.desktop.tag.Tagging;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.property.StringProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** What this viewing is for, how much was watched for it, and where moments are found. */
public final class PassBar extends HBox {
    private final Tagging tag;
    private final PassModel model;
    private final MenuButton aims = new MenuButton();
    private final Label covered = new Label();
    private final TextField find = new TextField();

    /** @param found words that a moment must hold to be shown */
    public PassBar(Tagging tag, PassModel model, StringProperty found) {
        super(10);
        this.tag = tag;
        this.model = model;
        setAlignment(Pos.CENTER_LEFT);
        aims.setId("pass");
        aims.getStyleClass().add("word");
        aims.setFocusTraversable(false);
        aims.setMinWidth(USE_PREF_SIZE);
        aims.setOnShowing(event -> fill());
        fill();
        covered.setId("covered");
        covered.getStyleClass().add("quiet");
        covered.setMinWidth(0);
        covered.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(covered, Priority.ALWAYS);
        find.setId("find");
        find.setPromptText("Find (Ctrl+F)");
        find.setPrefColumnCount(11);
        find.setFocusTraversable(false);
        find.textProperty().bindBidirectional(found);
        getChildren().addAll(aims, covered, find);
        Soon shown = tag.desk().soon(this::show);
        tag.viewing().aimProperty().addListener(change -> shown.wish());
        tag.open().boutProperty().addListener(change -> shown.wish());
        tag.playhead().player().lastProperty().addListener(change -> shown.wish());
        tag.playhead().nowProperty().addListener((property, old, now) -> {
            // Once a second is enough for a sum of minutes.
            if (old.orElse(0) / 1_000_000 != now.orElse(0) / 1_000_000) {
                shown.wish();
            }
        });
        show();
    }

    private void fill() {
        aims.getItems().clear();
        for (Aim aim : Aim.values()) {
            aims.getItems().add(item(label(aim), () -> model.begin(aim, Optional.empty())));
        }
        tag.open().bout().flatMap(bout -> here()).ifPresent(position -> {
            Menu only =
                    new Menu("Only in " + Words.inSentence(tag.desk().lexicon().label(position)));
            for (Aim aim : Aim.values()) {
                only.getItems().add(item(aim.label(), () -> model.begin(aim, Optional.of(position))));
            }
            aims.getItems().add(only);
        });
    }

    private Optional<String> here() {
        return Optional.of(tag.playhead().stand().position())
                .filter(position -> position.isSettled())
                .map(position -> position.key());
    }

    /** How much a pass would ask is said before it is begun. */
    private String label(Aim aim) {
        return tag.open()
                .sheet()
                .filter(bout -> aim != Aim.STORY)
                .map(bout -> new Pass(aim, Optional.empty(), StudyNeeds.NONE)
                        .questions(bout)
                        .size())
                .map(count ->
                        count == 0 ? aim.label() + ": nothing to ask" : "%s: %d to ask".formatted(aim.label(), count))
                .orElse(aim.label());
    }

    private static MenuItem item(String label, Runnable doing) {
        MenuItem item = new MenuItem(label);
        item.setOnAction(event -> doing.run());
        return item;
    }

    private void show() {
        Aim aim = tag.viewing().aimProperty().get();
        aims.setText("Pass: " + aim.label().toLowerCase(Locale.ROOT));
        aims.setDisable(tag.open().bout().isEmpty());
        find.setDisable(tag.open().bout().isEmpty());
        covered.setText(tag.open()
                .bout()
                .flatMap(bout -> aim.layer().map(layer -> covered(layer)))
                .orElse(""));
    }

    private String covered(Layer layer) {
        long watched = 0;
        long end = 0;
        // Stretches of one layer may overlap, where one was declared and played besides.
        for (Covered stretch : tag.open().noted().header().covered()) {
            if (stretch.layer() == layer && stretch.toMicros() > end) {
                watched += stretch.toMicros() - Math.max(end, stretch.fromMicros());
                end = stretch.toMicros();
            }
        }
        long whole =
                Math.max(tag.playhead().film().endMicros(), tag.open().noted().extentMicros());
        return watched == 0
                ? "not looked at yet"
                : "%s of %s looked through".formatted(Times.seconds(watched), Times.seconds(Math.max(whole, watched)));
    }

    public TextField find() {
        return find;
    }

    public void choose() {
        aims.requestFocus();
        aims.show();
    }
}
