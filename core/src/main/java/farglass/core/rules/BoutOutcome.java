package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Method;
import farglass.core.bout.Moment;
import farglass.core.bout.Result;
import farglass.core.bout.Times;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import farglass.core.state.Attempt;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;

/** How a bout stands or ended, in sentences: who won, how, by which limb, when; whether header and moments agree; taps per round. */
public final class BoutOutcome {
    private final Bout bout;
    private final Scorecard card;
    private final Lexicon lexicon;
    private final List<Moment> taps;

    private BoutOutcome(Bout bout, Scorecard card, Lexicon lexicon) {
        this.bout = bout;
        this.card = card;
        this.lexicon = lexicon;
        this.taps = bout.moments().stream()
                .filter(moment -> moment.telling().stage().equals(Optional.of(Stage.TAP)))
                .filter(moment -> moment.actor().isPresent())
                .toList();
    }

    /**
     * {@return the sentences at that instant} Of a bout that is over nobody is "ahead", and no time is left.
     *
     * @param left time left on the match clock then, if known
     */
    public static List<String> sentences(Bout bout, Scorecard card, Lexicon lexicon, long micros, OptionalLong left) {
        return new BoutOutcome(bout, card, lexicon).told(micros, left);
    }

    private List<String> told(long micros, OptionalLong left) {
        List<String> said = new ArrayList<>();
        if (card.ruleset().scoring() == Ruleset.Scoring.TRAINING) {
            said.addAll(taps(micros));
            return said;
        }
        if (card.isOver(micros)) {
            said.addAll(won());
            return said;
        }
        Lead lead = card.lead(micros);
        said.add(lead.seat()
                .map(seat -> "%s is ahead%s.".formatted(name(seat), lead.brief().substring(1)))
                .orElse("Level."));
        left.ifPresent(time -> said.add("%s left.".formatted(Times.seconds(time))));
        said.addAll(card.toAvoid(micros));
        return said;
    }

    private String name(Seat seat) {
        return bout.header().contestant(seat).name();
    }

    private List<String> taps(long micros) {
        List<String> said = new ArrayList<>();
        for (Seat seat : Seat.values()) {
            List<Moment> own = taps.stream()
                    .filter(tap -> tap.actor().equals(Optional.of(seat)))
                    .filter(tap -> tap.atMicros().orElse(0) <= micros)
                    .toList();
            if (!own.isEmpty()) {
                said.add("%s tapped %s %s: %s."
                        .formatted(
                                name(seat),
                                name(seat.other()),
                                own.size() == 1 ? "once" : own.size() == 2 ? "twice" : own.size() + " times",
                                own.stream().map(this::finish).collect(Collectors.joining("; "))));
            }
        }
        return said.isEmpty() ? List.of("Nobody tapped.") : said;
    }

    /** "armbar, Iva's right arm, at 1:26 (m15)" */
    private String finish(Moment tap) {
        Optional<Technique> technique = tap.technique().flatMap(lexicon::technique);
        StringBuilder words = new StringBuilder(
                technique.map(known -> Words.inSentence(known.label())).orElse("a submission"));
        side(tap).ifPresent(side -> words.append(", ")
                .append(side.owner() == tap.actor().orElseThrow() ? "own " : name(side.owner()) + "\u2019s ")
                .append(technique
                        .map(known -> known.sideRule().phrase(side.side().label()))
                        .orElse(side.side().label())));
        if (tap.atMicros().isPresent()) {
            words.append(", at ").append(Times.seconds(tap.atMicros().getAsLong()));
        }
        return words.append(" (").append(tap.id()).append(')').toString();
    }

    /** The side may have been told at an earlier step of the same try. */
    private Optional<OwnedSide> side(Moment tap) {
        return tap.telling().side().or(() -> Optional.ofNullable(
                        Attempt.byMoment(bout).get(tap.id()))
                .flatMap(Attempt::side));
    }

    private List<String> won() {
        List<String> said = new ArrayList<>();
        Optional<Result> result = bout.header().result();
        Lead byMoments = card.lead(Long.MAX_VALUE);
        Optional<Moment> tap = taps.isEmpty() ? Optional.empty() : Optional.of(taps.get(taps.size() - 1));
        Optional<Seat> winner = result.flatMap(Result::winner).or(byMoments::seat);
        if (winner.isEmpty()) {
            said.add(result.filter(told -> told.method() != Method.UNKNOWN)
                    .map(told ->
                            "Nobody won: %s.".formatted(told.method().label().replace('-', ' ')))
                    .orElse("The bout is over; who won is not told."));
            return said;
        }
        said.add("%s won%s.".formatted(name(winner.get()), how(result, byMoments, tap, winner.get())));
        disagreement(result, tap).ifPresent(said::add);
        return said;
    }

    private String how(Optional<Result> result, Lead byMoments, Optional<Moment> tap, Seat winner) {
        boolean tapped = tap.flatMap(Moment::actor).equals(Optional.of(winner));
        if (tapped) {
            return " by " + finish(tap.get());
        }
        String method = result.map(told -> told.method().label())
                .orElse(byMoments.by().name().toLowerCase(Locale.ROOT))
                .replace('-', ' ')
                .replace('_', ' ');
        String finish = result.flatMap(Result::finish)
                .map(key -> ", " + Words.inSentence(lexicon.label(key)))
                .orElse("");
        String score = result.flatMap(Result::score)
                .map(told -> winner == Seat.A
                        ? ", %d\u2013%d".formatted(told.a(), told.b())
                        : ", %d\u2013%d".formatted(told.b(), told.a()))
                .orElse("");
        return method.equals("unknown") ? "; how is not told" : " by " + method + finish + score;
    }

    /** The header and the moments may tell of different ends: then it is said, and neither is called wrong. */
    private Optional<String> disagreement(Optional<Result> result, Optional<Moment> tap) {
        if (result.isEmpty()) {
            return Optional.of("The header tells no result; this is by the moments.");
        }
        if (tap.isPresent()
                && result.get().winner().isPresent()
                && !tap.get().actor().equals(result.get().winner())) {
            return Optional.of("But the header and the moments disagree: the last tap is %s's, %s."
                    .formatted(name(tap.get().actor().orElseThrow()), finish(tap.get())));
        }
        if (tap.isPresent() && result.get().method() != Method.SUBMISSION) {
            return Optional.of("But the header says %s, and the moments tell a tap: %s."
                    .formatted(result.get().method().label().replace('-', ' '), finish(tap.get())));
        }
        String finish = tap.flatMap(Moment::technique).map(lexicon::together).orElse("");
        boolean otherFinish = tap.isPresent()
                && result.get().finish().isPresent()
                && !lexicon.together(result.get().finish().get()).equals(finish);
        if (otherFinish) {
            return Optional.of("But the header says %s, and the tap is told as %s."
                    .formatted(
                            Words.inSentence(lexicon.label(result.get().finish().get())), finish(tap.get())));
        }
        boolean awarded = bout.moments().stream()
                .anyMatch(moment ->
                        moment.deed().given().isPresent() && !moment.deed().gives(Award.Kind.WARNING));
        Lead board = card.board(Long.MAX_VALUE).lead(card.ruleset().order());
        boolean byBoard = result.get().method() == Method.POINTS || result.get().method() == Method.ADVANTAGES;
        return awarded && byBoard && !board.seat().equals(result.get().winner())
                ? Optional.of("But by the awards told it is %s.".formatted(board.brief()))
                : Optional.empty();
    }
}
