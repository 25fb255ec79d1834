package farglass.core.change;

import farglass.core.bout.Bout;
import farglass.core.plan.GamePlan;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** A library of tests: what was laid is there. */
final class InMemory implements Now {
    final Map<String, Bout> bouts = new HashMap<>();
    final Map<String, Study> studies = new HashMap<>();
    final Map<String, GamePlan> plans = new HashMap<>();
    final Map<String, Athlete> athletes = new HashMap<>();
    final Map<String, String> terms = new HashMap<>();

    /** Lays the change, or tells why not. {@return the refusal; empty if it was laid} */
    Optional<String> lay(Change change) {
        return change.onto(this)
                .match(
                        laid -> {
                            laid.what().match(writing).run();
                            return Optional.empty();
                        },
                        refused -> Optional.of(refused.sentence()));
    }

    private final Change.Cases<Runnable> writing = new Change.Cases<>(
            of -> () -> keep(bouts, of.id(), of.wanted()),
            of -> () -> keep(studies, of.id(), of.wanted()),
            of -> () -> plans.put(of.wanted().study() + " " + of.wanted().opponent(), of.wanted()),
            of -> () -> athletes.put(of.wanted().id(), of.wanted()),
            of -> () -> keep(terms, of.key(), of.wanted()),
            of -> () -> {},
            of -> () -> {});

    private static <T> void keep(Map<String, T> all, String key, Optional<T> value) {
        value.ifPresentOrElse(now -> all.put(key, now), () -> all.remove(key));
    }

    @Override
    public Optional<Bout> bout(String id) {
        return Optional.ofNullable(bouts.get(id));
    }

    @Override
    public Optional<Study> study(String id) {
        return Optional.ofNullable(studies.get(id));
    }

    @Override
    public Optional<GamePlan> plan(String study, String opponent) {
        return Optional.ofNullable(plans.get(study + " " + opponent));
    }

    @Override
    public Optional<Athlete> athlete(String id) {
        return Optional.ofNullable(athletes.get(id));
    }

    @Override
    public Optional<Athlete> athleteNamed(String name) {
        return athletes.values().stream()
                .filter(athlete -> athlete.name().equals(name))
                .findFirst();
    }

    @Override
    public Optional<String> term(String key) {
        return Optional.ofNullable(terms.get(key));
    }

    @Override
    public Optional<String> mapping(String id) {
        return Optional.empty();
    }
}
