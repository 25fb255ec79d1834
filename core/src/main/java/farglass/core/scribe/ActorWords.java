package farglass.core.scribe;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.naming.Words;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Who is meant by a word: a or b, any part of a name, top or bottom, or the colour of the kit. */
record ActorWords(Bout bout, Stand now) {
    private static final List<String> COLOURS =
            List.of("white", "blue", "black", "red", "green", "grey", "brown", "purple", "yellow", "pink");

    /** {@return the one athlete whom that word can mean; empty if it means both or neither} */
    Optional<Seat> seat(String written) {
        String word = Words.plain(written);
        if (word.equals("top")) {
            return now.top();
        }
        if (word.equals("bottom")) {
            return now.top().map(Seat::other);
        }
        return Arrays.stream(Seat.values())
                .filter(seat -> means(seat, word) && !means(seat.other(), word))
                .findFirst();
    }

    private boolean means(Seat seat, String word) {
        Contestant who = bout.header().contestant(seat);
        return word.equals(seat.name().toLowerCase(Locale.ROOT))
                || Arrays.asList(Words.plain(who.name()).split(" ")).contains(word)
                || COLOURS.contains(word)
                        && who.kit().filter(kit -> Words.holds(kit, word)).isPresent();
    }
}
