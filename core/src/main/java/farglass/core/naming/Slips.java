package farglass.core.naming;

import farglass.core.entry.Term;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Which names are a slip away from a phrase: by its letters, or as it sounds. One slip in four letters or more, two in ten or more; a third
 * of the letters of a name that is often mangled. Only what is no word of the mat is a slip, and no name leaves a word of the phrase away.
 */
final class Slips {
    /** No name is longer; a pasted page must not be compared with every one. */
    static final int LONGEST = 60;

    /** Phrases whose nearest names are kept: those of a few lines. */
    private static final int MOST_RECENT = 400;

    private static final int SHORTEST = 4;
    private static final int LONG = 10;

    private final WordIndex index;
    /** Made when first a slip is to be mended: how names sound is long to work out, and most lines need none of it. */
    private volatile ComparedNames names;

    private final Recent<String, List<Near>> recent = new Recent<>(MOST_RECENT, this::near);

    Slips(WordIndex index) {
        this.index = index;
    }

    private ComparedNames names() {
        ComparedNames made = names;
        if (made == null) {
            made = new ComparedNames(index);
            names = made;
        }
        return made;
    }

    /** A phrase in the forms in which it is compared. */
    record Said(ComparedWord plain, ComparedWord joined, ComparedWord sound, int words, boolean allKnown) {
        static Said of(String phrase, WordIndex index) {
            String plain = Words.plain(phrase);
            String joined = plain.replace(" ", "");
            List<String> stems = Stems.of(plain);
            return new Said(
                    ComparedWord.of(plain),
                    ComparedWord.of(joined),
                    ComparedWord.of(Stems.sound(joined)),
                    plain.split(" ").length,
                    // Where every word is one of the mat's, none is a slip: the words only name nothing together.
                    index.knows(stems) || stems.stream().allMatch(KindWords::isVerb));
        }
    }

    /** {@return the meanings of the nearest names among those that are possible; of all names that are as near} */
    Optional<List<WordIndex.Meaning>> meant(String phrase, Predicate<Term> possible) {
        String plain = Words.plain(phrase);
        int letters = plain.replace(" ", "").length();
        // Before anything is kept of it: a pasted page is no name.
        if (letters < SHORTEST || letters > LONGEST) {
            return Optional.empty();
        }
        List<WordIndex.Meaning> nearest = new ArrayList<>();
        int fewest = Integer.MAX_VALUE;
        for (Near each : recent.of(plain)) {
            if (each.slips() > fewest) {
                break;
            }
            if (possible.test(each.name().meaning().term())) {
                fewest = each.slips();
                nearest.add(each.name().meaning());
            }
        }
        return nearest.isEmpty() ? Optional.empty() : Optional.of(nearest);
    }

    /** The nearest first. */
    private List<Near> near(String phrase) {
        Said said = Said.of(phrase, index);
        List<Near> near = new ArrayList<>();
        Consumer<ComparedNames.Name> compare = name -> {
            int slips = slips(said, name);
            if (slips >= 0) {
                near.add(new Near(name, slips));
            }
        };
        ComparedNames every = names();
        every.often().forEach(compare);
        if (!said.allKnown()) {
            int letters = said.joined().length();
            every.seldom(letters, most(letters), compare);
        }
        near.sort(Comparator.comparingInt(Near::slips)
                .thenComparingInt(each -> each.name().order()));
        return List.copyOf(near);
    }

    /** A name with how many slips the phrase is from it. */
    private record Near(ComparedNames.Name name, int slips) {}

    /** {@return how many slips the phrase is from that name; below 0 if it is none of it} */
    static int slips(Said said, ComparedNames.Name name) {
        int letters = said.joined().length();
        int longer = Math.max(letters, name.joined().length());
        int reach = name.often() ? longer / 3 : most(letters);
        boolean dropsAWord = said.words() > name.words()
                && !name.often()
                && letters > name.joined().length();
        boolean addsAWord = name.words() > said.words() && name.joined().length() > letters + reach;
        if (dropsAWord
                || addsAWord
                || said.allKnown() && !name.often()
                || name.joined().length() < SHORTEST
                || Math.abs(name.joined().length() - letters) > reach) {
            return -1;
        }
        int written = said.joined().distance(name.joined(), reach);
        int heard = said.sound().distance(name.sound(), reach);
        int slips = written < 0 ? heard : heard < 0 ? written : Math.min(written, heard);
        return slips >= 0 && isLikeApartFromSharedWords(said, name) ? slips : -1;
    }

    private static int most(int letters) {
        return letters < LONG ? 1 : 2;
    }

    /** Words that both have are no likeness: "squid guard" is not nearly "spider guard". */
    private static boolean isLikeApartFromSharedWords(Said said, ComparedNames.Name name) {
        Set<String> shared = new HashSet<>(List.of(said.plain().word().split(" ")));
        shared.retainAll(List.of(name.plain().word().split(" ")));
        String own = without(said.plain().word(), shared);
        String other = without(name.plain().word(), shared);
        int half = Math.max(1, Math.max(own.length(), other.length()) / 2);
        return ComparedWord.of(own)
                        .distance(ComparedWord.of(other), shared.isEmpty() || name.often() ? half : most(own.length()))
                >= 0;
    }

    private static String without(String plain, Set<String> words) {
        return Stream.of(plain.split(" ")).filter(word -> !words.contains(word)).collect(Collectors.joining());
    }

    /** {@return the entry with the name that is fewest letters away, within a third of the phrase's length} */
    Optional<Term> nearest(String plain) {
        ComparedWord joined = ComparedWord.of(plain.replace(" ", ""));
        ComparedNames every = names();
        ComparedNames.Name nearest = null;
        int fewest = Math.max(1, Math.min(joined.length(), 40) / 3);
        // From those that are as long on: the nearer one is, the fewer others can still be nearer.
        for (int more = 0; more <= fewest; more++) {
            int longest = joined.length() + more;
            for (int length = joined.length() - more; length <= longest; length += Math.max(1, 2 * more)) {
                for (ComparedNames.Name name : every.ofLength(length)) {
                    int slips = joined.distance(name.joined(), fewest);
                    if (slips >= 0 && (nearest == null || slips < fewest || comesFirst(name, nearest))) {
                        fewest = slips;
                        nearest = name;
                    }
                }
            }
        }
        return Optional.ofNullable(nearest).map(name -> name.meaning().term());
    }

    /** Of two as near, the one whose own word it is. */
    private static boolean comesFirst(ComparedNames.Name name, ComparedNames.Name other) {
        int claims = name.meaning().claim().compareTo(other.meaning().claim());
        return claims > 0 || claims == 0 && name.order() < other.order();
    }
}
