package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.change.Change;
import farglass.core.corpus.BoutSheet;
import farglass.core.phrase.Phrase;
import farglass.core.side.Seat;
import farglass.core.state.Timeline;
import farglass.desktop.desk.Desk;
import farglass.library.Library;
import farglass.library.changelog.Act;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Consumer;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The bout that is being taken apart. What is changed shows at once as pending, and as saved once it is on disk; if it could not be saved
 * it is gone again, with a sentence why.
 */
public final class OpenBout {
    /** Stands among the pending ones for what belongs to no moment. */
    private static final String HEADER = "(header)";

    private final Desk desk;
    private final Choice choice;
    private final Watched watched = new Watched();
    private final ReadOnlyObjectWrapper<Optional<Bout>> bout = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyLongWrapper refreshes = new ReadOnlyLongWrapper();
    private final Map<String, Integer> pending = new HashMap<>();
    private Optional<BoutSheet> sheet = Optional.empty();
    private Optional<String> latest = Optional.empty();
    private Runnable taken = () -> {};
    private Consumer<Moment> refused = moment -> {};

    OpenBout(Desk desk, Choice choice) {
        this.desk = desk;
        this.choice = choice;
    }

    /** What to do once the bout is shown as the library now holds it, somebody else having changed it. */
    void whenTaken(Runnable then) {
        taken = then;
    }

    /** What to do with a moment that could not be saved. */
    public void whenRefused(Consumer<Moment> then) {
        refused = then;
    }

    /** What to do each time that another bout is shown, or none: what was begun in one does not go on in the next. */
    public void whenAnother(Consumer<Optional<Bout>> then) {
        boutProperty().addListener((property, before, now) -> {
            if (!before.map(Bout::id).equals(now.map(Bout::id))) {
                then.accept(now);
            }
        });
    }

    /** Opens the bout of that id; whatever was open before has been left. */
    void open(String id) {
        watched.forget();
        latest = Optional.empty();
        set(desk.contents().bout(id));
    }

    /** Writes down what was watched, before the bout is left. */
    void leave() {
        bout.get().ifPresent(shown -> {
            Bout noted = watched.noted(shown);
            if (!noted.equals(shown) && desk.library().readOnly().isEmpty()) {
                change(shown, Set.of(), "Note what was watched");
            }
        });
    }

    /** Shows what the library now holds, once nothing of ours is on its way to it. */
    public void follow() {
        if (pending.isEmpty() && bout.get().isPresent()) {
            Optional<Bout> held = desk.contents().bout(bout.get().get().id());
            if (!held.equals(bout.get())) {
                set(held);
                taken.run();
            }
        }
    }

    /** Works the bout out anew: the words of the library have changed, by which it is read. */
    public void readAnew() {
        set(bout.get());
    }

    private void set(Optional<Bout> shown) {
        // Whoever hears of the new bout asks at once where the two are in it.
        sheet = shown.map(told -> BoutSheet.of(told, desk.lexicon()));
        bout.set(shown);
        refresh();
    }

    /** Tells everybody to show the bout anew. */
    public void refresh() {
        refreshes.set(refreshes.get() + 1);
    }

    /** {@return how often all was shown anew} It tells of what is saved, too, where nothing of the bout itself does. */
    public ReadOnlyLongProperty refreshesProperty() {
        return refreshes.getReadOnlyProperty();
    }

    /** Saves a new moment, or a changed one, and chooses none. */
    public void commit(Moment moment, String what) {
        change(bout.get().orElseThrow().with(moment), Set.of(moment.id()), what);
        latest = Optional.of(moment.id());
        choice.none();
    }

    /** Saves a changed moment that stays chosen, or becomes so. */
    public void commitChosen(Moment moment, String what) {
        commit(moment, what);
        choice.only(moment.id());
    }

    /** Saves what more is told of a moment that stays chosen. */
    public void tell(Moment told) {
        commitChosen(told, "Tell more of " + words(told));
    }

    /**
     * Saves a changed bout: shown at once, and held as pending until it is on disk.
     *
     * @param touched ids of the moments that change; none if only the header does
     * @return completes on the interface thread once it is on disk; fails where it was refused, which is told already
     */
    public CompletableFuture<Optional<Act>> change(Bout changed, Set<String> touched, String what) {
        Bout noted = watched.noted(changed);
        Set<String> keys = touched.isEmpty() ? Set.of(HEADER) : touched;
        keys.forEach(key -> pending.merge(key, 1, Integer::sum));
        Bout base = bout.get().orElseThrow();
        set(Optional.of(noted));
        return desk.change(what, Change.of(base, noted)).whenComplete((act, problem) -> {
            keys.forEach(key -> pending.computeIfPresent(key, (id, count) -> count == 1 ? null : count - 1));
            boolean ours = bout.get().map(Bout::id).equals(Optional.of(noted.id()));
            if (!ours) {
                return;
            }
            if (problem != null && touched.size() == 1) {
                touched.stream().flatMap(id -> noted.moment(id).stream()).forEach(refused);
            }
            follow();
            refresh();
        });
    }

    /** {@return ids of the moments on their way to the disk} */
    public Set<String> pending() {
        return Set.copyOf(pending.keySet());
    }

    public boolean allSaved() {
        return pending.isEmpty();
    }

    /** {@return the moment saved last, by id} */
    public Optional<String> latest() {
        return latest;
    }

    /** {@return an id for a new moment} */
    public static String newId() {
        return Library.newId();
    }

    /** {@return who of the two is under study; seat A without a bout} */
    public Seat studied() {
        return bout.get().map(desk.study()::studied).orElse(Seat.A);
    }

    /** {@return the moment in words, without who and when} */
    public String words(Moment moment) {
        return Phrase.of(moment, bout.get().orElseThrow(), desk.lexicon());
    }

    Watched watched() {
        return watched;
    }

    /** {@return the open bout with what was played through since the last act noted in it} */
    public Bout noted() {
        return watched.noted(bout.get().orElseThrow());
    }

    /** {@return the moment of that id, if the bout still has it} */
    public Optional<Moment> moment(String id) {
        return bout.get().flatMap(shown -> shown.moment(id));
    }

    /** {@return the moment that keys act on} */
    public Optional<Moment> selected() {
        return choice.lead().flatMap(this::moment);
    }

    /** {@return the open bout worked out, as it is now} */
    public Optional<BoutSheet> sheet() {
        return sheet;
    }

    public Optional<Timeline> timeline() {
        return sheet.map(BoutSheet::timeline);
    }

    /** {@return the open bout; empty where none is} */
    public Optional<Bout> bout() {
        return bout.get();
    }

    public ReadOnlyObjectProperty<Optional<Bout>> boutProperty() {
        return bout.getReadOnlyProperty();
    }

    public Desk desk() {
        return desk;
    }
}
