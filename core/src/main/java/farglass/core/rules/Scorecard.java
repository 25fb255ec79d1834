package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Result;
import farglass.core.bout.TakenBack;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import farglass.core.state.Finding;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/**
 * A bout read under a ruleset: what is certain by the rules, what could be given, what is arguable, what the referee gave, and
 * where they differ. Neither side is called wrong. Start at {@link #of}.
 */
public final class Scorecard {
    /** With so little time left, what was told is told to the end. */
    private static final long END_MICROS = 1_500_000;

    private final Bout bout;
    private final Ruleset ruleset;
    private final List<Call> calls = new ArrayList<>();
    private final List<Difference> differences;
    private final List<Finding> findings;
    private final RefereeAwards given;
    private final Optional<EscapeTime> escapeTime;
    private final boolean timeUp;

    private Scorecard(Bout bout, Ruleset ruleset, Lexicon lexicon, Timeline timeline) {
        this.bout = bout;
        this.ruleset = ruleset;
        List<Holds.Lost> lost = List.of();
        if (ruleset.scoring() == Ruleset.Scoring.POINTS) {
            Holds holds = new Holds(bout, ruleset, lexicon, timeline);
            calls.addAll(holds.calls());
            lost = holds.lost();
            calls.addAll(Judgements.of(bout, ruleset, lexicon, timeline));
            ladder();
            calls.sort(Comparator.comparingLong(Call::atMicros));
        }
        given = RefereeAwards.match(bout, calls);
        escapeTime = ruleset.overtime().pairs() > 0
                ? Optional.of(EscapeTime.of(bout, ruleset.overtime()))
                        .filter(time -> !time.rounds().isEmpty())
                : Optional.empty();
        if (ruleset.scoring() == Ruleset.Scoring.POINTS) {
            OptionalLong left = timeline.clock().leftMicros(timeline.endMicros());
            boolean toTheEnd = left.isEmpty()
                    || left.getAsLong() <= END_MICROS
                    || ended(Long.MAX_VALUE).isPresent();
            timeUp = left.isPresent()
                    && left.getAsLong() <= END_MICROS
                    && bout.header().whole()
                    && !bout.header().footage().endsEarly()
                    && !timeline.clock().inOvertime(timeline.endMicros());
            RulesBesideReferee comparison =
                    new RulesBesideReferee(bout, ruleset, calls, lost, given, byRules(Long.MAX_VALUE));
            differences = comparison.differences();
            findings = comparison.findings(toTheEnd);
        } else {
            timeUp = false;
            differences = List.of();
            findings = List.of();
        }
    }

    /** {@return the bout read under those rules; linear in its moments but for holds across stoppages} */
    public static Scorecard of(Bout bout, Ruleset ruleset, Lexicon lexicon) {
        return of(bout, ruleset, lexicon, Timeline.of(bout, lexicon));
    }

    /** {@return the same, with a timeline made before} */
    public static Scorecard of(Bout bout, Ruleset ruleset, Lexicon lexicon, Timeline timeline) {
        return new Scorecard(bout, ruleset, lexicon, timeline);
    }

    private void ladder() {
        Board opening = Board.opening(bout);
        for (Seat seat : Seat.values()) {
            int count = opening.of(seat).penalties();
            for (Moment moment : bout.moments()) {
                boolean penalty = moment.actor().equals(Optional.of(seat))
                        && moment.deed().gives(Award.Kind.PENALTY);
                if (!penalty || count >= ruleset.ladder().size()) {
                    continue;
                }
                int number = ++count;
                ruleset.ladder().get(number - 1).ifPresent(step -> {
                    boolean out = step.kind() == Award.Kind.DISQUALIFICATION;
                    calls.add(new Call(
                            Call.Verdict.BY_RULES,
                            out ? seat : seat.other(),
                            Reason.LADDER,
                            step,
                            moment.atMicros().orElse(0),
                            List.of(moment.id()),
                            "Penalty number %d of %s brings this by the ladder.".formatted(number, name(seat))));
                });
            }
        }
    }

    private String name(Seat seat) {
        return bout.header().contestant(seat).name();
    }

    public Ruleset ruleset() {
        return ruleset;
    }

    /** {@return everything the rules say, in order of time} */
    public List<Call> calls() {
        return List.copyOf(calls);
    }

    /** {@return what the rules say with that verdict; what could be given and was, is left out: it stands on the board} */
    public List<Call> calls(Call.Verdict verdict) {
        return calls.stream()
                .filter(call -> call.verdict() == verdict)
                .filter(call -> verdict == Call.Verdict.BY_RULES || !given.isGiven(call))
                .toList();
    }

    /** {@return what an award of the referee was for, as far as the moments show} */
    public List<Call> explains(Moment award) {
        return given.calls.getOrDefault(award.id(), List.of());
    }

    /** {@return where the referee and the rules differ; nothing where no award of the referee was told} */
    public List<Difference> differences() {
        return differences;
    }

    /** {@return contradictions between what was given, held and announced} */
    public List<Finding> findings() {
        return findings;
    }

    public Optional<EscapeTime> escapeTime() {
        return escapeTime;
    }

    /** {@return taps of the other that this athlete brought about} */
    public int taps(Seat seat) {
        return (int) bout.moments().stream()
                .filter(moment -> moment.actor().equals(Optional.of(seat)))
                .filter(moment -> moment.telling().stage().equals(Optional.of(Stage.TAP)))
                .count();
    }

    /** {@return the board as the referee gave it by that instant} */
    public Board board(long micros) {
        return Board.at(bout, micros);
    }

    /**
     * {@return the board by the rules at that instant} What is certain, and of what rests on a judgement only what the referee gave
     * or a person ruled.
     */
    public Board byRules(long micros) {
        Board board = Board.opening(bout);
        for (Call call : calls) {
            if (call.verdict() == Call.Verdict.BY_RULES && call.atMicros() <= micros) {
                board = board.plus(call.to(), call.gift());
            }
        }
        Set<String> takenBack = TakenBack.by(bout, micros);
        for (Moment moment : bout.moments()) {
            if (moment.actor().isEmpty() || moment.atMicros().orElse(0) > micros || takenBack.contains(moment.id())) {
                continue;
            }
            Seat to = moment.actor().get();
            Optional<Award> ruling = moment.deed().ruling();
            Optional<Award> given = moment.deed().given();
            if (ruling.isPresent()) {
                board = board.plus(to, ruling.get());
            } else if (given.isPresent()) {
                List<Call> found = explains(moment);
                boolean counted = !found.isEmpty() && found.get(0).verdict() == Call.Verdict.BY_RULES;
                boolean judgement = given.get().kind() != Award.Kind.POINTS || !found.isEmpty();
                if (judgement && !counted) {
                    board = board.plus(to, given.get());
                }
            }
        }
        return board;
    }

    /** {@return whether the bout is over at that instant, by what is told of it: a tap, a disqualification, the result, or time that ran out} */
    public boolean isOver(long micros) {
        boolean toTheEnd = micros >= bout.extentMicros();
        boolean told = toTheEnd && bout.header().result().isPresent();
        boolean ranOut = toTheEnd
                && timeUp
                && byRules(micros).lead(ruleset.order()).seat().isPresent();
        return ruleset.scoring() != Ruleset.Scoring.TRAINING
                && (told || ranOut || ended(micros).isPresent());
    }

    /** {@return who leads, or has won, at that instant by the rules} */
    public Lead lead(long micros) {
        if (ruleset.scoring() == Ruleset.Scoring.TRAINING) {
            return Lead.LEVEL;
        }
        Optional<Lead> ended = ended(micros);
        if (ended.isPresent()) {
            return ended.get();
        }
        return switch (ruleset.scoring()) {
            case POINTS -> byRules(micros).lead(ruleset.order());
            case SUBMISSION -> escapeTime.map(EscapeTime::lead).orElse(Lead.LEVEL);
            case JUDGES -> judged(micros);
            case TRAINING -> Lead.LEVEL;
        };
    }

    private Optional<Lead> ended(long micros) {
        for (Call call : calls) {
            if (call.gift().kind() == Award.Kind.DISQUALIFICATION && call.atMicros() <= micros) {
                return Optional.of(new Lead(Optional.of(call.to().other()), Lead.By.DISQUALIFICATION));
            }
        }
        for (Moment moment : bout.moments()) {
            if (moment.actor().isEmpty() || moment.atMicros().orElse(0) > micros) {
                continue;
            }
            if (moment.deed().gives(Award.Kind.DISQUALIFICATION)) {
                return Optional.of(new Lead(moment.actor().map(Seat::other), Lead.By.DISQUALIFICATION));
            }
            if (moment.telling().stage().equals(Optional.of(Stage.TAP)) && escapeTime.isEmpty()) {
                return Optional.of(new Lead(moment.actor(), Lead.By.SUBMISSION));
            }
        }
        return Optional.empty();
    }

    private Lead judged(long micros) {
        int order = 0;
        for (Moment moment : bout.moments()) {
            Optional<Result.Score> score = moment.deed().verdict().flatMap(Deed.Verdict::score);
            if (score.isPresent() && moment.atMicros().orElse(0) <= micros) {
                order += Integer.signum(score.get().a() - score.get().b());
            }
        }
        return order == 0 ? Lead.LEVEL : new Lead(Optional.of(order > 0 ? Seat.A : Seat.B), Lead.By.DECISION);
    }

    /** {@return what would take the lead away from whoever has it at that instant, in sentences; empty where nobody leads} */
    public List<String> toAvoid(long micros) {
        Lead lead = lead(micros);
        boolean open = ruleset.scoring() == Ruleset.Scoring.POINTS && !isOver(micros);
        return lead.seat()
                .filter(leader -> open)
                .map(leader -> new LeadAdvice(bout, ruleset, byRules(micros), leader).sentences())
                .orElse(List.of());
    }
}
