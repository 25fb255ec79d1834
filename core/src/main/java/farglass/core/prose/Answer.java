package farglass.core.prose;

import java.util.List;

/**
 * A coach's question, answered in words.
 *
 * @param id of the question
 * @param sentence one plain sentence with numbers in it; says so where the film is too little
 */
public record Answer(String id, String chapter, String question, String sentence, List<FigureRow> rows) {
    public Answer {
        rows = List.copyOf(rows);
    }

    /** {@return whether a difference from the others may be claimed in it} */
    public boolean claimsADifference() {
        return rows.stream()
                .flatMap(row -> row.figure().claimed().stream())
                .anyMatch(claim ->
                        claim.match(others -> true, prefers -> prefers.side().isPresent(), before -> true));
    }

    /** {@return whether no figure of it has film enough to say more than a count} */
    public boolean isThin() {
        return rows.stream().allMatch(row -> row.figure()
                .match(
                        proportion -> proportion.share().isTooLittle(),
                        pace -> pace.rate().times() == 0,
                        length -> length.durations().median().isEmpty(),
                        listing -> true,
                        part -> part.time().error().isEmpty(),
                        longest -> true));
    }
}
