package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Layer;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.notation.Times;
import farglass.core.rules.Board;
import farglass.core.scribe.Continuations;
import farglass.core.scribe.Phrase;
import farglass.core.scribe.Proposal;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Settings;
import farglass.desktop.screening.Player;
import farglass.film.Films;
import farglass.library.Edit;
import farglass.library.Library;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/**
 * One bout being taken apart. What is committed shows at once as pending, and as saved once it is on disk; if it could
 * not be saved it leaves the ledger again, with a sentence why. Knows no node.
 */
public final class TagModel {
    private final Desk desk;
    private final Player player;
    private final ScribeModel scribe;
    private final ReadOnlyObjectWrapper<Optional<Bout>> bout = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ObservableList<LedgerRow> rows = FXCollections.observableArrayList();
    private final ObservableList<Proposal> picks = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<String>> selected = new SimpleObjectProperty<>(Optional.empty());
    private final ReadOnlyStringWrapper filmTrouble = new ReadOnlyStringWrapper("");
    private final Set<String> pending = new HashSet<>();
    private Optional<Timeline> timeline = Optional.empty();
    private Continuations continuations;
    private Optional<FilmLink> openFilm = Optional.empty();

    public TagModel(Desk desk, Player player, Settings settings) {
        this.desk = desk;
        this.player = player;
        this.scribe = new ScribeModel(this, settings);
        this.continuations = Continuations.learned(List.of(), desk.lexicon());
        desk.contentsProperty().addListener((property, old, contents) -> follow());
        desk.spotProperty().addListener((property, old, spot) -> spot.ifPresent(this::show));
        desk.studyProperty().addListener(change -> refresh());
        player.timeProperty().addListener(change -> offer());
        selected.addListener(change -> offer());
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
        set(desk.contents().bout(id));
        selected.set(Optional.empty());
        scribe.clear();
        openFilm = Optional.empty();
        openFilm();
        List<Bout> teachers = desk.contents().bouts().stream()
                .filter(each -> !each.header().isSecondCoding())
                .toList();
        desk.work()
                .start(
                        "Learning what usually comes next",
                        (progress, cancelled) -> Continuations.learned(teachers, desk.lexicon()),
                        learned -> {
                            continuations = learned;
                            offer();
                        },
                        problem -> desk.say(problem.getMessage()));
    }

    private void openFilm() {
        filmTrouble.set("");
        Optional<FilmLink> link = film();
        if (link.map(FilmLink::path).equals(openFilm.map(FilmLink::path)) && link.isPresent() == player.hasFilm()) {
            openFilm = link;
            return;
        }
        openFilm = link;
        player.show(Optional.empty());
        if (link.isEmpty()) {
            return;
        }
        Path path = filmPath(link.get());
        desk.work()
                .start(
                        "Reading " + path.getFileName(),
                        (progress, cancelled) -> Films.open(path, progress, cancelled),
                        opened -> {
                            if (openFilm.equals(link)) {
                                player.show(Optional.of(opened));
                                selected.get()
                                        .ifPresentOrElse(
                                                this::goTo,
                                                () -> player.seek(link.get().toFilm(0)));
                            } else {
                                opened.close();
                            }
                        },
                        problem -> {
                            filmTrouble.set(problem.getMessage());
                            desk.say(problem.getMessage());
                        });
    }

    /** A film is named from the library's folder, so that both can be moved together. */
    private Path filmPath(FilmLink link) {
        return desk.library().path().toAbsolutePath().resolveSibling(link.path());
    }

    /** Shows what the library now holds, once nothing of ours is on its way to it. */
    private void follow() {
        if (pending.isEmpty() && bout.get().isPresent()) {
            Optional<Bout> now = desk.contents().bout(bout.get().get().id());
            if (!now.equals(bout.get())) {
                set(now);
                openFilm();
            }
        }
    }

    private void set(Optional<Bout> now) {
        // Whoever hears of the new bout asks for its timeline at once.
        timeline = now.map(shown -> Timeline.of(shown, desk.lexicon()));
        bout.set(now);
        refresh();
    }

    private void refresh() {
        rows.setAll(bout.get()
                .map(shown -> Ledger.rows(shown, timeline.orElseThrow(), studied(), pending, desk.lexicon()))
                .orElse(List.of()));
        offer();
    }

    private void offer() {
        List<Proposal> now =
                timeline.map(known -> continuations.next(stand(), before(), 9)).orElse(List.of());
        if (!now.equals(picks)) {
            picks.setAll(now);
        }
        scribe.read();
    }

    /** {@return the last moment not after the instant now shown} */
    private Optional<Moment> before() {
        OptionalLong now = boutMicros();
        List<Moment> moments = bout.get().map(Bout::moments).orElse(List.of());
        return moments.stream()
                .filter(moment -> now.isEmpty() || moment.atMicros().orElse(0) <= now.getAsLong())
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

    /** {@return the instant of the bout now shown; empty without a film, or before the bout begins} */
    public OptionalLong boutMicros() {
        return player.hasFilm() && film().isPresent()
                ? onBout(player.timeProperty().get())
                : OptionalLong.empty();
    }

    OptionalLong onBout(long filmMicros) {
        long micros = film().orElseThrow().toBout(filmMicros);
        return micros < 0 ? OptionalLong.empty() : OptionalLong.of(micros);
    }

    public Optional<FilmLink> film() {
        return bout.get().flatMap(shown -> shown.header().films().stream().findFirst());
    }

    /** Saves a new moment, or a changed one. */
    void commit(Moment moment, String what) {
        change(bout.get().orElseThrow().with(moment), moment.id(), what);
        selected.set(Optional.empty());
    }

    private void change(Bout changed, String momentId, String what) {
        pending.add(momentId);
        set(Optional.of(changed));
        desk.write(what, edit -> edit.put(changed)).whenComplete((act, problem) -> {
            pending.remove(momentId);
            if (problem != null) {
                changed.moment(momentId).ifPresent(scribe::giveBack);
            }
            follow();
            refresh();
        });
    }

    /** Takes the digit's pick: the moment is saved at the instant now shown. */
    public void pick(int number) {
        if (number < 1 || number > picks.size()) {
            return;
        }
        scribe.save(picks.get(number - 1), player.hasFilm() ? boutMicros() : OptionalLong.empty());
    }

    /** Selects the next or the previous moment, and shows it on the film. */
    public void select(int direction) {
        List<Moment> moments = bout.get().map(Bout::moments).orElse(List.of());
        if (moments.isEmpty()) {
            return;
        }
        int now = selected.get()
                .flatMap(id -> bout.get().orElseThrow().moment(id))
                .map(moments::indexOf)
                .orElseGet(() -> before().map(moments::indexOf).orElse(-1) + (direction > 0 ? 0 : 1));
        int next = Math.max(0, Math.min(moments.size() - 1, now + direction));
        selected.set(Optional.of(moments.get(next).id()));
        goTo(moments.get(next).id());
    }

    /** Shows that moment on the film. */
    public void goTo(String momentId) {
        film().ifPresent(link -> bout.get()
                .flatMap(shown -> shown.moment(momentId))
                .map(Moment::atMicros)
                .filter(OptionalLong::isPresent)
                .ifPresent(at -> player.seek(link.toFilm(at.getAsLong()))));
    }

    /** Shows that instant of the bout on the film. */
    public void seekBout(long micros) {
        film().ifPresent(link -> player.seek(link.toFilm(micros)));
    }

    private void withSelected(Consumer<Moment> doing) {
        selected.get()
                .flatMap(id -> bout.get().flatMap(shown -> shown.moment(id)))
                .ifPresentOrElse(doing, () -> desk.say("Select a moment first, with the up and down arrows."));
    }

    public void removeSelected() {
        withSelected(moment -> {
            Bout shown = bout.get().orElseThrow();
            selected.set(Optional.empty());
            change(shown.without(moment.id()), moment.id(), "Remove " + Phrase.of(moment, shown, desk.lexicon()));
        });
    }

    /** Puts the selected moment's words back into the scribe line, to be changed. */
    public void editSelected() {
        withSelected(scribe::edit);
    }

    /** Moves the selected moment to the instant now shown. */
    public void moveSelectedHere() {
        withSelected(moment -> boutMicros()
                .ifPresentOrElse(
                        micros -> commit(moment.at(micros), "Move a moment to " + Times.tenths(micros)),
                        () -> desk.say("The film shows no instant of the bout here.")));
    }

    /** Says that the story was watched from the start up to the instant now shown. */
    public void declareCovered() {
        OptionalLong now = boutMicros();
        if (now.isEmpty()) {
            desk.say("The film shows no instant of the bout here.");
            return;
        }
        Bout shown = bout.get().orElseThrow();
        List<Covered> covered = new ArrayList<>(shown.header().covered());
        covered.removeIf(old -> old.layer() == Layer.STORY && old.toMicros() <= now.getAsLong());
        if (!shown.header().covers(Layer.STORY, now.getAsLong())) {
            covered.add(new Covered(Layer.STORY, 0, now.getAsLong(), true));
        }
        write(
                shown.with(shown.header().withCovered(covered)),
                "Declare the story watched to " + Times.tenths(now.getAsLong()));
    }

    /** Says that the bout begins at the frame now shown. The moments keep their times on the bout's own clock. */
    public void beginHere() {
        film().ifPresent(link -> {
            Bout shown = bout.get().orElseThrow();
            long start = player.timeProperty().get();
            write(
                    shown.with(shown.header().withFilms(List.of(new FilmLink(link.path(), start)))),
                    "Begin the bout at %s of the film".formatted(Times.tenths(start)));
        });
    }

    private void write(Bout changed, String what) {
        desk.write(what, (Edit edit) -> edit.put(changed)).thenAccept(act -> desk.say(what + ": saved."));
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

    public boolean allSaved() {
        return pending.isEmpty();
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

    public ScribeModel scribe() {
        return scribe;
    }

    public Optional<Timeline> timeline() {
        return timeline;
    }

    public ReadOnlyObjectProperty<Optional<Bout>> boutProperty() {
        return bout.getReadOnlyProperty();
    }

    /** {@return why the film of this bout could not be opened; empty if it could} */
    public ReadOnlyStringProperty filmTroubleProperty() {
        return filmTrouble.getReadOnlyProperty();
    }

    public ObservableList<LedgerRow> rows() {
        return rows;
    }

    public ObservableList<Proposal> picks() {
        return picks;
    }

    public ObjectProperty<Optional<String>> selectedProperty() {
        return selected;
    }
}
