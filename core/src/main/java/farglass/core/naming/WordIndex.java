package farglass.core.naming;

import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;

/** Every name of a lexicon, in the forms in which it may be typed. A name may stand for several entries. */
public final class WordIndex {
    /** How much a name belongs to its entry, the most last. */
    enum Claim {
        /** Made by rule: with or without "guard", "pass" and the like; and an entry's key, which files write. */
        BY_RULE,
        WRITTEN,
        /** Of the user's own, which no shipped word may take away. */
        OWN
    }

    /** One meaning of a name. */
    record Meaning(Term term, Claim claim) {
        boolean isBlow() {
            return term.asTechnique().filter(Technique::blows).isPresent();
        }
    }

    /**
     * A name with one of its meanings.
     *
     * @param plain as it is written
     * @param often whether it is often mangled
     */
    record Listed(String plain, boolean often, Meaning meaning) {}

    /** Sorted, so that completion is a range and not a search. */
    private final TreeMap<String, List<Meaning>> plain = new TreeMap<>();

    private final Map<String, List<Meaning>> stems = new HashMap<>();
    private final Map<String, List<Meaning>> unordered = new HashMap<>();
    private final Map<String, List<Meaning>> joined = new HashMap<>();
    private final List<Listed> listed = new ArrayList<>();
    /** The stems of all words in names. */
    private final Set<String> vocabulary = new HashSet<>();

    public WordIndex(Collection<? extends Term> terms, Map<String, List<String>> own) {
        for (Term term : terms) {
            List<String> ownWords = own.getOrDefault(term.key(), List.of());
            Map<String, Claim> claims = new LinkedHashMap<>();
            written(term).forEach(name -> claims.put(name, ownWords.contains(name) ? Claim.OWN : Claim.WRITTEN));
            claims.putIfAbsent(Words.plain(term.key()), Claim.BY_RULE);
            List.copyOf(claims.keySet()).forEach(name -> Nouns.besides(term, name)
                    .forEach(form -> claims.putIfAbsent(
                            form, Nouns.isPlainForm(term, name, form) ? Claim.WRITTEN : Claim.BY_RULE)));
            List.copyOf(claims.keySet())
                    .forEach(name -> Nouns.shortOf(name).ifPresent(form -> claims.putIfAbsent(form, Claim.BY_RULE)));
            Stream.concat(term.names().portuguese().stream(), Stream.of(term.label()))
                    .map(Words::plain)
                    .flatMap(name -> Stream.concat(
                            Nouns.before(term, name).stream(),
                            Nouns.besides(term, name).stream().flatMap(form -> Nouns.before(term, form).stream())))
                    .forEach(form -> claims.putIfAbsent(form, Claim.BY_RULE));
            List<String> mangled =
                    term.names().mangled().stream().map(Words::plain).toList();
            claims.forEach((name, claim) -> add(name, new Meaning(term, claim), mangled.contains(name)));
        }
    }

    /** {@return the plain names that an entry has of its own} */
    public static Stream<String> written(Term term) {
        return Stream.concat(Stream.of(term.label()), term.names().all().stream())
                .map(Words::plain)
                .filter(word -> !word.isEmpty())
                .distinct();
    }

    private void add(String name, Meaning meaning, boolean often) {
        List<String> bare = Stems.of(name);
        vocabulary.addAll(bare);
        put(plain, name, meaning);
        if (!bare.isEmpty()) {
            put(stems, String.join(" ", bare), meaning);
            // "Hugs the leg" is no leg hug sweep without its sweep.
            if (meaning.claim() != Claim.BY_RULE
                    || name.equals(Words.plain(meaning.term().key()))) {
                put(unordered, String.join(" ", bare.stream().sorted().toList()), meaning);
            }
        }
        put(joined, name.replace(" ", ""), meaning);
        listed.add(new Listed(name, often, meaning));
    }

    private static void put(Map<String, List<Meaning>> into, String form, Meaning meaning) {
        into.computeIfAbsent(form, any -> new ArrayList<>(1)).add(meaning);
    }

    List<Meaning> plain(String name) {
        return plain.getOrDefault(name, List.of());
    }

    List<Meaning> stems(List<String> bare) {
        return stems.getOrDefault(String.join(" ", bare), List.of());
    }

    List<Meaning> unordered(List<String> bare) {
        return unordered.getOrDefault(String.join(" ", bare.stream().sorted().toList()), List.of());
    }

    List<Meaning> joined(String together) {
        return joined.getOrDefault(together, List.of());
    }

    /** {@return what has a name that begins so} */
    Stream<Meaning> beginning(String plainBeginning) {
        return plain.subMap(plainBeginning, plainBeginning + Character.MAX_VALUE).values().stream()
                .flatMap(List::stream);
    }

    /** {@return what has a name with these letters anywhere in it} */
    Stream<Meaning> holding(String plainLetters) {
        return plain.entrySet().stream()
                .filter(name -> name.getKey().contains(plainLetters))
                .flatMap(name -> name.getValue().stream());
    }

    /** {@return what has a name of as many words, each of which begins as these do or is the same} */
    Stream<Meaning> abbreviated(List<String> beginnings) {
        return plain.subMap(beginnings.get(0), beginnings.get(0) + Character.MAX_VALUE).entrySet().stream()
                .filter(name -> begin(name.getKey().split(" "), beginnings))
                .flatMap(name -> name.getValue().stream());
    }

    /** A word that is one already is not the beginning of another: "arm in" is no "armpit insertion". */
    private boolean begin(String[] words, List<String> beginnings) {
        if (words.length != beginnings.size()) {
            return false;
        }
        for (int i = 0; i < words.length; i++) {
            String typed = beginnings.get(i);
            boolean same = words[i].equals(typed);
            if (!same && (typed.length() < 2 || !words[i].startsWith(typed) || isWord(typed))) {
                return false;
            }
        }
        return true;
    }

    /** {@return whether it is a word by itself: of some name, or one that says only whose} */
    boolean isWord(String plainWord) {
        return Stems.isSmall(plainWord) || vocabulary.contains(Stems.of1(plainWord));
    }

    /** {@return whether each of them is a word of some name} */
    boolean knows(List<String> bare) {
        return vocabulary.containsAll(bare);
    }

    /** {@return all names, in their order} A name with several meanings stands there as often. */
    List<Listed> listed() {
        return Collections.unmodifiableList(listed);
    }
}
