package farglass.desktop.desk;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.concurrent.Executor;

/**
 * Gives every task a turn of its own on the interface thread, the next one only when the last is done: what the person does meanwhile, and
 * the window that wants to be drawn, stand in the queue before it. On the interface thread only.
 */
final class Turns implements Executor {
    private final Executor screen;
    private final Deque<Runnable> waiting = new ArrayDeque<>();

    Turns(Executor screen) {
        this.screen = screen;
    }

    @Override
    public void execute(Runnable task) {
        waiting.add(task);
        if (waiting.size() == 1) {
            screen.execute(this::next);
        }
    }

    private void next() {
        try {
            waiting.element().run();
        } finally {
            waiting.remove();
            if (!waiting.isEmpty()) {
                screen.execute(this::next);
            }
        }
    }
}
