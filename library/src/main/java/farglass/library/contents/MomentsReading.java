package farglass.library.contents;

import farglass.library.store.Row;
import farglass.library.store.Store;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Semaphore;
import java.util.function.DoubleConsumer;

/**
 * Reads what happened in all bouts. The database gives the rows one after another; what they tell is worked out beside that, bout by bout, on
 * all processors.
 */
final class MomentsReading {
    /** Rows come faster than they are understood: no more bouts than these wait for that. */
    private static final int MOST_WAITING = 64;

    private final ExecutorService hands;
    private final Semaphore room = new Semaphore(MOST_WAITING);
    private final Map<String, CompletableFuture<ToldMoments>> told = new HashMap<>();
    /** The bout whose rows come now, and those that came. */
    private String bout = "";

    private List<Row> rows = new ArrayList<>();

    private MomentsReading(ExecutorService hands) {
        this.hands = hands;
    }

    /**
     * {@return what happened in every bout that has a moment, by the bout's key}
     *
     * @param progress told how much was read, in [0, 1]; what it throws ends the reading
     */
    static Map<String, ToldMoments> all(Store store, DoubleConsumer progress) {
        ExecutorService hands =
                Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors(), task -> {
                    Thread thread = new Thread(task, "reading moments");
                    thread.setDaemon(true);
                    return thread;
                });
        try {
            MomentsReading reading = new MomentsReading(hands);
            store.each("moment", "bout, ord, key", progress, reading::take);
            reading.handOver();
            return reading.joined();
        } finally {
            hands.shutdownNow();
        }
    }

    private void take(Row row) {
        if (!(row.columns().get("bout") instanceof String of)) {
            // Of whichever bout it was, that one does not meet its seal without it.
            return;
        }
        if (!of.equals(bout)) {
            handOver();
            bout = of;
        }
        rows.add(row);
    }

    private void handOver() {
        if (rows.isEmpty()) {
            return;
        }
        List<Row> gathered = rows;
        rows = new ArrayList<>();
        room.acquireUninterruptibly();
        // Where damage has torn the rows of a bout apart, the later ones follow the earlier ones.
        CompletableFuture<ToldMoments> earlier =
                told.getOrDefault(bout, CompletableFuture.completedFuture(new ToldMoments()));
        told.put(
                bout,
                earlier.thenApplyAsync(moments -> moments.with(gathered), hands)
                        .whenComplete((moments, problem) -> room.release()));
    }

    private Map<String, ToldMoments> joined() {
        Map<String, ToldMoments> all = new HashMap<>();
        told.forEach((key, moments) -> all.put(key, join(moments)));
        return all;
    }

    private static ToldMoments join(CompletableFuture<ToldMoments> moments) {
        try {
            return moments.join();
        } catch (CompletionException e) {
            if (e.getCause() instanceof Error error) {
                throw error;
            }
            throw (RuntimeException) e.getCause();
        }
    }
}
