package farglass.desktop.tag;

import farglass.core.bout.Moment;
import farglass.core.bout.Side;
import farglass.core.lexicon.SideRule;
import farglass.core.scribe.Fan;
import farglass.drawing.Palette;
import java.util.Locale;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The fan of outcomes: the left hand's keys to the left, the right hand's to the right, and a body between them. */
final class FanView extends VBox {
    /** As many choices lie under the fingers at rest; the rest in the row above. */
    private static final int AT_REST = 4;

    private static final double ROOMY_EM = 40;

    private final TagModel tag;
    private final FanModel model;
    private final Label question = new Label();
    private final HBox hands = new HBox(10);
    private final BodyView body;
    private boolean unseen;

    FanView(TagModel tag, ObservableValue<Palette> palette) {
        super(4);
        this.tag = tag;
        this.model = tag.fan();
        this.body = new BodyView(palette, model::tellSide);
        getStyleClass().add("fan");
        setId("fan");
        question.setId("fan-question");
        question.getStyleClass().add("strong");
        question.setMinWidth(USE_PREF_SIZE);
        Button leave = new Button();
        leave.setId("fan-leave");
        leave.getStyleClass().addAll("word", "quiet");
        leave.setMinWidth(0);
        leave.setFocusTraversable(false);
        leave.setOnAction(event -> {
            if (model.openProperty().get().filter(FanModel.Open::active).isPresent()) {
                model.close();
            } else {
                model.activate();
            }
        });
        model.openProperty()
                .addListener((property, old, open) -> leave.setText(
                        open.filter(FanModel.Open::active).isPresent()
                                ? open.get().fan().sides() == SideRule.NONE
                                        ? "Enter: leave open"
                                        : "V C X B, or Shift: side not seen \u00b7 Enter: leave open"
                                : "Tab: answer with the letters"));
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        getChildren().addAll(new HBox(8, question, between, leave), hands);
        hands.setAlignment(Pos.TOP_LEFT);
        model.openProperty().addListener(change -> show());
        // It has no width before it is first shown.
        widthProperty().addListener(change -> show());
    }

    private void show() {
        hands.getChildren().clear();
        model.openProperty().get().ifPresent(open -> {
            question.setText(model.question());
            Fan fan = open.fan();
            if (fan.sides() == SideRule.NONE) {
                hands.getChildren().add(hand(fan, FanModel.LEFT_KEYS, Optional.of(Side.LEFT), 20));
                return;
            }
            Optional<Moment> moment = tag.boutProperty().get().flatMap(bout -> bout.moment(open.momentId()));
            moment.flatMap(model::owner).ifPresent(owner -> body.show(fan.sides(), owner == tag.studied()));
            // With large text the words need the room; the letters still tell left from right.
            boolean roomy = getWidth() >= ROOMY_EM * question.getFont().getSize();
            hands.getChildren().add(hand(fan, FanModel.LEFT_KEYS, Optional.of(Side.LEFT), roomy ? 9.2 : 6.5));
            if (roomy) {
                hands.getChildren().add(body);
            }
            hands.getChildren().add(hand(fan, FanModel.RIGHT_KEYS, Optional.of(Side.RIGHT), roomy ? 9.2 : 6.5));
        });
    }

    /** The row at rest is the inner column of a hand: its keys are struck most. */
    private GridPane hand(Fan fan, String keys, Optional<Side> side, double widthEm) {
        GridPane grid = new GridPane();
        grid.setHgap(4);
        grid.setVgap(1);
        boolean mirrored = side.equals(Optional.of(Side.RIGHT)) || fan.sides() == SideRule.NONE;
        for (int i = 0; i < fan.choices().size(); i++) {
            int number = i;
            Button button = new Button("%s  %s"
                    .formatted(
                            String.valueOf(keys.charAt(i)).toUpperCase(Locale.ROOT),
                            fan.choices().get(i).words()));
            button.getStyleClass().add("pick");
            button.setId("fan-" + keys.charAt(i));
            button.setFocusTraversable(false);
            button.setStyle(String.format(Locale.ROOT, "-fx-pref-width: %.1fem;", widthEm));
            button.setOnMousePressed(event -> unseen = event.isShiftDown());
            button.setOnAction(event -> model.answer(number, unseen ? Optional.empty() : side));
            boolean atRest = i < AT_REST;
            grid.add(button, atRest == mirrored ? 0 : 1, i % AT_REST);
        }
        return grid;
    }
}
