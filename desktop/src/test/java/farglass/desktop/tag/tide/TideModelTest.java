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
import farglass.desktop.tag.TagDesk;
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
    private static final long SECOND = TagDesk.SECOND;
    private static final long END = TagDesk.END;

    @TempDir
    Path folder;

    private TagDesk tag;
    private RulesSoFar rules;
    private TideModel tide;

    @BeforeEach
    void lay() throws Exception {
        tag = new TagDesk(
                folder,
                Change.added(new Athlete("juno", "Juno")),
                Change.added(new Athlete("pip", "Pip")),
                TagDesk.bout(
                        "one",
                        "0:10 B guard-pull; held; -> closed-guard, A on top",
                        "1:00 A knee-cut; held; -> side-control, A on top"),
                TagDesk.bout("two", "2:00 A knee-cut"));
        rules = tag.asked(() -> new RulesSoFar(tag.model().tagging(), Rulesets::shipped));
        tide = tag.asked(() -> new TideModel(tag.model().tagging(), rules));
        tag.open("one");
    }

    @AfterEach
    void clear() {
        tag.close();
    }

    private void study(String athlete) throws Exception {
        Study study = new Study(
                "s-" + athlete, "Study of " + athlete, List.of(athlete.toLowerCase(Locale.ROOT)), Optional.empty());
        tag.done(() -> tag.test().desk().study().property().set(Optional.of(study)));
    }

    private void told(long second, String words) throws Exception {
        tag.done(() -> {
            tag.player().seek(second * SECOND);
            tag.model().line().textProperty().set(words);
            tag.model().scribe().commit();
        });
    }

    private TideMatter shown() throws Exception {
        return tag.asked(() -> tide.matterProperty().get().orElseThrow());
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
        told(90, "a mount");
        assertThat(shown().bout()).isEqualTo(tag.model().open().bout().orElseThrow());
        assertThat(shown().bout().moments()).hasSize(3);
        assertThat(shown().card()).as("what the rules say of the same bout").isPresent();
    }

    @Test
    void lessAndMoreAndOnAreAllWithinTheBout() throws Exception {
        assertThat(shown().fromMicros()).isZero();
        assertThat(shown().toMicros()).isEqualTo(END);
        tag.onScreen(() -> tide.zoom(1, 60 * SECOND));
        TideMatter closer = shown();
        assertThat(60.0 * SECOND - closer.fromMicros())
                .as("the instant keeps its place: a fifth of the way")
                .isCloseTo(0.2 * (closer.toMicros() - closer.fromMicros()), Offset.offset(2.0));
        for (int i = 0; i < 30; i++) {
            tag.onScreen(() -> tide.zoom(1, 299 * SECOND));
        }
        assertThat(shown().toMicros() - shown().fromMicros()).isEqualTo(4 * SECOND);
        assertThat(shown().toMicros()).isLessThanOrEqualTo(END);
        for (int i = 0; i < 10; i++) {
            tag.onScreen(() -> tide.pan(0.5));
        }
        assertThat(shown().toMicros()).as("no further").isEqualTo(END);
        tag.onScreen(tide::whole);
        assertThat(shown().fromMicros()).isZero();
        assertThat(shown().toMicros()).isEqualTo(END);
    }

    @Test
    void whatLeavesTheStretchShownIsFollowed() throws Exception {
        for (int i = 0; i < 5; i++) {
            tag.onScreen(() -> tide.zoom(1, 0));
        }
        long width = shown().toMicros() - shown().fromMicros();
        tag.onScreen(() -> tag.player().seek(200 * SECOND));
        assertThat(shown().fromMicros()).isLessThan(200 * SECOND);
        assertThat(shown().toMicros()).isGreaterThan(200 * SECOND);
        assertThat(shown().toMicros() - shown().fromMicros()).isEqualTo(width);
    }

    @Test
    void anotherBoutIsShownWhole() throws Exception {
        tag.onScreen(() -> tide.zoom(1, 60 * SECOND));
        tag.open("two");
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
            if (tag.asked(() -> {
                tag.player().seek(now * SECOND);
                return rules.due().contains(pass);
            })) {
                due.add(at);
            }
        }
        assertThat(due)
                .as("the pass at 1:00 is held for three seconds first, and one more as it may have been told late")
                .containsExactly(64L, 65L, 66L, 67L, 68L);
        told(65, "a +3");
        assertThat(tag.asked(() -> rules.due())).as("given").doesNotContain(pass);
    }
}
