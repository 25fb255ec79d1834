package farglass.desktop.tag.line;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Moment;
import farglass.core.fact.Certainty;
import farglass.desktop.tag.TagDesk;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The words of a moment back in the line: only that changes of which they were changed. */
class ChangedWordsTest {
    @TempDir
    Path folder;

    private TagDesk tag;

    @BeforeEach
    void open() throws Exception {
        tag = new TagDesk(
                folder,
                TagDesk.bout(
                        "x",
                        "0:05 - reached; -> mount, A on top; id place",
                        "0:10 A armlock; threatened; id lock",
                        "0:20 A corner \"stay heavy\" followed; id corner",
                        "0:30 A timed to 0:33.2 \"hold of the pass\"; id timed",
                        "0:40 B bridge; held; -> closed-guard, B on top; id bridge",
                        "0:50 A knee-cut; failed; answers bridge; note \"late\"; id cut"));
        tag.open("x");
    }

    @AfterEach
    void close() {
        tag.close();
    }

    private Moment moment(String id) throws Exception {
        return tag.saved().moment(id).orElseThrow();
    }

    private void edit(String id) throws Exception {
        tag.onScreen(() -> {
            tag.model().choice().only(id);
            tag.model().line().editChosen();
        });
    }

    private void type(String text) throws Exception {
        tag.onScreen(() -> tag.model().line().textProperty().set(text));
    }

    private String line() throws Exception {
        return tag.asked(() -> tag.model().line().textProperty().get());
    }

    private String remarks() throws Exception {
        return tag.asked(() -> tag.model().scribe().remarksProperty().get());
    }

    private String meaning() throws Exception {
        return tag.asked(() -> tag.model().scribe().meaningProperty().get());
    }

    private void enter() throws Exception {
        tag.done(tag.model().scribe()::commit);
    }

    @Test
    void enterWithoutAChangeLeavesEveryMomentAsItWas() throws Exception {
        String undo = undo();
        for (Moment before : List.copyOf(tag.saved().moments())) {
            edit(before.id());
            assertThat(remarks()).as(line()).isEmpty();
            enter();
            assertThat(moment(before.id())).as(before.id()).isEqualTo(before);
        }
        assertThat(undo()).as("nothing was done that could be undone").isEqualTo(undo);
    }

    private String undo() {
        return tag.test().desk().library().nextUndo().toString();
    }

    @Test
    void whatIsAddedIsAddedAndNothingIsAskedOfWhatWasThere() throws Exception {
        edit("lock");
        type(line() + "unsure");
        assertThat(meaning()).contains("Armlock");
        assertThat(remarks()).as("which armlock it was is not asked again").isEmpty();
        enter();
        assertThat(moment("lock").technique()).contains("armlock");
        assertThat(moment("lock").telling().certainty()).isEqualTo(Certainty.UNSURE);
        edit("place");
        type(line() + "; note high");
        enter();
        assertThat(moment("place").settled().orElseThrow().top()).isPresent();
        assertThat(moment("place").telling().note()).contains("high");
    }

    @Test
    void whatIsWrittenAnewIsReadAnew() throws Exception {
        edit("cut");
        type("a toreando left failed");
        enter();
        assertThat(moment("cut").technique()).contains("toreando");
        assertThat(moment("cut").telling().note()).as("taken out of the line").isEmpty();
        assertThat(moment("cut").telling().answers()).as("never in the line").contains("bridge");
        edit("lock");
        type("a no such thing");
        assertThat(remarks()).contains("names nothing here");
        enter();
        assertThat(moment("lock").deed().unnamed()).isPresent();
        tag.undo();
        assertThat(moment("lock").technique()).contains("armlock");
    }

    @Test
    void theFanTakesTheLettersOfEitherHandAndLeavesTheRest() throws Exception {
        tag.seek(60 * TagDesk.SECOND);
        type("a knee cut");
        enter();
        FanModel fan = tag.model().fan();
        String id = tag.asked(() -> fan.openProperty().get().orElseThrow().momentId());
        assertThat(tag.asked(() -> fan.takes('f')))
                .as("letters begin a new line until it is asked for")
                .isFalse();
        tag.onScreen(fan::activate);
        assertThat(tag.asked(() -> fan.takes('f'))).isTrue();
        tag.done(() -> fan.type('k'));
        assertThat(moment(id).telling().became().orElseThrow().label()).isEqualTo("nearly");
        assertThat(moment(id).telling().side().orElseThrow().side().label()).isEqualTo("right");
        type("b frame");
        enter();
        String next = tag.asked(() -> fan.openProperty().get().orElseThrow().momentId());
        tag.onScreen(fan::activate);
        tag.onScreen(() -> fan.leaveUnless('q'));
        assertThat(tag.asked(() -> fan.openProperty().get())).isEmpty();
        assertThat(moment(next).telling().became()).as("nothing was told").isEmpty();
    }

    @Test
    void theFanClosesWhereItsMomentIsUndoneOrAnotherIsChosen() throws Exception {
        FanModel fan = tag.model().fan();
        tag.seek(60 * TagDesk.SECOND);
        type("a knee cut");
        enter();
        tag.undo();
        assertThat(tag.asked(() -> fan.openProperty().get())).isEmpty();
        type("a knee cut");
        enter();
        tag.onScreen(() -> tag.model().choice().only("cut"));
        assertThat(tag.asked(() -> fan.openProperty().get())).isEmpty();
    }
}
