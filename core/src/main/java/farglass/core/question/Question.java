package farglass.core.question;

import java.util.List;

/**
 * A coach's question, as data.
 *
 * @param id the same for ever
 * @param words as a coach asks it
 * @param opening how its answer begins, before the parts of its asks; may be empty
 * @param unseen what has not been seen if there was no chance of any kind: "{name} has not been seen trying a sweep"
 * @param asks what is counted for it, in the order of the answer
 */
public record Question(String id, Chapter chapter, String words, String opening, String unseen, List<Ask> asks) {
    public Question {
        asks = List.copyOf(asks);
    }
}
