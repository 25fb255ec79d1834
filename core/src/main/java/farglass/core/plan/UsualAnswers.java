package farglass.core.plan;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.bout.Stage;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Role;
import farglass.core.lexicon.Technique;
import farglass.core.state.Counting;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * What an opponent did when attacked, and from where the opponent succeeds: raw counts with the moments behind them, for
 * a person to plan by. An answer that a person linked is told apart from what merely followed.
 */
public final class UsualAnswers {
    /** What merely follows later than this was hardly a reaction. */
    private static final long FOLLOWS_WITHIN_MICROS = 8_000_000;

    private static final Set<Kind> ATTACKS = Set.of(
            Kind.PULL,
            Kind.ENTRY,
            Kind.TAKEDOWN,
            Kind.SWEEP,
            Kind.PASS_ENTRY,
            Kind.PASS,
            Kind.BACK_TAKE,
            Kind.SUBMISSION);
    private static final Set<Kind> GAINS =
            Set.of(Kind.TAKEDOWN, Kind.SWEEP, Kind.PASS, Kind.BACK_TAKE, Kind.SUBMISSION, Kind.TRANSITION);

    /** A moment to look at. */
    public record Sight(String bout, String moment) {}

    /**
     * One way the opponent answers.
     *
     * @param deed the technique's key; empty if nothing was seen to follow
     * @param linked how many of them a person linked as answers; the rest merely followed
     */
    public record Reply(Optional<String> deed, int linked, List<Sight> sights) {
        public Reply {
            sights = List.copyOf(sights);
        }

        public int count() {
            return sights.size();
        }
    }

    /**
     * One attack and all that was done against it.
     *
     * @param position where it was begun
     * @param role of the attacker there
     */
    public record Attacked(String attack, String position, Role role, List<Reply> replies) {
        public Attacked {
            replies = List.copyOf(replies);
        }

        public int chances() {
            return replies.stream().mapToInt(Reply::count).sum();
        }
    }

    /** A place from which the opponent succeeded: with what, and how often. */
    public record Danger(String position, Role role, Map<String, Integer> gains, List<Sight> sights) {
        public Danger {
            sights = List.copyOf(sights);
        }
    }

    /** One time the opponent was attacked so, and whether a person linked what came of it. */
    private record Answered(Sight sight, boolean linked) {}

    private UsualAnswers() {}

    /** {@return every attack made on the opponent, the most frequent first} */
    public static List<Attacked> to(String opponent, Collection<Bout> bouts, Lexicon lexicon) {
        record Key(String attack, String position, Role role) {}
        Map<Key, Map<Optional<String>, List<Answered>>> found = new LinkedHashMap<>();
        for (Bout bout : bouts) {
            if (Counting.standing(bout) != Counting.Standing.COUNTS) {
                continue;
            }
            Counting counting = Counting.of(bout);
            Optional<Seat> seat = bout.header().seatOf(opponent);
            if (seat.isEmpty()) {
                continue;
            }
            Timeline timeline = Timeline.of(bout, lexicon);
            for (Moment attack : bout.moments()) {
                boolean against = attack.actor().equals(Optional.of(seat.get().other()));
                if (against && counting.counts(attack) && is(attack, ATTACKS, lexicon)) {
                    Optional<Moment> reply = reply(attack, bout, seat.get());
                    boolean linked = reply.flatMap(moment -> moment.telling().answers())
                            .filter(attack.id()::equals)
                            .isPresent();
                    var stand = timeline.before(attack);
                    found.computeIfAbsent(
                                    new Key(
                                            attack.technique().orElseThrow(),
                                            stand.position().key(),
                                            stand.roleOf(seat.get().other())),
                                    key -> new LinkedHashMap<>())
                            .computeIfAbsent(reply.flatMap(Moment::technique), deed -> new ArrayList<>())
                            .add(new Answered(new Sight(bout.id(), attack.id()), linked));
                }
            }
        }
        return found.entrySet().stream()
                .map(entry -> new Attacked(
                        entry.getKey().attack(),
                        entry.getKey().position(),
                        entry.getKey().role(),
                        replies(entry.getValue())))
                .sorted(Comparator.comparingInt(Attacked::chances).reversed())
                .toList();
    }

    private static List<Reply> replies(Map<Optional<String>, List<Answered>> found) {
        return found.entrySet().stream()
                .map(entry -> new Reply(
                        entry.getKey(),
                        (int) entry.getValue().stream().filter(Answered::linked).count(),
                        entry.getValue().stream().map(Answered::sight).toList()))
                .sorted(Comparator.comparingInt(Reply::count).reversed())
                .toList();
    }

    private static boolean is(Moment moment, Set<Kind> kinds, Lexicon lexicon) {
        return moment.technique()
                .flatMap(lexicon::technique)
                .map(Technique::kind)
                .filter(kinds::contains)
                .isPresent();
    }

    private static Optional<Moment> reply(Moment attack, Bout bout, Seat opponent) {
        Optional<Moment> linked = bout.moments().stream()
                .filter(moment -> moment.telling().answers().equals(Optional.of(attack.id())))
                .filter(moment -> moment.actor().equals(Optional.of(opponent)))
                .findFirst();
        if (linked.isPresent() || attack.atMicros().isEmpty()) {
            return linked;
        }
        List<Moment> later = bout.moments()
                .subList(bout.moments().indexOf(attack) + 1, bout.moments().size());
        for (Moment moment : later) {
            boolean late = moment.atMicros().isEmpty()
                    || moment.atMicros().getAsLong() - attack.atMicros().getAsLong() > FOLLOWS_WITHIN_MICROS;
            boolean attackerActsAgain = moment.actor().equals(Optional.of(opponent.other()))
                    && moment.technique().isPresent();
            if (late || attackerActsAgain) {
                return Optional.empty();
            }
            if (moment.actor().equals(Optional.of(opponent))
                    && moment.technique().isPresent()) {
                return Optional.of(moment);
            }
        }
        return Optional.empty();
    }

    /** {@return where the opponent scores and finishes from, the most frequent first} */
    public static List<Danger> dangers(String opponent, Collection<Bout> bouts, Lexicon lexicon) {
        record Key(String position, Role role) {}
        Map<Key, Map<String, List<Sight>>> found = new LinkedHashMap<>();
        for (Bout bout : bouts) {
            if (Counting.standing(bout) != Counting.Standing.COUNTS) {
                continue;
            }
            Counting counting = Counting.of(bout);
            Optional<Seat> seat = bout.header().seatOf(opponent);
            if (seat.isEmpty()) {
                continue;
            }
            Timeline timeline = Timeline.of(bout, lexicon);
            for (Moment moment : bout.moments()) {
                boolean gained = moment.succeeded()
                        || moment.telling().stage().filter(Stage.TAP::equals).isPresent();
                var stand = timeline.before(moment);
                // A place that was not told is no place to beware of.
                boolean told = stand.position().isSettled();
                if (moment.actor().equals(seat)
                        && gained
                        && told
                        && counting.counts(moment)
                        && is(moment, GAINS, lexicon)) {
                    found.computeIfAbsent(
                                    new Key(stand.position().key(), stand.roleOf(seat.get())),
                                    key -> new LinkedHashMap<>())
                            .computeIfAbsent(moment.technique().orElseThrow(), deed -> new ArrayList<>())
                            .add(new Sight(bout.id(), moment.id()));
                }
            }
        }
        return found.entrySet().stream()
                .map(entry -> {
                    Map<String, Integer> gains = new LinkedHashMap<>();
                    entry.getValue().forEach((deed, sights) -> gains.put(deed, sights.size()));
                    return new Danger(
                            entry.getKey().position(),
                            entry.getKey().role(),
                            gains,
                            entry.getValue().values().stream()
                                    .flatMap(List::stream)
                                    .toList());
                })
                .sorted(Comparator.comparingInt(
                                (Danger danger) -> danger.sights().size())
                        .reversed())
                .toList();
    }
}
