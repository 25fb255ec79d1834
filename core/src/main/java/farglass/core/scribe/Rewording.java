package farglass.core.scribe;

import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.bout.TellingBuilder;
import farglass.core.fact.Fact;
import farglass.core.fact.Tie;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;

/**
 * What becomes of a moment when somebody changes its words. A line cannot carry all of a moment, and a word in it may mean something else
 * where the two are: so only that is changed of which the words were changed.
 */
public final class Rewording {
    private final Moment before;
    private final Moment unchanged;
    private final Moment now;

    private Rewording(Moment before, Moment unchanged, Moment now) {
        this.before = before;
        this.unchanged = unchanged;
        this.now = now;
    }

    /**
     * {@return the moment as its changed words have it; as it was where they are as they were}
     *
     * @param before the moment that was written back by {@link WrittenLine}
     * @param unchanged what those words are read as
     * @param now what they are read as after they were changed, with the time of the changed moment
     */
    public static Moment of(Moment before, Moment unchanged, Moment now) {
        return new Rewording(before, unchanged, now).moment();
    }

    private Moment moment() {
        return new Moment(
                before.id(),
                now.atMicros(),
                kept(Moment::actor),
                kept(Moment::deed),
                kept(Moment::settled),
                TellingBuilder.builder()
                        .certainty(told(Telling::certainty))
                        .confidential(told(Telling::confidential))
                        .side(told(Telling::side))
                        .became(told(Telling::became))
                        .line(told(Telling::line))
                        .stage(told(Telling::stage))
                        .motive(told(Telling::motive))
                        .note(told(Telling::note))
                        .facts(facts())
                        .create());
    }

    private <T> T kept(Function<Moment, T> part) {
        T changed = part.apply(now);
        return changed.equals(part.apply(unchanged)) ? part.apply(before) : changed;
    }

    private <T> T told(Function<Telling, T> part) {
        return kept(moment -> part.apply(moment.telling()));
    }

    /** What the line did not carry stays, but for a tie in the place of which another was told. */
    private List<Fact> facts() {
        if (now.telling().facts().equals(unchanged.telling().facts())) {
            return before.telling().facts();
        }
        List<Fact> all = new ArrayList<>(now.telling().facts());
        boolean answers = all.stream().anyMatch(fact -> fact.ties(Tie.ANSWERS));
        before.telling().facts().stream()
                .filter(fact -> !unchanged.telling().facts().contains(fact) && !all.contains(fact))
                .filter(fact -> !answers || !fact.ties(Tie.ANSWERS))
                .forEach(all::add);
        return all;
    }
}
