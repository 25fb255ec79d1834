package farglass.core.change;

import java.util.function.Function;

/**
 * What becomes of something that was to be written.
 *
 * @param <T> what is to be written
 */
public sealed interface Outcome<T> {
    <R> R match(Function<Laid<T>, R> laid, Function<Refused<T>, R> refused);

    /** {@return the same, of something made of what is to be written} */
    default <U> Outcome<U> map(Function<T, U> making) {
        return match(laid -> new Laid<>(making.apply(laid.what())), refused -> new Refused<>(refused.sentence()));
    }

    /** @param what is to be written: with what others changed meanwhile */
    record Laid<T>(T what) implements Outcome<T> {
        @Override
        public <R> R match(Function<Laid<T>, R> laid, Function<Refused<T>, R> refused) {
            return laid.apply(this);
        }
    }

    /** @param sentence what stands against it, with both versions, and what to do */
    record Refused<T>(String sentence) implements Outcome<T> {
        @Override
        public <R> R match(Function<Laid<T>, R> laid, Function<Refused<T>, R> refused) {
            return refused.apply(this);
        }
    }
}
