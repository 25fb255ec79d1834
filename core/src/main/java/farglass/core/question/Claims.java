package farglass.core.question;

import farglass.core.estimate.Comparison;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The one place that says "more than the others" or "prefers". Of all the comparisons of a page it claims the largest set whose mean
 * chance of being wrong is small; wrong is also what is true but trivial. Without a claim a figure stays, worded as a count.
 * <p>The mean posterior chance of a set is its expected share of wrong claims: M. A. Newton, A. Noueiry, D. Sarkar, P. Ahlquist,
 * "Detecting differential gene expression with a semiparametric hierarchical mixture method", Biostatistics 5 (2004), pp. 155-176.
 */
public final class Claims {
    /** Nobody acts on less. */
    public static final double TRIVIAL = 0.05;
    /** So many of the claims may be wrong or trivial, as far as the belief goes; measured are up to 0.05 at eight bouts and more. */
    public static final double WRONG = 0.04;

    /** Which way a difference goes. */
    public enum Direction {
        MORE,
        LESS
    }

    /** @param wrong the chance that it is wrong or trivial */
    private record Candidate(String id, Direction direction, double wrong) {
        static Candidate of(String id, Comparison comparison) {
            double more = comparison.notAbove(TRIVIAL);
            double less = comparison.notBelow(TRIVIAL);
            return more <= less ? new Candidate(id, Direction.MORE, more) : new Candidate(id, Direction.LESS, less);
        }
    }

    private final Map<String, Direction> claimed = new HashMap<>();

    private Claims() {}

    /** {@return no claims at all} */
    public static Claims none() {
        return new Claims();
    }

    /**
     * {@return what may be claimed}
     *
     * @param family every comparison of the page, by the id of its figure, whether or not it will be shown
     */
    public static Claims of(Map<String, Comparison> family) {
        List<Candidate> candidates = new ArrayList<>();
        family.forEach((id, comparison) -> candidates.add(Candidate.of(id, comparison)));
        candidates.sort(Comparator.comparingDouble(Candidate::wrong).thenComparing(Candidate::id));
        Claims claims = new Claims();
        double sum = 0;
        for (int i = 0; i < candidates.size(); i++) {
            sum += candidates.get(i).wrong();
            if (sum / (i + 1) > WRONG) {
                break;
            }
            claims.claimed.put(candidates.get(i).id(), candidates.get(i).direction());
        }
        return claims;
    }

    /** {@return which way the figure differs, where that may be claimed} */
    public Optional<Direction> of(String id) {
        return Optional.ofNullable(claimed.get(id));
    }

    /** {@return how many claims are made} */
    public int size() {
        return claimed.size();
    }
}
