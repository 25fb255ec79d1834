package farglass.core.profile;

import farglass.core.corpus.Evidence;
import farglass.core.estimate.Share;
import java.util.List;

/**
 * One number of the dossier with all it rests on.
 *
 * @param label what is counted: "Closed guard"
 * @param denominator what the chances are, in words: "visits underneath in a guard"
 * @param evidence the successes' moments, newest bout first
 * @param note more to be said beside it, such as how long; may be empty
 */
public record Figure(String label, Share share, String denominator, List<Evidence> evidence, String note) {
    public Figure {
        evidence = List.copyOf(evidence);
    }
}
