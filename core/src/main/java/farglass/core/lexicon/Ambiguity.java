package farglass.core.lexicon;

import java.util.List;

/**
 * A word that stands for several entries.
 *
 * @param means key of the entry it is read as where the position does not decide
 * @param others keys of the others: one of them is meant where only it can start
 */
public record Ambiguity(String word, String means, List<String> others) {
    public Ambiguity {
        others = List.copyOf(others);
    }
}
