package farglass.drawing;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Segment;
import farglass.core.fact.Layer;
import farglass.core.fact.Mistake;
import farglass.core.rules.Call;
import farglass.core.state.Tide;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Where the tide of a bout falls in a box, in pixels from its upper left corner. The athlete under study is above the
 * middle line, the other below it. In a box high enough, what the rules say stands in a band above the curve, what the referee gave in a
 * band below it, and under that the layers that were looked through.
 *
 * @param middle height of the middle line
 * @param top upper end of the curve's room
 * @param bottom lower end of the curve's room
 * @param xs the curve, stepwise: each level holds until the next position
 * @param ys heights of the same
 * @param rungs lines passed and stages reached between positions
 * @param marks every timed moment, for clicks
 * @param stops from and to of every stoppage
 * @param segments stretches that are not live
 * @param computed what the rules say
 * @param awards what the referee gave
 * @param errors where an error was told
 * @param bookmarks where a bare mark stands
 * @param layers what was looked through, one strip a layer
 */
public record TideLayout(
        double width,
        double height,
        long fromMicros,
        long toMicros,
        double middle,
        double top,
        double bottom,
        double[] xs,
        double[] ys,
        List<Rung> rungs,
        List<Mark> marks,
        List<double[]> stops,
        List<Stretch> segments,
        List<Score> computed,
        List<Score> awards,
        List<Double> errors,
        List<Double> bookmarks,
        List<Strip> layers) {
    /** Below this height there is no room for bands. */
    private static final double LEAST_WITH_BANDS = 80;

    private static final double BAND = 16;
    private static final double STRIP = 3;

    /** @param subject whether it lifted the athlete under study */
    public record Rung(double x, double fromY, double toY, boolean subject) {}

    public record Mark(String momentId, double x) {}

    /** A stretch of film that is not the live match. */
    public record Stretch(double from, double to, String words) {}

    /**
     * Something given, by the rules or by the referee.
     *
     * @param subject whether it goes to the athlete under study
     * @param differs whether the rules and the referee disagree about it
     */
    public record Score(double x, String words, boolean subject, boolean differs) {}

    /** A stretch looked through in one layer; the first layer is drawn uppermost. */
    public record Strip(Layer layer, double from, double to, double y, boolean declared) {}

    /** {@return the layout of that tide} A bout without any times is an empty line. */
    public static TideLayout of(TideMatter matter, double width, double height) {
        boolean bands = height >= LEAST_WITH_BANDS;
        int layers = Layer.values().length;
        double top = bands ? BAND : 0;
        double bottom = bands ? height - BAND - layers * (STRIP + 1) : height;
        Ruler ruler = new Ruler(matter.fromMicros(), matter.toMicros(), width);
        double middle = (top + bottom) / 2;
        // A little room above and below keeps the highest level from touching the edge.
        double reach = (bottom - top) / 2 * 0.86;
        List<double[]> corners = new ArrayList<>();
        List<Rung> rungs = new ArrayList<>();
        double level = middle;
        for (Tide.Point point : matter.tide().points()) {
            double x = ruler.x(point.atMicros());
            double y = middle - point.value() * reach;
            if (point.rung()) {
                rungs.add(new Rung(x, level, y, y < level));
            } else {
                corners.add(new double[] {x, level});
                corners.add(new double[] {x, y});
                level = y;
            }
        }
        Bout bout = matter.bout();
        corners.add(new double[] {ruler.x(bout.extentMicros()), level});
        return new TideLayout(
                width,
                height,
                matter.fromMicros(),
                matter.toMicros(),
                middle,
                top,
                bottom,
                corners.stream().mapToDouble(corner -> corner[0]).toArray(),
                corners.stream().mapToDouble(corner -> corner[1]).toArray(),
                rungs,
                timed(bout)
                        .map(moment -> new Mark(moment.id(), ruler.x(at(moment))))
                        .toList(),
                stops(bout, ruler),
                segments(bout, ruler),
                bands ? computed(matter, ruler) : List.of(),
                bands ? awards(matter, ruler) : List.of(),
                timed(bout)
                        .filter(moment ->
                                moment.telling().facts(Mistake.class).findAny().isPresent())
                        .map(moment -> ruler.x(at(moment)))
                        .toList(),
                timed(bout)
                        .filter(moment -> moment.deed().onlyTime())
                        .map(moment -> ruler.x(at(moment)))
                        .toList(),
                bands ? strips(bout, ruler, bottom + BAND) : List.of());
    }

    /** From instants to pixels. */
    private record Ruler(long from, long to, double width) {
        double x(long micros) {
            return to <= from ? 0 : width * (micros - from) / (to - from);
        }
    }

    private static java.util.stream.Stream<Moment> timed(Bout bout) {
        return bout.moments().stream().filter(moment -> moment.atMicros().isPresent());
    }

    private static long at(Moment moment) {
        return moment.atMicros().orElseThrow();
    }

    private static List<double[]> stops(Bout bout, Ruler ruler) {
        List<double[]> stops = new ArrayList<>();
        double from = Double.NaN;
        for (Moment moment : bout.moments()) {
            double x = ruler.x(moment.atMicros().orElse(0));
            if (moment.deed().stop().isPresent() && Double.isNaN(from)) {
                from = x;
            } else if (moment.deed().restart().isPresent() && !Double.isNaN(from)) {
                stops.add(new double[] {from, x});
                from = Double.NaN;
            }
        }
        return stops;
    }

    private static List<Stretch> segments(Bout bout, Ruler ruler) {
        return bout.header().footage().segments().stream()
                .filter(segment -> segment.kind() != Segment.Kind.LIVE)
                .map(segment -> new Stretch(
                        ruler.x(segment.fromMicros()),
                        ruler.x(segment.toMicros()),
                        segment.kind().label()))
                .toList();
    }

    private static List<Score> computed(TideMatter matter, Ruler ruler) {
        List<Score> computed = new ArrayList<>();
        matter.card().ifPresent(card -> {
            for (Call call : card.calls()) {
                boolean missing = call.verdict() == Call.Verdict.BY_RULES
                        && card.differences().stream()
                                .anyMatch(each -> each.atMicros() == call.atMicros()
                                        && each.moments().equals(call.moments()));
                String words =
                        switch (call.verdict()) {
                            case BY_RULES -> words(call.gift());
                            case COULD -> "(" + words(call.gift()) + ")";
                            case ARGUABLE -> words(call.gift()) + "?";
                        };
                computed.add(new Score(ruler.x(call.atMicros()), words, call.to() == matter.seat(), missing));
            }
        });
        return computed;
    }

    private static List<Score> awards(TideMatter matter, Ruler ruler) {
        return timed(matter.bout())
                .filter(moment ->
                        moment.deed().given().isPresent() && moment.actor().isPresent())
                .map(moment -> new Score(
                        ruler.x(at(moment)),
                        words(((Deed.Awarded) moment.deed()).award()),
                        moment.actor().get() == matter.seat(),
                        matter.card().stream()
                                .flatMap(card -> card.differences().stream())
                                .anyMatch(each -> each.moments().equals(List.of(moment.id())))))
                .toList();
    }

    private static String words(Award award) {
        return switch (award.kind()) {
            case POINTS -> "+" + award.points();
            case ADVANTAGE -> "adv";
            case PENALTY -> "pen";
            case NEGATIVE -> "neg";
            case WARNING -> "warn";
            case DISQUALIFICATION -> "dq";
        };
    }

    private static List<Strip> strips(Bout bout, Ruler ruler, double top) {
        return bout.header().covered().stream()
                .sorted(Comparator.comparing(Covered::layer))
                .map(covered -> new Strip(
                        covered.layer(),
                        ruler.x(covered.fromMicros()),
                        ruler.x(covered.toMicros()),
                        top + covered.layer().ordinal() * (STRIP + 1),
                        covered.declared()))
                .toList();
    }

    /** {@return the instant at that place, within what is shown} */
    public long microsAt(double x) {
        double share = width <= 0 ? 0 : Math.max(0, Math.min(1, x / width));
        return fromMicros + Math.round(share * (toMicros - fromMicros));
    }

    public double xAt(long micros) {
        return new Ruler(fromMicros, toMicros, width).x(micros);
    }

    /** {@return the moment nearest to that place, if one is within reach} */
    public Optional<String> nearest(double x, double reachPx) {
        return marks.stream()
                .filter(mark -> Math.abs(mark.x() - x) <= reachPx)
                .min(Comparator.comparingDouble(mark -> Math.abs(mark.x() - x)))
                .map(Mark::momentId);
    }
}
