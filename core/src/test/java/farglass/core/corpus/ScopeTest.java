package farglass.core.corpus;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Uniform;
import farglass.core.catalogue.Catalogue;
import farglass.core.question.Dossier;
import farglass.core.question.Figure;
import farglass.core.scope.Period;
import farglass.core.scope.Scope;
import farglass.core.scope.Setting;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ScopeTest {
    private static final List<Bout> BOUTS = List.of(
            bout("gi", "date: 2024-05-01\nuniform: gi\n"),
            bout("nogi", "date: 2026-05-01\nuniform: no-gi\n"),
            bout("round", "date: 2026-06-01\nuniform: no-gi\nkind: sparring\n"),
            bout("undated", "uniform: no-gi\n"),
            Bouts.parsed("id: told\ndate: 2026-06-02\n", "0:10 A scissor-sweep; held"));

    private static Bout bout(String id, String header) {
        return Bouts.parsed(
                "id: " + id + "\n" + header + "covered: story 0:00 to 1:00\n",
                "0:05 A guard-pull; held",
                "0:10 A scissor-sweep; held");
    }

    private static Scope from(String day) {
        return Scope.ALL.in(Period.since(LocalDate.parse(day)));
    }

    private static Dossier dossier(Scope scope) {
        return Catalogue.dossier("Juno", Corpus.of(BOUTS, LEXICON), scope);
    }

    private static int sweeps(Dossier dossier) {
        return dossier.answers().stream()
                .flatMap(answer -> answer.figures().stream())
                .filter(figure -> figure.subject().id().equals("sweep done"))
                .mapToInt(figure -> ((Figure.Proportion) figure).share().chances())
                .sum();
    }

    @Test
    void onlyTheBoutsWithinAreCountedAndKnown() {
        assertThat(sweeps(dossier(Scope.ALL))).isEqualTo(4);
        assertThat(dossier(Scope.ALL).known()).isEqualTo(5);
        Dossier late = dossier(from("2026-01-01"));
        assertThat(sweeps(late)).isEqualTo(2);
        assertThat(late.watched()).isEqualTo(2);
        assertThat(late.known()).isEqualTo(3);
        Scope rounds = Scope.ALL
                .in(Period.until(LocalDate.parse("2026-06-01")))
                .in(Setting.ANY.in(Optional.of(Uniform.NO_GI)).of(Set.of(BoutKind.SPARRING)));
        assertThat(sweeps(dossier(rounds))).isEqualTo(1);
    }

    @Test
    void aScopeWithoutBoutsSaysNothingAndFailsNowhere() {
        Dossier nothing = dossier(from("2030-01-01"));
        assertThat(nothing.watched()).isZero();
        assertThat(nothing.answers()).allMatch(answer -> answer.figures().isEmpty());
        assertThat(dossier(Scope.ALL).answers())
                .anyMatch(answer -> !answer.figures().isEmpty());
        assertThat(Catalogue.dossier("Nobody", Corpus.of(List.of(), LEXICON), Scope.ALL)
                        .known())
                .isZero();
    }

    @Test
    void weightsThatSumToNearlyNothingLeaveCountsAndNoMore() {
        Dossier faded = dossier(Scope.weighed(header -> 1e-12));
        assertThat(sweeps(faded)).isEqualTo(4);
        assertThat(faded.answers())
                .flatExtracting(answer -> answer.figures())
                .filteredOn(Figure.Proportion.class::isInstance)
                .allMatch(figure -> ((Figure.Proportion) figure).share().isTooLittle());
    }

    @Test
    void aWeightThatIsNoneIsRefusedAndAPeriodThatEndsBeforeItBeginsToo() {
        for (double weight : new double[] {0, -1, 1.5, Double.NaN}) {
            assertThatThrownBy(() -> dossier(Scope.weighed(header -> weight)))
                    .hasMessageContaining("A bout weighs more than 0 and at most 1");
        }
        LocalDate day = LocalDate.parse("2026-01-01");
        assertThatThrownBy(() -> new Period(Optional.of(day), Optional.of(day.minusDays(1))))
                .hasMessageContaining("Exchange them");
    }
}
