package farglass.core.study;

import farglass.core.bout.Bout;
import farglass.core.side.Settled;
import java.util.Collection;
import java.util.List;
import java.util.Optional;

/**
 * What is being looked into.
 *
 * @param subjects ids of the athletes under study, the one looked at first in front
 * @param focus the lexicon's key of a position or technique looked into across athletes; empty for a study of athletes
 * @param camp its date and event; empty for a study without one
 */
public record Study(String id, String name, List<String> subjects, Optional<String> focus, Optional<Camp> camp) {
    public Study {
        subjects = List.copyOf(subjects);
        if (id.isBlank() || name.isBlank()) {
            throw new IllegalArgumentException(
                    "A study needs an id and a name but got \"" + id + "\", \"" + name + "\"");
        }
    }

    /** {@return a study of athletes, or a camp} */
    public Study(String id, String name, List<String> subjects, Optional<Camp> camp) {
        this(id, name, subjects, Optional.empty(), camp);
    }

    /** {@return whether the bout is one the study looks at: a subject fought in it, or what it is about was reached or tried} */
    public boolean looksAt(Bout bout, Collection<String> subjectNames) {
        boolean bySubject = subjectNames.stream()
                .anyMatch(name -> bout.header().seatOf(name).isPresent());
        boolean byFocus = focus.isEmpty()
                || bout.moments().stream()
                        .anyMatch(moment -> moment.technique().equals(focus)
                                || moment.settled().map(Settled::position).equals(focus));
        return byFocus && (bySubject || subjects.isEmpty() && focus.isPresent());
    }

    /** {@return the same study with this subject looked at first} */
    public Study facing(String athlete) {
        List<String> order = new java.util.ArrayList<>(subjects);
        order.remove(athlete);
        order.add(0, athlete);
        return new Study(id, name, order, focus, camp);
    }

    /** {@return how much a bout counts here, in (0, 1]} A study without a date weighs all alike. */
    public Weighing weighing() {
        return camp.map(Weighing::towards).orElse(Weighing.ALIKE);
    }
}
