package farglass.core.corpus;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.entry.Technique;
import farglass.core.state.Attempt;
import java.util.Optional;

/**
 * One try within what was watched, feints and baits left out: worked out once with its sheet.
 *
 * @param place which of the bout's attempts it is, from 0, in their order
 * @param technique what was tried
 * @param worked whether it reached what it was for
 * @param cutOff whether edge, bell or referee ended it: it began, and nobody stopped it
 */
public record CountedTry(int place, Attempt attempt, Technique technique, boolean worked, boolean cutOff) {
    static CountedTry of(int place, Attempt attempt, Technique technique) {
        return new CountedTry(place, attempt, technique, attempt.succeeded(), attempt.wasCutOff());
    }

    /** {@return this try as evidence, for one who took that option} */
    public Evidence evidence(Bout bout, String option) {
        return new Evidence(bout.id(), Optional.of(first().id()), option);
    }

    public Moment first() {
        return attempt.first();
    }
}
