package farglass.core.profile;

import farglass.core.bout.Bout;
import farglass.core.corpus.Corpus;
import farglass.core.estimate.Comparison;
import farglass.core.lexicon.Lexicon;
import farglass.core.question.Claims;
import farglass.core.study.Weighing;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One athlete as the questions a coach asks.
 *
 * @param athlete name
 * @param known bouts of the athlete in the library, seen or not
 * @param watched how many of them were watched, at least in part
 * @param asides what is told and counted in nothing, and what clips show, in sentences; empty for most
 */
public record Dossier(String athlete, int known, int watched, List<Answer> answers, List<String> asides) {
    public Dossier {
        asides = List.copyOf(asides);
        answers = List.copyOf(answers);
    }

    /** {@return the dossier of an athlete, all sheets made for it} */
    public static Dossier of(String athlete, Collection<Bout> bouts, Weighing weighing, Lexicon lexicon) {
        return of(athlete, Corpus.of(bouts, lexicon), weighing);
    }

    /**
     * {@return the dossier of an athlete}
     *
     * @param corpus every bout of the library: the others' bouts are what she is compared with
     * @param weighing how much each of her own bouts counts
     */
    public static Dossier of(String athlete, Corpus corpus, Weighing weighing) {
        Census census = new Census(athlete, corpus, weighing);
        Collection<Bout> bouts = corpus.bouts();
        Lexicon lexicon = corpus.lexicon();
        int known = (int) bouts.stream()
                .filter(bout -> bout.header().seatOf(athlete).isPresent())
                .filter(bout -> !bout.header().isSecondCoding())
                .count();
        List<Draft> drafts = new ArrayList<>(List.of(
                StartQuestion.draft(athlete, census),
                GuardQuestion.draft(athlete, census, lexicon),
                PassQuestion.draft(athlete, census, lexicon),
                FinishQuestion.draft(athlete, census, lexicon)));
        TriesQuestion.ALL.forEach(question -> drafts.add(question.draft(athlete, census, lexicon)));
        drafts.add(ConcededQuestion.draft(athlete, census));
        Map<String, Comparison> family = new LinkedHashMap<>();
        drafts.forEach(draft -> family.putAll(draft.family()));
        Claims claims = Claims.of(family);
        return new Dossier(
                athlete,
                known,
                census.own().size(),
                drafts.stream().map(draft -> draft.answer().apply(claims)).toList(),
                Asides.of(athlete, bouts, lexicon));
    }
}
