package farglass.desktop.shell;

import farglass.desktop.desk.Choosers;
import farglass.library.Library;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.text.TextAlignment;

/** What a first run shows: what this is, and the two ways to begin. */
final class Welcome extends VBox {
    Welcome(Workbench workbench, Choosers choosers, String problem) {
        super(16);
        setAlignment(Pos.CENTER);
        getStyleClass().add("welcome");
        Label name = new Label("Far Glass");
        name.getStyleClass().add("display");
        Label what = words(
                "Study the matches of the people you will meet: tag what happens, see what they do and how sure that"
                        + " is, and turn it into a plan.");
        Label next = words("Everything is kept in one file, a library. Make a new one, or open one you have."
                + " To look round first, close this window and run: far-glass demo");
        next.getStyleClass().add("quiet");
        Label wrong = words(problem);
        wrong.getStyleClass().add("problem");
        wrong.setId("welcome-problem");
        wrong.setVisible(!problem.isEmpty());
        wrong.setManaged(!problem.isEmpty());
        Button make = new Button("New library\u2026");
        make.setDefaultButton(true);
        make.setOnAction(
                event -> choosers.save("New library", "Far Glass libraries", "farglass", "matches" + Library.SUFFIX)
                        .ifPresent(workbench::create));
        Button open = new Button("Open a library\u2026");
        open.setOnAction(event -> choosers.open("Open a library", "Far Glass libraries", List.of("farglass")).stream()
                .findFirst()
                .ifPresent(workbench::open));
        HBox buttons = new HBox(10, make, open);
        buttons.setAlignment(Pos.CENTER);
        getChildren().addAll(name, what, wrong, buttons, next);
    }

    private static Label words(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMaxWidth(560);
        label.setTextAlignment(TextAlignment.CENTER);
        return label;
    }
}
