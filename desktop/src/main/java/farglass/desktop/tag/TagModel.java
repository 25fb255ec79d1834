package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Deed;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Layer;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.bout.Splice;
import farglass.core.bout.Telling;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Technique;
import farglass.core.notation.Times;
import farglass.core.rules.Board;
import farglass.core.scribe.Phrase;
import farglass.core.scribe.Proposal;
import farglass.core.scribe.Situation;
import farglass.core.state.Exchange;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Settings;
import farglass.desktop.screening.Player;
import farglass.library.Library;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/**
 * One bout being taken apart. What is committed shows at once as pending, and as saved once it is on disk; if it could
 * not be saved it leaves the ledger again, with a sentence why. Knows no node. What belongs to one part of the work has its own model,
 * named here.
 */
public final class TagModel {
    /** Stands among the pending ones for what belongs to no moment. */
    private static final String HEADER = "(header)";

    private final Desk desk;
    private final Player player;
    private final BoutFilm film;
    private final LiveClock live = new LiveClock(System::nanoTime);
    private final Lag lag;
    private final Picks picks;
    private final FanModel fan;
    private final ScribeModel scribe;
    private final Mending mending;
    private final Repeats repeats;
    private final Segments segments;
    private final Stopwatch stopwatch;
    private final PassModel passes;
    private final Watched watched = new Watched();
    private final ReadOnlyObjectWrapper<Optional<Bout>> bout = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<OptionalLong> now = new ReadOnlyObjectWrapper<>(OptionalLong.empty());
    private final ObservableList<LedgerRow> rows = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<String>> selected = new SimpleObjectProperty<>(Optional.empty());
    private final StringProperty find = new SimpleStringProperty("");
    private final ObjectProperty<Jump> jump = new SimpleObjectProperty<>(Jump.EXCHANGE);
    private final Set<String> chosen = new LinkedHashSet<>();
    private final Set<String> folded = new HashSet<>();
    private final Map<String, Integer> pending = new HashMap<>();
    private Optional<Timeline> timeline = Optional.empty();
    private Optional<String> latest = Optional.empty();
    private boolean choosing;
    private Supplier<List<Proposal>> due = List::of;

    public TagModel(Desk desk, Player player, Settings settings) {
        this.desk = desk;
        this.player = player;
        this.lag = new Lag(settings);
        this.film = new BoutFilm(desk, player, bout::get);
        this.picks = new Picks(desk, this::offer);
        this.fan = new FanModel(this);
        this.scribe = new ScribeModel(this, settings);
        this.mending = new Mending(this);
        this.repeats = new Repeats(this);
        this.segments = new Segments(this);
        this.stopwatch = new Stopwatch(this);
        this.passes = new PassModel(this);
        film.whenFound(() -> selected.get().ifPresentOrElse(this::goTo, () -> film.seek(0)));
        desk.contentsProperty().addListener((property, old, contents) -> follow());
        desk.spotProperty().addListener((property, old, spot) -> spot.ifPresent(this::show));
        desk.studyProperty().addListener(change -> refresh());
        player.timeProperty().addListener(change -> moved());
        player.lastProperty().addListener(change -> moved());
        live.microsProperty().addListener(change -> moved());
        live.onProperty().addListener(change -> moved());
        find.addListener(change -> refresh());
        selected.addListener((property, old, wanted) -> {
            if (!choosing) {
                chosen.clear();
                wanted.ifPresent(chosen::add);
            }
            // Who turns to another moment leaves the question of the last one open.
            wanted.ifPresent(id -> fan.close());
            offer();
        });
    }

    private void show(Desk.Spot spot) {
        if (bout.get().map(Bout::id).filter(spot.bout()::equals).isEmpty()) {
            open(spot.bout());
        }
        spot.moment().ifPresent(moment -> {
            selected.set(Optional.of(moment));
            goTo(moment);
        });
    }

    private void open(String id) {
        leave();
        live.end();
        watched.forget();
        folded.clear();
        latest = Optional.empty();
        find.set("");
        set(desk.contents().bout(id));
        selected.set(Optional.empty());
        scribe.clear();
        film.follow();
        bout.get().ifPresent(picks::learnFor);
        offer();
    }

    /** Puts away what is under way, and writes down what was watched. Called before the place or the bout is left. */
    public void leave() {
        passes.end();
        fan.close();
        bout.get().ifPresent(shown -> {
            Bout noted = watched.noted(shown);
            if (!noted.equals(shown) && desk.library().readOnly().isEmpty()) {
                change(shown, Set.of(), "Note what was watched");
            }
        });
    }

    private void moved() {
        OptionalLong before = now.get();
        OptionalLong instant = boutMicros();
        boolean plays = live.onProperty().get()
                ? live.runningProperty().get()
                : player.playingProperty().get();
        watched.at(
                instant,
                plays,
                live.onProperty().get() ? 1 : player.speedProperty().get(),
                passes.aimProperty().get().layer().orElse(Layer.STORY));
        now.set(instant);
        if (!instant.equals(before) || bout.get().isEmpty()) {
            offer();
        }
    }

    /** Shows what the library now holds, once nothing of ours is on its way to it. */
    private void follow() {
        if (pending.isEmpty() && bout.get().isPresent()) {
            Optional<Bout> held = desk.contents().bout(bout.get().get().id());
            if (!held.equals(bout.get())) {
                set(held);
                film.follow();
            }
        }
    }

    private void set(Optional<Bout> shown) {
        // Whoever hears of the new bout asks for its timeline at once.
        timeline = shown.map(told -> Timeline.of(told, desk.lexicon()));
        bout.set(shown);
        refresh();
    }

    void refresh() {
        rows.setAll(bout.get()
                .map(shown -> Ledger.rows(
                        shown,
                        timeline.orElseThrow(),
                        new Ledger.Showing(
                                studied(), Set.copyOf(pending.keySet()), folded, find.get(), scribe.editedId()),
                        desk.lexicon()))
                .orElse(List.of()));
        offer();
    }

    private void offer() {
        picks.show(bout.get().map(this::situation), due.get());
        scribe.read();
    }

    private Situation situation(Bout shown) {
        int count = before().map(last -> shown.moments().indexOf(last) + 1).orElse(0);
        return Situation.after(shown, count, stand());
    }

    /** {@return the last moment not after the instant now shown} */
    Optional<Moment> before() {
        OptionalLong instant = boutMicros();
        List<Moment> moments = bout.get().map(Bout::moments).orElse(List.of());
        return moments.stream()
                .filter(moment -> instant.isEmpty() || moment.atMicros().orElse(0) <= instant.getAsLong())
                .reduce((first, second) -> second);
    }

    /** {@return the ledger's row of the selected moment, else of the last one at the instant now shown; -1 if none} */
    int rowShown() {
        Optional<String> wanted = selected.get().or(() -> before().map(Moment::id));
        for (int i = 0; i < rows.size(); i++) {
            if (wanted.isPresent() && rows.get(i).moment().map(Moment::id).equals(wanted)) {
                return i;
            }
        }
        return -1;
    }

    /** {@return where the two stand at the instant now shown} */
    Stand stand() {
        Timeline known = timeline.orElseThrow();
        return before().map(known::after).orElseGet(() -> known.at(0));
    }

    /** {@return what the word "answers" means now: the selected moment, else the last one} */
    Optional<String> answerable() {
        return selected.get().or(() -> before().map(Moment::id));
    }

    /** {@return the instant of the bout now shown, by the film or the hall's clock; empty without either} */
    public OptionalLong boutMicros() {
        return live.onProperty().get() ? OptionalLong.of(live.microsProperty().get()) : film.boutMicros();
    }

    /** {@return when what is typed now happened: the instant shown, less the person's lag while the film plays} */
    OptionalLong instant() {
        return scribe.instant();
    }

    /** Saves a new moment, or a changed one. */
    void commit(Moment moment, String what) {
        change(bout.get().orElseThrow().with(moment), Set.of(moment.id()), what);
        latest = Optional.of(moment.id());
        selected.set(Optional.empty());
    }

    /** Saves a changed bout: shown at once, and held as pending until it is on disk. */
    void change(Bout changed, Set<String> touched, String what) {
        Bout noted = watched.noted(changed);
        Set<String> keys = touched.isEmpty() ? Set.of(HEADER) : touched;
        keys.forEach(key -> pending.merge(key, 1, Integer::sum));
        Bout base = bout.get().orElseThrow();
        set(Optional.of(noted));
        // Another window may have tagged the same bout meanwhile: only what was changed here is changed there.
        desk.writeOver(
                        what,
                        (edit, held) -> edit.put(held.bout(noted.id())
                                .map(there -> Splice.onto(there, base, noted))
                                .orElse(noted)))
                .whenComplete((act, problem) -> {
                    keys.forEach(key -> pending.computeIfPresent(key, (id, count) -> count == 1 ? null : count - 1));
                    if (problem != null && touched.size() == 1) {
                        touched.stream()
                                .flatMap(id -> noted.moment(id).stream())
                                .forEach(scribe::giveBack);
                    }
                    boolean ours = bout.get().map(Bout::id).equals(Optional.of(noted.id()));
                    if (ours) {
                        follow();
                        refresh();
                    }
                });
    }

    /** Takes the digit's pick: the moment is saved at the instant now shown, and what is open about it is asked. */
    public void pick(int number) {
        if (number < 1 || number > picks.list().size()) {
            return;
        }
        scribe.save(picks.list().get(number - 1), instant(), true);
    }

    /** {@return what the sport lets that athlete do from where the two stand, by kind; everything where that is not known} */
    SortedMap<Kind, List<Technique>> startable(Seat seat) {
        Stand now = stand();
        SortedMap<Kind, List<Technique>> byKind = new TreeMap<>();
        desk.lexicon().techniques().stream()
                .filter(technique ->
                        !now.position().isSettled() || technique.canStart(now.position(), now.roleOf(seat)))
                .sorted(Comparator.comparing(Technique::label))
                .forEach(technique -> byKind.computeIfAbsent(technique.kind(), any -> new ArrayList<>())
                        .add(technique));
        return byKind;
    }

    /** Saves that the athlete did that at the instant now shown, and asks what became of it. */
    void take(Seat seat, Technique technique) {
        scribe.save(
                new Proposal(Optional.of(seat), new Deed.Did(technique.key()), Optional.empty(), Telling.NOTHING),
                instant(),
                true);
    }

    /** Drops a bare mark, to be named later. */
    public void mark() {
        if (bout.get().isPresent()) {
            Moment mark = new Moment(
                    newId(), instant(), Optional.empty(), new Deed.Mark(), Optional.empty(), Telling.NOTHING);
            commit(mark, "Mark");
        }
    }

    /** Selects the next or the previous moment, and shows it on the film. */
    public void select(int direction) {
        step(direction).ifPresent(id -> {
            selected.set(Optional.of(id));
            goTo(id);
        });
    }

    /** Chooses one moment more, or one less, in that direction. */
    public void extend(int direction) {
        Optional<String> lead = selected.get();
        step(direction).ifPresent(id -> {
            if (lead.isPresent() && chosen.contains(id)) {
                chosen.remove(lead.get());
            }
            choose(with(id), Optional.of(id));
            goTo(id);
        });
    }

    private List<String> with(String id) {
        List<String> more = new ArrayList<>(chosen);
        more.add(id);
        return more;
    }

    private Optional<String> step(int direction) {
        List<String> shown = rows.stream()
                .flatMap(row -> row.moment().stream())
                .map(Moment::id)
                .toList();
        if (shown.isEmpty()) {
            return Optional.empty();
        }
        int at = selected.get()
                .map(shown::indexOf)
                .filter(index -> index >= 0)
                .orElseGet(
                        () -> before().map(moment -> shown.indexOf(moment.id())).orElse(-1) + (direction > 0 ? 0 : 1));
        return Optional.of(shown.get(Math.max(0, Math.min(shown.size() - 1, at + direction))));
    }

    /** Chooses several moments at once, to be changed together. */
    public void choose(List<String> ids, Optional<String> lead) {
        choosing = true;
        try {
            chosen.clear();
            chosen.addAll(ids);
            lead.ifPresent(chosen::add);
            selected.set(lead);
        } finally {
            choosing = false;
        }
    }

    /** Chooses every moment that is shown. */
    public void chooseAll() {
        List<String> all = rows.stream()
                .flatMap(row -> row.moment().stream())
                .map(Moment::id)
                .toList();
        choose(all, all.stream().reduce((first, last) -> last));
        refresh();
    }

    /** {@return ids of the moments chosen, the lead among them} */
    public Set<String> chosen() {
        return Set.copyOf(chosen);
    }

    /** Shows that moment on the film. */
    public void goTo(String momentId) {
        bout.get()
                .flatMap(shown -> shown.moment(momentId))
                .map(Moment::atMicros)
                .filter(OptionalLong::isPresent)
                .ifPresent(at -> film.seek(at.getAsLong()));
    }

    /** Shows that instant of the bout on the film. */
    public void seekBout(long micros) {
        film.seek(micros);
    }

    /** Sends the film to the next or the last of what is jumped by. */
    public void jump(int direction) {
        bout.get().ifPresent(shown -> {
            OptionalLong to = jump.get().from(boutMicros().orElse(0), direction, shown, timeline.orElseThrow());
            if (to.isPresent()) {
                selected.set(Optional.empty());
                film.seek(to.getAsLong());
            } else {
                desk.say("There is no %s %s here.".formatted(jump.get().label(), direction > 0 ? "after" : "before"));
            }
        });
    }

    /** Folds the exchange of the selected moment, or of the instant shown, into one row, or unfolds it. */
    public void foldHere() {
        Optional<String> here = answerable();
        timeline.ifPresent(known -> known.exchanges().stream()
                .filter(exchange ->
                        exchange.moments().stream().map(Moment::id).anyMatch(id -> here.equals(Optional.of(id))))
                .findFirst()
                .map(TagModel::firstOf)
                .ifPresent(first -> {
                    if (!folded.remove(first)) {
                        folded.add(first);
                    }
                    refresh();
                }));
    }

    /** Folds every exchange, or unfolds them all. */
    public void foldAll() {
        timeline.ifPresent(known -> {
            if (folded.isEmpty()) {
                known.exchanges().stream().map(TagModel::firstOf).forEach(folded::add);
            } else {
                folded.clear();
            }
            refresh();
        });
    }

    private static String firstOf(Exchange exchange) {
        return exchange.moments().get(0).id();
    }

    /** Puts the selected moment's words back into the line, to be changed in their place. */
    public void editSelected() {
        selected.get()
                .flatMap(id -> bout.get().flatMap(shown -> shown.moment(id)))
                .ifPresentOrElse(
                        scribe::edit,
                        () -> desk.say("Choose a moment first, with the up and down arrows or by a click."));
    }

    /** Names who knows which awards are due by the rules at the instant shown. */
    void dueBy(Supplier<List<Proposal>> rules) {
        due = rules;
    }

    /** Says that the aim's layer was watched from the start up to the instant now shown. */
    public void declareCovered() {
        OptionalLong instant = boutMicros();
        if (instant.isEmpty()) {
            desk.say("The film shows no instant of the bout here.");
            return;
        }
        Layer layer = passes.aimProperty().get().layer().orElse(Layer.STORY);
        Bout shown = bout.get().orElseThrow();
        Bout covered = shown.with(shown.header()
                .with(shown.header().footage().covering(new Covered(layer, 0, instant.getAsLong(), true))));
        String what = "Declare %s looked through to %s".formatted(layer.label(), Times.tenths(instant.getAsLong()));
        change(covered, Set.of(), what);
        desk.say(what + ".");
    }

    /** Says that the bout begins at the frame now shown. The moments keep their times on the bout's own clock. */
    public void beginHere() {
        film.link().ifPresent(link -> startFilmAt(link, player.timeProperty().get()));
    }

    /** Lays the film under moments tagged without it: the selected one is what the frame now shown shows. */
    public void alignHere() {
        OptionalLong at = selected.get()
                .flatMap(id -> bout.get().flatMap(shown -> shown.moment(id)))
                .map(Moment::atMicros)
                .orElse(OptionalLong.empty());
        if (at.isEmpty() || film.link().isEmpty()) {
            desk.say("Choose a moment, find the frame that shows it, and align again.");
            return;
        }
        startFilmAt(film.link().get(), player.timeProperty().get() - at.getAsLong());
    }

    private void startFilmAt(FilmLink link, long startMicros) {
        Bout shown = bout.get().orElseThrow();
        List<FilmLink> links = shown.header().films().stream()
                .map(each -> each.equals(link) ? new FilmLink(link.path(), startMicros) : each)
                .toList();
        String what = startMicros >= 0
                ? "Begin the bout at %s of the film".formatted(Times.tenths(startMicros))
                : "Begin the film %s into the bout".formatted(Times.tenths(-startMicros));
        change(shown.with(shown.header().withFilms(links)), Set.of(), what);
        desk.say(what + ".");
        moved();
    }

    /** Tags by a running clock from here on, for a bout watched in the hall; or ends that. */
    public void liveKey() {
        if (bout.get().isEmpty()) {
            return;
        }
        if (live.onProperty().get()) {
            live.end();
            desk.say(
                    "The hall\u2019s clock is off. Add the film in the header (Ctrl+E), choose a moment, find its frame and align.");
        } else {
            player.playingProperty().set(false);
            live.start(bout.get().get().extentMicros());
            desk.say("The clock runs. Space stops it and lets it run on.");
        }
    }

    /** {@return who of the two is under study; seat A without a bout} */
    public Seat studied() {
        return bout.get().map(desk::studied).orElse(Seat.A);
    }

    /** {@return the referee's score for one of them at the instant now shown: "Runa 2 +1 adv"} */
    public String board(Seat seat) {
        return bout.get()
                .map(shown -> Phrase.firstName(shown, seat) + "  "
                        + words(Board.at(shown, boutMicros().orElse(Long.MAX_VALUE))
                                .of(seat)))
                .orElse("");
    }

    private static String words(Board.Column column) {
        return column.points()
                + (column.advantages() > 0 ? " +%d adv".formatted(column.advantages()) : "")
                + (column.penalties() > 0 ? " (%d pen)".formatted(column.penalties()) : "");
    }

    /** {@return the open bout with what was played through since the last act noted in it} */
    Bout noted() {
        return watched.noted(bout.get().orElseThrow());
    }

    /** {@return the moment in words, without who and when} */
    String words(Moment moment) {
        return Phrase.of(moment, bout.get().orElseThrow(), desk.lexicon());
    }

    public boolean allSaved() {
        return pending.isEmpty();
    }

    /** {@return the moment saved last, by id} */
    Optional<String> latest() {
        return latest;
    }

    static String newId() {
        return Library.newId();
    }

    Desk desk() {
        return desk;
    }

    public Player player() {
        return player;
    }

    public BoutFilm film() {
        return film;
    }

    public LiveClock live() {
        return live;
    }

    public Lag lag() {
        return lag;
    }

    public Picks picks() {
        return picks;
    }

    public FanModel fan() {
        return fan;
    }

    public ScribeModel scribe() {
        return scribe;
    }

    public Mending mending() {
        return mending;
    }

    public Repeats repeats() {
        return repeats;
    }

    public Segments segments() {
        return segments;
    }

    public Stopwatch stopwatch() {
        return stopwatch;
    }

    public PassModel passes() {
        return passes;
    }

    public Optional<Timeline> timeline() {
        return timeline;
    }

    public ReadOnlyObjectProperty<Optional<Bout>> boutProperty() {
        return bout.getReadOnlyProperty();
    }

    /** {@return the instant of the bout now shown} */
    public ReadOnlyObjectProperty<OptionalLong> nowProperty() {
        return now.getReadOnlyProperty();
    }

    public ObservableList<LedgerRow> rows() {
        return rows;
    }

    /** {@return the moment that keys act on; setting it chooses it alone} */
    public ObjectProperty<Optional<String>> selectedProperty() {
        return selected;
    }

    /** {@return words that a moment must hold to be shown} */
    public StringProperty findProperty() {
        return find;
    }

    public ObjectProperty<Jump> jumpProperty() {
        return jump;
    }
}
