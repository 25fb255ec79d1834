package farglass.core.entry;

/** An entry of the lexicon. */
public sealed interface Term permits Position, Technique {
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
