package farglass.core.corpus;

import farglass.core.bout.Moment;
import farglass.core.lexicon.Technique;
import farglass.core.state.Attempt;

/**
 * One try within what was watched, feints and baits left out: worked out once with its sheet.
 *
 * @param technique what was tried
 * @param worked whether it reached what it was for
 * @param cutOff whether edge, bell or referee ended it: it began, and nobody stopped it
 */
public record Tried(Attempt attempt, Technique technique, boolean worked, boolean cutOff) {
    static Tried of(Attempt attempt, Technique technique) {
        return new Tried(attempt, technique, attempt.succeeded(), attempt.wasCutOff());
    }

    public Moment first() {
        return attempt.first();
    }
}
