package farglass.desktop.tag.facts;

import farglass.core.side.Part;
import farglass.core.side.Side;
import farglass.desktop.parts.Drawn;
import farglass.drawing.Brush;
import farglass.drawing.Ink;
import farglass.drawing.Palette;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;

/** A body whose parts are pointed at: seen from behind, so that its left lies to the left, or from the front. */
final class PointedBody extends VBox {
    private static final double WIDTH = 150;
    private static final double HEIGHT = 216;

    /** A part on the drawing, and how far to the side it lies; 0 in the middle. */
    private record Spot(Part.Kind kind, double out, double y) {}

    private static final List<Spot> SPOTS = List.of(
            new Spot(Part.Kind.HEAD, 0, 18),
            new Spot(Part.Kind.NECK, 0, 38),
            new Spot(Part.Kind.COLLAR, 14, 44),
            new Spot(Part.Kind.SHOULDER, 27, 50),
            new Spot(Part.Kind.CHEST, 0, 62),
            new Spot(Part.Kind.BICEPS, 36, 68),
            new Spot(Part.Kind.ARMPIT, 21, 68),
            new Spot(Part.Kind.ELBOW, 44, 86),
            new Spot(Part.Kind.BACK, 0, 84),
            new Spot(Part.Kind.SLEEVE, 50, 104),
            new Spot(Part.Kind.BELT, 0, 106),
            new Spot(Part.Kind.HIP, 20, 112),
            new Spot(Part.Kind.HAND, 58, 122),
            new Spot(Part.Kind.THIGH, 19, 138),
            new Spot(Part.Kind.KNEE, 21, 160),
            new Spot(Part.Kind.SHIN, 23, 182),
            new Spot(Part.Kind.FOOT, 27, 206));

    private final Drawn drawing;
    private boolean front;
    private Optional<Part.Kind> kind = Optional.empty();
    private Optional<Side> side = Optional.empty();

    /** @param pointed takes the part that was pointed at, and its side; none for what lies in the middle */
    PointedBody(ObservableValue<Palette> palette, BiConsumer<Part.Kind, Optional<Side>> pointed) {
        super(2);
        drawing = new Drawn(palette);
        drawing.setId("pointed-body");
        drawing.setPrefSize(WIDTH, HEIGHT);
        drawing.setMinSize(WIDTH, HEIGHT);
        drawing.setMaxSize(WIDTH, HEIGHT);
        drawing.setOnMouseClicked(event -> {
            Spot spot = nearest(event);
            pointed.accept(spot.kind(), sideOf(event, spot));
        });
        Button turn = new Button("from behind");
        turn.getStyleClass().add("small");
        turn.setFocusTraversable(false);
        turn.setOnAction(event -> {
            front = !front;
            turn.setText(front ? "from the front" : "from behind");
            paint();
        });
        setAlignment(Pos.CENTER);
        getChildren().addAll(drawing, turn);
        paint();
    }

    /** Marks the part that is chosen. */
    void show(Part.Kind newKind, Optional<Side> newSide) {
        kind = Optional.of(newKind);
        side = newSide;
        paint();
    }

    private static Spot nearest(MouseEvent event) {
        double out = Math.abs(event.getX() - WIDTH / 2);
        return SPOTS.stream()
                .min(Comparator.comparingDouble(spot -> Math.hypot(spot.out() - out, spot.y() - event.getY())))
                .orElseThrow();
    }

    private Optional<Side> sideOf(MouseEvent event, Spot spot) {
        boolean toTheLeft = event.getX() < WIDTH / 2;
        return spot.out() == 0 ? Optional.empty() : Optional.of(toTheLeft != front ? Side.LEFT : Side.RIGHT);
    }

    private void paint() {
        drawing.paint((brush, width, height) -> {
            double x = width / 2;
            brush.disc(x, 18, 13, Ink.RULE);
            brush.line(x, 44, x, 110, Ink.RULE, 34);
            for (int way : new int[] {-1, 1}) {
                brush.line(x + way * 24, 50, x + way * 44, 86, Ink.RULE, 9);
                brush.line(x + way * 44, 86, x + way * 58, 122, Ink.RULE, 8);
                brush.line(x + way * 13, 116, x + way * 21, 160, Ink.RULE, 13);
                brush.line(x + way * 21, 160, x + way * 27, 206, Ink.RULE, 10);
            }
            brush.text("L", front ? x + 66 : x - 66, 20, Ink.QUIET, 12, Brush.Align.CENTRE);
            brush.text("R", front ? x - 66 : x + 66, 20, Ink.QUIET, 12, Brush.Align.CENTRE);
            for (Spot spot : SPOTS) {
                for (double at : places(spot, x)) {
                    brush.disc(at, spot.y(), 3, Ink.QUIET);
                }
            }
            SPOTS.stream()
                    .filter(spot -> kind.filter(spot.kind()::equals).isPresent())
                    .forEach(spot -> {
                        for (double at : places(spot, x)) {
                            boolean left = at < x != front;
                            boolean here =
                                    spot.out() == 0 || side.isEmpty() || side.get() == (left ? Side.LEFT : Side.RIGHT);
                            if (here) {
                                brush.disc(at, spot.y(), 7, Ink.SUBJECT);
                            }
                        }
                    });
        });
    }

    private static List<Double> places(Spot spot, double middle) {
        List<Double> places = new ArrayList<>();
        places.add(middle + spot.out());
        if (spot.out() > 0) {
            places.add(middle - spot.out());
        }
        return places;
    }
}
