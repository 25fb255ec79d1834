package farglass.desktop.tag.tide;

import farglass.desktop.command.CommandButton;
import farglass.desktop.command.Commands;
import farglass.desktop.parts.PartByPart;
import farglass.desktop.tag.Tagging;
import farglass.drawing.Palette;
import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The tide over the whole width, with what it is drawn by and how much of the bout it shows. */
public final class TideFoot extends VBox {
    public TideFoot(Commands commands, Tagging tag, TideModel tide, ObservableValue<Palette> palette) {
        super(2);
        TideView view = new TideView(tag, tide, palette);
        view.setMinHeight(70);
        VBox.setVgrow(view, Priority.ALWAYS);
        MenuButton ladder = new MenuButton();
        ladder.setId("ladder");
        ladder.setFocusTraversable(false);
        ladder.setMinWidth(Region.USE_PREF_SIZE);
        ladder.getStyleClass().add("small");
        ladder.textProperty()
                .bind(Bindings.createStringBinding(
                        () -> tide.choiceProperty().get().label(), tide.choiceProperty()));
        for (TideModel.Choice choice : TideModel.Choice.values()) {
            MenuItem item = new MenuItem(choice.label());
            item.setOnAction(event -> tide.choiceProperty().set(choice));
            ladder.getItems().add(item);
        }
        Label what = new Label(
                "rules above, referee below \u00b7 a ring where they differ \u00b7 strips: story, answers, grips, errors looked through");
        what.getStyleClass().add("quiet");
        what.setMinWidth(0);
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox line = new HBox(4, ladder, what, between);
        line.getChildren()
                .addAll(List.of(
                        small(commands, "tide-wider", "\u2212"),
                        small(commands, "tide-closer", "+"),
                        small(commands, "tide-earlier", "\u2039"),
                        small(commands, "tide-later", "\u203a"),
                        small(commands, "tide-whole", "Whole bout")));
        line.setAlignment(Pos.CENTER_LEFT);
        getChildren().addAll(line, view);
        PartByPart.in(line);
        PartByPart.in(this);
        setMinHeight(96);
    }

    private static Button small(Commands commands, String command, String words) {
        Button button = new CommandButton(commands, command, words);
        button.getStyleClass().addAll("small", "word");
        button.setFocusTraversable(false);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }
}
