package farglass.core.simulate;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Deed;
import farglass.core.bout.Method;
import farglass.core.bout.Moment;
import farglass.core.bout.Result;
import farglass.core.bout.Telling;
import farglass.core.fact.Layer;
import farglass.core.fact.Strike;
import farglass.core.lexicon.Lexicon;
import farglass.core.rules.Board;
import farglass.core.rules.Call;
import farglass.core.rules.Ruleset;
import farglass.core.rules.Scorecard;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.random.RandomGenerator;

/** Gives what the rules say, nearly always, and of what rests on a judgement about half. */
final class Referee {
    private final Ruleset ruleset;
    private final Lexicon lexicon;
    private final RandomGenerator random;

    Referee(Ruleset ruleset, Lexicon lexicon, RandomGenerator random) {
        this.ruleset = ruleset;
        this.lexicon = lexicon;
        this.random = random;
    }

    /** {@return the bout with awards and a result} Signals are added to the calls. */
    Bout judge(Bout bout, long end, List<farglass.core.script.RefereeSignal> calls) {
        List<Moment> moments = new ArrayList<>(bout.moments());
        int[] penalties = new int[2];
        // The referee looks from the beginning to the end.
        Bout seen = bout.with(bout.header().withCovered(List.of(new Covered(Layer.STORY, 0, end, false))));
        List<Call> said = Scorecard.of(seen, ruleset, lexicon).calls();
        for (Call call : said) {
            boolean gives = random.nextDouble() < chance(call.verdict());
            long at = call.atMicros() + 400_000 + random.nextInt(1_100_000);
            if (!gives || at >= end) {
                continue;
            }
            Award award = call.gift().kind() == Award.Kind.WARNING && random.nextDouble() < 0.4
                    ? Award.penalty()
                    : call.gift();
            give(moments, call.to(), award, at, calls);
            if (award.kind() == Award.Kind.PENALTY) {
                int number = penalties[call.to().ordinal()]++;
                Optional<Award> step = number < ruleset.ladder().size()
                        ? ruleset.ladder().get(number).filter(next -> next.kind() != Award.Kind.DISQUALIFICATION)
                        : Optional.empty();
                step.ifPresent(next -> give(moments, call.to().other(), next, at, calls));
            }
        }
        if (ruleset.scoring() == Ruleset.Scoring.JUDGES) {
            verdicts(moments);
        }
        moments.sort(Comparator.comparingLong(moment -> moment.atMicros().orElse(0)));
        Bout judged = renumbered(bout, moments);
        // A round in the gym is told by its taps, and nobody announces anything.
        return ruleset.scoring() == Ruleset.Scoring.TRAINING
                ? judged
                : judged.with(judged.header().withResult(result(judged)));
    }

    private static double chance(Call.Verdict verdict) {
        return switch (verdict) {
            case BY_RULES -> 0.97;
            case ARGUABLE -> 0.5;
            case COULD -> 0.4;
        };
    }

    private static void give(
            List<Moment> moments, Seat to, Award award, long at, List<farglass.core.script.RefereeSignal> calls) {
        moments.add(new Moment(
                "r" + moments.size(),
                OptionalLong.of(at),
                Optional.of(to),
                new Deed.Awarded(award),
                Optional.empty(),
                Telling.NOTHING));
        String signal =
                switch (award.kind()) {
                    case POINTS -> Integer.toString(award.points());
                    case ADVANTAGE -> "adv";
                    case PENALTY, WARNING -> "pen";
                    case NEGATIVE -> "-1";
                    case DISQUALIFICATION -> "out";
                };
        calls.add(new farglass.core.script.RefereeSignal(at, Optional.of(to), signal));
    }

    /** Judges go by who did more that worked in a round. */
    private void verdicts(List<Moment> moments) {
        List<Moment> announced = new ArrayList<>();
        int[] worked = new int[2];
        for (Moment moment : moments) {
            boolean counts = moment.settled().isPresent()
                    || moment.telling()
                            .facts(Strike.class)
                            .anyMatch(strike -> strike.contact() == Strike.Contact.CLEAN);
            moment.actor().filter(seat -> counts).ifPresent(seat -> worked[seat.ordinal()]++);
            if (moment.deed().ended().isPresent()) {
                boolean a = worked[0] >= worked[1];
                announced.add(new Moment(
                        "v" + announced.size(),
                        moment.atMicros(),
                        Optional.of(a ? Seat.A : Seat.B),
                        new Deed.Verdict("", Optional.of(new Result.Score(a ? 10 : 9, a ? 9 : 10))),
                        Optional.empty(),
                        Telling.NOTHING));
                worked[0] = 0;
                worked[1] = 0;
            }
        }
        moments.addAll(announced);
    }

    private Result result(Bout bout) {
        Scorecard card = Scorecard.of(bout, ruleset, lexicon);
        return switch (ruleset.scoring()) {
            case POINTS -> {
                Board board = Board.atEnd(bout);
                // A board below zero is announced in words only.
                Optional<Result.Score> score =
                        board.a().points() < 0 || board.b().points() < 0
                                ? Optional.empty()
                                : Optional.of(new Result.Score(
                                        board.a().points(), board.b().points()));
                yield byBoard(board)
                        .map(method -> new Result(board.leader(), method, Optional.empty(), score))
                        .orElseGet(() -> new Result(
                                Optional.of(random.nextBoolean() ? Seat.A : Seat.B),
                                Method.DECISION,
                                Optional.empty(),
                                score));
            }
            case JUDGES ->
                new Result(card.lead(Long.MAX_VALUE).seat(), Method.DECISION, Optional.empty(), Optional.empty());
            case SUBMISSION, TRAINING -> new Result(Optional.empty(), Method.DRAW, Optional.empty(), Optional.empty());
        };
    }

    private Optional<Method> byBoard(Board board) {
        if (board.leader().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(
                board.a().points() != board.b().points()
                        ? Method.POINTS
                        : board.a().advantages() != board.b().advantages() ? Method.ADVANTAGES : Method.PENALTIES);
    }

    /** Moments are named by their order, so that a bout file need not name them. */
    static Bout renumbered(Bout bout, List<Moment> moments) {
        Map<String, String> names = new HashMap<>();
        for (int i = 0; i < moments.size(); i++) {
            names.put(moments.get(i).id(), "m" + (i + 1));
        }
        List<Moment> named = moments.stream()
                .map(moment -> new Moment(
                        names.get(moment.id()),
                        moment.atMicros(),
                        moment.actor(),
                        moment.deed(),
                        moment.settled(),
                        moment.telling()
                                .withFacts(moment.telling().facts().stream()
                                        .map(fact -> fact.retied(names::get))
                                        .toList())))
                .toList();
        return new Bout(bout.id(), bout.header(), named, List.of());
    }
}
