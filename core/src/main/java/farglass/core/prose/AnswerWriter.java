package farglass.core.prose;

import farglass.core.question.Answered;
import farglass.core.question.Ask;
import farglass.core.question.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Writes one answer: its sentence, and a row for each figure that has one. */
record AnswerWriter(Answered answered, Blanks blanks) {
    Answer answer() {
        return new Answer(
                answered.question().id(),
                answered.question().chapter().label(),
                answered.question().words(),
                answered.figures().isEmpty() ? unseen() : sentence(),
                rows());
    }

    private String unseen() {
        return "Too little film: %s. That is not the same as never."
                .formatted(blanks.fill(answered.question().unseen(), List.of()));
    }

    private String sentence() {
        List<String> clauses = new ArrayList<>();
        for (Ask ask : answered.question().asks()) {
            List<Figure> told =
                    ask.beside().map(main -> besideTheFirst(main, ask)).orElse(of(ask.id()));
            if (!ask.wording().clause().isEmpty() && !told.isEmpty()) {
                clauses.add(blanks.fill(ask.wording().clause(), told));
            }
        }
        String sentence = blanks.fill(answered.question().opening(), List.of()) + String.join("; ", clauses);
        return sentence.substring(0, 1).toUpperCase(Locale.ROOT) + sentence.substring(1) + ".";
    }

    /** Of what is told in the rows of another ask, the sentence tells only what belongs to the first of them. */
    private List<Figure> besideTheFirst(String main, Ask ask) {
        return of(main).stream()
                .limit(1)
                .flatMap(first -> RowWriter.beside(of(ask.id()), first).stream())
                .toList();
    }

    private List<Figure> of(String ask) {
        return answered.figures().stream()
                .filter(figure -> figure.ask().id().equals(ask))
                .toList();
    }

    private List<Row> rows() {
        return answered.question().asks().stream()
                .filter(ask -> ask.beside().isEmpty() && !ask.wording().row().isEmpty())
                .flatMap(ask -> new RowWriter(blanks, of(ask.id()), beside(ask)).rows().stream())
                .toList();
    }

    private List<Figure> beside(Ask ask) {
        return answered.figures().stream()
                .filter(figure -> figure.ask().beside().equals(Optional.of(ask.id())))
                .toList();
    }
}
