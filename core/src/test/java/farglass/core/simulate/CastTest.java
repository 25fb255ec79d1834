package farglass.core.simulate;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Demo;
import farglass.core.bout.Bout;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Deed;
import farglass.core.bout.Method;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.fact.Fact;
import farglass.core.fact.Mistake;
import farglass.core.fact.Strike;
import farglass.core.notation.BoutFile;
import farglass.core.rules.Call;
import farglass.core.rules.Ruleset;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.core.script.Beat;
import farglass.core.script.ScriptFile;
import farglass.core.simulate.sheet.GameSheet;
import farglass.core.simulate.sheet.GameSheets;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CastTest {
    private static final Cast.Seasons SEASONS = Demo.SEASONS;
    private static final List<ActedBout> BOUTS = SEASONS.bouts();

    private static List<Bout> told(String name) {
        return BOUTS.stream()
                .map(ActedBout::told)
                .filter(bout -> bout.header().seatOf(name).isPresent())
                .toList();
    }

    @Test
    void theSameSeedGivesTheSameDemo() {
        assertThat(Cast.seasons(LEXICON).equals(SEASONS)).isTrue();
    }

    @Test
    void mainAthletesHaveTenFilmedBoutsOverSixSeasonsAndTwentyOthersAFew() {
        List<String> main = new ArrayList<>(Cast.OPPONENTS);
        main.add(Cast.OURS);
        main.add(Cast.NO_GI_OPPONENT);
        for (String name : main) {
            assertThat(told(name)).as(name).hasSizeGreaterThanOrEqualTo(12);
            assertThat(told(name))
                    .filteredOn(bout -> bout.moments().isEmpty())
                    .as(name)
                    .hasSize(2)
                    .allMatch(bout -> bout.header().covered().isEmpty());
            assertThat(told(name).stream()
                            .map(bout -> bout.header().date().orElseThrow().getYear())
                            .distinct())
                    .as(name)
                    .hasSizeGreaterThanOrEqualTo(5);
            assertThat(told(name).stream()
                            .map(bout -> bout.header()
                                    .contestant(bout.header().seatOf(name).orElseThrow()))
                            .map(own -> own.level().orElseThrow())
                            .distinct())
                    .as(name)
                    .hasSize(4);
        }
        Map<String, Long> others = BOUTS.stream()
                .flatMap(acted -> Stream.of(
                        acted.told().header().a().name(),
                        acted.told().header().b().name()))
                .filter(name -> !main.contains(name) && !name.equals(Cast.STUDENT))
                .collect(Collectors.groupingBy(name -> name, Collectors.counting()));
        assertThat(others).hasSize(21);
        assertThat(others.values().stream().filter(count -> count >= 4)).hasSize(20);
        assertThat(told(Cast.OURS))
                .filteredOn(bout -> bout.header().seatOf(Cast.OPPONENTS.get(0)).isPresent())
                .hasSize(2);
        assertThat(told(Cast.OURS))
                .filteredOn(bout -> bout.header().ruleset().equals("mixed-rules"))
                .singleElement()
                .satisfies(bout -> assertThat(bout.moments().stream()
                                .flatMap(moment -> moment.telling().facts(Strike.class)))
                        .hasSizeGreaterThan(5));
        assertThat(BOUTS)
                .filteredOn(acted -> acted.told().header().footage().opening().isPresent())
                .hasSize(5);
    }

    @Test
    void theStudentPostsBothHandsFiveTimesAndIsNeverPunished() {
        Bout match = told(Cast.STUDENT).get(0);
        assertThat(match.moments().stream()
                        .flatMap(moment -> moment.telling().facts(Mistake.class))
                        .filter(mistake -> mistake.code().startsWith("both hands posted")))
                .hasSize(5)
                .allSatisfy(mistake -> assertThat(mistake.punished()).contains(Mistake.Punished.NO));
        assertThat(told(Cast.STUDENT))
                .extracting(bout -> bout.header().kind())
                .containsExactly(BoutKind.COMPETITION, BoutKind.POSITIONAL, BoutKind.TRAINING);
    }

    @Test
    void everythingTheLanguageCanSayIsSaidSomewhere() {
        Set<Class<?>> facts = new HashSet<>();
        Set<Class<?>> deeds = new HashSet<>();
        Set<Motive> motives = EnumSet.noneOf(Motive.class);
        for (ActedBout acted : BOUTS) {
            for (Moment moment : acted.told().moments()) {
                deeds.add(moment.deed().getClass());
                moment.telling().facts().forEach(fact -> facts.add(fact.getClass()));
                moment.telling().motive().ifPresent(motives::add);
            }
        }
        assertThat(facts).containsAll(kinds(Fact.class).toList());
        assertThat(deeds).containsAll(kinds(Deed.class).toList());
        assertThat(motives).containsExactlyInAnyOrder(Motive.values());
        assertThat(BOUTS)
                .filteredOn(
                        acted -> !acted.told().header().background().claims().isEmpty())
                .isNotEmpty();
        assertThat(BOUTS)
                .filteredOn(acted -> !acted.told().header().background().plan().isEmpty())
                .isNotEmpty();
    }

    private static Stream<Class<?>> kinds(Class<?> family) {
        return family.isSealed()
                ? Stream.of(family.getPermittedSubclasses()).flatMap(CastTest::kinds)
                : Stream.of(family);
    }

    @Test
    void twoBoutsAreCodedByTwoPeopleAndOneOfThemCounts() {
        assertThat(SEASONS.secondCodings()).hasSize(2).allSatisfy(second -> {
            Bout first = BOUTS.stream()
                    .map(ActedBout::told)
                    .filter(bout -> second.header().codingOf().equals(Optional.of(bout.id())))
                    .findFirst()
                    .orElseThrow();
            assertThat(second.moments()).isNotEqualTo(first.moments());
            assertThat(second.header().covered()).isEqualTo(first.header().covered());
        });
    }

    @Test
    void nothingHappensThatTheSportDoesNotAllow() {
        for (ActedBout acted : BOUTS) {
            assertThat(Timeline.of(acted.truth(), LEXICON).findings())
                    .extracting(finding -> acted.truth().id() + " " + finding.momentId() + ": " + finding.sentence())
                    .allMatch(sentence -> sentence.contains("disputed"));
            String printed = BoutFile.print(acted.told());
            assertThat(BoutFile.parse(printed, LEXICON).bout().equals(Optional.of(acted.told())))
                    .as(acted.told().id())
                    .isTrue();
        }
    }

    @Test
    void theRefereeMostlyGivesWhatTheRulesSayAndTheResultIsTheBoards() {
        int certain = 0;
        int missed = 0;
        for (ActedBout acted : BOUTS) {
            Bout truth = acted.truth();
            Ruleset ruleset = Rulesets.shipped().named(truth.header().ruleset()).orElseThrow();
            Scorecard card = Scorecard.of(truth, ruleset, LEXICON);
            assertThat(card.findings())
                    .extracting(finding -> truth.id() + ": " + finding.sentence())
                    .isEmpty();
            certain += card.calls(Call.Verdict.BY_RULES).size();
            missed += (int) card.differences().stream()
                    .filter(each -> each.brief().endsWith("not given"))
                    .count();
        }
        assertThat(certain).isGreaterThan(150);
        assertThat(missed / (double) certain).isBetween(0.001, 0.1);
        List<Bout> matches = BOUTS.stream()
                .map(ActedBout::truth)
                .filter(bout -> bout.header().kind() == BoutKind.COMPETITION)
                .toList();
        long taps = matches.stream().filter(CastTest::isTap).count();
        // Some ninety matches are a small sample; RealismTest holds the share of the actor itself.
        assertThat(taps / (double) matches.size()).isBetween(0.25, 0.52);
    }

    private static boolean isTap(Bout bout) {
        return bout.header().result().orElseThrow().method() == Method.SUBMISSION;
    }

    @Test
    void theScriptShowsMoreThanWasTagged() {
        for (ActedBout acted : BOUTS) {
            if (acted.told().moments().isEmpty()) {
                continue;
            }
            List<Long> tagged = acted.told().moments().stream()
                    .map(moment -> moment.atMicros().orElseThrow())
                    .toList();
            assertThat(acted.script().beats().stream().map(Beat::atMicros).filter(at -> !tagged.contains(at)))
                    .as(acted.told().id())
                    .isNotEmpty();
            assertThat(deeds(acted.truth())).isGreaterThanOrEqualTo(deeds(acted.told()));
        }
    }

    private static long deeds(Bout bout) {
        return bout.moments().stream()
                .filter(moment -> moment.deed() instanceof Deed.Did)
                .count();
    }

    @Test
    void aScriptComesBackFromItsTextAndABrokenOneNamesItsLine() {
        var script = BOUTS.get(0).script();
        assertThat(ScriptFile.parse(ScriptFile.print(script))).isEqualTo(script);
        org.assertj.core.api.Assertions.assertThatIllegalArgumentException()
                .isThrownBy(() -> ScriptFile.parse(ScriptFile.print(script) + "beat soon MOUNT A\n"))
                .withMessageContaining("beat soon MOUNT A");
    }

    @Test
    void aWrittenHabitShowsInTheLongRun() {
        // Runa circles to her own left in 88 of 100, where an ordinary athlete does in about a third.
        GameSheet runa = GameSheets.shipped().get("Runa Castellan");
        GameSheet ordinary = GameSheets.shipped().get("ordinary");
        int left = 0;
        int all = 0;
        var random = new java.util.SplittableRandom(77);
        for (int i = 0; i < 300; i++) {
            ActedBout acted = Actor.act(
                    "x", runa, ordinary, BOUTS.get(0).told().header(), Optional.empty(), LEXICON, random.split());
            for (Moment moment : acted.truth().moments()) {
                if (moment.deed().equals(new Deed.Did("circling-pass"))) {
                    all++;
                    left += moment.telling().side().orElseThrow().side() == farglass.core.side.Side.LEFT ? 1 : 0;
                }
            }
        }
        assertThat(all).isGreaterThan(300);
        assertThat(left / (double) all).isBetween(0.84, 0.92);
    }
}
