package farglass.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import org.junit.jupiter.api.Test;

/** The interface thread's queue is played by hand. */
class TurnsTest {
    private final Queue<Runnable> queue = new ArrayDeque<>();
    private final Turns turns = new Turns(queue::add);
    private final List<String> done = new ArrayList<>();

    private void play() {
        while (!queue.isEmpty()) {
            queue.remove().run();
        }
    }

    @Test
    void whatThePersonDoesMeanwhileComesBeforeTheNextTurn() {
        turns.execute(() -> done.add("ledger"));
        turns.execute(() -> done.add("picks"));
        queue.add(() -> done.add("key"));
        play();
        assertThat(done).containsExactly("ledger", "key", "picks");
    }

    @Test
    void whatATurnAsksForComesBehindThoseThatWait() {
        turns.execute(() -> {
            done.add("rules");
            turns.execute(() -> done.add("picks"));
        });
        turns.execute(() -> done.add("tide"));
        play();
        assertThat(done).containsExactly("rules", "tide", "picks");
    }

    @Test
    void theOthersHaveTheirTurnsAlsoWhereOneFails() {
        turns.execute(() -> {
            throw new IllegalStateException("broken");
        });
        turns.execute(() -> done.add("tide"));
        assertThatThrownBy(this::play).hasMessage("broken");
        play();
        turns.execute(() -> done.add("picks"));
        play();
        assertThat(done).containsExactly("tide", "picks");
    }

    @Test
    void whatIsNeededEarlierIsDoneAtOnceAndOnce() {
        Soon picks = new Soon(turns, () -> done.add("picks"));
        picks.wish();
        picks.wish();
        picks.now();
        assertThat(done).containsExactly("picks");
        play();
        picks.now();
        assertThat(done).containsExactly("picks");
    }
}
