package farglass.core.prose;

import farglass.core.question.Claim;
import farglass.core.question.Claims;

/** Claims in words. */
final class ClaimWords {
    private ClaimWords() {}

    static String of(Claim claim) {
        return claim.match(ClaimWords::thanOthers, ClaimWords::prefers, ClaimWords::thanBefore);
    }

    /** {@return whether it says more than that nothing may be claimed} */
    static boolean saysSomething(Claim claim) {
        return claim.match(others -> true, prefers -> prefers.side().isPresent(), before -> true);
    }

    private static String way(Claims.Direction direction) {
        return direction == Claims.Direction.MORE ? "more often" : "less often";
    }

    private static String thanOthers(Claim.ThanOthers claim) {
        // Nothing that somebody was seen to do is done never.
        String rounded = Amounts.percent(claim.mean());
        String mean = rounded.equals("0") ? "under 1" : rounded.equals("100") ? "over 99" : rounded;
        return claim.each()
                ? "%s than each of the other %d athletes (%s %% in the mean)"
                        .formatted(way(claim.direction()), claim.others(), mean)
                : "%s than most (%s %% in the mean of %d others)"
                        .formatted(way(claim.direction()), mean, claim.others());
    }

    private static String prefers(Claim.Prefers claim) {
        return claim.side()
                .map(side -> "a preference for their own " + side.label())
                .orElse("no side preferred for certain");
    }

    private static String thanBefore(Claim.ThanBefore claim) {
        return "%s than before: %d of %d before %s, %d of %d since"
                .formatted(
                        way(claim.direction()),
                        claim.before().successes(),
                        claim.before().chances(),
                        claim.since(),
                        claim.after().successes(),
                        claim.after().chances());
    }
}
