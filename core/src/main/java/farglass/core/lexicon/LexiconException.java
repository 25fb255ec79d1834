package farglass.core.lexicon;

/** A lexicon that contradicts itself or cannot be read. */
public final class LexiconException extends RuntimeException {
    LexiconException(String message) {
        super(message);
    }
}
