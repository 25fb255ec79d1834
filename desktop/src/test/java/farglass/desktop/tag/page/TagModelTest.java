package farglass.desktop.tag.page;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Award;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.change.Change;
import farglass.core.entry.Kind;
import farglass.core.entry.Role;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.pass.Aim;
import farglass.core.pass.PassQuestion;
import farglass.core.scribe.Proposal;
import farglass.core.scribe.Reading;
import farglass.core.side.Seat;
import farglass.core.state.Attempt;
import farglass.desktop.BlankFilm;
import farglass.desktop.TestScreen;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Spot;
import farglass.desktop.screening.Player;
import farglass.desktop.tag.Lag;
import farglass.desktop.tag.ledger.LedgerRow;
import farglass.desktop.tag.pass.PassModel;
import farglass.library.Library;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.beans.InvalidationListener;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Tagging without a window: properties and a library, no node. */
class TagModelTest {
    @TempDir
    Path folder;

    private final TestScreen screen = new TestScreen();
    private Desk desk;
    private Player player;
    private TagModel model;
    private Settings settings;

    @BeforeEach
    void open() throws Exception {
        Bout bout = BoutFile.parse(
                        "far-glass bout 1\nid: b\nA: Juno\nB: Pip\n0:10 A guard-pull; held\n0:12 B stand-off; answers m1\n",
                        Lexicon.shipped())
                .bout()
                .orElseThrow();
        Library library = Library.create(folder.resolve("l.farglass"), Clock.systemUTC(), "t");
        library.change("Add", Change.added(bout));
        desk = new Desk(library, Lexicon.shipped(), screen);
        player = new Player(Runnable::run, Runnable::run);
        settings = Settings.read(folder.resolve("none"));
        model = new TagModel(desk, player, settings);
        onScreen(() -> desk.navigation().show(new Spot("b", Optional.empty())));
    }

    @AfterEach
    void close() throws Exception {
        desk.close();
        screen.close();
    }

    private void onScreen(Runnable work) throws Exception {
        screen.onScreen(work);
    }

    /** Waits until the write that was begun is on disk and shown. */
    private void settle() throws Exception {
        desk.change("nothing").get(20, TimeUnit.SECONDS);
        screen.rest(desk);
    }

    private void film() throws Exception {
        onScreen(() -> {
            Bout bout = model.open().bout().orElseThrow();
            desk.change(
                    "Film",
                    Change.of(bout, bout.with(bout.header().withFilms(List.of(new FilmLink("x.mp4", 2_000_000))))));
        });
        settle();
        onScreen(() -> player.show(Optional.of(new BlankFilm(100_000_000))));
    }

    private Moment typed(String text) throws Exception {
        onScreen(() -> {
            model.line().textProperty().set(text.substring(0, 1));
            model.line().textProperty().set(text);
            model.scribe().commit();
        });
        List<LedgerRow> rows = List.copyOf(model.ledger().rows());
        assertThat(rows)
                .anyMatch(row ->
                        row.state() == LedgerRow.State.PENDING || row.moment().isPresent());
        settle();
        return model.open().bout().orElseThrow().moments().stream()
                .reduce((first, second) -> second)
                .orElseThrow();
    }

    @Test
    void aMomentIsPendingFirstAndSavedOnceItIsOnDisk() throws Exception {
        film();
        onScreen(() -> {
            player.seek(22_000_000);
            model.line().textProperty().set("b knee cut");
            model.scribe().commit();
            assertThat(model.ledger().rows())
                    .filteredOn(row -> row.state() == LedgerRow.State.PENDING)
                    .hasSize(1);
        });
        settle();
        assertThat(model.ledger().rows())
                .allMatch(row -> row.state() == LedgerRow.State.SAVED)
                .hasSize(3);
        assertThat(desk.library().bout("b").orElseThrow().moments()).hasSize(3);
    }

    @Test
    void theInstantIsWhenTypingBeganLessTheLagAtTheFilmsSpeed() throws Exception {
        film();
        settings.lagSecondsProperty().set(0.4);
        onScreen(() -> player.seek(32_000_000));
        assertThat(typed("b knee cut").atMicros()).as("paused: no lag").hasValue(30_000_000);
        onScreen(() -> {
            player.speedProperty().set(0.5);
            player.playingProperty().set(true);
            model.line().textProperty().set("b");
            player.seek(50_000_000);
            model.line().textProperty().set("b toreando");
            model.scribe().commit();
        });
        settle();
        assertThat(model.open().bout().orElseThrow().moments())
                .as("the instant of the first letter, less 0.4 s at half speed")
                .anyMatch(moment -> moment.technique().equals(Optional.of("toreando"))
                        && moment.atMicros().orElse(0) == 29_800_000);
    }

    @Test
    void lettersLeaveOnlyThePicksThatBeginSoAndADigitTakesOneOfThem() throws Exception {
        film();
        onScreen(() -> {
            player.seek(32_000_000);
            List<Proposal> all = List.copyOf(model.picks().list());
            model.line().textProperty().set("k");
            model.line().textProperty().set("kn");
            assertThat(model.picks().isNarrowed()).isTrue();
            List<String> labels = model.picks().list().stream()
                    .map(pick -> Lexicon.shipped().label(((Deed.Did) pick.deed()).technique()))
                    .toList();
            assertThat(labels.get(0)).isEqualTo("Knee cut");
            assertThat(labels)
                    .as("what is shown so stands before what is only otherwise called so")
                    .allMatch(label -> label.matches("(?i).*\\bkn.*"));
            assertThat(model.picks().isUnusual(model.picks().list().get(0))).isFalse();
            model.line().textProperty().set("kc");
            assertThat(model.picks().list().get(0).deed())
                    .as("the first letters of its words")
                    .isEqualTo(new Deed.Did("knee-cut"));
            model.line().textProperty().set("ld");
            assertThat(model.scribe().remarksProperty().get())
                    .as("they are no name by themselves")
                    .contains("names nothing", "A digit takes one");
            model.line().textProperty().set("kick");
            assertThat(model.picks().list())
                    .as("no blows under rules that do not know them")
                    .noneMatch(pick -> pick.deed() instanceof Deed.Did did
                            && did.technique().contains("kick")
                            && Lexicon.shipped()
                                    .technique(did.technique())
                                    .filter(technique -> technique.kind() == Kind.STRIKE)
                                    .isPresent());
            model.line().textProperty().set("osoto");
            assertThat(model.picks().list())
                    .as("by its name also what can hardly start here")
                    .isNotEmpty()
                    .allMatch(model.picks()::isUnusual);
            model.line().textProperty().set("knxx");
            assertThat(model.picks().isNarrowed()).as("nothing begins so").isFalse();
            assertThat(model.picks().list()).isEqualTo(all);
            model.line().textProperty().set("kn ");
            assertThat(model.picks().isNarrowed())
                    .as("a number behind a space is a number")
                    .isFalse();

            model.line().textProperty().set("kn");
            Proposal second = model.picks().list().get(1);
            player.seek(50_000_000);
            model.scribe().pick(2);
            assertThat(model.line().textProperty().get()).isEmpty();
            assertThat(model.picks().isNarrowed()).isFalse();
            assertThat(model.ledger().rows())
                    .filteredOn(row -> row.state() == LedgerRow.State.PENDING)
                    .singleElement()
                    .satisfies(row -> {
                        Moment moment = row.moment().orElseThrow();
                        assertThat(moment.deed()).isEqualTo(second.deed());
                        assertThat(moment.actor()).isEqualTo(second.actor());
                        assertThat(moment.atMicros())
                                .as("the instant at which typing began")
                                .hasValue(30_000_000);
                    });
            assertThat(model.fan().openProperty().get())
                    .as("what became of it is asked")
                    .isPresent();
        });
        settle();
    }

    @Test
    void whatIsBeingChangedNarrowsNothing() throws Exception {
        onScreen(() -> {
            model.choice().only("m2");
            model.line().editChosen();
            model.line().textProperty().set("b sweep");
            assertThat(model.picks().isNarrowed()).isFalse();
            model.scribe().pick(1);
            assertThat(model.line().textProperty().get())
                    .as("the change is still there")
                    .isEqualTo("b sweep");
        });
        settle();
    }

    @Test
    void beforeTheBoutBeginsAMomentHasNoTime() throws Exception {
        film();
        onScreen(() -> player.seek(1_000_000));
        assertThat(model.playhead().micros()).isEmpty();
        onScreen(() -> {
            model.line().textProperty().set("a mark");
            model.scribe().commit();
        });
        settle();
        assertThat(model.open().bout().orElseThrow().moments())
                .anyMatch(moment -> moment.atMicros().isEmpty());
    }

    @Test
    void theLedgerShowsRungsColumnsAndThreads() throws Exception {
        onScreen(() -> {
            assertThat(model.ledger().rows()).hasSize(2);
            LedgerRow pull = model.ledger().rows().get(0);
            assertThat(pull.column()).isEqualTo(LedgerRow.Column.STUDIED);
            assertThat(pull.rung()).contains("Open guard, Pip on top");
            assertThat(pull.thread()).isEqualTo(LedgerRow.Thread.LEAVES);
            assertThat(model.ledger().rows().get(1).thread()).isEqualTo(LedgerRow.Thread.ARRIVES);
            assertThat(model.ledger().rows().get(1).column()).isEqualTo(LedgerRow.Column.OTHER);
        });
    }

    @Test
    void changingKeepsTheTimeTheIdAndTheAnswer() throws Exception {
        onScreen(() -> {
            model.choice().only("m2");
            model.line().editChosen();
            assertThat(model.line().textProperty().get()).isEqualTo("b stand-off ");
            model.line().textProperty().set("b stand-off unsure");
            model.scribe().commit();
        });
        settle();
        Moment changed = model.open().bout().orElseThrow().moment("m2").orElseThrow();
        assertThat(changed.atMicros()).hasValue(12_000_000);
        assertThat(changed.telling().answers()).contains("m1");
        assertThat(changed.telling().certainty()).isEqualTo(farglass.core.fact.Certainty.UNSURE);
    }

    @Test
    void whatIsUnusualHereCanBeNotedAsPossibleAndThatIsUndone() throws Exception {
        Moment odd = typed("@0:30 juno knee cut held");
        onScreen(() -> {
            assertThat(model.doubts().sentence(odd)).contains("Knee cut is unusual from open guard, underneath");
            model.choice().only(odd.id());
            model.doubts().canStartHere();
        });
        settle();
        onScreen(() -> assertThat(model.doubts().of(odd)).isEmpty());
        assertThat(desk.lexicon()
                        .technique("knee-cut")
                        .orElseThrow()
                        .canStart(desk.lexicon().position("open-guard").orElseThrow(), Role.BOTTOM))
                .isTrue();
        desk.undo().get(20, TimeUnit.SECONDS);
        settle();
        onScreen(() -> assertThat(model.doubts().of(odd)).isNotEmpty());
    }

    @Test
    void whatIsUndoneIsNotAskedAboutAnyMore() throws Exception {
        typed("@0:30 pip knee cut");
        onScreen(() -> assertThat(model.fan().openProperty().get()).isPresent());
        desk.undo().get(20, TimeUnit.SECONDS);
        settle();
        onScreen(() -> assertThat(model.fan().openProperty().get()).isEmpty());
    }

    @Test
    void aPassGoesOnWhereWhatItAsksAboutIsUndone() throws Exception {
        film();
        Moment first = typed("@0:30 pip knee cut");
        Moment second = typed("@0:32 juno frame");
        Moment third = typed("@0:40 juno hip escape");
        onScreen(() -> model.passes().begin(Aim.ANSWERS, Optional.empty()));
        asks(true);
        for (int i = 0; i < 3 && !asked().equals(Optional.of(third.id())); i++) {
            onScreen(() -> model.passes().reply(PassModel.Reply.SKIP));
        }
        assertThat(asked()).as("%s, %s".formatted(first.id(), second.id())).contains(third.id());
        desk.undo().get(20, TimeUnit.SECONDS);
        settle();
        assertThat(asked()).isNotEqualTo(Optional.of(third.id()));
        onScreen(() ->
                assertThat(model.open().bout().orElseThrow().moment(third.id())).isEmpty());
    }

    private Optional<String> asked() {
        return model.passes().questionProperty().get().map(PassQuestion::momentId);
    }

    /** Waits until the pass has counted and asks. */
    private void asks(boolean something) throws Exception {
        CompletableFuture<Void> told = new CompletableFuture<>();
        InvalidationListener listener = change -> {
            if (asked().isPresent() == something) {
                told.complete(null);
            }
        };
        onScreen(() -> {
            model.passes().questionProperty().addListener(listener);
            listener.invalidated(model.passes().questionProperty());
        });
        told.get(20, TimeUnit.SECONDS);
        onScreen(() -> model.passes().questionProperty().removeListener(listener));
    }

    @Test
    void aTryGoesOnWithOneKeyAndIsATryOfItsOwnWithTheNext() throws Exception {
        typed("@0:30 pip knee cut knee");
        Moment second = typed("@0:33 pip knee cut hip");
        onScreen(() -> {
            model.choice().only(second.id());
            model.corrections().continuesEarlier();
        });
        settle();
        Bout joined = model.open().bout().orElseThrow();
        assertThat(Attempt.byMoment(joined).get(second.id()).steps()).hasSize(2);
        onScreen(model.corrections()::continuesEarlier);
        settle();
        assertThat(Attempt.byMoment(model.open().bout().orElseThrow())
                        .get(second.id())
                        .steps())
                .hasSize(1);
    }

    @Test
    void whatIsGuessedIsShownBeforeItIsSavedAndTheOthersAreOneKeyAway() throws Exception {
        onScreen(() -> {
            model.line().textProperty().set("pip torreando wobbly");
            assertThat(model.scribe().remarksProperty().get()).contains("names nothing here");
            assertThat(model.scribe().alternatives())
                    .extracting(Reading.Alternative::label)
                    .contains("Toreando pass, and the words as a note");
            model.scribe().choose(0);
            assertThat(model.line().textProperty().get())
                    .isEqualToIgnoringWhitespace("pip toreando pass note torreando wobbly");
            model.line().textProperty().set("pip torreando");
            assertThat(model.scribe().meaningProperty().get()).contains("Toreando");
        });
    }

    /** The film runs on while a hand moves towards a pick. */
    @Test
    void anAwardThatFallsDueMovesNoPickAwayFromUnderTheMouse() throws Exception {
        AtomicBoolean aims = new AtomicBoolean(true);
        Proposal award =
                new Proposal(Optional.of(Seat.A), new Deed.Awarded(Award.points(2)), Optional.empty(), Telling.NOTHING);
        onScreen(() -> {
            model.picks().whileChoosing(aims::get);
            model.playhead().live().start(20_000_000);
            List<Proposal> offered = List.copyOf(model.picks().list());
            model.picks().dueBy(() -> List.of(award));
            runOn();
            assertThat(model.picks().list()).isEqualTo(offered).doesNotContain(award);
            aims.set(false);
            runOn();
            assertThat(model.picks().list()).first().isEqualTo(award);
        });
    }

    private void runOn() {
        long before = model.playhead().live().microsProperty().get();
        while (model.playhead().live().microsProperty().get() == before) {
            model.playhead().live().pulse();
        }
    }

    @Test
    void removingIsUndone() throws Exception {
        onScreen(() -> {
            model.choice().only("m1");
            model.corrections().remove();
        });
        settle();
        assertThat(model.ledger().rows()).hasSize(1);
        desk.undo().get(20, TimeUnit.SECONDS);
        screen.rest(desk);
        assertThat(model.ledger().rows()).hasSize(2);
        assertThat(model.open().bout().orElseThrow().moments().get(1).telling().answers())
                .contains("m1");
    }

    @Test
    void whatCannotBeSavedLeavesTheLedgerAndComesBackIntoTheLine() throws Exception {
        // The library is open already, so a second opening may only read.
        Library second = Library.open(folder.resolve("l.farglass"), Clock.systemUTC(), "t");
        try (Desk reading = new Desk(second, Lexicon.shipped(), screen)) {
            TagModel refused = new TagModel(reading, new Player(Runnable::run, Runnable::run), settings);
            onScreen(() -> {
                reading.navigation().show(new Spot("b", Optional.empty()));
                refused.line().textProperty().set("@0:30.5 b knee cut left");
                refused.scribe().commit();
                assertThat(refused.ledger().rows()).hasSize(3);
            });
            reading.submit(Optional::empty, "").get(20, TimeUnit.SECONDS);
            screen.rest(reading);
            assertThat(refused.ledger().rows()).hasSize(2);
            assertThat(refused.line().textProperty().get()).isEqualTo("@0:30.5 b knee-cut left ");
            assertThat(reading.messages().newestProperty().get().orElseThrow().words())
                    .contains("Nothing was changed");
        }
    }

    @Test
    void picksSaveAtTheInstantShown() throws Exception {
        film();
        onScreen(() -> player.seek(42_000_000));
        assertThat(model.picks().list()).isNotEmpty();
        onScreen(() -> model.scribe().pick(1));
        settle();
        assertThat(model.open().bout().orElseThrow().moments())
                .hasSize(3)
                .anyMatch(moment -> moment.atMicros().orElse(0) == 40_000_000);
        onScreen(() -> model.scribe().pick(42));
        settle();
        assertThat(model.open().bout().orElseThrow().moments()).hasSize(3);
    }

    @Test
    void twoWindowsShareOneBoutAndNeitherLosesWhatTheOtherTags() throws Exception {
        Desk beside = desk.beside();
        TagModel other = new TagModel(beside, new Player(Runnable::run, Runnable::run), settings);
        onScreen(() -> {
            beside.navigation().show(new Spot("b", Optional.empty()));
            // Both before either is on disk.
            model.line().textProperty().set("@0:20 b knee cut");
            model.scribe().commit();
            other.line().textProperty().set("@0:30 b toreando");
            other.scribe().commit();
        });
        settle();
        settle();
        assertThat(desk.library().bout("b").orElseThrow().moments())
                .extracting(moment -> moment.technique().orElse(""))
                .contains("knee-cut", "toreando");
        assertThat(model.ledger().rows()).hasSize(4);
        assertThat(other.ledger().rows()).hasSize(4);
        beside.close();
        assertThat(desk.library().bout("b"))
                .as("the first window's library is still open")
                .isPresent();
    }

    @Test
    void theLagIsLearnedAsTheMedianNudgeAndOnlyOffered() throws Exception {
        film();
        settings.lagSecondsProperty().set(0.4);
        for (int i = 0; i < Lag.FEWEST; i++) {
            int number = i;
            onScreen(() -> {
                player.seek(20_000_000 + number * 5_000_000L);
                player.playingProperty().set(true);
                model.line().textProperty().set("b knee cut");
                model.scribe().commit();
                String id = model.open().latest().orElseThrow();
                long at = model.open()
                        .bout()
                        .orElseThrow()
                        .moment(id)
                        .orElseThrow()
                        .atMicros()
                        .getAsLong();
                // Half of them are 0.2 s late, the others 0.4 s: the median is between.
                model.corrections().moveTo(id, at - (number % 2 == 0 ? 200_000 : 400_000));
                player.playingProperty().set(false);
            });
            settle();
        }
        assertThat(model.lag().medianSeconds().orElseThrow())
                .isCloseTo(-0.3, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(settings.lagSecondsProperty().get()).as("not set by itself").isEqualTo(0.4);
        assertThat(model.lag().offered().orElseThrow()).isCloseTo(0.7, org.assertj.core.api.Assertions.within(1e-9));
        onScreen(() -> model.lag().take());
        assertThat(settings.lagSecondsProperty().get()).isCloseTo(0.7, org.assertj.core.api.Assertions.within(1e-9));
        assertThat(model.lag().offered()).isEmpty();
    }

    @Test
    void whatIsPlayedThroughIsCoveredAndAJumpIsNot() throws Exception {
        film();
        onScreen(() -> {
            player.seek(12_000_000);
            player.playingProperty().set(true);
            long nanos = 1_000_000_000L;
            player.pulse(nanos);
            for (int i = 1; i <= 100; i++) {
                player.pulse(nanos + i * 40_000_000L);
            }
            player.seek(52_000_000);
            player.playingProperty().set(false);
            model.leave();
        });
        settle();
        var covered = desk.library().bout("b").orElseThrow().header().covered();
        assertThat(covered).hasSize(1);
        assertThat(covered.get(0).declared()).isFalse();
        assertThat(covered.get(0).fromMicros()).isEqualTo(10_000_000);
        assertThat(covered.get(0).toMicros()).isEqualTo(14_000_000);
    }

    @Test
    void againGoesOnAtTheOldSpeedAfterItsEndAndIsSlowerAtTheNextPress() throws Exception {
        film();
        onScreen(() -> {
            player.seek(18_000_000);
            player.speedProperty().set(2);
            model.repeats().again();
            assertThat(player.speedProperty().get()).isEqualTo(1);
            long nanos = 1_000_000_000L;
            for (int i = 0; i <= 200; i++) {
                player.pulse(nanos + i * 50_000_000L);
            }
            assertThat(player.speedProperty().get())
                    .as("seen, and on as before")
                    .isEqualTo(2);
            player.seek(19_000_000);
            model.repeats().again();
            assertThat(player.speedProperty().get())
                    .as("the same once more, slower")
                    .isEqualTo(0.5);
            player.seek(60_000_000);
            model.repeats().again();
            assertThat(player.speedProperty().get())
                    .as("somewhere else it begins anew")
                    .isEqualTo(1);
        });
    }
}
