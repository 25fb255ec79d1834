package farglass.core.coverage;

import java.util.Locale;

/** How often an interval held the truth, and how wide it was. */
final class Coverage {
    private int seen;
    private int in80;
    private int in95;
    private double width80;

    void add(double low95, double low80, double high80, double high95, double truth) {
        seen++;
        in80 += low80 <= truth && truth <= high80 ? 1 : 0;
        in95 += low95 <= truth && truth <= high95 ? 1 : 0;
        width80 += Double.isInfinite(high80) ? 0 : high80 - low80;
    }

    int seen() {
        return seen;
    }

    double in80() {
        return 100.0 * in80 / seen;
    }

    double in95() {
        return 100.0 * in95 / seen;
    }

    @Override
    public String toString() {
        return seen == 0
                ? "-"
                : String.format(Locale.ROOT, "%5.1f %5.1f  (%.3f, %d)", in80(), in95(), width80 / seen, seen);
    }
}
