package farglass.core.corpus;

import farglass.core.estimate.Choices;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** In which bouts of one athlete an option came, and each time it did. */
public final class OfOption {
    /** Of what never came. */
    public static final OfOption NEVER = new OfOption(new int[0], new int[0], List.of());

    private final int[] bouts;
    private final int[] times;
    private final List<Evidence> evidence;

    /** @param bouts their places among the bouts with chances, in order @param times how often it came in each, 1 or more */
    private OfOption(int[] bouts, int[] times, List<Evidence> evidence) {
        this.bouts = bouts;
        this.times = times;
        this.evidence = evidence;
    }

    /** {@return in how many bouts it came} */
    public int bouts() {
        return bouts.length;
    }

    /** {@return how often it came in all} */
    public int times() {
        return evidence.size();
    }

    /** {@return how often it came in each bout with chances} @param many how many such bouts there are */
    public int[] timesByBout(int many) {
        int[] byBout = new int[many];
        for (int k = 0; k < bouts.length; k++) {
            byBout[bouts[k]] = times[k];
        }
        return byBout;
    }

    /** {@return the moments that count for it, in the order of the bouts} */
    public List<Evidence> evidence() {
        return evidence;
    }

    /** {@return the place, among the bouts with chances, of the first in which it came} */
    int first() {
        return bouts[0];
    }

    void addTo(Choices.Adding adding, String option) {
        adding.add(option, bouts, times);
    }

    /** {@return what came in the bouts that are kept} @param places by bout, its new place, or -1 where it is left out */
    OfOption kept(int[] places) {
        Gathering kept = new Gathering();
        int next = 0;
        for (int k = 0; k < bouts.length; k++) {
            int end = next + times[k];
            if (places[bouts[k]] >= 0) {
                kept.add(places[bouts[k]], evidence.subList(next, end));
            }
            next = end;
        }
        return kept.gathered();
    }

    /** Gathers one option. */
    static final class Gathering {
        private final List<Evidence> evidence = new ArrayList<>();
        private int[] bouts = new int[4];
        private int[] times = new int[4];
        private int many;

        void add(int bout, List<Evidence> each) {
            if (many == bouts.length) {
                bouts = Arrays.copyOf(bouts, 2 * many);
                times = Arrays.copyOf(times, 2 * many);
            }
            bouts[many] = bout;
            times[many] = each.size();
            many++;
            evidence.addAll(each);
        }

        OfOption gathered() {
            return many == 0
                    ? NEVER
                    : new OfOption(Arrays.copyOf(bouts, many), Arrays.copyOf(times, many), List.copyOf(evidence));
        }
    }
}
