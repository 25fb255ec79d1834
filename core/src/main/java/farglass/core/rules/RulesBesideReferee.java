package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Result;
import farglass.core.side.Seat;
import farglass.core.state.Finding;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/** Holds what the referee gave and what was announced against what the rules say. Neither side is called wrong. */
final class RulesBesideReferee {
    /** An award comes at most so long after what it is for was reached. */
    private static final long SOON_MICROS = 15_000_000;

    private final Scorecard card;
    private final Bout bout;
    private final Ruleset ruleset;
    private final RefereeAwards given;
    private final String required;
    final List<Scorecard.Difference> differences = new ArrayList<>();
    final List<Finding> findings = new ArrayList<>();

    /** @param seenToTheEnd whether it was told to the end, so that the announced result can be held against it */
    RulesBesideReferee(Scorecard card, Bout bout, RefereeAwards given, List<Holds.Lost> lost, boolean seenToTheEnd) {
        this.card = card;
        this.bout = bout;
        this.ruleset = card.ruleset();
        this.given = given;
        this.required = Holds.seconds(ruleset.holdMicros());
        if (!given.isEmpty()) {
            differ(lost);
        }
        if (bout.header().whole() && seenToTheEnd) {
            compareWithResult();
        }
    }

    private String name(Seat seat) {
        return bout.header().contestant(seat).name();
    }

    private void differ(List<Holds.Lost> lost) {
        Map<String, TreeMap<Long, Holds.Lost>> byTime = new HashMap<>();
        lost.forEach(each -> byTime.computeIfAbsent(each.to() + " " + each.points(), any -> new TreeMap<>())
                .put(each.atMicros(), each));
        for (Call call : card.calls()) {
            boolean shouldBeThere =
                    call.verdict() == Call.Verdict.BY_RULES && call.reason() != Reason.LADDER && !given.isGiven(call);
            if (shouldBeThere) {
                differences.add(new Scorecard.Difference(
                        call.atMicros(),
                        call.brief() + " not given",
                        "By the rules %s gets %s for %s, and no award of the referee fits it. %s"
                                .formatted(
                                        name(call.to()),
                                        Call.words(call.gift()),
                                        call.reason().label(),
                                        call.sentence()),
                        call.moments()));
            }
        }
        for (Moment moment : given.unexplained()) {
            Award award = RefereeAwards.award(moment);
            if (award.kind() == Award.Kind.POINTS) {
                Seat to = moment.actor().orElseThrow();
                long at = moment.atMicros().orElse(0);
                Optional<Holds.Lost> tooShort = Optional.ofNullable(
                                byTime.getOrDefault(to + " " + award.points(), new TreeMap<>())
                                        .floorEntry(at))
                        .map(Map.Entry::getValue)
                        .filter(each -> at <= each.atMicros() + SOON_MICROS);
                String why = tooShort.map(each -> "The %s before it was held for %s as told, and the rules ask for %s."
                                .formatted(each.scored().label(), Holds.seconds(each.heldMicros()), required))
                        .orElse("Nothing told shows what for. Look at the film before it, or note what it was.");
                differences.add(new Scorecard.Difference(
                        moment.atMicros().orElse(0),
                        to + " " + award.points() + " given",
                        "The referee gave %s %s. %s".formatted(name(to), Call.words(award), why),
                        List.of(moment.id())));
                if (tooShort.isPresent()) {
                    findings.add(Finding.warning(
                            List.of(moment.id()),
                            moment.id()
                                    + ": points were given for a hold of %s, and the rules ask for %s. Mend the times, time it on the film, or leave it as the referee's."
                                            .formatted(
                                                    Holds.seconds(tooShort.get().heldMicros()), required)));
                }
            }
        }
        differences.sort(Comparator.comparingLong(Scorecard.Difference::atMicros));
    }

    /** Whoever is said to have won must be ahead on the board that was told, by what she is said to have won. */
    private void compareWithWinner(Result result) {
        boolean byBoard =
                switch (result.method()) {
                    case POINTS, ADVANTAGES, PENALTIES -> true;
                    default -> false;
                };
        if (!byBoard || given.isEmpty() || bout.header().footage().endsEarly()) {
            return;
        }
        Lead board = card.board(Long.MAX_VALUE).lead(ruleset.order());
        if (!board.seat().equals(result.winner())
                || !board.by().name().equals(result.method().name())) {
            findings.add(Finding.warning(
                    List.of(),
                    "The official result is %s by %s; by the referee's awards told it is %s. Look for an award that is missing, or mend the result."
                            .formatted(
                                    result.winner().map(Seat::name).orElse("nobody"),
                                    result.method().label(),
                                    board.brief())));
        }
    }

    /** A final score that no reading of the awards adds up to is a finding. */
    private void compareWithResult() {
        bout.header().result().ifPresent(this::compareWithWinner);
        Optional<Result.Score> score = bout.header().result().flatMap(Result::score);
        if (score.isEmpty() || bout.moments().isEmpty()) {
            return;
        }
        Board board = card.board(Long.MAX_VALUE);
        if (board.a().points() == score.get().a()
                && board.b().points() == score.get().b()) {
            return;
        }
        if (reachable(Seat.A, score.get().a()) && reachable(Seat.B, score.get().b())) {
            return;
        }
        Board byRules = card.byRules(Long.MAX_VALUE);
        findings.add(Finding.warning(
                List.of(),
                "The official result says %d-%d. The awards told add up to %d-%d, the rules give %d-%d, and no reading of what could be given makes up the difference. Look for an award that is missing, or mend the result."
                        .formatted(
                                score.get().a(),
                                score.get().b(),
                                board.a().points(),
                                board.b().points(),
                                byRules.a().points(),
                                byRules.b().points())));
    }

    private boolean reachable(Seat seat, int points) {
        long sums = 1L;
        for (Call call : card.calls()) {
            if (call.verdict() != Call.Verdict.BY_RULES
                    && call.to() == seat
                    && call.gift().kind() == Award.Kind.POINTS
                    && !given.isGiven(call)) {
                sums |= sums << call.gift().points();
            }
        }
        int missing = points - card.byRules(Long.MAX_VALUE).of(seat).points();
        return missing >= 0 && missing < 63 && (sums >> missing & 1) == 1;
    }
}
