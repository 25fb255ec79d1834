package farglass.core.plan;

import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.CountedTry;
import farglass.core.entry.Kind;
import farglass.core.entry.Role;
import farglass.core.side.Seat;
import farglass.core.state.Conversation;
import farglass.core.state.Stand;
import java.util.ArrayList;
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

    /**
     * {@return every attack made on the opponent in bouts that count, the most frequent first; linear in their moments} One told in
     * several moments is one attack, and a feint is none.
     */
    public static List<Attacked> to(String opponent, Corpus corpus) {
        record Key(String attack, String position, Role role) {}
        Map<Key, Map<Optional<String>, List<Answered>>> found = new LinkedHashMap<>();
        for (BoutSheet sheet : corpus.of(opponent)) {
            Seat attacker = sheet.bout().header().seatOf(opponent).orElseThrow().other();
            for (CountedTry attack : sheet.tried(attacker, ATTACKS)) {
                Optional<Conversation.Reply> reply = sheet.reply(attack);
                Stand stand = sheet.timeline().before(attack.first());
                found.computeIfAbsent(
                                new Key(
                                        attack.technique().key(),
                                        stand.position().key(),
                                        stand.roleOf(attacker)),
                                key -> new LinkedHashMap<>())
                        .computeIfAbsent(reply.flatMap(known -> known.later().technique()), deed -> new ArrayList<>())
                        .add(new Answered(
                                sight(sheet, attack),
                                reply.filter(Conversation.Reply::confirmed).isPresent()));
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

    private static Sight sight(BoutSheet sheet, CountedTry tried) {
        return new Sight(sheet.bout().id(), tried.first().id());
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

    /** {@return where the opponent scores and finishes from, the most frequent first} */
    public static List<Danger> dangers(String opponent, Corpus corpus) {
        record Key(String position, Role role) {}
        Map<Key, Map<String, List<Sight>>> found = new LinkedHashMap<>();
        for (BoutSheet sheet : corpus.of(opponent)) {
            Seat seat = sheet.bout().header().seatOf(opponent).orElseThrow();
            for (CountedTry tried : sheet.tried(seat, GAINS)) {
                Stand stand = sheet.timeline().before(tried.first());
                // A place that was not told is no place to beware of.
                if (tried.worked() && stand.position().isSettled()) {
                    found.computeIfAbsent(
                                    new Key(stand.position().key(), stand.roleOf(seat)), key -> new LinkedHashMap<>())
                            .computeIfAbsent(tried.technique().key(), deed -> new ArrayList<>())
                            .add(sight(sheet, tried));
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
