package farglass.core.lexicon;

import java.util.List;

/** An entry of the lexicon. */
public sealed interface Term permits Position, Technique {
    /** {@return the word that files and the library use, such as "knee-cut"} */
    String key();

    /** {@return the name people read} */
    String label();

    /** {@return other words for the same thing, in any language, as written in the lexicon} */
    List<String> aliases();
}
