package farglass.core.corpus;

import farglass.core.estimate.Choices;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What was counted of one athlete for one question, turned round once so that every filter finds it by option and not by bout. Only the
 * bouts with chances are in it.
 */
public final class AthleteCounts {
    private final int[] places;
    private final int[] chances;
    private final Map<String, OfOption> options;

    private AthleteCounts(int[] places, int[] chances, Map<String, OfOption> options) {
        this.places = places;
        this.chances = chances;
        this.options = Collections.unmodifiableMap(options);
    }

    /** {@return the counts of bout after bout} */
    static AthleteCounts of(List<Counted> bouts) {
        Gathering gathering = new Gathering();
        for (int i = 0; i < bouts.size(); i++) {
            gathering.add(i, bouts.get(i));
        }
        return gathering.gathered();
    }

    /** {@return the counts of bout after bout, apart for each sort of chances, the sort that was met first comes first} */
    static Map<String, AthleteCounts> bySort(List<Map<String, Counted>> bouts) {
        Map<String, Gathering> sorts = new LinkedHashMap<>();
        for (int i = 0; i < bouts.size(); i++) {
            int place = i;
            bouts.get(i).forEach((sort, counted) -> sorts.computeIfAbsent(sort, any -> new Gathering())
                    .add(place, counted));
        }
        Map<String, AthleteCounts> counts = new LinkedHashMap<>();
        sorts.forEach((sort, gathering) -> counts.put(sort, gathering.gathered()));
        return Collections.unmodifiableMap(counts);
    }

    /** {@return in how many bouts there were chances} */
    public int bouts() {
        return places.length;
    }

    /** {@return the place of such a bout among all of the athlete's} */
    public int place(int bout) {
        return places[bout];
    }

    /** {@return how many chances it had, 1 or more} */
    public int chances(int bout) {
        return chances[bout];
    }

    /** {@return every option that came, in the order of the bouts in which they first did} */
    public Map<String, OfOption> options() {
        return options;
    }

    /** {@return when and how often that option came} */
    public OfOption of(String option) {
        return options.getOrDefault(option, OfOption.NEVER);
    }

    /** {@return the counts of some of the bouts} @param in by place among all the athlete's bouts, whether it is one of them */
    public AthleteCounts within(boolean[] in) {
        int[] now = new int[places.length];
        int left = 0;
        for (int i = 0; i < now.length; i++) {
            now[i] = in[places[i]] ? left++ : -1;
        }
        if (left == now.length) {
            return this;
        }
        int[] leftPlaces = new int[left];
        int[] leftChances = new int[left];
        for (int i = 0; i < now.length; i++) {
            if (now[i] >= 0) {
                leftPlaces[now[i]] = places[i];
                leftChances[now[i]] = chances[i];
            }
        }
        // Without the newest bouts another option may be the first to come.
        List<Map.Entry<String, OfOption>> came = new ArrayList<>();
        options.forEach((option, of) -> {
            OfOption kept = of.kept(now);
            if (kept.bouts() > 0) {
                came.add(Map.entry(option, kept));
            }
        });
        came.sort((one, other) ->
                Integer.compare(one.getValue().first(), other.getValue().first()));
        Map<String, OfOption> kept = new LinkedHashMap<>();
        came.forEach(option -> kept.put(option.getKey(), option.getValue()));
        return new AthleteCounts(leftPlaces, leftChances, kept);
    }

    /** {@return all added up} @param weights by place among all the athlete's bouts */
    public Choices choices(double[] weights) {
        double[] weightOf = new double[places.length];
        for (int i = 0; i < weightOf.length; i++) {
            weightOf[i] = weights[places[i]];
        }
        Choices.Adding adding = new Choices.Adding(chances, weightOf);
        options.forEach((option, of) -> of.addTo(adding, option));
        return adding.sums();
    }

    private static final class Gathering {
        private final List<Integer> places = new ArrayList<>();
        private final List<Integer> chances = new ArrayList<>();
        private final Map<String, OfOption.Gathering> options = new LinkedHashMap<>();

        void add(int place, Counted counted) {
            if (counted.taken().chances() > 0) {
                int bout = places.size();
                places.add(place);
                chances.add(counted.taken().chances());
                counted.evidence()
                        .forEach((option, each) -> options.computeIfAbsent(option, any -> new OfOption.Gathering())
                                .add(bout, each));
            }
        }

        AthleteCounts gathered() {
            Map<String, OfOption> gathered = new LinkedHashMap<>();
            options.forEach((option, each) -> gathered.put(option, each.gathered()));
            return new AthleteCounts(
                    places.stream().mapToInt(Integer::intValue).toArray(),
                    chances.stream().mapToInt(Integer::intValue).toArray(),
                    gathered);
        }
    }
}
