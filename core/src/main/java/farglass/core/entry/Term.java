package farglass.core.entry;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** An entry of the lexicon. */
public sealed interface Term permits Position, Technique {
    /** {@return what is said of it, as a position or as a technique} */
    <R> R match(Function<? super Position, ? extends R> position, Function<? super Technique, ? extends R> technique);

    /** {@return it, if it is a position} */
    default Optional<Position> asPosition() {
        return match(Optional::of, technique -> Optional.<Position>empty());
    }

    /** {@return it, if it is a technique} */
    default Optional<Technique> asTechnique() {
        return match(position -> Optional.<Technique>empty(), Optional::of);
    }

    /** {@return whether it is a technique of one of these kinds} */
    default boolean isOf(Kind... kinds) {
        return asTechnique()
                .filter(technique -> List.of(kinds).contains(technique.kind()))
                .isPresent();
    }

    /** {@return what the program has to know it as; empty for nearly all} */
    Optional<Meaning> meaning();

    /** {@return whether the program has to know it as that} */
    default boolean means(Meaning wanted) {
        return meaning().filter(wanted::equals).isPresent();
    }

    /** {@return the word that files and the library use, such as "knee-cut"} */
    String key();

    /** {@return the name people read, in the words of the school shown} */
    String label();

    /** {@return what it is, in one plain sentence} */
    String says();

    /** {@return other words for the same thing} */
    Names names();

    /** {@return the same entry with more words for it} */
    Term withMoreNames(Names more);
}
