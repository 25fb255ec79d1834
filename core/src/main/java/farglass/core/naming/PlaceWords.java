package farglass.core.naming;

import farglass.core.entry.Family;
import farglass.core.entry.Position;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Many places in few words: "every guard, every pin but north-south", for people to read. */
public final class PlaceWords {
    /** So many exceptions can still be read. */
    private static final int MOST_EXCEPTIONS = 3;

    private static final Map<Family, String> EVERY = new EnumMap<>(Map.of(
            Family.STANDING, "every place on the feet",
            Family.GUARD, "every guard",
            Family.HALF, "every half guard",
            Family.PASSING, "every place of the passer",
            Family.LEGS, "legs entangled in any way",
            Family.TURTLE, "every turtle and front headlock",
            Family.PIN, "every pin and mount",
            Family.BACK, "every place on the back",
            Family.FINISH, "every finish held"));

    private PlaceWords() {}

    public static List<String> of(Set<String> keys, Collection<Position> positions) {
        List<String> words = new ArrayList<>();
        boolean anywhere = positions.stream().filter(Position::isSettled).allMatch(place -> keys.contains(place.key()));
        if (anywhere) {
            return List.of("anywhere");
        }
        for (Family family : Family.values()) {
            List<Position> all =
                    positions.stream().filter(place -> place.family() == family).toList();
            List<Position> in =
                    all.stream().filter(place -> keys.contains(place.key())).toList();
            List<String> out = labels(
                    all.stream().filter(place -> !keys.contains(place.key())).toList());
            boolean most = EVERY.containsKey(family) && in.size() > 3 && out.size() <= MOST_EXCEPTIONS;
            if (most) {
                words.add(EVERY.get(family) + (out.isEmpty() ? "" : " but " + String.join(" and ", out)));
            } else {
                words.addAll(labels(in));
            }
        }
        return words;
    }

    private static List<String> labels(List<Position> places) {
        return places.stream()
                .map(place -> Words.inSentence(place.label()))
                .sorted()
                .toList();
    }
}
