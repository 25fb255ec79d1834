package farglass.core.simulate;

import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.side.Seat;
import farglass.core.simulate.sheet.Chain;
import farglass.core.simulate.sheet.GameSheet;
import farglass.core.simulate.sheet.Option;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.TreeMap;

/**
 * What the actor is likeliest to do next, by its own chances: what nobody who only watches can beat but by luck. It draws nothing.
 */
final class Foresight {
    /** So often the referee stops them at the edge, at each turn. */
    static final double EDGE = Assumptions.shipped().of("edge");
    /** Of the quiet stretches so many are long enough to be told. */
    static final double WAIT_SEEN = Assumptions.shipped().of("wait-seen");
    /** So many failed attacks are answered at once, where an answer exists. */
    static final double ANSWERED = Assumptions.shipped().of("answered");
    /** A stretch in which nothing is worth tagging; the two are seen holding still. */
    static final String QUIET = "wait";

    private final GameSheet[] sheets;
    private final Repertoire repertoire;
    private final Mat mat;
    private final String[] lastOwn;
    private final String[] lastReply;
    /** What was likeliest to come next, as far as anybody could know after the last moment. */
    private List<Next> expected = List.of();

    private ForeseenShare foreseen = ForeseenShare.NOTHING;

    /** Something that may come next. */
    private record Next(Optional<Seat> actor, String what) {}

    /** One athlete and what she does. */
    record Choice(Seat seat, Option option) {}

    /**
     * @param lastOwn what each did last; the actor goes on writing into it
     * @param lastReply what the other did after it; likewise
     */
    Foresight(GameSheet[] sheets, Repertoire repertoire, Mat mat, String[] lastOwn, String[] lastReply) {
        this.sheets = sheets;
        this.repertoire = repertoire;
        this.mat = mat;
        this.lastOwn = lastOwn;
        this.lastReply = lastReply;
    }

    /** That came: was it among the nine? */
    void came(Optional<Seat> actor, Deed deed) {
        foreseen = foreseen.and(expected.contains(new Next(actor, what(deed))));
    }

    /** @param attack what the other may be about to answer */
    void look(Optional<Moment> attack) {
        expected = likeliest(attack);
    }

    /** After a stop there is only one thing to come. */
    void stopped() {
        expected = List.of(new Next(Optional.empty(), "Restarted"));
    }

    ForeseenShare foreseen() {
        return foreseen;
    }

    private static String what(Deed deed) {
        return deed.did().orElseGet(() -> deed.getClass().getSimpleName());
    }

    /** {@return the nine likeliest next things} Draws nothing. */
    private List<Next> likeliest(Optional<Moment> attack) {
        Map<Next, Double> chances = new HashMap<>();
        double left = 1;
        if (attack.isPresent()) {
            Seat other = attack.get().actor().orElseThrow().other();
            Map<String, Double> replies = replies(other, attack.get());
            double all =
                    replies.values().stream().mapToDouble(Double::doubleValue).sum();
            replies.forEach((reply, weight) ->
                    chances.merge(new Next(Optional.of(other), reply), ANSWERED * weight / all, Double::sum));
            left = replies.isEmpty() ? 1 : 1 - ANSWERED;
        }
        chances.merge(new Next(Optional.empty(), "Stopped"), left * EDGE, Double::sum);
        left *= 1 - EDGE;
        for (Seat seat : Seat.values()) {
            for (Chain chain : sheets[seat.ordinal()].chains()) {
                if (chain.follows(lastOwn[seat.ordinal()], lastReply[seat.ordinal()])
                        && repertoire.possible(mat, chain.next(), seat)) {
                    chances.merge(new Next(Optional.of(seat), chain.next()), left * chain.share(), Double::sum);
                    left *= 1 - chain.share();
                }
            }
        }
        List<Choice> choices = choices();
        double all =
                choices.stream().mapToDouble(each -> each.option().weight()).sum();
        double least = leastOfMost(choices);
        for (Choice choice : choices) {
            // What many others outweigh is none of the nine, unless it is expected for another reason too.
            if (choice.option().weight() < least && !isExpected(chances, choice)) {
                continue;
            }
            double seen = choice.option().technique().equals(QUIET) ? WAIT_SEEN : 1;
            chances.merge(
                    new Next(Optional.of(choice.seat()), choice.option().technique()),
                    left * seen * choice.option().weight() / all,
                    Double::sum);
        }
        return likeliest(chances);
    }

    private static final int MOST = 9;

    private static boolean isExpected(Map<Next, Double> chances, Choice choice) {
        for (Next next : chances.keySet()) {
            if (next.what.equals(choice.option().technique()) && next.actor.equals(Optional.of(choice.seat()))) {
                return true;
            }
        }
        return false;
    }

    /** The weight that all but twice nine of them lie below; quiet stretches count for less than they weigh. */
    private static double leastOfMost(List<Choice> choices) {
        PriorityQueue<Double> most = new PriorityQueue<>();
        for (Choice choice : choices) {
            most.add(choice.option().weight());
            if (most.size() > 2 * MOST) {
                most.poll();
            }
        }
        return most.isEmpty() ? 0 : most.peek();
    }

    private static List<Next> likeliest(Map<Next, Double> chances) {
        PriorityQueue<Map.Entry<Next, Double>> likeliest = new PriorityQueue<>(Map.Entry.comparingByValue());
        for (Map.Entry<Next, Double> each : chances.entrySet()) {
            if (likeliest.size() < MOST) {
                likeliest.add(each);
            } else if (each.getValue() > likeliest.peek().getValue()) {
                likeliest.poll();
                likeliest.add(each);
            }
        }
        return likeliest.stream().map(Map.Entry::getKey).toList();
    }

    List<Choice> choices() {
        List<Choice> choices = new ArrayList<>();
        for (Seat seat : Seat.values()) {
            for (Option option : repertoire.options(mat, seat)) {
                // Nobody does the same again that changes nothing: a foot is on the hip already.
                if (!option.technique().equals(lastOwn[seat.ordinal()]) || !repertoire.isPlaced(option.technique())) {
                    choices.add(new Choice(seat, option));
                }
            }
        }
        return choices;
    }

    Map<String, Double> replies(Seat seat, Moment attack) {
        Map<String, Map<String, Double>> answers = sheets[seat.ordinal()].answers();
        String attacked = attack.technique().orElseThrow();
        Map<String, Double> replies = new TreeMap<>(
                answers.getOrDefault(attacked, answers.getOrDefault(repertoire.kind(attacked), Map.of())));
        // The same attack comes from several places; not every answer to it exists in all of them.
        replies.keySet().removeIf(reply -> !repertoire.possible(mat, reply, seat));
        return replies;
    }
}
