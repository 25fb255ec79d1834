package farglass.desktop.dossier;

import farglass.core.prose.Row;
import farglass.desktop.parts.WrappingCell;
import java.util.Optional;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The moments behind the figure looked at, with their film: Space plays it, Enter opens it in Tag. */
final class EvidenceView extends VBox {
    private final DossierModel model;
    private final EvidenceFilm film;
    private final ListView<DossierModel.Sight> sights;
    private final Label title = wrapped("section");
    private final Label basis = wrapped("quiet");
    private final Label why = wrapped("remarks");

    EvidenceView(DossierModel model) {
        super(6);
        this.model = model;
        this.film = new EvidenceFilm(model.desk());
        this.sights = new ListView<>(model.sights());
        getStyleClass().add("evidence");
        why.setId("why");
        why.visibleProperty().bind(why.textProperty().isNotEmpty());
        why.managedProperty().bind(why.visibleProperty());
        Label how = wrapped("quiet");
        how.setText("Space plays it; Enter or a double click opens it in Tag.");
        sights.setId("sights");
        sights.getStyleClass().add("ledger");
        sights.setCellFactory(list -> new SightCell());
        sights.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                open();
            }
        });
        sights.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                open();
                event.consume();
            } else if (event.getCode() == KeyCode.SPACE) {
                film.play();
                event.consume();
            }
        });
        sights.getSelectionModel().selectedItemProperty().addListener(change -> look());
        model.sights().addListener((ListChangeListener<DossierModel.Sight>) change -> look());
        Label nothing = wrapped("quiet");
        nothing.setText("No single moment stands behind this.");
        sights.setPlaceholder(nothing);
        VBox.setVgrow(sights, Priority.ALWAYS);
        getChildren().addAll(film, title, basis, why, how, sights);
        model.rowProperty().addListener(change -> tell());
        tell();
    }

    private static Label wrapped(String style) {
        Label label = new Label();
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
    }

    private void tell() {
        Optional<Row> row = model.rowProperty().get();
        title.setText(row.map(known -> "%s: %s %s".formatted(known.label(), known.count(), known.of()))
                .orElse(""));
        basis.setText(row.map(Row::basis).orElse(""));
        why.setText(row.map(Row::why).orElse(""));
        look();
    }

    /** The first moment is looked at until another is chosen. */
    private void look() {
        DossierModel.Sight chosen = sights.getSelectionModel().getSelectedItem();
        Optional<DossierModel.Sight> looked =
                Optional.ofNullable(chosen).or(() -> model.sights().stream().findFirst());
        film.show(looked.flatMap(model::reel));
    }

    private void open() {
        DossierModel.Sight sight = sights.getSelectionModel().getSelectedItem();
        if (sight != null) {
            model.open(sight);
        }
    }

    private static final class SightCell extends WrappingCell<DossierModel.Sight> {
        private final Label when = new Label();
        private final Label words = new Label();

        SightCell() {
            this(new HBox(10));
        }

        private SightCell(HBox line) {
            super(line);
            line.getChildren().addAll(when, words);
            when.setMinWidth(54);
            when.getStyleClass().add("ledger-time");
            words.setWrapText(true);
            HBox.setHgrow(words, Priority.ALWAYS);
        }

        @Override
        protected void show(DossierModel.Sight sight) {
            when.setText(sight.when());
            words.setText(sight.words());
        }
    }
}
