package farglass.core.catalogue.pace;

import farglass.core.bout.Award;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.entry.Kind;
import farglass.core.measure.Options;
import farglass.core.measure.YesNo;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.side.Seat;
import farglass.core.state.ScoreLine;
import farglass.core.state.ScoreLine.Lead;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** With what are points won and lost, who scores first, and what becomes of a lead? Only what the referee gave counts. */
public final class Points {
    private static final Set<Kind> SCORING = EnumSet.of(
            Kind.TAKEDOWN,
            Kind.SWEEP,
            Kind.PASS,
            Kind.BACK_TAKE,
            Kind.TRANSITION,
            Kind.PULL,
            Kind.ESCAPE,
            Kind.SUBMISSION);

    private static final long GIVEN_WITHIN_MICROS = 30_000_000;
    private static final String OURS = "theirs";
    private static final String WON = "won";

    private static boolean isPoints(Moment moment) {
        return moment.deed().gives(Award.Kind.POINTS) && moment.actor().isPresent();
    }

    /** What an award was given for: the last thing its athlete had got done, within half a minute. */
    private static String what(BoutSheet sheet, Moment award) {
        return sheet.deeds().stream()
                .filter(deed -> deed.actor().equals(award.actor()) && deed.succeeded())
                .filter(deed -> deed.atMicros().isPresent() && award.atMicros().isPresent())
                .filter(deed -> deed.atMicros().getAsLong() <= award.atMicros().getAsLong()
                        && award.atMicros().getAsLong() - deed.atMicros().getAsLong() <= GIVEN_WITHIN_MICROS)
                .flatMap(deed -> sheet.technique(deed).stream())
                .filter(technique -> SCORING.contains(technique.kind()))
                .reduce((one, later) -> later)
                .map(technique -> technique.kind() == Kind.TRANSITION
                        ? "a place reached on top"
                        : "a " + technique.kind().label().replaceFirst("^pull$", "guard pull"))
                .orElse("nothing that was told");
    }

    private static List<Evidence> points(BoutSheet sheet, Seat whose) {
        return sheet.happened(Deed.Awarded.class).stream()
                .filter(moment -> isPoints(moment) && Sights.by(moment, whose))
                .map(moment -> Sights.at(sheet, moment, what(sheet, moment)))
                .toList();
    }

    private static Tally of(String id, boolean own) {
        return new Tally(id, (sheet, seat) -> points(sheet, own ? seat : seat.other()));
    }

    private static List<Evidence> first(BoutSheet sheet, Seat seat) {
        return sheet.awards().stream()
                .filter(Points::isPoints)
                .findFirst()
                .filter(moment -> ScoreLine.isKnown(sheet.bout()))
                .map(moment -> List.of(Sights.at(sheet, moment, Sights.by(moment, seat) ? OURS : "the other\u2019s")))
                .orElse(List.of());
    }

    private static Optional<String> after(BoutSheet sheet, Seat seat, Lead state) {
        return ScoreLine.isKnown(sheet.bout())
                        && ScoreLine.of(sheet.bout(), seat).wasEver(state)
                ? sheet.bout()
                        .header()
                        .result()
                        .flatMap(result -> result.winner())
                        .map(winner -> winner == seat ? WON : "not won")
                : Optional.empty();
    }

    private static Ask withState(String id, Lead state, String row) {
        return new Ask(
                id,
                new YesNo(Sights.ofBouts(id, (sheet, seat) -> after(sheet, seat, state)), WON),
                Wording.plain(row, "watched bouts in which they were ever %s on points".formatted(state.label()), ""));
    }

    private static Optional<String> penalty(BoutSheet sheet, Seat seat, Moment moment) {
        return moment.deed().gives(Award.Kind.PENALTY, Award.Kind.WARNING, Award.Kind.NEGATIVE)
                ? Optional.of(Sights.by(moment, seat) ? OURS : "the other\u2019s")
                : Optional.empty();
    }

    public static final Question QUESTION = new Question(
            "points",
            Chapter.PACE,
            "With what are points won and lost, and what becomes of a lead?",
            "",
            "no points have been given in a watched bout of {name}",
            List.of(
                    new Ask(
                            "first score",
                            new YesNo(new Tally("first score", Points::first), OURS),
                            Wording.plain(
                                    "Scored first",
                                    "watched bouts with points in them",
                                    "{name} scored first in {count}{claims}")),
                    withState("won when ahead", Lead.AHEAD, "Won, once ahead"),
                    withState("won when behind", Lead.BEHIND, "Won, once behind"),
                    new Ask(
                            "points won",
                            new Options(of("points won", true)),
                            Wording.plain(
                                            "{option}",
                                            "awards of points to them",
                                            "points came most often from {option}, {raw}")
                                    .under("Points won with")),
                    new Ask(
                            "points lost",
                            new Options(of("points lost", false)),
                            Wording.plain(
                                            "{option}",
                                            "awards of points to the other",
                                            "and were lost most often to {option}, {raw}")
                                    .under("Points lost to")),
                    new Ask(
                            "penalties",
                            new YesNo(Sights.ofHappenings("penalties", Deed.Awarded.class, Points::penalty), OURS),
                            Wording.plain("Against them", "warnings, penalties and negatives in watched bouts", ""))));

    private Points() {}
}
