package farglass.desktop.desk;

import java.util.HashMap;
import java.util.Map;
import java.util.Queue;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The one place for long work: it knows what runs, how far it is, and how to stop it. */
public final class Work implements AutoCloseable {
    private static final long PULSE_MILLIS = 50;

    /** Something long. It should ask {@code cancelled} often, and then stop by any exception. */
    public interface Task<T> {
        T run(DoubleConsumer progress, BooleanSupplier cancelled) throws Exception;
    }

    /** One running task, as the footer shows it. */
    public static final class Job {
        private final String title;
        private final boolean stoppable;
        private final DoubleProperty share = new SimpleDoubleProperty(0);
        private final AtomicBoolean cancelled = new AtomicBoolean();
        private final Runnable stopped;

        private Job(String title, boolean stoppable, Runnable stopped) {
            this.title = title;
            this.stoppable = stoppable;
            this.stopped = stopped;
        }

        /** {@return whether somebody may stop it: not what all else waits for} */
        public boolean isStoppable() {
            return stoppable;
        }

        public String title() {
            return title;
        }

        /** {@return how much is done, in [0, 1]} */
        public DoubleProperty shareProperty() {
            return share;
        }

        /** Ends it without a word: nobody wants it any more. */
        public void cancel() {
            cancelled.set(true);
        }

        /** A person ends it: whoever waited for it hears that it will not come. On the interface thread. */
        public void stop() {
            if (cancelled.compareAndSet(false, true)) {
                stopped.run();
            }
        }
    }

    private final Executor screen;
    private final ExecutorService hands = Executors.newCachedThreadPool(task -> {
        Thread thread = new Thread(task, "work");
        thread.setDaemon(true);
        return thread;
    });
    private final Queue<Job> ahead = new ConcurrentLinkedQueue<>();
    /** By slot; only on the interface thread. */
    private final Map<Object, Job> newest = new HashMap<>();

    private final ObservableList<Job> jobs = FXCollections.observableArrayList();

    Work(Executor screen) {
        this.screen = screen;
    }

    public ObservableList<Job> jobs() {
        return jobs;
    }

    /**
     * Runs the task off the interface thread.
     *
     * @param done told the result, on the interface thread, unless it was cancelled
     * @param failed told what went wrong, on the interface thread, unless it was cancelled
     */
    public <T> Job start(String title, Task<T> task, Consumer<T> done, Consumer<Exception> failed) {
        return start(new Job(title, true, () -> {}), task, done, failed);
    }

    /** What is told of a wish. */
    public interface Listener<T> {
        void done(T result);

        /** It went wrong, and will not come. */
        void failed(Exception problem);

        /** A person stopped it, and it will not come. */
        void stopped();

        /** {@return one that does the same where it was stopped as where it failed, but for the telling of what went wrong} */
        static <T> Listener<T> of(Consumer<T> done, Consumer<Exception> telling, Runnable without) {
            return new Listener<>() {
                @Override
                public void done(T result) {
                    done.accept(result);
                }

                @Override
                public void failed(Exception problem) {
                    without.run();
                    telling.accept(problem);
                }

                @Override
                public void stopped() {
                    without.run();
                }
            };
        }
    }

    /**
     * Runs the newest wish of a kind: an older one of the same slot is let go of, and what it finds is never told, whenever it ends.
     *
     * @param slot what the wishes have in common, such as what will show the result
     */
    public <T> void latest(Object slot, String title, Task<T> task, Listener<T> listener) {
        forget(slot);
        Job job = new Job(title, true, listener::stopped);
        newest.put(slot, job);
        start(
                job,
                task,
                result -> {
                    newest.remove(slot, job);
                    listener.done(result);
                },
                problem -> {
                    newest.remove(slot, job);
                    listener.failed(problem);
                });
    }

    /** Lets go of the wish of that slot, if there is one. */
    public void forget(Object slot) {
        Job older = newest.remove(slot);
        if (older != null) {
            older.cancel();
        }
    }

    /** Runs a task for which everything else waits; it ends only when done, or when the library is closed. */
    <T> Job startNeeded(String title, Task<T> task, Consumer<T> done, Consumer<Exception> failed) {
        return start(new Job(title, false, () -> {}), task, done, failed);
    }

    private <T> Job start(Job job, Task<T> task, Consumer<T> done, Consumer<Exception> failed) {
        if (hands.isShutdown()) {
            return notBegun(job);
        }
        jobs.add(job);
        hands.execute(() -> {
            try {
                T result = task.run(share -> showShare(job, share), job.cancelled::get);
                screen.execute(() -> finish(job, () -> done.accept(result), result));
            } catch (Exception e) {
                screen.execute(() -> finish(job, () -> failed.accept(e), null));
            } catch (Error e) {
                // It must not stand in the foot for ever; the machine hears of it all the same.
                screen.execute(() -> finish(job, () -> failed.accept(new ExecutionException(e.getMessage(), e)), null));
                throw e;
            }
        });
        return job;
    }

    /**
     * Runs what nobody waits for, without a word, when nothing else wants the machine. It ends when done, cancelled, or failed: whoever
     * needs it then finds out by doing it.
     *
     * @param afterMillis for how long the machine is left to others first
     * @param done told the result, on the interface thread, unless it was cancelled
     */
    public <T> Job ahead(long afterMillis, Task<T> task, Consumer<T> done) {
        Job job = new Job("", true, () -> {});
        if (hands.isShutdown()) {
            return notBegun(job);
        }
        ahead.add(job);
        hands.execute(() -> {
            Thread.currentThread().setPriority(Thread.MIN_PRIORITY);
            try {
                rest(afterMillis, job);
                T result = task.run(share -> {}, job.cancelled::get);
                screen.execute(() -> finish(job, () -> done.accept(result), result));
            } catch (Exception e) {
                if (!job.cancelled.get()) {
                    Log.problem(Happening.NOT_DONE_AHEAD, e);
                }
                job.cancel();
            } finally {
                Thread.currentThread().setPriority(Thread.NORM_PRIORITY);
                ahead.remove(job);
            }
        });
        return job;
    }

    private static void rest(long millis, Job job) throws InterruptedException {
        for (long rested = 0; rested < millis; rested += PULSE_MILLIS) {
            if (job.cancelled.get()) {
                throw new CancellationException("Nobody wants this any more");
            }
            Thread.sleep(PULSE_MILLIS);
        }
    }

    private void showShare(Job job, double share) {
        // Only whole percents: a film has more packets than the screen has pulses.
        if (Math.floor(share * 100) > Math.floor(job.share.get() * 100)) {
            screen.execute(() -> job.share.set(share));
        }
    }

    private void finish(Job job, Runnable telling, Object result) {
        try {
            if (!job.cancelled.get()) {
                telling.run();
            } else if (result instanceof AutoCloseable held) {
                letGo(held);
            }
        } finally {
            // Last: who waits until nothing runs any more finds the result told.
            jobs.remove(job);
        }
    }

    /** A film that nobody wants any more must not stay open. */
    private void letGo(AutoCloseable held) {
        Thread closing = new Thread(
                () -> {
                    try {
                        held.close();
                    } catch (Exception e) {
                        throw new IllegalStateException("What nobody waited for any more could not be closed", e);
                    }
                },
                "letting go");
        closing.setDaemon(true);
        closing.start();
    }

    /** Whoever still hears something after the library was closed, such as a write that ended, may ask for more: nobody would see it. */
    private static Job notBegun(Job job) {
        job.cancel();
        return job;
    }

    /** Asks every task to stop; none is begun any more. On the interface thread. */
    void stop() {
        jobs.forEach(Job::cancel);
        ahead.forEach(Job::cancel);
        hands.shutdown();
    }

    /** Asks every task to stop, and gives them a moment to put away what they hold. */
    @Override
    public void close() {
        stop();
        awaitEnd();
    }

    /** Gives the tasks that were asked to stop a moment to put away what they hold. From any thread. */
    void awaitEnd() {
        try {
            hands.awaitTermination(2, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
