package farglass.core.question;

import farglass.core.estimate.Difference;
import java.util.Comparator;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;

/**
 * The one place that says "more than the others", "prefers" or "more than before". Of all the differences of a page it claims the largest set whose mean
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

    /**
     * What could be claimed.
     *
     * @param wrong the chance that it is wrong or trivial, or less than that chance
     * @param direction which way; empty as long as the chance itself is not worked out
     */
    private record Candidate(String id, Difference difference, double wrong, Optional<Direction> direction) {
        static final Comparator<Candidate> LEAST_WRONG_FIRST =
                Comparator.comparingDouble(Candidate::wrong).thenComparing(Candidate::id);

        static Candidate of(String id, Difference difference) {
            double atLeast = difference.atLeastWrong(TRIVIAL);
            Candidate candidate = new Candidate(id, difference, atLeast, Optional.empty());
            // What may be claimed however little the others leave is worked out in any case.
            return atLeast <= WRONG ? candidate.workedOut() : candidate;
        }

        Candidate workedOut() {
            Difference.Wrong chances = difference.wrong(TRIVIAL);
            boolean more = chances.notAbove() <= chances.notBelow();
            return new Candidate(
                    id,
                    difference,
                    more ? chances.notAbove() : chances.notBelow(),
                    Optional.of(more ? Direction.MORE : Direction.LESS));
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
     * @param family every difference of the page, by the id of its figure, whether or not it will be shown
     */
    public static Claims of(Map<String, ? extends Difference> family) {
        PriorityQueue<Candidate> candidates = new PriorityQueue<>(Candidate.LEAST_WRONG_FIRST);
        family.entrySet().parallelStream()
                .map(difference -> Candidate.of(difference.getKey(), difference.getValue()))
                .forEachOrdered(candidates::add);
        Claims claims = new Claims();
        double sum = 0;
        while (!candidates.isEmpty()) {
            Candidate next = candidates.remove();
            if (next.direction().isEmpty()) {
                // Only what may be next is worked out: most are far from a claim.
                candidates.add(next.workedOut());
                continue;
            }
            sum += next.wrong();
            if (sum / (claims.claimed.size() + 1) > WRONG) {
                break;
            }
            claims.claimed.put(next.id(), next.direction().orElseThrow());
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
