package farglass.desktop.tag.ledger;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.state.Exchange;
import farglass.desktop.desk.Renewal;
import farglass.desktop.desk.Soon;
import farglass.desktop.tag.Choice;
import farglass.desktop.tag.OpenBout;
import farglass.desktop.tag.Playhead;
import farglass.desktop.tag.Tagging;
import farglass.desktop.tag.TypedLine;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The rows of the conversation: which are shown, and which exchanges are folded. */
public final class LedgerModel {
    private final OpenBout open;
    private final Choice choice;
    private final Playhead playhead;
    private final TypedLine line;
    private final ObservableList<LedgerRow> rows = FXCollections.observableArrayList();
    private final StringProperty find = new SimpleStringProperty("");
    private final Set<String> folded = new HashSet<>();
    private final Soon shown;

    public LedgerModel(Tagging tag) {
        this.open = tag.open();
        this.choice = tag.choice();
        this.playhead = tag.playhead();
        this.line = tag.line();
        open.whenAnother(now -> begin());
        this.shown = tag.desk().soon(this::show);
        open.refreshesProperty().addListener((property, old, now) -> shown.wish());
        line.editedProperty().addListener((property, old, now) -> show());
        find.addListener((property, old, now) -> show());
    }

    /** Another bout is open: nothing is folded in it, and nothing sought. */
    private void begin() {
        folded.clear();
        find.set("");
    }

    private void show() {
        List<LedgerRow> now = open.bout()
                .map(shown -> Ledger.rows(
                        shown,
                        open.timeline().orElseThrow(),
                        new Ledger.Showing(
                                open.studied(),
                                open.pending(),
                                folded,
                                find.get(),
                                line.editedProperty().get().map(Moment::id)),
                        open.desk().lexicon()))
                .orElse(List.of());
        Renewal.renew(rows, now);
    }

    /** {@return the ledger's row of the selected moment, else of the last one at the instant now shown; -1 if none} */
    int rowShown() {
        shown.now();
        return rowOf(choice.lead().or(() -> playhead.before().map(Moment::id)));
    }

    /** {@return the row of the last moment not after the instant shown; -1 if there is none} */
    int rowAtFilm() {
        shown.now();
        return rowOf(playhead.before().map(Moment::id));
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
            choice.only(id);
            playhead.goTo(id);
        });
    }

    /** Chooses one moment more, or one less, in that direction. */
    public void extend(int direction) {
        Optional<String> lead = choice.lead();
        step(direction).ifPresent(id -> {
            List<String> more = new ArrayList<>(choice.chosen());
            if (lead.isPresent() && more.contains(id)) {
                more.remove(lead.get());
            }
            more.add(id);
            choice.choose(more, Optional.of(id));
            playhead.goTo(id);
        });
    }

    /** From the chosen moment, or from where the film is, also where that one is folded or not among those found. */
    private Optional<String> step(int direction) {
        List<String> order = open.bout().map(Bout::moments).orElse(List.of()).stream()
                .map(Moment::id)
                .toList();
        List<String> shown = rows().stream()
                .flatMap(row -> row.moment().stream())
                .map(Moment::id)
                .toList();
        // The moment that the film has just passed is itself the one before.
        int from = choice.lead()
                .map(order::indexOf)
                .filter(index -> index >= 0)
                .orElseGet(() -> playhead.before()
                                .map(moment -> order.indexOf(moment.id()))
                                .orElse(-1)
                        + (direction > 0 ? 0 : 1));
        Stream<String> beyond =
                shown.stream().filter(id -> direction > 0 ? order.indexOf(id) > from : order.indexOf(id) < from);
        Optional<String> next = direction > 0 ? beyond.findFirst() : beyond.reduce((one, later) -> later);
        return next.or(() ->
                shown.isEmpty() ? Optional.empty() : Optional.of(shown.get(direction > 0 ? shown.size() - 1 : 0)));
    }

    /** Chooses every moment that is shown. */
    public void chooseAll() {
        List<String> all = rows().stream()
                .flatMap(row -> row.moment().stream())
                .map(Moment::id)
                .toList();
        choice.choose(all, all.stream().reduce((first, last) -> last));
        show();
    }

    /** Folds the exchange of the selected moment, or of the instant shown, into one row, or unfolds it. */
    public void foldHere() {
        Optional<String> here = playhead.momentHere();
        open.timeline().ifPresent(known -> known.exchanges().stream()
                .filter(exchange ->
                        exchange.moments().stream().map(Moment::id).anyMatch(id -> here.equals(Optional.of(id))))
                .findFirst()
                .map(LedgerModel::firstOf)
                .ifPresent(first -> {
                    if (!folded.remove(first)) {
                        folded.add(first);
                    }
                    show();
                }));
    }

    /** Folds every exchange, or unfolds them all. */
    public void foldAll() {
        open.timeline().ifPresent(known -> {
            if (folded.isEmpty()) {
                known.exchanges().stream().map(LedgerModel::firstOf).forEach(folded::add);
            } else {
                folded.clear();
            }
            show();
        });
    }

    private static String firstOf(Exchange exchange) {
        return exchange.moments().get(0).id();
    }

    public ObservableList<LedgerRow> rows() {
        shown.now();
        return rows;
    }

    /** {@return words that a moment must hold to be shown} */
    public StringProperty findProperty() {
        return find;
    }
}
