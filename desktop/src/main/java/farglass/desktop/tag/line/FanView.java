package farglass.desktop.tag.line;

import farglass.core.bout.Moment;
import farglass.core.entry.SideRule;
import farglass.core.pick.Fan;
import farglass.core.side.Side;
import farglass.desktop.parts.PartByPart;
import farglass.desktop.tag.OpenBout;
import farglass.drawing.Palette;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The fan of outcomes: the left hand's keys to the left, the right hand's to the right, and a body between them. */
final class FanView extends VBox {
    private static final double ROOMY_EM = 40;

    private final OpenBout open;
    private final FanModel model;
    private final Label question = new Label();
    private final HBox hands = new HBox(10);
    private final HandOfKeys left;
    private final HandOfKeys right;
    private final BodyView body;

    FanView(OpenBout open, FanModel model, ObservableValue<Palette> palette) {
        super(4);
        this.open = open;
        this.model = model;
        this.left = new HandOfKeys(FanModel.LEFT_KEYS, Side.LEFT, model::answer);
        this.right = new HandOfKeys(FanModel.RIGHT_KEYS, Side.RIGHT, model::answer);
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
                .addListener((property, old, asked) -> leave.setText(
                        asked.filter(FanModel.Open::active).isPresent()
                                ? asked.get().fan().sides() == SideRule.NONE
                                        ? "Enter: leave open"
                                        : "V C X B, or Shift: side not seen \u00b7 Enter: leave open"
                                : "Tab: answer with the letters"));
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        getChildren().addAll(new HBox(8, question, between, leave), hands);
        hands.setAlignment(Pos.TOP_LEFT);
        hands.getChildren().addAll(left, body, right);
        PartByPart.in(hands);
        PartByPart.in(this);
        hands.getChildren().forEach(part -> part.managedProperty().bind(part.visibleProperty()));
        model.openProperty().addListener(change -> show());
        // It has no width before it is first shown.
        widthProperty().addListener(change -> show());
    }

    private void show() {
        if (model.openProperty().get().isEmpty()) {
            return;
        }
        FanModel.Open asked = model.openProperty().get().get();
        question.setText(model.question());
        Fan fan = asked.fan();
        List<String> choices = fan.choices().stream().map(Fan.Choice::words).toList();
        if (fan.sides() == SideRule.NONE) {
            left.show(choices, 20, true);
            put(List.of(left));
            return;
        }
        Optional<Moment> moment = open.moment(asked.momentId());
        moment.flatMap(model::owner).ifPresent(owner -> body.show(fan.sides(), owner == open.studied()));
        // With large text the words need the room; the letters still tell left from right.
        boolean roomy = getWidth() >= ROOMY_EM * question.getFont().getSize();
        left.show(choices, roomy ? 9.2 : 6.5, false);
        right.show(choices, roomy ? 9.2 : 6.5, true);
        put(roomy ? List.of(left, body, right) : List.of(left, right));
    }

    private void put(List<Node> seen) {
        hands.getChildren().forEach(part -> part.setVisible(seen.contains(part)));
    }
}
