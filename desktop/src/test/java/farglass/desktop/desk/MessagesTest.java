package farglass.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import org.junit.jupiter.api.Test;

/** What a window tells, and what it puts off, without a window. */
class MessagesTest {
    private final Messages messages = new Messages(Clock.fixed(Instant.EPOCH, ZoneOffset.UTC));

    private String foot() {
        return messages.newestProperty().get().map(Messages.Message::words).orElse("");
    }

    @Test
    void whatWentWellGoesByAndWhatWentWrongStaysUntilItWasRead() {
        messages.say("Saved.");
        assertThat(foot()).isEqualTo("Saved.");
        assertThat(messages.unreadProperty().get()).isZero();
        messages.fail("The disk is full.");
        messages.say("Something else.");
        assertThat(messages.unreadProperty().get()).isEqualTo(1);
        messages.passed(messages.newestProperty().get().orElseThrow());
        assertThat(foot()).isEmpty();
        assertThat(messages.unreadProperty().get()).as("gone by is not read").isEqualTo(1);
        messages.read();
        assertThat(messages.unreadProperty().get()).isZero();
        assertThat(messages.all())
                .extracting(Messages.Message::words)
                .containsExactly("Something else.", "The disk is full.", "Saved.");
    }

    @Test
    void anOlderMessageThatGoesByTakesNoNewerOneAlong() {
        messages.say("One.");
        Messages.Message one = messages.newestProperty().get().orElseThrow();
        messages.say("Two.");
        messages.passed(one);
        assertThat(foot()).isEqualTo("Two.");
    }

    @Test
    void lookingAtTheListClearsAFailureFromTheFootAndNothingElse() {
        messages.fail("No.");
        messages.read();
        assertThat(foot()).isEmpty();
        messages.fail("No.");
        messages.say("Yes.");
        messages.read();
        assertThat(foot()).isEqualTo("Yes.");
    }

    @Test
    void aThrownThingWithoutWordsIsToldInOnes() {
        messages.fail(new IllegalStateException());
        assertThat(foot()).startsWith("Something unexpected happened");
        messages.fail(new IllegalStateException("The file is gone."));
        assertThat(foot()).isEqualTo("The file is gone.");
    }

    @Test
    void theListIsBoundedAndNoMoreAreUnreadThanStandInIt() {
        for (int each = 0; each < 1000; each++) {
            messages.fail("Failure " + each);
        }
        assertThat(messages.all()).hasSize(200);
        assertThat(messages.all().get(0).words()).isEqualTo("Failure 999");
        assertThat(messages.unreadProperty().get()).isEqualTo(200);
    }

    @Test
    void whatIsPutOffIsDoneOnceForManyWishesAndAtOnceForWhoeverNeedsIt() {
        Queue<Runnable> turns = new ArrayDeque<>();
        List<String> done = new ArrayList<>();
        Soon soon = new Soon(turns::add, () -> done.add("done"));
        soon.now();
        assertThat(done).as("nobody wished for it").isEmpty();
        soon.wish();
        soon.wish();
        assertThat(turns).as("one turn for both").hasSize(1);
        soon.now();
        assertThat(done).hasSize(1);
        turns.remove().run();
        assertThat(done).as("it was done already").hasSize(1);
        soon.wish();
        turns.remove().run();
        assertThat(done).hasSize(2);
        assertThat(turns).isEmpty();
    }

    @Test
    void whatIsWishedForWhileItIsDoneIsDoneAgain() {
        Queue<Runnable> turns = new ArrayDeque<>();
        List<Soon> self = new ArrayList<>();
        List<String> done = new ArrayList<>();
        self.add(new Soon(turns::add, () -> {
            done.add("done");
            if (done.size() == 1) {
                self.get(0).wish();
            }
        }));
        self.get(0).wish();
        while (!turns.isEmpty()) {
            turns.remove().run();
        }
        assertThat(done).hasSize(2);
    }
}
