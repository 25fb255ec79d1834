package farglass.desktop.dossier;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.catalogue.Catalogue;
import farglass.core.change.Change;
import farglass.core.corpus.Corpus;
import farglass.core.fact.Fact;
import farglass.core.lexicon.Lexicon;
import farglass.core.listing.Entry;
import farglass.core.listing.Listing;
import farglass.core.listing.PositionListing;
import farglass.core.listing.Seen;
import farglass.core.listing.TechniqueListing;
import farglass.core.naming.Words;
import farglass.core.prose.FigureRow;
import farglass.core.prose.Page;
import farglass.core.prose.SinceLast;
import farglass.core.scope.Scope;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.core.study.Weighing;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Spot;
import farglass.desktop.desk.Work;
import farglass.desktop.dossier.evidence.FilmSpot;
import farglass.desktop.dossier.evidence.Sight;
import farglass.desktop.dossier.evidence.Sights;
import farglass.desktop.dossier.figure.Beside;
import farglass.library.contents.Contents;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The dossier of one athlete of the study, and the moments behind the figure looked at. Knows no node. */
public final class DossierModel {
    static final String ONE_MINUTE = "In one minute";
    static final String TERMS = "Positions and techniques";
    private final Desk desk;
    private final ObservableList<Athlete> athletes = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<Athlete>> athlete = new SimpleObjectProperty<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Page>> page = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ObjectProperty<Optional<FigureRow>> row = new SimpleObjectProperty<>(Optional.empty());
    private final ObservableList<Sight> sights = FXCollections.observableArrayList();
    private final ObjectProperty<Lens> lens = new SimpleObjectProperty<>(Lens.USUAL);
    private final ObjectProperty<Optional<Beside>> beside = new SimpleObjectProperty<>(Optional.empty());
    private final LensChoices choices;
    private final DossierPages pages;
    private Map<String, FigureRow> rowsBeside = Map.of();
    private Optional<SinceLast> sinceLast = Optional.empty();
    private final StringProperty chapter = new SimpleStringProperty(ONE_MINUTE);
    private final ReadOnlyObjectWrapper<Optional<Listing>> listing = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<List<Seen>> seen = new ReadOnlyObjectWrapper<>(List.of());
    private final IntegerProperty looked = new SimpleIntegerProperty(-1);
    private final Object pageSlot = new Object();
    private final Object listingSlot = new Object();
    private final ReadOnlyBooleanWrapper counted = new ReadOnlyBooleanWrapper(true);
    private final CountingAhead ahead;
    private final Sights seenAt;
    private boolean stale = true;
    private boolean isOfferOld;

    public DossierModel(Desk desk) {
        this.desk = desk;
        this.choices = new LensChoices(desk, athletes, athlete);
        this.pages = new DossierPages(desk);
        this.ahead = new CountingAhead(desk, pages);
        this.seenAt = new Sights(desk);
        desk.contentsProperty().addListener(change -> {
            isOfferOld = true;
            // While one tags, the whole library is not walked over after each moment.
            if (isLookedAt()) {
                chooseAthletes();
            }
            outdate();
            countAheadAtShelf();
        });
        desk.lexiconProperty().addListener((property, old, words) -> outdate());
        desk.study().property().addListener(change -> {
            chooseAthletes();
            outdate();
        });
        desk.navigation().placeProperty().addListener((property, was, is) -> {
            if (isOfferOld && isLookedAt()) {
                chooseAthletes();
            }
            refresh();
            countAheadAtShelf();
        });
        desk.navigation().dossierOfProperty().addListener((property, was, asked) -> asked.ifPresent(this::lookAt));
        athlete.addListener(change -> {
            beside.set(Optional.empty());
            closePage();
            outdate();
        });
        lens.addListener(change -> {
            desk.work().forget(listingSlot);
            outdate();
        });
        beside.addListener(change -> outdate());
        chapter.addListener(change -> {
            closePage();
            chooseRow();
        });
        row.addListener(change -> showSights());
        chooseAthletes();
        // Somebody may be asked for before anybody has looked at a dossier.
        desk.navigation().dossierOfProperty().get().ifPresent(this::lookAt);
        ahead.count(athletes);
    }

    private boolean isLookedAt() {
        Place place = desk.navigation().placeProperty().get();
        return place == Place.SHELF || place == Place.DOSSIER;
    }

    private void countAheadAtShelf() {
        if (desk.navigation().placeProperty().get() == Place.SHELF) {
            ahead.count(athletes);
        }
    }

    /** Without a study those are offered of whom there is most film; who was looked at stays. */
    private void chooseAthletes() {
        isOfferOld = false;
        List<Athlete> known = new ArrayList<>(desk.study().subjects());
        desk.study().ours().filter(ours -> !known.contains(ours)).ifPresent(known::add);
        List<Athlete> offered = known.isEmpty() ? choices.mostSeen() : known;
        if (!offered.equals(athletes)) {
            Optional<Athlete> kept = athlete.get().filter(offered::contains);
            athletes.setAll(offered);
            athlete.set(kept.or(() -> offered.stream().findFirst()));
        }
    }

    private void lookAt(String name) {
        chapter.set(ONE_MINUTE);
        if (isOfferOld) {
            chooseAthletes();
        }
        Stream.concat(athletes.stream(), desk.contents().athletes().stream())
                .filter(known -> known.name().equals(name))
                .findFirst()
                .ifPresent(known -> athlete.set(Optional.of(known)));
    }

    private void outdate() {
        stale = true;
        refresh();
    }

    /** Computes only while it is looked at, and when all is read; a newer question stops an older one. */
    private void refresh() {
        if (!stale
                || desk.navigation().placeProperty().get() != Place.DOSSIER
                || desk.arrivingProperty().get()) {
            return;
        }
        stale = false;
        desk.work().forget(pageSlot);
        ahead.stop();
        if (athlete.get().isEmpty()) {
            page.set(Optional.empty());
            row.set(Optional.empty());
            return;
        }
        String name = athlete.get().get().name();
        Contents contents = desk.contents();
        Scope scope = lens.get()
                .scope(desk.study().property().get().map(Study::weighing).orElse(Weighing.ALIKE), lastDay());
        Optional<Beside> other = beside.get();
        if (page.get().filter(shown -> !shown.athlete().equals(name)).isPresent()) {
            // Nobody's numbers stand under another's name, not even until hers are there.
            showNothing();
        }
        counted.set(true);
        desk.work()
                .latest(
                        pageSlot,
                        "Counting " + name,
                        (progress, cancelled) ->
                                computed(name, desk.corpus(contents), scope, other, progress, cancelled),
                        Work.Listener.of(this::show, desk.messages()::fail, () -> {
                            counted.set(false);
                            showNothing();
                        }));
    }

    private void showNothing() {
        closePage();
        page.set(Optional.empty());
        row.set(Optional.empty());
        sights.clear();
    }

    /** {@return whether what is asked for is shown or being counted; not where that was stopped, or failed} */
    public ReadOnlyBooleanProperty countedProperty() {
        return counted.getReadOnlyProperty();
    }

    /** Counts what was stopped. */
    public void again() {
        outdate();
    }

    private record Computed(Page page, Optional<SinceLast> since, List<Seen> seen, Map<String, FigureRow> beside) {}

    private Computed computed(
            String name,
            Corpus corpus,
            Scope scope,
            Optional<Beside> other,
            DoubleConsumer progress,
            BooleanSupplier cancelled) {
        Page shown = Page.of(Catalogue.dossier(name, corpus, scope, progress, cancelled), desk.lexicon());
        return new Computed(
                shown,
                pages.since(name, corpus, scope, shown),
                Seen.of(Optional.of(name), corpus, scope),
                other.map(held -> rows(pages.page(held.athlete(), corpus, held.scope(scope))))
                        .orElse(Map.of()));
    }

    /** {@return what the athlete's last bout changed; empty if nothing} */
    Optional<SinceLast> sinceLast() {
        return sinceLast;
    }

    private static String key(FigureRow row) {
        return row.figure().subject().id() + "/" + row.figure().option();
    }

    private static Map<String, FigureRow> rows(Page page) {
        return page.answers().stream()
                .flatMap(answer -> answer.rows().stream())
                .collect(Collectors.toMap(DossierModel::key, row -> row, (one, same) -> one));
    }

    /** {@return the same figure of whom or what is held beside; empty where nothing is, or it was never seen there} */
    Optional<FigureRow> beside(FigureRow row) {
        return Optional.ofNullable(rowsBeside.get(key(row)));
    }

    ObjectProperty<Optional<Beside>> besideProperty() {
        return beside;
    }

    /** Strikes a moment out of the figure looked at: it stays where it is, and does not count there any more. Undone as any edit. */
    void strike(Sight sight, String why) {
        Optional<Bout> bout = desk.contents().bout(sight.evidence().bout());
        Optional<Moment> moment = sight.evidence().moment().flatMap(id -> bout.flatMap(known -> known.moment(id)));
        if (moment.isEmpty() || row.get().isEmpty() || why.isBlank()) {
            return;
        }
        FigureRow from = row.get().get();
        Telling told = moment.get().telling();
        for (String figure : Catalogue.tallies(from.figure())) {
            told = told.and(new Fact.Struck(figure, why.strip()));
        }
        desk.change(
                "Strike a moment from %s".formatted(Words.inSentence(from.label())),
                Change.of(bout.get(), bout.get().with(moment.get().with(told))));
    }

    private void show(Computed both) {
        Page computed = both.page();
        Optional<String> looking = row.get().map(DossierModel::key);
        boolean sameAthlete = page.get().map(Page::athlete).equals(Optional.of(computed.athlete()));
        seen.set(both.seen());
        rowsBeside = both.beside();
        sinceLast = both.since();
        leaveListing();
        boolean ours = chapter.get().equals(ONE_MINUTE) || chapter.get().equals(TERMS);
        if (!ours && !computed.chapters().contains(chapter.get())) {
            chapter.set(ONE_MINUTE);
        }
        // Whoever hears of the new page marks the figure that is looked at.
        row.set(looking.filter(same -> sameAthlete)
                .flatMap(key -> rowOf(computed, key))
                .or(() -> firstOf(computed)));
        page.set(Optional.of(computed));
    }

    private Optional<FigureRow> rowOf(Page known, String key) {
        return known.answers().stream()
                .flatMap(answer -> answer.rows().stream())
                .filter(each -> key(each).equals(key))
                .findFirst();
    }

    private void chooseRow() {
        row.set(page.get().flatMap(this::firstOf));
    }

    /** The first figure of the chapter is looked at until another is chosen. */
    private Optional<FigureRow> firstOf(Page known) {
        return chapter.get().equals(ONE_MINUTE)
                ? known.oneMinute().stream()
                        .flatMap(point -> point.row().stream())
                        .findFirst()
                : known.chapter(chapter.get()).stream()
                        .flatMap(answer -> answer.rows().stream())
                        .findFirst();
    }

    /** Opens the page of a position or technique of the athlete. */
    void openPage(String key) {
        if (athlete.get().isEmpty()) {
            return;
        }
        Optional<String> whose = athlete.get().map(Athlete::name);
        Contents contents = desk.contents();
        Lexicon lexicon = desk.lexicon();
        Scope scope = lens.get().filters();
        desk.work()
                .latest(
                        listingSlot,
                        "Listing " + lexicon.label(key),
                        (progress, cancelled) -> lexicon.position(key)
                                .map(place -> PositionListing.of(place, whose, desk.corpus(contents), scope))
                                .or(() -> lexicon.technique(key)
                                        .map(technique ->
                                                TechniqueListing.of(technique, whose, desk.corpus(contents), scope)))
                                .orElseThrow(),
                        Work.Listener.of(this::showPage, desk.messages()::fail, () -> {}));
    }

    private void showPage(Listing page) {
        row.set(Optional.empty());
        looked.set(-1);
        sights.setAll(newestFirst(page).stream()
                .flatMap(entry -> seenAt.of(entry.evidence(), athlete.get()).stream())
                .toList());
        listing.set(Optional.of(page));
    }

    /** Goes back from the page of a position or technique to the chapter. */
    void closePage() {
        // What is still being listed was asked for before one went back, or under another's name.
        desk.work().forget(listingSlot);
        leaveListing();
    }

    private void leaveListing() {
        if (listing.get().isPresent()) {
            listing.set(Optional.empty());
            chooseRow();
        }
    }

    static List<Entry> newestFirst(Listing page) {
        List<Entry> entries = new ArrayList<>(page.entries());
        Collections.reverse(entries);
        return entries;
    }

    /** {@return the page of a position or technique that is open instead of a chapter} */
    ReadOnlyObjectProperty<Optional<Listing>> listingProperty() {
        return listing.getReadOnlyProperty();
    }

    /** {@return what has a page of its own, the most frequent first} */
    ReadOnlyObjectProperty<List<Seen>> seenProperty() {
        return seen.getReadOnlyProperty();
    }

    /** {@return which of the sights is looked at from elsewhere; -1 for none} */
    IntegerProperty lookedProperty() {
        return looked;
    }

    private void showSights() {
        List<Sight> now = row.get().map(FigureRow::evidence).orElse(List.of()).stream()
                .flatMap(evidence -> seenAt.of(evidence, athlete.get()).stream())
                .toList();
        // Whoever has chosen one of them goes on with it, though all was counted anew.
        if (!now.equals(sights)) {
            sights.setAll(now);
        }
    }

    /** The age of bouts is counted back from the last one that is known. */
    private LocalDate lastDay() {
        return desk.contents().bouts().stream()
                .flatMap(bout -> bout.header().date().stream())
                .max(Comparator.naturalOrder())
                .orElse(LocalDate.EPOCH);
    }

    /** {@return where that moment can be seen; empty for a bout without film} */
    Optional<FilmSpot> film(Sight sight) {
        return seenAt.film(sight);
    }

    LensChoices choices() {
        return choices;
    }

    ObjectProperty<Lens> lensProperty() {
        return lens;
    }

    /** {@return the chapter that is open, by its label} */
    public StringProperty chapterProperty() {
        return chapter;
    }

    Desk desk() {
        return desk;
    }

    /** Opens the film at that moment. */
    public void open(Sight sight) {
        desk.navigation()
                .show(new Spot(sight.evidence().bout(), sight.evidence().moment()));
    }

    /** Opens that bout in Tag. */
    void openBout(String bout) {
        desk.navigation().show(new Spot(bout, Optional.empty()));
    }

    public ObservableList<Athlete> athletes() {
        return athletes;
    }

    public ObjectProperty<Optional<Athlete>> athleteProperty() {
        return athlete;
    }

    public ReadOnlyObjectProperty<Optional<Page>> pageProperty() {
        return page.getReadOnlyProperty();
    }

    public ObjectProperty<Optional<FigureRow>> rowProperty() {
        return row;
    }

    public ObservableList<Sight> sights() {
        return sights;
    }
}
