package farglass.core.catalogue.referee;

import farglass.core.bout.Method;
import farglass.core.catalogue.tally.Sights;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.measure.Listed;
import farglass.core.question.Ask;
import farglass.core.question.Chapter;
import farglass.core.question.Question;
import farglass.core.question.Wording;
import farglass.core.rules.Call;
import farglass.core.rules.Lead;
import farglass.core.rules.Ruleset;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.core.side.Seat;
import farglass.core.state.ScoreLine;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * How would her bouts have stood at the end under each set of rules that gives points, and what could have been given and was not? Rules of
 * the user's own are not among them. Whoever fights under other rules fights otherwise: this is arithmetic, and no forecast.
 */
public final class OtherRulesets {
    /** These end a bout under any rules, so that points tell nothing of it. */
    private static final Set<Method> ENDS_IT = Set.of(
            Method.SUBMISSION,
            Method.DISQUALIFICATION,
            Method.KNOCKOUT,
            Method.REFEREE,
            Method.DOCTOR,
            Method.NO_CONTEST);
    /** A few seconds left out at either end hide no score. */
    private static final double NEARLY_ALL = 0.98;

    /** Of a bout that was watched only in part, points that were scored elsewhere are not known. */
    private static boolean isWatchedThroughout(BoutSheet sheet) {
        long end = sheet.timeline().endMicros();
        double all = sheet.timeline().clock().playedMicros(end) / 60e6;
        return ScoreLine.isKnown(sheet.bout())
                && sheet.bout().header().whole()
                && all > 0
                && sheet.watchedMinutes() >= NEARLY_ALL * all;
    }

    private static Optional<String> stood(BoutSheet sheet, Seat seat, Ruleset rules) {
        boolean ended = sheet.bout()
                .header()
                .result()
                .filter(result -> ENDS_IT.contains(result.method()))
                .isPresent();
        if (ended || !isWatchedThroughout(sheet)) {
            return Optional.empty();
        }
        Lead lead = Scorecard.of(sheet.bout(), rules, sheet.lexicon(), sheet.timeline())
                .lead(sheet.timeline().endMicros());
        return lead.by() == Lead.By.SUBMISSION
                ? Optional.empty()
                : Optional.of(lead.seat()
                        .map(who -> who == seat ? ScoreLine.Lead.AHEAD : ScoreLine.Lead.BEHIND)
                        .orElse(ScoreLine.Lead.LEVEL)
                        .label());
    }

    private static Ask under(Ruleset rules) {
        String id = "under " + rules.name();
        return new Ask(
                id,
                new Listed(Sights.ofBouts(id, (sheet, seat) -> stood(sheet, seat, rules))),
                Wording.plain(
                                "{option}",
                                "",
                                "under \u201c%s\u201d {name} would have stood {each}".formatted(rules.title()))
                        .under("At the end, under \u201c%s\u201d".formatted(rules.title()))
                        .inOrder(Stream.of(ScoreLine.Lead.values())
                                .map(ScoreLine.Lead::label)
                                .toList()));
    }

    private static List<Evidence> could(BoutSheet sheet, Seat seat) {
        return Rulesets.shipped().named(sheet.bout().header().ruleset()).stream()
                .flatMap(rules ->
                        Scorecard.of(sheet.bout(), rules, sheet.lexicon(), sheet.timeline())
                                .calls(Call.Verdict.COULD)
                                .stream())
                .filter(call -> call.to() == seat && !call.moments().isEmpty())
                .map(call -> new Evidence(
                        sheet.bout().id(),
                        Optional.of(call.moments().get(0)),
                        "%s (%s)"
                                .formatted(
                                        Calls.words(call.gift()),
                                        call.reason().label().replace('-', ' '))))
                .toList();
    }

    public static final Question QUESTION = new Question(
            "other rules",
            Chapter.REFEREE,
            "How would their bouts have stood under other rules?",
            "of the bouts watched from beginning to end that no tap ended: ",
            "no bout of {name} was watched from its beginning to its end without a tap",
            Stream.concat(
                            Rulesets.shipped().all().stream()
                                    .filter(rules -> rules.scoring() == Ruleset.Scoring.POINTS)
                                    .map(OtherRulesets::under),
                            Stream.of(new Ask(
                                    "could be given",
                                    new Listed(new Tally("could be given", OtherRulesets::could)),
                                    Wording.plain("{option}", "", "").under("Could have been given, and was not"))))
                    .toList());

    private OtherRulesets() {}
}
