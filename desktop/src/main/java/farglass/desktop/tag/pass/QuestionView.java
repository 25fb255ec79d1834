package farglass.desktop.tag.pass;

import farglass.core.bout.Times;
import farglass.core.fact.Fact;
import farglass.core.fact.Layer;
import farglass.core.pass.PassQuestion;
import farglass.desktop.tag.Tagging;
import java.util.Locale;
import javafx.collections.ListChangeListener;
import javafx.collections.SetChangeListener;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What a pass asks, in the place of the picks, with what can be said to it. */
public final class QuestionView extends VBox {
    private static final PseudoClass SHOWN = PseudoClass.getPseudoClass("shown");
    private static final PseudoClass OUT = PseudoClass.getPseudoClass("out");

    private final Tagging tag;
    private final PassModel model;
    private final Label words = new Label();
    private final FlowPane each = new FlowPane(2, 2);
    private final FlowPane offers = new FlowPane(6, 4);
    private final FlowPane replies = new FlowPane(6, 4);

    public QuestionView(Tagging tag, PassModel model) {
        super(6);
        this.tag = tag;
        this.model = model;
        getStyleClass().add("picks");
        setId("question");
        words.setId("question-words");
        words.setWrapText(true);
        words.getStyleClass().add("meaning");
        replies.setAlignment(Pos.CENTER_LEFT);
        each.managedProperty().bind(each.visibleProperty());
        offers.managedProperty().bind(offers.visibleProperty());
        getChildren().addAll(words, each, offers, replies);
        model.questionProperty().addListener((property, old, now) -> now.ifPresent(this::show));
        model.together().addListener((ListChangeListener<PassQuestion>)
                change -> model.questionProperty().get().ifPresent(this::show));
        model.offers().addListener((ListChangeListener<Fact>)
                change -> model.questionProperty().get().ifPresent(this::show));
        model.leftOut().addListener((SetChangeListener<String>)
                change -> model.questionProperty().get().ifPresent(this::show));
    }

    private void show(PassQuestion question) {
        boolean several = !model.together().isEmpty();
        String asked = several
                ? "%d times %s. Are all of them answers?"
                        .formatted(model.together().size(), question.topic().words())
                : question.words();
        words.setText("%s  (%s, %d to ask)"
                .formatted(asked, tag.viewing().aimProperty().get().label().toLowerCase(Locale.ROOT), model.left()));
        showEach(question);
        showOffers();
        replies.getChildren().clear();
        if (several) {
            add("Y", model.leftOut().isEmpty() ? "Yes, all" : "Yes, these", PassModel.Reply.YES);
            add("N", "None of them", PassModel.Reply.NO);
            add("O", "One by one", PassModel.Reply.ONE_BY_ONE);
        } else {
            addForOne(question);
        }
        add("S", "Later", PassModel.Reply.SKIP);
        if (model.canHalve()) {
            add("H", "Half of all later", PassModel.Reply.HALF_LATER);
        }
        Button end = new Button("Esc  End");
        end.setId("reply-end");
        end.setFocusTraversable(false);
        end.setOnAction(event -> model.end());
        replies.getChildren().add(end);
    }

    private void addForOne(PassQuestion question) {
        String yes =
                switch (question.about()) {
                    case ANSWER -> "Yes, it answers it";
                    case GRIPS -> "Type the grips";
                    case ERROR -> "Type the error";
                    case OPEN -> "Settle it";
                };
        String no =
                switch (question.about()) {
                    case ANSWER -> "No";
                    case GRIPS -> model.hasTold(question, Layer.GRIPS) ? "That is all" : "No grips";
                    case ERROR -> model.hasTold(question, Layer.ERRORS) ? "That is all" : "No error";
                    case OPEN -> "Leave it so";
                };
        add("Y", yes, PassModel.Reply.YES);
        add("N", no, PassModel.Reply.NO);
        add("U", "Cannot be told", PassModel.Reply.CANNOT_TELL);
    }

    /** What the library mostly tells here: one key each, and the question stands. */
    private void showOffers() {
        offers.getChildren().clear();
        offers.setVisible(!model.offers().isEmpty());
        for (int i = 0; i < model.offers().size(); i++) {
            int number = i + 1;
            Button button = new Button(
                    "%d  %s".formatted(number, model.words(model.offers().get(i))));
            button.setId("offer-" + number);
            button.getStyleClass().add("pick");
            button.setFocusTraversable(false);
            button.setOnAction(event -> model.take(number));
            offers.getChildren().add(button);
        }
    }

    /** Of several, when each was; the film shows them in turn. */
    private void showEach(PassQuestion shown) {
        each.setVisible(!model.together().isEmpty());
        each.getChildren().clear();
        for (int i = 0; i < model.together().size(); i++) {
            PassQuestion one = model.together().get(i);
            boolean out = model.leftOut().contains(one.momentId());
            String time = Times.tenths(tag.open()
                    .moment(one.momentId())
                    .map(moment -> moment.atMicros().orElse(0))
                    .orElse(0L));
            Button button = new Button(out ? time + " not" : time);
            button.setId("one-" + (i + 1));
            button.getStyleClass().addAll("small", "word");
            button.pseudoClassStateChanged(SHOWN, one.equals(shown));
            button.pseudoClassStateChanged(OUT, out);
            button.setFocusTraversable(false);
            int by = i - model.together().indexOf(shown);
            button.setOnAction(event -> model.turn(by));
            each.getChildren().add(button);
        }
        Label how = new Label("Up, Down: another \u00b7 X: not this one");
        how.getStyleClass().add("quiet");
        each.getChildren().add(how);
    }

    private void add(String key, String label, PassModel.Reply reply) {
        Button button = new Button(key + "  " + label);
        button.setId("reply-" + key.toLowerCase(Locale.ROOT));
        button.setFocusTraversable(false);
        button.setOnAction(event -> model.reply(reply));
        replies.getChildren().add(button);
    }
}
