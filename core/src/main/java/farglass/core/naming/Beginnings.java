package farglass.core.naming;

import farglass.core.entry.Technique;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** Entries by the first letters of their words: asked at every key, and made once. */
final class Beginnings {
    /** For each word of each name what stands from there on, with the keys of the entries. Sorted, so that what begins alike is a range. */
    private final SortedMap<String, Set<String>> tails = new TreeMap<>();
    /** In the order of what people read. */
    private final List<Label> labels;

    /**
     * What people read for a technique.
     *
     * @param words plain, behind a blank
     * @param initials of its words
     */
    private record Label(Technique technique, String words, String initials) {
        static Label of(Technique technique, String label) {
            String plain = Words.plain(label);
            return new Label(
                    technique,
                    " " + plain,
                    Arrays.stream(plain.split(" "))
                            .map(word -> word.substring(0, Math.min(1, word.length())))
                            .collect(Collectors.joining()));
        }

        boolean begins(String letters) {
            return words.contains(" " + letters) || letters.length() > 1 && initials.startsWith(letters);
        }
    }

    Beginnings(Vocabulary vocabulary, WordIndex index) {
        labels = vocabulary.techniques().stream()
                .sorted(Comparator.comparing(technique -> vocabulary.label(technique.key())))
                .map(technique -> Label.of(technique, vocabulary.label(technique.key())))
                .toList();
        for (WordIndex.Listed name : index.listed()) {
            for (int from = 0; from >= 0; from = next(name.plain(), from)) {
                tails.computeIfAbsent(name.plain().substring(from), any -> new HashSet<>())
                        .add(name.meaning().term().key());
            }
        }
    }

    /** {@return where the next word begins; below 0 behind the last} */
    private static int next(String name, int from) {
        int blank = name.indexOf(' ', from);
        return blank < 0 ? -1 : blank + 1;
    }

    /** {@return the keys of all entries with a name in which these letters begin a word} */
    Set<String> ofNames(String letters) {
        Set<String> keys = new HashSet<>();
        tails.subMap(letters, letters + Character.MAX_VALUE).values().forEach(keys::addAll);
        return keys;
    }

    /** {@return the techniques of which these letters begin a word of the label, or the first letters of its words} */
    List<Technique> ofLabels(String letters) {
        return labels.stream()
                .filter(label -> label.begins(letters))
                .map(Label::technique)
                .toList();
    }
}
