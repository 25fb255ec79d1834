package farglass.desktop.tag.line;

import farglass.core.entry.SideRule;
import farglass.core.side.Side;
import farglass.desktop.parts.Drawn;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/**
 * A small drawn body with a left and a right, to be clicked instead of typed: seen from behind, so that its left lies to the left, or
 * from the front, as it faces the camera. It is the same for every film; only whose body it is changes.
 */
final class BodyView extends VBox {
    private static final double WIDTH = 64;
    private static final double HEIGHT = 92;

    private final BooleanProperty front = new SimpleBooleanProperty(false);
    private final Drawn drawing;
    private SideRule rule = SideRule.OWN_ARM;
    private boolean studied = true;
    private Optional<Side> under = Optional.empty();

    BodyView(ObservableValue<Palette> palette, Consumer<Side> told) {
        super(2);
        drawing = new Drawn(palette);
        drawing.setPrefSize(WIDTH, HEIGHT);
        drawing.setMinSize(WIDTH, HEIGHT);
        drawing.setId("body");
        drawing.setOnMouseClicked(event -> told.accept(sideAt(event)));
        drawing.setOnMouseMoved(event -> {
            under = Optional.of(sideAt(event));
            paint();
        });
        drawing.setOnMouseExited(event -> {
            under = Optional.empty();
            paint();
        });
        Button turn = new Button();
        turn.setId("turn-body");
        turn.getStyleClass().add("small");
        turn.setFocusTraversable(false);
        turn.setOnAction(event -> front.set(!front.get()));
        front.addListener(change -> {
            name(turn);
            paint();
        });
        name(turn);
        setAlignment(Pos.CENTER);
        setMinWidth(USE_PREF_SIZE);
        getChildren().addAll(new StackPane(drawing), turn);
        paint();
    }

    private void name(Button turn) {
        turn.setText(front.get() ? "from the front" : "from behind");
    }

    private Side sideAt(MouseEvent event) {
        boolean toTheLeft = event.getX() < drawing.getWidth() / 2;
        return toTheLeft != front.get() ? Side.LEFT : Side.RIGHT;
    }

    /** Shows whose body it is, and which limbs the side is about. */
    void show(SideRule newRule, boolean ofTheStudied) {
        rule = newRule;
        studied = ofTheStudied;
        paint();
    }

    private void paint() {
        drawing.paint((brush, width, height) -> {
            Ink ink = studied ? Ink.SUBJECT : Ink.OTHER;
            double x = width / 2;
            brush.disc(x, 11, 8, Ink.RULE);
            brush.line(x, 22, x, 52, Ink.RULE, 16);
            for (Side side : Side.values()) {
                double out = (side == Side.LEFT) != front.get() ? -1 : 1;
                boolean arms = rule == SideRule.OWN_ARM || rule == SideRule.THEIR_ARM || rule.isDirection();
                boolean legs = rule == SideRule.OWN_LEG || rule == SideRule.THEIR_LEG || rule.isDirection();
                boolean lit = under.filter(side::equals).isPresent();
                brush.line(x + out * 9, 25, x + out * 22, 52, arms ? ink : Ink.RULE, lit && arms ? 9 : 6);
                brush.line(x + out * 5, 56, x + out * 10, 88, legs ? ink : Ink.RULE, lit && legs ? 10 : 7);
                brush.text(
                        side == Side.LEFT ? "L" : "R",
                        x + out * 27,
                        70,
                        Ink.QUIET,
                        11,
                        farglass.drawing.Brush.Align.CENTRE);
            }
        });
    }
}
