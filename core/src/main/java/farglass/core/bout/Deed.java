package farglass.core.bout;

import java.util.List;
import java.util.Optional;

/** What a moment is about. */
public sealed interface Deed {
    /** {@return what is said of a deed of its kind} */
    <R> R match(Cases<R> cases);

    /** {@return the lexicon's key of the technique done; empty for all else} */
    default Optional<String> did() {
        return Optional.empty();
    }

    /** {@return what was seen and has no name yet; empty for all else} */
    default Optional<Unnamed> unnamed() {
        return Optional.empty();
    }

    /** {@return what the referee gave to the actor; empty for all else} */
    default Optional<Award> given() {
        return Optional.empty();
    }
    /** {@return whether the referee gave one of these to the actor} */
    default boolean gives(Award.Kind... kinds) {
        return given().filter(award -> List.of(kinds).contains(award.kind())).isPresent();
    }

    /** {@return what should have been given to the actor, as the analyst ruled; empty for all else} */
    default Optional<Award> ruling() {
        return Optional.empty();
    }

    /** {@return how the match went on; empty where this is no restart} */
    default Optional<Restarted> restart() {
        return Optional.empty();
    }

    /** {@return why the match clock was stopped, which may be no words; empty where it was not} */
    default Optional<String> stop() {
        return Optional.empty();
    }

    /** {@return which period began; empty for all else} */
    default Optional<Period> begun() {
        return Optional.empty();
    }

    /** {@return which period ended; empty for all else} */
    default Optional<Period> ended() {
        return Optional.empty();
    }

    /** {@return an interval taken with the stopwatch; empty for all else} */
    default Optional<Timed> timed() {
        return Optional.empty();
    }

    /** {@return what the actor's corner called; empty for all else} */
    default Optional<Instructed> instruction() {
        return Optional.empty();
    }

    /** {@return the verdict that was announced; empty for all else} */
    default Optional<Verdict> verdict() {
        return Optional.empty();
    }

    /** {@return the time left on the match clock, in microseconds, as read off the picture; empty for all else} */
    default Optional<ClockRead> clockRead() {
        return Optional.empty();
    }

    /** {@return whether only a position is told, and nothing of how it was reached} */
    default boolean onlyPlace() {
        return false;
    }

    /** {@return whether only a time is told} */
    default boolean onlyTime() {
        return false;
    }

    /**
     * One answer for each kind of deed: a new kind does not compile until every place that tells deeds can tell it.
     *
     * @param <R> what is said of a deed
     */
    interface Cases<R> {
        R did(Did deed);

        R unnamed(Unnamed deed);

        R reached(Reached deed);

        R awarded(Awarded deed);

        R ruled(Ruled deed);

        R verdict(Verdict deed);

        R stopped(Stopped deed);

        R restarted(Restarted deed);

        R began(Began deed);

        R ended(Ended deed);

        R clockRead(ClockRead deed);

        R timed(Timed deed);

        R instructed(Instructed deed);

        R mark(Mark deed);
    }

    /** A technique of the lexicon, by its key. */
    record Did(String technique) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.did(this);
        }

        @Override
        public Optional<String> did() {
            return Optional.of(technique);
        }
    }

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

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.unnamed(this);
        }

        @Override
        public Optional<Unnamed> unnamed() {
            return Optional.of(this);
        }
    }

    /** A position reached, with nothing said of how. */
    record Reached() implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.reached(this);
        }

        @Override
        public boolean onlyPlace() {
            return true;
        }
    }

    /** The referee gave something to the actor. */
    record Awarded(Award award) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.awarded(this);
        }

        @Override
        public Optional<Award> given() {
            return Optional.of(award);
        }
    }

    /** The analyst rules that something should have been given to the actor; the board as seen stays as it is. */
    record Ruled(Award award) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.ruled(this);
        }

        @Override
        public Optional<Award> ruling() {
            return Optional.of(award);
        }
    }

    /**
     * A verdict was announced: for the actor, or for nobody named.
     *
     * @param words what was said; may be empty
     * @param score judges' points of A and B, if there were any
     */
    record Verdict(String words, Optional<Result.Score> score) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.verdict(this);
        }

        @Override
        public Optional<Verdict> verdict() {
            return Optional.of(this);
        }
    }

    /** The match clock stopped; the reason may be empty. */
    record Stopped(String reason) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.stopped(this);
        }

        @Override
        public Optional<String> stop() {
            return Optional.of(reason);
        }
    }

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

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.restarted(this);
        }

        @Override
        public Optional<Restarted> restart() {
            return Optional.of(this);
        }
    }

    /** Where a restart puts the two. */
    enum Resumed {
        NEUTRAL,
        /** As they were when it was stopped. */
        SAME
    }

    /** A period of the match began; in overtime by escape time the actor attacks. */
    record Began(Period period) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.began(this);
        }

        @Override
        public Optional<Period> begun() {
            return Optional.of(period);
        }
    }

    /** A period of the match ended. */
    record Ended(Period period) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.ended(this);
        }

        @Override
        public Optional<Period> ended() {
            return Optional.of(period);
        }
    }

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

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.clockRead(this);
        }

        @Override
        public Optional<ClockRead> clockRead() {
            return Optional.of(this);
        }
    }

    /**
     * An interval taken with the stopwatch, from this moment on.
     *
     * @param toMicros its end on the bout's timeline
     * @param words what was timed; may be empty
     */
    record Timed(long toMicros, String words) implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.timed(this);
        }

        @Override
        public Optional<Timed> timed() {
            return Optional.of(this);
        }
    }

    /** The actor's corner called an instruction. */
    record Instructed(String words, Optional<Followed> followed) implements Deed {
        public Instructed {
            if (words.isBlank()) {
                throw new IllegalArgumentException("An instruction needs words.");
            }
        }

        @Override
        public <R> R match(Cases<R> cases) {
            return cases.instructed(this);
        }

        @Override
        public Optional<Instructed> instruction() {
            return Optional.of(this);
        }
    }

    /** What came of an instruction. */
    enum Followed {
        FOLLOWED,
        NOT,
        COULD_NOT
    }

    /** Only a time, to be named later. */
    record Mark() implements Deed {
        @Override
        public <R> R match(Cases<R> cases) {
            return cases.mark(this);
        }

        @Override
        public boolean onlyTime() {
            return true;
        }
    }
}
