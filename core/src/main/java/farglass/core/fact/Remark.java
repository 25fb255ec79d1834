package farglass.core.fact;

/** A remark: seen by a person, never measured here. */
public record Remark(About about, String words) implements Fact {
    /** What a remark is about. */
    public enum About {
        TEMPO,
        FATIGUE,
        RULES,
        CONDUCT,
        SAFETY,
        /** How the athlete felt, as she says. */
        FELT;

        /** {@return whether it stays out of anything shared} */
        public boolean isPrivate() {
            return this == CONDUCT || this == SAFETY || this == FELT;
        }
    }

    public Remark {
        NeedsWords.check("A remark", words);
    }

    @Override
    public <R> R match(FactCases<R> cases) {
        return cases.remark(this);
    }
}
