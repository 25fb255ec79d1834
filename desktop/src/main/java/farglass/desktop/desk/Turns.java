package farglass.desktop.desk;

import java.time.Duration;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.Executor;
import java.util.function.LongSupplier;

/**
 * Gives every task a turn of its own on the interface thread, the next one only when the last is done: what the person does meanwhile
 * stands in the queue before it. Turns that have worked long together wait for a picture, so that what they show is not styled and laid out
 * in one piece either. On the interface thread only.
 */
final class Turns implements Executor {
    /** So long turns work before a picture: what they show takes about twice as long to lay out, and a key is not to wait for 8 ms. */
    static final Duration BEFORE_A_PICTURE = Duration.ofMillis(2);

    private final InterfaceThread screen;
    private final LongSupplier nanos;
    private final Deque<Runnable> waiting = new ArrayDeque<>();
    private long worked;

    Turns(InterfaceThread screen) {
        this(screen, System::nanoTime);
    }

    /** @param nanos a clock, which may begin anywhere */
    Turns(InterfaceThread screen, LongSupplier nanos) {
        this.screen = screen;
        this.nanos = nanos;
    }

    @Override
    public void execute(Runnable task) {
        waiting.add(task);
        if (waiting.size() == 1) {
            worked = 0;
            screen.execute(this::next);
        }
    }

    private void next() {
        long begun = nanos.getAsLong();
        try {
            waiting.element().run();
        } finally {
            worked += nanos.getAsLong() - begun;
            waiting.remove();
            if (!waiting.isEmpty()) {
                goOn();
            }
        }
    }

    private void goOn() {
        if (worked < BEFORE_A_PICTURE.toNanos()) {
            screen.execute(this::next);
        } else {
            worked = 0;
            screen.behindPicture(this::next);
        }
    }

    /** {@return whether no task waits for its turn} */
    boolean areDone() {
        return waiting.isEmpty();
    }
}
