package farglass.core.study;

import java.util.List;
import java.util.Optional;

/**
 * What is being looked into.
 *
 * @param subjects ids of the athletes under study, the one looked at first in front
 * @param camp its date and event; empty for a study without one
 */
public record Study(String id, String name, List<String> subjects, Optional<Camp> camp) {
    public Study {
        subjects = List.copyOf(subjects);
        if (id.isBlank() || name.isBlank()) {
            throw new IllegalArgumentException(
                    "A study needs an id and a name but got \"" + id + "\", \"" + name + "\"");
        }
    }

    /** {@return the same study with this subject looked at first} */
    public Study facing(String athlete) {
        List<String> order = new java.util.ArrayList<>(subjects);
        order.remove(athlete);
        order.add(0, athlete);
        return new Study(id, name, order, camp);
    }

    /** {@return how much a bout counts here, in (0, 1]} A study without a date weighs all alike. */
    public Weighing weighing() {
        return camp.map(Weighing::towards).orElse(Weighing.ALIKE);
    }
}
