package farglass.core.change;

import farglass.core.bout.Background;
import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Covered;
import farglass.core.bout.Footage;
import farglass.core.bout.Header;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.plan.StayOut;
import farglass.core.study.Study;
import java.lang.reflect.Constructor;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Lays what somebody changed onto what others made of it meanwhile, field by field. What only one of the two changed is as that one has it; what
 * both changed alike is so; what both changed to something else is a clash, and then nothing is laid. A field that is added to one of
 * these records later is laid like the others without a word here.
 */
final class ThreeWay {
    /** Whose fields are changed one by one. Every other value is changed as a whole. */
    private static final Set<Class<?>> PARTED = Set.of(
            Header.class,
            Contestant.class,
            Footage.class,
            Background.class,
            Moment.class,
            Telling.class,
            GamePlan.class,
            PlanStep.class,
            Study.class);

    private final List<Clash> clashes = new ArrayList<>();

    private ThreeWay() {}

    /**
     * {@return what is to be written}
     *
     * @param saw what stood there when somebody decided; empty for nothing
     * @param there what stands there now
     * @param wanted what is to stand there
     * @param noun what it is, with its article
     */
    static <T> Outcome<Optional<T>> laid(Optional<T> saw, Optional<T> there, Optional<T> wanted, String noun) {
        if (there.equals(saw) || there.equals(wanted)) {
            return new Outcome.Laid<>(wanted);
        }
        if (wanted.equals(saw)) {
            return new Outcome.Laid<>(there);
        }
        if (saw.isEmpty() || there.isEmpty() || wanted.isEmpty()) {
            Clash clash = new Clash(saw.orElse(null), there.orElse(null), wanted.orElse(null));
            return new Outcome.Refused<>(Clash.sentence(noun, List.of(clash)));
        }
        ThreeWay laying = new ThreeWay();
        Object laid = laying.value(saw.get(), there.get(), wanted.get());
        @SuppressWarnings("unchecked")
        Optional<T> whole = Optional.of((T) laid);
        return laying.clashes.isEmpty()
                ? new Outcome.Laid<>(whole)
                : new Outcome.Refused<>(Clash.sentence(noun, laying.clashes));
    }

    private Object value(Object saw, Object there, Object wanted) {
        if (Objects.equals(there, saw) || Objects.equals(there, wanted)) {
            return wanted;
        }
        if (Objects.equals(wanted, saw)) {
            return there;
        }
        if (saw instanceof Bout before && there instanceof Bout now && wanted instanceof Bout after) {
            return bout(before, now, after);
        }
        if (saw instanceof Footage before && there instanceof Footage now && wanted instanceof Footage after) {
            return footage(before, now, after);
        }
        if (PARTED.contains(saw.getClass())
                && there.getClass() == saw.getClass()
                && wanted.getClass() == saw.getClass()) {
            return record(saw, there, wanted);
        }
        if (saw instanceof Optional<?> before
                && there instanceof Optional<?> now
                && wanted instanceof Optional<?> after
                && before.isPresent()
                && now.isPresent()
                && after.isPresent()) {
            return Optional.of(value(before.get(), now.get(), after.get()));
        }
        if (saw instanceof List<?> before && there instanceof List<?> now && wanted instanceof List<?> after) {
            return list(before, now, after);
        }
        clashes.add(new Clash(saw, there, wanted));
        return there;
    }

    /** A clash within a moment or a line of a plan is told as one of the whole moment or line. */
    private Object record(Object saw, Object there, Object wanted) {
        ThreeWay within = new ThreeWay();
        try {
            RecordComponent[] fields = saw.getClass().getRecordComponents();
            Class<?>[] types = new Class<?>[fields.length];
            Object[] laid = new Object[fields.length];
            for (int i = 0; i < fields.length; i++) {
                types[i] = fields[i].getType();
                laid[i] = within.value(
                        fields[i].getAccessor().invoke(saw),
                        fields[i].getAccessor().invoke(there),
                        fields[i].getAccessor().invoke(wanted));
            }
            if (within.clashes.isEmpty()) {
                Constructor<?> whole = saw.getClass().getDeclaredConstructor(types);
                return whole.newInstance(laid);
            }
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(saw.getClass() + " cannot be laid field by field", e);
        }
        if (Clash.isTold(saw)) {
            clashes.add(new Clash(saw, there, wanted));
        } else {
            clashes.addAll(within.clashes);
        }
        return there;
    }

    /** Stretches that touch are one stretch: what was looked through here and there is added up. */
    private Footage footage(Footage saw, Footage there, Footage wanted) {
        Footage laid = (Footage) record(saw, there.withCovered(saw.covered()), wanted.withCovered(saw.covered()));
        if (wanted.covered().equals(saw.covered())) {
            return laid.withCovered(there.covered());
        }
        boolean onlyMore = wanted.covered().containsAll(saw.covered())
                || saw.covered().stream().allMatch(old -> isWithin(old, wanted.covered()));
        if (!onlyMore) {
            // Somebody said that a stretch was not looked through after all.
            clashes.add(new Clash(saw, there, wanted));
            return there;
        }
        laid = laid.withCovered(there.covered());
        for (Covered stretch : wanted.covered()) {
            if (!saw.covered().contains(stretch)) {
                laid = laid.covering(stretch);
            }
        }
        return laid;
    }

    private static boolean isWithin(Covered stretch, List<Covered> all) {
        return all.stream()
                .anyMatch(each -> each.layer() == stretch.layer()
                        && each.declared() == stretch.declared()
                        && each.fromMicros() <= stretch.fromMicros()
                        && each.toMicros() >= stretch.toMicros());
    }

    private Bout bout(Bout saw, Bout there, Bout wanted) {
        Header header = (Header) value(saw.header(), there.header(), wanted.header());
        @SuppressWarnings("unchecked")
        List<Moment> moments = (List<Moment>) value(saw.moments(), there.moments(), wanted.moments());
        @SuppressWarnings("unchecked")
        List<Bout.Comment> comments = (List<Bout.Comment>) value(saw.comments(), there.comments(), wanted.comments());
        ties(saw, there, wanted, moments);
        if (!clashes.isEmpty()) {
            return there;
        }
        if (inOrder(moments)) {
            return new Bout(saw.id(), header, moments, comments);
        }
        // One was moved past another that came meanwhile: their times say where they stand.
        Bout laid = new Bout(saw.id(), header, List.of(), comments);
        for (Moment moment : moments) {
            laid = laid.with(moment);
        }
        return laid;
    }

    private static boolean inOrder(List<Moment> moments) {
        long last = 0;
        for (Moment moment : moments) {
            long at = moment.atMicros().orElse(last);
            if (at < last) {
                return false;
            }
            last = at;
        }
        return true;
    }

    /** What one tied to a moment that the other took out is a clash of both. */
    private void ties(Bout saw, Bout there, Bout wanted, List<Moment> laid) {
        Set<String> left = new HashSet<>();
        laid.forEach(moment -> left.add(moment.id()));
        Set<String> known = new HashSet<>();
        Stream.of(saw, there, wanted)
                .flatMap(bout -> bout.moments().stream())
                .forEach(moment -> known.add(moment.id()));
        for (Moment moment : laid) {
            for (String tied : ties(moment)) {
                if (known.contains(tied) && !left.contains(tied)) {
                    Moment gone = Stream.of(there, wanted, saw)
                            .flatMap(bout -> bout.moment(tied).stream())
                            .findFirst()
                            .orElseThrow();
                    clashes.add(
                            there.moment(tied).isPresent()
                                    ? new Clash(gone, moment, null)
                                    : new Clash(gone, null, moment));
                }
            }
        }
    }

    private static Set<String> ties(Moment moment) {
        Set<String> tied = new HashSet<>();
        moment.telling()
                .facts()
                .forEach(fact -> fact.retied(id -> {
                    tied.add(id);
                    return id;
                }));
        return tied;
    }

    /** In the order of who changed it; what came meanwhile stands behind what it stood behind there. */
    private List<Object> list(List<?> saw, List<?> there, List<?> wanted) {
        Map<Object, Object> before = keyed(saw);
        Map<Object, Object> now = keyed(there);
        Map<Object, Object> after = keyed(wanted);
        List<Object> keys = new ArrayList<>();
        Map<Object, Object> laid = new LinkedHashMap<>();
        after.forEach((key, value) -> {
            if (now.containsKey(key)) {
                laid.put(
                        key,
                        before.containsKey(key) || value.equals(now.get(key))
                                ? value(before.getOrDefault(key, value), now.get(key), value)
                                : clashing(null, now.get(key), value));
                keys.add(key);
            } else if (!before.containsKey(key)) {
                laid.put(key, value);
                keys.add(key);
            } else if (!value.equals(before.get(key))) {
                clashes.add(new Clash(before.get(key), null, value));
            }
        });
        Object last = null;
        for (Map.Entry<Object, Object> each : now.entrySet()) {
            Object key = each.getKey();
            if (!after.containsKey(key)) {
                if (!before.containsKey(key)) {
                    keys.add(keys.indexOf(last) + 1, key);
                    laid.put(key, each.getValue());
                    last = key;
                } else if (!each.getValue().equals(before.get(key))) {
                    clashes.add(new Clash(before.get(key), each.getValue(), null));
                }
            } else {
                last = key;
            }
        }
        return keys.stream().map(laid::get).toList();
    }

    private Object clashing(Object saw, Object there, Object wanted) {
        clashes.add(new Clash(saw, there, wanted));
        return there;
    }

    /** By what it stays the same though it is changed: by its id, or as the so-manieth that is equal. */
    private static Map<Object, Object> keyed(List<?> values) {
        Map<Object, Object> keyed = new LinkedHashMap<>();
        for (Object value : values) {
            Object key = value instanceof Moment moment
                    ? moment.id()
                    : value instanceof PlanStep step ? step.id() : value instanceof StayOut line ? line.id() : value;
            for (int same = 1; keyed.containsKey(key); same++) {
                key = List.of(value, same);
            }
            keyed.put(key, value);
        }
        return keyed;
    }
}
