package farglass.desktop.tag.line;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Telling;
import farglass.core.corpus.Corpus;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import farglass.core.naming.Naming;
import farglass.core.pick.Continuations;
import farglass.core.pick.Situation;
import farglass.core.scribe.Expectation;
import farglass.core.scribe.Proposal;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Soon;
import farglass.desktop.desk.Work;
import farglass.desktop.tag.OpenBout;
import farglass.desktop.tag.Playhead;
import farglass.desktop.tag.Tagging;
import farglass.library.contents.Contents;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The nine likeliest next moments of the open bout. What is learned never includes that bout, nor another coding of it. */
public final class Picks {
    /** As many as there are digits. */
    static final int NUMBERED = 9;
    /** What stands further back is sooner typed. */
    private static final int PAGES = 3;
    /** So many are ranked for completing words. */
    private static final int RANKED = 400;

    private final Desk desk;
    private final OpenBout open;
    private final Playhead playhead;
    private final Soon renewed;
    private final Soon ruled;
    private final ObservableList<Proposal> picks = FXCollections.observableArrayList();
    private Continuations continuations;
    private List<Bout> teachers = List.of();
    private Optional<Situation> shownFor = Optional.empty();
    private Map<String, Double> expected = Map.of();
    private List<Proposal> shownDue = List.of();
    private List<Proposal> dueNow = List.of();
    private List<Proposal> all = List.of();
    private List<Proposal> chosen = List.of();
    private String letters = "";
    private final ReadOnlyBooleanWrapper narrowed = new ReadOnlyBooleanWrapper();
    private int page;
    private Runnable whenOffered = () -> {};
    private Supplier<List<Proposal>> awards = List::of;
    private BooleanSupplier choosing = () -> false;

    public Picks(Tagging tag) {
        this.desk = tag.desk();
        this.open = tag.open();
        this.playhead = tag.playhead();
        this.renewed = desk.soon(this::renew);
        this.ruled = desk.soon(this::rule);
        this.continuations = Continuations.learned(Corpus.of(List.of(), desk.lexicon()));
        open.whenAnother(now -> now.ifPresent(this::learnFor));
        open.refreshesProperty().addListener((property, old, now) -> offer());
        playhead.nowProperty().addListener((property, old, now) -> {
            if (!playhead.isPlaying() || !choosing.getAsBoolean()) {
                offer();
            }
        });
        tag.choice().selectedProperty().addListener((property, old, now) -> offer());
    }

    /** What else to show anew when the picks are. */
    void whenOffered(Runnable then) {
        whenOffered = then;
    }

    /** Names who knows which awards are due by the rules at the instant shown. */
    public void dueBy(Supplier<List<Proposal>> rules) {
        awards = rules;
    }

    /**
     * Names who knows whether somebody is about to click a pick: while the film runs on, an award that falls due then does not move the
     * picks away from under the mouse. Whatever is told or chosen still does, and so does every step of the film.
     */
    public void whileChoosing(BooleanSupplier moving) {
        choosing = moving;
    }

    /** Shows what is likeliest at the instant then shown. */
    private void offer() {
        ruled.wish();
    }

    /** What the rules say, and what is likely, each in a turn of its own. */
    private void rule() {
        dueNow = awards.get();
        renewed.wish();
    }

    private void offered() {
        ruled.now();
        renewed.now();
    }

    private void renew() {
        show(
                open.bout()
                        .map(shown ->
                                Situation.after(shown, playhead.countBefore(playhead.micros()), playhead.stand())),
                dueNow);
        whenOffered.run();
    }

    /** The words of the library have changed: what they allow is learned again. */
    public void learnAnew() {
        open.bout().ifPresent(this::learnFor);
    }

    /** Learns anew for that bout, off the interface thread; until then the old picks stand. */
    private void learnFor(Bout bout) {
        Contents contents = desk.contents();
        List<Bout> now = contents.bouts().stream()
                .filter(each -> !each.header().isSecondCoding())
                .toList();
        if (now.equals(teachers)) {
            desk.work().forget(this);
            continuations.setAside(bout);
            shownFor = Optional.empty();
            return;
        }
        desk.work()
                .latest(
                        this,
                        "Learning what usually comes next",
                        (progress, cancelled) ->
                                Continuations.learned(desk.corpus(contents).renewed(now, desk.lexicon())),
                        Work.Listener.of(
                                learned -> {
                                    learned.setAside(bout);
                                    continuations = learned;
                                    teachers = now;
                                    shownFor = Optional.empty();
                                    offer();
                                },
                                desk.messages()::fail,
                                () -> {}));
    }

    /**
     * Shows what is likeliest in that situation.
     *
     * @param due awards that the rules say are to be given now, which come first
     */
    private void show(Optional<Situation> now, List<Proposal> due) {
        if (now.equals(shownFor) && due.equals(shownDue)) {
            return;
        }
        shownFor = now;
        shownDue = due;
        List<Continuations.Likely> likely =
                now.map(known -> continuations.next(known, RANKED)).orElse(List.of());
        Map<String, Double> shares = new HashMap<>();
        likely.forEach(each -> {
            each.proposal().deed().did().ifPresent(key -> shares.merge(key, each.probability(), Double::sum));
        });
        expected = shares;
        all = Stream.concat(
                        due.stream(),
                        likely.stream().map(Continuations.Likely::proposal).filter(pick -> !due.contains(pick)))
                .toList();
        choose();
    }

    /** Shows the nine after those shown; after the last the first again. */
    public void more() {
        offered();
        page = (page + 1) * NUMBERED < Math.min(chosen.size(), PAGES * NUMBERED) ? page + 1 : 0;
        turn();
    }

    /**
     * Leaves only what has a word that begins so.
     *
     * @param begun letters typed until now; empty for all
     */
    void narrow(String begun) {
        offered();
        if (!begun.equals(letters)) {
            letters = begun;
            choose();
        }
    }

    /** {@return whether letters leave something of which a digit can take one; where they leave nothing, all stay as they are} */
    public boolean isNarrowed() {
        offered();
        return narrowed.get();
    }

    ReadOnlyBooleanProperty narrowedProperty() {
        return narrowed.getReadOnlyProperty();
    }

    private void choose() {
        List<Proposal> found = begun();
        narrowed.set(!found.isEmpty());
        chosen = found.isEmpty() ? all : found;
        page = 0;
        turn();
    }

    /** {@return what has a word that begins as the letters do} */
    private List<Proposal> begun() {
        Naming naming = desk.lexicon().naming();
        Set<String> begun = naming.begun(letters);
        Set<String> labelled = naming.labelled(letters).stream()
                .filter(technique ->
                        shownFor.filter(now -> now.allows(technique)).isPresent())
                .map(Technique::key)
                .collect(Collectors.toCollection(LinkedHashSet::new));
        // What is shown with these letters stands in front of what is only otherwise called so.
        Stream<Proposal> expected = all.stream()
                .filter(pick -> technique(pick)
                        .filter(key -> begun.contains(key) || labelled.contains(key))
                        .isPresent())
                .sorted(Comparator.comparing(
                        pick -> !labelled.contains(technique(pick).orElseThrow())));
        Set<Proposal> ranked = labelled.isEmpty() ? Set.of() : new HashSet<>(all);
        // Where few begin so that can start here, the others with such a name stand behind them.
        Stream<Proposal> unusual = labelled.stream()
                .flatMap(key -> Stream.of(Seat.values())
                        .map(seat ->
                                new Proposal(Optional.of(seat), new Deed.Did(key), Optional.empty(), Telling.NOTHING)))
                .filter(pick -> !ranked.contains(pick));
        return Stream.concat(expected, unusual).limit((long) PAGES * NUMBERED).toList();
    }

    /** {@return whether that could not be expected here, and is offered only because of its name} */
    public boolean isUnusual(Proposal pick) {
        return !all.contains(pick);
    }

    /** {@return what the sport lets that athlete do from where the two stand, by kind; everything where that is not known} */
    SortedMap<Kind, List<Technique>> startable(Seat seat) {
        Stand now = playhead.stand();
        SortedMap<Kind, List<Technique>> byKind = new TreeMap<>();
        desk.lexicon().techniques().stream()
                .filter(technique ->
                        !now.position().isSettled() || technique.canStart(now.position(), now.roleOf(seat)))
                .sorted(Comparator.comparing(Technique::label))
                .forEach(technique -> byKind.computeIfAbsent(technique.kind(), any -> new ArrayList<>())
                        .add(technique));
        return byKind;
    }

    private static Optional<String> technique(Proposal pick) {
        return pick.deed().did();
    }

    private void turn() {
        List<Proposal> shown =
                chosen.stream().skip((long) page * NUMBERED).limit(NUMBERED).toList();
        if (!shown.equals(picks)) {
            picks.setAll(shown);
        }
    }

    /** {@return how likely each technique is to come next, for choosing between completions} */
    public Expectation expectation() {
        offered();
        return key -> expected.getOrDefault(key, 0.0);
    }

    /** {@return the picks, the likeliest first} */
    public ObservableList<Proposal> list() {
        offered();
        return picks;
    }
}
