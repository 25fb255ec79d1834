package farglass.core.corpus;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.catalogue.Catalogue;
import farglass.core.notation.BoutFile;
import farglass.core.question.Dossier;
import farglass.core.question.Figure;
import farglass.core.scope.OpponentFilter;
import farglass.core.scope.Scope;
import farglass.core.scope.Setting;
import farglass.core.side.Level;
import farglass.core.side.Stance;
import farglass.core.state.ScoreLine.Lead;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What each filter leaves of bouts of which every count was written down by hand. */
class FilterTest {
    /** Six minutes: a sweep at the start, two points at 1:00, behind from 2:00, level from 4:30, the last minutes from 4:00. */
    private static final Bout FINAL = Bouts.parsed(
            "id: final\nlength: 6:00\nruleset: points-with-advantages\ncoder: Mara\nB level: brown\nB stance: southpaw\nB weight: 61 kg\ncovered: story 0:00 to 6:00\n",
            "0:05 A guard-pull; held; -> closed-guard, B on top",
            "0:30 A scissor-sweep; failed",
            "1:00 A award 2 points",
            "1:30 A hip-bump-sweep; failed",
            "1:50 B toreando; held; -> side-control, B on top",
            "2:00 B award 3 points",
            "3:30 A re-guard-closed; held",
            "4:10 A scissor-sweep; failed",
            "4:30 A award advantage",
            "4:31 A award 1 points",
            "5:00 A scissor-sweep; held; -> mount, A on top",
            "5:30 A armbar; failed");

    private static final Bout ROUND = Bouts.parsed(
            "id: round\nkind: sparring\nruleset: submission-only\ncoder: Otto\nB level: blue\nB stance: orthodox\nB weight: 78,5 kg\ncovered: story 0:00 to 2:00\n",
            "0:10 A guard-pull; held",
            "0:20 A pendulum-sweep; held",
            "1:40 A scissor-sweep; failed");

    private static final Corpus CORPUS = Corpus.of(List.of(FINAL, ROUND), LEXICON);

    private static Dossier dossier(Scope scope) {
        return Catalogue.dossier("Juno", CORPUS, scope);
    }

    private static Stream<Figure.Proportion> proportions(Dossier dossier, String ask) {
        return dossier.answers().stream()
                .flatMap(answer -> answer.figures().stream())
                .filter(figure -> figure.subject().id().equals(ask))
                .map(Figure.Proportion.class::cast);
    }

    /** Done of tried. */
    private static String sweeps(Scope scope) {
        return proportions(dossier(scope), "sweep done")
                .map(figure ->
                        figure.share().successes() + " of " + figure.share().chances())
                .findFirst()
                .orElse("none");
    }

    private static Scope part(Optional<PartOfBout.Minutes> minutes, Optional<Lead> lead) {
        return Scope.ALL.within(new PartOfBout(minutes, lead));
    }

    private static Optional<PartOfBout.Minutes> last(int many) {
        return Optional.of(new PartOfBout.Minutes(true, many));
    }

    private static Optional<PartOfBout.Minutes> first(int many) {
        return Optional.of(new PartOfBout.Minutes(false, many));
    }

    @Test
    void theWholeHasThemAll() {
        assertThat(sweeps(Scope.ALL)).isEqualTo("2 of 6");
    }

    @Test
    void onlyThoseMinutesAreLookedAt() {
        assertThat(sweeps(part(first(1), Optional.empty()))).isEqualTo("1 of 2");
        assertThat(sweeps(part(last(2), Optional.empty()))).isEqualTo("1 of 2");
        assertThat(sweeps(part(last(1), Optional.empty()))).isEqualTo("1 of 1");
        // The round has no length, and so no last minutes.
        assertThat(dossier(part(last(2), Optional.empty())).watched()).isEqualTo(1);
        assertThat(dossier(part(last(2), Optional.empty())).known()).isEqualTo(2);
    }

    @Test
    void onlyThatScoreIsLookedAtFromTheOnesOwnSide() {
        assertThat(sweeps(part(Optional.empty(), Optional.of(Lead.AHEAD)))).isEqualTo("0 of 1");
        assertThat(sweeps(part(Optional.empty(), Optional.of(Lead.BEHIND)))).isEqualTo("0 of 1");
        assertThat(sweeps(part(Optional.empty(), Optional.of(Lead.LEVEL)))).isEqualTo("2 of 4");
        assertThat(sweeps(part(last(2), Optional.of(Lead.BEHIND)))).isEqualTo("0 of 1");
        assertThat(sweeps(part(first(1), Optional.of(Lead.BEHIND)))).isEqualTo("none");
        // Who is behind for the one is ahead for the other.
        String other = FINAL.header().b().name();
        Dossier theirs = Catalogue.dossier(other, CORPUS, part(Optional.empty(), Optional.of(Lead.BEHIND)));
        assertThat(proportions(theirs, "pass done").map(figure -> figure.share().chances()))
                .containsExactly(1);
    }

    @Test
    void timeIsOfThatPartAlone() {
        // Of the last two minutes one was spent in the closed guard and one in the mount.
        Dossier late = dossier(part(last(2), Optional.empty()));
        assertThat(late.answers().stream()
                        .flatMap(answer -> answer.figures().stream())
                        .filter(figure -> figure.subject().id().equals("guard time")
                                || figure.subject().id().equals("on top time"))
                        .map(Figure.Part.class::cast)
                        .map(figure ->
                                figure.option() + " " + Math.round(figure.time().seconds()) + " of "
                                        + Math.round(figure.time().ofSeconds())))
                .containsExactlyInAnyOrder("closed-guard 60 of 120", "mount 60 of 120");
    }

    @Test
    void onlyTheseOpponentsAreLookedAt() {
        assertThat(sweeps(Scope.ALL.against(OpponentFilter.ANYBODY.standing(Optional.of(Stance.SOUTHPAW)))))
                .isEqualTo("1 of 4");
        assertThat(sweeps(Scope.ALL.against(OpponentFilter.ANYBODY.ranked(Optional.of(Level.BLUE)))))
                .isEqualTo("1 of 2");
        assertThat(sweeps(Scope.ALL.against(OpponentFilter.ANYBODY
                        .standing(Optional.of(Stance.SOUTHPAW))
                        .ranked(Optional.of(Level.BLUE)))))
                .isEqualTo("none");
    }

    @Test
    void onlyTheseRulesKindsAndCodersAreLookedAt() {
        assertThat(sweeps(Scope.ALL.in(Setting.ANY.under(Optional.of("submission-only")))))
                .isEqualTo("1 of 2");
        assertThat(sweeps(Scope.ALL.in(Setting.ANY.toldBy(Optional.of("Mara")))))
                .isEqualTo("1 of 4");
        assertThat(sweeps(Scope.ALL.in(Setting.ANY.of(Set.of(BoutKind.COMPETITION)))))
                .isEqualTo("1 of 4");
        assertThat(sweeps(Scope.ALL.in(Setting.ANY.toldBy(Optional.of("Nobody")))))
                .isEqualTo("none");
    }

    @Test
    void whatWorksIsToldByWhomItIsTriedAgainst() {
        assertThat(Stream.of("works against", "works against level", "works against stance")
                        .flatMap(ask -> proportions(dossier(Scope.ALL), ask))
                        .map(figure -> figure.option() + " " + figure.share().successes() + " of "
                                + figure.share().chances()))
                .containsExactly(
                        "Pip 2 of 7",
                        "a brown belt 1 of 5",
                        "a blue belt 1 of 2",
                        "southpaw 1 of 5",
                        "orthodox 1 of 2");
        assertThat(proportions(dossier(Scope.ALL), "gets through")
                        .map(figure -> figure.share().successes() + " of "
                                + figure.share().chances()))
                .containsExactly("1 of 1");
    }

    @Test
    void whoIsLikeSomebodyIsToldByWhatIsKnownOfBoth() {
        AthleteKind light = new AthleteKind(
                Optional.of(Level.BROWN),
                java.util.OptionalDouble.of(61),
                java.util.OptionalDouble.empty(),
                Optional.of(AthleteKind.Begins.FROM_GUARD));
        AthleteKind near = new AthleteKind(
                Optional.of(Level.BLACK),
                java.util.OptionalDouble.of(66),
                java.util.OptionalDouble.empty(),
                Optional.empty());
        AthleteKind heavy = new AthleteKind(
                Optional.of(Level.BROWN),
                java.util.OptionalDouble.of(78.5),
                java.util.OptionalDouble.empty(),
                Optional.empty());
        AthleteKind novice = new AthleteKind(
                Optional.of(Level.BLUE),
                java.util.OptionalDouble.empty(),
                java.util.OptionalDouble.empty(),
                Optional.empty());
        AthleteKind passer = new AthleteKind(
                Optional.empty(),
                java.util.OptionalDouble.empty(),
                java.util.OptionalDouble.empty(),
                Optional.of(AthleteKind.Begins.FROM_TOP));
        AthleteKind unknown = new AthleteKind(
                Optional.empty(), java.util.OptionalDouble.empty(), java.util.OptionalDouble.empty(), Optional.empty());
        assertThat(light.isLike(near)).isTrue();
        assertThat(light.isLike(heavy)).isFalse();
        assertThat(light.isLike(novice)).isFalse();
        assertThat(light.isLike(passer)).isFalse();
        assertThat(light.isLike(unknown)).isFalse();
    }

    private static boolean alike(String one, String other) throws Exception {
        Bout bout = BoutFile.parse(
                        "far-glass bout 1\nid: x\nA: Ann\nA build: %s\nB: Bea\nB build: %s\ncovered: story 0:00 to 1:00\n"
                                .formatted(one, other),
                        LEXICON)
                .bout()
                .orElseThrow();
        Corpus corpus = Corpus.of(List.of(bout), LEXICON);
        return corpus.sort("Ann").isLike(corpus.sort("Bea"));
    }

    @Test
    void heightIsReadFromHowTheyAreBuilt() throws Exception {
        assertThat(alike("tall, 183 cm", "long legs, 1.78 m")).isTrue();
        assertThat(alike("1,83m", "182cm")).isTrue();
        assertThat(alike("183 cm", "170 cm")).isFalse();
        assertThat(alike("tall", "170 cm")).as("of one nothing is known").isFalse();
        assertThat(alike("reach 1183 cm", "183 cm")).as("no height").isFalse();
    }

    @Test
    void anEditKeepsThePartsThatAreTheSame() {
        Scope late = part(last(2), Optional.empty());
        dossier(late);
        Corpus renewed = CORPUS.renewed(List.of(FINAL), LEXICON);
        assertThat(renewed.within(late.within()).of("Juno"))
                .containsExactly(CORPUS.within(late.within()).of("Juno").stream()
                        .filter(sheet -> sheet.bout() == FINAL)
                        .findFirst()
                        .orElseThrow());
    }
}
