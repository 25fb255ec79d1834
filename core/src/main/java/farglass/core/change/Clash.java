package farglass.core.change;

import farglass.core.bout.Bout;
import farglass.core.bout.Header;
import farglass.core.bout.Moment;
import farglass.core.notation.BoutFile;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.plan.StayOut;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * What two changed to something else.
 *
 * @param saw what both began with; null for nothing
 * @param there what one made of it, as it stands now; null where it was taken out
 * @param wanted what the other would make of it; null where it is to be taken out
 */
record Clash(Object saw, Object there, Object wanted) {
    private static final int MOST = 3;

    /** {@return whether a sentence can name such a value as a whole} */
    static boolean isTold(Object value) {
        return value instanceof Header
                || value instanceof Moment
                || value instanceof PlanStep
                || value instanceof Study;
    }

    static String sentence(String noun, List<Clash> clashes) {
        String both = clashes.stream()
                .limit(MOST)
                .map(clash ->
                        "meanwhile %s, and here %s".formatted(clash.words(clash.there), clash.words(clash.wanted)))
                .collect(Collectors.joining("; "));
        String more = clashes.size() > MOST ? "; and %d more".formatted(clashes.size() - MOST) : "";
        return "Nothing was saved: %s was changed elsewhere too. It was made %s%s. Look at it as it is now, then change it again."
                .formatted(noun, both, more);
    }

    private String words(Object version) {
        if (version == null) {
            return saw == null ? "nothing" : "nothing in place of \u201c%s\u201d".formatted(text(saw));
        }
        return "\u201c%s\u201d".formatted(text(version));
    }

    private String text(Object version) {
        if (version instanceof Header header) {
            return lines(header);
        }
        if (version instanceof Moment moment) {
            return BoutFile.line(moment);
        }
        if (version instanceof Bout bout) {
            return "%s \u2013 %s, %d moments"
                    .formatted(
                            bout.header().a().name(),
                            bout.header().b().name(),
                            bout.moments().size());
        }
        if (version instanceof PlanStep step) {
            return "%s: %s".formatted(step.situation(), step.choice())
                    + step.fallbacks().stream()
                            .map(fallback -> "; if %s: %s".formatted(fallback.answer(), fallback.then()))
                            .collect(Collectors.joining());
        }
        if (version instanceof StayOut line) {
            return "stay out of %s: %s".formatted(line.where(), line.why());
        }
        if (version instanceof GamePlan plan) {
            return "%d steps".formatted(plan.steps().size());
        }
        if (version instanceof Study study) {
            return study.name()
                    + study.camp()
                            .map(camp -> ", %s on %s".formatted(camp.event(), camp.date()))
                            .orElse("");
        }
        if (version instanceof Athlete athlete) {
            return athlete.name();
        }
        if (version instanceof Optional<?> maybe) {
            return maybe.map(this::text).orElse("nothing");
        }
        if (version instanceof Collection<?> several) {
            return several.stream().map(this::text).collect(Collectors.joining(", "));
        }
        return String.valueOf(version);
    }

    /** Those lines of a header, as a bout file has them, that were not there before. */
    private String lines(Header header) {
        List<String> before = saw instanceof Header old ? printed(old) : List.of();
        String changed =
                printed(header).stream().filter(line -> !before.contains(line)).collect(Collectors.joining("; "));
        return changed.isEmpty() ? "without a line that was there" : changed;
    }

    private static List<String> printed(Header header) {
        return BoutFile.print(new Bout("header", header, List.of(), List.of()))
                .lines()
                .toList();
    }
}
