package farglass.core.lexicon;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Every position and technique, found by key, by any of their names, or by the beginning of one. */
public final class Lexicon {
    private final Map<String, Position> positions = new LinkedHashMap<>();
    private final Map<String, Technique> techniques = new LinkedHashMap<>();
    /** Sorted, so that completion is a range and not a search. */
    private final TreeMap<String, Term> byWord = new TreeMap<>();

    Lexicon(Collection<Position> positions, Collection<Technique> techniques) {
        positions.forEach(position -> add(position, this.positions));
        techniques.forEach(technique -> add(technique, this.techniques));
        for (Technique technique : techniques) {
            Stream.concat(technique.from().stream(), technique.to().stream()).forEach(key -> {
                if (!this.positions.containsKey(key)) {
                    throw new LexiconException(
                            "The lexicon's technique \"%s\" names a position \"%s\" it does not have."
                                    .formatted(technique.key(), key));
                }
            });
        }
    }

    private <T extends Term> void add(T term, Map<String, T> into) {
        if (into.put(term.key(), term) != null) {
            throw new LexiconException("The lexicon has \"%s\" twice.".formatted(term.key()));
        }
        Stream.concat(Stream.of(term.key(), term.label()), term.aliases().stream())
                .map(Words::plain)
                .distinct()
                .forEach(word -> {
                    Term other = byWord.put(word, term);
                    if (other != null) {
                        throw new LexiconException("The word \"%s\" stands for both \"%s\" and \"%s\" in the lexicon."
                                .formatted(word, other.label(), term.label()));
                    }
                });
    }

    /** {@return the lexicon that ships with the product} */
    public static Lexicon shipped() {
        return Shipped.LEXICON;
    }

    /** Read once, on first use: every window and command shares it, and it never changes. */
    private static final class Shipped {
        private static final Lexicon LEXICON = read();

        private static Lexicon read() {
            var stream = Objects.requireNonNull(Lexicon.class.getResourceAsStream("lexicon.txt"), "lexicon.txt");
            try (Reader reader = new InputStreamReader(stream, StandardCharsets.UTF_8)) {
                return new LexiconReader(reader).read();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    public Collection<Position> positions() {
        return Collections.unmodifiableCollection(positions.values());
    }

    public Collection<Technique> techniques() {
        return Collections.unmodifiableCollection(techniques.values());
    }

    public Optional<Position> position(String key) {
        return Optional.ofNullable(positions.get(key));
    }

    public Optional<Technique> technique(String key) {
        return Optional.ofNullable(techniques.get(key));
    }

    /** {@return the name people read for a key, or the key itself where the lexicon has none} */
    public String label(String key) {
        return Stream.<Optional<? extends Term>>of(position(key), technique(key))
                .flatMap(Optional::stream)
                .map(Term::label)
                .findFirst()
                .orElse(key);
    }

    /** {@return the entry that a word, in any school's language, stands for} */
    public Optional<Term> find(String word) {
        return Optional.ofNullable(byWord.get(Words.plain(word)));
    }

    /** {@return the entries with a name that begins so, those whose own label does first, each once} */
    public List<Term> beginningWith(String beginning, int most) {
        String plain = Words.plain(beginning);
        if (plain.isEmpty()) {
            return List.of();
        }
        return byWord.subMap(plain, plain + Character.MAX_VALUE).values().stream()
                .distinct()
                .sorted(Comparator.comparing(
                                (Term term) -> !Words.plain(term.label()).startsWith(plain))
                        .thenComparing(Term::label))
                .limit(most)
                .toList();
    }

    /** {@return the entry whose name is fewest slips of the finger away, if any is within a third of the word's length} */
    public Optional<Term> nearest(String word) {
        String plain = Words.plain(word);
        int reach = Math.max(1, Math.min(plain.length(), 40) / 3);
        var distance = new LevenshteinDistance(reach);
        record Found(Term term, int slips) {}
        List<Found> found = new ArrayList<>();
        if (plain.length() <= 60) {
            byWord.forEach((name, term) -> {
                int slips = distance.apply(plain, name);
                if (slips >= 0) {
                    found.add(new Found(term, slips));
                }
            });
        }
        return found.stream().min(Comparator.comparingInt(Found::slips)).map(Found::term);
    }
}
