package farglass.library;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.plan.GamePlan;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.function.Function;

/**
 * Everything a library holds at one instant, as values.
 *
 * @param today the day a library of made-up bouts takes for today; empty where it is the real one
 */
public record Contents(
        List<Athlete> athletes,
        List<Bout> bouts,
        List<Study> studies,
        List<GamePlan> plans,
        OwnWords words,
        Optional<LocalDate> today) {
    public Contents {
        athletes = List.copyOf(athletes);
        bouts = List.copyOf(bouts);
        studies = List.copyOf(studies);
        plans = List.copyOf(plans);
    }

    static Contents read(Store store, DoubleConsumer progress) {
        Map<String, List<Moment>> moments = new HashMap<>();
        store.each("moment", "bout, ord", progress, row -> moments.computeIfAbsent(
                        row.text("bout"), bout -> new ArrayList<>())
                .add(told(row, MomentRows::moment)));
        return with(moments, store);
    }

    /** Without what happened in any bout. */
    static Contents ahead(Store store) {
        return with(Map.of(), store);
    }

    private static Contents with(Map<String, List<Moment>> moments, Store store) {
        List<Athlete> athletes = athletes(store);
        Map<String, String> names = new HashMap<>();
        athletes.forEach(athlete -> names.put(athlete.id(), athlete.name()));
        List<Bout> bouts = store.all("bout", "key").stream()
                .map(row ->
                        told(row, bout -> BoutRows.bout(bout, moments.getOrDefault(bout.key(), List.of()), names::get)))
                .sorted(IN_ORDER)
                .toList();
        return new Contents(athletes, bouts, studies(store), plans(store), OwnWords.read(store), today(store));
    }

    private static List<Study> studies(Store store) {
        Map<String, String> focuses = new HashMap<>();
        store.allIfThere("study_focus", "key").forEach(row -> focuses.put(row.key(), row.text("focus")));
        return store.all("study", "key").stream()
                .map(row -> told(
                        row,
                        study -> StudyRows.study(
                                study,
                                store.where("study_subject", "study", study.key(), "ord"),
                                Optional.ofNullable(focuses.get(study.key())))))
                .toList();
    }

    private static Optional<LocalDate> today(Store store) {
        return store.allIfThere("about", "key").stream()
                .filter(row -> row.key().equals("today"))
                .map(row -> told(row, about -> LocalDate.parse(about.text("value"))))
                .findFirst();
    }

    private static List<GamePlan> plans(Store store) {
        return store.all("plan", "key").stream()
                .map(row ->
                        told(row, plan -> StudyRows.plan(plan, store.where("plan_line", "plan", plan.key(), "ord"))))
                .toList();
    }
    /** {@return what the library holds after the act, reading only what the act touched} */
    static Contents after(Contents before, Act act, Store store, Function<String, Optional<Bout>> bout) {
        List<Bout> bouts = new ArrayList<>(before.bouts());
        bouts.removeIf(old -> act.bouts().contains(old.id()));
        act.bouts().forEach(id -> bout.apply(id).ifPresent(bouts::add));
        bouts.sort(IN_ORDER);
        return act.others()
                ? new Contents(athletes(store), bouts, studies(store), plans(store), OwnWords.read(store), today(store))
                : new Contents(
                        before.athletes(), bouts, before.studies(), before.plans(), before.words(), before.today());
    }

    /** The oldest first, undated ones before all. */
    private static final Comparator<Bout> IN_ORDER = Comparator.comparing(
                    (Bout bout) -> bout.header().date().orElse(LocalDate.MIN))
            .thenComparing(Bout::id);

    private static List<Athlete> athletes(Store store) {
        return store.all("athlete", "name").stream()
                .map(row -> told(row, athlete -> new Athlete(athlete.key(), athlete.text("name"))))
                .toList();
    }

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

    /** {@return the same contents as another value, for showing them anew} */
    public Contents again() {
        return new Contents(athletes, bouts, studies, plans, words, today);
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
