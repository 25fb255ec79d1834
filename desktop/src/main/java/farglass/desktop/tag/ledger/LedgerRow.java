package farglass.desktop.tag.ledger;

import farglass.core.bout.Moment;
import java.util.Optional;

/**
 * One row of the ledger.
 *
 * @param moment the moment it tells; empty for a rung that only says how the bout begins
 * @param column where its words stand
 * @param time as shown; "?" where it is not known
 * @param words what happened
 * @param rung where the two settle after it, drawn across under it; empty if they stay as they are
 * @param state whether it is on disk
 * @param thread how the thread of an answer runs through the row
 * @param workedOut whether the rung was settled by the rules of the sport and not seen
 * @param folded of how many moments the row stands for, being all that is shown of an exchange; 0 for one moment
 * @param edited whether its words are being changed in its place
 */
public record LedgerRow(
        Optional<Moment> moment,
        Column column,
        String time,
        String words,
        Optional<String> rung,
        State state,
        Thread thread,
        boolean workedOut,
        int folded,
        boolean edited) {
    public enum Column {
        STUDIED,
        NEUTRAL,
        OTHER
    }

    public enum State {
        SAVED,
        PENDING
    }

    /** Seen from the row: an answer's thread leaves it downwards, passes it, or arrives from above. */
    public enum Thread {
        NONE,
        LEAVES,
        PASSES,
        ARRIVES,
        ARRIVES_AND_LEAVES
    }

    /** Of what tells most rows apart: a moment has many parts, and rows are looked up whenever the list is laid out. */
    @Override
    public int hashCode() {
        return 31 * words.hashCode() + time.hashCode();
    }
}
