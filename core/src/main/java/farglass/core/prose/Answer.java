package farglass.core.prose;

import java.util.List;

/**
 * A coach's question, answered in words.
 *
 * @param id of the question
 * @param sentence one plain sentence with numbers in it; says so where the film is too little
 */
public record Answer(String id, String chapter, String question, String sentence, List<Row> rows) {
    public Answer {
        rows = List.copyOf(rows);
    }
}
