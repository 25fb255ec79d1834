package farglass.core.question;

import farglass.core.corpus.AthleteCounts;
import farglass.core.estimate.Difference;
import farglass.core.estimate.Share;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What one tally gave of one athlete.
 *
 * @param counted the moments of each option
 * @param chances how many there were
 * @param shares of its options, the most frequent first
 * @param compared the same held against the others', where enough of them had such chances
 * @param trends how they changed over the years, where that can be asked
 */
public record Count(
        AthleteCounts counted,
        int chances,
        Map<String, Share> shares,
        Map<String, Compared> compared,
        Map<String, ShareChange> trends) {
    private static final String CHANGE = " over the years";
    private static final int FEWEST_BOUTS_WITH = 4;
    private static final int FEWEST_BOUTS_WITHOUT = 6;

    private static String id(Subject subject, String option) {
        return subject.id() + "/" + option;
    }

    /**
     * Whether enough bouts speak for a difference: what was seen often in one or two bouts may be what those two came to, however many
     * moments it has. Measured with whole bouts dealt out by lot: docs/estimates.md.
     */
    private boolean isBorne(String option) {
        Share share = shares.get(option);
        boolean less = share.population().isPresent()
                && share.point() < share.population().getAsDouble();
        return counted.of(option).bouts() >= FEWEST_BOUTS_WITH || less && share.bouts() >= FEWEST_BOUTS_WITHOUT;
    }

    /** {@return what could be claimed of an option, by id} */
    public Map<String, Difference> family(Subject subject, String option) {
        Map<String, Difference> family = new LinkedHashMap<>();
        if (shares.get(option).isTooLittle() || !isBorne(option)) {
            // Of what is too little film to say more, nothing more is said.
            return family;
        }
        Optional.ofNullable(compared.get(option)).ifPresent(held -> family.put(id(subject, option), held.comparison()));
        Optional.ofNullable(trends.get(option))
                .ifPresent(changed -> family.put(id(subject, option) + CHANGE, changed.trend()));
        return family;
    }

    /** {@return the option's share, with what may be claimed of it} @param before claims of another kind, told first */
    public Figure.Proportion proportion(Subject subject, String option, Claims claims, List<Claim> before) {
        List<Claim> claimed = new ArrayList<>(before);
        claims.of(id(subject, option))
                .map(direction -> compared.get(option).claim(direction, shares.get(option)))
                .ifPresent(claimed::add);
        claims.of(id(subject, option) + CHANGE)
                .map(direction -> trends.get(option).claim(direction))
                .ifPresent(claimed::add);
        return new Figure.Proportion(
                subject, option, shares.get(option), claimed, counted.of(option).evidence());
    }

    /** {@return the option as a figure that waits for its claims} */
    public DraftFigure drafted(Subject subject, String option) {
        return new DraftFigure(family(subject, option), claims -> proportion(subject, option, claims, List.of()));
    }
}
