package farglass.core.estimate;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How all athletes of a library chose, each one's bouts added up and all weighing alike. Built once for a question; who is asked about is
 * left out of it by name. What concerns one option looks only at the athletes who took it.
 */
public final class Population {
    /** Nobody had a chance. */
    public static final Population NOBODY = new Gathering().gathered();

    /** Those who took an option: who, how often, and the sum over bouts of its squared counts over their chances. */
    private record Takers(int[] who, double[] taken, double[] squares) {
        static final Takers NONE = new Takers(new int[0], new double[0], new double[0]);
    }

    /** The sums of the analysis of variance for one option. */
    private record Variance(double between, double within) {
        static final Variance NONE = new Variance(0, 0);
    }

    private final List<String> names;
    private final List<Choices> athletes;
    private final double[] chances;
    private final double[] squares;
    private final Map<String, Takers> takers = new HashMap<>();
    private final Map<String, Variance> variances = new HashMap<>();
    private final Set<String> options;
    /** Who asks again after a filter has changed asks of the same others. */
    private final Map<Left, Others> others = new ConcurrentHashMap<>();

    private int spareBouts;
    private double spareChances;
    private double size;

    /** Who is left out, and how alike moments of one bout are taken to be. */
    private record Left(int who, double likeness) {}

    /** So many are kept: two athletes side by side, or the last few. */
    private static final int MOST_KEPT = 8;

    /** Gathers athlete after athlete. */
    public static final class Gathering {
        private final List<String> names = new ArrayList<>();
        private final List<Choices> athletes = new ArrayList<>();

        /** Adds an athlete; who had no chance is left out. @param name of nobody who was added before */
        public void add(String name, Choices choices) {
            if (choices.chances() > 0) {
                names.add(name);
                athletes.add(choices);
            }
        }

        public Population gathered() {
            return new Population(this);
        }
    }

    private Population(Gathering gathering) {
        names = List.copyOf(gathering.names);
        athletes = List.copyOf(gathering.athletes);
        chances = athletes.stream().mapToDouble(Choices::chances).toArray();
        squares = athletes.stream().mapToDouble(Choices::rawSquares).toArray();
        Map<String, List<Integer>> took = new HashMap<>();
        for (int i = 0; i < athletes.size(); i++) {
            for (String option : athletes.get(i).options()) {
                took.computeIfAbsent(option, any -> new ArrayList<>()).add(i);
            }
        }
        took.forEach((option, who) -> takers.put(
                option,
                new Takers(
                        who.stream().mapToInt(Integer::intValue).toArray(),
                        who.stream()
                                .mapToDouble(each -> athletes.get(each).taken(option))
                                .toArray(),
                        who.stream()
                                .mapToDouble(each -> athletes.get(each).squares(option))
                                .toArray())));
        options = Collections.unmodifiableSet(new TreeSet<>(takers.keySet()));
        variances();
    }

    /** {@return the population of athletes without names} */
    public static Population of(Collection<Choices> athletes) {
        Gathering gathering = new Gathering();
        athletes.forEach(each -> gathering.add("" + gathering.names.size(), each));
        return gathering.gathered();
    }

    /** Who was seen in one bout only says nothing of how bouts of one athlete differ. */
    private void variances() {
        for (int i = 0; i < chances.length; i++) {
            int bouts = athletes.get(i).bouts();
            if (bouts > 1) {
                spareBouts += bouts - 1;
                spareChances += chances[i] - bouts;
                size += chances[i] - squares[i] / chances[i];
            }
        }
        takers.forEach((option, took) -> {
            double between = 0;
            double within = 0;
            for (int k = 0; k < took.who.length; k++) {
                int who = took.who[k];
                if (athletes.get(who).bouts() > 1) {
                    // The sums over bouts of n (p - mean)^2 and of n p (1 - p), multiplied out.
                    between += took.squares[k] - took.taken[k] * took.taken[k] / chances[who];
                    within += took.taken[k] - took.squares[k];
                }
            }
            variances.put(option, new Variance(between, within));
        });
    }

    /** {@return every option that anybody took, in the order of their names} */
    public Set<String> options() {
        return options;
    }

    /** {@return how alike the moments of one bout are, over these options together} See {@link Likeness}. */
    public double likeness(Collection<String> options) {
        double between = 0;
        double within = 0;
        for (String option : options) {
            Variance variance = variances.getOrDefault(option, Variance.NONE);
            between += variance.between;
            within += variance.within;
        }
        int count = options.size();
        return Likeness.of(
                new Likeness.Sums(between, within, count * size, (double) count * spareBouts, count * spareChances),
                count);
    }

    /**
     * {@return all but one athlete, their chances as many as they are worth}
     *
     * @param athlete who is left out; a name that is none of theirs leaves out nobody
     * @param likeness of moments of one bout, in [0, 1)
     */
    public Others without(String athlete, double likeness) {
        if (others.size() >= MOST_KEPT) {
            others.clear();
        }
        return others.computeIfAbsent(
                new Left(names.indexOf(athlete), likeness), left -> new Others(left.who, left.likeness));
    }

    /** {@return all of them} */
    public Others all(double likeness) {
        return new Others(-1, likeness);
    }

    /** Some of the others in the order in which they speak against a claim, and what is believed of each, worked out when first asked. */
    private record Against(int[] who, Posterior[] beliefs) {}

    /** Which claim: of which option, which way, from which belief. */
    private record Claimed(String option, boolean more, Prior prior) {}

    /** The other athletes. May be read by many threads. */
    public final class Others {
        private final int left;
        private final double likeness;
        /** By how much each athlete's chances are worth less than they are many. */
        private final double[] effect = new double[chances.length];

        private final Map<String, Spread> spreads = new ConcurrentHashMap<>();
        private final Map<Claimed, Against> claimed = new ConcurrentHashMap<>();
        private int many;
        private double sum;
        private double sumSquares;
        private double sumBeyondOne;

        private Others(int left, double likeness) {
            this.left = left;
            this.likeness = likeness;
            for (int i = 0; i < chances.length; i++) {
                effect[i] = 1 + (squares[i] / chances[i] - 1) * likeness;
                if (i != left) {
                    double worth = chances[i] / effect[i];
                    many++;
                    sum += worth;
                    sumSquares += worth * worth;
                    sumBeyondOne += worth * Math.max(0, worth - 1);
                }
            }
        }

        /** {@return how alike the moments of one bout are taken to be} */
        public double likeness() {
            return likeness;
        }

        /** {@return how many had chances} */
        public int many() {
            return many;
        }

        /**
         * {@return what is believed of a share of the option before an athlete's own film counts}
         *
         * @param evenMean what is believed where nothing is known: one half for yes or no
         * @param weakShare how much of the belief is the weak one, in (0, 1]
         */
        public Prior prior(String option, double evenMean, double weakShare) {
            return Prior.learned(spread(option), evenMean, weakShare);
        }

        /**
         * {@return what is believed of those who may speak against a claim about that option, roughly in the order in which they do} Of
         * all who never took it only one is among them. Whatever was believed before, after more chances without a success every share
         * is believed lower: the belief after n2 of them is that after n1 times (1 - p)^(n2 - n1), which falls with p, so it lies
         * wholly below (E. L. Lehmann and J. P. Romano, "Testing Statistical Hypotheses", 2005, lemma 3.4.2). So against a claim of
         * more speaks most who had the fewest chances, and against one of less who had the most.
         *
         * @param more whether it is claimed that somebody takes it more often than they do
         * @param prior what is believed of each before their own bouts
         */
        public Stream<Posterior> against(String option, boolean more, Prior prior) {
            Against against = claimed.computeIfAbsent(new Claimed(option, more, prior), claim -> {
                int[] who = inOrder(option, more);
                return new Against(who, new Posterior[who.length]);
            });
            return IntStream.range(0, against.who.length).mapToObj(k -> {
                // Two threads may both work one out: it is the same.
                if (against.beliefs[k] == null) {
                    against.beliefs[k] = prior.after(athletes.get(against.who[k]), option, likeness);
                }
                return against.beliefs[k];
            });
        }

        private int[] inOrder(String option, boolean more) {
            Takers of = takers.getOrDefault(option, Takers.NONE);
            boolean[] took = new boolean[chances.length];
            double[] share = new double[of.who.length];
            for (int k = 0; k < share.length; k++) {
                took[of.who[k]] = true;
                share[k] = of.taken[k] / chances[of.who[k]];
            }
            Comparator<Integer> byShare = Comparator.comparingDouble(k -> share[k]);
            Comparator<Integer> byWorth = Comparator.comparingDouble(who -> chances[who] / effect[who]);
            Stream<Integer> takersInOrder = IntStream.range(0, share.length)
                    .boxed()
                    .sorted(more ? byShare.reversed() : byShare)
                    .map(k -> of.who[k]);
            Stream<Integer> never = IntStream.range(0, chances.length)
                    .filter(who -> !took[who] && who != left)
                    .boxed()
                    .min(more ? byWorth : byWorth.reversed())
                    .stream();
            return (more ? Stream.concat(takersInOrder, never) : Stream.concat(never, takersInOrder))
                    .filter(who -> who != left)
                    .mapToInt(Integer::intValue)
                    .toArray();
        }

        /**
         * {@return how much they differ, by the method of moments for beta-binomial counts, weights n}
         * <p>Source: J. C. Kleinman, "Proportions with extraneous variance: single and independent samples", Journal of the American
         * Statistical Association 68 (1973), pp. 46-54; n are effective chances.
         */
        Spread spread(String option) {
            return spreads.computeIfAbsent(option, this::workedOut);
        }

        private Spread workedOut(String option) {
            double successes = 0;
            double squared = 0;
            Takers took = takers.getOrDefault(option, Takers.NONE);
            for (int k = 0; k < took.who.length; k++) {
                int who = took.who[k];
                if (who != left) {
                    double taken = took.taken[k] / effect[who];
                    successes += taken;
                    squared += taken * taken / (chances[who] / effect[who]);
                }
            }
            // Half a chance each way keeps a mean of exactly 0 or 1 from ruling the other out.
            double mean = (successes + 0.5) / (sum + 1);
            // The sum of n (s / n - mean)^2, multiplied out: who never took the option adds only to its last part.
            double spread = squared - 2 * mean * successes + mean * mean * sum;
            double strength = strength(mean, spread);
            return new Spread(mean, strength, worth(strength), many);
        }

        private double strength(double mean, double spread) {
            double variance = mean * (1 - mean);
            int spare = many - 1;
            double room = sum == 0 ? 0 : variance * (sum - sumSquares / sum - spare);
            double alike = room > 0 ? (spread - variance * spare) / room : 0;
            return alike > 0 ? Math.max(Spread.LEAST, Math.min(Spread.MOST, 1 / alike - 1)) : Spread.MOST;
        }

        /**
         * How many chances the knowledge of the mean is worth. The variance of a mean of beta-binomial counts is mean × (1 - mean) ×
         * Σ n (1 + (n - 1) / (strength + 1)) / (Σ n)²; of a beta of that worth it is mean × (1 - mean) / (worth + 1).
         */
        private double worth(double strength) {
            double weighed = sum + sumBeyondOne / (strength + 1);
            return sum == 0 ? 1 : Math.max(1, sum * sum / weighed - 1);
        }
    }
}
