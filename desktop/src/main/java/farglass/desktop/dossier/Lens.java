package farglass.desktop.dossier;

import farglass.core.bout.BoutKind;
import farglass.core.corpus.PartOfBout;
import farglass.core.scope.OpponentFilter;
import farglass.core.scope.Period;
import farglass.core.scope.Scope;
import farglass.core.scope.ScopeText;
import farglass.core.scope.Setting;
import farglass.core.study.Weighing;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * Through what an athlete is looked at.
 *
 * @param filters which bouts, and which part of them; how they weigh is told apart
 */
record Lens(Weights weights, Scope filters) {
    /** How bouts weigh. */
    enum Weights {
        AS_THE_STUDY_DOES(0),
        ALIKE(0),
        HALF_AFTER_ONE_YEAR(1),
        HALF_AFTER_TWO_YEARS(2),
        HALF_AFTER_FOUR_YEARS(4);

        private final double years;

        Weights(double years) {
            this.years = years;
        }

        private Weighing weighing(Weighing study, LocalDate last) {
            return this == AS_THE_STUDY_DOES ? study : this == ALIKE ? Weighing.ALIKE : Weighing.fading(last, years);
        }

        /** @param study as the study in force is called here */
        String words(String study) {
            return this == AS_THE_STUDY_DOES
                    ? study
                    : this == ALIKE
                            ? "all bouts alike"
                            : "by age, " + name().toLowerCase(Locale.ROOT).replace('_', ' ');
        }
    }

    static final Lens USUAL = new Lens(Weights.AS_THE_STUDY_DOES, Scope.ALL);

    Lens weighing(Weights other) {
        return new Lens(other, filters);
    }

    private Lens through(Scope other) {
        return new Lens(weights, other);
    }

    Lens since(Optional<Integer> year) {
        return through(filters.in(
                year.map(from -> Period.since(LocalDate.of(from, 1, 1))).orElse(Period.ALL)));
    }

    Lens of(Optional<BoutKind> only) {
        return in(filters.setting().of(only.map(Set::of).orElse(Set.of())));
    }

    Lens in(Setting setting) {
        return through(filters.in(setting));
    }

    Lens against(OpponentFilter whom) {
        return through(filters.against(whom));
    }

    Lens within(PartOfBout part) {
        return through(filters.within(part));
    }

    /**
     * {@return which bouts are looked at, and how much each weighs}
     *
     * @param last the day from which age is counted back
     */
    Scope scope(Weighing study, LocalDate last) {
        return filters.weighing(weights.weighing(study, last));
    }

    /** {@return the lens as one line to be kept; empty where a name in it cannot be} */
    Optional<String> text() {
        return ScopeText.write(filters).map(scope -> weights.name().toLowerCase(Locale.ROOT) + " | " + scope);
    }

    /** {@return the lens of a line that was kept; empty for a damaged one} */
    static Optional<Lens> read(String line) {
        String[] parts = line.split("\\|", 2);
        if (parts.length < 2) {
            return Optional.empty();
        }
        for (Weights weights : Weights.values()) {
            if (weights.name().equalsIgnoreCase(parts[0].strip())) {
                return ScopeText.read(parts[1].strip()).map(filters -> new Lens(weights, filters));
            }
        }
        return Optional.empty();
    }
}
