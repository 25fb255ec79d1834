package farglass.core.notation;

import farglass.core.entry.SideRule;
import farglass.core.side.Side;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/**
 * A phrase within which a side is told, without it: "toreando to the left", "steps over with the right leg", "left foot on the hip".
 *
 * @param phrase what is named, if it names something
 * @param side which side was told
 * @param limb the limb told beside the side and taken out with it: the side has to be that limb's
 */
record SidedPhrase(String phrase, Side side, Optional<String> limb) {
    /** Said before a side, and telling nothing more than it. */
    private static final Set<String> BEFORE = Set.of("to", "the", "on", "his", "her", "its", "with");

    private static final Set<String> LIMBS = Set.of("arm", "leg", "hand", "foot");

    /** {@return what the phrase may be without the one side told in it; none where no side is told, or more than one} */
    static List<SidedPhrase> in(String phrase) {
        // A comma before the side belongs to nothing.
        List<String> words = List.of(phrase.strip().split("[\\s,]+"));
        int[] at = IntStream.range(0, words.size())
                .filter(i -> side(words.get(i)).isPresent())
                .toArray();
        if (at.length != 1 || words.size() == 1) {
            return List.of();
        }
        Side side = side(words.get(at[0])).orElseThrow();
        int from = at[0];
        while (from > 0 && BEFORE.contains(lower(words.get(from - 1)))) {
            from--;
        }
        int behind = at[0] + 1;
        Optional<String> limb = Optional.of(behind)
                .filter(i -> i < words.size())
                .map(words::get)
                .map(SidedPhrase::lower)
                .filter(LIMBS::contains);
        boolean more = limb.isPresent()
                || behind < words.size() && lower(words.get(behind)).equals("side");
        Set<SidedPhrase> all = new LinkedHashSet<>();
        all.add(new SidedPhrase(without(words, from, more ? behind + 1 : behind), side, limb));
        all.add(new SidedPhrase(without(words, at[0], behind), side, Optional.empty()));
        all.removeIf(each -> each.phrase().isEmpty());
        return List.copyOf(all);
    }

    /** {@return whether the side is the one which that rule means} */
    boolean fits(SideRule rule) {
        return limb.isEmpty() || rule.means(limb.get());
    }

    private static Optional<Side> side(String word) {
        return switch (lower(word)) {
            case "left" -> Optional.of(Side.LEFT);
            case "right" -> Optional.of(Side.RIGHT);
            default -> Optional.empty();
        };
    }

    private static String lower(String word) {
        return word.toLowerCase(Locale.ROOT);
    }

    private static String without(List<String> words, int from, int to) {
        List<String> left = new ArrayList<>(words.subList(0, from));
        left.addAll(words.subList(to, words.size()));
        return String.join(" ", left);
    }
}
