package farglass.desktop.tag.facts;

import farglass.core.Spelling;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.fact.Body;
import farglass.core.fact.BodyFact;
import farglass.core.fact.Fact;
import farglass.core.fact.Grip;
import farglass.core.fact.GripBuilder;
import farglass.core.fact.PartState;
import farglass.core.fact.Purpose;
import farglass.core.fact.Span;
import farglass.core.lexicon.Lexicon;
import farglass.core.phrase.AthleteWords;
import farglass.core.phrase.Phrase;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.desktop.parts.Form;
import farglass.drawing.Palette;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.value.ObservableValue;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** The forms of the concepts: each gives its fact, or says in a sentence what is missing. */
final class FactForms {
    /** What can be told, as the first choice of the sheet. */
    enum Concept {
        GRIP("A grip, or a limb at work"),
        PART("How a part of the body is"),
        BODY("How the body lies and stands"),
        WHY("Why, what for, on seeing what"),
        OPENED("What it opens or closes"),
        SPAN("How long, or how often");

        private final String label;

        Concept(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    /** A form, and the fact it tells. */
    record Filled(Node form, Supplier<Fact> fact) {}

    private static final int MOMENTS_OFFERED = 20;

    private final Moment moment;
    private final Bout bout;
    private final Lexicon lexicon;
    private final ObservableValue<Palette> palette;
    private final Seat own;

    FactForms(Moment moment, Bout bout, Lexicon lexicon, ObservableValue<Palette> palette) {
        this.moment = moment;
        this.bout = bout;
        this.lexicon = lexicon;
        this.palette = palette;
        this.own = moment.actor().orElse(Seat.A);
    }

    Filled of(Concept concept) {
        return switch (concept) {
            case GRIP -> grip();
            case PART -> part();
            case BODY -> body();
            case WHY -> why();
            case OPENED -> opened();
            case SPAN -> span();
        };
    }

    private static String words(Enum<?> value) {
        return Spelling.of(value).replace('-', ' ');
    }

    private static String how(Purpose.How how) {
        return switch (how) {
            case FOR -> "for";
            case AIMED_AT -> "aimed at";
            case FEINT_FOR -> "a feint for";
            case CUE -> "on seeing";
            case WAITED_FOR -> "after waiting for";
            case EXPECTED -> "expecting";
            case BECAUSE -> "because of";
            case INSTEAD_OF -> "instead of";
            case AVOIDS -> "to avoid";
            case SEE -> "see, where it is done well";
        };
    }

    private String name(Seat seat) {
        return AthleteWords.firstName(bout, seat);
    }

    /** A part: whose, which side, which. */
    private static final class PartFields {
        private final ComboBox<Seat> whose;
        private final ComboBox<Optional<Side>> side;
        private final ComboBox<Part.Kind> kind;

        PartFields(Form form, String label, Part start, Function<Seat, String> name) {
            whose = box(label, "whose", List.of(Seat.values()), start.owner(), name);
            side = box(
                    label,
                    "side",
                    List.of(Optional.empty(), Optional.of(Side.LEFT), Optional.of(Side.RIGHT)),
                    start.side(),
                    each -> each.map(Side::label).orElse("side not told"));
            kind = box(label, "part", List.of(Part.Kind.values()), start.kind(), FactForms::words);
            form.add(label, new HBox(6, whose, side, kind));
        }

        private static <T> ComboBox<T> box(
                String label, String what, List<T> values, T value, Function<T, String> words) {
            ComboBox<T> box = Form.box(values, value, words);
            box.setAccessibleText(label + ", " + what);
            box.setId("part-" + label.toLowerCase(Locale.ROOT) + "-" + what);
            HBox.setHgrow(box, Priority.ALWAYS);
            return box;
        }

        /** Follows the body that is pointed at, and shows on it what is chosen. */
        PartFields pointedAt(Form form, ObservableValue<Palette> palette) {
            PointedBody body = new PointedBody(palette, (pointed, newSide) -> {
                kind.setValue(pointed);
                side.setValue(newSide);
            });
            body.show(kind.getValue(), side.getValue());
            kind.valueProperty().addListener(change -> body.show(kind.getValue(), side.getValue()));
            side.valueProperty().addListener(change -> body.show(kind.getValue(), side.getValue()));
            form.add("Point at it", body);
            return this;
        }

        Part part() {
            return new Part(whose.getValue(), side.getValue(), kind.getValue());
        }
    }

    private Filled grip() {
        Form form = new Form();
        PartFields by = new PartFields(form, "With", new Part(own, Optional.empty(), Part.Kind.HAND), this::name);
        PartFields on = new PartFields(
                        form, "On", new Part(own.other(), Optional.empty(), Part.Kind.COLLAR), this::name)
                .pointedAt(form, palette);
        List<ToggleButton> ways = Arrays.stream(Grip.Way.values())
                .map(way -> {
                    ToggleButton button = new ToggleButton(words(way));
                    button.setUserData(way);
                    button.getStyleClass().add("small");
                    return button;
                })
                .toList();
        FlowPane how = new FlowPane(4, 4);
        how.getChildren().setAll(ways);
        how.setPrefWrapLength(380);
        form.add("How", how);
        TextField until = form.text("Until", "", "a time of the bout, such as 1:20; empty if nobody looked");
        return new Filled(form, () -> {
            List<Grip.Way> told = new ArrayList<>();
            ways.stream().filter(ToggleButton::isSelected).forEach(button -> told.add((Grip.Way) button.getUserData()));
            return GripBuilder.builder()
                    .holder(by.part())
                    .target(on.part())
                    .untilMicros(time(until))
                    .ways(told)
                    .create();
        });
    }

    private Filled part() {
        Form form = new Form();
        PartFields which = new PartFields(
                        form, "Part", new Part(own.other(), Optional.empty(), Part.Kind.ARM), this::name)
                .pointedAt(form, palette);
        ComboBox<PartState.How> how =
                form.choice("Is", List.of(PartState.How.values()), PartState.How.ISOLATED, FactForms::words);
        ComboBox<Optional<PartState.Ground>> ground = form.choice(
                "The ground",
                List.of(
                        Optional.empty(),
                        Optional.of(PartState.Ground.MAT),
                        Optional.of(PartState.Ground.WALL),
                        Optional.of(PartState.Ground.EDGE)),
                Optional.empty(),
                each -> each.map(FactForms::words).orElse("none"));
        return new Filled(form, () -> {
            boolean placed = how.getValue() == PartState.How.ON || how.getValue() == PartState.How.OFF;
            if (placed != ground.getValue().isPresent()) {
                throw new IllegalArgumentException(
                        placed
                                ? "Choose the ground too: the mat, the wall or the edge."
                                : "Only what is on or off it has to do with the ground. Choose one of the two, or no ground.");
            }
            return new PartState(which.part(), how.getValue(), Optional.empty(), ground.getValue());
        });
    }

    private Filled body() {
        Form form = new Form();
        ComboBox<Seat> whose = form.choice("Of", List.of(Seat.values()), own, this::name);
        ComboBox<BodyFact> what = form.choice("What", List.of(BodyFact.values()), BodyFact.LIES, FactForms::words);
        ComboBox<String> value =
                form.name("Is", BodyFact.LIES.words(), BodyFact.LIES.words().get(0));
        what.valueProperty().addListener((property, old, now) -> {
            value.getItems().setAll(now.words());
            value.getEditor().setText(now.words().isEmpty() ? "" : now.words().get(0));
        });
        return new Filled(
                form,
                () -> new Body(
                        Optional.of(whose.getValue()),
                        what.getValue(),
                        value.getEditor().getText().strip()));
    }

    private Filled why() {
        Form form = new Form();
        ComboBox<Purpose.How> how =
                form.choice("It is", List.of(Purpose.How.values()), Purpose.How.CUE, FactForms::how);
        List<Optional<Moment>> before = new ArrayList<>();
        before.add(Optional.empty());
        List<Moment> all = bout.moments();
        int at = all.indexOf(moment);
        for (int i = at - 1; i >= Math.max(0, at - MOMENTS_OFFERED); i--) {
            before.add(Optional.of(all.get(i)));
        }
        ComboBox<Optional<Moment>> which = form.choice(
                "A moment", before, Optional.empty(), each -> each.map(earlier -> Phrase.told(earlier, bout, lexicon))
                        .orElse("none: the words below"));
        TextField words = form.text("In words", "", "such as hand on the mat");
        return new Filled(
                form,
                () -> new Purpose.Why(
                        how.getValue(),
                        which.getValue().map(Moment::id),
                        words.getText().strip()));
    }

    private Filled opened() {
        Form form = new Form();
        ComboBox<Boolean> opens = form.choice("It", List.of(true, false), true, yes -> yes ? "opens" : "closes");
        PartFields which = new PartFields(
                        form, "Part", new Part(own.other(), Optional.empty(), Part.Kind.BACK), this::name)
                .pointedAt(form, palette);
        TextField words = form.text("Or in words", "", "such as the turn; then the part is not told");
        return new Filled(
                form,
                () -> words.getText().isBlank()
                        ? new Purpose.Opened(opens.getValue(), Optional.of(which.part()), "")
                        : new Purpose.Opened(
                                opens.getValue(),
                                Optional.empty(),
                                words.getText().strip()));
    }

    private Filled span() {
        Form form = new Form();
        TextField until = form.text("It lasts until", "", "a time of the bout, such as 4:20");
        TextField times = form.text("Or so many times", "", "a number from 2 on, or several");
        return new Filled(form, () -> {
            if (!until.getText().isBlank()) {
                return new Span.Until(time(until).orElseThrow());
            }
            String many = times.getText().strip();
            if (many.equals("several")) {
                return new Span.Times(OptionalInt.empty());
            }
            if (!many.matches("[0-9]{1,3}")) {
                throw new IllegalArgumentException("Write until when it lasts, or how many times it was done.");
            }
            return new Span.Times(OptionalInt.of(Integer.parseInt(many)));
        });
    }

    /** {@return when it ended, if that is told: not before the moment itself} */
    private OptionalLong time(TextField field) {
        String typed = field.getText().strip();
        if (typed.isEmpty()) {
            return OptionalLong.empty();
        }
        OptionalLong time = Times.parse(typed);
        if (time.isEmpty()) {
            throw new IllegalArgumentException(
                    "\u201c%s\u201d is no time; write minutes and seconds, such as 4:20.".formatted(typed));
        }
        long begins = Math.max(0, moment.atMicros().orElse(0));
        if (time.getAsLong() < begins) {
            throw new IllegalArgumentException(
                    "It begins at %s; write a later time than %s.".formatted(Times.tenths(begins), typed));
        }
        return time;
    }
}
