package farglass.core.rules;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.AnyBout;
import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class ScorecardTest {
    private static final Lexicon LEXICON = Bouts.LEXICON;
    private static final Ruleset ADVANTAGES =
            Rulesets.shipped().named("points-with-advantages").orElseThrow();
    private static final Ruleset DELAYED =
            Rulesets.shipped().named("delayed-points").orElseThrow();

    private static Scorecard card(Bout bout) {
        return Scorecard.of(bout, ADVANTAGES, LEXICON);
    }

    @Test
    void aResultThatNoReadingAddsUpToIsAFinding() {
        String[] moments = {
            "0:10 A double-leg; held; -> half-guard, A on top",
            "0:14 A award 2 points",
            "1:00 B underhook-sweep; nearly"
        };
        String covered = "covered: story 0:00 to 6:00\nlength: 6:00\n";
        assertThat(card(Bouts.parsed(covered + "result: A by points 5-0\n", moments))
                        .findings())
                .singleElement()
                .satisfies(finding -> assertThat(finding.sentence())
                        .contains("says 5-0")
                        .contains("add up to 2-0")
                        .contains("rules give 2-0"));
        assertThat(card(Bouts.parsed(covered + "result: A by points 2-0\n", moments))
                        .findings())
                .isEmpty();
        assertThat(card(Bouts.parsed(covered + "result: B by advantages 2-0\n", moments))
                        .findings())
                .singleElement()
                .satisfies(finding -> assertThat(finding.sentence()).contains("told it is A by points"));
    }

    @Test
    void pointsGivenForAHoldTooShortAreAFindingWithBothNumbers() {
        Scorecard card = card(Bouts.of(
                "0:10 B guard-pull; held",
                "1:00 A knee-cut; held",
                "1:01.5 B re-guard; held",
                "1:03 A award 3 points",
                "2:00 A toreando"));
        assertThat(card.findings()).singleElement().satisfies(finding -> assertThat(finding.sentence())
                .contains("1.5 s")
                .contains("3 s"));
        assertThat(card.differences()).extracting(Difference::brief).containsExactly("A 3 given");
    }

    @Test
    void whatIsGivenCountsAsTheRefereesAndIsNoLongerOpen() {
        Bout bout = Bouts.of("1:00 A double-leg; nearly", "1:03 A award advantage", "2:00 B single-leg; nearly");
        Scorecard card = card(bout);
        assertThat(card.calls(Call.Verdict.COULD)).extracting(Call::brief).containsExactly("B takedown advantage");
        assertThat(card.explains(bout.moments().get(1)))
                .extracting(Call::brief)
                .containsExactly("A takedown advantage");
        assertThat(card.lead(Long.MAX_VALUE).brief()).isEqualTo("A by advantages");
        assertThat(card.lead(61_000_000).brief()).isEqualTo("level");
    }

    @Test
    void oneAwardCanCoverARun() {
        Scorecard card = card(Bouts.of(
                "0:10 B guard-pull; held",
                "1:00 A knee-cut; held",
                "1:01 A mount-transition; held",
                "1:05 A award 7 points",
                "2:00 A cross-collar-choke"));
        assertThat(card.differences()).isEmpty();
        assertThat(card.byRules(Long.MAX_VALUE).a().points()).isEqualTo(7);
    }

    @Test
    void theLeaderIsToldWhatToAvoid() {
        Bout bout =
                Bouts.of("0:10 A double-leg; held; -> half-guard, A on top", "1:00 A award penalty", "2:00 B frame");
        assertThat(card(bout).toAvoid(Long.MAX_VALUE))
                .containsExactly(
                        "One takedown, sweep, pass, knee, mount or back for Pip and the lead is gone.",
                        "The next penalty brings an advantage to the other.");
        assertThat(card(Bouts.of("1:00 A mark")).toAvoid(Long.MAX_VALUE)).isEmpty();
    }

    @Test
    void theSameBoutUnderOtherRulesTellsTheDifferences() {
        Bout bout = Bouts.parsed(
                "length: 10:00\ncovered: story 0:00 to 10:00\n",
                "1:00 A double-leg; held; -> half-guard, A on top",
                "6:00 A crossface-pass; held; -> side-control, A on top",
                "7:00 A kimura");
        Scorecard one = card(bout);
        Scorecard other = Scorecard.of(bout, DELAYED, LEXICON);
        assertThat(OtherRules.sentences(bout, other, one))
                .containsExactly(
                        "These rules give nothing before 5:00 of the match; 1 of the bout's own calls lie before it.");
        assertThat(OtherRules.sentences(bout, one, other))
                .singleElement()
                .asString()
                .contains("Only under these rules", "2 points for takedown", "(m1)");
        assertThat(OtherRules.sentences(bout, one, one)).containsExactly("Nothing would have been called differently.");
    }

    @Test
    void aMirrorChangesNoScoreAndNoBoutBreaksTheEngine() {
        Stream.iterate(1L, seed -> seed + 1).limit(400).forEach(seed -> {
            Bout bout = AnyBout.of(seed);
            for (Ruleset ruleset : Rulesets.shipped().all()) {
                Scorecard card = Scorecard.of(bout, ruleset, LEXICON);
                assertThat(card.calls())
                        .extracting(Call::brief)
                        .isEqualTo(Scorecard.of(bout.mirrored(), ruleset, LEXICON).calls().stream()
                                .map(Call::brief)
                                .toList());
                card.toAvoid(Long.MAX_VALUE);
            }
        });
    }

    @Test
    void aCopiedRulesetIsReadAndABrokenOneSaysWhere() {
        String text = Rulesets.shippedText("points-with-advantages").orElseThrow();
        Ruleset own = Rulesets.read(
                text.replace("name: points-with-advantages", "name: house").replace("mount: 4", "mount: 5"));
        assertThat(Rulesets.shipped()
                        .with(own)
                        .named("house")
                        .orElseThrow()
                        .worths()
                        .get(Scored.MOUNT)
                        .points())
                .isEqualTo(5);
        for (List<String> broken : List.of(
                List.of("mount: 4", "mount: four", "four"),
                List.of("hold: 3 s", "hold: 3", "3 s"),
                List.of("date: 2026-01-01", "date: soon", "2026-01-01"),
                List.of("pull: free", "pul: free", "pul"),
                List.of("penalties: mark, advantage", "penalties: mark, gold", "gold"))) {
            assertThatThrownBy(() -> Rulesets.read(text.replace(broken.get(0), broken.get(1))))
                    .isInstanceOf(RulesetException.class)
                    .hasMessageContaining("line ")
                    .hasMessageContaining(broken.get(2));
        }
        assertThatThrownBy(() -> Rulesets.read("")).isInstanceOf(RulesetException.class);
        assertThat(card(Bouts.of("1:00 A mark")).taps(Seat.A)).isZero();
    }
}
