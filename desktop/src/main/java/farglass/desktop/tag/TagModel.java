package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Layer;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.bout.Telling;
import farglass.core.change.Change;
import farglass.core.corpus.BoutSheet;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Technique;
import farglass.core.rules.Board;
import farglass.core.scribe.Phrase;
import farglass.core.scribe.Proposal;
import farglass.core.scribe.Situation;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import farglass.core.state.Whereabouts;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Settings;
import farglass.desktop.screening.Player;
import farglass.library.Library;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
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
    private final Doubts doubts;
    private final Repeats repeats;
    private final Segments segments;
    private final Stopwatch stopwatch;
    private final PassModel passes;
    private final LedgerModel ledger;
    private final BoutTimes times;
    private final Watched watched = new Watched();
    private final ReadOnlyObjectWrapper<Optional<Bout>> bout = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyLongWrapper refreshes = new ReadOnlyLongWrapper();
    private final ReadOnlyObjectWrapper<OptionalLong> now = new ReadOnlyObjectWrapper<>(OptionalLong.empty());
    private final ObjectProperty<Jump> jump = new SimpleObjectProperty<>(Jump.EXCHANGE);
    private final Map<String, Integer> pending = new HashMap<>();
    private Optional<BoutSheet> sheet = Optional.empty();
    private Optional<String> latest = Optional.empty();
    private Supplier<List<Proposal>> due = List::of;
    private BooleanSupplier choosing = () -> false;

    public TagModel(Desk desk, Player player, Settings settings) {
        this.desk = desk;
        this.player = player;
        this.lag = new Lag(settings);
        this.film = new BoutFilm(desk, player, bout::get);
        this.picks = new Picks(desk, this::offer);
        this.fan = new FanModel(this);
        this.scribe = new ScribeModel(this, settings);
        this.mending = new Mending(this);
        this.doubts = new Doubts(this);
        this.repeats = new Repeats(this);
        this.segments = new Segments(this);
        this.stopwatch = new Stopwatch(this);
        this.passes = new PassModel(this);
        this.ledger = new LedgerModel(this);
        this.times = new BoutTimes(this);
        film.whenFound(() -> selectedProperty().get().ifPresentOrElse(this::goTo, () -> film.seek(0)));
        desk.contentsProperty().addListener((property, old, contents) -> follow());
        desk.lexiconProperty().addListener((property, old, words) -> {
            // Words of the library say where things can start, and so where the two are; and all may be shown in other
            // words.
            bout.get().ifPresent(picks::learnFor);
            set(bout.get());
        });
        desk.spotProperty().addListener((property, old, spot) -> spot.ifPresent(this::show));
        desk.studyProperty().addListener(change -> refresh());
        player.timeProperty().addListener(change -> moved());
        player.lastProperty().addListener(change -> moved());
        live.microsProperty().addListener(change -> moved());
        live.onProperty().addListener(change -> moved());
        ledger.selectedProperty().addListener((property, old, wanted) -> {
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
            selectedProperty().set(Optional.of(moment));
            goTo(moment);
        });
    }

    private void open(String id) {
        leave();
        live.end();
        watched.forget();
        ledger.begin();
        latest = Optional.empty();
        set(desk.contents().bout(id));
        selectedProperty().set(Optional.empty());
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

    void moved() {
        OptionalLong before = now.get();
        OptionalLong instant = boutMicros();
        // What is shown round a question is looked at for that one thing; the pass says itself what it covered.
        boolean plays = passes.questionProperty().get().isEmpty()
                && (live.onProperty().get()
                        ? live.runningProperty().get()
                        : player.playingProperty().get());
        watched.at(
                instant,
                plays,
                live.onProperty().get() ? 1 : player.speedProperty().get(),
                passes.aimProperty().get().layer().orElse(Layer.STORY));
        now.set(instant);
        boolean runsOn = plays && choosing.getAsBoolean();
        if ((!instant.equals(before) || bout.get().isEmpty()) && !runsOn) {
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
        // Whoever hears of the new bout asks at once where the two are in it.
        sheet = shown.map(told -> BoutSheet.of(told, desk.lexicon()));
        bout.set(shown);
        refresh();
    }

    void refresh() {
        ledger.show(Set.copyOf(pending.keySet()));
        offer();
        refreshes.set(refreshes.get() + 1);
    }

    /** {@return how often all was shown anew} It tells of what is saved, too, where no row of the ledger does. */
    ReadOnlyLongProperty refreshesProperty() {
        return refreshes.getReadOnlyProperty();
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

    /** {@return where the two stand at the instant now shown} */
    Stand stand() {
        Timeline known = timeline().orElseThrow();
        return before().map(known::after).orElseGet(() -> start(known.at(0)));
    }

    /** Nothing is told yet, and perhaps nothing watched: who begins to tag a bout mostly begins where they stand. */
    private Stand start(Stand known) {
        return known.position().isSettled()
                ? known
                : Whereabouts.assumed(bout.get().orElseThrow().header(), desk.lexicon());
    }

    /** {@return what the word "answers" means now: the selected moment, else the last one} */
    Optional<String> answerable() {
        return selectedProperty().get().or(() -> before().map(Moment::id));
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
        selectedProperty().set(Optional.empty());
    }

    /** Saves what more is told of a moment that stays chosen. */
    public void tell(Moment told) {
        commit(told, "Tell more of " + words(told));
        selectedProperty().set(Optional.of(told.id()));
    }

    /** Saves a changed bout: shown at once, and held as pending until it is on disk. */
    void change(Bout changed, Set<String> touched, String what) {
        Bout noted = watched.noted(changed);
        Set<String> keys = touched.isEmpty() ? Set.of(HEADER) : touched;
        keys.forEach(key -> pending.merge(key, 1, Integer::sum));
        Bout base = bout.get().orElseThrow();
        set(Optional.of(noted));
        desk.change(what, Change.of(base, noted)).whenComplete((act, problem) -> {
            keys.forEach(key -> pending.computeIfPresent(key, (id, count) -> count == 1 ? null : count - 1));
            boolean ours = bout.get().map(Bout::id).equals(Optional.of(noted.id()));
            if (!ours) {
                return;
            }
            if (problem != null && touched.size() == 1) {
                touched.stream().flatMap(id -> noted.moment(id).stream()).forEach(scribe::giveBack);
            }
            follow();
            refresh();
        });
    }

    /** Takes the digit's pick: the moment is saved, and what is open about it is asked. */
    public void pick(int number) {
        if (number < 1 || number > picks.list().size()) {
            return;
        }
        scribe.take(picks.list().get(number - 1));
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

    /** Saves that the athlete did that, and asks what became of it. */
    void take(Seat seat, Technique technique) {
        scribe.take(new Proposal(Optional.of(seat), new Deed.Did(technique.key()), Optional.empty(), Telling.NOTHING));
    }

    /** Drops a bare mark, to be named later. */
    public void mark() {
        if (bout.get().isPresent()) {
            Moment mark = new Moment(
                    newId(), instant(), Optional.empty(), new Deed.Mark(), Optional.empty(), Telling.NOTHING);
            commit(mark, "Mark");
        }
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
            OptionalLong to = jump.get()
                    .from(boutMicros().orElse(0), direction, shown, timeline().orElseThrow());
            if (to.isPresent()) {
                selectedProperty().set(Optional.empty());
                film.seek(to.getAsLong());
            } else {
                desk.say("There is no %s %s here.".formatted(jump.get().label(), direction > 0 ? "after" : "before"));
            }
        });
    }

    /** Puts the selected moment's words back into the line, to be changed in their place. */
    public void editSelected() {
        selectedProperty()
                .get()
                .flatMap(id -> bout.get().flatMap(shown -> shown.moment(id)))
                .ifPresentOrElse(
                        scribe::edit,
                        () -> desk.say("Choose a moment first, with the up and down arrows or by a click."));
    }

    /**
     * Names who knows whether somebody is about to click a pick: while the film runs on, an award that falls due then does not move the
     * picks away from under the mouse. Whatever is told or chosen still does, and so does every step of the film.
     */
    void whileChoosing(BooleanSupplier moving) {
        choosing = moving;
    }

    /** Names who knows which awards are due by the rules at the instant shown. */
    void dueBy(Supplier<List<Proposal>> rules) {
        due = rules;
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

    public Desk desk() {
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

    public Doubts doubts() {
        return doubts;
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

    /** {@return the open bout worked out, as it is now} */
    Optional<BoutSheet> sheet() {
        return sheet;
    }

    public Optional<Timeline> timeline() {
        return sheet.map(BoutSheet::timeline);
    }

    public ReadOnlyObjectProperty<Optional<Bout>> boutProperty() {
        return bout.getReadOnlyProperty();
    }

    /** {@return the instant of the bout now shown} */
    public ReadOnlyObjectProperty<OptionalLong> nowProperty() {
        return now.getReadOnlyProperty();
    }

    public LedgerModel ledger() {
        return ledger;
    }

    public BoutTimes times() {
        return times;
    }

    /** {@return the rows of the ledger} */
    public ObservableList<LedgerRow> rows() {
        return ledger.rows();
    }

    /** {@return the moment that keys act on} */
    public ObjectProperty<Optional<String>> selectedProperty() {
        return ledger.selectedProperty();
    }

    /** {@return ids of the moments chosen} */
    public Set<String> chosen() {
        return ledger.chosen();
    }

    public ObjectProperty<Jump> jumpProperty() {
        return jump;
    }
}
