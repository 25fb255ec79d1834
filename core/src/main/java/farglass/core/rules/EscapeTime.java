package farglass.core.rules;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Overtime by escape time: in each pair of rounds both start attacking once; one who submits when the other does not wins;
 * after the last pair, whoever needed less time to get out.
 *
 * @param rounds in order
 * @param pairs how many pairs there are at the most
 */
public record EscapeTime(List<Round> rounds, int pairs) {
    /**
     * One round.
     *
     * @param micros how long the other needed to get out, or was held or submitted in; at most the cap
     */
    public record Round(Seat attacker, long micros, boolean submitted, String momentId) {}

    public EscapeTime {
        rounds = List.copyOf(rounds);
    }

    static EscapeTime of(Bout bout, Ruleset.Overtime overtime) {
        List<Round> rounds = new ArrayList<>();
        Optional<Moment> open = Optional.empty();
        boolean submitted = false;
        for (Moment moment : bout.moments()) {
            if (moment.deed().begun().equals(Optional.of(Deed.Period.OVERTIME))) {
                open = Optional.of(moment).filter(begun -> begun.actor().isPresent());
                submitted = false;
            } else if (open.isPresent()
                    && moment.telling().stage().equals(Optional.of(Stage.TAP))
                    && moment.actor().equals(open.get().actor())) {
                submitted = true;
            } else if (open.isPresent() && moment.deed().ended().equals(Optional.of(Deed.Period.OVERTIME))) {
                long lasted =
                        moment.atMicros().orElse(0) - open.get().atMicros().orElse(0);
                rounds.add(new Round(
                        open.get().actor().orElseThrow(),
                        Math.max(0, Math.min(lasted, overtime.micros())),
                        submitted,
                        open.get().id()));
                open = Optional.empty();
            }
        }
        return new EscapeTime(rounds, overtime.pairs());
    }

    /** {@return microseconds that athlete needed to get out, over all rounds} */
    public long of(Seat seat) {
        return rounds.stream()
                .filter(round -> round.attacker() != seat)
                .mapToLong(Round::micros)
                .sum();
    }

    /** {@return who leads: decided as soon as a pair is, by escape time only after the last pair} */
    Lead lead() {
        for (int i = 0; i + 1 < rounds.size(); i += 2) {
            Round one = rounds.get(i);
            Round two = rounds.get(i + 1);
            if (one.submitted() != two.submitted()) {
                return new Lead(Optional.of(one.submitted() ? one.attacker() : two.attacker()), Lead.By.SUBMISSION);
            }
        }
        int order = Long.compare(of(Seat.B), of(Seat.A));
        if (rounds.size() < 2 * pairs || order == 0) {
            return Lead.LEVEL;
        }
        return new Lead(Optional.of(order > 0 ? Seat.A : Seat.B), Lead.By.ESCAPE_TIME);
    }
}
