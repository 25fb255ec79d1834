package farglass.desktop.dossier;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Header;
import farglass.core.state.Counting;
import farglass.core.study.Athlete;
import farglass.desktop.desk.Desk;
import farglass.desktop.dossier.figure.Beside;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.ObjectProperty;
import javafx.collections.ObservableList;

/** What the words of the lens can be exchanged for: only what the bouts of the athlete tell. */
final class LensChoices {
    private static final int MOST_OFFERED = 10;

    private final Desk desk;
    private final ObservableList<Athlete> athletes;
    private final ObjectProperty<Optional<Athlete>> athlete;

    /**
     * Chooses from the library of that desk.
     *
     * @param athletes of the study
     * @param athlete who is looked at
     */
    LensChoices(Desk desk, ObservableList<Athlete> athletes, ObjectProperty<Optional<Athlete>> athlete) {
        this.desk = desk;
        this.athletes = athletes;
        this.athlete = athlete;
    }

    /** {@return of whom there is most film} */
    List<Athlete> mostSeen() {
        Map<String, Long> bouts = desk.contents().bouts().stream()
                .flatMap(bout ->
                        Stream.of(bout.header().a().name(), bout.header().b().name()))
                .collect(Collectors.groupingBy(name -> name, Collectors.counting()));
        return desk.contents().athletes().stream()
                .filter(each -> !each.name().equals("unknown"))
                .sorted(Comparator.comparingLong((Athlete each) -> -bouts.getOrDefault(each.name(), 0L))
                        .thenComparing(Athlete::name))
                .limit(MOST_OFFERED)
                .toList();
    }

    /** {@return everybody who can be held beside the athlete, and the years before which the athlete can be} */
    List<Beside> canStandBeside() {
        if (athlete.get().isEmpty()) {
            return List.of();
        }
        String name = athlete.get().get().name();
        List<Integer> years = years();
        return Stream.concat(
                        Stream.concat(athletes.stream(), mostSeen().stream())
                                .map(Athlete::name)
                                .distinct()
                                .filter(other -> !other.equals(name))
                                .map(Beside::of),
                        Stream.concat(
                                years.stream()
                                        .limit(Math.max(0, years.size() - 1))
                                        .map(year -> Beside.before(name, year)),
                                singleBouts().stream().map(bout -> Beside.bout(name, bout))))
                .toList();
    }

    /** {@return the athlete's newest bouts, each of which can be looked at alone} */
    List<Beside.OneBout> singleBouts() {
        return athlete.get()
                .map(known -> desk.contents().bouts().stream()
                        .filter(bout -> bout.header().seatOf(known.name()).isPresent()
                                && Counting.standing(bout) == Counting.Standing.COUNTS)
                        .sorted(Comparator.comparing(
                                        (Bout bout) -> bout.header().date().orElse(LocalDate.MIN))
                                .reversed())
                        .limit(MOST_OFFERED)
                        .map(bout -> new Beside.OneBout(
                                bout.id(),
                                "%s, %s"
                                        .formatted(
                                                bout.header()
                                                        .date()
                                                        .map(Object::toString)
                                                        .orElse("no date"),
                                                other(bout.header()).name())))
                        .toList())
                .orElse(List.of());
    }

    /** {@return the years in which the athlete's bouts were, the newest first} */
    List<Integer> years() {
        return athlete.get()
                .map(known -> desk.contents().bouts().stream()
                        .map(Bout::header)
                        .filter(header -> header.seatOf(known.name()).isPresent())
                        .flatMap(header -> header.date().stream())
                        .map(LocalDate::getYear)
                        .distinct()
                        .sorted(Comparator.reverseOrder())
                        .toList())
                .orElse(List.of());
    }

    /** {@return how the study in force weighs the bouts, in words} */
    String studysWeights() {
        return desk.study()
                .property()
                .get()
                .map(study -> study.camp().isPresent() ? "as the camp does" : "as the study does")
                .orElse("as they are");
    }

    /** {@return what every bout of the athlete tells of that, each once, in the order of the names} */
    List<String> told(Function<Header, List<String>> what) {
        return athlete.get()
                .map(known -> desk.contents().bouts().stream()
                        .map(Bout::header)
                        .filter(header -> header.seatOf(known.name()).isPresent())
                        .flatMap(header -> what.apply(header).stream())
                        .distinct()
                        .sorted()
                        .toList())
                .orElse(List.of());
    }

    /** {@return the other one in a bout of the athlete} */
    Contestant other(Header header) {
        return header.contestant(
                header.seatOf(athlete.get().orElseThrow().name()).orElseThrow().other());
    }
}
