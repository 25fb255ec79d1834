package farglass.core.fact;

import farglass.core.side.Part;

/**
 * A blow.
 *
 * @param kind such as kick or knee
 * @param target such as body or thigh
 */
public record Strike(Part by, String kind, String target, Contact contact) implements Fact {
    public enum Contact {
        CLEAN,
        PARTIAL,
        BLOCKED,
        MISSED,
        UNKNOWN
    }

    public Strike {
        NeedsWords.check("A strike's kind", kind);
        NeedsWords.check("A strike's target", target);
    }

    @Override
    public Fact exchanged() {
        return new Strike(by.exchanged(), kind, target, contact);
    }

    @Override
    public Fact mirrored() {
        return new Strike(by.mirrored(), kind, target, contact);
    }

    @Override
    public <R> R match(FactCases<R> cases) {
        return cases.strike(this);
    }
}
