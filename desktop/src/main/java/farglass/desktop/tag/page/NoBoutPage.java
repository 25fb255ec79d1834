package farglass.desktop.tag.page;

import farglass.core.bout.Bout;
import farglass.core.bout.Header;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Spot;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** What Tag shows while no bout is open: what to go on with. */
final class NoBoutPage extends VBox {
    private static final int MOST = 5;

    private final Desk desk;
    private final VBox begun = new VBox(2);
    private final VBox waiting = new VBox(2);
    private final Button film = new Button("Add a film\u2026");

    NoBoutPage(Desk desk, Runnable addFilm) {
        super(14);
        this.desk = desk;
        setAlignment(Pos.CENTER_LEFT);
        setMaxWidth(640);
        Label title = new Label("No bout is open");
        title.getStyleClass().add("question");
        Button shelf = new Button("Go to the Shelf (Ctrl+1)");
        shelf.setOnAction(event -> desk.navigation().placeProperty().set(farglass.desktop.desk.Place.SHELF));
        film.setId("no-bout-film");
        film.setOnAction(event -> addFilm.run());
        getChildren().addAll(title, begun, waiting, new HBox(8, film, shelf));
    }

    /** Shows what there is now. */
    void refresh() {
        List<Bout> bouts = desk.study().bouts().stream()
                .sorted(Comparator.comparing((Bout bout) -> bout.header().date().orElse(LocalDate.MIN))
                        .reversed())
                .toList();
        list(begun, "Go on with", bouts, bout -> !bout.moments().isEmpty());
        list(
                waiting,
                "With a film, and not watched yet",
                bouts,
                bout -> bout.moments().isEmpty() && !bout.header().films().isEmpty());
    }

    /** The first of them takes the keys. */
    void begin() {
        lookupAll(".button").stream().findFirst().orElse(film).requestFocus();
    }

    private void list(VBox box, String title, List<Bout> bouts, Predicate<Bout> which) {
        List<Bout> shown = bouts.stream().filter(which).limit(MOST).toList();
        box.getChildren().clear();
        box.setManaged(!shown.isEmpty());
        if (!shown.isEmpty()) {
            Label head = new Label(title);
            head.getStyleClass().add("section");
            box.getChildren().add(head);
        }
        for (Bout bout : shown) {
            Button open = new Button(words(bout.header()));
            open.setMnemonicParsing(false);
            open.getStyleClass().add("recent");
            open.setOnAction(event -> desk.navigation().show(new Spot(bout.id(), Optional.empty())));
            box.getChildren().add(open);
        }
    }

    private static String words(Header header) {
        return "%s \u2013 %s, %s%s"
                .formatted(
                        header.a().name(),
                        header.b().name(),
                        header.date().map(Object::toString).orElse("no date"),
                        header.event().map(event -> ", " + event).orElse(""));
    }
}
