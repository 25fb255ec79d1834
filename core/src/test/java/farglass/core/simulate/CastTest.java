package farglass.core.simulate;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Method;
import farglass.core.bout.Moment;
import farglass.core.notation.BoutFile;
import farglass.core.rules.Board;
import farglass.core.script.Beat;
import farglass.core.script.ScriptFile;
import farglass.core.state.Timeline;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class CastTest {
    private static final List<Acted> BOUTS = Cast.bouts(LEXICON);

    @Test
    void theSameSeedGivesTheSameDemo() {
        assertThat(Cast.bouts(LEXICON).equals(BOUTS)).isTrue();
    }

    @Test
    void threeMainAthletesHaveSixBoutsEachAndEightOthersAtLeastTwo() {
        for (String name :
                Stream.concat(Stream.of(Cast.OURS), Cast.OPPONENTS.stream()).toList()) {
            List<Bout> own = BOUTS.stream()
                    .map(Acted::told)
                    .filter(bout -> bout.header().seatOf(name).isPresent())
                    .toList();
            assertThat(own).as(name).hasSize(6);
            assertThat(own)
                    .filteredOn(bout -> bout.moments().isEmpty())
                    .as(name)
                    .hasSize(1);
        }
        long others = BOUTS.stream()
                .flatMap(acted -> Stream.of(
                        acted.told().header().a(), acted.told().header().b()))
                .map(contestant -> contestant.name())
                .distinct()
                .count();
        assertThat(others).isEqualTo(11);
    }

    @Test
    void nothingHappensThatTheSportDoesNotAllow() {
        for (Acted acted : BOUTS) {
            assertThat(Timeline.of(acted.truth(), LEXICON).findings())
                    .extracting(finding -> acted.truth().id() + ": " + finding.sentence())
                    .isEmpty();
            String printed = BoutFile.print(acted.told());
            assertThat(BoutFile.parse(printed, LEXICON).bout().equals(Optional.of(acted.told())))
                    .as(acted.told().id())
                    .isTrue();
        }
    }

    @Test
    void theResultIsWhatTheBoardSaysUnlessItEndedByATap() {
        for (Acted acted : BOUTS) {
            var result = acted.truth().header().result().orElseThrow();
            Board board = Board.atEnd(acted.truth());
            if (result.method() == Method.POINTS) {
                assertThat(board.leader()).isEqualTo(result.winner());
            }
            result.score().ifPresent(score -> assertThat(score.a())
                    .isEqualTo(board.a().points()));
        }
        assertThat(BOUTS.stream().filter(acted -> isTap(acted.truth())).count()).isBetween(1L, BOUTS.size() / 2L);
    }

    private static boolean isTap(Bout bout) {
        return bout.header().result().orElseThrow().method() == Method.SUBMISSION;
    }

    @Test
    void theScriptShowsMoreThanWasTagged() {
        for (Acted acted : BOUTS) {
            List<Long> tagged = acted.told().moments().stream()
                    .map(moment -> moment.atMicros().orElseThrow())
                    .toList();
            assertThat(acted.script().beats().stream().map(Beat::atMicros).filter(at -> !tagged.contains(at)))
                    .as(acted.told().id())
                    .isNotEmpty();
            assertThat(acted.truth().moments())
                    .hasSizeGreaterThanOrEqualTo(acted.told().moments().size());
        }
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
            Acted acted = Actor.act("x", runa, ordinary, BOUTS.get(0).told().header(), LEXICON, random.split());
            for (Moment moment : acted.truth().moments()) {
                if (moment.deed().equals(new Deed.Did("circling-pass"))) {
                    all++;
                    left += moment.telling().side().orElseThrow().side() == farglass.core.bout.Side.LEFT ? 1 : 0;
                }
            }
        }
        assertThat(all).isGreaterThan(300);
        assertThat(left / (double) all).isBetween(0.84, 0.92);
    }
}
