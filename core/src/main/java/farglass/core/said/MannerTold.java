package farglass.core.said;

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
public record MannerTold(Optional<Became> became, Optional<Stage> stage, boolean feint) {
    public static final MannerTold NOT_TOLD = new MannerTold(Optional.empty(), Optional.empty(), false);
    static final MannerTold LOCKED = new MannerTold(Optional.empty(), Optional.of(Stage.LOCKED), false);

    static MannerTold of(Became became) {
        return new MannerTold(Optional.of(became), Optional.empty(), false);
    }

    MannerTold feinted() {
        return new MannerTold(became, stage, true);
    }

    /** {@return the telling with it, where it does not say otherwise itself} */
    public Telling in(Telling told) {
        Telling all = told;
        all = all.became().isPresent() ? all : became.map(all::withBecame).orElse(all);
        all = all.stage().isPresent() ? all : stage.map(all::withStage).orElse(all);
        return feint && all.motive().isEmpty() ? all.withMotive(Motive.FEINT) : all;
    }
}
