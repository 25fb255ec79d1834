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
import java.util.stream.Stream;

/** Holds what the referee gave and what was announced against what the rules say. Neither side is called wrong. */
final class RulesBesideReferee {
    /** An award comes at most so long after what it is for was reached. */
    private static final long SOON_MICROS = 15_000_000;

    private final Bout bout;
    private final Ruleset ruleset;
    private final List<Call> calls;
    private final RefereeAwards given;
    private final Board byRules;
    private final String required;
    /** Holds that were too short, by who would have got how much for them and by time: of thousands one is found at once. */
    private final Map<String, TreeMap<Long, Holds.Lost>> tooShort = new HashMap<>();

    /**
     * Holds them against each other.
     *
     * @param calls what the rules say
     * @param lost holds that were too short
     * @param byRules the board by the rules at the end
     */
    RulesBesideReferee(
            Bout bout, Ruleset ruleset, List<Call> calls, List<Holds.Lost> lost, RefereeAwards given, Board byRules) {
        this.bout = bout;
        this.ruleset = ruleset;
        this.calls = calls;
        this.given = given;
        this.byRules = byRules;
        this.required = Holds.seconds(ruleset.holdMicros());
        lost.forEach(each -> tooShort.computeIfAbsent(each.to() + " " + each.points(), any -> new TreeMap<>())
                .put(each.atMicros(), each));
    }

    private String name(Seat seat) {
        return bout.header().contestant(seat).name();
    }

    /** {@return where the two differ, in order of time; nothing where no award was told} */
    List<Difference> differences() {
        if (given.isEmpty()) {
            return List.of();
        }
        return Stream.concat(
                        calls.stream().filter(this::isMissing).map(this::notGiven),
                        unexplained().map(this::unexplained))
                .sorted(Comparator.comparingLong(Difference::atMicros))
                .toList();
    }

    private boolean isMissing(Call call) {
        return call.verdict() == Call.Verdict.BY_RULES && call.reason() != Reason.LADDER && !given.isGiven(call);
    }

    private Difference notGiven(Call call) {
        return new Difference(
                call.atMicros(),
                call.brief() + " not given",
                "By the rules %s gets %s for %s, and no award of the referee fits it. %s"
                        .formatted(
                                name(call.to()),
                                Call.words(call.gift()),
                                call.reason().label(),
                                call.sentence()),
                call.moments());
    }

    /** Points for which nothing was told. */
    private Stream<Moment> unexplained() {
        return given.unexplained().stream()
                .filter(award -> RefereeAwards.award(award).kind() == Award.Kind.POINTS);
    }

    private Difference unexplained(Moment moment) {
        Award award = RefereeAwards.award(moment);
        Seat to = moment.actor().orElseThrow();
        String why = tooShort(moment)
                .map(lost -> "The %s before it was held for %s as told, and the rules ask for %s."
                        .formatted(lost.scored().label(), Holds.seconds(lost.heldMicros()), required))
                .orElse("Nothing told shows what for. Look at the film before it, or note what it was.");
        return new Difference(
                moment.atMicros().orElse(0),
                to + " " + award.points() + " given",
                "The referee gave %s %s. %s".formatted(name(to), Call.words(award), why),
                List.of(moment.id()));
    }

    /** {@return the last hold before an award that would have brought just as much, had it lasted} */
    private Optional<Holds.Lost> tooShort(Moment award) {
        long at = award.atMicros().orElse(0);
        String asMuch =
                award.actor().orElseThrow() + " " + RefereeAwards.award(award).points();
        return Optional.ofNullable(
                        tooShort.getOrDefault(asMuch, new TreeMap<>()).floorEntry(at))
                .map(Map.Entry::getValue)
                .filter(each -> at <= each.atMicros() + SOON_MICROS);
    }

    /**
     * {@return contradictions between what was given, held and announced}
     *
     * @param seenToTheEnd whether it was told to the end, so that the announced result can be held against it
     */
    List<Finding> findings(boolean seenToTheEnd) {
        List<Finding> findings = new ArrayList<>();
        unexplained().forEach(award -> tooShort(award)
                .ifPresent(hold -> findings.add(Finding.warning(
                        List.of(award.id()),
                        award.id()
                                + ": points were given for a hold of %s, and the rules ask for %s. Mend the times, time it on the film, or leave it as the referee's."
                                        .formatted(Holds.seconds(hold.heldMicros()), required)))));
        if (bout.header().whole() && seenToTheEnd) {
            bout.header().result().flatMap(this::againstWinner).ifPresent(findings::add);
            againstScore().ifPresent(findings::add);
        }
        return List.copyOf(findings);
    }

    /** Whoever is said to have won must be ahead on the board that was told, by what she is said to have won. */
    private Optional<Finding> againstWinner(Result result) {
        boolean byBoard =
                switch (result.method()) {
                    case POINTS, ADVANTAGES, PENALTIES -> true;
                    default -> false;
                };
        if (!byBoard || given.isEmpty() || bout.header().footage().endsEarly()) {
            return Optional.empty();
        }
        Lead board = Board.at(bout, Long.MAX_VALUE).lead(ruleset.order());
        boolean fits = board.seat().equals(result.winner())
                && board.by().name().equals(result.method().name());
        return fits
                ? Optional.empty()
                : Optional.of(Finding.warning(
                        List.of(),
                        "The official result is %s by %s; by the referee's awards told it is %s. Look for an award that is missing, or mend the result."
                                .formatted(
                                        result.winner().map(Seat::name).orElse("nobody"),
                                        result.method().label(),
                                        board.brief())));
    }

    /** A final score that no reading of the awards adds up to is a finding. */
    private Optional<Finding> againstScore() {
        Optional<Result.Score> score = bout.header().result().flatMap(Result::score);
        if (score.isEmpty() || bout.moments().isEmpty()) {
            return Optional.empty();
        }
        Board board = Board.at(bout, Long.MAX_VALUE);
        if (board.a().points() == score.get().a()
                && board.b().points() == score.get().b()) {
            return Optional.empty();
        }
        if (reachable(Seat.A, score.get().a()) && reachable(Seat.B, score.get().b())) {
            return Optional.empty();
        }
        return Optional.of(Finding.warning(
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
        for (Call call : calls) {
            if (call.verdict() != Call.Verdict.BY_RULES
                    && call.to() == seat
                    && call.gift().kind() == Award.Kind.POINTS
                    && !given.isGiven(call)) {
                sums |= sums << call.gift().points();
            }
        }
        int missing = points - byRules.of(seat).points();
        return missing >= 0 && missing < 63 && (sums >> missing & 1) == 1;
    }
}
