package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.scribe.Continuations;
import farglass.core.scribe.Proposal;
import farglass.core.scribe.ScribeLine;
import farglass.core.scribe.Situation;
import farglass.desktop.desk.Desk;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The nine likeliest next moments of the open bout. What is learned never includes that bout, nor another coding of it. */
public final class Picks {
    private static final int NUMBERED = 9;
    /** So many are ranked for completing words. */
    private static final int RANKED = 400;

    private final Desk desk;
    private final Runnable learnedMore;
    private final ObservableList<Proposal> picks = FXCollections.observableArrayList();
    private Continuations continuations;
    private List<Bout> teachers = List.of();
    private Optional<Situation> shownFor = Optional.empty();
    private Map<String, Double> expected = Map.of();

    Picks(Desk desk, Runnable learnedMore) {
        this.desk = desk;
        this.learnedMore = learnedMore;
        this.continuations = Continuations.learned(List.of(), desk.lexicon());
    }

    /** Learns anew for that bout, off the interface thread; until then the old picks stand. */
    void learnFor(Bout bout) {
        List<Bout> now = desk.contents().bouts().stream()
                .filter(each -> !each.header().isSecondCoding())
                .toList();
        Set<String> aside = codingsOf(bout);
        if (now.equals(teachers)) {
            continuations.setAside(aside);
            shownFor = Optional.empty();
            return;
        }
        desk.work()
                .start(
                        "Learning what usually comes next",
                        (progress, cancelled) -> Continuations.learned(now, desk.lexicon()),
                        learned -> {
                            learned.setAside(aside);
                            continuations = learned;
                            teachers = now;
                            shownFor = Optional.empty();
                            learnedMore.run();
                        },
                        problem -> desk.say(problem.getMessage()));
    }

    private static Set<String> codingsOf(Bout bout) {
        Set<String> same = new HashSet<>(Set.of(bout.id()));
        bout.header().codingOf().ifPresent(same::add);
        return same;
    }

    /** Shows what is likeliest in that situation. */
    void show(Optional<Situation> now) {
        if (now.equals(shownFor)) {
            return;
        }
        shownFor = now;
        List<Continuations.Likely> likely =
                now.map(known -> continuations.next(known, RANKED)).orElse(List.of());
        Map<String, Double> ranked = new HashMap<>();
        likely.forEach(each -> {
            if (each.proposal().deed() instanceof Deed.Did did) {
                ranked.merge(did.technique(), each.probability(), Double::sum);
            }
        });
        expected = ranked;
        List<Proposal> shown = likely.stream()
                .limit(NUMBERED)
                .map(Continuations.Likely::proposal)
                .toList();
        if (!shown.equals(picks)) {
            picks.setAll(shown);
        }
    }

    /** {@return how likely each technique is to come next, for choosing between completions} */
    ScribeLine.Expectation expectation() {
        return key -> expected.getOrDefault(key, 0.0);
    }

    /** {@return the picks, the likeliest first} */
    public ObservableList<Proposal> list() {
        return picks;
    }
}
