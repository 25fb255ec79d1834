package farglass.core.profile;

import farglass.core.estimate.Share;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Sentences with numbers in them, alike for every question. */
final class Saying {
    private Saying() {}

    static String firstName(String athlete) {
        return athlete.strip().split("\\s+")[0];
    }

    /** {@return "4 of 6 (67 %, likely 41 to 85 %)"} */
    static String counted(Share share) {
        return "%d of %d (likely %s to %s %%)"
                .formatted(share.successes(), share.chances(), percent(share.low80()), percent(share.high80()));
    }

    static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f", 100 * share);
    }

    /** {@return how it stands beside the others, where there are enough of them and the interval leaves no doubt} */
    static Optional<String> comparedWithOthers(Share share) {
        if (share.population().isEmpty() || share.isTooLittle()) {
            return Optional.empty();
        }
        double others = share.population().getAsDouble();
        if (share.low95() > others) {
            return Optional.of("more than the other %d athletes (%s %%)".formatted(share.others(), percent(others)));
        }
        return share.high95() < others
                ? Optional.of("less than the other %d athletes (%s %%)".formatted(share.others(), percent(others)))
                : Optional.empty();
    }

    static String joined(List<String> parts) {
        return parts.size() < 2
                ? String.join("", parts)
                : String.join(", ", parts.subList(0, parts.size() - 1)) + " and " + parts.get(parts.size() - 1);
    }
}
