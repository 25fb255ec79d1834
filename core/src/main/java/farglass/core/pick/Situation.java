package farglass.core.pick;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Uniform;
import farglass.core.entry.Technique;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import farglass.core.state.Stand;
import java.util.List;
import java.util.Optional;

/**
 * What is known just before a next moment: where the two stand, who they are, and the last two moments.
 *
 * @param last the latest moment, if there is one
 * @param secondLast the one before it
 * @param blows whether the rules of the bout know blows
 */
public record Situation(
        Stand stand,
        String nameOfA,
        String nameOfB,
        Optional<Moment> last,
        Optional<Moment> secondLast,
        boolean blows,
        boolean cloth) {
    /**
     * {@return the situation after the first moments of a bout}
     *
     * @param count how many of its moments lie behind, from 0
     */
    public static Situation after(Bout bout, int count, Stand stand) {
        List<Moment> moments = bout.moments();
        return new Situation(
                stand,
                bout.header().a().name(),
                bout.header().b().name(),
                count > 0 ? Optional.of(moments.get(count - 1)) : Optional.empty(),
                count > 1 ? Optional.of(moments.get(count - 2)) : Optional.empty(),
                bout.header().knowsBlows(),
                bout.header().uniform() != Uniform.NO_GI);
    }

    /** {@return whether it can come at all in such a bout: blows only under rules that know them, cloth only where there is some} */
    public boolean allows(Technique technique) {
        return (cloth || !technique.cloth()) && (blows || !technique.blows());
    }

    String name(Seat seat) {
        return seat == Seat.A ? nameOfA : nameOfB;
    }

    /** {@return who acted last of the two, if the last moment was somebody's} */
    private Optional<Seat> lastActor() {
        return last.flatMap(Moment::actor).or(() -> secondLast.flatMap(Moment::actor));
    }

    /** Said so that both seats teach the same. */
    Who whoIs(Optional<Seat> seat) {
        if (seat.isEmpty()) {
            return Who.NOBODY;
        }
        if (stand.top().isPresent()) {
            return stand.top().equals(seat) ? Who.TOP : Who.BOTTOM;
        }
        return lastActor()
                .map(actor -> actor == seat.get() ? Who.SAME : Who.OTHER)
                .orElse(seat.get() == Seat.A ? Who.FIRST : Who.SECOND);
    }

    /** {@return the last moment in one word, and whose it was as that athlete sees it} */
    String lastSeenBy(Optional<Seat> seat) {
        return seen(last, seat);
    }

    String secondLastSeenBy(Optional<Seat> seat) {
        return seen(secondLast, seat);
    }

    private static String seen(Optional<Moment> moment, Optional<Seat> seat) {
        return moment.map(told ->
                        (told.actor().isEmpty() ? "-" : told.actor().equals(seat) ? "own " : "their ") + word(told))
                .orElse("start");
    }

    private static String word(Moment moment) {
        Optional<String> did = moment.deed().did();
        if (did.isPresent()) {
            boolean worked = moment.succeeded()
                    || moment.telling().stage().filter(Stage.TAP::equals).isPresent();
            return did.get() + (worked ? "!" : "");
        }
        return moment.deed().given().map(Award::toString).orElseGet(() -> moment.deed()
                .getClass()
                .getSimpleName());
    }

    /** Who acts, without naming a seat. */
    enum Who {
        TOP,
        BOTTOM,
        /** Where nobody is on top: the one who acted last. */
        SAME,
        OTHER,
        FIRST,
        SECOND,
        /** The referee. */
        NOBODY
    }
}
