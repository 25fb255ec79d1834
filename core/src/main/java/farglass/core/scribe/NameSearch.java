package farglass.core.scribe;

import farglass.core.bout.Became;
import farglass.core.entry.Term;
import farglass.core.naming.Here;
import farglass.core.naming.Naming;
import farglass.core.naming.Words;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.IntPredicate;

/**
 * Finds what is being named among typed words: the words that are no details, with as many details beside them as belong to the name. A
 * phrase is named whole or not at all.
 */
final class NameSearch {
    /** No name has more words; a pasted page of them must not be tried in every length. */
    private static final int LONGEST = 10;
    /** So many details may belong to a name, on either side of it. */
    private static final int MOST_DETAILS = 3;

    /** Words that stand together, from one place up to before another. */
    record Span(int from, int to) {
        int length() {
            return to - from;
        }
    }

    private final Naming naming;
    private final Here here;
    private final Naming.Hint hint;
    private final List<String> words;
    private final Optional<Span> core;
    private final List<Span> spans;

    /**
     * @param words all words of the line
     * @param isDetail whether the word at that place tells something else: an outcome, a side, who did it
     */
    NameSearch(Naming naming, Here here, Naming.Hint hint, List<String> words, IntPredicate isDetail) {
        this.naming = naming;
        this.here = here;
        this.hint = hint;
        this.words = words;
        this.core = core(words, isDetail);
        this.spans = spans(words, core);
    }

    Here here() {
        return here;
    }

    Naming.Hint hint() {
        return hint;
    }

    List<String> words() {
        return words;
    }

    /** {@return the words that must be part of the name: from the first to the last that is no detail; empty if all are details} */
    Optional<Span> core() {
        return core;
    }

    String text(Span span) {
        return String.join(" ", words.subList(span.from(), span.to()));
    }

    private static Optional<Span> core(List<String> words, IntPredicate isDetail) {
        int first = 0;
        while (first < words.size() && isDetail.test(first)) {
            first++;
        }
        int last = words.size();
        while (last > first && isDetail.test(last - 1)) {
            last--;
        }
        return first < last ? Optional.of(new Span(first, last)) : Optional.empty();
    }

    /** {@return the core with the details in front of it that begin a name together with its words: "knee cut" of "knee cut of a kind"} */
    Span whole(Span core) {
        for (int more = Math.min(MOST_DETAILS, core.from()); more > 0; more--) {
            for (int to = core.from() + 1; to <= core.to(); to++) {
                Span begun = new Span(core.from() - more, to);
                if (naming.read(text(begun), here, hint).isPresent()) {
                    return new Span(core.from() - more, core.to());
                }
            }
        }
        return core;
    }

    /** {@return the words that name something, the longest: a detail beside a name belongs to it if it can} */
    Optional<Span> named() {
        return spans.stream()
                .filter(span -> naming.read(text(span), here, hint).isPresent())
                .filter(span -> !endsInAnOutcome(span))
                .findFirst();
    }

    /** {@return the words that name something once a slip in them is mended} */
    Optional<Span> mended() {
        return spans.stream()
                .filter(span -> naming.mended(text(span), here, hint).isPresent())
                .findFirst();
    }

    /** {@return the words that are the beginning of a name} */
    Optional<Span> begun() {
        return spans.stream()
                .filter(span -> text(span).length() > 1)
                .filter(span -> naming.begins(text(span)))
                .findFirst();
    }

    /** {@return the words that stand for a name, each by its beginning} */
    Optional<Span> abbreviated() {
        return spans.stream()
                .filter(span -> !naming.abbreviated(text(span), here).isEmpty())
                .findFirst();
    }

    /** {@return what words that begin so can become, the likeliest here first} */
    List<Term> beginning(Span span, Expectation expectation, int most) {
        List<Term> begun = naming.beginning(text(span), here, Integer.MAX_VALUE);
        return (begun.isEmpty() ? naming.abbreviated(text(span), here) : begun)
                .stream()
                        .sorted(Comparator.comparingDouble((Term term) -> -expectation.of(term.key())))
                        .limit(most)
                        .toList();
    }

    /** The longest first. Where all words are details, any of them may still be a name. */
    private static List<Span> spans(List<String> words, Optional<Span> named) {
        Span core = named.orElse(new Span(0, 0));
        int last = words.size();
        int from = core.length() == 0 ? 0 : Math.max(0, core.from() - MOST_DETAILS);
        int to = core.length() == 0 ? Math.min(last, MOST_DETAILS) : Math.min(last, core.to() + MOST_DETAILS);
        List<Span> spans = new ArrayList<>();
        for (int begin = from; begin <= core.from(); begin++) {
            for (int end = to; end >= Math.max(core.to(), begin + 1); end--) {
                // "Their" before a side says whose it is, and is no part of the name before it.
                boolean small = begin < core.from() && Words.isSmall(words.get(begin))
                        || end > core.to() && Words.isSmall(words.get(end - 1));
                // Nor is the "hip" of a "hip line".
                boolean cut = end < last && words.get(end).equalsIgnoreCase("line");
                if (end - begin <= LONGEST && !small && !cut) {
                    spans.add(new Span(begin, end));
                }
            }
        }
        spans.sort(Comparator.comparingInt(Span::length).reversed());
        return spans;
    }

    /** "Single leg held" is a place, but who types it mostly says that the single leg held. */
    private boolean endsInAnOutcome(Span span) {
        String last = words.get(span.to() - 1).toLowerCase(Locale.ROOT);
        boolean outcome =
                Arrays.stream(Became.values()).anyMatch(became -> became.label().equals(last));
        return outcome
                && span.length() > 1
                && naming.read(text(new Span(span.from(), span.to() - 1)), here, hint)
                        .isPresent();
    }
}
