package farglass.core.said;

import farglass.core.bout.Became;
import farglass.core.bout.Motive;
import farglass.core.bout.Telling;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import java.util.Optional;

/**
 * What a phrase itself says of how it went: "loses the underhook", "locks the triangle", "fakes the knee cut".
 *
 * @param became what became of it; empty for most
 * @param stage how far it got; empty for most
 * @param feint whether it was only feinted
 * @param suffered whether whoever is named suffers it, so that the other one did it
 */
public record MannerTold(Optional<Became> became, Optional<Stage> stage, boolean feint, boolean suffered) {
    public static final MannerTold NOT_TOLD = new MannerTold(Optional.empty(), Optional.empty(), false, false);
    static final MannerTold LOCKED = new MannerTold(Optional.empty(), Optional.of(Stage.LOCKED), false, false);

    static MannerTold of(Became became) {
        return new MannerTold(Optional.of(became), Optional.empty(), false, false);
    }

    MannerTold feinted() {
        return new MannerTold(became, stage, true, suffered);
    }

    /** {@return who did it, where that one is named} */
    public Optional<Seat> actor(Optional<Seat> named) {
        return suffered ? named.map(Seat::other) : named;
    }

    /** {@return the telling with it, where it does not say otherwise itself} */
    public Telling in(Telling told) {
        Telling all = told;
        all = all.became().isPresent() ? all : became.map(all::withBecame).orElse(all);
        all = all.stage().isPresent() ? all : stage.map(all::withStage).orElse(all);
        return feint && all.motive().isEmpty() ? all.withMotive(Motive.FEINT) : all;
    }
}
