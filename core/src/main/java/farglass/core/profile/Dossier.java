package farglass.core.profile;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.study.Weighing;
import java.util.Collection;
import java.util.List;

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

    /**
     * {@return the dossier of an athlete}
     *
     * @param bouts every bout of the library: the others' bouts are what she is compared with
     * @param weighing how much each of her own bouts counts
     */
    public static Dossier of(String athlete, Collection<Bout> bouts, Weighing weighing, Lexicon lexicon) {
        Census census = new Census(athlete, bouts, weighing, lexicon);
        int known = (int) bouts.stream()
                .filter(bout -> bout.header().seatOf(athlete).isPresent())
                .filter(bout -> !bout.header().isSecondCoding())
                .count();
        return new Dossier(
                athlete,
                known,
                census.own().size(),
                List.of(
                        StartQuestion.answer(athlete, census),
                        GuardQuestion.answer(athlete, census, lexicon),
                        PassQuestion.answer(athlete, census, lexicon),
                        FinishQuestion.answer(athlete, census, lexicon)),
                Asides.of(athlete, bouts, lexicon));
    }
}
