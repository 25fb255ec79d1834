package farglass.core.study;

import farglass.core.naming.Words;
import java.util.Collection;
import java.util.Comparator;
import java.util.Optional;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Whether a new name is perhaps an old one in another spelling: then one athlete would be two, and each would be half known. */
public final class NameSpelling {
    /** So many slips of the finger still look like the same name. */
    private static final int SLIPS = 2;
    /** In shorter names every other one is so near. */
    private static final int SHORTEST = 5;

    private NameSpelling() {}

    /**
     * {@return the known name that this may be meant for; empty if it is one of them, or like none}
     *
     * @param known names of athletes of the library
     */
    public static Optional<String> meant(String name, Collection<String> known) {
        if (known.contains(name)) {
            return Optional.empty();
        }
        String plain = Words.plain(name);
        LevenshteinDistance distance = new LevenshteinDistance(SLIPS);
        record Near(String name, int slips) {}
        return known.stream()
                .map(other -> new Near(
                        other, plain.equals(Words.plain(other)) ? 0 : distance.apply(plain, Words.plain(other))))
                .filter(near -> near.slips() == 0 || near.slips() > 0 && plain.length() >= SHORTEST)
                .min(Comparator.comparingInt(Near::slips).thenComparing(Near::name))
                .map(Near::name);
    }
}
