package farglass.core.naming;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.entry.Term;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.junit.jupiter.api.Test;

/** What is looked for among few of the names is what a look at every one of them finds. */
class SlipsTest {
    private static final WordIndex INDEX = new WordIndex(
            Stream.concat(LEXICON.positions().stream(), LEXICON.techniques().stream())
                    .toList(),
            Map.of());
    private static final List<ComparedNames.Name> NAMES = new ComparedNames(INDEX).all();

    /** Names as they are mangled: letters left out, put in, exchanged, words cut short or put together; and half of one with half of another. */
    private static List<String> mangled(int count) {
        Random random = new Random(41);
        return IntStream.range(0, count)
                .mapToObj(i -> {
                    StringBuilder text = new StringBuilder(name(random));
                    if (i % 5 == 0) {
                        text.append(' ').append(name(random));
                        text.delete(0, random.nextInt(text.length()));
                    }
                    for (int slips = random.nextInt(4); slips > 0 && text.length() > 2; slips--) {
                        int at = random.nextInt(text.length());
                        char letter = (char) ('a' + random.nextInt(26));
                        switch (random.nextInt(3)) {
                            case 0 -> text.deleteCharAt(at);
                            case 1 -> text.insert(at, letter);
                            default -> text.setCharAt(at, letter);
                        }
                    }
                    return Words.plain(text.toString());
                })
                .filter(text -> !text.isEmpty())
                .toList();
    }

    private static String name(Random random) {
        return NAMES.get(random.nextInt(NAMES.size())).plain().word();
    }

    @Test
    void whatBeginsSoIsFoundInEveryWordOfEveryName() {
        Beginnings beginnings = new Beginnings(LEXICON, INDEX);
        for (String phrase : mangled(200)) {
            String letters = phrase.substring(0, Math.min(phrase.length(), 1 + phrase.length() % 4));
            Set<String> every = NAMES.stream()
                    .filter(name -> (" " + name.plain().word()).contains(" " + letters))
                    .map(name -> name.meaning().term().key())
                    .collect(Collectors.toSet());
            assertThat(beginnings.ofNames(letters)).as(letters).isEqualTo(every);
        }
    }

    @Test
    void theNearestNameIsTheNearestOfAll() {
        Slips slips = new Slips(INDEX);
        for (String phrase : mangled(400)) {
            assertThat(slips.nearest(phrase)).as(phrase).isEqualTo(naivelyNearest(phrase));
        }
    }

    /** Fewest letters away, and of two as near the one whose own word it is, and then the first. */
    private static Optional<Term> naivelyNearest(String phrase) {
        String joined = phrase.replace(" ", "");
        int fewest = Math.max(1, Math.min(joined.length(), 40) / 3);
        List<ComparedNames.Name> nearest = new ArrayList<>();
        for (ComparedNames.Name name : NAMES) {
            int distance = LevenshteinDistance.getDefaultInstance()
                    .apply(joined, name.joined().word());
            if (distance < fewest) {
                nearest.clear();
                fewest = distance;
            }
            if (distance == fewest) {
                nearest.add(name);
            }
        }
        return nearest.stream()
                .reduce((one, two) ->
                        two.meaning().claim().compareTo(one.meaning().claim()) > 0 ? two : one)
                .map(name -> name.meaning().term());
    }

    @Test
    void everyNameASlipAwayIsAmongThoseThatAreCompared() {
        Slips slips = new Slips(INDEX);
        int told = 0;
        for (String phrase : mangled(400)) {
            Set<Term> meant = slips.meant(phrase, term -> true).orElse(List.of()).stream()
                    .map(WordIndex.Meaning::term)
                    .collect(Collectors.toSet());
            assertThat(meant).as(phrase).isEqualTo(naivelyMeant(phrase));
            told += meant.isEmpty() ? 0 : 1;
        }
        assertThat(told).as("phrases that are a slip from a name").isGreaterThan(60);
    }

    private static Set<Term> naivelyMeant(String phrase) {
        int letters = phrase.replace(" ", "").length();
        Slips.Said said = Slips.Said.of(phrase, INDEX);
        Map<Integer, Set<Term>> bySlips = NAMES.stream()
                .filter(name -> letters >= 4 && letters <= Slips.LONGEST && Slips.slips(said, name) >= 0)
                .collect(Collectors.groupingBy(
                        name -> Slips.slips(said, name),
                        Collectors.mapping(name -> name.meaning().term(), Collectors.toSet())));
        return bySlips.keySet().stream().min(Integer::compare).map(bySlips::get).orElse(Set.of());
    }
}
