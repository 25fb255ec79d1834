package farglass.core.clause;

import farglass.core.naming.Naming;
import farglass.core.scribe.LinePlace;
import farglass.core.scribe.Reading;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import java.util.EnumSet;
import java.util.Optional;
import java.util.Set;

/**
 * What one part of a line tells.
 *
 * @param text its words alone, with who acts: read where its place is, they say the same again
 * @param place where it is read: for the second of a line, where the first leads
 */
public record Clause(String text, LinePlace place, Reading reading) {
    private static final Set<Naming.How> GUESSED = EnumSet.of(Naming.How.MENDED, Naming.How.FINISHED);

    boolean isUnderstood() {
        return reading.isUnderstood();
    }

    /** {@return whether it was understood as it stands, and no word had to be mended or finished} */
    boolean isSure() {
        return isUnderstood() && reading.how().filter(GUESSED::contains).isEmpty();
    }

    /** {@return whether a word had to be finished for it: nobody leaves one unfinished who goes on writing} */
    boolean isFinished() {
        return reading.how().equals(Optional.of(Naming.How.FINISHED));
    }

    Optional<Seat> actor() {
        return reading.proposal().actor();
    }

    /** {@return whether a technique was done} */
    boolean isDone() {
        return reading.proposal().deed().did().isPresent();
    }

    /** {@return whether it tells where the two are, and nothing else} */
    boolean isPlace() {
        return reading.proposal().deed().onlyPlace();
    }

    /** {@return whether what it tells was done is what the other tells} */
    boolean isSameDeed(Clause other) {
        return reading.proposal().deed().equals(other.reading.proposal().deed());
    }

    /** {@return whether it is told what became of it} */
    boolean saysWhatBecame() {
        return reading.proposal().telling().became().isPresent();
    }

    /** {@return where it ends, if that is told} */
    Optional<Settled> settled() {
        return reading.proposal().settled();
    }

    /** {@return who is on top where it ends, if that is told} */
    Optional<Seat> top() {
        return settled().flatMap(Settled::top);
    }

    boolean isRestart() {
        return reading.proposal().deed().restart().isPresent();
    }

    boolean isStop() {
        return reading.proposal().deed().stop().isPresent();
    }

    /** {@return whether it tells what the referee did} */
    boolean isTheReferees() {
        return reading.proposal().deed().given().isPresent() || isStop() || isRestart();
    }
}
