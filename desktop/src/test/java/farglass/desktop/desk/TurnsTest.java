package farglass.desktop.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import org.junit.jupiter.api.Test;

/** The interface thread's queue, its pictures and its clock are played by hand. */
class TurnsTest {
    private final Queue<Runnable> queue = new ArrayDeque<>();
    private final Queue<Runnable> behindPicture = new ArrayDeque<>();
    private final List<String> done = new ArrayList<>();
    private long nanos = 40;

    private final Turns turns = new Turns(
            new InterfaceThread() {
                @Override
                public void execute(Runnable task) {
                    queue.add(task);
                }

                @Override
                public void behindPicture(Runnable task) {
                    behindPicture.add(task);
                }
            },
            () -> nanos);

    private void play() {
        while (!queue.isEmpty()) {
            queue.remove().run();
        }
    }

    private void picture() {
        done.add("picture");
        queue.addAll(behindPicture);
        behindPicture.clear();
        play();
    }

    private Runnable turn(String what, Duration work) {
        return () -> {
            nanos += work.toNanos();
            done.add(what);
        };
    }

    @Test
    void turnsThatWorkedLongTogetherWaitForAPicture() {
        Duration half = Turns.BEFORE_A_PICTURE.dividedBy(2);
        for (String what : List.of("ledger", "picks", "tide", "pass")) {
            turns.execute(turn(what, half));
        }
        turns.execute(turn("words", Duration.ZERO));
        play();
        assertThat(done).containsExactly("ledger", "picks");
        assertThat(turns.areDone()).isFalse();
        picture();
        picture();
        assertThat(done).containsExactly("ledger", "picks", "picture", "tide", "pass", "picture", "words");
        assertThat(turns.areDone()).isTrue();
    }

    @Test
    void theLastTurnKeepsTheNextOneThatIsWishedForWaitingForNothing() {
        turns.execute(turn("ledger", Turns.BEFORE_A_PICTURE.multipliedBy(9)));
        play();
        turns.execute(turn("picks", Duration.ZERO));
        play();
        assertThat(done).containsExactly("ledger", "picks");
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
