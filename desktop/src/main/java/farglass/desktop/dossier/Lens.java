package farglass.desktop.dossier;

import farglass.core.bout.BoutKind;
import farglass.core.bout.Uniform;
import farglass.core.corpus.Scope;
import farglass.core.study.Weighing;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;

/**
 * Through what an athlete is looked at, as the words of one sentence.
 *
 * @param weighed whether the bouts weigh as the study or camp says; otherwise all alike
 * @param uniform empty for both
 * @param sinceYear empty for all years
 * @param kind empty for all
 */
record Lens(boolean weighed, Optional<Uniform> uniform, Optional<Integer> sinceYear, Optional<BoutKind> kind) {
    static final Lens USUAL = new Lens(true, Optional.empty(), Optional.empty(), Optional.empty());

    Lens weighing(boolean asTheStudyDoes) {
        return new Lens(asTheStudyDoes, uniform, sinceYear, kind);
    }

    Lens in(Optional<Uniform> worn) {
        return new Lens(weighed, worn, sinceYear, kind);
    }

    Lens since(Optional<Integer> year) {
        return new Lens(weighed, uniform, year, kind);
    }

    Lens of(Optional<BoutKind> only) {
        return new Lens(weighed, uniform, sinceYear, only);
    }

    /** {@return which bouts are looked at, and how much each weighs} */
    Scope scope(Weighing study) {
        return new Scope(
                sinceYear.map(year -> LocalDate.of(year, 1, 1)),
                Optional.empty(),
                uniform,
                kind.map(Set::of).orElse(Set.of()),
                weighed ? study : Weighing.ALIKE);
    }
}
