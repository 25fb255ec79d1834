package farglass.core.scribe.typed;

import farglass.core.bout.Telling;
import farglass.core.fact.Fact;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.side.Settled;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * A typed line parted into what somebody did and what stands behind it: fields of the bout file behind semicolons, and a note.
 *
 * @param front what stands before the first semicolon and before "note"
 * @param telling what the fields and the note tell
 * @param settled where the two are then, if a field says so
 * @param unread fields that are none, as they stand: they would not be saved
 */
public record TypedFields(String front, Telling telling, Optional<Settled> settled, List<String> unread) {
    private static final Pattern NOTE =
            Pattern.compile("(?:^|\\s)note\\s+(.*)$", Pattern.DOTALL | Pattern.CASE_INSENSITIVE);

    /** Fields that a bout file begins with their name. */
    private static final Set<String> NAMED = Set.of("line", "stage", "motive", "side");

    public static TypedFields of(String line, Lexicon lexicon) {
        String[] parts = line.split(";", -1);
        TypedFields read = new TypedFields(parts[0], Telling.NOTHING, Optional.empty(), List.of());
        for (int i = 1; i < parts.length; i++) {
            read = read.and(parts[i].strip(), lexicon);
        }
        Matcher note = NOTE.matcher(parts[0]);
        return note.find()
                ? new TypedFields(
                        parts[0].substring(0, note.start()),
                        noted(read.telling, note.group(1)),
                        read.settled,
                        read.unread)
                : read;
    }

    private TypedFields and(String field, Lexicon lexicon) {
        if (field.isEmpty()) {
            return this;
        }
        if (field.startsWith("->")) {
            Optional<Settled> where = BoutFile.settled(field.substring(2), lexicon);
            if (where.isPresent()) {
                return new TypedFields(front, telling, where, unread);
            }
        }
        Optional<Fact> fact = BoutFile.fact(field, lexicon);
        if (fact.isPresent()) {
            return new TypedFields(front, telling.and(fact.get()), settled, unread);
        }
        Optional<String> details = details(field);
        if (details.isPresent()) {
            return new TypedFields(front + " " + details.get(), telling, settled, unread);
        }
        Matcher note = NOTE.matcher(field);
        if (note.find() && note.start() == 0) {
            return new TypedFields(front, noted(telling, note.group(1)), settled, unread);
        }
        List<String> more = new ArrayList<>(unread);
        more.add(field);
        return new TypedFields(front, telling, settled, List.copyOf(more));
    }

    private static Telling noted(Telling telling, String words) {
        String said = BoutFile.unquoted(words.strip()).orElse(words.strip());
        return said.isBlank()
                ? telling
                : telling.withNote(telling.note().map(kept -> kept + " " + said).orElse(said));
    }

    /** What a bout file has behind a semicolon and a line without one: "; unsure", "; stage deep", "; held". */
    private static Optional<String> details(String field) {
        List<String> words = List.of(field.split("\\s+"));
        List<String> told = NAMED.contains(words.get(0)) ? words.subList(1, words.size()) : words;
        boolean all =
                !told.isEmpty() && IntStream.range(0, told.size()).allMatch(at -> TypedDetails.isDetail(told, at));
        return all ? Optional.of(String.join(" ", told)) : Optional.empty();
    }
}
