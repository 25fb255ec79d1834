package farglass.core.prose;

import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.question.Dossier;
import farglass.core.question.UncountedBouts;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;

/**
 * A dossier in words.
 *
 * @param athlete name
 * @param known bouts of the athlete in the library, seen or not
 * @param watched how many of them were watched, at least in part
 * @param oneMinute what matters most, in a few sentences
 * @param asides what is told and counted in nothing, and what clips show, in sentences; empty for most
 */
public record Page(
        String athlete,
        int known,
        int watched,
        List<OneMinute.Point> oneMinute,
        List<Answer> answers,
        List<String> asides) {
    private static final int MOST_SHOWN = 6;

    public Page {
        oneMinute = List.copyOf(oneMinute);
        answers = List.copyOf(answers);
        asides = List.copyOf(asides);
    }

    /** {@return the dossier in the words of the school that the lexicon shows} */
    public static Page of(Dossier dossier, Lexicon lexicon) {
        BlankFiller blanks = new BlankFiller(dossier.athlete(), lexicon, dossier.said(), dossier.unwatched());
        List<Answer> answers = dossier.answers().stream()
                .map(answered -> new AnswerWriter(answered, blanks).answer())
                .toList();
        return new Page(
                dossier.athlete(),
                dossier.known(),
                dossier.watched(),
                new OneMinute(dossier, answers).points(),
                answers,
                asides(dossier.aside(), lexicon));
    }

    /** {@return the answer to the question of that id} */
    public Answer answer(String id) {
        return answers.stream()
                .filter(answer -> answer.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NoSuchElementException("No question " + id));
    }

    private static List<String> asides(UncountedBouts aside, Lexicon lexicon) {
        List<String> said = new ArrayList<>();
        if (aside.unwatchedTries() > 0) {
            said.add(
                    "%d %s told in %d bout%s not marked as watched, and counted in nothing: say on the Shelf, or in Tag, which stretch was watched."
                            .formatted(
                                    aside.unwatchedTries(),
                                    aside.unwatchedTries() == 1 ? "try is" : "tries are",
                                    aside.unwatched(),
                                    aside.unwatched() == 1 ? " that is" : "s that are"));
        }
        if (!aside.shown().isEmpty()) {
            List<String> shown = aside.shown().entrySet().stream()
                    .sorted(Map.Entry.<String, Integer>comparingByValue()
                            .reversed()
                            .thenComparing(Map.Entry.comparingByKey()))
                    .limit(MOST_SHOWN)
                    .map(entry -> "%s in %d of %d clip%s"
                            .formatted(
                                    Words.inSentence(lexicon.label(entry.getKey())),
                                    entry.getValue(),
                                    aside.clips(),
                                    aside.clips() == 1 ? "" : "s"))
                    .toList();
            said.add(
                    "Shown in clips, which somebody chose and no rate counts: %s.".formatted(String.join(", ", shown)));
        }
        return said;
    }

    /** {@return the chapters that have questions, in their order} */
    public List<String> chapters() {
        return answers.stream().map(Answer::chapter).distinct().toList();
    }

    /** {@return the answers of that chapter} */
    public List<Answer> chapter(String label) {
        return answers.stream().filter(answer -> answer.chapter().equals(label)).toList();
    }
}
