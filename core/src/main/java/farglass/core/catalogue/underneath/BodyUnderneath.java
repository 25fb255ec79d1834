package farglass.core.catalogue.underneath;

import farglass.core.bout.BodyFact;
import farglass.core.bout.Fact;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Options;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import java.util.List;
import java.util.Optional;

/** How does she lie and hold her hips underneath, as far as somebody told it? */
public final class BodyUnderneath {
    private static Ask of(BodyFact what, String heading) {
        String id = "body " + what.label();
        return new Ask(
                id,
                new Options(
                        Sights.ofFacts(id, Fact.Body.class, (sheet, seat, moment) -> value(sheet, seat, moment, what))),
                Wording.plain("{option}", "times it was told underneath", "").under(heading));
    }

    private static Optional<String> value(BoutSheet sheet, Seat seat, Moment moment, BodyFact what) {
        return Guards.plays(sheet.timeline().before(moment), seat)
                ? moment.telling()
                        .facts(Fact.Body.class)
                        .filter(fact -> fact.what() == what && fact.of().equals(Optional.of(seat)))
                        .map(Fact.Body::value)
                        .findFirst()
                : Optional.empty();
    }

    public static final Question QUESTION = new Question(
            "body underneath",
            Chapter.UNDERNEATH,
            "How do they lie underneath?",
            "",
            "nothing is told of how {name} lies underneath",
            List.of(of(BodyFact.LIES, "Lies"), of(BodyFact.HIPS, "Hips"), of(BodyFact.DISTANCE, "Distance kept")));

    private BodyUnderneath() {}
}
