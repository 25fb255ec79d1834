package farglass.core.pass;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.fact.Layer;
import farglass.core.lexicon.Lexicon;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class PassTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Bout BOUT = Bouts.of(
            "0:10 A guard-pull; held",
            "0:20 B knee-cut; nearly; line knee",
            "0:22 A frame; shown",
            "0:30 B toreando; threatened; unsure",
            "0:33 A hip-escape; shown; answers m4",
            "0:40 B knee-cut; held",
            "0:50 - mark");

    private static List<PassQuestion> ask(Aim aim, Optional<String> position, Set<String> settled, Bout bout) {
        return new Pass(aim, position, new StudyNeeds(settled, Map.of(), Set.of(), 0))
                .questions(BoutSheet.of(bout, LEXICON));
    }

    private static List<String> asked(Aim aim, Bout bout) {
        return ask(aim, Optional.empty(), Set.of(), bout).stream()
                .map(PassQuestion::momentId)
                .toList();
    }

    @Test
    void eachAimAsksOnlyForWhatItLacks() {
        assertThat(asked(Aim.STORY, BOUT)).as("only the mark has no name").containsExactly("m7");
        assertThat(asked(Aim.ANSWERS, BOUT))
                .as("what follows the other's deed and is not linked yet")
                .containsExactly("m2", "m3", "m4", "m6");
        assertThat(asked(Aim.GRIPS, BOUT)).as("where a stay begins").containsExactly("m1", "m6");
        assertThat(asked(Aim.ERRORS, BOUT)).as("what failed, and the pull").containsExactly("m1", "m2", "m4");
        assertThat(asked(Aim.REWATCH, BOUT)).containsExactly("m4", "m7");
    }

    @Test
    void aQuestionSaysWhatAndShowsTheFilmAroundIt() {
        PassQuestion question =
                ask(Aim.ANSWERS, Optional.empty(), Set.of(), BOUT).get(1);
        assertThat(question.words())
                .isEqualTo("Juno: frame. Does it answer Pip\u2019s knee cut, nearly, knee line, 2.0 s before?");
        assertThat(question.fromMicros()).as("the attack is seen too").isEqualTo(18_000_000);
        assertThat(question.toMicros()).isGreaterThan(22_000_000);
        assertThat(question.about()).isEqualTo(PassQuestion.About.ANSWER);
    }

    @Test
    void whatWasCoveredInItsLayerIsNotAskedAgain() {
        Bout covered = BOUT.with(
                BOUT.header().with(BOUT.header().footage().covering(new Covered(Layer.ANSWERS, 0, 25_000_000, true))));
        assertThat(asked(Aim.ANSWERS, covered)).containsExactly("m4", "m6");
        assertThat(asked(Aim.GRIPS, covered)).as("another layer").hasSize(2);
    }

    @Test
    void whatWasLongAgoIsNotAskedAbout() {
        Bout slow = Bouts.of("0:10 A guard-pull; held", "0:26 B knee-cut", "0:40 A frame", "0:41 A hip-escape");
        assertThat(asked(Aim.ANSWERS, slow)).as("16, 14 and 15 seconds later").containsExactly("m3", "m4");
    }

    @Test
    void aPassCanKeepToOnePosition() {
        assertThat(ask(Aim.ERRORS, Optional.of("side-control"), Set.of(), BOUT)).isEmpty();
        assertThat(ask(Aim.ERRORS, Optional.of("open-guard"), Set.of(), BOUT)).hasSize(3);
    }

    @Test
    void aSettledQuestionIsAskedNoMore() {
        assertThat(ask(Aim.ANSWERS, Optional.empty(), Set.of("answers to knee-cut"), BOUT).stream()
                        .map(PassQuestion::momentId))
                .as("m3 followed the knee cut")
                .containsExactly("m2", "m4", "m6");
    }

    @Test
    void howAnAttackIsAnsweredIsSettledByEnoughLinkedAnswersOnly() {
        assertThat(AnswerNeeds.settled(Set.of("Juno"), Corpus.of(List.of(answered(2, true)), LEXICON)))
                .isEmpty();
        assertThat(AnswerNeeds.settled(Set.of("Juno"), Corpus.of(List.of(answered(12, true)), LEXICON)))
                .containsExactly("knee-cut");
        assertThat(AnswerNeeds.settled(Set.of("Juno"), Corpus.of(List.of(answered(12, false)), LEXICON)))
                .as("what merely followed settles nothing")
                .isEmpty();
    }

    private static Bout answered(int times, boolean linked) {
        List<String> lines = new ArrayList<>(List.of("0:05 A guard-pull; held"));
        for (int i = 0; i < times; i++) {
            lines.add("0:%02d B knee-cut; nearly".formatted(10 + 4 * i));
            lines.add("0:%02d A frame; shown%s".formatted(12 + 4 * i, linked ? "; answers m" + (2 + 2 * i) : ""));
        }
        return Bouts.of(lines.toArray(String[]::new));
    }
}
