package farglass.desktop.tag;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/** Which moments of the open bout are chosen, by id: one that keys act on, and perhaps others that are changed together with it. */
public final class Choice {
    private final ObjectProperty<Optional<String>> selected = new SimpleObjectProperty<>(Optional.empty());
    private final Set<String> chosen = new LinkedHashSet<>();
    private boolean choosing;

    Choice() {
        selected.addListener((property, old, wanted) -> {
            if (!choosing) {
                chosen.clear();
                wanted.ifPresent(chosen::add);
            }
        });
    }

    /** Chooses several moments at once, to be changed together. */
    public void choose(List<String> ids, Optional<String> lead) {
        boolean others = !chosen.equals(new LinkedHashSet<>(ids));
        choosing = true;
        try {
            if (others && selected.get().equals(lead)) {
                // Whoever shows what is chosen hears of the lead alone.
                selected.set(Optional.empty());
            }
            chosen.clear();
            chosen.addAll(ids);
            lead.ifPresent(chosen::add);
            selected.set(lead);
        } finally {
            choosing = false;
        }
    }

    /** Chooses that moment alone. */
    public void only(String id) {
        selected.set(Optional.of(id));
    }

    /** Chooses none. */
    public void none() {
        selected.set(Optional.empty());
    }

    /** {@return ids of the moments chosen, the lead among them} */
    public Set<String> chosen() {
        return Set.copyOf(chosen);
    }

    /** {@return the moment that keys act on} */
    public Optional<String> lead() {
        return selected.get();
    }

    /** {@return the moment that keys act on; setting it chooses it alone} */
    public ObjectProperty<Optional<String>> selectedProperty() {
        return selected;
    }
}
