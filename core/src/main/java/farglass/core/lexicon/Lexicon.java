package farglass.core.lexicon;

import farglass.core.Spelling;
import farglass.core.entry.Kind;
import farglass.core.entry.Meaning;
import farglass.core.entry.Names;
import farglass.core.entry.Position;
import farglass.core.entry.PositionBuilder;
import farglass.core.entry.School;
import farglass.core.entry.Start;
import farglass.core.entry.Technique;
import farglass.core.entry.TechniqueBuilder;
import farglass.core.entry.Term;
import farglass.core.naming.Naming;
import farglass.core.naming.PlaceWords;
import farglass.core.naming.Vocabulary;
import farglass.core.naming.WordIndex;
import farglass.core.naming.Words;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Every position and technique, found by key, by any of their names, or by the beginning of one. What a phrase means where the two are is
 * asked of {@link #naming}. Never changes.
 */
public final class Lexicon implements Vocabulary {
    private final Map<String, Position> positions = new LinkedHashMap<>();
    private final Map<String, Technique> techniques = new LinkedHashMap<>();
    private final Map<String, Set<String>> groups;
    /** By key, the plain words that are the user's own: they win over shipped ones. */
    private final Map<String, List<String>> own = new LinkedHashMap<>();

    private final Map<Meaning, Position> known = new EnumMap<>(Meaning.class);

    /** Made when first a word is looked up: what only reads, scores or counts by keys needs none. */
    private volatile Naming naming;

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
        return lexicon.complete();
    }

    /** To be called once all entries are in it. */
    private Lexicon complete() {
        positions.values().forEach(position -> position.meaning()
                .ifPresent(meaning -> known.putIfAbsent(meaning, position)));
        return this;
    }

    private <T extends Term> void add(T term, Map<String, T> into) {
        if (positions.containsKey(term.key()) || techniques.containsKey(term.key())) {
            throw new LexiconException("The lexicon has \"%s\" twice.".formatted(term.key()));
        }
        into.put(term.key(), term);
    }

    private void checkPlaces(Technique technique) {
        technique.starts().forEach(start -> checkPlaces(technique, start.positions()));
        checkPlaces(technique, technique.to());
    }

    private void checkPlaces(Technique technique, Collection<String> places) {
        for (String key : places) {
            if (!positions.containsKey(key)) {
                throw new LexiconException("The lexicon's technique \"%s\" names a position \"%s\" it does not have."
                        .formatted(technique.key(), key));
            }
        }
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
     * @param problems what of the additions could not be used as it stands, in sentences; empty for most
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
        if (stanzas.isEmpty()) {
            return new Extended(this, List.of());
        }
        Lexicon extended = copy();
        List<String> problems = new ArrayList<>();
        List<Entries> changes = new ArrayList<>();
        List<String> left = List.copyOf(stanzas);
        while (!left.isEmpty()) {
            Map<String, String> refused = extended.take(left, changes, problems);
            if (refused.size() == left.size()) {
                problems.addAll(refused.values());
                break;
            }
            // A variant of an own technique can be read once that one is there.
            left = List.copyOf(refused.keySet());
        }
        for (Entries entries : changes) {
            entries.moreNames().forEach((key, names) -> extended.rename(key, names, problems));
            entries.moreStarts().forEach((key, starts) -> extended.start(key, starts, problems));
        }
        return new Extended(extended.complete(), problems);
    }

    /** Takes what can be read of these stanzas. {@return the others, each with why not} */
    private Map<String, String> take(List<String> stanzas, List<Entries> changes, List<String> problems) {
        Map<String, String> refused = new LinkedHashMap<>();
        List<Technique> waiting = new ArrayList<>();
        for (String stanza : stanzas) {
            try {
                Entries entries = entries(stanza);
                entries.positions().forEach(position -> put(asKnown(position), positions, techniques));
                waiting.addAll(entries.techniques());
                changes.add(entries);
            } catch (LexiconException e) {
                refused.put(stanza, e.getMessage());
            }
        }
        for (Technique technique : waiting) {
            try {
                checkPlaces(technique);
                put(asKnown(technique), techniques, positions);
            } catch (LexiconException e) {
                problems.add(e.getMessage());
            }
        }
        return refused;
    }

    private Lexicon copy() {
        Lexicon copy = new Lexicon(groups);
        copy.positions.putAll(positions);
        copy.techniques.putAll(techniques);
        copy.own.putAll(own);
        return copy;
    }

    private Entries entries(String stanza) {
        try {
            return new LexiconReader(new StringReader(stanza), groups, this::technique).read();
        } catch (IOException e) {
            throw new UncheckedIOException("A text in memory cannot fail to be read", e);
        }
    }

    /** {@return the one position that has this meaning for the program} @throws LexiconException if the lexicon has none */
    public Position place(Meaning meaning) {
        return Optional.ofNullable(known.get(meaning))
                .orElseThrow(() -> new LexiconException(
                        "The lexicon has no position that means \"%s\".".formatted(Spelling.of(meaning))));
    }

    /** An own entry in the place of a shipped one is to the program what that one was. */
    private Position asKnown(Position own) {
        return position(own.key())
                .filter(shipped -> own.meaning().isEmpty())
                .map(shipped ->
                        PositionBuilder.builder(own).meaning(shipped.meaning()).create())
                .orElse(own);
    }

    private Technique asKnown(Technique own) {
        return technique(own.key())
                .filter(shipped -> own.meaning().isEmpty())
                .map(shipped ->
                        TechniqueBuilder.builder(own).meaning(shipped.meaning()).create())
                .orElse(own);
    }

    private <T extends Term> void put(T term, Map<String, T> into, Map<String, ? extends Term> others) {
        checkKind(term, others);
        into.remove(term.key());
        into.put(term.key(), term);
        own.put(term.key(), WordIndex.written(term).toList());
    }

    /** What others start from, lead to or are worked out by must not become something else. */
    private static void checkKind(Term term, Map<String, ? extends Term> others) {
        if (others.containsKey(term.key())) {
            throw new LexiconException("\"%s\" is a %s of the lexicon already. Give your own entry another name."
                    .formatted(
                            term.key(), others.get(term.key()).match(place -> "position", technique -> "technique")));
        }
    }

    private void rename(String key, Names more, List<String> problems) {
        Optional<Term> found = term(key);
        if (found.isEmpty()) {
            problems.add("More words are noted for \"%s\", which the lexicon does not have.".formatted(key));
            return;
        }
        found.get().asPosition().ifPresent(position -> positions.put(key, position.withMoreNames(more)));
        found.get().asTechnique().ifPresent(technique -> techniques.put(key, technique.withMoreNames(more)));
        own.merge(key, more.all().stream().map(Words::plain).toList(), (one, two) -> Stream.concat(
                        one.stream(), two.stream())
                .toList());
    }

    private void start(String key, List<Start> more, List<String> problems) {
        Technique technique = techniques.get(key);
        boolean known = more.stream().allMatch(start -> positions.keySet().containsAll(start.positions()));
        if (technique == null || !known) {
            problems.add("More places to start are noted for \"%s\", and one of the two the lexicon does not have."
                    .formatted(key));
            return;
        }
        techniques.put(key, technique.withMoreStarts(more));
    }

    /** {@return the same lexicon with the labels of that school, where it has a word; the others stay words for it} */
    public Lexicon shownIn(School school) {
        if (school == School.ENGLISH) {
            return this;
        }
        Lexicon shown = new Lexicon(groups);
        positions.forEach((key, position) -> shown.positions.put(key, shown(position, school, Position::named)));
        techniques.forEach((key, technique) -> shown.techniques.put(key, shown(technique, school, Technique::named)));
        shown.own.putAll(own);
        return shown.complete();
    }

    private interface Renaming<T> {
        T named(T term, String label, Names names);
    }

    private static <T extends Term> T shown(T term, School school, Renaming<T> naming) {
        BiFunction<String, Names, T> renamed = (label, names) -> naming.named(term, label, names);
        return term.names()
                .in(school)
                .map(word -> renamed.apply(
                        word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1),
                        new Names(List.of(term.label()), List.of(), List.of(), List.of(), List.of(), List.of())
                                .and(term.names())))
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

    /** {@return the stanza that lets a technique start in one place more} */
    public static String stanza(String key, Start more) {
        return "starts " + key + "\n  from " + LexiconPrinter.start(more) + "\n";
    }

    /** {@return the words that a stanza gives an entry; none for a stanza of another kind} */
    public static Names namesOf(String stanza) {
        // A stanza of names stands by itself: it names no group and no other technique.
        if (!stanza.startsWith("names ")) {
            return Names.NONE;
        }
        return shipped().entries(stanza).moreNames().values().stream()
                .findFirst()
                .orElse(Names.NONE);
    }

    /**
     * {@return the entry that a stanza tells of}
     *
     * @throws LexiconException if it cannot be read, or is not one position or technique of places that exist here, under a key that the other kind does not have
     */
    public Term entry(String stanza) {
        Entries entries = entries(stanza);
        List<Term> terms = Stream.<Term>concat(entries.positions().stream(), entries.techniques().stream())
                .toList();
        if (terms.size() != 1) {
            throw new LexiconException("Expected one position or technique, but there are %d.".formatted(terms.size()));
        }
        terms.get(0).asPosition().ifPresent(position -> checkKind(position, techniques));
        terms.get(0).asTechnique().ifPresent(technique -> {
            checkKind(technique, positions);
            checkPlaces(technique);
        });
        return terms.get(0);
    }

    public Collection<Position> positions() {
        return Collections.unmodifiableCollection(positions.values());
    }

    @Override
    public Collection<Technique> techniques() {
        return Collections.unmodifiableCollection(techniques.values());
    }

    @Override
    public Optional<Position> position(String key) {
        return Optional.ofNullable(positions.get(key));
    }

    @Override
    public Optional<Technique> technique(String key) {
        return Optional.ofNullable(techniques.get(key));
    }

    public Optional<Term> term(String key) {
        Term position = positions.get(key);
        return Optional.ofNullable(position != null ? position : techniques.get(key));
    }

    /** {@return many places in few words, for people to read: "every guard", "every pin and mount but north-south" */
    public List<String> inWords(Set<String> places) {
        return PlaceWords.of(places, positions.values());
    }

    /** {@return the variants of a technique, in the order of the lexicon; none for most} */
    public List<Technique> variants(String key) {
        return techniques.values().stream()
                .filter(technique -> technique.parent().filter(key::equals).isPresent())
                .toList();
    }

    /** {@return the key under which a technique and its variants are counted together} */
    public String together(String key) {
        return technique(key).flatMap(Technique::parent).orElse(key);
    }

    /** {@return the general entry for what all of these are, such as "sweep, way not told"; empty where they differ in kind} */
    public Optional<Technique> generalOf(List<? extends Term> terms) {
        Set<Optional<Kind>> kinds = terms.stream()
                .map(term -> term.asTechnique().map(Technique::kind))
                .collect(Collectors.toSet());
        return kinds.size() == 1 ? kinds.iterator().next().flatMap(this::generalOf) : Optional.empty();
    }

    /** {@return the general entry for that kind: the one that has its name, and not "choke" for every submission} */
    public Optional<Technique> generalOf(Kind kind) {
        return technique(Spelling.of(kind)).filter(Technique::generic);
    }

    @Override
    public String label(String key) {
        return term(key).map(Term::label).orElse(key);
    }

    /** {@return what reads phrases with these words} */
    public Naming naming() {
        Naming made = naming;
        if (made == null) {
            synchronized (this) {
                made = naming;
                if (made == null) {
                    List<Term> all = Stream.<Term>concat(techniques.values().stream(), positions.values().stream())
                            .toList();
                    made = new Naming(this, new WordIndex(all, own));
                    naming = made;
                }
            }
        }
        return made;
    }

    /** {@return everything a word or a form of it can stand for, wherever the two are; empty for an unknown word} */
    public List<Term> meanings(String word) {
        return naming().all(word);
    }

    /** {@return the entry that a word stands for, in any school's language; of several the first} */
    public Optional<Term> find(String word) {
        return meanings(word).stream().findFirst();
    }

    /** {@return the entry that has just this word among its own, forms of it left aside; of several the first} */
    public Optional<Term> owner(String word) {
        return naming().owner(word);
    }

    /** {@return the position that a word stands for; of several the one whose own word it is} */
    public Optional<Position> place(String word) {
        return Optional.ofNullable(positions.get(Words.plain(word).replace(' ', '-')))
                .or(() -> naming().place(word));
    }

    @Override
    public Optional<Term> nearest(String word) {
        String plain = Words.plain(word);
        if (plain.isEmpty() || plain.length() > 60) {
            return Optional.empty();
        }
        return naming().nearest(plain);
    }
}
