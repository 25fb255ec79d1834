package farglass.core.change;

import java.util.function.Function;

/** What becomes of a change. */
public sealed interface Outcome {
    <R> R match(Function<Laid, R> laid, Function<Refused, R> refused);

    /** @param change what is to be written: with what others changed meanwhile */
    record Laid(Change change) implements Outcome {
        @Override
        public <R> R match(Function<Laid, R> laid, Function<Refused, R> refused) {
            return laid.apply(this);
        }
    }

    /** @param sentence what stands against it, with both versions, and what to do */
    record Refused(String sentence) implements Outcome {
        @Override
        public <R> R match(Function<Laid, R> laid, Function<Refused, R> refused) {
            return refused.apply(this);
        }
    }
}
