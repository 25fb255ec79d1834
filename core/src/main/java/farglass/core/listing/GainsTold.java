package farglass.core.listing;

import farglass.core.Spelling;
import farglass.core.bout.Moment;
import farglass.core.fact.Fact;
import java.util.stream.Collectors;

/** What somebody said was won, forced or lost by an action. */
final class GainsTold {
    private GainsTold() {}

    static String of(Moment moment) {
        return moment.telling()
                .facts(Fact.Effect.class)
                .map(effect -> (effect.cost() ? "cost " : "won ")
                        + Spelling.of(effect.gain())
                        + (effect.words().isEmpty() ? "" : " (" + effect.words() + ")"))
                .collect(Collectors.joining(", "));
    }
}
