package farglass.core.lexicon;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.BiFunction;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;

/** Every position and technique, found by key, by any of their names, or by the beginning of one. Never changes. */
public final class Lexicon {
    private final Map<String, Position> positions = new LinkedHashMap<>();
    private final Map<String, Technique> techniques = new LinkedHashMap<>();
    private final Map<String, Ambiguity> ambiguities = new LinkedHashMap<>();
    private final Map<String, Set<String>> groups;
    /** Sorted, so that completion is a range and not a search. */
    private final TreeMap<String, Term> byWord = new TreeMap<>();

    private Lexicon(Map<String, Set<String>> groups) {
        this.groups = Map.copyOf(groups);
    }

    /**
     * {@return the lexicon of that text}
     *
     * @throws LexiconException if it cannot be read or contradicts itself, with the line or the word
     */
    static Lexicon read(Reader text) throws IOException {
        LexiconReader reader = new LexiconReader(text);
        Entries entries = reader.read();
        Lexicon lexicon = new Lexicon(reader.groups());
        entries.positions().forEach(position -> lexicon.add(position, lexicon.positions));
        entries.techniques().forEach(technique -> lexicon.add(technique, lexicon.techniques));
        entries.techniques().forEach(lexicon::checkPlaces);
        entries.ambiguities().forEach(lexicon::add);
        return lexicon;
    }

    private <T extends Term> void add(T term, Map<String, T> into) {
        if (positions.containsKey(term.key()) || techniques.containsKey(term.key())) {
            throw new LexiconException("The lexicon has \"%s\" twice.".formatted(term.key()));
        }
        into.put(term.key(), term);
        words(term).forEach(word -> {
            Term other = byWord.put(word, term);
            if (other != null && other != term) {
                throw new LexiconException("The word \"%s\" stands for both \"%s\" and \"%s\" in the lexicon."
                        .formatted(word, other.label(), term.label()));
            }
        });
    }

    private static Stream<String> words(Term term) {
        return Stream.concat(Stream.of(term.key(), term.label()), term.names().all().stream())
                .map(Words::plain)
                .filter(word -> !word.isEmpty())
                .distinct();
    }

    private void checkPlaces(Technique technique) {
        Stream.concat(technique.from().stream(), technique.to().stream()).forEach(key -> {
            if (!positions.containsKey(key)) {
                throw new LexiconException("The lexicon's technique \"%s\" names a position \"%s\" it does not have."
                        .formatted(technique.key(), key));
            }
        });
    }

    private void add(Ambiguity ambiguity) {
        String word = Words.plain(ambiguity.word());
        for (String key : Stream.concat(Stream.of(ambiguity.means()), ambiguity.others().stream())
                .toList()) {
            if (term(key).isEmpty()) {
                throw new LexiconException("The lexicon lists \"%s\" as ambiguous for \"%s\", which it does not have."
                        .formatted(ambiguity.word(), key));
            }
        }
        Term taken = byWord.put(word, term(ambiguity.means()).orElseThrow());
        if (taken != null) {
            throw new LexiconException(
                    "The word \"%s\" is listed as ambiguous and is a name of \"%s\" besides; leave one of the two."
                            .formatted(ambiguity.word(), taken.label()));
        }
        ambiguities.put(word, ambiguity);
    }

    /** {@return the lexicon that ships with the product} */
    public static Lexicon shipped() {
        return Shipped.LEXICON;
    }

    /** Read once, on first use: every window and command shares it, and it never changes. */
    private static final class Shipped {
        private static final Lexicon LEXICON = load();

        private static Lexicon load() {
            var stream = Objects.requireNonNull(Lexicon.class.getResourceAsStream("lexicon.txt"), "lexicon.txt");
            try (Reader reader = new InputStreamReader(stream, StandardCharsets.UTF_8)) {
                return read(reader);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /**
     * A lexicon with a library's own additions.
     *
     * @param set what of the additions could not be used as it stands, in sentences; empty for most
     */
    public record Extended(Lexicon lexicon, List<String> problems) {
        public Extended {
            problems = List.copyOf(problems);
        }
    }

    /**
     * {@return this lexicon with additions, each a stanza} A user's word wins over a shipped one, so that an update never takes
     * it away; an addition that cannot be read, or names places that are gone, is left out and told of.
     */
    public Extended with(Collection<String> stanzas) {
        Lexicon extended = new Lexicon(groups);
        extended.positions.putAll(positions);
        extended.techniques.putAll(techniques);
        extended.ambiguities.putAll(ambiguities);
        extended.byWord.putAll(byWord);
        List<String> problems = new ArrayList<>();
        List<Technique> waiting = new ArrayList<>();
        for (String stanza : stanzas) {
            try {
                Entries entries = entries(stanza, groups);
                entries.positions().forEach(position -> extended.put(position, extended.positions));
                waiting.addAll(entries.techniques());
                entries.moreNames().forEach((key, names) -> extended.rename(key, names, problems));
            } catch (LexiconException e) {
                problems.add(e.getMessage());
            }
        }
        for (Technique technique : waiting) {
            try {
                extended.checkPlaces(technique);
                extended.put(technique, extended.techniques);
            } catch (LexiconException e) {
                problems.add(e.getMessage());
            }
        }
        return new Extended(extended, problems);
    }

    private static Entries entries(String stanza, Map<String, Set<String>> groups) {
        try {
            return new LexiconReader(new StringReader(stanza), groups).read();
        } catch (IOException e) {
            throw new UncheckedIOException("A text in memory cannot fail to be read", e);
        }
    }

    private <T extends Term> void put(T term, Map<String, T> into) {
        term(term.key()).ifPresent(replaced -> byWord.values().removeIf(replaced::equals));
        positions.remove(term.key());
        techniques.remove(term.key());
        into.put(term.key(), term);
        words(term).forEach(word -> {
            byWord.put(word, term);
            ambiguities.remove(word);
        });
    }

    private void rename(String key, Names more, List<String> problems) {
        Optional<Term> found = term(key);
        if (found.isEmpty()) {
            problems.add("More words are noted for \"%s\", which the lexicon does not have.".formatted(key));
        } else if (found.get() instanceof Position position) {
            put(position.withMoreNames(more), positions);
        } else if (found.get() instanceof Technique technique) {
            put(technique.withMoreNames(more), techniques);
        }
    }

    /** {@return the same lexicon with the labels of that school, where it has a word; the others stay words for it} */
    public Lexicon shownIn(School school) {
        if (school == School.ENGLISH) {
            return this;
        }
        Lexicon shown = new Lexicon(groups);
        positions.forEach((key, position) -> shown.positions.put(key, shown(position, school, Position::named)));
        techniques.forEach((key, technique) -> shown.techniques.put(key, shown(technique, school, Technique::named)));
        shown.ambiguities.putAll(ambiguities);
        byWord.forEach(
                (word, term) -> shown.byWord.put(word, shown.term(term.key()).orElseThrow()));
        return shown;
    }

    private interface Naming<T> {
        T named(T term, String label, Names names);
    }

    private static <T extends Term> T shown(T term, School school, Naming<T> naming) {
        BiFunction<String, Names, T> renamed = (label, names) -> naming.named(term, label, names);
        return term.names()
                .in(school)
                .map(word -> renamed.apply(
                        word.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + word.substring(1),
                        new Names(List.of(term.label()), List.of(), List.of(), List.of(), List.of()).and(term.names())))
                .orElse(term);
    }

    /** {@return the stanza that reads back as this entry} */
    public static String stanza(Term term) {
        return LexiconPrinter.stanza(term);
    }

    /** {@return the stanza that gives an entry more words} */
    public static String stanza(String key, Names more) {
        return "names " + key + "\n" + LexiconPrinter.names(more);
    }

    /** {@return the words that a stanza gives an entry; none for a stanza of another kind} */
    public static Names namesOf(String stanza) {
        return entries(stanza, Map.of()).moreNames().values().stream()
                .findFirst()
                .orElse(Names.NONE);
    }

    /**
     * {@return the entry that a stanza tells of}
     *
     * @throws LexiconException if it cannot be read, or is not one position or technique of places that exist here
     */
    public Term entry(String stanza) {
        Entries entries = entries(stanza, groups);
        List<Term> terms = Stream.<Term>concat(entries.positions().stream(), entries.techniques().stream())
                .toList();
        if (terms.size() != 1) {
            throw new LexiconException("Expected one position or technique, but there are %d.".formatted(terms.size()));
        }
        if (terms.get(0) instanceof Technique technique) {
            checkPlaces(technique);
        }
        return terms.get(0);
    }

    public Collection<Position> positions() {
        return Collections.unmodifiableCollection(positions.values());
    }

    public Collection<Technique> techniques() {
        return Collections.unmodifiableCollection(techniques.values());
    }

    /** {@return the words that stand for several entries} */
    public Collection<Ambiguity> ambiguities() {
        return Collections.unmodifiableCollection(ambiguities.values());
    }

    public Optional<Position> position(String key) {
        return Optional.ofNullable(positions.get(key));
    }

    public Optional<Technique> technique(String key) {
        return Optional.ofNullable(techniques.get(key));
    }

    public Optional<Term> term(String key) {
        Term position = positions.get(key);
        return Optional.ofNullable(position != null ? position : techniques.get(key));
    }

    /** {@return the name people read for a key, or the key itself where the lexicon has none} */
    public String label(String key) {
        return term(key).map(Term::label).orElse(key);
    }

    /** {@return the entry that a word, in any school's language, stands for} */
    public Optional<Term> find(String word) {
        String plain = Words.plain(word);
        Term found = byWord.get(plain);
        return Optional.ofNullable(found != null ? found : byWord.get(otherVerbForm(plain)));
    }

    /** What is written "opens the guard" is known as "open the guard", and the other way round. */
    private static String otherVerbForm(String plain) {
        int end = plain.indexOf(' ') < 0 ? plain.length() : plain.indexOf(' ');
        String verb = plain.substring(0, end);
        return (verb.endsWith("s") ? verb.substring(0, end - 1) : verb + "s") + plain.substring(end);
    }

    /** {@return the entry a word stands for in that place: of several, the one that alone can start there} */
    public Optional<Term> find(String word, Position here) {
        Ambiguity ambiguity = ambiguities.get(Words.plain(word));
        if (ambiguity == null) {
            return find(word);
        }
        List<Term> fitting = Stream.concat(Stream.of(ambiguity.means()), ambiguity.others().stream())
                .flatMap(key -> technique(key).stream())
                .filter(technique -> technique.from().contains(here.key()))
                .map(Term.class::cast)
                .toList();
        return fitting.isEmpty() ? find(word) : Optional.of(fitting.get(0));
    }

    /** {@return everything a word can stand for, the first being what it is read as; empty for an unknown word} */
    public List<Term> meanings(String word) {
        Ambiguity ambiguity = ambiguities.get(Words.plain(word));
        return ambiguity == null
                ? find(word).stream().toList()
                : Stream.concat(Stream.of(ambiguity.means()), ambiguity.others().stream())
                        .flatMap(key -> term(key).stream())
                        .toList();
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

    /**
     * {@return the one entry a word with a slip of the finger can mean} One slip is forgiven in a word of four letters or more, two in
     * ten or more; where two entries are as near, neither is meant.
     */
    public Optional<Term> slipOf(String word) {
        String plain = Words.plain(word);
        if (plain.length() < 4 || plain.length() > 60) {
            return Optional.empty();
        }
        int reach = plain.length() < 10 ? 1 : 2;
        var distance = new LevenshteinDistance(reach);
        Map<Integer, Set<Term>> found = new TreeMap<>();
        byWord.forEach((name, term) -> {
            int slips = distance.apply(plain, name);
            if (slips >= 0) {
                found.computeIfAbsent(slips, any -> new HashSet<>()).add(term);
            }
        });
        return found.values().stream()
                .findFirst()
                .filter(nearest -> nearest.size() == 1)
                .map(nearest -> nearest.iterator().next());
    }

    /** {@return the entry whose name is fewest slips of the finger away, if any is within a third of the word's length} */
    public Optional<Term> nearest(String word) {
        String plain = Words.plain(word);
        if (plain.isEmpty() || plain.length() > 60) {
            return Optional.empty();
        }
        int reach = Math.max(1, Math.min(plain.length(), 40) / 3);
        var distance = new LevenshteinDistance(reach);
        record Found(Term term, int slips) {}
        List<Found> found = new ArrayList<>();
        byWord.forEach((name, term) -> {
            int slips = distance.apply(plain, name);
            if (slips >= 0) {
                found.add(new Found(term, slips));
            }
        });
        return found.stream().min(Comparator.comparingInt(Found::slips)).map(Found::term);
    }
}
