package farglass.desktop.tag;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadMXBean;
import java.util.Arrays;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Collectors;
import javafx.application.Platform;

/** Asks the interface thread for an answer all the time, and notes how long it gave none and what it did meanwhile. */
public final class StallWatch {
    private static final long BUSY_NANOS = TimeUnit.MILLISECONDS.toNanos(8);
    private static final int FRAMES = 4;
    private static final ThreadMXBean CLOCKS = ManagementFactory.getThreadMXBean();

    private final AtomicBoolean answered = new AtomicBoolean(true);
    private final AtomicLong longest = new AtomicLong();
    private final AtomicLong busiest = new AtomicLong();
    private final Queue<String> doing = new ConcurrentLinkedQueue<>();

    public void begin() throws InterruptedException {
        AtomicLong thread = new AtomicLong();
        Platform.runLater(() -> thread.set(Thread.currentThread().getId()));
        TimeUnit.MILLISECONDS.sleep(200);
        Thread screen = Thread.getAllStackTraces().keySet().stream()
                .filter(each -> each.getId() == thread.get())
                .findFirst()
                .orElseThrow();
        Thread watch = new Thread(() -> watch(screen), "stall watch");
        watch.setDaemon(true);
        watch.start();
    }

    private void watch(Thread screen) {
        try {
            while (true) {
                long asked = System.nanoTime();
                long worked = CLOCKS.getThreadCpuTime(screen.getId());
                answered.set(false);
                Platform.runLater(() -> answered.set(true));
                while (!answered.get()) {
                    TimeUnit.MILLISECONDS.sleep(1);
                    if (!answered.get() && System.nanoTime() - asked > BUSY_NANOS) {
                        doing.add(words(screen.getStackTrace()));
                    }
                }
                longest.accumulateAndGet(System.nanoTime() - asked, Math::max);
                busiest.accumulateAndGet(CLOCKS.getThreadCpuTime(screen.getId()) - worked, Math::max);
                TimeUnit.MILLISECONDS.sleep(1);
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
