package farglass.desktop.desk;

import java.util.concurrent.Executor;

/**
 * Work of the interface thread that follows from a change and need not be done in the same piece with it: what the person does meanwhile
 * is heard first. It is done once for any number of wishes. Whoever needs what it makes says so, and it is done at once.
 */
public final class Soon {
    private final Executor screen;
    private final Runnable work;
    private boolean wished;
    private boolean waiting;

    Soon(Executor screen, Runnable work) {
        this.screen = screen;
        this.work = work;
    }

    /** Asks for the work to be done in a turn of its own, soon. */
    public void wish() {
        wished = true;
        if (!waiting) {
            waiting = true;
            screen.execute(() -> {
                waiting = false;
                now();
            });
        }
    }

    /** Does the work at once if it was asked for and is not done yet; otherwise nothing. */
    public void now() {
        if (wished) {
            wished = false;
            work.run();
        }
    }
}
