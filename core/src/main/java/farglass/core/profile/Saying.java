package farglass.core.profile;

import farglass.core.estimate.Comparison;
import farglass.core.estimate.Share;
import farglass.core.question.Claims;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Sentences with numbers in them, alike for every question. */
final class Saying {
    private Saying() {}

    static String firstName(String athlete) {
        return athlete.strip().split("\\s+")[0];
    }

    /** {@return "4 of 6 (likely 41 to 85 %)"; of too little film the count alone} */
    static String counted(Share share) {
        String count = "%d of %d".formatted(share.successes(), share.chances());
        if (share.isTooLittle()) {
            return count + ", too few to say more";
        }
        String weighed =
                share.isApart() ? String.format(Locale.ROOT, ", which weigh like %.0f", share.effective()) : "";
        return "%s%s (likely %s to %s %%)".formatted(count, weighed, percent(share.low80()), percent(share.high80()));
    }

    static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f", 100 * share);
    }

    /**
     * {@return how it stands beside the others, where that may be claimed} "Than the others" only where it holds against each of them.
     *
     * @param id of the comparison among the claims
     */
    static Optional<String> comparedWithOthers(Share share, Compared compared, Claims claims, String id) {
        return claims.of(id).map(direction -> {
            String others = percent(share.population().orElseThrow());
            String way = direction == Claims.Direction.MORE ? "more" : "less";
            return compared.againstEach(direction)
                    ? "%s often than each of the other %d athletes (%s %% in the mean)"
                            .formatted(way, share.others(), others)
                    : "%s often than most (%s %% in the mean of %d others)".formatted(way, others, share.others());
        });
    }

    /** {@return the same of one option of a count, whose id is the question's and the option's} */
    static String comparedWithOthers(Census.Count count, String option, Claims claims, String question) {
        return Optional.ofNullable(count.compared().get(option))
                .flatMap(compared ->
                        comparedWithOthers(count.shares().get(option), compared, claims, id(question, option)))
                .orElse("");
    }

    static String id(String question, String option) {
        return question + "/" + option;
    }

    /** {@return what could be claimed of the options of a count that the athlete took} */
    static Map<String, Comparison> family(Census.Count count, String question) {
        Map<String, Comparison> family = new LinkedHashMap<>();
        count.compared().forEach((option, compared) -> {
            if (count.shares().containsKey(option)) {
                family.put(id(question, option), compared.comparison());
            }
        });
        return family;
    }

    static String joined(List<String> parts) {
        return parts.size() < 2
                ? String.join("", parts)
                : String.join(", ", parts.subList(0, parts.size() - 1)) + " and " + parts.get(parts.size() - 1);
    }
}
