package farglass.core.naming;

import farglass.core.entry.Kind;
import farglass.core.entry.Position;
import farglass.core.entry.Reach;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToIntFunction;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What a phrase names, where the two are: first as it is written, then in another form of its words, then with a slip mended. The whole
 * phrase is read or nothing is. Where a phrase names several things that could all be meant, all of them are given: nothing is guessed.
 */
public final class Naming {
    /** How a phrase was understood. */
    public enum How {
        /** By one of the entry's own words. */
        WRITTEN,
        /** By a form of them: another form of the verb, another order, with or without "guard" or "pass", run together. */
        FORM,
        /** A slip was mended; it has to be shown before it is saved. */
        MENDED,
        /** The phrase was only the beginning of a word. */
        FINISHED
    }

    /** What else is told of the moment, where it says what sort of thing is meant. */
    public enum Hint {
        NONE,
        /** Taken, denied, lost. */
        GRIP,
        /** Worked, partly, failed. */
        DEFENCE,
        /** A line was beaten. */
        PASS,
        /** It was kept. */
        HELD
    }

    /**
     * The meanings of a phrase.
     *
     * @param terms one where it is clear; several where it has to be asked, the likeliest first
     */
    public record Found(List<Term> terms, How how) {
        public Found {
            terms = List.copyOf(terms);
        }

        /** {@return the meaning, where there is only one} */
        public Optional<Term> clear() {
            return terms.size() == 1 ? Optional.of(terms.get(0)) : Optional.empty();
        }
    }

    /** Fewer letters, and the blank between them, could stand for too many names. */
    private static final int LEAST_ABBREVIATED = 6;
    /** Hardly a name that may be mangled has more words. */
    private static final int MOST_WORDS = 4;
    /** A name of which more words are missing is only one of many things that begin so. */
    private static final int MOST_TO_COME = 2;

    private static final Set<String> GRABS = LightVerbs.stems("grab", "grip", "hold");
    /** What leads to where somebody is, and not to an act. */
    private static final Set<String> ARRIVES =
            LightVerbs.stems("land", "settle", "reach", "arrive", "fall", "end", "finish");

    private static final Set<Kind> DEFENCES = EnumSet.of(
            Kind.DEFENCE, Kind.ESCAPE, Kind.RETENTION, Kind.GUARD_CHANGE, Kind.MOVEMENT, Kind.KEEPING, Kind.PLACEMENT);

    private final Vocabulary vocabulary;
    private final WordIndex index;
    private final Slips slips;
    /** Made when first something is looked for by its first letters: files never do. */
    private volatile Beginnings beginnings;

    public Naming(Vocabulary vocabulary, WordIndex index) {
        this.vocabulary = vocabulary;
        this.index = index;
        this.slips = new Slips(index);
    }

    /** {@return what the whole phrase names here, without mending anything} */
    public Optional<Found> read(String phrase, Here here, Hint told) {
        String plain = Words.plain(phrase);
        // Who grabs something most likely takes a grip.
        Hint hint = told == Hint.NONE && GRABS.contains(Stems.of1(plain.split(" ")[0])) ? Hint.GRIP : told;
        if (plain.isEmpty() || plain.length() > Slips.LONGEST) {
            return Optional.empty();
        }
        List<WordIndex.Meaning> written = withoutBlows(index.plain(plain), plain, here);
        boolean label = written.stream()
                .anyMatch(meaning -> Words.plain(meaning.term().label()).equals(plain));
        if (label || fitsHere(written, here)) {
            return Optional.of(new Found(best(plain, written, here, hint), How.WRITTEN));
        }
        Optional<Position> arrived = arrived(plain);
        if (written.isEmpty() && arrived.isPresent()) {
            return Optional.of(new Found(List.of(arrived.get()), How.FORM));
        }
        List<List<WordIndex.Meaning>> forms = forms(plain).stream()
                .map(form -> withoutBlows(form, plain, here))
                .map(form -> withoutDepths(form, plain))
                .toList();
        // Of two forms the first, unless only the other can start here. What leaves a light verb away, or takes the
        // words in another order, is believed only of what can start here.
        Optional<List<WordIndex.Meaning>> form = forms.stream()
                .filter(each -> fitsHere(each, here))
                .filter(each -> written.isEmpty() || !namesAPlace(each))
                .findFirst();
        if (form.isPresent()) {
            return Optional.of(new Found(best(plain, form.get(), here, hint), How.FORM));
        }
        if (!written.isEmpty()) {
            return Optional.of(new Found(best(plain, written, here, hint), How.WRITTEN));
        }
        return forms.stream()
                .limit(2)
                .filter(each -> !each.isEmpty())
                .findFirst()
                .map(each -> new Found(best(plain, each, here, hint), How.FORM));
    }

    /** Where there are no blows, a limb alone is none, nor is what else one does so: "her knees" tells of no knee strike, "slips" of no punch. */
    private static List<WordIndex.Meaning> withoutBlows(List<WordIndex.Meaning> meanings, String plain, Here here) {
        List<String> stems = Stems.of(plain);
        boolean held = KindWords.isHeld(Stems.of1(plain.replace(" ", "")))
                || stems.size() == 1 && (KindWords.isHeld(stems.get(0)) || KindWords.isVerb(stems.get(0)));
        return here.strikes() || !held
                ? meanings
                : meanings.stream().filter(meaning -> !meaning.isBlow()).toList();
    }

    /** "Kimura locked" tells how far it got, and is not the noun of "kimura lock". */
    private static List<WordIndex.Meaning> withoutDepths(List<WordIndex.Meaning> meanings, String plain) {
        return plain.endsWith(" locked")
                ? meanings.stream()
                        .filter(meaning -> meaning.claim() != WordIndex.Claim.BY_RULE)
                        .toList()
                : meanings;
    }

    /** {@return the place of which the words say that somebody came there: "lands in half guard"} */
    private Optional<Position> arrived(String plain) {
        List<String> words = List.of(plain.split(" "));
        int from = 1;
        while (from < words.size() && LightVerbs.leads(words.get(from))) {
            from++;
        }
        return from > 1 && from < words.size() && ARRIVES.contains(Stems.of1(words.get(0)))
                ? place(String.join(" ", words.subList(from, words.size())))
                : Optional.empty();
    }

    /** {@return whether the words say that somebody came to a place, and not how} */
    public boolean arrives(String phrase) {
        return arrived(Words.plain(phrase)).isPresent();
    }

    /** {@return whether the word is a verb that says little: "goes", "gets", "switches"} */
    public static boolean isLight(String word) {
        return LightVerbs.isLight(word);
    }

    /** "Opens the guard" is an act wherever it is told, and not "open guard". */
    private static boolean namesAPlace(List<WordIndex.Meaning> meanings) {
        return meanings.stream().anyMatch(meaning -> meaning.term().asPosition().isPresent());
    }

    private boolean fitsHere(List<WordIndex.Meaning> meanings, Here here) {
        return meanings.stream().anyMatch(meaning -> fitsHere(meaning.term(), here));
    }

    /** {@return whether that can start, or be reached, where the two are} */
    public boolean fitsHere(Term term, Here here) {
        return here.fit(term, vocabulary::position) == Here.Fit.HERE;
    }

    /** {@return the meanings that fit best here, by what can start, by whose word it is, and by what else is told} */
    private List<Term> best(String plain, List<WordIndex.Meaning> meanings, Here here, Hint hint) {
        boolean own = meanings.stream().anyMatch(meaning -> meaning.claim() == WordIndex.Claim.OWN);
        Map<Term, WordIndex.Claim> claims = new LinkedHashMap<>();
        meanings.stream()
                .filter(meaning -> !own || meaning.claim() == WordIndex.Claim.OWN)
                .forEach(meaning -> claims.merge(
                        meaning.term(), meaning.claim(), (one, two) -> one.compareTo(two) > 0 ? one : two));
        List<Term> left = most(List.copyOf(claims.keySet()), term -> here.fit(term, vocabulary::position)
                .ordinal());
        left = most(left, term -> claims.get(term).ordinal());
        // An act by its full name is that act, and not a place whose name is longer.
        left = most(
                left,
                term -> term.asTechnique().isPresent()
                                && Words.plain(term.label()).equals(plain)
                        ? 1
                        : 0);
        left = most(left, term -> fits(term, hint) ? 1 : 0);
        if (here.strikes()) {
            // Where there are blows, a word for a blow means the blow.
            left = most(left, term -> term.isOf(Kind.STRIKE) ? 1 : 0);
        }
        // Who says no more than the word tells of an act; that it became a place is the larger claim.
        boolean place = hint == Hint.HELD
                && left.stream().filter(Position.class::isInstance).count() == 1;
        return most(left, term -> term.asPosition().isPresent() == place ? 1 : 0);
    }

    private static List<Term> most(List<Term> terms, ToIntFunction<Term> worth) {
        if (terms.size() < 2) {
            return terms;
        }
        int most = terms.stream().mapToInt(worth).max().orElseThrow();
        return terms.stream().filter(term -> worth.applyAsInt(term) == most).toList();
    }

    private static boolean fits(Term term, Hint hint) {
        return switch (hint) {
            case NONE -> true;
            case HELD ->
                term.asTechnique()
                        .filter(technique -> technique.kind().movesNobody())
                        .isEmpty();
            case GRIP -> term.isOf(Kind.GRIP);
            case DEFENCE ->
                term.asTechnique()
                        .map(Technique::kind)
                        .filter(DEFENCES::contains)
                        .isPresent();
            case PASS ->
                term.asTechnique()
                        .filter(technique -> technique.reach().contains(Reach.LINES))
                        .isPresent();
        };
    }

    /** {@return what the phrase means once a slip is mended; only what can start here is looked at, and where two are as near, both are given} */
    public Optional<Found> mended(String phrase, Here here, Hint hint) {
        return slips.meant(phrase, term -> fitsHere(term, here))
                .map(nearest -> new Found(best(Words.plain(phrase), nearest, here, hint), How.MENDED));
    }

    /** The meanings of each form of the words, the nearest to what is written first. */
    private List<List<WordIndex.Meaning>> forms(String plain) {
        List<String> stems = Stems.of(plain);
        // "Locks the leg" is no leg lock, and who catches a knee gives none.
        return List.of(
                index.stems(stems),
                index.joined(plain.replace(" ", "")),
                LightVerbs.left(plain, stems, index),
                LightVerbs.holds(stems) ? List.of() : index.unordered(stems));
    }

    /** {@return everything that a phrase can stand for, wherever the two are: of its own words, else of the nearest form of them} */
    public List<Term> all(String phrase) {
        String plain = Words.plain(phrase);
        return Stream.concat(Stream.of(index.plain(plain)), forms(plain).stream())
                .filter(form -> !form.isEmpty())
                .findFirst()
                .map(form -> form.stream()
                        .sorted(Comparator.comparing(WordIndex.Meaning::claim).reversed())
                        .map(WordIndex.Meaning::term)
                        .distinct()
                        .toList())
                .orElse(List.of());
    }

    /** {@return the entry that has just this word among its own} */
    public Optional<Term> owner(String word) {
        return index.plain(Words.plain(word)).stream()
                .filter(meaning -> meaning.claim() != WordIndex.Claim.BY_RULE)
                .map(WordIndex.Meaning::term)
                .findFirst();
    }

    /** {@return the position a phrase names, whatever techniques have the same name} */
    public Optional<Position> place(String phrase) {
        String plain = Words.plain(phrase);
        return Stream.concat(Stream.of(index.plain(plain)), forms(plain).stream())
                .flatMap(List::stream)
                .map(WordIndex.Meaning::term)
                .filter(Position.class::isInstance)
                .map(Position.class::cast)
                .findFirst();
    }

    /** {@return the entry with the name that is fewest letters away, within a third of the phrase's length} */
    public Optional<Term> nearest(String plain) {
        return slips.nearest(plain);
    }

    /** {@return the keys of all entries with a name in which these letters begin the first or another word} None for no letters. */
    public Set<String> begun(String letters) {
        String plain = Words.plain(letters);
        return plain.isEmpty() || plain.length() > Slips.LONGEST
                ? Set.of()
                : beginnings().ofNames(plain);
    }

    /** {@return the keys of all entries with a name that has these letters anywhere in it} None for no letters. */
    public Set<String> holding(String letters) {
        String plain = Words.plain(letters);
        return plain.isEmpty()
                ? Set.of()
                : index.holding(plain).map(meaning -> meaning.term().key()).collect(Collectors.toSet());
    }

    /**
     * {@return the techniques of which these letters begin a word of what people read for them, or the first letters of its words, as "hb"
     * does for a hip bump; in the order of those words}
     */
    public List<Technique> labelled(String letters) {
        String plain = Words.plain(letters);
        return plain.isEmpty() || plain.length() > Slips.LONGEST
                ? List.of()
                : beginnings().ofLabels(plain);
    }

    private Beginnings beginnings() {
        Beginnings made = beginnings;
        if (made == null) {
            made = new Beginnings(vocabulary, index);
            beginnings = made;
        }
        return made;
    }

    /** {@return entries with a word that begins as the phrase does, those that can start here first} */
    public List<Term> beginning(String phrase, Here here, int most) {
        String plain = Words.plain(phrase);
        if (plain.isEmpty() || plain.length() > Slips.LONGEST) {
            return List.of();
        }
        return index.beginning(plain)
                .map(WordIndex.Meaning::term)
                .distinct()
                .map(term -> new Begun(
                        term,
                        here.fit(term, vocabulary::position),
                        Words.plain(term.label()).startsWith(plain)))
                .sorted(Comparator.comparing(Begun::fit)
                        .thenComparing(Begun::label)
                        .reversed()
                        .thenComparing(begun -> begun.term().label()))
                .limit(most)
                .map(Begun::term)
                .toList();
    }

    /** @param label whether its label begins so, and not only another of its names */
    private record Begun(Term term, Here.Fit fit, boolean label) {}

    /** {@return whether some entry has a word that begins as the phrase does} */
    public boolean begins(String phrase) {
        String plain = Words.plain(phrase);
        return !plain.isEmpty()
                && plain.length() <= Slips.LONGEST
                && index.beginning(plain).findAny().isPresent();
    }

    /**
     * {@return whether words that begin a name of the entry are more likely to be the beginning of it than all that is said} "Hugs the leg" says
     * what was done, and is no sweep, though "hugs the leg up" is one; nor is "falls" an armbar, though one can fall back for it. Of "fal" and
     * "hugs the l" more is to come.
     */
    public boolean isBeginning(String phrase, Term term) {
        List<String> words = List.of(Words.plain(phrase).split(" "));
        String last = words.get(words.size() - 1);
        if (last.length() < 3 || !isWord(last)) {
            return true;
        }
        String first = words.get(0);
        boolean says = first.endsWith("s") && (LightVerbs.isLight(first) || KindWords.isVerb(Stems.of1(first)));
        String plain = String.join(" ", words);
        return !says
                && (!last.endsWith("s")
                        || WordIndex.written(term)
                                .filter(name -> name.startsWith(plain))
                                .mapToInt(name -> name.split(" ").length - words.size())
                                .anyMatch(missing -> missing <= MOST_TO_COME));
    }

    /**
     * {@return entries of which every word is told by its beginning, as in "kn cut", those that can start here first} Empty for a single
     * word, and where hardly any letters are told.
     */
    public List<Term> abbreviated(String phrase, Here here) {
        String plain = Words.plain(phrase);
        List<String> words = List.of(plain.split(" "));
        if (words.size() < 2 || plain.length() < LEAST_ABBREVIATED || plain.length() > Slips.LONGEST) {
            return List.of();
        }
        return index.abbreviated(words)
                .map(WordIndex.Meaning::term)
                .distinct()
                .sorted(Comparator.comparing((Term term) -> here.fit(term, vocabulary::position))
                        .reversed()
                        .thenComparing(Term::label))
                .toList();
    }

    /** {@return whether it is a word by itself, of some name or of the language; where not, more letters may be to come} */
    public boolean isWord(String word) {
        return index.isWord(Words.plain(word));
    }

    /**
     * {@return key of the general entry for the kind of action that a phrase without a name tells of} "Plants the knee beside the hip" is a
     * placement, and "tilt sweep" a sweep. Empty where the words tell no kind.
     */
    public Optional<String> kind(String phrase, Here here) {
        return KindWords.kind(Words.plain(phrase), here.strikes())
                .filter(key -> vocabulary.technique(key).isPresent());
    }

    /**
     * {@return entries that may have been meant by a phrase that names none, the nearest first} Those whose words the phrase holds, and
     * those it is few letters away from.
     */
    public List<Term> near(String phrase, Here here, int most) {
        String plain = Words.plain(phrase);
        if (plain.isEmpty()) {
            return List.of();
        }
        Map<String, Term> near = new LinkedHashMap<>();
        List<String> words = List.of(plain.split(" ", 40));
        for (int count = Math.min(words.size(), 5); count > 0 && near.size() < most; count--) {
            for (int from = 0; from + count <= Math.min(words.size(), 20); from++) {
                read(String.join(" ", words.subList(from, from + count)), here, Hint.NONE)
                        .ifPresent(found -> found.terms().stream()
                                .filter(term -> here.fit(term, vocabulary::position) != Here.Fit.ELSEWHERE)
                                .forEach(term -> near.putIfAbsent(term.key(), term)));
            }
        }
        // A sentence is no mangled name, and to compare it with every one takes longer than all else that is read.
        if (near.size() < most && words.size() <= MOST_WORDS) {
            vocabulary.nearest(phrase).ifPresent(term -> near.putIfAbsent(term.key(), term));
        }
        return near.values().stream().limit(most).toList();
    }
}
