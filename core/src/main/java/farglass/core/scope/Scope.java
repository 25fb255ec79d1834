package farglass.core.scope;

import farglass.core.bout.Bout;
import farglass.core.bout.Header;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.PartOfBout;
import farglass.core.side.Seat;
import farglass.core.study.Weighing;

/**
 * Which of an athlete's bouts are looked at, which part of them, and how much each weighs. The others, with whom she is compared, are taken
 * with all their bouts, each in full; but of each only the same part.
 */
public record Scope(Period period, Setting setting, OpponentFilter against, PartOfBout within, Weighing weighing) {
    /** Every bout, each in full. */
    public static final Scope ALL =
            new Scope(Period.ALL, Setting.ANY, OpponentFilter.ANYBODY, PartOfBout.WHOLE, Weighing.ALIKE);

    /** {@return every bout, weighed as a study or camp does} */
    public static Scope weighed(Weighing weighing) {
        return ALL.weighing(weighing);
    }

    public Scope in(Period days) {
        return new Scope(days, setting, against, within, weighing);
    }

    public Scope in(Setting only) {
        return new Scope(period, only, against, within, weighing);
    }

    public Scope against(OpponentFilter whom) {
        return new Scope(period, setting, whom, within, weighing);
    }

    public Scope within(PartOfBout part) {
        return new Scope(period, setting, against, part, weighing);
    }

    public Scope weighing(Weighing other) {
        return new Scope(period, setting, against, within, other);
    }

    /**
     * {@return whether that bout of the athlete is looked at}
     *
     * @param corpus knows what sort of athlete the other one is
     */
    public boolean holds(Bout bout, String athlete, Corpus corpus) {
        Header header = bout.header();
        return period.holds(header.date())
                && setting.holds(bout)
                && (against.equals(OpponentFilter.ANYBODY)
                        || header.seatOf(athlete)
                                .filter(seat -> against.holds(header.contestant(seat.other()), corpus))
                                .isPresent());
    }

    /** {@return whether that bout is looked at whoever is asked about: for lists of everybody} Nobody in it is anybody's opponent. */
    public boolean holdsForEverybody(Bout bout, Corpus corpus) {
        Header header = bout.header();
        boolean either = against.equals(OpponentFilter.ANYBODY);
        for (Seat seat : Seat.values()) {
            either |= against.holds(header.contestant(seat), corpus);
        }
        return period.holds(header.date()) && setting.holds(bout) && either;
    }

    /**
     * {@return the weight of a bout that is looked at, in (0, 1]}
     *
     * @throws IllegalArgumentException if the weighing gives another number
     */
    public double weight(Header header) {
        double weight = weighing.of(header);
        if (!(weight > 0 && weight <= 1)) {
            throw new IllegalArgumentException("A bout weighs more than 0 and at most 1, but this one " + weight);
        }
        return weight;
    }
}
