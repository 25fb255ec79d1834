package farglass.desktop.tag.line;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.side.Seat;
import farglass.desktop.tag.TagDesk;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A line is read where the two were at the time it tells of, wherever the film stands, and saved as it was shown. */
class WhereALineIsReadTest {
    @TempDir
    Path folder;

    private TagDesk tag;

    @BeforeEach
    void open() throws Exception {
        tag = new TagDesk(
                folder,
                TagDesk.bout(
                        "x",
                        "0:10 B half-guard-pull; held; -> half-guard, A on top; id pull",
                        "0:40 A underhook; taken; id underhook",
                        "1:00 A pass; held; -> side-control, A on top; id pass",
                        "1:20 - restart neutral; id restart"));
        tag.open("x");
    }

    @AfterEach
    void close() {
        tag.close();
    }

    private String meaning() throws Exception {
        return tag.asked(() -> tag.model().scribe().meaningProperty().get());
    }

    private List<Moment> saved(String line) throws Exception {
        Bout before = tag.saved();
        tag.onScreen(() -> tag.model().line().textProperty().set(line));
        tag.done(tag.model().scribe()::commit);
        return tag.saved().moments().stream()
                .filter(moment -> before.moment(moment.id()).isEmpty())
                .toList();
    }

    @Test
    void atTheTimeWrittenInFrontOfIt() throws Exception {
        tag.seek(90_000_000);
        tag.onScreen(() -> tag.model().line().textProperty().set("@0:50 a flattens"));
        assertThat(meaning()).contains("Flattening");
        assertThat(tag.asked(() -> tag.model().scribe().remarksProperty().get()))
                .as("in half guard nothing is unusual about it")
                .isEmpty();
        assertThat(saved("@0:50 a flattens").get(0).technique()).contains("flatten");
    }

    @Test
    void whatItAnswersIsTheDeedBeforeThatTime() throws Exception {
        tag.seek(200_000_000);
        assertThat(saved("@0:45 b re-pummel answers last").get(0).telling().answers())
                .contains("underhook");
    }

    @Test
    void severalAtThatTimeAreSavedAsTheyWereShown() throws Exception {
        tag.seek(200_000_000);
        tag.onScreen(() -> tag.model().line().textProperty().set("@0:50 b sweeps and goes to deep half guard"));
        assertThat(meaning()).contains("Deep half guard").contains("Pip on top");
        List<Moment> told = saved("@0:50 b sweeps and goes to deep half guard");
        assertThat(told).hasSize(2);
        assertThat(told.get(1).settled().orElseThrow().top()).contains(Seat.B);
    }
}
