package farglass.core.measure;

import farglass.core.corpus.Tally;
import farglass.core.estimate.Comparison;
import farglass.core.estimate.Difference;
import farglass.core.question.Claim;
import farglass.core.question.Claims;
import farglass.core.question.Count;
import farglass.core.question.DraftFigure;
import farglass.core.question.Inquiry;
import farglass.core.question.Measure;
import farglass.core.question.Subject;
import farglass.core.side.Side;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * To which of the athlete's own sides: beside the others, who have a favourite side too, it is held against even.
 *
 * @param tally its options are the labels of {@link Side}
 */
public record OwnSide(Tally tally) implements Measure {
    private static final String LEFT = Side.LEFT.label();

    @Override
    public List<DraftFigure> drafted(Subject subject, Inquiry inquiry) {
        Count count = inquiry.yesOrNo(tally, LEFT);
        if (count.chances() == 0) {
            return List.of();
        }
        String preferred = subject.id() + " preferred";
        Map<String, Difference> family = new LinkedHashMap<>(count.family(subject, LEFT));
        family.put(preferred, Comparison.with(inquiry.posterior(tally, LEFT), 0.5));
        return List.of(new DraftFigure(family, claims -> {
            Claim preference = new Claim.Prefers(
                    claims.of(preferred).map(way -> way == Claims.Direction.MORE ? Side.LEFT : Side.RIGHT));
            return count.proportion(subject, LEFT, claims, List.of(preference));
        }));
    }

    @Override
    public List<String> tallies(String option) {
        return List.of(tally.id());
    }
}
