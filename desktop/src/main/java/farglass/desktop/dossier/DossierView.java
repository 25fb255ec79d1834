package farglass.desktop.dossier;

import farglass.core.listing.Listing;
import farglass.core.prose.Page;
import farglass.desktop.command.Command;
import farglass.desktop.command.Commands;
import farglass.desktop.command.Key;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Soon;
import farglass.desktop.parts.IntoSight;
import farglass.desktop.parts.PartByPart;
import farglass.drawing.Palette;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Dossier place: whom and through what above, the chapters left, the chapter in the middle, the film that proves it right. */
public final class DossierView extends BorderPane {
    private final DossierModel model;
    private final ChapterIndex index;
    private final ChapterView chapter;
    private final ScrollPane scroll;
    private final ListingView listing;
    private final TermsView terms;
    private final EvidenceView evidence;
    private static final String NOTHING =
            "A dossier needs bouts. Add a film on the Shelf (Ctrl+1), say who the two are, and tag what happens.";

    private static final String NOTHING_LEFT =
            "No bout of %s that was watched lies within what is looked at. Take one of the words above back, or choose No filters under Filters.";

    private final Label empty = new Label();
    private final Button again = new Button("Count again");
    private final VBox waiting = new VBox(12, empty, again);
    /** What may stand in the middle, all of it kept in the window: what comes into one is styled anew. */
    private final List<Region> middles;

    public DossierView(
            Commands commands,
            DossierModel model,
            Settings settings,
            Choosers choosers,
            ObservableValue<Palette> palette) {
        this.model = model;
        this.index = new ChapterIndex(model);
        Soon shown = model.desk().soon(this::show);
        this.chapter = new ChapterView(model, palette, this::reveal, shown::now);
        this.scroll = new ScrollPane(chapter);
        this.listing = new ListingView(model);
        this.terms = new TermsView(model);
        getStyleClass().add("dossier");
        empty.getStyleClass().add("empty-words");
        empty.setWrapText(true);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.setFocusTraversable(false);
        setTop(new LensBar(commands, model, settings, choosers));
        setLeft(index);
        this.evidence = new EvidenceView(commands, model, choosers);
        this.middles = List.of(waiting, scroll, listing, terms);
        StackPane middle = new StackPane(waiting, scroll, listing, terms);
        PartByPart.in(middle);
        setCenter(middle);
        // Tab goes in the order in which these are added: the evidence comes behind what it proves.
        setRight(evidence);
        for (Region part : List.of(waiting, scroll, listing, terms, evidence)) {
            part.managedProperty().bind(part.visibleProperty());
        }
        // Nobody's numbers stand under another's name, not even for a turn.
        model.pageProperty().addListener(change -> {
            shown.wish();
            if (model.pageProperty().get().isEmpty()) {
                shown.now();
            }
        });
        again.setId("count-again");
        again.setOnAction(event -> model.again());
        again.managedProperty().bind(again.visibleProperty());
        again.visibleProperty().bind(model.countedProperty().not());
        waiting.setAlignment(Pos.CENTER);
        model.countedProperty().addListener(change -> shown.wish());
        model.athleteProperty().addListener(change -> shown.wish());
        model.chapterProperty().addListener(change -> shown.wish());
        model.listingProperty().addListener(change -> shown.wish());
        model.seenProperty().addListener(change -> shown.wish());
        addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            List<Where> hearing = new ArrayList<>(List.of(Where.DOSSIER));
            if (model.listingProperty().get().isPresent()) {
                hearing.add(0, Where.LISTING);
            }
            commands.hear(event, hearing);
        });
        commands.add(List.of(Command.of("close-listing", "Back from it", Where.LISTING, Key.of(KeyCode.ESCAPE))
                .needs(() -> model.listingProperty().get().isPresent(), "No such page is open")
                .does(() -> {
                    model.closePage();
                    index.requestFocus();
                })));
        show();
    }

    /** Asked for before there was anything to give it to. */
    private boolean awaitsFocus;

    private void show() {
        Optional<Page> page = model.pageProperty().get();
        getLeft().setVisible(page.isPresent());
        Optional<Listing> listed = model.listingProperty().get();
        boolean terms = listed.isEmpty() && model.chapterProperty().get().equals(DossierModel.TERMS);
        boolean nothingLeft = page.isPresent() && page.get().watched() == 0;
        empty.setText(model.athleteProperty()
                .get()
                .map(athlete -> nothingLeft
                        ? NOTHING_LEFT.formatted(athlete.name())
                        : model.countedProperty().get()
                                ? "Counting what is known of %s\u2026".formatted(athlete.name())
                                : "What is known of %s was not counted to its end, so nothing is shown."
                                        .formatted(athlete.name()))
                .orElse(NOTHING));
        Region middle =
                page.isEmpty() || nothingLeft ? waiting : listed.isPresent() ? listing : terms ? this.terms : scroll;
        middles.forEach(each -> each.setVisible(each == middle));
        if (middle == this.terms) {
            this.terms.show(model.seenProperty().get());
        }
        evidence.setVisible(page.isPresent() && !terms && !nothingLeft);
        if (page.isEmpty() || terms || nothingLeft) {
            return;
        }
        if (listed.isPresent()) {
            listing.show(listed.get());
            return;
        }
        chapter.show(page.get(), model.chapterProperty().get());
        scroll.setVvalue(0);
        if (awaitsFocus) {
            begin();
        }
    }

    private void reveal(Node line) {
        IntoSight.bring(scroll, line);
    }

    public void begin() {
        awaitsFocus = model.pageProperty().get().isEmpty();
        index.requestFocus();
    }

    /** Lets go of what was opened beside the page. */
    public void close() {
        evidence.leave();
    }
}
