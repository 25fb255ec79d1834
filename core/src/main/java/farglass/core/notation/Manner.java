package farglass.core.notation;

import farglass.core.bout.Became;
import farglass.core.bout.Motive;
import farglass.core.bout.Telling;
import farglass.core.side.Stage;
import java.util.Optional;

/**
 * What a phrase itself says of how it went: "loses the underhook", "locks the triangle", "fakes the knee cut".
 *
 * @param became what became of it; empty for most
 * @param stage how far it got; empty for most
 * @param feint whether it was only feinted
 */
public record Manner(Optional<Became> became, Optional<Stage> stage, boolean feint) {
    static final Manner NOT_TOLD = new Manner(Optional.empty(), Optional.empty(), false);
    static final Manner LOCKED = new Manner(Optional.empty(), Optional.of(Stage.LOCKED), false);

    static Manner of(Became became) {
        return new Manner(Optional.of(became), Optional.empty(), false);
    }

    Manner feinted() {
        return new Manner(became, stage, true);
    }

    /** {@return the telling with it, where it does not say otherwise itself} */
    public Telling in(Telling told) {
        Telling all = told;
        all = all.became().isPresent() ? all : became.map(all::withBecame).orElse(all);
        all = all.stage().isPresent() ? all : stage.map(all::withStage).orElse(all);
        return feint && all.motive().isEmpty() ? all.withMotive(Motive.FEINT) : all;
    }
}
