package farglass.core.catalogue.referee;

import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.fact.Link;
import farglass.core.fact.Ruling;
import farglass.core.fact.Tie;
import farglass.core.measure.Listed;
import farglass.core.measure.Options;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Who gains by what is disputed, which awards were taken back, and what is held to be illegal? */
public final class Disputes {
    private static Optional<String> gained(BoutSheet sheet, Seat seat, Moment moment) {
        return sheet.facts(moment, Ruling.Disputed.class)
                .flatMap(disputed -> disputed.gained().stream())
                .findFirst()
                .map(who -> who == seat ? "gained by it" : "lost by it");
    }

    private static List<Evidence> illegal(BoutSheet sheet, Seat seat) {
        return sheet.telling(Ruling.Illegal.class).stream()
                .filter(moment -> Sights.by(moment, seat))
                .flatMap(moment -> sheet.facts(moment, Ruling.Illegal.class)
                        .map(illegal -> Sights.at(sheet, moment, illegal.what())))
                .toList();
    }

    /** Awards to her that another moment takes back or corrects. */
    private static List<Evidence> takenBack(BoutSheet sheet, Seat seat) {
        return sheet.telling(Link.class).stream()
                .flatMap(moment -> Stream.of(Tie.WITHDRAWS, Tie.CORRECTS).flatMap(tie -> moment.telling()
                        .tied(tie)
                        .flatMap(id -> sheet.bout().moment(id).stream())
                        .filter(award -> Sights.by(award, seat))
                        .map(award -> Sights.at(sheet, award, tie == Tie.WITHDRAWS ? "taken back" : "corrected"))))
                .toList();
    }

    public static final Question QUESTION = new Question(
            "dispute",
            Chapter.REFEREE,
            "Who gains by what is disputed, and what is held to be illegal?",
            "",
            "nothing disputed and nothing illegal is told of {name}",
            List.of(
                    new Ask(
                            "disputed gained",
                            new Options(Sights.ofFacts("disputed gained", Ruling.Disputed.class, Disputes::gained)),
                            Wording.plain("{option}", "disputed calls of which it is told who gained", "{name} {each}")
                                    .under("What was disputed")),
                    new Ask(
                            "taken back",
                            new Listed(new Tally("taken back", Disputes::takenBack)),
                            Wording.plain("{option}", "", "").under("Awards to them")),
                    new Ask(
                            "illegal",
                            new Listed(new Tally("illegal", Disputes::illegal)),
                            Wording.plain("{option}", "", "").under("Acts of theirs held to be illegal"))));

    private Disputes() {}
}
