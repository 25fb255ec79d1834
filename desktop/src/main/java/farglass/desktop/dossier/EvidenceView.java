package farglass.desktop.dossier;

import farglass.core.listing.Listing;
import farglass.core.naming.Words;
import farglass.core.prose.FigureRow;
import farglass.desktop.command.Command;
import farglass.desktop.command.CommandButton;
import farglass.desktop.command.Commands;
import farglass.desktop.command.Key;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Choosers;
import farglass.desktop.dossier.evidence.EvidenceFilm;
import farglass.desktop.dossier.evidence.EvidenceReel;
import farglass.desktop.dossier.evidence.Sight;
import farglass.desktop.parts.PartByPart;
import farglass.desktop.parts.WrappingCell;
import java.util.List;
import java.util.Optional;
import javafx.collections.ListChangeListener;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The moments behind the figure looked at, with their film: Space plays it, Enter opens it in Tag. */
final class EvidenceView extends VBox {
    private final DossierModel model;
    private final EvidenceFilm film;
    private final ListView<Sight> sights;
    private final Label title = wrapped("section");
    private final Label basis = wrapped("quiet");
    private final Label why = wrapped("remarks");
    private final Label how = wrapped("quiet");
    private final TextField reason = new TextField();
    private final Button whole = linked(new Button(), "whole-page");
    private final Button cut;
    private final EvidenceReel reel;

    EvidenceView(Commands commands, DossierModel model, Choosers choosers) {
        super(6);
        this.model = model;
        this.reel = new EvidenceReel(model.desk(), choosers);
        this.film = new EvidenceFilm(model.desk());
        this.sights = new ListView<>(model.sights());
        getStyleClass().add("evidence");
        commands.add(commands());
        this.cut = linked(new CommandButton(commands, "evidence-reel", "A reel of these\u2026"), "cut-reel");
        why.setId("why");
        why.visibleProperty().bind(why.textProperty().isNotEmpty());
        why.managedProperty().bind(why.visibleProperty());
        how.setText("Space plays it, Enter opens it in Tag, Delete strikes it out.");
        sights.setId("sights");
        sights.getStyleClass().add("ledger");
        sights.setCellFactory(list -> new SightCell());
        sights.setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                open();
            }
        });
        sights.addEventHandler(KeyEvent.KEY_PRESSED, event -> commands.hear(event, List.of(Where.EVIDENCE)));
        sights.getSelectionModel().selectedItemProperty().addListener(change -> look());
        model.sights().addListener((ListChangeListener<Sight>) change -> look());
        Label nothing = wrapped("quiet");
        nothing.setText("No single moment stands behind this.");
        sights.setPlaceholder(nothing);
        VBox.setVgrow(sights, Priority.ALWAYS);
        whole.setOnAction(event -> model.rowProperty()
                .get()
                .ifPresent(row -> model.openPage(row.figure().option())));
        reason.setId("strike-reason");
        reason.setPromptText("Why it does not count here; Enter strikes it out");
        reason.managedProperty().bind(reason.visibleProperty());
        reason.setVisible(false);
        reason.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER && !reason.getText().isBlank()) {
                String words = reason.getText();
                closeReason();
                looked().ifPresent(sight -> model.strike(sight, words));
                event.consume();
            } else if (event.getCode() == KeyCode.ESCAPE) {
                closeReason();
                event.consume();
            }
        });
        getChildren().addAll(film, title, basis, why, new FlowPane(whole, cut), how, reason, sights);
        PartByPart.in(this);
        model.rowProperty().addListener(change -> tell());
        model.listingProperty().addListener(change -> tell());
        model.lookedProperty().addListener((property, old, at) -> {
            if (at.intValue() >= 0 && at.intValue() < model.sights().size()) {
                sights.getSelectionModel().select(at.intValue());
                sights.scrollTo(at.intValue());
            }
        });
        tell();
    }

    private List<Command> commands() {
        return List.of(
                withSight(Command.of("play-evidence", "Play its film", Where.EVIDENCE, Key.of(KeyCode.SPACE)))
                        .does(film::play),
                withSight(Command.of("open-evidence", "Open it in Tag", Where.EVIDENCE, Key.of(KeyCode.ENTER)))
                        .does(this::open),
                withSight(Command.of(
                                        "strike",
                                        "Strike it out of that figure\u2026",
                                        Where.EVIDENCE,
                                        Key.of(KeyCode.DELETE))
                                .also("with a reason"))
                        .does(this::askWhy),
                withSight(Command.of(
                                        "evidence-reel",
                                        "A reel of its film\u2026",
                                        Where.DOSSIER,
                                        Key.ctrlShift(KeyCode.R))
                                .also("of the figure or page that is looked at"))
                        .does(this::cutReel));
    }

    private Command withSight(Command command) {
        return command.needs(() -> !model.sights().isEmpty(), "Choose a figure of a dossier first");
    }

    private static Button linked(Button link, String id) {
        link.setId(id);
        link.getStyleClass().add("fold");
        link.setMnemonicParsing(false);
        link.managedProperty().bind(link.visibleProperty());
        return link;
    }

    void leave() {
        film.leave();
    }

    /** Cuts the film of all that is looked at: the moments of a figure, or of a whole page. */
    private void cutReel() {
        String what = model.rowProperty()
                .get()
                .map(FigureRow::label)
                .or(() -> model.listingProperty().get().map(Listing::label))
                .orElse("reel");
        reel.cut(what, model.sights().stream().map(Sight::evidence).toList());
    }

    private static Label wrapped(String style) {
        Label label = new Label();
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        label.getStyleClass().add(style);
        return label;
    }

    private void tell() {
        Optional<FigureRow> row = model.rowProperty().get();
        title.setText(row.map(known -> "%s: %s %s".formatted(known.label(), known.count(), known.of()))
                .or(() -> model.listingProperty().get().map(page -> page.label() + ": " + page.summary()))
                .orElse(""));
        // A page lists its moments itself.
        boolean listed = model.listingProperty().get().isPresent();
        sights.setVisible(!listed);
        how.setVisible(!listed);
        Optional<FigureRow> named =
                row.filter(known -> known.figure().subject().wording().inLexicon());
        whole.setVisible(named.isPresent());
        whole.setText(named.map(known -> "All of %s\u2026"
                        .formatted(Words.inSentence(
                                model.desk().lexicon().label(known.figure().option()))))
                .orElse(""));
        cut.setVisible(model.sights().stream()
                .anyMatch(sight -> sight.evidence().moment().isPresent()));
        basis.setText(row.map(FigureRow::basis).orElse(""));
        why.setText(row.map(FigureRow::why).orElse(""));
        look();
    }

    /** The first moment is looked at until another is chosen. */
    private Optional<Sight> looked() {
        return Optional.ofNullable(sights.getSelectionModel().getSelectedItem())
                .or(() -> model.sights().stream().findFirst());
    }

    private void look() {
        film.show(looked().flatMap(model::film));
    }

    /** Only a single moment can be struck, and only with a reason. */
    private void askWhy() {
        Optional<Sight> sight = looked();
        if (sight.isEmpty() || model.rowProperty().get().isEmpty()) {
            return;
        }
        if (sight.get().evidence().moment().isEmpty()) {
            model.desk().messages().say("Here the whole bout counts, and no moment of it can be struck out.");
            return;
        }
        reason.clear();
        reason.setVisible(true);
        reason.requestFocus();
    }

    private void closeReason() {
        reason.setVisible(false);
        sights.requestFocus();
    }

    private void open() {
        looked().ifPresent(model::open);
    }

    private static final class SightCell extends WrappingCell<Sight> {
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
        protected void show(Sight sight) {
            when.setText(sight.when());
            words.setText(sight.words());
        }
    }
}
