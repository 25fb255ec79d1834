package farglass.core.prose;

import farglass.core.fact.Layer;
import farglass.core.question.Answered;
import farglass.core.question.Ask;
import farglass.core.question.Figure;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/** Writes one answer: its sentence, and a row for each figure that has one. */
record AnswerWriter(Answered answered, BlankFiller blanks) {
    Answer answer() {
        return new Answer(
                answered.question().id(),
                answered.question().chapter().label(),
                answered.question().words(),
                answered.figures().isEmpty() ? unseen() : sentence(),
                rows());
    }

    private String unseen() {
        return "Too little film: %s. That is not the same as never%s."
                .formatted(blanks.fill(answered.question().unseen(), List.of()), blanks.wouldSettle(layers()));
    }

    private Set<Layer> layers() {
        return answered.question().asks().stream()
                .map(ask -> ask.subject().layer())
                .collect(Collectors.toSet());
    }

    private String sentence() {
        List<String> clauses = new ArrayList<>();
        for (Ask ask : answered.question().asks()) {
            List<Figure> figures = of(ask);
            addClause(ask, figures, clauses);
            // Of what is told beside the rows, the sentence tells only what belongs to the first of them.
            figures.stream().limit(1).forEach(first -> ask.notes()
                    .forEach(note -> addClause(note, RowWriter.beside(of(note), first), clauses)));
        }
        if (clauses.isEmpty()) {
            // What only rows tell is still told in a sentence: its first row.
            FigureRow first = rows().get(0);
            clauses.add("%s, %s%s"
                    .formatted(first.label(), first.count(), first.of().isEmpty() ? "" : " " + first.of()));
        }
        String sentence = blanks.fill(answered.question().opening(), List.of()) + String.join("; ", clauses);
        return sentence.substring(0, 1).toUpperCase(Locale.ROOT) + sentence.substring(1) + ".";
    }

    private void addClause(Ask ask, List<Figure> figures, List<String> clauses) {
        String clause = ask.subject().wording().clause();
        if (!clause.isEmpty() && !figures.isEmpty()) {
            clauses.add(blanks.fill(clause, figures));
        }
    }

    private List<Figure> of(Ask ask) {
        return answered.figures().stream()
                .filter(figure -> figure.subject().id().equals(ask.id()))
                .toList();
    }

    private List<FigureRow> rows() {
        return answered.question().asks().stream()
                .filter(ask -> !ask.subject().wording().row().isEmpty())
                .flatMap(ask -> new RowWriter(blanks, of(ask), notes(ask)).rows().stream())
                .toList();
    }

    private List<Figure> notes(Ask ask) {
        return ask.notes().stream().flatMap(note -> of(note).stream()).toList();
    }
}
