package farglass.core.catalogue.start;

import farglass.core.bout.Contestant;
import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.fact.Body;
import farglass.core.fact.BodyFact;
import farglass.core.measure.Options;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.side.Stance;
import java.util.List;
import java.util.Optional;

/** How does she stand, and how do the two stand to each other? As the headers tell it. */
public final class Stances {
    private static final String MIRRORED = "mirrored";

    private static Optional<Stance> stance(BoutSheet sheet, Seat seat) {
        return Optional.of(sheet.bout().header().contestant(seat)).flatMap(Contestant::stance);
    }

    private static Optional<String> own(BoutSheet sheet, Seat seat) {
        return stance(sheet, seat).map(Stance::label);
    }

    private static Optional<String> pair(BoutSheet sheet, Seat seat) {
        return stance(sheet, seat)
                .flatMap(own -> stance(sheet, seat.other()).map(other -> own == other ? "the same" : MIRRORED));
    }

    /** What somebody told, moment by moment; told of the other one it is worked out: whose foot is not outside, the other's is. */
    private static Optional<String> foot(BoutSheet sheet, Seat seat, Moment moment) {
        return told(sheet, moment, seat)
                .or(() -> told(sheet, moment, seat.other()).map(BodyFact::otherFoot));
    }

    private static Optional<String> told(BoutSheet sheet, Moment moment, Seat seat) {
        return sheet.facts(moment, Body.class)
                .filter(body -> body.what() == BodyFact.FOOT && body.of().equals(Optional.of(seat)))
                .map(Body::value)
                .findFirst();
    }

    public static final Question QUESTION = new Question(
            "stance",
            Chapter.THE_START,
            "How do they stand?",
            "",
            "no stance of {name} is told in a watched bout",
            List.of(
                    new Ask(
                            "stance",
                            new Options(Sights.ofBouts("stance", Stances::own)),
                            Wording.plain("{option}", "watched bouts whose stance is told", "{name} stood {each}")),
                    new Ask(
                            "stance mirrored",
                            new YesNo(Sights.ofBouts("stance mirrored", Stances::pair), MIRRORED),
                            Wording.plain(
                                    "The other stood the other way round",
                                    "watched bouts in which both stances are told",
                                    "")),
                    new Ask(
                            "lead foot",
                            new YesNo(Sights.ofFacts("lead foot", Body.class, Stances::foot), "outside"),
                            Wording.plain("Lead foot outside the other\u2019s", "times it was told", ""))));

    private Stances() {}
}
