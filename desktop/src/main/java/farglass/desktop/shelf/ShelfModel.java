package farglass.desktop.shelf;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.state.Counting;
import farglass.core.study.Athlete;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Renewal;
import farglass.desktop.desk.Spot;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.collections.FXCollections;
import javafx.collections.MapChangeListener;
import javafx.collections.ObservableList;

/** The bouts of the study in force, newest first, and how many of the known ones were seen. Knows no node. */
public final class ShelfModel {
    private final Desk desk;
    private final ObservableList<ShelfRow> rows = FXCollections.observableArrayList();
    private final Map<String, ShelfRow> known = new HashMap<>();
    private Lexicon wordsOf;
    private boolean wereArriving;
    private boolean stale = true;
    private final ReadOnlyStringWrapper summary = new ReadOnlyStringWrapper("");

    public ShelfModel(Desk desk) {
        this.desk = desk;
        desk.contentsProperty().addListener(change -> outdate());
        desk.lexiconProperty().addListener((property, old, words) -> outdate());
        desk.study().property().addListener(change -> outdate());
        desk.navigation().placeProperty().addListener(change -> refresh());
        desk.study().news().addListener((MapChangeListener<String, String>) change -> outdate());
        refresh();
    }

    private void outdate() {
        stale = true;
        refresh();
    }

    /** Only while it is looked at; of a bout that is as it was, the row is, too. */
    private void refresh() {
        if (!stale || desk.navigation().placeProperty().get() != Place.SHELF) {
            return;
        }
        stale = false;
        Lexicon lexicon = desk.lexicon();
        boolean arriving = desk.arrivingProperty().get();
        if (lexicon != wordsOf || arriving != wereArriving) {
            known.clear();
        }
        wordsOf = lexicon;
        wereArriving = arriving;
        List<ShelfRow> now = desk.study().bouts().stream()
                .map(bout -> row(bout, lexicon, arriving))
                .sorted(Comparator.comparing(
                                (ShelfRow row) -> row.bout().header().date().orElse(java.time.LocalDate.MIN))
                        .reversed())
                .toList();
        Renewal.renew(rows, now);
        summary.set(summary(now, arriving));
    }

    private ShelfRow row(Bout bout, Lexicon lexicon, boolean arriving) {
        Seat studied = desk.study().studied(bout);
        boolean news = desk.study().news().containsKey(bout.id());
        ShelfRow before = known.get(bout.id());
        if (before != null && before.bout() == bout && before.studied() == studied && before.news() == news) {
            return before;
        }
        ShelfRow made = ShelfRow.of(bout, studied, lexicon, arriving, news);
        known.put(bout.id(), made);
        return made;
    }

    private String summary(List<ShelfRow> all, boolean arriving) {
        String perSubject = desk.study().subjects().stream()
                .map(subject -> seen(subject, all, arriving))
                .flatMap(Optional::stream)
                .collect(Collectors.joining(".   "));
        return perSubject.isEmpty() ? "" : perSubject + ".";
    }

    /** While the bouts are read the line is there already, so that nothing below it moves when the numbers come. */
    private static Optional<String> seen(Athlete subject, List<ShelfRow> all, boolean arriving) {
        List<ShelfRow> own = all.stream()
                .filter(row -> row.bout().header().seatOf(subject.name()).isPresent())
                .filter(row -> !row.bout().header().isSecondCoding())
                .toList();
        if (own.isEmpty()) {
            return Optional.of(subject.name() + ": no known matches yet");
        }
        long losses = own.stream().filter(row -> isLossOf(row, subject)).count();
        Object seen =
                arriving ? "\u2026" : own.stream().filter(ShelfRow::isSeen).count();
        Object lossesSeen = arriving
                ? "\u2026"
                : own.stream()
                        .filter(row -> isLossOf(row, subject) && row.isSeen())
                        .count();
        return Optional.of("%s: seen %s of %d known %s%s"
                .formatted(
                        subject.name(),
                        seen,
                        own.size(),
                        own.size() == 1 ? "match" : "matches",
                        losses == 0
                                ? ""
                                : ", %s of %d %s".formatted(lossesSeen, losses, losses == 1 ? "loss" : "losses")));
    }

    private static boolean isLossOf(ShelfRow row, Athlete subject) {
        return row.bout()
                .header()
                .seatOf(subject.name())
                .flatMap(seat -> row.bout().header().result().map(result -> result.winner()
                        .filter(seat.other()::equals)
                        .isPresent()))
                .orElse(false);
    }

    /** Opens the dossier that tells what the bout changed. */
    void openNews(Bout bout) {
        String whose = desk.study().news().get(bout.id());
        if (whose == null) {
            desk.messages()
                    .say(
                            "This bout changed nothing that may be said of an athlete of the study, or is not their last one.");
        } else {
            desk.navigation().showDossier(whose);
        }
    }

    void open(Bout bout) {
        desk.navigation().show(new Spot(bout.id(), Optional.empty()));
    }

    /** Says that the story of the bout was watched from its first to its last moment, so that it counts. */
    void declareWatched(Bout bout) {
        if (Counting.standing(bout) != Counting.Standing.NOT_WATCHED) {
            desk.messages()
                    .say("This bout needs no such word: "
                            + Counting.sentence(bout).orElse("it counts already."));
            return;
        }
        desk.change("Watched from first to last moment", Change.of(bout, Counting.declared(bout)))
                .thenAccept(act ->
                        desk.messages().say("It counts now, from its first to its last moment. Ctrl+Z takes it back."));
    }

    void remove(Bout bout) {
        desk.change(
                        "Remove %s \u2013 %s"
                                .formatted(
                                        bout.header().a().name(),
                                        bout.header().b().name()),
                        Change.removed(bout))
                .thenAccept(act -> desk.messages().say("The bout was removed. Ctrl+Z brings it back."));
    }

    Desk desk() {
        return desk;
    }

    public ObservableList<ShelfRow> rows() {
        return rows;
    }

    public ReadOnlyStringProperty summaryProperty() {
        return summary.getReadOnlyProperty();
    }
}
