package farglass.core.profile;

import java.util.List;

/**
 * A coach's question, answered.
 *
 * @param sentence one plain sentence with numbers in it; says so where the film is too little
 */
public record Answer(String question, String sentence, List<Figure> figures) {
    public Answer {
        figures = List.copyOf(figures);
    }
}
