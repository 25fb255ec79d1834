package farglass.core.rules;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.entry.Kind;
import farglass.core.entry.Meaning;
import farglass.core.entry.Technique;
import farglass.core.fact.Strike;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.side.Seat;
import farglass.core.state.Timeline;
import farglass.core.state.Visit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * One round of a bout with strikes, for each athlete: blows by kind and how many are told to have landed, knock-downs, and the time on top
 * on the ground. Counts of what was told, not a judgement of who won the round.
 *
 * @param number from 1
 * @param fromMicros where it begins on the bout's timeline
 * @param toMicros where it ends
 */
public record RoundSheet(int number, long fromMicros, long toMicros, Side a, Side b) {
    /**
     * One athlete's side of it.
     *
     * @param blows by the label of the blow, how many were told
     * @param landed how many of them are told to have landed, clean or in part
     * @param untold of how many it is not told whether they landed
     * @param topMicros match time on top on the ground
     */
    public record Side(Map<String, Integer> blows, int landed, int untold, int knockDowns, long topMicros) {
        public int thrown() {
            return blows.values().stream().mapToInt(Integer::intValue).sum();
        }
    }

    /** {@return the rounds of a bout; the whole of it where none are told} */
    public static List<RoundSheet> of(Bout bout, Timeline timeline, Lexicon lexicon) {
        List<long[]> stretches = new ArrayList<>();
        long from = -1;
        for (Moment moment : bout.moments()) {
            if (moment.deed().begun().equals(Optional.of(Deed.Period.ROUND))) {
                from = moment.atMicros().orElse(0);
            } else if (moment.deed().ended().equals(Optional.of(Deed.Period.ROUND))) {
                stretches.add(new long[] {Math.max(0, from), moment.atMicros().orElse(timeline.endMicros())});
                from = -1;
            }
        }
        if (from >= 0 || stretches.isEmpty()) {
            stretches.add(new long[] {Math.max(0, from), timeline.endMicros()});
        }
        List<RoundSheet> rounds = new ArrayList<>();
        for (long[] stretch : stretches) {
            rounds.add(new RoundSheet(
                    rounds.size() + 1,
                    stretch[0],
                    stretch[1],
                    side(Seat.A, bout, timeline, lexicon, stretch),
                    side(Seat.B, bout, timeline, lexicon, stretch)));
        }
        return rounds;
    }

    private static Side side(Seat seat, Bout bout, Timeline timeline, Lexicon lexicon, long[] stretch) {
        Map<String, Integer> blows = new TreeMap<>();
        int landed = 0;
        int untold = 0;
        int knockDowns = 0;
        for (Moment moment : bout.moments()) {
            long at = moment.atMicros().orElse(-1);
            Optional<Technique> blow =
                    moment.technique().flatMap(lexicon::technique).filter(technique -> technique.kind() == Kind.STRIKE);
            if (at < stretch[0]
                    || at > stretch[1]
                    || blow.isEmpty()
                    || !moment.actor().equals(Optional.of(seat))) {
                continue;
            }
            blows.merge(blow.get().label(), 1, Integer::sum);
            Optional<Strike.Contact> contact =
                    moment.telling().facts(Strike.class).map(Strike::contact).findFirst();
            boolean came = contact.filter(how -> how == Strike.Contact.CLEAN || how == Strike.Contact.PARTIAL)
                            .isPresent()
                    || contact.isEmpty() && moment.succeeded();
            landed += came ? 1 : 0;
            untold += !came && (contact.isEmpty() || contact.get() == Strike.Contact.UNKNOWN) ? 1 : 0;
            knockDowns += blow.get().means(Meaning.KNOCKS_DOWN) ? 1 : 0;
        }
        long top = 0;
        for (Visit visit : timeline.visits()) {
            boolean onTop = visit.stand().top().equals(Optional.of(seat))
                    && visit.stand().position().control().isTopOnGround();
            long from = Math.max(visit.fromMicros(), stretch[0]);
            long to = Math.min(visit.toMicros(), stretch[1]);
            if (onTop && to > from) {
                top += timeline.clock().playedMicros(to) - timeline.clock().playedMicros(from);
            }
        }
        return new Side(blows, landed, untold, knockDowns, top);
    }

    public Side of(Seat seat) {
        return seat == Seat.A ? a : b;
    }

    /** {@return the round in one sentence for that athlete} */
    public String sentence(Seat seat, Bout bout) {
        Side side = of(seat);
        String kinds = side.blows().entrySet().stream()
                .map(entry ->
                        Words.inSentence(entry.getKey()) + (entry.getValue() > 1 ? " \u00d7" + entry.getValue() : ""))
                .collect(Collectors.joining(", "));
        return "Round %d, %s: %s; %s on top%s."
                .formatted(
                        number,
                        bout.header().contestant(seat).name(),
                        side.thrown() == 0
                                ? "no blow told"
                                : "%d blow%s told, %d landed%s (%s)"
                                        .formatted(
                                                side.thrown(),
                                                side.thrown() == 1 ? "" : "s",
                                                side.landed(),
                                                side.untold() > 0
                                                        ? ", of %d it is not told".formatted(side.untold())
                                                        : "",
                                                kinds),
                        Times.seconds(side.topMicros()),
                        side.knockDowns() == 0
                                ? ""
                                : "; %d knock-down%s".formatted(side.knockDowns(), side.knockDowns() == 1 ? "" : "s"));
    }
}
