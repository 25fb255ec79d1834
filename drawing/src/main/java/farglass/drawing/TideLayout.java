package farglass.drawing;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.state.Tide;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the tide of a bout falls in a box, in pixels from its upper left corner. The athlete under study is above the
 * middle line, the other below it.
 *
 * @param xs the curve, stepwise: each level holds until the next position
 * @param ys heights of the same
 * @param rungs lines passed and stages reached between positions
 * @param marks every timed moment, for clicks
 * @param stops from and to of every stoppage
 * @param awards where the referee gave points
 */
public record TideLayout(
        double width,
        double height,
        long extentMicros,
        double[] xs,
        double[] ys,
        List<Rung> rungs,
        List<Mark> marks,
        List<double[]> stops,
        List<Award> awards) {
    /** @param subject whether it lifted the athlete under study */
    public record Rung(double x, double fromY, double toY, boolean subject) {}

    public record Mark(String momentId, double x) {}

    public record Award(double x, String words, boolean subject) {}

    /**
     * {@return the layout of that bout}
     *
     * @param seat where the athlete under study sits
     * @param extentMicros what the full width stands for; a bout without any times is an empty line
     */
    public static TideLayout of(Bout bout, Tide tide, Seat seat, long extentMicros, double width, double height) {
        double pxPerMicro = extentMicros <= 0 ? 0 : width / extentMicros;
        double middle = height / 2;
        // A little room above and below keeps the highest level from touching the edge.
        double reach = middle * 0.86;
        List<double[]> corners = new ArrayList<>();
        List<Rung> rungs = new ArrayList<>();
        double level = middle;
        for (Tide.Point point : tide.points()) {
            double x = point.atMicros() * pxPerMicro;
            double y = middle - point.value() * reach;
            if (point.rung()) {
                rungs.add(new Rung(x, level, y, y < level));
            } else {
                corners.add(new double[] {x, level});
                corners.add(new double[] {x, y});
                level = y;
            }
        }
        corners.add(new double[] {bout.extentMicros() * pxPerMicro, level});
        return new TideLayout(
                width,
                height,
                extentMicros,
                corners.stream().mapToDouble(corner -> corner[0]).toArray(),
                corners.stream().mapToDouble(corner -> corner[1]).toArray(),
                rungs,
                marks(bout, pxPerMicro),
                stops(bout, pxPerMicro),
                awards(bout, seat, pxPerMicro));
    }

    private static List<Mark> marks(Bout bout, double pxPerMicro) {
        return bout.moments().stream()
                .filter(moment -> moment.atMicros().isPresent())
                .map(moment -> new Mark(moment.id(), moment.atMicros().getAsLong() * pxPerMicro))
                .toList();
    }

    private static List<double[]> stops(Bout bout, double pxPerMicro) {
        List<double[]> stops = new ArrayList<>();
        double from = -1;
        for (Moment moment : bout.moments()) {
            double x = moment.atMicros().orElse(0) * pxPerMicro;
            if (moment.deed() instanceof Deed.Stopped && from < 0) {
                from = x;
            } else if (moment.deed() instanceof Deed.Restarted && from >= 0) {
                stops.add(new double[] {from, x});
                from = -1;
            }
        }
        return stops;
    }

    private static List<Award> awards(Bout bout, Seat seat, double pxPerMicro) {
        List<Award> awards = new ArrayList<>();
        for (Moment moment : bout.moments()) {
            if (moment.deed() instanceof Deed.Awarded awarded
                    && moment.actor().isPresent()
                    && moment.atMicros().isPresent()) {
                String words =
                        switch (awarded.award().kind()) {
                            case POINTS -> "+" + awarded.award().points();
                            case ADVANTAGE -> "adv";
                            case PENALTY -> "pen";
                            case NEGATIVE -> "neg";
                            case WARNING -> "warn";
                            case DISQUALIFICATION -> "dq";
                        };
                awards.add(new Award(
                        moment.atMicros().getAsLong() * pxPerMicro,
                        words,
                        moment.actor().get() == seat));
            }
        }
        return awards;
    }

    /** {@return the instant at that place, within the bout} */
    public long microsAt(double x) {
        double share = width <= 0 ? 0 : Math.max(0, Math.min(1, x / width));
        return Math.round(share * extentMicros);
    }

    public double xAt(long micros) {
        return extentMicros <= 0 ? 0 : width * micros / extentMicros;
    }

    /** {@return the moment nearest to that place, if one is within reach} */
    public Optional<String> nearest(double x, double reachPx) {
        return marks.stream()
                .filter(mark -> Math.abs(mark.x() - x) <= reachPx)
                .min(java.util.Comparator.comparingDouble(mark -> Math.abs(mark.x() - x)))
                .map(Mark::momentId);
    }
}
