package farglass.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Demo;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.question.Claim;
import farglass.core.question.Claims;
import farglass.core.question.Figure;
import farglass.core.scope.Scope;
import farglass.core.side.Side;
import farglass.core.simulate.ActedBout;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What the sheets of the demo plant (docs/demo.md) is claimed where it belongs. */
class PlantedFoundTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Corpus DEMO =
            Corpus.of(Demo.SEASONS.bouts().stream().map(ActedBout::told).toList(), LEXICON);

    private static List<Claim> claims(String athlete, String ask, String option) {
        return figures(athlete, ask, option)
                .flatMap(figure -> claims(figure).stream())
                .toList();
    }

    private static Stream<Figure> figures(String athlete, String ask, String option) {
        return Catalogue.dossier(athlete, DEMO, Scope.ALL).answers().stream()
                .flatMap(answered -> answered.figures().stream())
                .filter(figure ->
                        figure.subject().id().equals(ask) && figure.option().equals(option));
    }

    private static List<Claim> claims(Figure figure) {
        return figure.match(
                proportion -> proportion.claims(),
                pace -> List.of(),
                length -> List.of(),
                listing -> List.of(),
                part -> List.of(),
                longest -> List.of());
    }

    private static void isFound(String athlete, String ask, String option, Claims.Direction direction) {
        assertThat(claims(athlete, ask, option))
                .as("%s, %s, %s", athlete, ask, option)
                .anyMatch(claim -> claim instanceof Claim.ThanOthers than && than.direction() == direction);
    }

    @Test
    void whoCirclesToTheOtherSideThanNearlyEveryone() {
        isFound("Runa Castellan", "pass which", "circling-pass", Claims.Direction.MORE);
        isFound("Runa Castellan", "pass side", "left", Claims.Direction.MORE);
        isFound("Runa Castellan", "pass stopped at", "knee", Claims.Direction.MORE);
        assertThat(claims("Runa Castellan", "pass side", "left")).contains(new Claim.Prefers(Optional.of(Side.LEFT)));
    }

    @Test
    void whoChokesFromMountAndLeavesArmsAlone() {
        isFound("Runa Castellan", "finish from", "mount", Claims.Direction.MORE);
        isFound("Runa Castellan", "finish limb", "arm", Claims.Direction.LESS);
        assertThat(figures("Runa Castellan", "finish limb", "arm")
                        .map(figure -> figure.chances().orElseThrow().successes()))
                .containsExactly(0);
    }

    @Test
    void theSeatedGuardThatSweepsToTheOtherSideWhenTheSleeveIsDenied() {
        isFound("Ottoline Vance", "pull to", "seated-guard", Claims.Direction.MORE);
        isFound("Ottoline Vance", "sweep which", "two-on-one-sweep", Claims.Direction.MORE);
        assertThat(claims("Ottoline Vance", "sweep side", "left")).contains(new Claim.Prefers(Optional.of(Side.RIGHT)));
    }

    @Test
    void theClosedGuardAndWhatOurAthleteDoes() {
        isFound("Ebele Straker", "pull to", "closed-guard", Claims.Direction.MORE);
        isFound("Maren Tolliver", "takedown which", "single-leg", Claims.Direction.MORE);
        isFound("Maren Tolliver", "sweep which", "hip-bump-sweep", Claims.Direction.MORE);
    }

    @Test
    void theErrorOfTheBeginnerThatNobodyPunished() {
        assertThat(figures("Pip Arkwright", "mistake punished each", "both hands posted on the mat inside closed guard")
                        .map(figure -> figure.chances().orElseThrow()))
                .singleElement()
                .satisfies(share -> {
                    assertThat(share.chances()).isEqualTo(5);
                    assertThat(share.successes()).isZero();
                });
    }
}
