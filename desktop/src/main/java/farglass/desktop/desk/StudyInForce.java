package farglass.desktop.desk;

import farglass.core.bout.Bout;
import farglass.core.side.Seat;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.library.contents.Contents;
import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableMap;

/** Whom this window looks at: the study or camp in force, its athletes and their bouts. For the interface thread. */
public final class StudyInForce {
    private final ReadOnlyObjectProperty<Contents> contents;
    private final ObjectProperty<Optional<Study>> study = new SimpleObjectProperty<>(Optional.empty());
    private final ObservableMap<String, String> news = FXCollections.observableHashMap();

    StudyInForce(ReadOnlyObjectProperty<Contents> contents) {
        this.contents = contents;
        study.set(contents.get().studies().stream().findFirst());
        contents.addListener((property, old, now) -> {
            // After an undo the study in force may have another name, or be gone. Who chose to see all goes on to see
            // all.
            boolean seesAll = study.get().isEmpty() && !old.studies().isEmpty();
            if (!seesAll && !now.studies().equals(old.studies())) {
                Optional<Study> kept = study.get().flatMap(before -> now.study(before.id()));
                study.set(kept.isPresent() ? kept : now.studies().stream().findFirst());
            }
        });
    }

    /** {@return the bouts of any of the subjects; all bouts without a study} */
    public List<Bout> bouts() {
        return study.get()
                .map(found -> {
                    List<String> names = subjects().stream().map(Athlete::name).toList();
                    return contents.get().bouts().stream()
                            .filter(bout -> found.looksAt(bout, names))
                            .toList();
                })
                .orElse(contents.get().bouts());
    }

    /** {@return the athletes under study, the one looked at first in front} */
    public List<Athlete> subjects() {
        return study.get()
                .map(found -> found.subjects().stream()
                        .flatMap(id -> contents.get().athlete(id).stream())
                        .toList())
                .orElse(List.of());
    }

    /** {@return our athlete, in a camp} */
    public Optional<Athlete> ours() {
        return study.get().flatMap(Study::camp).flatMap(camp -> contents.get().athlete(camp.ours()));
    }

    /** {@return who in this bout is under study: the first subject in it, else seat A} */
    public Seat studied(Bout bout) {
        return subjects().stream()
                .flatMap(subject -> bout.header().seatOf(subject.name()).stream())
                .findFirst()
                .orElse(Seat.A);
    }

    /** {@return of bouts that changed what may be said of an athlete of the study: whose dossier tells it, by the bout’s id} */
    public ObservableMap<String, String> news() {
        return news;
    }

    /** {@return the study itself; empty where all is looked at} */
    public ObjectProperty<Optional<Study>> property() {
        return study;
    }
}
