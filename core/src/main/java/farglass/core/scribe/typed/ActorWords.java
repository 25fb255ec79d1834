package farglass.core.scribe.typed;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Who is meant by a word: a or b, any part of a name, top or bottom, or the colour of the kit. */
public final class ActorWords {
    private static final Pattern ROLE_TOLD =
            Pattern.compile("\\b(?:top|bottom|under|underneath)\\b", Pattern.CASE_INSENSITIVE);

    private static final List<String> COLOURS =
            List.of("white", "blue", "black", "red", "green", "grey", "brown", "purple", "yellow", "pink");

    private final Stand now;
    private final Map<Seat, Set<String>> words = new EnumMap<>(Seat.class);

    public ActorWords(Bout bout, Stand now) {
        this.now = now;
        for (Seat seat : Seat.values()) {
            Contestant who = bout.header().contestant(seat);
            Set<String> meaning = new HashSet<>(List.of(Words.plain(who.name()).split(" ")));
            meaning.add(seat.name().toLowerCase(Locale.ROOT));
            who.kit().ifPresent(kit -> COLOURS.stream()
                    .filter(colour -> Words.holds(kit, colour))
                    .forEach(meaning::add));
            words.put(seat, meaning);
        }
    }

    /** {@return the one athlete whom that word can mean; empty if it means both or neither} */
    public Optional<Seat> seat(String written) {
        String word = Words.plain(written);
        if (word.equals("top")) {
            return now.top();
        }
        if (word.equals("bottom")) {
            return now.top().map(Seat::other);
        }
        boolean first = words.get(Seat.A).contains(word);
        boolean second = words.get(Seat.B).contains(word);
        return first == second ? Optional.empty() : Optional.of(first ? Seat.A : Seat.B);
    }

    /** {@return whether the words say who of the two is on top} */
    public static boolean tellsRole(String words) {
        return ROLE_TOLD.matcher(words).find();
    }

    /** {@return who is named by the first of these words} */
    public Optional<Seat> inFront(List<String> words, Lexicon lexicon) {
        if (words.isEmpty()) {
            return Optional.empty();
        }
        // "Top lock" is no lock by the one on top.
        boolean ofAName = words.size() > 1
                && (words.get(0).equals("top") || words.get(0).equals("bottom"))
                && !lexicon.meanings(words.get(0) + " " + words.get(1)).isEmpty();
        return ofAName ? Optional.empty() : seat(words.get(0));
    }

    /** {@return who is named by the first of these words that can name anybody} */
    public Optional<Seat> among(List<String> words) {
        for (int i = 0; i < words.size(); i++) {
            // An "a" in the middle of a remark is an article.
            boolean isArticle = words.get(i).length() == 1 && i < words.size() - 1;
            Optional<Seat> seat = seat(words.get(i));
            if (seat.isPresent() && !isArticle) {
                return seat;
            }
        }
        return Optional.empty();
    }

    /** {@return whether the word there tells who, or how it went: it is no part of a name} */
    public boolean isDetail(List<String> words, int at) {
        return TypedDetails.isDetail(words, at) || seat(words.get(at)).isPresent();
    }
}
