package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What whoever leads has to avoid, in sentences. */
final class LeadAdvice {
    private final Bout bout;
    private final Ruleset ruleset;
    private final Board board;
    private final Seat leader;

    LeadAdvice(Bout bout, Ruleset ruleset, Board board, Seat leader) {
        this.bout = bout;
        this.ruleset = ruleset;
        this.board = board;
        this.leader = leader;
    }

    private String name(Seat seat) {
        return bout.header().contestant(seat).name();
    }

    List<String> sentences() {
        List<String> losing = new ArrayList<>();
        List<String> levelling = new ArrayList<>();
        for (Scored scored : Scored.values()) {
            Ruleset.Worth worth = ruleset.worths().get(scored);
            if (worth != null) {
                after(board, leader.other(), Award.points(worth.points()), leader, scored.label(), losing, levelling);
            }
        }
        if (ruleset.advantages()) {
            after(board, leader.other(), Award.advantage(), leader, "advantage", losing, levelling);
        }
        List<String> said = new ArrayList<>();
        if (!losing.isEmpty()) {
            said.add("One %s for %s and the lead is gone.".formatted(either(losing), name(leader.other())));
        }
        if (!levelling.isEmpty()) {
            said.add("One %s for %s and it is level.".formatted(either(levelling), name(leader.other())));
        }
        if (losing.isEmpty() && levelling.isEmpty()) {
            said.add("No single award takes the lead away; a submission does.");
        }
        nextPenalty(board, leader).ifPresent(said::add);
        return said;
    }

    private void after(
            Board board, Seat to, Award gift, Seat leader, String what, List<String> losing, List<String> levelling) {
        Optional<Seat> then = board.plus(to, gift).lead(ruleset.order()).seat();
        if (then.equals(Optional.of(leader.other()))) {
            losing.add(what);
        } else if (then.isEmpty()) {
            levelling.add(what);
        }
    }

    private static String either(List<String> words) {
        return words.size() == 1
                ? words.get(0)
                : String.join(", ", words.subList(0, words.size() - 1)) + " or " + words.get(words.size() - 1);
    }

    private Optional<String> nextPenalty(Board board, Seat leader) {
        int next = board.of(leader).penalties();
        return next < ruleset.ladder().size()
                ? ruleset.ladder().get(next).map(step -> "The next penalty brings %s to the other."
                        .formatted(Call.words(step))
                        .replace("brings a disqualification to the other", "is a disqualification"))
                : Optional.empty();
    }
}
