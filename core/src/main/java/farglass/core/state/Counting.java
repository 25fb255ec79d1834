package farglass.core.state;

import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Footage;
import farglass.core.bout.Header;
import farglass.core.bout.Material;
import farglass.core.bout.Moment;
import farglass.core.bout.Segment;
import farglass.core.bout.Times;
import farglass.core.fact.Certainty;
import farglass.core.fact.Layer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What of a bout counts in figures; where nothing does, why, and how it can be mended. The one rule for check, import, Shelf, dossier and
 * plan. Whole bouts count, over the stretches whose story was watched; clips and demonstrations count in no rate.
 */
public final class Counting {
    /** Whether a bout counts. */
    public enum Standing {
        COUNTS,
        /** Moments are told, and no stretch of it is marked as watched. */
        NOT_WATCHED,
        /** Somebody chose what is shown: it is told apart, as shown. */
        CLIPS,
        DEMONSTRATION,
        /** Both are called the same: whose moment is whose cannot be told by name. */
        ONE_NAME,
        /** The first coding counts, and not this one beside it. */
        SECOND_CODING,
        /** Only a result is known. */
        NOTHING_TOLD
    }

    private final Bout bout;
    private final Optional<List<Stretch>> only;
    private final List<Stretch> watched;
    private final boolean counted;
    private final Map<String, Boolean> untimed = new HashMap<>();

    private Counting(Bout bout, Optional<List<Stretch>> only) {
        this.bout = bout;
        this.only = only;
        this.watched = only.map(parts -> parts(watched(bout), parts)).orElseGet(() -> watched(bout));
        this.counted = standing(bout) == Standing.COUNTS;
        untimed();
    }

    public static Counting of(Bout bout) {
        return new Counting(bout, Optional.empty());
    }

    /**
     * {@return what counts of the bout within these stretches, as if nothing else had been watched}
     *
     * @param only in order and apart; empty for all of it
     */
    public static Counting of(Bout bout, Optional<List<Stretch>> only) {
        return new Counting(bout, only);
    }

    private static List<Stretch> parts(List<Stretch> watched, List<Stretch> only) {
        return watched.stream()
                .flatMap(stretch -> only.stream().map(stretch::and))
                .filter(both -> !both.isEmpty())
                .toList();
    }

    /** {@return whether the bout counts, and if not why} */
    public static Standing standing(Bout bout) {
        Header header = bout.header();
        if (header.isSecondCoding()) {
            return Standing.SECOND_CODING;
        }
        if (header.a().name().equals(header.b().name()) && !header.a().isNobody()) {
            return Standing.ONE_NAME;
        }
        if (header.material() == Material.DEMONSTRATION) {
            return Standing.DEMONSTRATION;
        }
        if (header.material() == Material.CLIPS) {
            return Standing.CLIPS;
        }
        boolean watched = header.covered().stream().anyMatch(stretch -> stretch.layer() == Layer.STORY);
        if (watched) {
            return Standing.COUNTS;
        }
        return bout.moments().isEmpty() ? Standing.NOTHING_TOLD : Standing.NOT_WATCHED;
    }

    /** {@return why nothing of it counts, and how to mend that, in a sentence; empty where it counts, or nothing is told} */
    public static Optional<String> sentence(Bout bout) {
        return switch (standing(bout)) {
            case COUNTS, NOTHING_TOLD -> Optional.empty();
            case NOT_WATCHED ->
                Optional.of(
                        "%d moment%s told, and counted in nothing until you say which stretch was watched: from first to last moment (%s)?"
                                .formatted(
                                        bout.moments().size(),
                                        bout.moments().size() == 1 ? " is" : "s are",
                                        stretch(bout)));
            case CLIPS ->
                Optional.of("These are clips that somebody chose: they stand in no rate, and are told apart as shown.");
            case DEMONSTRATION -> Optional.of("This is a demonstration: it is counted in nothing.");
            case ONE_NAME ->
                Optional.of(
                        "Both athletes are called %s: whose moment is whose cannot be told, and it is counted in nothing. Give one of them another name in the header."
                                .formatted(bout.header().a().name()));
            case SECOND_CODING -> Optional.of("This is a second coding: the first one counts.");
        };
    }

    private static String stretch(Bout bout) {
        Covered all = fromFirstToLast(bout);
        return Times.seconds(all.fromMicros()) + " to " + Times.seconds(all.toMicros());
    }

    private static Covered fromFirstToLast(Bout bout) {
        long first = bout.moments().stream()
                .filter(moment -> moment.atMicros().isPresent())
                .mapToLong(moment -> moment.atMicros().getAsLong())
                .min()
                .orElse(0);
        return new Covered(Layer.STORY, first, bout.extentMicros(), true);
    }

    /** {@return the bout, its story declared watched from the first to the last moment} */
    public static Bout declared(Bout bout) {
        Covered all = fromFirstToLast(bout);
        List<Covered> covered = new ArrayList<>(bout.header().covered());
        covered.add(all);
        Footage footage = bout.header().footage().withCovered(covered);
        return bout.with(bout.header().with(footage));
    }

    /** A moment without a time lies between its neighbours that have one: it was watched if they were. */
    private void untimed() {
        Optional<Long> before = Optional.empty();
        for (int i = 0; i < bout.moments().size(); i++) {
            Moment moment = bout.moments().get(i);
            if (moment.atMicros().isPresent()) {
                before = Optional.of(moment.atMicros().getAsLong());
                continue;
            }
            int from = i;
            while (i + 1 < bout.moments().size()
                    && bout.moments().get(i + 1).atMicros().isEmpty()) {
                i++;
            }
            Optional<Long> after = i + 1 < bout.moments().size()
                    ? Optional.of(bout.moments().get(i + 1).atMicros().getAsLong())
                    : Optional.empty();
            boolean watched =
                    before.map(this::seen).orElse(true) && after.map(this::seen).orElse(true);
            for (int j = from; j <= i; j++) {
                untimed.put(bout.moments().get(j).id(), watched);
            }
        }
    }

    /** {@return whether that instant is live and its story was watched} */
    public boolean seen(long micros) {
        return bout.header().covers(Layer.STORY, micros)
                && bout.header().footage().isLive(micros)
                && (only.isEmpty() || only.get().stream().anyMatch(part -> part.holds(micros)));
    }

    /** {@return match time within the watched live stretches, in microseconds; 0 where nothing counts} */
    public long watchedMicros(MatchClock clock) {
        return watchedMicros(clock, 0, Long.MAX_VALUE);
    }

    /** {@return the same, from one instant of the bout to another} */
    public long watchedMicros(MatchClock clock, long fromMicros, long toMicros) {
        long micros = 0;
        for (Stretch stretch : watched) {
            long begins = Math.max(stretch.fromMicros(), fromMicros);
            long ends = Math.min(stretch.toMicros(), toMicros);
            micros += ends > begins ? clock.playedMicros(ends) - clock.playedMicros(begins) : 0;
        }
        return micros;
    }

    /** The live stretches whose story was watched, in order and apart; none where nothing counts. */
    private static List<Stretch> watched(Bout bout) {
        if (standing(bout) != Standing.COUNTS) {
            return List.of();
        }
        // By instant: how many covered stretches begin there less those that end, and how many that are not live.
        TreeMap<Long, int[]> turns = new TreeMap<>();
        for (Covered stretch : bout.header().covered()) {
            if (stretch.layer() == Layer.STORY) {
                turns.computeIfAbsent(stretch.fromMicros(), any -> new int[2])[0]++;
                turns.computeIfAbsent(stretch.toMicros(), any -> new int[2])[0]--;
            }
        }
        for (Segment segment : bout.header().footage().segments()) {
            if (!segment.isLive()) {
                turns.computeIfAbsent(segment.fromMicros(), any -> new int[2])[1]++;
                turns.computeIfAbsent(segment.toMicros(), any -> new int[2])[1]--;
            }
        }
        List<Stretch> watched = new ArrayList<>();
        long from = 0;
        int covered = 0;
        int cut = 0;
        for (Map.Entry<Long, int[]> turn : turns.entrySet()) {
            if (covered > 0 && cut == 0) {
                watched.add(new Stretch(from, turn.getKey()));
            }
            from = turn.getKey();
            covered += turn.getValue()[0];
            cut += turn.getValue()[1];
        }
        return watched;
    }

    /** {@return whether the moment counts: watched, live, and not hidden from the viewer} Without a time it counts by its neighbours. */
    public boolean counts(Moment moment) {
        return counted
                && moment.telling().certainty() != Certainty.HIDDEN
                && (moment.atMicros().isPresent()
                        ? seen(moment.atMicros().getAsLong())
                        : untimed.getOrDefault(moment.id(), false));
    }
}
