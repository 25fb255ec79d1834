package farglass.core.simulate;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Covered;
import farglass.core.bout.Deed;
import farglass.core.bout.Method;
import farglass.core.bout.Moment;
import farglass.core.bout.Result;
import farglass.core.bout.Uniform;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.entry.Target;
import farglass.core.entry.Technique;
import farglass.core.fact.Body;
import farglass.core.fact.Fact;
import farglass.core.fact.Grip;
import farglass.core.fact.Layer;
import farglass.core.fact.Mistake;
import farglass.core.fact.PartState;
import farglass.core.fact.Purpose;
import farglass.core.fact.Ruling;
import farglass.core.fact.Span;
import farglass.core.lexicon.Lexicon;
import farglass.core.rules.Board;
import farglass.core.side.Seat;
import farglass.core.state.Timeline;
import farglass.core.state.Visit;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Do made-up bouts look like the sport? What they hold, beside what we aim at; measured on what truly happened in them, and
 * what is told beside it on what a coder wrote down. */
public final class Realism {
    /**
     * One thing measured.
     *
     * @param from the least that will do
     * @param to the most that will do
     */
    public record Row(String aim, String words, double value, double from, double to) {
        /** {@return whether there was anything to measure: among few matches there may be no tap} */
        public boolean isMeasured() {
            return !Double.isNaN(value);
        }

        public boolean isMet() {
            return from <= value && value <= to;
        }
    }

    /** A match is close if this many points or fewer decide it. */
    private static final int CLOSE_POINTS = 2;
    /** Tried at least so many times it is one of the things an athlete does often. */
    private static final int OFTEN = 4;
    /** Who is in at least so many filmed bouts is a main athlete. */
    private static final int MAIN = 8;

    private static final int DOZEN = 12;
    private static final int HUNDRED = 100;

    private final Lexicon lexicon;
    private final List<Bout> bouts;
    private final List<Bout> told;
    private final Map<String, Double> measured = new HashMap<>();

    private Realism(List<Bout> bouts, List<Bout> told, Lexicon lexicon) {
        this.bouts = bouts;
        this.told = told;
        this.lexicon = lexicon;
        times(Uniform.GI, "gi");
        times(Uniform.NO_GI, "no-gi");
        results();
        pace();
        techniques();
        facts();
    }

    /** {@return everything measured of these bouts, in the order of the aims} */
    public static List<Row> of(Collection<ActedBout> acted, Lexicon lexicon) {
        Realism realism = new Realism(
                whole(acted.stream().map(ActedBout::truth)),
                whole(acted.stream().map(ActedBout::told)),
                lexicon);
        return Aims.shipped().stream()
                .map(aim -> new Row(
                        aim.name(),
                        aim.words(),
                        realism.measured.getOrDefault(aim.name(), Double.NaN),
                        aim.from(),
                        aim.to()))
                .toList();
    }

    private static List<Bout> whole(Stream<Bout> bouts) {
        return bouts.filter(bout -> !bout.moments().isEmpty()).toList();
    }

    private void times(Uniform uniform, String name) {
        Map<String, Double> seconds = new LinkedHashMap<>();
        double all = 0;
        for (Bout bout : bouts) {
            if (bout.header().uniform() != uniform
                    || bout.header().kind() != BoutKind.COMPETITION
                    || bout.header().ruleset().equals("mixed-rules")) {
                continue;
            }
            Bout seen = bout.with(
                    bout.header().withCovered(List.of(new Covered(Layer.STORY, 0, bout.extentMicros(), false))));
            for (Visit visit : Timeline.of(seen, lexicon).visits()) {
                seconds.merge(sort(visit.stand().position().family()), visit.playedSeconds(), Double::sum);
                all += visit.playedSeconds();
            }
        }
        for (String sort : List.of("standing", "guard", "pin", "back", "legs", "turtle")) {
            measured.put(sort + "-" + name, seconds.getOrDefault(sort, 0.0) / all);
        }
    }

    private static String sort(Family family) {
        return switch (family) {
            case STANDING -> "standing";
            case GUARD, HALF, PASSING -> "guard";
            case LEGS -> "legs";
            case TURTLE -> "turtle";
            case PIN -> "pin";
            case BACK -> "back";
            case FINISH -> "finish";
            case NONE -> "none";
        };
    }

    private void results() {
        List<Bout> matches = bouts.stream()
                .filter(bout -> bout.header().kind() == BoutKind.COMPETITION)
                .filter(bout -> bout.header().result().isPresent())
                .toList();
        List<Bout> taps = matches.stream()
                .filter(bout -> method(bout) == Method.SUBMISSION)
                .toList();
        measured.put("taps", share(taps.size(), matches.size()));
        List<Bout> bare = taps.stream()
                .filter(bout -> bout.header().uniform() == Uniform.NO_GI)
                .toList();
        measured.put(
                "leg-taps-no-gi", share(bare.stream().filter(this::isLegLock).count(), bare.size()));
        List<Bout> scored = matches.stream()
                .filter(bout -> method(bout) != Method.SUBMISSION)
                .filter(bout -> !bout.header().ruleset().equals("mixed-rules"))
                .toList();
        List<Board> boards = scored.stream().map(Board::atEnd).toList();
        measured.put(
                "close",
                share(
                        boards.stream()
                                .filter(board ->
                                        Math.abs(board.a().points() - board.b().points()) <= CLOSE_POINTS)
                                .count(),
                        boards.size()));
        measured.put(
                "shut-outs", share(boards.stream().filter(Realism::isShutOut).count(), boards.size()));
        List<Bout> withAdvantages = scored.stream()
                .filter(bout -> bout.header().ruleset().contains("advantage"))
                .toList();
        measured.put(
                "advantages",
                share(
                        withAdvantages.stream()
                                .filter(bout -> method(bout) == Method.ADVANTAGES)
                                .count(),
                        withAdvantages.size()));
    }

    private static boolean isShutOut(Board board) {
        boolean a = board.a().points() == 0 && board.a().advantages() == 0;
        boolean b = board.b().points() == 0 && board.b().advantages() == 0;
        return a != b;
    }

    private static Method method(Bout bout) {
        return bout.header().result().orElseThrow().method();
    }

    private boolean isLegLock(Bout bout) {
        return bout.header()
                .result()
                .flatMap(Result::finish)
                .flatMap(lexicon::technique)
                .flatMap(Technique::target)
                .filter(target -> target == Target.LEG)
                .isPresent();
    }

    /** Told by what happened and by nothing that a coder may have missed. */
    private void pace() {
        double[] perMinute = bouts.stream()
                .filter(bout -> bout.header().kind() == BoutKind.COMPETITION)
                .mapToDouble(bout -> bout.moments().size() * 60e6 / Math.max(1, bout.extentMicros()))
                .sorted()
                .toArray();
        measured.put("pace", quantile(perMinute, 0.9) / quantile(perMinute, 0.1));
    }

    private static double quantile(double[] sorted, double share) {
        return sorted.length == 0 ? Double.NaN : sorted[(int) Math.min(sorted.length - 1, share * sorted.length)];
    }

    private void techniques() {
        Map<String, Map<String, Integer>> byAthlete = new HashMap<>();
        Map<String, Integer> matches = new HashMap<>();
        Set<String> everybody = new HashSet<>();
        for (int i = 0; i < bouts.size(); i++) {
            Bout bout = bouts.get(i);
            for (Seat seat : Seat.values()) {
                boolean more = matches.merge(bout.header().contestant(seat).name(), 1, Integer::sum) <= DOZEN;
                for (Moment moment : bout.moments()) {
                    Technique technique = technique(moment);
                    if (technique == null || !moment.actor().equals(Optional.of(seat))) {
                        continue;
                    }
                    if (i < HUNDRED) {
                        everybody.add(technique.key());
                    }
                    if (more) {
                        byAthlete
                                .computeIfAbsent(bout.header().contestant(seat).name(), any -> new HashMap<>())
                                .merge(technique.key(), 1, Integer::sum);
                    }
                }
            }
        }
        measured.put("techniques", (double) everybody.size());
        List<Map<String, Integer>> main = byAthlete.entrySet().stream()
                .filter(each -> matches.get(each.getKey()) >= MAIN)
                .map(Map.Entry::getValue)
                .toList();
        measured.put("often", middle(main, count -> count >= OFTEN));
        measured.put("rarely", middle(main, count -> true));
    }

    private boolean isLock(Moment moment) {
        Technique technique = technique(moment);
        return technique != null
                && technique.kind() == Kind.SUBMISSION
                && technique.target().filter(Realism::isLimb).isPresent();
    }

    private static boolean isLimb(Target target) {
        return target == Target.ARM || target == Target.LEG;
    }

    private static double middle(List<Map<String, Integer>> main, Predicate<Integer> which) {
        double[] counts = main.stream()
                .mapToDouble(each -> each.values().stream().filter(which).count())
                .sorted()
                .toArray();
        return quantile(counts, 0.5);
    }

    private Technique technique(Moment moment) {
        return moment.technique().flatMap(lexicon::technique).orElse(null);
    }

    private void facts() {
        List<Moment> all =
                told.stream().flatMap(bout -> bout.moments().stream()).toList();
        List<Moment> done =
                all.stream().filter(moment -> moment.technique().isPresent()).toList();
        List<Moment> locks = done.stream().filter(this::isLock).toList();
        measured.put(
                "sides",
                share(
                        locks.stream()
                                .filter(moment -> moment.telling().side().isPresent())
                                .count(),
                        locks.size()));
        Map<String, Predicate<Moment>> sorts = new LinkedHashMap<>();
        sorts.put("grip", telling(Grip.class));
        sorts.put("limb", telling(Fact.LimbOn.class));
        sorts.put("part", telling(PartState.class));
        sorts.put("body", telling(Body.class));
        sorts.put("motive", moment -> moment.telling().motive().isPresent());
        sorts.put("effect", telling(Fact.Effect.class));
        sorts.put("condition", telling(Fact.Condition.class));
        sorts.put("why", telling(Purpose.Why.class));
        sorts.put("opened", telling(Purpose.Opened.class));
        sorts.put("could", telling(Fact.Could.class));
        sorts.put("mistake", telling(Mistake.class));
        sorts.put("better", moment -> moment.telling().facts(Mistake.class).anyMatch(mistake -> mistake.better()
                .isPresent()));
        sorts.put("until", telling(Span.Until.class).or(moment -> moment.telling()
                .facts(Grip.class)
                .anyMatch(grip -> grip.untilMicros().isPresent())));
        sorts.put("stage", moment -> moment.telling().stage().isPresent());
        sorts.forEach((name, holds) -> measured.put(name, per100(done, done, holds)));
        measured.put("stall", per100(all, done, Realism::isStallCall));
        measured.put(
                "corner",
                per100(all, done, moment -> moment.deed().instruction().isPresent()));
        measured.put(
                "disputed", per100(all, done, telling(Ruling.Disputed.class).or(moment -> moment.deed()
                        .restart()
                        .filter(Deed.Restarted::disputed)
                        .isPresent())));
    }

    private static boolean isStallCall(Moment moment) {
        return moment.deed().gives(Award.Kind.PENALTY, Award.Kind.WARNING);
    }

    private static Predicate<Moment> telling(Class<? extends Fact> kind) {
        return moment -> moment.telling().facts(kind).findAny().isPresent();
    }

    private static double per100(List<Moment> among, List<Moment> done, Predicate<Moment> which) {
        return 100.0 * among.stream().filter(which).count() / done.size();
    }

    private static double share(long some, int all) {
        return all == 0 ? Double.NaN : some / (double) all;
    }
}
