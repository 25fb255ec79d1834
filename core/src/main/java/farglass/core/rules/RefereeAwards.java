package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Lays what the referee gave beside what the rules say: which award was for what, and what is left over on either side. */
final class RefereeAwards {
    /** An award comes at most so long before the hold was over as tagged, and so long after. */
    private static final long BEFORE_MICROS = 4_000_000;

    private static final long AFTER_MICROS = 30_000_000;

    /** More calls than these within reach of one award are no bout. */
    private static final int CROWD = 200;

    /** By the moment of an award, what it was given for. */
    final Map<String, List<Call>> calls = new LinkedHashMap<>();

    private final List<Moment> awards = new ArrayList<>();
    /** By identity: two calls may read alike, and each is given once. */
    private final Set<Call> matched = Collections.newSetFromMap(new IdentityHashMap<>());

    private RefereeAwards() {}

    static RefereeAwards match(Bout bout, List<Call> calls) {
        RefereeAwards given = new RefereeAwards();
        for (Moment moment : bout.moments()) {
            if (moment.actor().isPresent() && moment.deed().given().isPresent()) {
                given.awards.add(moment);
            }
        }
        if (given.awards.isEmpty()) {
            return given;
        }
        // What is certain has the first claim on an award.
        given.match(calls, Call.Verdict.BY_RULES);
        given.match(calls, Call.Verdict.ARGUABLE);
        given.match(calls, Call.Verdict.COULD);
        return given;
    }

    static Award award(Moment moment) {
        return ((Deed.Awarded) moment.deed()).award();
    }

    private void match(List<Call> all, Call.Verdict verdict) {
        List<Call> fitting =
                all.stream().filter(call -> call.verdict() == verdict).toList();
        for (Moment moment : awards) {
            if (calls.containsKey(moment.id())) {
                continue;
            }
            Seat to = moment.actor().orElseThrow();
            long at = moment.atMicros().orElse(0);
            List<Call> open = new ArrayList<>();
            // Calls are in order of time: only those in reach are looked at, and of a crowd only so many.
            for (int i = first(fitting, at - AFTER_MICROS), looked = 0;
                    i < fitting.size() && fitting.get(i).atMicros() <= at + BEFORE_MICROS && looked < CROWD;
                    i++, looked++) {
                Call call = fitting.get(i);
                if (call.to() == to
                        && !matched.contains(call)
                        && call.gift().kind() == award(moment).kind()) {
                    open.add(call);
                }
            }
            List<Call> found = sum(open, award(moment).points());
            if (!found.isEmpty()) {
                calls.put(moment.id(), List.copyOf(found));
                matched.addAll(found);
            }
        }
    }

    /** {@return the place of the first call at or after that instant} */
    private static int first(List<Call> calls, long at) {
        int low = 0;
        int high = calls.size();
        while (low < high) {
            int middle = (low + high) / 2;
            if (calls.get(middle).atMicros() < at) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** {@return the first call of that many points, or else a run of calls that adds up to it} Other gifts have 0 points. */
    private static List<Call> sum(List<Call> open, int points) {
        for (Call call : open) {
            if (call.gift().points() == points) {
                return List.of(call);
            }
        }
        for (int from = 0; from < open.size(); from++) {
            int total = 0;
            for (int to = from; to < open.size() && total < points; to++) {
                total += open.get(to).gift().points();
                if (total == points) {
                    return open.subList(from, to + 1);
                }
            }
        }
        return List.of();
    }

    boolean isGiven(Call call) {
        return matched.contains(call);
    }

    /** {@return awards of the referee that no call explains} */
    List<Moment> unexplained() {
        return awards.stream().filter(moment -> !calls.containsKey(moment.id())).toList();
    }

    boolean isEmpty() {
        return awards.isEmpty();
    }
}
