package farglass.core.phrase;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import java.util.Optional;

/** Calls the two athletes of a bout by name in a sentence, and says where they are. */
public final class AthleteWords {
    private AthleteWords() {}

    /** {@return the first word of the athlete's name; the whole name where both share it} */
    public static String firstName(Bout bout, Seat seat) {
        String own = first(bout.header().contestant(seat).name());
        String other = first(bout.header().contestant(seat.other()).name());
        return own.equals(other) ? bout.header().contestant(seat).name() : own;
    }

    private static String first(String name) {
        return name.strip().split("\\s+")[0];
    }

    /** {@return who did it, in words} */
    public static String actor(Optional<Seat> actor, Bout bout) {
        return actor.map(seat -> firstName(bout, seat)).orElse("Nobody named");
    }

    /** {@return where it settled: "Mount, Runa on top"} */
    public static String settled(Settled settled, Bout bout, Lexicon lexicon) {
        String position = lexicon.label(settled.position());
        return settled.top()
                .map(top -> "%s, %s on top".formatted(position, firstName(bout, top)))
                .or(() -> settled.passing().map(seat -> "%s, %s passing".formatted(position, firstName(bout, seat))))
                .orElse(position);
    }
}
