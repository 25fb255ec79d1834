package farglass.core.scribe;

import farglass.core.bout.Deed;
import farglass.core.bout.Telling;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.ShortWords;
import farglass.core.scribe.typed.TypedDetails;
import farglass.core.scribe.typed.TypedFields;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads one line just as it stands: what happened to the bout, words in quotes, or what has a name. */
final class LineReader {
    /** Before whoever got what a referee gave. */
    private static final Set<String> BEFORE_WHOM = Set.of("to", "for", "on", "against", "na", "no", "para");

    /** Before one of these something is done to whoever is named; before other words she acts herself. */
    private static final Set<String> BEHIND_HER = Set.of(
            "down", "out", "over", "off", "up", "back", "away", "flat", "to", "into", "onto", "in", "on", "with",
            "from", "by");

    private static final Pattern QUOTED = Pattern.compile("^(.*?)\"([^\"]*)\"?(.*)$", Pattern.DOTALL);
    /** A pasted page is kept whole; more words than these are no line. */
    private static final int MOST_WORDS = 60;

    private final ReadingDraft draft;
    private final Lexicon lexicon;

    private LineReader(ReadingDraft draft) {
        this.draft = draft;
        this.lexicon = draft.lexicon;
    }

    /** {@return what the text means there, and no other words for the same} */
    static Reading read(String text, LinePlace place, Lexicon lexicon, Expectation expectation) {
        return new LineReader(new ReadingDraft(TypedFields.of(text, lexicon), place, lexicon, expectation)).reading();
    }

    private Reading reading() {
        String line = draft.fields.front().strip();
        List<String> all = split(line);
        if (all.size() > MOST_WORDS) {
            return draft.kept(line, Optional.empty(), new TypedDetails(List.of()), List::of, false, Optional.empty());
        }
        // A bout file's sign for nobody is understood here as well.
        List<String> words = !all.isEmpty() && all.get(0).equals("-") ? all.subList(1, all.size()) : all;
        Optional<Seat> named = draft.actors.inFront(words, lexicon);
        List<String> rest = named.isPresent() ? words.subList(1, words.size()) : words;
        // What a corner called, or how long something took, has words in quotes too, and says more than they do.
        Optional<Deed> written = BoutFile.happening(String.join(" ", rest), lexicon);
        Matcher quoted = QUOTED.matcher(line);
        if (written.isEmpty() && quoted.matches()) {
            return unnamed(quoted.group(2), quoted.group(1) + " " + quoted.group(3));
        }
        Optional<Deed> happening = written.or(() -> ShortWords.deed(rest))
                .or(() -> named.isPresent() ? Optional.empty() : ShortWords.referees(rest));
        if (happening.isPresent()) {
            return happened(happening.get(), named, rest);
        }
        Optional<Reading> finished = named.filter(seat -> draft.fields.settled().isEmpty()
                        && draft.fields.unread().isEmpty())
                .flatMap(seat -> finished(rest, seat));
        if (finished.isPresent()) {
            return finished.get();
        }
        return Suffered.read(draft, rest, named.or(() -> draft.actors.among(rest)))
                .orElseGet(() -> named(words, named));
    }

    /** "Finishes", and how surely that was seen. */
    private Optional<Reading> finished(List<String> words, Seat seat) {
        List<String> seen = words.stream().filter(TypedDetails::isOfSeeing).toList();
        List<String> said = words.stream().filter(word -> !seen.contains(word)).toList();
        Telling told = draft.told(new TypedDetails(seen), Optional.of(seat), Optional.empty());
        return FinishedTry.of(draft.place, said, seat, told, lexicon);
    }

    /** "Takes Bea down" is a takedown as "takes her down" is. */
    private Reading named(List<String> words, Optional<Seat> actor) {
        Reading asItStands = new NameReader(draft).said(words, actor);
        List<String> toHer = actor.map(seat -> withoutTheOther(words, seat)).orElse(words);
        if (asItStands.how().isPresent() || toHer.equals(words)) {
            return asItStands;
        }
        Reading reading = new NameReader(draft.afresh()).said(toHer, actor);
        return reading.isSure() ? reading : asItStands;
    }

    /** The words with "her" for the other one's name, where something is done to her, and she is not named as who acts next. */
    private List<String> withoutTheOther(List<String> words, Seat actor) {
        List<String> left = new ArrayList<>(words);
        for (int i = 2; i < words.size(); i++) {
            boolean other = words.get(i).length() > 1
                    && draft.actors.seat(words.get(i)).equals(Optional.of(actor.other()))
                    && !TypedDetails.isDetail(words, i);
            if (other && (i + 1 == words.size() || BEHIND_HER.contains(words.get(i + 1)))) {
                left.set(i, "her");
            }
        }
        return left;
    }

    private Reading happened(Deed deed, Optional<Seat> named, List<String> words) {
        boolean whole = deed.stop().isPresent()
                || BoutFile.happening(String.join(" ", words), lexicon).isPresent();
        List<String> details = whole || words.isEmpty() ? List.of() : words.subList(1, words.size());
        Optional<Seat> actor = named.or(() -> draft.actors.among(details));
        List<String> left = new ArrayList<>(draft.fields.unread());
        for (int i = 0; i < details.size(); i++) {
            boolean toSomebody = i + 1 < details.size()
                    && BEFORE_WHOM.contains(details.get(i))
                    && draft.actors.seat(details.get(i + 1)).isPresent();
            if (!TypedDetails.isDetail(details, i)
                    && draft.actors.seat(details.get(i)).isEmpty()
                    && !toSomebody) {
                left.add(details.get(i));
            }
        }
        Telling told = draft.told(new TypedDetails(details), actor, Optional.empty());
        if (!left.isEmpty()) {
            String more = String.join(" ", left);
            told = told.withNote(told.note().map(note -> note + " " + more).orElse(more));
            draft.remark("“%s” is kept as a note.".formatted(more));
        }
        return draft.reading(actor, deed, told);
    }

    /** Words in quotes stay as they are; of what kind it was may stand behind them. */
    private Reading unnamed(String said, String around) {
        List<String> words = split(around.strip());
        Optional<Seat> front = draft.actors.inFront(words, lexicon);
        List<String> rest = new ArrayList<>(front.isPresent() ? words.subList(1, words.size()) : words);
        Optional<String> kind = rest.stream()
                .flatMap(word -> lexicon.meanings(word).stream()
                        .filter(term ->
                                term.asTechnique().filter(Technique::generic).isPresent())
                        .map(term -> Map.entry(word, term.key())))
                .findFirst()
                .map(found -> {
                    rest.remove(found.getKey());
                    return found.getValue();
                });
        Optional<Seat> actor = front.or(() -> draft.actors.among(rest));
        for (int i = 0; i < rest.size(); i++) {
            if (!TypedDetails.isDetail(rest, i)
                    && draft.actors.seat(rest.get(i)).isEmpty()) {
                draft.remark("“%s” stands outside the quotes and would not be saved.".formatted(rest.get(i)));
            }
        }
        Telling told = draft.told(new TypedDetails(rest), actor, kind.flatMap(lexicon::technique));
        Deed deed = said.isBlank() ? new Deed.Mark() : new Deed.Unnamed(said.strip(), kind);
        return draft.reading(actor, deed, told);
    }

    /** {@return the words of a line, an outcome of two words as one} */
    static List<String> split(String line) {
        List<String> words = new ArrayList<>(Arrays.asList(line.split("\\s+")));
        words.removeIf(String::isEmpty);
        // The one outcome of two words.
        int last = words.size() - 1;
        if (last > 1
                && words.get(last).equalsIgnoreCase("off")
                && words.get(last - 1).equalsIgnoreCase("cut")) {
            words.subList(last - 1, last + 1).clear();
            words.add("cut-off");
        }
        int out = words.size() - 1;
        if (out > 0 && words.get(out).equalsIgnoreCase("out") && new TypedDetails(List.of(words.get(out - 1))).taps()) {
            words.remove(out);
        }
        return words;
    }
}
