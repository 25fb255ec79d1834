package farglass.core.catalogue.start;

import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.catalogue.tally.Places;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.entry.Meaning;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.measure.Options;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import java.util.List;
import java.util.Optional;

/** Does she pull, by choice or because she has to, and to which guard? Who comes up from a double pull? */
public final class Pulls {
    private static final String FORCED = "forced";
    private static final String HERS = "they come up";

    private static boolean isPull(BoutSheet sheet, Moment moment) {
        return sheet.technique(moment)
                .filter(technique -> technique.kind() == Kind.PULL)
                .isPresent();
    }

    private static List<Evidence> pulls(BoutSheet sheet, Seat seat, Sights.Of<Moment> option) {
        return sheet.deeds().stream()
                .filter(moment -> Sights.by(moment, seat) && isPull(sheet, moment))
                .flatMap(
                        moment -> option.of(sheet, seat, moment).stream().map(taken -> Sights.at(sheet, moment, taken)))
                .toList();
    }

    private static Optional<String> choice(BoutSheet sheet, Seat seat, Moment moment) {
        return moment.telling()
                .motive()
                .map(motive -> motive == Motive.FORCED || motive == Motive.CONCEDED ? FORCED : "chosen");
    }

    private static Optional<String> guard(BoutSheet sheet, Seat seat, Moment moment) {
        Stand after = sheet.timeline().after(moment);
        return Optional.of(after)
                .filter(stand -> stand.position().family().isGuard() && stand.roleOf(seat) == Role.BOTTOM)
                .map(Stand::position)
                .map(Position::key);
    }

    private static List<Evidence> doublePulls(BoutSheet sheet, Seat seat) {
        return sheet.visits().stream()
                .filter(visit -> visit.stand().position().means(Meaning.BOTH_SAT) && sheet.sawEnd(visit))
                .flatMap(visit -> visit.endedBy().stream())
                .flatMap(id -> sheet.bout().moment(id).stream())
                .flatMap(moment -> {
                    String then = Places.broad(sheet.timeline().after(moment), seat);
                    return Optional.of(then)
                            .filter(place -> place.equals(Places.ON_TOP) || place.equals(Places.UNDERNEATH))
                            .map(place ->
                                    Sights.at(sheet, moment, place.equals(Places.ON_TOP) ? HERS : "the other comes up"))
                            .stream();
                })
                .toList();
    }

    public static final Question QUESTION = new Question(
            "pull",
            Chapter.THE_START,
            "Do they pull guard, and to which?",
            "",
            "{name} has not been seen pulling guard",
            List.of(
                    new Ask(
                            "pull to",
                            new Options(new Tally("pull to", (sheet, seat) -> pulls(sheet, seat, Pulls::guard))),
                            Wording.ofTerms(
                                    "To {option}",
                                    "pulls that reached a guard",
                                    "{name} pulled {times}, most often to {option}, {raw}{claims}")),
                    new Ask(
                            "pull forced",
                            new YesNo(
                                    new Tally("pull forced", (sheet, seat) -> pulls(sheet, seat, Pulls::choice)),
                                    FORCED),
                            Wording.plain("Had to", "pulls whose motive is told", "")),
                    new Ask(
                            "double pull",
                            new YesNo(new Tally("double pull", Pulls::doublePulls), HERS),
                            Wording.plain("Comes up from a double pull", "double pulls that one came up from", ""))));

    private Pulls() {}
}
