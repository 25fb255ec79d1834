package farglass.desktop.tag;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.change.Change;
import farglass.core.fact.Certainty;
import farglass.core.fact.Tie;
import farglass.core.fact.Tied;
import farglass.core.side.Seat;
import farglass.desktop.TestDesk;
import farglass.desktop.desk.Settings;
import farglass.desktop.screening.Player;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Changes to moments that are told already, each one act that is undone at once; without a window. */
class CorrectionsTest {
    private static final String BOUT =
            """
            id: b
            A: Juno
            B: Pip
            0:10 A single-leg; nearly
            0:12 B sprawl; worked
            0:20 A double-leg; nearly
            0:21 B stand-off; worked
            0:30 - mark
            """;

    @TempDir
    Path folder;

    private TestDesk test;
    private Tagging tag;

    @BeforeEach
    void lay() throws Exception {
        test = new TestDesk(folder, Change.added(TestDesk.bout(BOUT)));
        Settings settings = Settings.read(folder.resolve("none"));
        test.onScreen(() -> {
            tag = new Tagging(test.desk(), new Player(Runnable::run, Runnable::run), settings);
            test.desk().contentsProperty().addListener((property, old, now) -> tag.open()
                    .follow());
            tag.open("b");
        });
    }

    @AfterEach
    void clear() {
        test.close();
    }

    private void does(Runnable work) throws Exception {
        test.onScreen(work);
        test.settle();
    }

    private Moment moment(String id) throws Exception {
        return test.asked(() -> tag.open().moment(id).orElseThrow());
    }

    private Bout saved() {
        return test.desk().contents().bout("b").orElseThrow();
    }

    private String said() {
        return test.desk()
                .messages()
                .newestProperty()
                .get()
                .map(message -> message.words())
                .orElse("");
    }

    @Test
    void withNoneChosenNothingHappensButASentence() throws Exception {
        Bout before = saved();
        for (Runnable correction : List.<Runnable>of(
                tag.corrections()::remove,
                tag.corrections()::exchangeActors,
                tag.corrections()::split,
                tag.corrections()::merge,
                tag.corrections()::answersEarlier,
                tag.corrections()::continuesEarlier,
                tag.corrections()::moveHere,
                () -> tag.corrections().nudge(1),
                () -> tag.corrections().tell("held"))) {
            does(correction);
            assertThat(said()).contains("Choose");
        }
        assertThat(saved()).isEqualTo(before);
        assertThat(test.desk().nextUndoProperty().get()).doesNotContain("moment");
    }

    @Test
    void eachPressLinksTheAnswerToTheOneBeforeAndThenThereIsNone() throws Exception {
        does(() -> tag.choice().only("m4"));
        does(tag.corrections()::answersEarlier);
        assertThat(moment("m4").telling().answers()).contains("m3");
        does(tag.corrections()::answersEarlier);
        assertThat(moment("m4").telling().answers()).contains("m1");
        does(tag.corrections()::answersEarlier);
        assertThat(moment("m4").telling().answers()).as("it stays").contains("m1");
        assertThat(said()).contains("no earlier deed");
        does(tag.corrections()::answersNothing);
        assertThat(moment("m4").telling().answers()).isEmpty();
        assertThat(tag.choice().lead()).as("the moment stays chosen").contains("m4");
    }

    @Test
    void aThreadIsDrawnUpwardsAndBetweenTheTwoOnly() throws Exception {
        does(() -> tag.corrections().link("m1", "m4"));
        assertThat(said()).contains("draw the thread upwards");
        does(() -> tag.corrections().link("m3", "m1"));
        assertThat(said()).contains("same athlete");
        does(() -> tag.corrections().link("m4", "m3"));
        assertThat(moment("m4").telling().answers()).contains("m3");
        does(() -> tag.corrections().link("m4", "m4"));
        assertThat(moment("m4").telling().answers())
                .as("nothing answers itself")
                .contains("m3");
    }

    @Test
    void aTryContinuesTheOwnOneBeforeAndAgainIsOneOfItsOwn() throws Exception {
        does(() -> tag.choice().only("m3"));
        does(tag.corrections()::continuesEarlier);
        assertThat(moment("m3").telling().facts()).anyMatch(fact -> fact.ties(Tie.CONTINUES));
        assertThat(moment("m3").telling().facts().stream()
                        .flatMap(fact -> fact.tied().stream())
                        .map(Tied::moment))
                .containsExactly("m1");
        does(tag.corrections()::continuesEarlier);
        assertThat(moment("m3").telling().facts()).noneMatch(fact -> fact.ties(Tie.CONTINUES));
        does(() -> tag.choice().only("m1"));
        does(tag.corrections()::continuesEarlier);
        assertThat(said()).contains("no earlier deed of the same athlete");
    }

    @Test
    void doubtGoesRoundAndTwoCorrectionsInOneBreathAreBothSavedAndUndoneOneByOne() throws Exception {
        CountDownLatch writer = test.asked(test::holdWriter);
        test.onScreen(() -> {
            tag.choice().only("m1");
            tag.corrections().doubt();
            tag.corrections().exchangeActors();
            assertThat(tag.open().pending()).containsExactly("m1");
            assertThat(tag.open().allSaved()).isFalse();
        });
        writer.countDown();
        test.settle();
        assertThat(saved().moment("m1").orElseThrow().actor()).contains(Seat.B);
        assertThat(saved().moment("m1").orElseThrow().telling().certainty()).isEqualTo(Certainty.values()[1]);
        assertThat(test.asked(() -> tag.open().allSaved())).isTrue();
        test.desk().undo();
        test.settle();
        assertThat(moment("m1").actor()).contains(Seat.A);
        assertThat(moment("m1").telling().certainty()).isEqualTo(Certainty.values()[1]);
        test.desk().undo();
        test.settle();
        assertThat(moment("m1").telling().certainty()).isEqualTo(Certainty.SURE);
    }

    @Test
    void severalAreToldAtOnceOrNotAtAll() throws Exception {
        does(() -> tag.choice().choose(List.of("m1", "m3"), Optional.of("m3")));
        does(() -> tag.corrections().tell("held gibberish here"));
        assertThat(said()).contains("Nothing was changed", "gibberish");
        assertThat(moment("m1").succeeded()).isFalse();
        does(() -> tag.corrections().tell("held"));
        assertThat(moment("m1").succeeded()).isTrue();
        assertThat(moment("m3").succeeded()).isTrue();
        test.desk().undo();
        test.settle();
        assertThat(moment("m1").succeeded()).isFalse();
        assertThat(moment("m3").succeeded()).isFalse();
    }

    @Test
    void aMergedMomentIsSplitAgainAndRemovedOnesComeBackTogether() throws Exception {
        does(() -> tag.choice().choose(List.of("m3", "m5"), Optional.of("m5")));
        does(tag.corrections()::merge);
        assertThat(saved().moments()).extracting(Moment::id).containsExactly("m1", "m2", "m3", "m4");
        assertThat(tag.choice().chosen()).containsExactly("m3");
        does(tag.corrections()::split);
        assertThat(saved().moments()).hasSize(5);
        assertThat(test.asked(() -> tag.line().isEditing()))
                .as("the second is to be named")
                .isTrue();
        does(() -> tag.line().clear());
        does(() -> tag.choice().choose(List.of("m1", "m2", "m4"), Optional.of("m1")));
        does(tag.corrections()::remove);
        assertThat(saved().moments()).hasSize(2);
        assertThat(tag.choice().chosen()).isEmpty();
        test.desk().undo();
        test.settle();
        assertThat(saved().moments()).hasSize(5);
    }

    @Test
    void aMomentIsNotMovedBeforeItsBoutNorWhereTheFilmShowsNone() throws Exception {
        does(() -> tag.choice().only("m1"));
        does(tag.corrections()::moveHere);
        assertThat(said()).contains("shows no instant of the bout");
        does(() -> tag.corrections().moveTo("m1", -5_000_000));
        assertThat(moment("m1").atMicros()).hasValue(0);
        does(() -> tag.corrections().nudge(-1));
        assertThat(moment("m1").atMicros()).as("there is nothing before").hasValue(0);
        does(() -> tag.corrections().nudge(1));
        assertThat(moment("m1").atMicros()).hasValue(40_000);
    }
}
