package farglass.core.corpus;

import farglass.core.bout.Bout;
import farglass.core.notation.BoutFile;
import farglass.core.side.Seat;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;

/**
 * A bout with what was counted of it. Its sheet is made when something is asked that was not counted before: of most bouts a dossier needs
 * only what is known already. May be asked by many threads.
 */
public final class BoutCounts {
    private final Bout bout;
    private final Supplier<BoutSheet> making;
    private volatile BoutSheet sheet;
    private volatile double watchedMinutes = Double.NaN;
    /** By seat. */
    private final List<SeatCounts> counts = List.of(new SeatCounts(), new SeatCounts());

    private byte[] digest;

    BoutCounts(Bout bout, Supplier<BoutSheet> making) {
        this.bout = bout;
        this.making = making;
    }

    public Bout bout() {
        return bout;
    }

    /** {@return the bout worked out; made the first time} */
    public BoutSheet sheet() {
        BoutSheet made = sheet;
        if (made == null) {
            synchronized (this) {
                made = sheet;
                if (made == null) {
                    made = making.get();
                    sheet = made;
                }
            }
        }
        return made;
    }

    /** {@return whether the sheet had to be made} */
    public boolean isMade() {
        return sheet != null;
    }

    /** {@return every chance that the athlete in that seat had for what is asked, and what was taken; counted the first time} */
    public Counted counted(Tally tally, Seat seat) {
        return Remembered.of(of(seat).counted(), tally.id(), id -> CountedSheet.counted(sheet(), tally, seat));
    }

    /** {@return by sort, every chance that the athlete in that seat had, and how it ended; counted the first time} */
    public Map<String, Counted> counted(EachTally tally, Seat seat) {
        return Remembered.of(of(seat).each(), tally.id(), id -> CountedSheet.counted(sheet(), tally, seat));
    }

    /** {@return every stay asked about, of that seat; worked out the first time} */
    public List<TimedStay> stays(Stays asked, Seat seat) {
        return Remembered.of(of(seat).stays(), asked.id(), id -> CountedSheet.stays(sheet(), asked, seat));
    }

    /** {@return how many minutes of each stretch were watched, asked of that seat; worked out the first time} */
    public Map<String, Double> minutes(Stretches stretches, Seat seat) {
        return Remembered.of(of(seat).minutes(), stretches.id(), id -> CountedSheet.minutes(sheet(), stretches, seat));
    }

    /** {@return match time of the watched stretches, in minutes; 0 where nothing counts} */
    public double watchedMinutes() {
        if (Double.isNaN(watchedMinutes)) {
            watchedMinutes = sheet().watchedMinutes();
        }
        return watchedMinutes;
    }

    /** {@return what was counted of that seat by now} */
    SeatCounts of(Seat seat) {
        return counts.get(seat.ordinal());
    }

    /** Takes up what was counted before of this bout, word for word. */
    void recall(Seat seat, double minutes, SeatCounts known) {
        watchedMinutes = minutes;
        of(seat).add(known);
    }

    /** {@return a digest of all that is told of the bout: of its text, which holds everything} */
    synchronized byte[] digest() {
        if (digest == null) {
            digest = sha256().digest(BoutFile.print(bout).getBytes(StandardCharsets.UTF_8));
        }
        return digest.clone();
    }

    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }
}
