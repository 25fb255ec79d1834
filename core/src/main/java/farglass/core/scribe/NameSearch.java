package farglass.core.scribe;

import farglass.core.bout.Became;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Position;
import farglass.core.lexicon.Technique;
import farglass.core.lexicon.Term;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * Finds what is being named among typed words: the longest name of the lexicon's, wherever it stands among the details; else one that is
 * begun and not finished, or has a slip of the finger in it; else the words themselves.
 *
 * @param isDetail whether a word tells something of a moment, such as an outcome
 * @param isActor whether it says who did it
 */
record NameSearch(
        Lexicon lexicon, ScribeLine.Expectation expectation, Predicate<String> isDetail, Predicate<String> isActor) {
    /** No name has more words; a pasted page of them must not be tried in every length. */
    private static final int LONGEST_KNOWN = 10;
    /** So many details may stand before the name. */
    private static final int MOST_BEFORE = 40;
    /** Words in the longest name that is looked for unfinished, or with a slip. */
    private static final int LONGEST_NAME = 5;

    /**
     * What was found.
     *
     * @param unnamed the words, where the lexicon has none for them; empty where nothing is named at all
     * @param from place of the first word it takes
     * @param count how many words it takes
     */
    record Found(Optional<Term> term, String unnamed, int from, int count) {}

    /** Words that stand together. */
    record Span(int from, List<String> words) {
        String text() {
            return String.join(" ", words);
        }
    }

    Found search(List<String> all, Position here) {
        int first = 0;
        int last = Math.min(all.size(), MOST_BEFORE);
        while (first < last && (isDetail.test(all.get(first)) || isActor.test(all.get(first)))) {
            first++;
        }
        for (int count = Math.min(all.size(), LONGEST_KNOWN); count > 0; count--) {
            for (int from = 0; from <= Math.min(first, all.size() - count); from++) {
                List<String> span = all.subList(from, from + count);
                Optional<Term> term = lexicon.find(String.join(" ", span), here);
                if (term.isPresent() && !isOutcome(span)) {
                    return new Found(term, "", from, count);
                }
            }
        }
        for (int count = Math.min(all.size(), LONGEST_NAME); count > 1; count--) {
            for (int from = 0; from <= Math.min(first, all.size() - count); from++) {
                Optional<Term> term = lexicon.slipOf(String.join(" ", all.subList(from, from + count)));
                if (term.isPresent() && !all.get(from).startsWith("\"")) {
                    return new Found(term, "", from, count);
                }
            }
        }
        Span open = open(all, false);
        Optional<Term> meant = open.text().startsWith("\"") || open.text().length() < 2
                ? Optional.empty()
                : beginning(open.text(), 1).stream().findFirst().or(() -> lexicon.slipOf(open.text()));
        return new Found(
                meant,
                meant.isPresent() ? "" : open.text().replace("\"", "").strip(),
                open.from(),
                open.words().size());
    }

    List<Term> beginning(String rest, int most) {
        return lexicon.beginningWith(rest, Integer.MAX_VALUE).stream()
                .sorted(Comparator.comparingDouble((Term term) -> -expectation.of(term.key())))
                .limit(most)
                .toList();
    }

    /**
     * The words that are being named: the longest that begin like a name, a line or another detail among them if it must be, as in
     * "knee cu"; else those that are no details.
     */
    Span open(List<String> all, boolean evenDetails) {
        int first = 0;
        int last = Math.min(all.size(), MOST_BEFORE);
        while (first < last && isDetail.test(all.get(first))) {
            first++;
        }
        for (int count = Math.min(all.size(), LONGEST_NAME); count > 0; count--) {
            for (int from = 0; from <= Math.min(first, all.size() - count); from++) {
                Span span = new Span(from, all.subList(from, from + count));
                boolean names = evenDetails || span.words().stream().anyMatch(word -> !isDetail.test(word));
                // What goes on in other words is no beginning of a name.
                boolean ends = from + count == all.size() || isDetail.test(all.get(from + count));
                if (names && ends && !lexicon.beginningWith(span.text(), 1).isEmpty()) {
                    return span;
                }
            }
        }
        int to = first;
        while (to < all.size() && (to == first || !isDetail.test(all.get(to)))) {
            to++;
        }
        return new Span(first, all.subList(first, to));
    }

    /** "Single leg held" is a place, but who types it mostly says that the single leg held. */
    private boolean isOutcome(List<String> span) {
        int count = span.size();
        boolean ends =
                Arrays.stream(Became.values()).anyMatch(became -> became.label().equals(span.get(count - 1)));
        return count == 1
                ? isDetail.test(span.get(0))
                : ends
                        && lexicon.find(String.join(" ", span.subList(0, count - 1)))
                                .filter(Technique.class::isInstance)
                                .isPresent();
    }
}
