package farglass.core.question;

import java.util.List;

/** A question with its figures, in the order of its asks; none where nothing of the kind has been seen. */
public record Answered(Question question, List<Figure> figures) {
    public Answered {
        figures = List.copyOf(figures);
    }
}
