package farglass.core.rules;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Times;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;

/**
 * What a bout would have been under other rules, beside its own: only differences of which those rules can speak, each said once. All of
 * certain, could be given and arguable is compared.
 */
public final class OtherRules {
    /** What the same act may be called for under both: the same athlete, for the same reason, at the same moments. */
    private record Act(Seat to, Reason reason, List<String> moments) {
        static Act of(Call call) {
            return new Act(call.to(), call.reason(), call.moments());
        }
    }

    private final Bout bout;
    private final Scorecard here;
    private final List<String> sentences = new ArrayList<>();

    private OtherRules(Bout bout, Scorecard here) {
        this.bout = bout;
        this.here = here;
    }

    /**
     * {@return the differences, in sentences, in order of time}
     *
     * @param here the bout under the other rules
     * @param own under its own
     */
    public static List<String> sentences(Bout bout, Scorecard here, Scorecard own) {
        OtherRules rules = new OtherRules(bout, here);
        rules.compare(own);
        return rules.sentences;
    }

    private void compare(Scorecard own) {
        String title = here.ruleset().title();
        if (here.ruleset().scoring() != Ruleset.Scoring.POINTS) {
            sentences.add(
                    "%s gives no points; of the awards under the bout's own rules none would count.".formatted(title));
            return;
        }
        if (own.ruleset().scoring() != Ruleset.Scoring.POINTS) {
            sentences.add("The bout's own rules give no points; all that stands above is %s.".formatted(title));
            return;
        }
        Map<Act, Call> theirs = new LinkedHashMap<>();
        own.calls().forEach(call -> theirs.putIfAbsent(Act.of(call), call));
        Map<Act, Call> ours = new LinkedHashMap<>();
        here.calls().forEach(call -> ours.putIfAbsent(Act.of(call), call));
        int early = 0;
        int advantages = 0;
        long from = pointsFrom();
        for (Map.Entry<Act, Call> entry : theirs.entrySet()) {
            Call call = entry.getValue();
            if (ours.containsKey(entry.getKey())) {
                both(ours.get(entry.getKey()), call);
            } else if (call.gift().kind() == Award.Kind.ADVANTAGE
                    && !here.ruleset().advantages()) {
                advantages++;
            } else if (call.atMicros() < from) {
                early++;
            } else {
                sentences.add(only("Only under the bout's own rules", call));
            }
        }
        ours.forEach((act, call) -> {
            if (!theirs.containsKey(act)) {
                sentences.add(only("Only under these rules", call));
            }
        });
        if (early > 0) {
            sentences.add("These rules give nothing before %s of the match; %d of the bout's own calls lie before it."
                    .formatted(Times.exact(here.ruleset().length(bout.header()).orElse(0) / 2), early));
        }
        if (advantages > 0) {
            sentences.add(
                    "These rules know no advantages; %d could be given under the bout's own.".formatted(advantages));
        }
        if (sentences.isEmpty()) {
            sentences.add("Nothing would have been called differently.");
        }
    }

    /** {@return the instant before which these rules give nothing; below 0 where they always do} */
    private long pointsFrom() {
        OptionalLong length = here.ruleset().length(bout.header());
        return here.ruleset().pointsFromHalf() && length.isPresent() ? length.getAsLong() / 2 : -1;
    }

    private void both(Call here, Call own) {
        boolean same = here.gift().equals(own.gift()) && here.verdict() == own.verdict();
        if (!same) {
            sentences.add("%s %s: %s %s here, %s %s under the bout's own rules (%s)."
                    .formatted(
                            Times.tenths(here.atMicros()),
                            bout.header().contestant(here.to()).name() + ", "
                                    + here.reason().label().replace('-', ' '),
                            Call.words(here.gift()),
                            how(here.verdict()),
                            Call.words(own.gift()),
                            how(own.verdict()),
                            String.join(", ", here.moments())));
        }
    }

    private static String how(Call.Verdict verdict) {
        return switch (verdict) {
            case BY_RULES -> "for certain";
            case COULD -> "if the referee judges so";
            case ARGUABLE -> "arguably";
        };
    }

    private String only(String where, Call call) {
        return "%s %s: %s, %s for %s, %s (%s)."
                .formatted(
                        Times.tenths(call.atMicros()),
                        where,
                        bout.header().contestant(call.to()).name(),
                        Call.words(call.gift()),
                        call.reason().label().replace('-', ' '),
                        how(call.verdict()),
                        String.join(", ", call.moments()));
    }
}
