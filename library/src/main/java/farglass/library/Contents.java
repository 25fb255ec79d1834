package farglass.library;

import farglass.core.bout.Bout;
import farglass.core.plan.GamePlan;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.Function;

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

    static Contents read(Store store, DoubleConsumer progress) {
        return new ContentsReader(store).whole(progress);
    }

    /** Without what happened in any bout. */
    static Contents ahead(Store store) {
        return new ContentsReader(store).ahead();
    }

    /** {@return what the library holds after the act, reading only what the act touched} */
    static Contents after(Contents before, Act act, Store store, Function<String, Optional<Bout>> bout) {
        List<Bout> bouts = new ArrayList<>(before.bouts());
        bouts.removeIf(old -> act.bouts().contains(old.id()));
        act.bouts().forEach(id -> bout.apply(id).ifPresent(bouts::add));
        bouts.sort(IN_ORDER);
        List<Damage> damage = before.damage().stream()
                .filter(old -> old.bout().filter(act.bouts()::contains).isEmpty())
                .toList();
        if (!act.others()) {
            return new Contents(
                    before.athletes(), bouts, before.studies(), before.plans(), before.words(), before.today(), damage);
        }
        ContentsReader reader = new ContentsReader(store);
        return reader.with(bouts, damage);
    }

    /** The oldest first, undated ones before all. */
    static final Comparator<Bout> IN_ORDER = Comparator.comparing(
                    (Bout bout) -> bout.header().date().orElse(LocalDate.MIN))
            .thenComparing(Bout::id);

    /** A value that is none of ours is damage: it is named by table and key, never skipped. */
    static <T> T told(Row row, Function<Row, T> reading) {
        try {
            return reading.apply(row);
        } catch (IllegalArgumentException | NullPointerException | java.time.DateTimeException | ClassCastException e) {
            throw new LibraryException.Damaged(
                    "One entry of this library cannot be read (%s %s: %s). Recover what is whole, or restore a backup."
                            .formatted(row.table(), row.key(), e.getMessage()),
                    e);
        }
    }

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
