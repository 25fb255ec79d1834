package farglass.core.prose;

import farglass.core.Built;
import farglass.core.corpus.Evidence;
import farglass.core.question.Figure;
import java.util.List;
import java.util.Optional;

/**
 * One figure in words.
 *
 * @param label what is counted: "Closed guard"
 * @param heading what it stands under with others: "By name"; may be empty
 * @param count "3 of 7"
 * @param likely "30-60 %"; empty where nothing can be said
 * @param of what the chances are: "visits underneath in a guard"
 * @param basis on how many bouts it stands, and how many more were not watched for it
 * @param note what may be claimed, and what else belongs to it; may be empty
 * @param caution in a few words why it says little, or why the count lies outside of what is likely; may be empty
 * @param why the same in a sentence; empty where there is no caution
 * @param bar how it is drawn; empty where there is nothing to draw
 */
@Built
public record FigureRow(
        String label,
        String heading,
        Figure figure,
        String count,
        String likely,
        String of,
        String basis,
        String note,
        String caution,
        String why,
        Optional<Bar> bar) {
    /** {@return the moments that count for it, the newest bout first} */
    public List<Evidence> evidence() {
        return figure.evidence();
    }

    /** {@return all that has to be said beside it, in one line; may be empty} */
    public String remark() {
        return caution.isEmpty() || note.isEmpty() ? caution + note : caution + "; " + note;
    }
}
