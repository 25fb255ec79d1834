package farglass.desktop.tag;

import farglass.core.pass.Question;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/** What a pass asks, in the place of the picks, with what can be said to it. */
final class QuestionView extends VBox {
    private final PassModel model;
    private final Label words = new Label();
    private final FlowPane replies = new FlowPane(6, 4);

    QuestionView(PassModel model) {
        super(8);
        this.model = model;
        getStyleClass().add("picks");
        setId("question");
        words.setId("question-words");
        words.setWrapText(true);
        words.getStyleClass().add("meaning");
        replies.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(words, replies);
        model.questionProperty().addListener((property, old, now) -> now.ifPresent(this::show));
    }

    private void show(Question question) {
        words.setText("%s  (%s, %d to ask)"
                .formatted(question.words(), model.aimProperty().get().label().toLowerCase(Locale.ROOT), model.left()));
        replies.getChildren().clear();
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
                    case GRIPS -> "No grips";
                    case ERROR -> "No error";
                    case OPEN -> "Leave it so";
                };
        add("Y", yes, PassModel.Reply.YES);
        add("N", no, PassModel.Reply.NO);
        add("U", "Cannot be told", PassModel.Reply.CANNOT_TELL);
        add("S", "Later", PassModel.Reply.SKIP);
        Button end = new Button("Esc  End");
        end.setId("reply-end");
        end.setFocusTraversable(false);
        end.setOnAction(event -> model.end());
        replies.getChildren().add(end);
    }

    private void add(String key, String label, PassModel.Reply reply) {
        Button button = new Button(key + "  " + label);
        button.setId("reply-" + key.toLowerCase(Locale.ROOT));
        button.setFocusTraversable(false);
        button.setOnAction(event -> model.reply(reply));
        replies.getChildren().add(button);
    }
}
