package farglass.core.pass;

/**
 * One thing to be asked of one moment.
 *
 * @param momentId of the moment it is about
 * @param fromMicros where to begin looking, on the bout's timeline
 * @param toMicros where to stop
 * @param words the question
 * @param about what is asked
 * @param topic what it belongs to
 */
public record PassQuestion(String momentId, long fromMicros, long toMicros, String words, About about, Topic topic) {
    /** What is asked, and so what can be said to it. */
    public enum About {
        /** Does it answer the moment before it? Yes, no, or cannot be told. */
        ANSWER,
        /** Which grips are there? They are typed; or there are none. */
        GRIPS,
        /** Was it an error? It is typed; or it was none. */
        ERROR,
        /** Something was left open, unsure, hidden or unnamed: it is typed anew, or stays so. */
        OPEN
    }
}
