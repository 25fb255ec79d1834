package farglass.desktop.desk;

import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.SimpleObjectProperty;

/** Which place of the window is shown, and what one place asks another to show. For the interface thread. */
public final class Navigation {
    private final ReadOnlyBooleanProperty arriving;
    private final Messages messages;
    private final ObjectProperty<Place> place = new SimpleObjectProperty<>(Place.SHELF);
    private final ObjectProperty<Optional<String>> dossierOf = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Spot>> spot = new SimpleObjectProperty<>(Optional.empty());
    /** Where to go as soon as the bouts are read. */
    private Optional<Spot> wanted = Optional.empty();

    /** @param arriving whether only the headers of the bouts are known yet */
    Navigation(ReadOnlyBooleanProperty arriving, Messages messages) {
        this.arriving = arriving;
        this.messages = messages;
        // Whoever has gone elsewhere meanwhile is not called back.
        place.addListener(change -> wanted = Optional.empty());
    }

    /** Goes to Tag, at that bout and moment; as soon as it is read. */
    public void show(Spot there) {
        if (arriving.get()) {
            wanted = Optional.of(there);
            messages.say("The bout opens as soon as it is read.");
            return;
        }
        wanted = Optional.empty();
        // Also where the same was asked for before: one has gone elsewhere since.
        spot.set(Optional.empty());
        spot.set(Optional.of(there));
        place.set(Place.TAG);
    }

    /** The bouts are read: goes where one wanted to go meanwhile. */
    void arrived() {
        wanted.ifPresent(this::show);
    }

    /** Opens the dossier of that athlete. */
    public void showDossier(String athlete) {
        dossierOf.set(Optional.of(athlete));
        place.set(Place.DOSSIER);
        dossierOf.set(Optional.empty());
    }

    /** {@return whose dossier is asked for; empty once it was heard} */
    public ObjectProperty<Optional<String>> dossierOfProperty() {
        return dossierOf;
    }

    public ObjectProperty<Place> placeProperty() {
        return place;
    }

    public ObjectProperty<Optional<Spot>> spotProperty() {
        return spot;
    }
}
