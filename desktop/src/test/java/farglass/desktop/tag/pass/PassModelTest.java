package farglass.desktop.tag.pass;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Covered;
import farglass.core.bout.Moment;
import farglass.core.fact.Fact;
import farglass.core.fact.Layer;
import farglass.core.fact.Mistake;
import farglass.core.pass.Aim;
import farglass.core.pass.PassQuestion;
import farglass.desktop.tag.TagDesk;
import farglass.desktop.tag.pass.PassModel.Reply;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A pass asks each thing once, writes what was answered in one act, and counts nothing as looked at that was not. */
class PassModelTest {
    @TempDir
    Path folder;

    private TagDesk tag;
    private PassModel pass;

    @BeforeEach
    void lay() throws Exception {
        tag = new TagDesk(
                folder,
                TagDesk.bout(
                        "one",
                        "0:10 A guard-pull; held; -> open-guard, B on top",
                        "0:20 B knee-cut; failed",
                        "0:22 A frame",
                        "0:40 B knee-cut; failed",
                        "0:42 A frame",
                        "1:00 B knee-cut; failed",
                        "1:02 A frame",
                        "1:20 B toreando; failed",
                        "1:22 A hip-escape"));
        tag.open("one");
        pass = tag.model().passes();
    }

    @AfterEach
    void clear() {
        tag.close();
    }

    private void begin(Aim aim) throws Exception {
        tag.done(() -> pass.begin(aim, Optional.empty()));
    }

    private Optional<String> asked() throws Exception {
        return tag.asked(() -> pass.questionProperty().get().map(PassQuestion::momentId));
    }

    private List<String> together() throws Exception {
        return tag.asked(
                () -> pass.together().stream().map(PassQuestion::momentId).toList());
    }

    private void reply(Reply reply) throws Exception {
        tag.done(() -> pass.reply(reply));
    }

    /** Goes on until the alike ones are asked together. */
    private void toTheFrames() throws Exception {
        begin(Aim.ANSWERS);
        for (int i = 0; i < 9 && !together().contains("m3"); i++) {
            reply(Reply.SKIP);
        }
        assertThat(together()).containsExactly("m3", "m5", "m7");
    }

    private Optional<String> answers(String id) throws Exception {
        return tag.saved().moment(id).orElseThrow().telling().answers();
    }

    private static boolean isUnknown(Moment moment) {
        return moment.telling().unknown(Fact.Field.ANSWERS);
    }

    @Test
    void whatIsSaidToSeveralIsWrittenOfEachAndUndoneAtOnce() throws Exception {
        toTheFrames();
        reply(Reply.YES);
        assertThat(answers("m3")).contains("m2");
        assertThat(answers("m5")).contains("m4");
        assertThat(answers("m7")).contains("m6");
        assertThat(asked()).as("and goes on").isNotEqualTo(Optional.of("m3"));
        tag.undo();
        assertThat(answers("m3")).isEmpty();
        assertThat(answers("m5")).isEmpty();
        assertThat(answers("m7")).isEmpty();
    }

    @Test
    void whatIsLeftOutOfSeveralIsAskedByItself() throws Exception {
        toTheFrames();
        tag.onScreen(() -> pass.turn(1));
        assertThat(asked()).as("the second is shown").contains("m5");
        tag.onScreen(pass::leaveOut);
        reply(Reply.YES);
        assertThat(answers("m3")).contains("m2");
        assertThat(answers("m5")).as("left out").isEmpty();
        assertThat(asked()).as("asked next, alone").contains("m5");
        assertThat(together()).isEmpty();
        reply(Reply.CANNOT_TELL);
        assertThat(answers("m5")).isEmpty();
        assertThat(isUnknown(tag.saved().moment("m5").orElseThrow())).isTrue();
        assertThat(isUnknown(tag.saved().moment("m3").orElseThrow())).isFalse();
    }

    @Test
    void leavingOutAndTakingBackInLeavesNothingOut() throws Exception {
        toTheFrames();
        tag.onScreen(pass::leaveOut);
        tag.onScreen(pass::leaveOut);
        reply(Reply.NO);
        assertThat(asked().filter(List.of("m3", "m5", "m7")::contains)).isEmpty();
        assertThat(answers("m3")).isEmpty();
    }

    @Test
    void turningGoesRoundBothWays() throws Exception {
        toTheFrames();
        tag.onScreen(() -> pass.turn(-1));
        assertThat(asked()).contains("m7");
        tag.onScreen(() -> pass.turn(1));
        assertThat(asked()).contains("m3");
        assertThat(tag.chosen()).as("what is asked about is what keys act on").containsExactly("m3");
    }

    @Test
    void askedOneByOneEachStandsAlone() throws Exception {
        toTheFrames();
        reply(Reply.ONE_BY_ONE);
        assertThat(asked()).contains("m3");
        assertThat(together()).isEmpty();
        reply(Reply.NO);
        assertThat(asked()).contains("m5");
        reply(Reply.NO);
        assertThat(asked()).contains("m7");
    }

    @Test
    void aReplyTakenBackIsAskedAgain() throws Exception {
        toTheFrames();
        reply(Reply.ONE_BY_ONE);
        reply(Reply.YES);
        assertThat(asked()).contains("m5");
        tag.undo();
        reply(Reply.SKIP);
        assertThat(asked()).as("not told any more").contains("m3");
    }

    @Test
    void whenAllIsAnsweredTheWholeBoutCountsAndWhatWasPutOffDoesNot() throws Exception {
        begin(Aim.ANSWERS);
        for (int i = 0; i < 20 && asked().isPresent(); i++) {
            reply(Reply.NO);
        }
        assertThat(asked()).isEmpty();
        assertThat(tag.saved().header().covered())
                .filteredOn(covered -> covered.layer() == Layer.ANSWERS)
                .singleElement()
                .satisfies(covered -> assertThat(covered.fromMicros()).isZero());
        assertThat(tag.message()).contains("nothing left to ask");
    }

    @Test
    void whatWasPutOffIsNotLookedAtAndIsAskedWhenOneBeginsAgain() throws Exception {
        begin(Aim.ANSWERS);
        Optional<String> first = asked();
        for (int i = 0; i < 20 && asked().isPresent(); i++) {
            reply(Reply.SKIP);
        }
        assertThat(tag.saved().header().covered())
                .filteredOn(covered -> covered.layer() == Layer.ANSWERS)
                .isEmpty();
        assertThat(tag.message()).contains("put off");
        begin(Aim.ANSWERS);
        assertThat(asked()).isEqualTo(first);
    }

    @Test
    void whatIsPutOffBetweenTwoAnsweredIsNotCovered() throws Exception {
        toTheFrames();
        reply(Reply.ONE_BY_ONE);
        reply(Reply.NO);
        reply(Reply.SKIP);
        reply(Reply.NO);
        List<Covered> covered = tag.saved().header().covered().stream()
                .filter(each -> each.layer() == Layer.ANSWERS)
                .toList();
        assertThat(covered).isNotEmpty();
        assertThat(covered)
                .as("the moment at 0:42 was put off")
                .noneMatch(each -> each.fromMicros() <= 42 * TagDesk.SECOND && each.toMicros() > 42 * TagDesk.SECOND);
    }

    @Test
    void anotherBoutEndsThePassAndLooksAtNothing() throws Exception {
        begin(Aim.ANSWERS);
        assertThat(asked()).isPresent();
        tag.test().desk().change("Another", TagDesk.bout("two", "0:10 A guard-pull; held", "0:20 B knee-cut; failed"));
        tag.test().settle();
        tag.open("two");
        assertThat(asked()).isEmpty();
        assertThat(tag.saved().header().covered())
                .filteredOn(covered -> covered.layer() == Layer.ANSWERS)
                .isEmpty();
        tag.open("one");
        assertThat(asked()).isEmpty();
    }

    @Test
    void anErrorIsTypedAndThenThePassGoesOn() throws Exception {
        begin(Aim.ERRORS);
        String first = asked().orElseThrow();
        reply(Reply.YES);
        assertThat(asked()).as("it waits for the words").contains(first);
        String begun = tag.asked(() -> tag.model().line().textProperty().get());
        assertThat(begun).endsWith("; mistake \"");
        tag.done(() -> {
            tag.model().line().textProperty().set(begun + "elbow away\"");
            tag.model().scribe().commit();
        });
        assertThat(tag.saved().moment(first).orElseThrow().telling().facts(Mistake.class))
                .extracting(Mistake::code)
                .containsExactly("elbow away");
        assertThat(asked()).isNotEqualTo(Optional.of(first));
    }
}
