package farglass.core.profile;

import farglass.core.corpus.Evidence;
import farglass.core.estimate.Share;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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

    /** {@return what has to be said beside it, in one line: too little film, why the share is not the count, and the note; may be empty} */
    public String remark() {
        return Stream.of(
                        Optional.of("too little film").filter(little -> share.isTooLittle()),
                        apart().filter(why -> !share.isTooLittle()),
                        Optional.of(note))
                .flatMap(Optional::stream)
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining("; "));
    }

    private Optional<String> apart() {
        return share.isApart()
                ? Optional.of(
                        String.format(Locale.ROOT, "these %d weigh like %.0f", share.chances(), share.effective()))
                : Optional.empty();
    }
}
