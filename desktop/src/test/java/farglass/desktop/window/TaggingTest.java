package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Segment;
import farglass.core.change.Change;
import farglass.core.fact.Certainty;
import farglass.core.fact.Drawing;
import farglass.core.fact.Fact;
import farglass.core.fact.Layer;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.pass.Aim;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.desktop.desk.Spot;
import farglass.film.video.Clip;
import farglass.film.video.VideoFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.LongStream;
import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** One bout is taken apart in a real window, by keys and by the mouse, on a real film. */
class TaggingTest extends OnStage {
    private Path film;

    @BeforeEach
    void openABout() throws Exception {
        Files.createDirectories(folder.resolve("films"));
        film = Clip.write(
                folder.resolve("films/bout.mp4"),
                "mpeg4",
                320,
                180,
                50,
                2,
                LongStream.range(0, 1000).map(i -> i * 40).toArray());
        libraryWith(BoutFile.parse(
                        """
                        far-glass bout 1
                        id: b
                        A: Runa Castellan
                        A kit: white gi
                        B: Wilma Ferreby
                        B kit: blue gi
                        film: films/bout.mp4 from 0:00
                        covered: story 0:00 to 0:01
                        0:02 B guard-pull; held
                        0:06 A knee-cut; nearly; line knee
                        0:07.2 B frame; shown
                        0:12 A toreando; threatened; unsure
                        0:20 - stop edge
                        0:24 - restart neutral
                        """,
                        Lexicon.shipped())
                .bout()
                .orElseThrow());
        showInTag("b");
    }

    @Override
    <T> T onScreen(java.util.concurrent.Callable<T> work) throws Exception {
        return Platform.isFxApplicationThread() ? work.call() : super.onScreen(work);
    }

    private Bout bout() throws Exception {
        // Within a condition that is awaited nothing can be waited for: it holds up the very thread that would save.
        if (!Platform.isFxApplicationThread()) {
            await("everything is saved", () -> text("#saved").equals("all saved"));
        }
        return desk().contents().bout("b").orElseThrow();
    }

    private Moment last() throws Exception {
        return bout().moments().stream()
                .filter(moment -> !moment.id().startsWith("m"))
                .max(java.util.Comparator.comparing(Moment::id))
                .orElseThrow();
    }

    private void at(String clock) throws Exception {
        await("the film is at " + clock, () -> text("#clock").equals(clock));
    }

    @SuppressWarnings("unchecked")
    private ListView<Object> ledger() {
        return (ListView<Object>) workbench.lookup("#ledger");
    }

    /** {@return the number of the first pick that is something an athlete does} */
    private int numberOfADeed() throws Exception {
        return onScreen(() -> {
            for (int i = 1; i <= 9; i++) {
                String words = ((javafx.scene.control.Button) workbench.lookup("#pick-" + i)).getText();
                if (!words.contains("Given") && !words.contains("Stopped") && !words.contains("Restart")) {
                    return i;
                }
            }
            throw new AssertionError("No pick is a deed");
        });
    }

    @Test
    void aPickAndASecondKeyTellWhoWhatWhichSideAndWhatBecameOfIt() throws Exception {
        press(KeyCode.PAGE_DOWN);
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        at("0:07.0");
        press(KeyCode.valueOf("DIGIT" + numberOfADeed()));
        await("the fan asks", () -> text("#fan-question").contains("What became of it?"));
        Moment picked = last();
        assertThat(picked.telling().became()).as("never filled in from habit").isEmpty();
        assertThat(picked.telling().side()).isEmpty();
        press(KeyCode.K);
        assertThat(bout().moment(picked.id()).orElseThrow().telling().became().isPresent()
                        || bout().moment(picked.id())
                                .orElseThrow()
                                .telling()
                                .stage()
                                .isPresent())
                .isTrue();
        bout().moment(picked.id()).orElseThrow().telling().side().ifPresent(side -> assertThat(side.side())
                .isEqualTo(Side.RIGHT));
        int count = bout().moments().size();
        press(KeyCode.PERIOD);
        await(
                "a mark is there",
                () -> desk().contents().bout("b").orElseThrow().moments().size() == count + 1);
        assertThat(last().deed()).isEqualTo(new Deed.Mark());
    }

    @Test
    void theSameByMouseAlone() throws Exception {
        robot.clickOn("#pick-" + numberOfADeed());
        await("the fan asks", () -> text("#fan-question").contains("What became of it?"));
        robot.clickOn("#fan-d");
        Moment told = last();
        assertThat(told.telling().became().isPresent() || told.telling().stage().isPresent())
                .isTrue();
        robot.clickOn("#mark");
        await(
                "a mark is there",
                () -> desk().contents().bout("b").orElseThrow().moments().size() == 8);
    }

    @Test
    void chosenMomentsAreChangedTogetherSplitMergedAndLinked() throws Exception {
        press(KeyCode.DOWN);
        press(KeyCode.DOWN);
        press(KeyCode.SHIFT, KeyCode.DOWN);
        type("unsure");
        assertThat(text("#meaning")).contains("all 2 chosen moments");
        press(KeyCode.ENTER);
        assertThat(bout().moments().get(1).telling().certainty()).isEqualTo(Certainty.UNSURE);
        assertThat(bout().moments().get(2).telling().certainty()).isEqualTo(Certainty.UNSURE);
        press(KeyCode.SHORTCUT, KeyCode.U);
        assertThat(bout().moments().get(1).actor()).contains(Seat.B);
        assertThat(bout().moments().get(2).actor()).contains(Seat.A);
        press(KeyCode.SHORTCUT, KeyCode.Z);
        await("undone at once", () -> desk().contents()
                .bout("b")
                .orElseThrow()
                .moments()
                .get(1)
                .actor()
                .equals(Optional.of(Seat.A)));
        press(KeyCode.ESCAPE);
        press(KeyCode.HOME);
        press(KeyCode.DOWN);
        press(KeyCode.DOWN);
        press(KeyCode.DOWN);
        press(KeyCode.SHORTCUT, KeyCode.G);
        assertThat(bout().moments().get(2).telling().answers()).contains("m2");
        press(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.G);
        assertThat(bout().moments().get(2).telling().answers()).isEmpty();
        press(KeyCode.SHORTCUT, KeyCode.A);
        press(KeyCode.ESCAPE);
        press(KeyCode.HOME);
        press(KeyCode.DOWN);
        press(KeyCode.DOWN);
        press(KeyCode.SHORTCUT, KeyCode.I);
        type("left");
        press(KeyCode.ENTER);
        assertThat(bout().moments()).hasSize(7);
        assertThat(bout().moments().get(2).telling().side()).isPresent();
        press(KeyCode.HOME);
        press(KeyCode.DOWN);
        press(KeyCode.DOWN);
        press(KeyCode.SHIFT, KeyCode.DOWN);
        press(KeyCode.SHORTCUT, KeyCode.M);
        assertThat(bout().moments()).hasSize(6);
        assertThat(bout().moment("m2").orElseThrow().telling().became()).contains(Became.NEARLY);
    }

    @Test
    void aMomentIsNudgedByAFrameEditedInItsPlaceFoundAndFolded() throws Exception {
        press(KeyCode.DOWN);
        press(KeyCode.DOWN);
        at("0:06.0");
        press(KeyCode.ALT, KeyCode.LEFT);
        await(
                "it is a frame earlier",
                () -> desk().contents()
                                .bout("b")
                                .orElseThrow()
                                .moment("m2")
                                .orElseThrow()
                                .atMicros()
                                .getAsLong()
                        == 5_960_000);
        press(KeyCode.ENTER);
        await("its words are a field in its row", () -> workbench.lookup("#editor") != null);
        type("hip");
        press(KeyCode.ENTER);
        assertThat(bout().moment("m2").orElseThrow().telling().line()).contains(farglass.core.side.Line.HIP);
        press(KeyCode.SHORTCUT, KeyCode.F);
        type("toreando");
        await("one row is left", () -> ledger().getItems().size() == 1);
        press(KeyCode.ESCAPE);
        await("all rows are back", () -> ledger().getItems().size() == 6);
        press(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.W);
        await("exchanges are folded", () -> ledger().getItems().size() < 6);
        press(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.W);
        await("and unfolded", () -> ledger().getItems().size() == 6);
    }

    @Test
    void theFilmIsJumpedLoopedTimedAndMarked() throws Exception {
        press(KeyCode.SHORTCUT, KeyCode.J);
        press(KeyCode.SHORTCUT, KeyCode.J);
        assertThat(text("#message")).isEmpty();
        press(KeyCode.PAGE_DOWN);
        await("there is no score to jump to", () -> text("#message").contains("There is no score after here"));
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        at("0:05.0");
        press(KeyCode.EQUALS);
        press(KeyCode.RIGHT);
        press(KeyCode.RIGHT);
        var tag = workbench.shell().orElseThrow().tag();
        await("two frames on", () -> tag.playhead().micros().orElse(0) >= 5_079_000);
        press(KeyCode.EQUALS);
        await("the interval is kept", () -> desk().contents().bout("b").orElseThrow().moments().stream()
                .anyMatch(moment -> moment.deed() instanceof Deed.Timed));
        Deed.Timed timed = bout().moments().stream()
                .map(Moment::deed)
                .filter(Deed.Timed.class::isInstance)
                .map(Deed.Timed.class::cast)
                .findFirst()
                .orElseThrow();
        assertThat(timed.words()).isEqualTo("0.08 s, give or take 0.04 s");
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        press(KeyCode.F6);
        await("a replay begins", () -> bout().header().footage().segments().size() == 1);
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        press(KeyCode.F5);
        await("and ends", () -> bout().header()
                .footage()
                .segments()
                .equals(List.of(
                        new Segment(Segment.Kind.REPLAY, 10_080_000, 15_080_000, java.util.OptionalLong.empty()))));
        press(KeyCode.SLASH);
        press(KeyCode.SHIFT, KeyCode.LEFT);
        press(KeyCode.SLASH);
        await("it plays over and over", () -> text("#message").startsWith("Looping"));
        press(KeyCode.SLASH);
        press(KeyCode.SPACE);
        robot.drag(workbench.lookup("#tide"), MouseButton.PRIMARY).drop();
        await(
                "a click on the tide sought",
                () -> text("#clock").startsWith("0:1") || text("#clock").startsWith("0:2"));
    }

    @Test
    void theLastExchangeIsShownAgainSlowerAtEachPressAndThePictureCloser() throws Exception {
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        at("0:10.0");
        press(KeyCode.COMMA);
        assertThat(text("#message")).isEqualTo("Again from 0:06.0, at 1.0 times.");
        press(KeyCode.COMMA);
        assertThat(text("#message")).isEqualTo("Again from 0:06.0, at 0.5 times.");
        press(KeyCode.COMMA);
        assertThat(text("#message")).isEqualTo("Again from 0:06.0, at 0.25 times.");
        press(KeyCode.SPACE);
        press(KeyCode.SHORTCUT, KeyCode.EQUALS);
        press(KeyCode.SHORTCUT, KeyCode.EQUALS);
        javafx.scene.image.ImageView picture =
                (javafx.scene.image.ImageView) workbench.lookup(".film").lookup(".image-view");
        javafx.scene.layout.Region view = (javafx.scene.layout.Region) workbench.lookup(".film");
        assertThat(picture.getFitWidth()).isGreaterThan(1.5 * view.getWidth());
        press(KeyCode.SHORTCUT, KeyCode.RIGHT);
        assertThat(picture.getLayoutX() + picture.getFitWidth())
                .as("never a gap at an edge")
                .isGreaterThanOrEqualTo(view.getWidth() - 0.5);
        press(KeyCode.SHORTCUT, KeyCode.DIGIT0);
        assertThat(picture.getFitWidth()).isLessThanOrEqualTo(view.getWidth() + 0.5);
    }

    @Test
    void aPassAsksOneThingAtATimeAndCoversWhatItAsked() throws Exception {
        onScreen(() -> {
            workbench.lookup("#pass").requestFocus();
            return null;
        });
        press(KeyCode.SHORTCUT, KeyCode.P);
        robot.clickOn("Answers: 3 to ask");
        await("the first question stands", () -> text("#question-words")
                .contains("knee cut, nearly, knee line. Does it answer"));
        press(KeyCode.N);
        await("the other of hers stands", () -> text("#question-words").contains("toreando"));
        press(KeyCode.U);
        await("the other athlete's comes last", () -> text("#question-words").contains("frame. Does it answer"));
        press(KeyCode.Y);
        await("it ends", () -> text("#message").contains("there is nothing left to ask"));
        assertThat(bout().moment("m3").orElseThrow().telling().answers()).contains("m2");
        assertThat(bout().moment("m4").orElseThrow().telling().unknown(Fact.Field.ANSWERS))
                .isTrue();
        assertThat(bout().header().covered()).contains(new Covered(Layer.ANSWERS, 0, 24_000_000, true));
    }

    @Test
    void withoutAFilmTheHallsClockTimesAndTheFilmIsLaidUnderItLater() throws Exception {
        press(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.L);
        await(
                "the clock runs on from the last moment",
                () -> text("#clock").startsWith("0:2") && !text("#clock").equals("0:24.0"));
        press(KeyCode.PERIOD);
        Moment live = last();
        assertThat(live.atMicros().getAsLong()).isGreaterThan(23_000_000);
        press(KeyCode.SPACE);
        String stopped = text("#clock");
        org.testfx.util.WaitForAsyncUtils.waitForFxEvents(10);
        assertThat(text("#clock")).isEqualTo(stopped);
        press(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.L);
        press(KeyCode.HOME);
        press(KeyCode.DOWN);
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        press(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.B);
        await("the film is laid under it", () -> bout().header().films().get(0).startMicros() > 0);
        long start = bout().header().films().get(0).startMicros();
        assertThat(bout().moments().get(0).atMicros()).hasValue(2_000_000);
        assertThat(start).isEqualTo(5_000_000);
    }

    @Test
    void aFilmThatMovedIsFoundAgainAndAReelIsCutFromIt() throws Exception {
        onScreen(() -> {
            workbench.closeLibrary();
            return null;
        });
        Files.createDirectories(folder.resolve("elsewhere"));
        Files.move(film, folder.resolve("elsewhere/bout.mp4"));
        onScreen(() -> {
            workbench.open(folder.resolve("matches.farglass"));
            return null;
        });
        await("it is open again", this::isOpen);
        onScreen(() -> {
            desk().navigation().show(new Spot("b", Optional.empty()));
            return null;
        });
        at("0:00.0");
        await(
                "the new place is kept",
                () -> bout().header().films().get(0).path().contains("elsewhere"));
        press(KeyCode.SHORTCUT, KeyCode.A);
        press(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.R);
        fill("seconds-before", "0");
        fill("seconds-after", "x");
        robot.clickOn("Choose where\u2026");
        await(
                "nonsense is refused",
                () -> workbench.lookup(".problem") instanceof Label problem
                        && problem.getText().startsWith("Both are seconds"));
        fill("seconds-after", "0.2");
        Path reel = folder.resolve("reel.mp4");
        chosen.add(reel);
        robot.clickOn("Choose where\u2026");
        await("the reel is written", () -> text("#message").startsWith("The reel"));
        try (VideoFile cut = VideoFile.open(reel, share -> {}, () -> false)) {
            assertThat(cut.lastMicros()).isEqualTo(6 * 200_000 - 40_000);
        }
    }

    @Test
    void anArrowIsDrawnByKeysAndThePictureIsLookedAtCloser() throws Exception {
        press(KeyCode.DOWN);
        press(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.A);
        press(KeyCode.ENTER);
        press(KeyCode.SHIFT, KeyCode.RIGHT);
        press(KeyCode.DOWN);
        press(KeyCode.ENTER);
        await("the arrow is with its moment", () -> bout().moment("m1")
                .orElseThrow()
                .telling()
                .facts(Drawing.class)
                .anyMatch(drawing -> drawing.corners().equals(List.of(0.5, 0.5, 0.55, 0.51))));
        press(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.O);
        robot.drag(workbench.lookup("#drawing-sheet"), MouseButton.PRIMARY)
                .moveBy(30, 0)
                .drop();
        await(
                "and so is the ring",
                () -> bout().moment("m1")
                                .orElseThrow()
                                .telling()
                                .facts(Drawing.class)
                                .count()
                        == 2);
    }

    @Test
    void aSecondWindowShowsTheSameBoutAndClosesWithTheFirst() throws Exception {
        press(KeyCode.SHORTCUT, KeyCode.ALT, KeyCode.N);
        await("two windows are open", () -> javafx.stage.Window.getWindows().size() == 2);
        onScreen(() -> {
            workbench.closeLibrary();
            return null;
        });
        await("one is left", () -> javafx.stage.Window.getWindows().size() == 1);
        try (farglass.library.Library library = farglass.library.Library.open(
                folder.resolve("matches.farglass"), java.time.Clock.systemUTC(), "check")) {
            assertThat(library.readOnly()).as("nobody holds it any more").isEmpty();
        }
    }

    @Test
    void whatWasUnsureIsLookedAtAgainThroughTheOtherCamera() throws Exception {
        Path second = Files.copy(film, folder.resolve("films/across.mp4"));
        Bout told = bout();
        desk().change(
                        "Second camera",
                        Change.of(
                                told,
                                told.with(told.header()
                                        .withFilms(List.of(
                                                told.header().films().get(0),
                                                new farglass.core.bout.FilmLink(second.toString(), 1_000_000))))))
                .get(20, java.util.concurrent.TimeUnit.SECONDS);
        press(KeyCode.SHORTCUT, KeyCode.P);
        robot.clickOn("Rewatch: 1 to ask");
        await("it asks", () -> text("#question-words").contains("It was marked unsure"));
        var tag = workbench.shell().orElseThrow().tag();
        assertThat(onScreen(() -> tag.playhead().film().cameraProperty().get())).isEqualTo(1);
        await(
                "the film loops round the moment",
                () -> tag.playhead().player().playingProperty().get()
                        && tag.playhead().micros().orElse(0) >= 9_900_000
                        && tag.playhead().micros().orElse(0) <= 13_600_000);
        press(KeyCode.Y);
        await("it ends", () -> text("#message").contains("nothing left to ask"));
        assertThat(bout().moment("m4").orElseThrow().telling().certainty()).isEqualTo(Certainty.SURE);
    }

    @Test
    void aWordThatNamesNothingIsMarkedAndCanBecomeOneOfOurs() throws Exception {
        type("a flurgle");
        await("it is said before it is saved", () -> text("#remarks").contains("names nothing here"));
        press(KeyCode.ALT, KeyCode.W);
        type("knee cut");
        press(KeyCode.ENTER);
        await("the line is understood", () -> text("#meaning").contains("Runa: Knee cut"));
        press(KeyCode.ENTER);
        assertThat(last().deed()).isEqualTo(new Deed.Did("knee-cut"));
    }

    @Test
    void alikeQuestionsAreAskedTogetherAndWhatIsLeftOutByItself() throws Exception {
        onScreen(() -> {
            Bout told = desk().contents().bout("b").orElseThrow();
            List<String> lines = new java.util.ArrayList<>();
            for (int i = 0; i < 4; i++) {
                lines.add("0:%02d A knee-cut; nearly".formatted(25 + 3 * i));
                lines.add("0:%02d B hip-escape".formatted(26 + 3 * i));
            }
            Bout more = BoutFile.parse(BoutFile.print(told) + String.join("\n", lines) + "\n", Lexicon.shipped())
                    .bout()
                    .orElseThrow();
            desk().change("More", Change.of(told, more));
            return null;
        });
        await("they are there", () -> bout().moments().size() == 14);
        onScreen(() -> {
            workbench.shell().orElseThrow().tag().passes().begin(Aim.ANSWERS, Optional.empty());
            return null;
        });
        await("a question stands", () -> !text("#question-words").isEmpty());
        for (int i = 0; i < 12 && !text("#question-words").startsWith("4 times Wilma: hip escape"); i++) {
            press(KeyCode.S);
        }
        assertThat(text("#question-words")).startsWith("4 times Wilma: hip escape after Runa\u2019s knee cut");
        press(KeyCode.DOWN);
        press(KeyCode.X);
        press(KeyCode.Y);
        await(
                "three are linked",
                () -> bout().moments().stream()
                                .filter(moment -> moment.telling().answers().isPresent())
                                .count()
                        == 3);
        await("the fourth is asked by itself", () -> text("#question-words")
                .startsWith("Wilma: hip escape. Does it answer"));
        press(KeyCode.SHORTCUT, KeyCode.Z);
        await("one undo takes all of it back", () -> bout().moments().stream()
                .noneMatch(moment -> moment.telling().answers().isPresent()));
        press(KeyCode.N);
        await("who takes a reply back is asked again", () -> text("#question-words")
                .startsWith("Wilma: hip escape. Does it answer"));
        assertThat(bout().header().covered())
                .as("what was taken back does not count as looked through")
                .noneMatch(stretch -> stretch.layer() == Layer.ANSWERS
                        && stretch.fromMicros() <= 26_000_000
                        && stretch.toMicros() > 26_000_000);
        String asked = onScreen(() -> workbench
                .shell()
                .orElseThrow()
                .tag()
                .passes()
                .questionProperty()
                .get()
                .orElseThrow()
                .momentId());
        onScreen(() -> {
            Bout told = desk().contents().bout("b").orElseThrow();
            desk().change("Remove", Change.of(told, told.without(asked)));
            return null;
        });
        await("what is asked about is gone", () -> bout().moment(asked).isEmpty());
        press(KeyCode.Y);
        await("something else is asked", () -> !workbench
                .shell()
                .orElseThrow()
                .tag()
                .passes()
                .questionProperty()
                .get()
                .map(question -> question.momentId())
                .equals(Optional.of(asked)));
    }

    @Test
    void theMouseAloneLeavesOpenWhatBecameOfIt() throws Exception {
        robot.clickOn("#pick-" + numberOfADeed());
        await("the fan asks", () -> text("#fan-question").contains("?"));
        robot.clickOn("#fan-leave");
        await("nothing is asked any more", () -> !workbench.lookup("#fan").isVisible());
        assertThat(last().telling().became()).isEmpty();
    }
}
