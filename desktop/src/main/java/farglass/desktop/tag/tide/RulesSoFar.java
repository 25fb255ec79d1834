package farglass.desktop.tag.tide;

import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Deed;
import farglass.core.bout.Telling;
import farglass.core.fact.Layer;
import farglass.core.rules.Call;
import farglass.core.rules.Reason;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.core.scribe.Proposal;
import farglass.core.state.Timeline;
import farglass.desktop.tag.Tagging;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Supplier;
import java.util.stream.Stream;

/** What the rules give for the open bout, and which awards are due at the instant shown. */
public final class RulesSoFar {
    /** A referee gives what is due within so long. */
    private static final long DUE_MICROS = 6_000_000;

    private static final int MOST_DUE = 2;
    private static final long SECOND = 1_000_000;

    private final Tagging tag;
    private final Supplier<Rulesets> rulesets;
    private Optional<Rulesets> known = Optional.empty();
    /** Made anew with every change of the bout, and of the words by which it is read. */
    private Optional<Timeline> cardOf = Optional.empty();

    private Optional<Scorecard> card = Optional.empty();
    private Optional<Bout> seenOf = Optional.empty();
    private List<Call> seenCalls = List.of();

    /** @param rulesets reads those that there are now */
    public RulesSoFar(Tagging tag, Supplier<Rulesets> rulesets) {
        this.tag = tag;
        this.rulesets = rulesets;
        tag.open().whenAnother(now -> known = Optional.empty());
    }

    /** {@return what the rules say of the open bout; empty without one, and where its rules are not known} */
    public Optional<Scorecard> card() {
        Optional<Timeline> timeline = tag.open().timeline();
        if (!cardOf.equals(timeline)) {
            cardOf = timeline;
            seenOf = Optional.empty();
            card = timeline.flatMap(known -> score(tag.open().bout().orElseThrow(), known));
        }
        return card;
    }

    private Optional<Scorecard> score(Bout bout, Timeline timeline) {
        if (known.isEmpty()) {
            known = Optional.of(rulesets.get());
        }
        return known.get()
                .named(bout.header().ruleset())
                .map(ruleset -> Scorecard.of(bout, ruleset, tag.desk().lexicon(), timeline));
    }

    /**
     * What is certain if nothing happened until now but what is told: who holds what was reached last is owed something before anything
     * else is told. Once for each second of the film.
     */
    private List<Call> seen(Bout bout, long now) {
        long second = now / SECOND * SECOND;
        if (second <= bout.extentMicros()) {
            return List.of();
        }
        Bout seen = bout.with(bout.header()
                .with(bout.header().footage().covering(new Covered(Layer.STORY, bout.extentMicros(), second, false))));
        if (!seenOf.equals(Optional.of(seen))) {
            seenOf = Optional.of(seen);
            seenCalls =
                    score(seen, Timeline.of(seen, tag.desk().lexicon()))
                            .map(Scorecard::calls)
                            .orElse(List.of())
                            .stream()
                            // What is held until now may be held no longer the next instant.
                            .filter(call -> call.verdict() == Call.Verdict.BY_RULES)
                            .toList();
        }
        return seenCalls;
    }

    /**
     * What the rules give by the instant shown and the referee has not: the next awards to be tagged, the newest first. What only could be
     * given is among them, since whether it was is what one watches for.
     */
    public List<Proposal> due() {
        OptionalLong instant = tag.playhead().micros();
        Optional<Bout> bout = tag.open().bout();
        if (bout.isEmpty() || instant.isEmpty()) {
            return List.of();
        }
        long now = instant.getAsLong();
        List<Proposal> due = new ArrayList<>();
        Stream.concat(card().stream().flatMap(told -> told.calls().stream()), seen(bout.get(), now).stream())
                .filter(call -> call.atMicros() <= now && call.atMicros() > now - DUE_MICROS)
                .filter(call -> call.reason() != Reason.LADDER && !isGiven(bout.get(), call))
                .forEach(call -> due.add(
                        0,
                        new Proposal(
                                Optional.of(call.to()),
                                new Deed.Awarded(call.gift()),
                                Optional.empty(),
                                Telling.NOTHING)));
        return due.stream().distinct().limit(MOST_DUE).toList();
    }

    private static boolean isGiven(Bout bout, Call call) {
        return bout.moments().stream()
                .anyMatch(moment -> moment.deed().equals(new Deed.Awarded(call.gift()))
                        && moment.actor().equals(Optional.of(call.to()))
                        && moment.atMicros().orElse(0) >= call.atMicros() - DUE_MICROS
                        && moment.atMicros().orElse(0) <= call.atMicros() + DUE_MICROS);
    }
}
