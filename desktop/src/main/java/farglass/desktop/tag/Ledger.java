package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.bout.Settled;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.Times;
import farglass.core.scribe.Phrase;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Lays a bout out as a conversation: what each did, where they settled, and which moment answers which. */
final class Ledger {
    private Ledger() {}

    static List<LedgerRow> rows(Bout bout, Timeline timeline, Seat studied, Set<String> pending, Lexicon lexicon) {
        List<Moment> moments = bout.moments();
        LedgerRow.Thread[] threads = threads(moments);
        List<LedgerRow> rows = new ArrayList<>();
        for (int i = 0; i < moments.size(); i++) {
            Moment moment = moments.get(i);
            Stand after = timeline.after(moment);
            Optional<String> rung = after.equals(timeline.before(moment))
                    ? Optional.empty()
                    : Optional.of(
                            Phrase.settled(new Settled(after.position().key(), after.top(), false), bout, lexicon));
            rows.add(new LedgerRow(
                    Optional.of(moment),
                    moment.actor()
                            .map(seat -> seat == studied ? LedgerRow.Column.STUDIED : LedgerRow.Column.OTHER)
                            .orElse(LedgerRow.Column.NEUTRAL),
                    moment.atMicros().isPresent()
                            ? Times.tenths(moment.atMicros().getAsLong())
                            : "?",
                    Phrase.of(moment, bout, lexicon)
                            + moment.telling()
                                    .note()
                                    .map(note -> " \u2014 " + note)
                                    .orElse(""),
                    rung,
                    pending.contains(moment.id()) ? LedgerRow.State.PENDING : LedgerRow.State.SAVED,
                    threads[i]));
        }
        return rows;
    }

    private static LedgerRow.Thread[] threads(List<Moment> moments) {
        Map<String, Integer> place = new HashMap<>();
        for (int i = 0; i < moments.size(); i++) {
            place.put(moments.get(i).id(), i);
        }
        boolean[] leaves = new boolean[moments.size()];
        boolean[] arrives = new boolean[moments.size()];
        boolean[] passes = new boolean[moments.size()];
        for (int i = 0; i < moments.size(); i++) {
            Integer from = moments.get(i).telling().answers().map(place::get).orElse(null);
            if (from != null && from < i) {
                leaves[from] = true;
                arrives[i] = true;
                for (int between = from + 1; between < i; between++) {
                    passes[between] = true;
                }
            }
        }
        LedgerRow.Thread[] threads = new LedgerRow.Thread[moments.size()];
        for (int i = 0; i < threads.length; i++) {
            threads[i] = arrives[i] && (leaves[i] || passes[i])
                    ? LedgerRow.Thread.ARRIVES_AND_LEAVES
                    : arrives[i]
                            ? LedgerRow.Thread.ARRIVES
                            : leaves[i]
                                    ? LedgerRow.Thread.LEAVES
                                    : passes[i] ? LedgerRow.Thread.PASSES : LedgerRow.Thread.NONE;
        }
        return threads;
    }
}
