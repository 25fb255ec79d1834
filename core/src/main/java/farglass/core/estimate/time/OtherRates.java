package farglass.core.estimate.time;

import java.util.Collection;

/** The other athletes' events of one kind, added up as far as an estimate of a rate needs them. Built once, however often one asks. */
public final class OtherRates {
    /** The weak belief is worth one event. */
    static final double WEAK = 1;

    private static final double LEAST = 1;
    /** However alike athletes seem, the others' rate is worth no more events than these. */
    private static final double MOST = 60;

    private final int athletes;
    private final double mean;
    private final double found;
    private final double room;
    private final int spareBouts;
    /** The sum of minutes of each, and of their squares. */
    private final double minutes;

    private final double squares;
    /** How far their rates lie apart, and how far chance alone would take them: with every bout alike, and for each unit of form. */
    private final double spread;

    private final double chance;
    private final double chanceOfForm;

    /**
     * Adds up.
     *
     * @param others each other athlete's, unweighted
     * @param usual what is believed where nobody else was seen, per minute, above 0
     */
    public OtherRates(Collection<Exposure> others, double usual) {
        int seen = 0;
        double allMinutes = 0;
        double allTimes = 0;
        double allSquares = 0;
        double allFound = 0;
        double allRoom = 0;
        int spare = 0;
        for (Exposure other : others) {
            allFound += other.found();
            allRoom += other.room();
            spare += other.spareBouts();
            if (other.minutes() > 0) {
                seen++;
                allMinutes += other.minutes();
                allTimes += other.times();
                allSquares += other.minutes() * other.minutes();
            }
        }
        athletes = seen;
        found = allFound;
        room = allRoom;
        spareBouts = spare;
        minutes = allMinutes;
        squares = allSquares;
        // Half an event keeps a rate of exactly 0 from ruling every other out.
        mean = seen == 0 ? usual : (allTimes + 0.5) / (allMinutes + 0.5 / usual);
        double apart = 0;
        double alike = 0;
        double ofForm = 0;
        for (Exposure other : others) {
            if (other.minutes() > 0) {
                double off = other.times() / other.minutes() - mean;
                double rest = 1 - other.minutes() / minutes;
                apart += other.minutes() * off * off;
                alike += rest;
                ofForm += rest * perForm(other, mean);
            }
        }
        spread = apart;
        chance = mean * alike;
        chanceOfForm = mean * ofForm;
    }

    /** {@return how many of them were seen} */
    int athletes() {
        return athletes;
    }

    /** {@return their rate per minute} */
    double mean() {
        return mean;
    }

    double found() {
        return found;
    }

    double room() {
        return room;
    }

    int spareBouts() {
        return spareBouts;
    }

    /** {@return how many events the knowledge of their rate is worth: the shape of the gamma they seem drawn from, by moments} */
    double events(double form) {
        double between = (spread - chance - form * chanceOfForm) / (minutes - squares / minutes);
        return between > 0 ? Math.max(LEAST, Math.min(MOST, mean * mean / between)) : MOST;
    }

    /** {@return the size-weighted mean of events expected per bout, by the athlete's own rate} */
    static double perForm(Exposure athlete, double mean) {
        if (athlete.weighedMinutes() == 0) {
            return 0;
        }
        double rate = (athlete.times() + WEAK) / (athlete.minutes() + WEAK / mean);
        return rate * athlete.squares() / athlete.weighedMinutes();
    }
}
