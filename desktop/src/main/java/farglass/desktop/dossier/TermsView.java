package farglass.desktop.dossier;

import farglass.core.listing.Seen;
import farglass.core.naming.Words;
import java.util.Comparator;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** Every position and technique that was seen of the athlete: each has a page. */
final class TermsView extends VBox {
    private final DossierModel model;
    private final TextField find = new TextField();
    private final ListView<Seen> terms = new ListView<>();
    private List<Seen> all = List.of();

    TermsView(DossierModel model) {
        this.model = model;
        getStyleClass().add("chapter");
        Label title = new Label(DossierModel.TERMS);
        title.getStyleClass().add("chapter-title");
        find.setId("find-term");
        find.setPromptText("Find a position or technique");
        find.textProperty().addListener(change -> filter());
        find.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.DOWN) {
                terms.requestFocus();
                terms.getSelectionModel().selectFirst();
                event.consume();
            } else if (event.getCode() == KeyCode.ENTER && !terms.getItems().isEmpty()) {
                model.openPage(terms.getItems().get(0).key());
                event.consume();
            }
        });
        terms.setId("terms");
        terms.getStyleClass().add("ledger");
        terms.setCellFactory(list -> new TermCell());
        terms.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                open();
                event.consume();
            }
        });
        terms.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                open();
            }
        });
        Label nothing = new Label("Nothing of that name was seen of them.");
        nothing.getStyleClass().add("quiet");
        terms.setPlaceholder(nothing);
        VBox.setVgrow(terms, Priority.ALWAYS);
        getChildren().addAll(title, find, terms);
    }

    private void open() {
        Seen chosen = terms.getSelectionModel().getSelectedItem();
        if (chosen != null) {
            model.openPage(chosen.key());
        }
    }

    void show(List<Seen> seen) {
        if (!seen.equals(all)) {
            all = seen;
            filter();
        }
    }

    private void filter() {
        String wanted = Words.plain(find.getText());
        terms.getItems()
                .setAll(all.stream()
                        .filter(seen -> Words.plain(seen.label()).contains(wanted))
                        .sorted(Comparator.comparing(
                                seen -> !Words.plain(seen.label()).startsWith(wanted)))
                        .toList());
    }

    private static final class TermCell extends ListCell<Seen> {
        @Override
        protected void updateItem(Seen seen, boolean empty) {
            super.updateItem(seen, empty);
            setText(
                    empty || seen == null
                            ? null
                            : "%s, %d %s"
                                    .formatted(
                                            seen.label(),
                                            seen.times(),
                                            seen.isPosition()
                                                    ? seen.times() == 1 ? "visit" : "visits"
                                                    : seen.times() == 1 ? "try" : "tries"));
        }
    }
}
