package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.fact.Mistake;
import farglass.core.state.Timeline;
import java.util.List;
import java.util.OptionalLong;
import java.util.function.Predicate;
import java.util.stream.LongStream;

/** What the film can be sent to the next or the last of. */
public enum Jump {
    MOMENT("moment"),
    EXCHANGE("exchange"),
    ERROR("error"),
    SCORE("score"),
    /** A bare mark, put there to come back to. */
    BOOKMARK("bookmark");

    /** An instant so close counts as the one shown. */
    private static final long HERE_MICROS = 30_000;

    private final String label;

    Jump(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** {@return the next such instant in that direction, on the bout's timeline} */
    OptionalLong from(long now, int direction, Bout bout, Timeline timeline) {
        LongStream instants = instants(bout, timeline);
        return direction > 0
                ? instants.filter(at -> at > now + HERE_MICROS).min()
                : instants.filter(at -> at < now - HERE_MICROS).max();
    }

    private LongStream instants(Bout bout, Timeline timeline) {
        return switch (this) {
            case MOMENT -> of(bout.moments(), moment -> true);
            case EXCHANGE ->
                of(
                        timeline.exchanges().stream()
                                .map(exchange -> exchange.moments().get(0))
                                .toList(),
                        moment -> true);
            case ERROR ->
                of(
                        bout.moments(),
                        moment ->
                                moment.telling().facts(Mistake.class).findAny().isPresent());
            case SCORE -> of(bout.moments(), moment -> moment.deed().given().isPresent());
            case BOOKMARK -> of(bout.moments(), moment -> moment.deed().onlyTime());
        };
    }

    private static LongStream of(List<Moment> moments, Predicate<Moment> which) {
        return moments.stream()
                .filter(which)
                .filter(moment -> moment.atMicros().isPresent())
                .mapToLong(moment -> moment.atMicros().getAsLong());
    }
}
