package farglass.desktop.tag;

import farglass.core.bout.Moment;
import farglass.core.state.Exchange;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The rows of the conversation: which are shown, which exchanges are folded, and which moments are chosen. */
public final class LedgerModel {
    private final TagModel tag;
    private final ObservableList<LedgerRow> rows = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<String>> selected = new SimpleObjectProperty<>(Optional.empty());
    private final StringProperty find = new SimpleStringProperty("");
    private final Set<String> chosen = new LinkedHashSet<>();
    private final Set<String> folded = new HashSet<>();
    private boolean choosing;

    LedgerModel(TagModel tag) {
        this.tag = tag;
        find.addListener(change -> tag.refresh());
        selected.addListener((property, old, wanted) -> {
            if (!choosing) {
                chosen.clear();
                wanted.ifPresent(chosen::add);
            }
        });
    }

    /** Another bout is open: nothing is folded in it, and nothing sought. */
    void begin() {
        folded.clear();
        find.set("");
    }

    /** @param pending ids of the moments on their way to the disk */
    void show(Set<String> pending) {
        put(tag.boutProperty()
                .get()
                .map(shown -> Ledger.rows(
                        shown,
                        tag.timeline().orElseThrow(),
                        new Ledger.Showing(
                                tag.studied(),
                                pending,
                                folded,
                                find.get(),
                                tag.scribe().editedId()),
                        tag.desk().lexicon()))
                .orElse(List.of()));
    }

    /** Only what is not as it was is given to the list: it lays out anew every row that it is given. */
    private void put(List<LedgerRow> now) {
        int same = 0;
        while (same < Math.min(rows.size(), now.size()) && rows.get(same).equals(now.get(same))) {
            same++;
        }
        int sameAtEnd = 0;
        while (sameAtEnd < Math.min(rows.size(), now.size()) - same
                && rows.get(rows.size() - 1 - sameAtEnd).equals(now.get(now.size() - 1 - sameAtEnd))) {
            sameAtEnd++;
        }
        int until = rows.size() - sameAtEnd;
        List<LedgerRow> others = now.subList(same, now.size() - sameAtEnd);
        if (until - same == others.size()) {
            for (int i = 0; i < others.size(); i++) {
                if (!rows.get(same + i).equals(others.get(i))) {
                    rows.set(same + i, others.get(i));
                }
            }
        } else {
            rows.remove(same, until);
            rows.addAll(same, others);
        }
    }

    /** {@return the ledger's row of the selected moment, else of the last one at the instant now shown; -1 if none} */
    int rowShown() {
        return rowOf(selected.get().or(() -> tag.before().map(Moment::id)));
    }

    /** {@return the row of the last moment not after the instant shown; -1 if there is none} */
    int rowAtFilm() {
        return rowOf(tag.before().map(Moment::id));
    }

    private int rowOf(Optional<String> wanted) {
        for (int i = 0; i < rows.size(); i++) {
            if (wanted.isPresent() && rows.get(i).moment().map(Moment::id).equals(wanted)) {
                return i;
            }
        }
        return -1;
    }

    /** Selects the next or the previous moment, and shows it on the film. */
    public void select(int direction) {
        step(direction).ifPresent(id -> {
            selected.set(Optional.of(id));
            tag.goTo(id);
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
            tag.goTo(id);
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
                .orElseGet(() ->
                        tag.before().map(moment -> shown.indexOf(moment.id())).orElse(-1) + (direction > 0 ? 0 : 1));
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
        tag.refresh();
    }

    /** {@return ids of the moments chosen, the lead among them} */
    public Set<String> chosen() {
        return Set.copyOf(chosen);
    }

    /** Folds the exchange of the selected moment, or of the instant shown, into one row, or unfolds it. */
    public void foldHere() {
        Optional<String> here = tag.answerable();
        tag.timeline().ifPresent(known -> known.exchanges().stream()
                .filter(exchange ->
                        exchange.moments().stream().map(Moment::id).anyMatch(id -> here.equals(Optional.of(id))))
                .findFirst()
                .map(LedgerModel::firstOf)
                .ifPresent(first -> {
                    if (!folded.remove(first)) {
                        folded.add(first);
                    }
                    tag.refresh();
                }));
    }

    /** Folds every exchange, or unfolds them all. */
    public void foldAll() {
        tag.timeline().ifPresent(known -> {
            if (folded.isEmpty()) {
                known.exchanges().stream().map(LedgerModel::firstOf).forEach(folded::add);
            } else {
                folded.clear();
            }
            tag.refresh();
        });
    }

    private static String firstOf(Exchange exchange) {
        return exchange.moments().get(0).id();
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
}
