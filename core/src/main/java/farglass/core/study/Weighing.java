package farglass.core.study;

import farglass.core.bout.Header;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** How much a bout counts in a study. */
public interface Weighing {
    /** Every bout counts in full. */
    Weighing ALIKE = header -> 1;

    /** Half of a bout's weight is gone after so many days before the camp's date. */
    double HALF_LIFE_DAYS = 2 * 365.25;

    /** A bout without a date is taken to be as old as this many days. */
    double UNDATED_DAYS = HALF_LIFE_DAYS;

    /** A very old bout keeps a trace, so that no weight is ever zero. */
    double LEAST = 1e-3;

    double OTHER_UNIFORM = 0.5;
    double OTHER_RULES = 0.7;

    /** {@return the weight of the bout, in (0, 1]} */
    double of(Header header);

    /**
     * {@return a weighing by age alone} Bouts after the day count as those on it; one without a date as one of two years.
     *
     * @param day from which the age is counted back
     * @param years after which half of the weight is gone, more than 0
     */
    static Weighing fading(LocalDate day, double years) {
        return header -> {
            double days = header.date()
                    .map(date -> (double) Math.max(0, ChronoUnit.DAYS.between(date, day)))
                    .orElse(UNDATED_DAYS);
            return Math.max(LEAST, Math.pow(0.5, days / (years * 365.25)));
        };
    }

    /**
     * {@return the weighing of a camp: kind × recency × ruleset × uniform} The factors are stated defaults, not measured:
     * competition 1, sparring 0.5, from a set position or in training 0.35; recency halves every two years back from the
     * camp's date; another uniform 0.5; another ruleset 0.7. Bouts after the date count as those on it.
     */
    static Weighing towards(Camp camp) {
        return header -> {
            double kind =
                    switch (header.kind()) {
                        case COMPETITION -> 1;
                        case SPARRING -> 0.5;
                        case POSITIONAL, TRAINING -> 0.35;
                    };
            double days = header.date()
                    .map(date -> (double) Math.max(0, ChronoUnit.DAYS.between(date, camp.date())))
                    .orElse(UNDATED_DAYS);
            double recency = Math.pow(0.5, days / HALF_LIFE_DAYS);
            double uniform = header.uniform() == camp.uniform() ? 1 : OTHER_UNIFORM;
            double rules = header.ruleset().equals(camp.ruleset()) ? 1 : OTHER_RULES;
            return Math.max(LEAST, kind * recency * uniform * rules);
        };
    }
}
