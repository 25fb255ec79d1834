package farglass.library.contents;

import farglass.core.bout.Bout;
import farglass.core.plan.GamePlan;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Everything a library holds at one instant, as values.
 *
 * @param damage what is in the file and cannot be believed; it is in none of the others
 * @param today the day a library of made-up bouts takes for today; empty where it is the real one
 */
public record Contents(
        List<Athlete> athletes,
        List<Bout> bouts,
        List<Study> studies,
        List<GamePlan> plans,
        OwnWords words,
        Optional<LocalDate> today,
        List<Damage> damage) {
    public Contents {
        athletes = List.copyOf(athletes);
        bouts = List.copyOf(bouts);
        studies = List.copyOf(studies);
        plans = List.copyOf(plans);
        damage = List.copyOf(damage);
    }

    /** The oldest first, undated ones before all. */
    static final Comparator<Bout> IN_ORDER = Comparator.comparing(
                    (Bout bout) -> bout.header().date().orElse(LocalDate.MIN))
            .thenComparing(Bout::id);

    public Optional<Athlete> athlete(String id) {
        return athletes.stream().filter(athlete -> athlete.id().equals(id)).findFirst();
    }

    public Optional<Athlete> athleteNamed(String name) {
        return athletes.stream().filter(athlete -> athlete.name().equals(name)).findFirst();
    }

    public Optional<Bout> bout(String id) {
        return bouts.stream().filter(bout -> bout.id().equals(id)).findFirst();
    }

    public Optional<Study> study(String id) {
        return studies.stream().filter(study -> study.id().equals(id)).findFirst();
    }

    public Optional<GamePlan> plan(String study, String opponent) {
        return plans.stream()
                .filter(plan -> plan.study().equals(study) && plan.opponent().equals(opponent))
                .findFirst();
    }

    /** {@return the bouts in which the athlete of that name fought} */
    public List<Bout> boutsOf(String name) {
        return bouts.stream()
                .filter(bout -> bout.header().seatOf(name).isPresent())
                .toList();
    }
}
