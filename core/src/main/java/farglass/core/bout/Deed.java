package farglass.core.bout;

import java.util.Optional;

/** What a moment is about. */
public sealed interface Deed {
    /** A technique of the lexicon, by its key. */
    record Did(String technique) implements Deed {}

    /**
     * Something seen that has no name yet; the words say what it looked like.
     *
     * @param kind key of the lexicon's general entry for its kind, such as "pass", if that much is known: it counts by it
     */
    record Unnamed(String words, Optional<String> kind) implements Deed {
        public Unnamed(String words) {
            this(words, Optional.empty());
        }

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

    /** The analyst rules that something should have been given to the actor; the board as seen stays as it is. */
    record Ruled(Award award) implements Deed {}

    /**
     * A verdict was announced: for the actor, or for nobody named.
     *
     * @param words what was said; may be empty
     * @param score judges' points of A and B, if there were any
     */
    record Verdict(String words, Optional<Result.Score> score) implements Deed {}

    /** The match clock stopped; the reason may be empty. */
    record Stopped(String reason) implements Deed {}

    /**
     * The match went on.
     *
     * @param resumed from where, if told; else standing, unless the moment names a position
     * @param disputed whether the athletes or corners disagreed about where
     */
    record Restarted(Optional<Resumed> resumed, boolean disputed) implements Deed {
        public Restarted() {
            this(Optional.empty(), false);
        }
    }

    /** Where a restart puts the two. */
    enum Resumed {
        NEUTRAL,
        /** As they were when it was stopped. */
        SAME
    }

    /** A period of the match began; in overtime by escape time the actor attacks. */
    record Began(Period period) implements Deed {}

    /** A period of the match ended. */
    record Ended(Period period) implements Deed {}

    /** A part of a match with its own clock. */
    enum Period {
        ROUND,
        OVERTIME
    }

    /**
     * The match clock as read off the picture.
     *
     * @param leftMicros time left, 0 or more
     */
    record ClockRead(long leftMicros) implements Deed {
        public ClockRead {
            if (leftMicros < 0) {
                throw new IllegalArgumentException("The time left cannot be negative: " + leftMicros + " us");
            }
        }
    }

    /**
     * An interval taken with the stopwatch, from this moment on.
     *
     * @param toMicros its end on the bout's timeline
     * @param words what was timed; may be empty
     */
    record Timed(long toMicros, String words) implements Deed {}

    /** The actor's corner called an instruction. */
    record Instructed(String words, Optional<Followed> followed) implements Deed {
        public Instructed {
            if (words.isBlank()) {
                throw new IllegalArgumentException("An instruction needs words.");
            }
        }
    }

    /** What came of an instruction. */
    enum Followed {
        FOLLOWED,
        NOT,
        COULD_NOT
    }

    /** Only a time, to be named later. */
    record Mark() implements Deed {}
}
