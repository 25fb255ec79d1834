package farglass.desktop.tag.line;

import farglass.core.scribe.Reading;
import farglass.desktop.parts.PartByPart;
import farglass.desktop.tag.Tagging;
import farglass.drawing.Palette;
import java.util.ArrayList;
import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.BooleanBinding;
import javafx.beans.value.ObservableBooleanValue;
import javafx.beans.value.ObservableValue;
import javafx.collections.ListChangeListener;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The line one types into; above it what Enter would save, or what is asked, or what is likely to come next. */
public final class ScribeView extends VBox {
    private static final PseudoClass UNKNOWN = PseudoClass.getPseudoClass("unknown");

    private final TextField line = new TextField();
    private final FlowPane alternatives = new FlowPane(6, 2);
    private final List<Offer> offers = new ArrayList<>();
    private final Offer word = new Offer();

    /**
     * Lays it out.
     *
     * @param question what is asked while one looks through the film for an aim
     * @param asked whether something is
     * @param newWord asks what the words in the line mean
     */
    public ScribeView(
            Tagging tag,
            ScribeModel model,
            Node question,
            ObservableBooleanValue asked,
            ObservableValue<Palette> palette,
            Runnable newWord) {
        super(4);
        getStyleClass().add("scribe");
        line.setId("scribe");
        line.setPromptText("Type what happens, such as: a knee cut left nearly knee");
        line.textProperty().bindBidirectional(tag.line().textProperty());
        line.textProperty()
                .addListener(change -> line.positionCaret(line.getText().length()));
        Label meaning = new Label();
        meaning.setId("meaning");
        meaning.setWrapText(true);
        meaning.getStyleClass().add("meaning");
        meaning.textProperty().bind(model.meaningProperty());
        Label workedOut = new Label();
        workedOut.setId("worked-out");
        workedOut.getStyleClass().addAll("quiet", "worked-out");
        workedOut.textProperty().bind(model.workedOutProperty());
        // What was guessed or left open stands out, and the other readings right behind it.
        Label remarks = new Label();
        remarks.setId("remarks");
        remarks.setWrapText(true);
        remarks.getStyleClass().add("remarks");
        remarks.textProperty().bind(model.remarksProperty());
        remarks.visibleProperty().bind(model.remarksProperty().isNotEmpty());
        remarks.managedProperty().bind(remarks.visibleProperty());
        alternatives.getStyleClass().add("completions");
        word.setId("new-word");
        word.say("Alt+W  a new word of ours\u2026", "this library then understands it");
        word.setOnAction(event -> newWord.run());
        word.show(false);
        alternatives.getChildren().add(word);
        model.alternatives().addListener((ListChangeListener<Reading.Alternative>) change -> show(model));
        model.unknownProperty().addListener(change -> show(model));
        model.unknownProperty()
                .addListener((property, old, unknown) -> meaning.pseudoClassStateChanged(UNKNOWN, unknown.isPresent()));
        VBox reading = new VBox(4, meaning, remarks, workedOut, alternatives);
        FanView fan = new FanView(tag.open(), model.fan(), palette);
        PicksView picks = new PicksView(tag, model);
        BooleanBinding writing = tag.line().textProperty().isNotEmpty();
        BooleanBinding isAsked = Bindings.createBooleanBinding(asked::get, asked);
        BooleanBinding fanned = Bindings.createBooleanBinding(
                () -> model.fan().openProperty().get().isPresent(), model.fan().openProperty());
        reading.visibleProperty().bind(writing);
        fan.visibleProperty().bind(writing.not().and(fanned));
        question.visibleProperty().bind(writing.not().and(fanned.not()).and(isAsked));
        // The picks that begin as the letters do stand below what Enter would save.
        picks.visibleProperty()
                .bind(Bindings.when(writing)
                        .then(model.picks().narrowedProperty())
                        .otherwise(fanned.not().and(isAsked.not())));
        StackPane hints = new StackPane(new VBox(4, reading, picks), question, fan);
        for (Node hint : List.of(question, fan, reading, picks)) {
            // What is not shown takes no room; the line below stays where it is, whatever is shown.
            hint.managedProperty().bind(hint.visibleProperty());
        }
        hints.getStyleClass().add("hints");
        PartByPart.in(hints);
        Button mark = new Button(". Mark");
        mark.setId("mark");
        mark.getStyleClass().add("word");
        mark.setFocusTraversable(false);
        mark.setMinWidth(USE_PREF_SIZE);
        mark.setOnAction(event -> model.mark());
        HBox writingLine = new HBox(6, line, mark);
        HBox.setHgrow(line, javafx.scene.layout.Priority.ALWAYS);
        mark.setMaxHeight(Double.MAX_VALUE);
        getChildren().addAll(hints, writingLine);
    }

    /** The offers are kept and told something else: what is new to a window is styled and measured anew, at every key. */
    private void show(ScribeModel model) {
        for (int number = offers.size(); number < model.alternatives().size(); number++) {
            offers.add(offer(model, number));
        }
        for (int number = 0; number < offers.size(); number++) {
            boolean offered = number < model.alternatives().size();
            if (offered) {
                Reading.Alternative other = model.alternatives().get(number);
                offers.get(number)
                        .say((number == 0 ? "Tab  " : "Alt+" + (number + 1) + "  ") + other.label(), other.why());
            }
            offers.get(number).show(offered);
        }
        word.show(model.unknownProperty().get().isPresent());
    }

    private Offer offer(ScribeModel model, int number) {
        Offer offer = new Offer();
        offer.setOnAction(event -> {
            model.choose(number);
            line.requestFocus();
        });
        alternatives.getChildren().add(number, offer);
        return offer;
    }

    /** What it is and, in smaller letters, why it is offered. */
    private static final class Offer extends Button {
        private final Label reason = new Label();

        Offer() {
            setMnemonicParsing(false);
            getStyleClass().add("completion");
            setFocusTraversable(false);
            reason.getStyleClass().add("quiet");
            setGraphic(reason);
            setContentDisplay(ContentDisplay.RIGHT);
        }

        void say(String words, String why) {
            setText(words);
            reason.setText(why);
        }

        void show(boolean shown) {
            setVisible(shown);
            setManaged(shown);
        }
    }

    public TextField line() {
        return line;
    }
}
