package farglass.core.bout;

/** What a moment is about. */
public sealed interface Deed {
    /** A technique of the lexicon, by its key. */
    record Did(String technique) implements Deed {}

    /** Something seen that has no name yet; the words say what it looked like. */
    record Unnamed(String words) implements Deed {
        public Unnamed {
            if (words.isBlank()) {
                throw new IllegalArgumentException("An unnamed moment needs words; a moment without any is a mark.");
            }
        }
    }

    /** A position reached, with nothing said of how. */
    record Reached() implements Deed {}

    /** The referee gave something to the actor. */
    record Awarded(Award award) implements Deed {}

    /** The match clock stopped; the reason may be empty. */
    record Stopped(String reason) implements Deed {}

    /** The match went on. */
    record Restarted() implements Deed {}

    /** Only a time, to be named later. */
    record Mark() implements Deed {}
}
