package farglass.core.scribe;

import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Here;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What a line could say instead: each alternative is the line that says it, with the reason why it is offered.
 *
 * @param here where it is typed: what can start there
 * @param expectation what is likely there
 * @param words all words of the line
 * @param first at which of them the words begin among which names are found: behind whoever is named in front
 */
record Rephrasing(Lexicon lexicon, Here here, Expectation expectation, List<String> words, int first) {
    /** So many can be chosen with a key. */
    static final int MOST = 6;

    /** What is done so often here is called likely; of some twenty things that can start in most places. */
    private static final double LIKELY = 0.05;

    /**
     * {@return the line with each of the entries in place of those words}
     *
     * @param note words that the entry leaves over, to be kept as a note; may be empty
     */
    List<Reading.Alternative> saying(List<Term> terms, NameSearch.Span span, String note) {
        Map<String, Reading.Alternative> all = new LinkedHashMap<>();
        for (Term term : terms) {
            String label = term.label() + (note.isEmpty() ? "" : ", and the words as a note");
            String text = with(span, clearName(term)) + (note.isEmpty() ? " " : " note " + note);
            all.putIfAbsent(text, new Reading.Alternative(label, text, why(term)));
        }
        return all.values().stream().limit(MOST).toList();
    }

    /** {@return the line with each of the entries in front of what it tells already} */
    List<Reading.Alternative> naming(List<Technique> techniques) {
        NameSearch.Span nothing = new NameSearch.Span(0, 0);
        return techniques.stream()
                .limit(MOST)
                .map(technique -> new Reading.Alternative(
                        technique.label(), with(nothing, clearName(technique)) + " ", why(technique)))
                .toList();
    }

    private String why(Term term) {
        if (expectation.of(term.key()) >= LIKELY) {
            return "likely here";
        }
        if (here.fit(term, lexicon::position) != Here.Fit.HERE) {
            return "unusual here";
        }
        return term.match(position -> "a position", technique -> "can start here");
    }

    /** {@return the line with its last word in place of the one that is typed} */
    Reading.Alternative ending(String word) {
        List<String> all = new ArrayList<>(words.subList(0, words.size() - 1));
        all.add(word);
        return new Reading.Alternative(
                word,
                String.join(" ", all) + " ",
                "\u201c%s\u201d may become it".formatted(words.get(words.size() - 1)));
    }

    /** {@return the line with those words in quotes, which keep them as they stand} */
    Reading.Alternative keeping(NameSearch.Span span) {
        String phrase = String.join(" ", words.subList(first + span.from(), first + span.to()));
        return new Reading.Alternative(
                "keep “%s”".formatted(phrase), with(span, '"' + phrase + '"') + " ", "as it stands, to be named later");
    }

    /** {@return a name by which just that entry is meant} Its label, unless that is another's name as well. */
    private String clearName(Term term) {
        String label = term.label().toLowerCase(Locale.ROOT);
        List<Term> meanings = lexicon.meanings(label);
        return meanings.size() == 1 && meanings.get(0).key().equals(term.key()) ? label : term.key();
    }

    private String with(NameSearch.Span span, String instead) {
        List<String> all = new ArrayList<>(words.subList(0, first + span.from()));
        all.add(instead);
        all.addAll(words.subList(first + span.to(), words.size()));
        return String.join(" ", all);
    }
}
