package farglass.core.pass;

import java.util.Map;
import java.util.Set;

/**
 * What a study still has to learn by a pass.
 *
 * @param settled figures known well enough, by {@link AnswerNeeds}: they are asked about no more
 * @param known how much of each figure is told, by figure and athlete
 * @param subjects names of the athletes under study; empty for a study of everybody
 * @param chances how often anything of the kind came up in the bouts of the study
 */
public record StudyNeeds(Set<String> settled, Map<Key, Known> known, Set<String> subjects, int chances) {
    /** Nothing is known of any study: all is worth the same. */
    public static final StudyNeeds NONE = new StudyNeeds(Set.of(), Map.of(), Set.of(), 0);

    /** What somebody does who is not under study teaches only what is usual. */
    private static final double OF_OTHERS = 0.25;

    /** A figure of an athlete. */
    record Key(String figure, String athlete) {}

    /** How often it came up, and how often it was told what it was. */
    record Known(int told, int chances) {
        Known and(boolean isTold) {
            return new Known(told + (isTold ? 1 : 0), chances + 1);
        }
    }

    public StudyNeeds {
        settled = Set.copyOf(settled);
        known = Map.copyOf(known);
        subjects = Set.copyOf(subjects);
    }

    /**
     * {@return how much one more answer teaches: the standard error of a share, in units of its largest, shrinks from 1/√(n+2) to
     * 1/√(n+3), n answers being told and two taken as known beforehand; times how often the figure comes up, in [0, 1]} Of who is not
     * under study a quarter of that counts.
     */
    double worth(String figure, String athlete) {
        Known here = known.get(new Key(figure, athlete));
        if (here == null) {
            return 0;
        }
        double shrinks = 1 / Math.sqrt(here.told() + 2) - 1 / Math.sqrt(here.told() + 3);
        double share = (double) here.chances() / chances;
        return share * shrinks * (subjects.isEmpty() || subjects.contains(athlete) ? 1 : OF_OTHERS);
    }
}
