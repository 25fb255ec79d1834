package farglass.desktop.tag.ledger;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.lexicon.Lexicon;
import farglass.core.phrase.AthleteWords;
import farglass.core.phrase.Phrase;
import farglass.core.prose.HowMany;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.state.Exchange;
import farglass.core.state.Finding;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/** Lays a bout out as a conversation: what each did, where they settled, and which moment answers which. */
final class Ledger {
    /**
     * What of it is shown, and how.
     *
     * @param pending ids of the moments on their way to the disk
     * @param folded ids of the moments with which a folded exchange begins
     * @param find words that a shown moment holds, all of them; none shows every moment
     * @param edited id of the moment whose words are being changed
     */
    record Showing(Seat studied, Set<String> pending, Set<String> folded, String find, Optional<String> edited) {}

    private final Bout bout;
    private final Timeline timeline;
    private final Showing showing;
    private final Lexicon lexicon;
    private final LedgerRow.Thread[] threads;
    private final Map<String, Integer> places = new HashMap<>();
    /** By the id of a moment, that there is something to look at. */
    private final Map<String, String> doubts = new HashMap<>();

    private Ledger(Bout bout, Timeline timeline, Showing showing, Lexicon lexicon) {
        this.bout = bout;
        this.timeline = timeline;
        this.showing = showing;
        this.lexicon = lexicon;
        for (int i = 0; i < bout.moments().size(); i++) {
            places.put(bout.moments().get(i).id(), i);
        }
        this.threads = threads();
        timeline.findings().stream()
                .filter(finding -> finding.sort() != Finding.Sort.NOTED)
                .forEach(finding -> finding.moments()
                        .forEach(id -> doubts.put(
                                id, finding.sort() == Finding.Sort.UNUSUAL ? " (unusual here)" : " (does not fit)")));
    }

    static List<LedgerRow> rows(Bout bout, Timeline timeline, Showing showing, Lexicon lexicon) {
        return new Ledger(bout, timeline, showing, lexicon).rows();
    }

    private List<LedgerRow> rows() {
        List<LedgerRow> rows = new ArrayList<>();
        if (!showing.find().isBlank()) {
            Predicate<LedgerRow> wanted = holding(showing.find());
            bout.moments().stream().map(moment -> row(moment, 0)).filter(wanted).forEach(rows::add);
            return rows;
        }
        if (showing.folded().isEmpty()) {
            bout.moments().forEach(moment -> rows.add(row(moment, 0)));
            return rows;
        }
        for (Exchange exchange : timeline.exchanges()) {
            List<Moment> moments = exchange.moments();
            if (moments.size() > 1 && showing.folded().contains(moments.get(0).id())) {
                rows.add(row(moments.get(moments.size() - 1), moments.size()));
            } else {
                moments.forEach(moment -> rows.add(row(moment, 0)));
            }
        }
        return rows;
    }

    private Predicate<LedgerRow> holding(String find) {
        List<String> words = Arrays.asList(find.toLowerCase(Locale.ROOT).strip().split("\\s+"));
        return row -> {
            String text = (row.words() + " " + row.rung().orElse("") + " "
                            + AthleteWords.actor(row.moment().flatMap(Moment::actor), bout))
                    .toLowerCase(Locale.ROOT);
            return words.stream().allMatch(text::contains);
        };
    }

    private LedgerRow row(Moment moment, int folded) {
        Stand after = timeline.after(moment);
        boolean moved = !after.equals(timeline.before(moment));
        String words = Phrase.of(moment, bout, lexicon)
                + doubts.getOrDefault(moment.id(), "")
                + moment.telling().note().map(note -> " \u2014 " + note).orElse("");
        return new LedgerRow(
                Optional.of(moment),
                moment.actor()
                        .map(seat -> seat == showing.studied() ? LedgerRow.Column.STUDIED : LedgerRow.Column.OTHER)
                        .orElse(LedgerRow.Column.NEUTRAL),
                moment.atMicros().isPresent() ? Times.tenths(moment.atMicros().getAsLong()) : "?",
                folded > 0 ? "%s (%s folded)".formatted(words, HowMany.of(folded, "moment")) : words,
                moved
                        ? Optional.of(AthleteWords.settled(
                                new Settled(after.position().key(), after.top(), false), bout, lexicon))
                        : Optional.empty(),
                showing.pending().contains(moment.id()) ? LedgerRow.State.PENDING : LedgerRow.State.SAVED,
                folded > 0 || !showing.find().isBlank() ? LedgerRow.Thread.NONE : threads[places.get(moment.id())],
                moment.settled().filter(Settled::workedOut).isPresent(),
                folded,
                showing.edited().equals(Optional.of(moment.id())));
    }

    private LedgerRow.Thread[] threads() {
        List<Moment> moments = bout.moments();
        int[] opened = new int[moments.size() + 1];
        boolean[] leaves = new boolean[moments.size()];
        boolean[] arrives = new boolean[moments.size()];
        for (int i = 0; i < moments.size(); i++) {
            Integer from = moments.get(i).telling().answers().map(places::get).orElse(null);
            if (from != null && from < i) {
                leaves[from] = true;
                arrives[i] = true;
                opened[from + 1]++;
                opened[i]--;
            }
        }
        LedgerRow.Thread[] threads = new LedgerRow.Thread[moments.size()];
        int passing = 0;
        for (int i = 0; i < threads.length; i++) {
            passing += opened[i];
            threads[i] = arrives[i] && (leaves[i] || passing > 0)
                    ? LedgerRow.Thread.ARRIVES_AND_LEAVES
                    : arrives[i]
                            ? LedgerRow.Thread.ARRIVES
                            : leaves[i]
                                    ? LedgerRow.Thread.LEAVES
                                    : passing > 0 ? LedgerRow.Thread.PASSES : LedgerRow.Thread.NONE;
        }
        return threads;
    }
}
