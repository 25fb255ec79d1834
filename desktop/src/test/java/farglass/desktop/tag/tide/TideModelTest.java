package farglass.desktop.tag.tide;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Award;
import farglass.core.bout.Deed;
import farglass.core.bout.Telling;
import farglass.core.change.Change;
import farglass.core.rules.Rulesets;
import farglass.core.scribe.Proposal;
import farglass.core.side.Seat;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.desktop.BlankFilm;
import farglass.desktop.TestDesk;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Spot;
import farglass.desktop.screening.Player;
import farglass.desktop.tag.page.TagModel;
import farglass.drawing.TideMatter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The tide shows the bout as it is, from the side of whom we study, and the stretch that was asked for. */
class TideModelTest {
    private static final long SECOND = 1_000_000;
    private static final long END = 300 * SECOND;

    @TempDir
    Path folder;

    private TestDesk test;
    private Player player;
    private TagModel model;
    private RulesSoFar rules;
    private TideModel tide;

    @BeforeEach
    void lay() throws Exception {
        test = new TestDesk(
                folder,
                Change.added(new Athlete("juno", "Juno")),
                Change.added(new Athlete("pip", "Pip")),
                Change.added(
                        TestDesk.bout(
                                "id: one\nA: Juno\nB: Pip\nruleset: points-with-advantages\nlength: 5:00\nfilm: x.mp4\n0:10 B guard-pull; held; -> closed-guard, A on top\n1:00 A knee-cut; held; -> side-control, A on top\n")),
                Change.added(TestDesk.bout("id: two\nA: Mika\nB: Pip\nfilm: y.mp4\n2:00 A knee-cut\n")));
        player = new Player(Runnable::run, Runnable::run);
        model = test.asked(() -> new TagModel(test.desk(), player, Settings.read(folder.resolve("none"))));
        rules = test.asked(() -> new RulesSoFar(model.tagging(), Rulesets::shipped));
        tide = test.asked(() -> new TideModel(model.tagging(), rules));
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
            player.show(Optional.of(new BlankFilm(END)));
            player.seek(0);
        });
    }

    private void study(String athlete) throws Exception {
        Study study = new Study(
                "s-" + athlete, "Study of " + athlete, List.of(athlete.toLowerCase(Locale.ROOT)), Optional.empty());
        test.onScreen(() -> test.desk().study().property().set(Optional.of(study)));
        test.settle();
    }

    private TideMatter shown() throws Exception {
        return test.asked(() -> tide.matterProperty().get().orElseThrow());
    }

    @Test
    void itIsSeenFromTheSideOfWhomWeStudyAlsoWhenThatChanges() throws Exception {
        study("Juno");
        assertThat(shown().seat()).isEqualTo(Seat.A);
        study("Pip");
        assertThat(shown().seat()).isEqualTo(Seat.B);
    }

    @Test
    void aMomentToldIsInItOnceWhatFollowsFromItIsDone() throws Exception {
        test.onScreen(() -> {
            player.seek(90 * SECOND);
            model.line().textProperty().set("a mount");
            model.scribe().commit();
        });
        test.settle();
        assertThat(shown().bout()).isEqualTo(model.open().bout().orElseThrow());
        assertThat(shown().bout().moments()).hasSize(3);
        assertThat(shown().card()).as("what the rules say of the same bout").isPresent();
    }

    @Test
    void lessAndMoreAndOnAreAllWithinTheBout() throws Exception {
        assertThat(shown().fromMicros()).isZero();
        assertThat(shown().toMicros()).isEqualTo(END);
        test.onScreen(() -> tide.zoom(1, 60 * SECOND));
        TideMatter closer = shown();
        assertThat(60.0 * SECOND - closer.fromMicros())
                .as("the instant keeps its place: a fifth of the way")
                .isCloseTo(0.2 * (closer.toMicros() - closer.fromMicros()), Offset.offset(2.0));
        for (int i = 0; i < 30; i++) {
            test.onScreen(() -> tide.zoom(1, 299 * SECOND));
        }
        assertThat(shown().toMicros() - shown().fromMicros()).isEqualTo(4 * SECOND);
        assertThat(shown().toMicros()).isLessThanOrEqualTo(END);
        for (int i = 0; i < 10; i++) {
            test.onScreen(() -> tide.pan(0.5));
        }
        assertThat(shown().toMicros()).as("no further").isEqualTo(END);
        test.onScreen(tide::whole);
        assertThat(shown().fromMicros()).isZero();
        assertThat(shown().toMicros()).isEqualTo(END);
    }

    @Test
    void whatLeavesTheStretchShownIsFollowed() throws Exception {
        for (int i = 0; i < 5; i++) {
            test.onScreen(() -> tide.zoom(1, 0));
        }
        long width = shown().toMicros() - shown().fromMicros();
        test.onScreen(() -> player.seek(200 * SECOND));
        assertThat(shown().fromMicros()).isLessThan(200 * SECOND);
        assertThat(shown().toMicros()).isGreaterThan(200 * SECOND);
        assertThat(shown().toMicros() - shown().fromMicros()).isEqualTo(width);
    }

    @Test
    void anotherBoutIsShownWhole() throws Exception {
        test.onScreen(() -> tide.zoom(1, 60 * SECOND));
        open("two");
        assertThat(shown().bout().id()).isEqualTo("two");
        assertThat(shown().fromMicros()).isZero();
        assertThat(shown().toMicros()).isEqualTo(END);
    }

    @Test
    void whatTheRulesGiveAndTheRefereeHasNotIsDueForSixSeconds() throws Exception {
        Proposal pass =
                new Proposal(Optional.of(Seat.A), new Deed.Awarded(Award.points(3)), Optional.empty(), Telling.NOTHING);
        List<Long> due = new ArrayList<>();
        for (long at = 55; at < 75; at++) {
            long now = at;
            if (test.asked(() -> {
                player.seek(now * SECOND);
                return rules.due().contains(pass);
            })) {
                due.add(at);
            }
        }
        assertThat(due)
                .as("the pass at 1:00 is held for three seconds first, and one more as it may have been told late")
                .containsExactly(64L, 65L, 66L, 67L, 68L);
        test.onScreen(() -> {
            player.seek(65 * SECOND);
            model.line().textProperty().set("a +3");
            model.scribe().commit();
        });
        test.settle();
        assertThat(test.asked(() -> rules.due())).as("given").doesNotContain(pass);
    }
}
