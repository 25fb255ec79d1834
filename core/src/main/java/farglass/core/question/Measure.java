package farglass.core.question;

import java.util.List;

/** How what was counted becomes figures. */
public interface Measure {
    /** {@return the figures of an subject, the most frequent first; none where there was no chance} */
    List<DraftFigure> drafted(Subject subject, Inquiry inquiry);

    /** {@return the ids of what is counted for the figure of that option: a moment struck from it counts in none of them} */
    List<String> tallies(String option);
}
