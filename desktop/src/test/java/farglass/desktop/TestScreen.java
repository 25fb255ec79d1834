package farglass.desktop;

import farglass.desktop.desk.Desk;
import farglass.desktop.desk.InterfaceThread;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/** A thread in the place of the toolkit's. */
public final class TestScreen implements InterfaceThread, AutoCloseable {
    private static final long LONGEST_SECONDS = 20;

    /** What comes after the end is not done, as by the toolkit. */
    private final ThreadPoolExecutor thread = new ThreadPoolExecutor(
            1, 1, 0, TimeUnit.SECONDS, new LinkedBlockingQueue<>(), new ThreadPoolExecutor.DiscardPolicy());

    @Override
    public void execute(Runnable task) {
        thread.execute(task);
    }

    public void onScreen(Runnable work) throws ExecutionException, InterruptedException, TimeoutException {
        thread.submit(work).get(LONGEST_SECONDS, TimeUnit.SECONDS);
    }

    public <T> T asked(Callable<T> question) throws ExecutionException, InterruptedException, TimeoutException {
        return thread.submit(question).get(LONGEST_SECONDS, TimeUnit.SECONDS);
    }

    /**
     * Waits until no long work is left and nothing stands in the queue: what follows from a change is begun turn by turn, each when the one
     * before is done, so that one task behind a change is not behind all that follows from it.
     */
    public void rest(Desk desk) throws ExecutionException, InterruptedException, TimeoutException {
        while (!asked(() -> desk.work().jobs().isEmpty() && thread.getQueue().isEmpty())) {
            TimeUnit.MILLISECONDS.sleep(2);
        }
    }

    @Override
    public void close() {
        thread.shutdown();
    }
}
