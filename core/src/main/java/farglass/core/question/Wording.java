package farglass.core.question;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The words of one ask, with blanks that {@code core.prose} fills in:
 *
 * <ul>
 *   <li>{@code {name}} the athlete; {@code {n}}, {@code {times}} ("once", "3 times") and {@code {one|many}} by the chances;
 *   <li>{@code {option}} the commonest option, or in a row its own; {@code {each}} every option with its count;
 *   <li>{@code {count}} the count and what it likely means, {@code {raw}} the count alone, {@code {brief}} the one or the other by how much
 *       film there is; {@code {length}} how long;
 *   <li>{@code {often}} how often, in a coach's words by {@code prose.Hedge}; {@code {amount}} how much, of what has no chances;
 *   <li>{@code {claims}} what may be claimed.
 * </ul>
 *
 * @param row the label of a row, {@code {option}} being the row's own; empty where only the sentence tells it
 * @param of what the chances are: "sweeps from a place that was told"
 * @param clause its part of the answer's sentence; empty for none
 * @param inLexicon whether the options are keys of positions and techniques, to be read in the words of a school
 * @param heading what its rows stand under; empty where they need none
 * @param order in which its options stand, where they have one by nature: lines, stages, years; empty for the most frequent first
 */
public record Wording(
        String row, String of, String clause, boolean inLexicon, String heading, Optional<Comparator<String>> order) {
    /** {@return words for options that say themselves what they are} */
    public static Wording plain(String row, String of, String clause) {
        return new Wording(row, of, clause, false, "", Optional.empty());
    }

    /** {@return words for options that are keys of positions or techniques} */
    public static Wording ofTerms(String row, String of, String clause) {
        return new Wording(row, of, clause, true, "", Optional.empty());
    }

    /** {@return the same, its rows under that heading} */
    public Wording under(String words) {
        return new Wording(row, of, clause, inLexicon, words, order);
    }

    /** {@return the same, its rows in that order; what is not among them comes last} */
    public Wording inOrder(List<String> options) {
        Comparator<String> order =
                Comparator.comparingInt(option -> options.contains(option) ? options.indexOf(option) : options.size());
        return new Wording(row, of, clause, inLexicon, heading, Optional.of(order));
    }

    /** {@return the same, its rows in the order of the letters and digits of their options} */
    public Wording inOrder() {
        return new Wording(row, of, clause, inLexicon, heading, Optional.of(Comparator.naturalOrder()));
    }
}
