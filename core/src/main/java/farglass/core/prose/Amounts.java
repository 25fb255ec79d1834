package farglass.core.prose;

import farglass.core.estimate.Share;
import farglass.core.estimate.time.Durations;
import farglass.core.estimate.time.Stay;
import farglass.core.estimate.time.TimeShare;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Numbers in words. */
final class Amounts {
    private Amounts() {}

    /** {@return "4 of 6"} */
    static String raw(Share share) {
        return "%d of %d".formatted(share.successes(), share.chances());
    }

    /**
     * {@return "4 of 6 (likely 41 to 85 %)"; of too little film the count alone} What was never seen has a bound instead, rounded outward.
     */
    static String counted(Share share) {
        String count = raw(share);
        if (share.isTooLittle()) {
            return count + ", too few to say more";
        }
        if (share.successes() == 0) {
            return "%s, under %s %%"
                    .formatted(count, percent(Math.ceil(100 * Share.neverSeenBound(share.effective())) / 100));
        }
        return "%s%s (likely %s to %s %%)"
                .formatted(
                        count,
                        apart(share).map(weighed -> ", which " + weighed).orElse(""),
                        percent(share.low80()),
                        percent(share.high80()));
    }

    /** {@return why the count lies outside of what is likely, where it does} */
    static Optional<String> apart(Share share) {
        return share.isApart()
                ? Optional.of(String.format(Locale.ROOT, "weigh like %.0f", share.effective()))
                : Optional.empty();
    }

    /** {@return a share in percent, without the sign} */
    static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f", 100 * share);
    }

    /** {@return "half of these last over 30 s (likely 20 s to 40 s)"; of too few only how many ended} */
    static String length(Durations durations) {
        if (durations.median().isEmpty()) {
            return "%d of %d seen to end, too few to say how long they last"
                    .formatted(durations.ended(), durations.stays());
        }
        String likely = durations.low80().isPresent()
                ? " (likely %s to %s)"
                        .formatted(
                                seconds(durations.low80().getAsDouble()),
                                seconds(durations.high80().getAsDouble()))
                : "";
        return "half of these last over " + seconds(durations.median().getAsDouble()) + likely;
    }

    /** {@return "3:20 of 14:10 min"} */
    static String part(TimeShare time) {
        return "%s of %s min".formatted(minutes(time.seconds()), minutes(time.ofSeconds()));
    }

    /** {@return "1:23", or "over 1:23" where its end was not seen} */
    static String lasted(Stay stay) {
        return (stay.ended() ? "" : "over ") + minutes(stay.seconds());
    }

    private static String minutes(double seconds) {
        long whole = Math.round(seconds);
        return String.format(Locale.ROOT, "%d:%02d", whole / 60, whole % 60);
    }

    private static String seconds(double seconds) {
        if (Double.isInfinite(seconds)) {
            return "open";
        }
        return String.format(Locale.ROOT, seconds < 10 ? "%.1f s" : "%.0f s", seconds);
    }

    /** {@return "once", or "3 times"} */
    static String times(int times) {
        return times == 1 ? "once" : times + " times";
    }

    /** {@return "one, two and three"} */
    static String joined(List<String> parts) {
        return parts.size() < 2
                ? String.join("", parts)
                : String.join(", ", parts.subList(0, parts.size() - 1)) + " and " + parts.get(parts.size() - 1);
    }
}
