package farglass.desktop.dossier;

import farglass.core.bout.Times;
import farglass.core.listing.Entry;
import farglass.core.listing.Flow;
import farglass.core.listing.Listing;
import farglass.desktop.parts.WrappingCell;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The page of a position or technique: every visit or try, the newest first, with its film beside. */
final class ListingView extends VBox {
    private final DossierModel model;
    private final Label title = styled("chapter-title");
    private final Label summary = styled("sentence");
    private final HBox flows = new HBox(18);
    private final ListView<Entry> entries = new ListView<>();

    ListingView(DossierModel model) {
        this.model = model;
        getStyleClass().add("chapter");
        entries.setId("listing");
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
        Label how = styled("quiet");
        how.setText("The newest first. Enter or a double click opens it in Tag; Escape goes back.");
        flows.setId("flows");
        getChildren().addAll(title, summary, flows, how, entries);
    }

    private void open() {
        model.open(model.sights().get(entries.getSelectionModel().getSelectedIndex()));
    }

    /** So many of each are shown; the rest is counted. */
    private static final int MOST_SHOWN = 4;

    private static Label styled(String style) {
        Label label = new Label();
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
    }

    private static Label wrapped(String words) {
        Label label = new Label(words);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    void show(Listing listing) {
        title.setText(listing.label());
        summary.setText(listing.summary());
        flows.getChildren()
                .setAll(listing.flows().stream().map(ListingView::column).toList());
        entries.getItems().setAll(DossierModel.newestFirst(listing));
        entries.getSelectionModel().clearSelection();
        entries.requestFocus();
    }

    private static VBox column(Flow flow) {
        VBox column = new VBox();
        HBox.setHgrow(column, Priority.ALWAYS);
        column.setPrefWidth(0);
        column.getChildren().add(new Label(flow.heading()));
        column.getChildren().get(0).getStyleClass().add("group");
        flow.times().entrySet().stream()
                .limit(MOST_SHOWN)
                .map(each -> wrapped("%s  %d".formatted(each.getKey(), each.getValue())))
                .forEach(column.getChildren()::add);
        int more = flow.times().size() - MOST_SHOWN;
        if (more > 0) {
            Label folded = new Label("and %d more".formatted(more));
            folded.getStyleClass().add("quiet");
            column.getChildren().add(folded);
        }
        return column;
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
