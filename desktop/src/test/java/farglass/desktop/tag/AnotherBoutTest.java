package farglass.desktop.tag;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.change.Change;
import farglass.desktop.BlankFilm;
import farglass.desktop.TestDesk;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Spot;
import farglass.desktop.screening.Player;
import farglass.desktop.tag.page.TagModel;
import java.nio.file.Path;
import java.util.Optional;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was begun in one bout does not go on in the next. */
class AnotherBoutTest {
    @TempDir
    Path folder;

    private TestDesk test;
    private Player player;
    private TagModel model;

    private static Change bout(String id) {
        return Change.added(TestDesk.bout(
                "id: %s\nA: Juno\nB: Pip\nfilm: x.mp4\n0:10 A guard-pull; held\n1:00 B knee-cut\n".formatted(id)));
    }

    @BeforeEach
    void lay() throws Exception {
        test = new TestDesk(folder, bout("one"), bout("two"));
        player = new Player(Runnable::run, Runnable::run);
        Settings settings = Settings.read(folder.resolve("none"));
        model = test.asked(() -> new TagModel(test.desk(), player, settings));
        open("one");
    }

    @AfterEach
    void clear() {
        test.close();
    }

    private void open(String bout) throws Exception {
        test.onScreen(() -> test.desk().navigation().show(new Spot(bout, Optional.empty())));
        test.settle();
        test.onScreen(() -> {
            player.show(Optional.of(new BlankFilm(300_000_000)));
            player.seek(0);
        });
    }

    private int moments(String bout) {
        return test.desk().contents().bout(bout).orElseThrow().moments().size();
    }

    @Test
    void theStopwatchBegunInOneBoutTimesNothingInAnother() throws Exception {
        test.onScreen(() -> {
            player.seek(5_000_000);
            model.stopwatch().key();
        });
        open("two");
        test.onScreen(() -> {
            player.seek(90_000_000);
            model.stopwatch().key();
        });
        test.settle();
        assertThat(moments("two")).as("it has only begun").isEqualTo(2);
        test.onScreen(() -> {
            player.seek(92_000_000);
            model.stopwatch().key();
        });
        test.settle();
        assertThat(moments("two")).isEqualTo(3);
        assertThat(moments("one")).isEqualTo(2);
    }

    @Test
    void aBoutIsNotShownSlowlyBecauseAnExchangeOfTheLastOneWas() throws Exception {
        test.onScreen(() -> {
            player.seek(62_000_000);
            model.repeats().again();
            model.repeats().again();
        });
        assertThat(player.speedProperty().get()).isLessThan(1);
        open("two");
        assertThat(player.speedProperty().get()).isEqualTo(1);
    }

    @Test
    void aLoopOfOneBoutIsOffInAnotherAndItsBeginningForgotten() throws Exception {
        test.onScreen(() -> {
            player.seek(10_000_000);
            model.repeats().loopKey();
        });
        open("two");
        test.onScreen(() -> {
            player.seek(20_000_000);
            model.repeats().loopKey();
        });
        assertThat(model.repeats().loopProperty().get()).as("it begins here").isEmpty();
        test.onScreen(() -> {
            player.seek(25_000_000);
            model.repeats().loopKey();
        });
        assertThat(model.repeats().loopProperty().get()).contains(new Repeats.Loop(20_000_000, 25_000_000));
        open("one");
        assertThat(model.repeats().loopProperty().get()).isEmpty();
    }

    @Test
    void wordsBegunAndAQuestionOpenAreLeftBehind() throws Exception {
        test.onScreen(() -> {
            model.line().textProperty().set("knee cu");
            model.choice().only("m1");
        });
        open("two");
        assertThat(model.line().textProperty().get()).isEmpty();
        assertThat(model.choice().chosen())
                .as("m1 of the other bout is another")
                .isEmpty();
        test.onScreen(() -> {
            model.line().textProperty().set("@0:20 a knee cut");
            model.scribe().commit();
            model.scribe().pick(1);
        });
        test.settle();
        open("one");
        assertThat(model.fan().openProperty().get()).isEmpty();
        assertThat(moments("one")).isEqualTo(2);
    }
}
