package farglass.desktop.dossier;

import farglass.core.bout.Times;
import farglass.core.listing.Entry;
import farglass.core.listing.Listing;
import farglass.desktop.parts.WrappingCell;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The page of a position or technique: every visit or try, the newest first, with its film beside. */
final class ListingView extends VBox {
    private final DossierModel model;
    private final Label title = wrapped("chapter-title");
    private final Label summary = wrapped("sentence");
    private final ListView<Entry> entries = new ListView<>();

    ListingView(DossierModel model) {
        this.model = model;
        getStyleClass().add("chapter");
        entries.setId("entries");
        entries.getStyleClass().add("ledger");
        entries.setCellFactory(list -> new EntryCell());
        entries.getSelectionModel().selectedIndexProperty().addListener((property, old, index) -> {
            if (index.intValue() >= 0) {
                model.lookedProperty().set(index.intValue());
            }
        });
        entries.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER && entries.getSelectionModel().getSelectedItem() != null) {
                open();
                event.consume();
            }
        });
        entries.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2 && entries.getSelectionModel().getSelectedItem() != null) {
                open();
            }
        });
        VBox.setVgrow(entries, Priority.ALWAYS);
        Label how = wrapped("quiet");
        how.setText("The newest first. Enter or a double click opens it in Tag; Escape goes back.");
        getChildren().addAll(title, summary, how, entries);
    }

    private void open() {
        model.open(model.sights().get(entries.getSelectionModel().getSelectedIndex()));
    }

    private static Label wrapped(String style) {
        Label label = new Label();
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
    }

    void show(Listing listing) {
        title.setText(listing.label());
        summary.setText(listing.summary());
        entries.getItems().setAll(DossierModel.newestFirst(listing));
        entries.getSelectionModel().clearSelection();
        entries.requestFocus();
    }

    private static final class EntryCell extends WrappingCell<Entry> {
        private final Label head = new Label();
        private final Label entered = new Label();
        private final Label tried = new Label();
        private final Label came = new Label();

        EntryCell() {
            this(new VBox());
        }

        private EntryCell(VBox box) {
            super(box);
            head.getStyleClass().add("group");
            entered.getStyleClass().add("quiet");
            for (Label label : java.util.List.of(head, entered, tried, came)) {
                label.setWrapText(true);
                box.getChildren().add(label);
            }
        }

        @Override
        protected void show(Entry entry) {
            head.setText("%s  %s, %s, against %s"
                    .formatted(
                            entry.day().map(Object::toString).orElse("no date"),
                            entry.atMicros().isPresent()
                                    ? Times.tenths(entry.atMicros().getAsLong())
                                    : "no time",
                            entry.who(),
                            entry.against()));
            entered.setText(entry.entered());
            tried.setText(String.join("\n", entry.tried()));
            tried.setManaged(!entry.tried().isEmpty());
            came.setManaged(!entry.came().isEmpty());
            came.setText(entry.came() + (entry.gained().isEmpty() ? "" : "; " + entry.gained()));
        }
    }
}
