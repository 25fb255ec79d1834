package farglass.core.listing;

import farglass.core.corpus.Evidence;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * One visit or try, in words.
 *
 * @param evidence the moment that began it
 * @param day of its bout
 * @param who acts: who tried it, or who is on top; both names where nobody is
 * @param against the other one
 * @param atMicros when, on the bout's timeline
 * @param entered how it came to that, and by whose choice; may be empty
 * @param tried what was tried then, in order
 * @param came what came of it
 * @param gained what somebody said was won, forced or lost by it; may be empty
 */
public record Entry(
        Evidence evidence,
        Optional<LocalDate> day,
        String who,
        String against,
        OptionalLong atMicros,
        String entered,
        List<String> tried,
        String came,
        String gained) {
    public Entry {
        tried = List.copyOf(tried);
    }
}
