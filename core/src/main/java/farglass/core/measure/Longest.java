package farglass.core.measure;

import farglass.core.corpus.Stays;
import farglass.core.corpus.TimedStay;
import farglass.core.question.DraftFigure;
import farglass.core.question.Figure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import farglass.core.question.Subject;
import java.util.Comparator;
import java.util.List;

/** The stay that lasted longest, as far as it was seen. */
public record Longest(Stays stays) implements Measure {
    @Override
    public List<DraftFigure> drafted(Subject subject, Inquiry inquiry) {
        return inquiry.stays(stays).stream()
                .max(Comparator.comparingDouble(
                        (TimedStay timed) -> timed.stay().seconds()))
                .map(timed -> DraftFigure.of(new Figure.Longest(
                        subject, timed.evidence().option(), timed.stay(), List.of(timed.evidence()))))
                .stream()
                .toList();
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(stays.id());
    }
}
