package farglass.core.scribe;

import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Term;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What a line could say instead: each alternative is the line that says it.
 *
 * @param words all words of the line
 * @param first at which of them the words begin among which names are found: behind whoever is named in front
 */
record Rephrasing(Lexicon lexicon, List<String> words, int first) {
    /** So many can be chosen with a key. */
    static final int MOST = 6;

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
            all.putIfAbsent(text, new Reading.Alternative(label, text));
        }
        return all.values().stream().limit(MOST).toList();
    }

    /** {@return the line with those words in quotes, which keep them as they stand} */
    Reading.Alternative keeping(NameSearch.Span span) {
        String phrase = String.join(" ", words.subList(first + span.from(), first + span.to()));
        return new Reading.Alternative("keep “%s”".formatted(phrase), with(span, '"' + phrase + '"') + " ");
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
