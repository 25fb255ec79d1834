package farglass.desktop.tag;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.Arrays;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.locks.LockSupport;
import java.util.stream.Collectors;
import javafx.application.Platform;

/** Asks the interface thread for an answer all the time, and notes how long it gave none and what it did meanwhile. */
public final class StallWatch {
    private static final long BUSY_NANOS = TimeUnit.MILLISECONDS.toNanos(8);
    private static final int FRAMES = 4;
    /** Between two questions, so that the thread is not kept busy with them. */
    private static final long PAUSE_NANOS = 100_000;

    private static final ThreadMXBean CLOCKS = ManagementFactory.getThreadMXBean();

    private volatile long answeredAt;
    /** By the clock of the thread's own work. */
    private long workedUntil;

    private final AtomicLong longest = new AtomicLong();
    private final AtomicLong busiest = new AtomicLong();
    private final Queue<String> doing = new ConcurrentLinkedQueue<>();

    public void begin() throws InterruptedException {
        AtomicLong thread = new AtomicLong();
        Platform.runLater(() -> thread.set(Thread.currentThread().getId()));
        TimeUnit.MILLISECONDS.sleep(200);
        answeredAt = System.nanoTime();
        Thread screen = Thread.getAllStackTraces().keySet().stream()
                .filter(each -> each.getId() == thread.get())
                .findFirst()
                .orElseThrow();
        Thread watch = new Thread(() -> watch(screen), "stall watch");
        watch.setDaemon(true);
        watch.start();
        Platform.runLater(() -> {
            workedUntil = CLOCKS.getCurrentThreadCpuTime();
            ask();
        });
    }

    /**
     * A question stands in the queue at every time, behind what was asked for before it: what lies between two answers is one piece of
     * work, and at most what others asked for before it began.
     */
    private void ask() {
        longest.accumulateAndGet(System.nanoTime() - answeredAt, Math::max);
        busiest.accumulateAndGet(CLOCKS.getCurrentThreadCpuTime() - workedUntil, Math::max);
        LockSupport.parkNanos(PAUSE_NANOS);
        workedUntil = CLOCKS.getCurrentThreadCpuTime();
        answeredAt = System.nanoTime();
        Platform.runLater(this::ask);
    }

    private void watch(Thread screen) {
        try {
            while (true) {
                TimeUnit.MILLISECONDS.sleep(1);
                if (System.nanoTime() - answeredAt > BUSY_NANOS) {
                    doing.add(words(screen.getStackTrace()));
                }
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Our own innermost frames; of the toolkit's own work its innermost one. */
    private static String words(StackTraceElement[] stack) {
        List<String> ours = Arrays.stream(stack)
                .filter(frame -> frame.getClassName().startsWith("farglass."))
                .limit(FRAMES)
                .map(frame -> frame.getClassName().replaceAll(".*\\.", "") + "." + frame.getMethodName() + ":"
                        + frame.getLineNumber())
                .toList();
        return ours.isEmpty()
                ? stack.length == 0 ? "nothing" : "toolkit: " + stack[Math.min(6, stack.length - 1)]
                : ours.stream().collect(Collectors.joining(" < "));
    }

    public void forget() {
        longest.set(0);
        busiest.set(0);
        doing.clear();
    }

    /** {@return the most that the thread itself worked without an answer: what others do on this machine meanwhile is not in it} */
    public double busiestMillis() {
        return busiest.get() / 1e6;
    }

    public double longestMillis() {
        return longest.get() / 1e6;
    }

    public List<String> doing() {
        return List.copyOf(doing);
    }
}
