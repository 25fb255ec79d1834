package farglass.library;

import farglass.core.bout.Bout;
import java.io.BufferedReader;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.util.Arrays;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * Power loss, simulated: a process that tags is halted at random instants, its files are copied as they are, and what a disk may do to
 * them is done: a journal that was not yet synced is cut or torn at random bytes, a page of the library that is covered by a synced
 * journal is torn. Reopened, the copy must hold every moment that was acknowledged before the halt. Run it as
 * {@code TornRun POINTS SEED}; needs a POSIX {@code kill}.
 */
final class TornRun {
    private static final byte[] JOURNAL_MAGIC = {
        (byte) 0xd9, (byte) 0xd5, 0x05, (byte) 0xf9, 0x20, (byte) 0xa1, 0x63, (byte) 0xd7
    };

    private final Random random;
    private final Path folder;
    private int unsynced;
    private int synced;
    private int between;

    private TornRun(Path folder, long seed) {
        this.folder = folder;
        this.random = new Random(seed);
    }

    public static void main(String[] arguments) throws Exception {
        int points = Integer.parseInt(arguments[0]);
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        System.out.println(run(Files.createTempDirectory("torn"), points, seed));
    }

    /** {@return what was done, in words; fails with an {@link AssertionError} at the first lost moment} */
    static String run(Path folder, int points, long seed) throws Exception {
        return new TornRun(folder, seed).run(points);
    }

    private String run(int points) throws Exception {
        Path file = folder.resolve("t.farglass");
        Process child = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElseThrow(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        KilledTest.Tagger.class.getName(),
                        file.toString())
                .redirectErrorStream(true)
                .start();
        AtomicInteger acknowledged = new AtomicInteger();
        Thread listener = new Thread(() -> listen(child, acknowledged));
        listener.setDaemon(true);
        listener.start();
        try {
            while (acknowledged.get() == 0 && child.isAlive()) {
                TimeUnit.MILLISECONDS.sleep(5);
            }
            for (int point = 0; point < points; point++) {
                TimeUnit.MICROSECONDS.sleep(random.nextInt(6_000));
                halt(child, file, acknowledged);
            }
        } finally {
            child.toHandle().destroyForcibly();
            child.waitFor();
        }
        return "%d halts, none lost a moment: %d before the journal was synced, %d after, %d between two acts; %d moments acknowledged"
                .formatted(points, unsynced, synced, between, acknowledged.get());
    }

    private static void listen(Process child, AtomicInteger acknowledged) {
        try (BufferedReader out = child.inputReader()) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                if (line.matches("saved [0-9]+")) {
                    acknowledged.set(Integer.parseInt(line.substring(6)));
                }
            }
        } catch (IOException e) {
            // The process was ended; what it had acknowledged is known.
            Thread.currentThread().interrupt();
        }
    }

    private void halt(Process child, Path file, AtomicInteger acknowledged) throws Exception {
        int known = acknowledged.get();
        signal("-STOP", child);
        stand(child);
        Path copy = folder.resolve("copy.farglass");
        Path journal = folder.resolve("copy.farglass-journal");
        try {
            Files.copy(file, copy, StandardCopyOption.REPLACE_EXISTING);
            Path live = folder.resolve("t.farglass-journal");
            Files.deleteIfExists(journal);
            if (Files.exists(live)) {
                Files.copy(live, journal);
            }
        } finally {
            signal("-CONT", child);
        }
        damage(copy, journal);
        check(copy, known);
    }

    private static void signal(String signal, Process child) throws Exception {
        int code = new ProcessBuilder("kill", signal, Long.toString(child.pid()))
                .start()
                .waitFor();
        if (code != 0) {
            throw new IllegalStateException("The tagging process is gone");
        }
    }

    /** A signal is on its way for a while: what is copied before every thread stands is the state of no instant. */
    private static void stand(Process child) throws Exception {
        Path tasks = Path.of("/proc/%d/task".formatted(child.pid()));
        boolean moving = true;
        while (moving) {
            TimeUnit.MILLISECONDS.sleep(2);
            moving = false;
            if (Files.isDirectory(tasks)) {
                try (var each = Files.list(tasks)) {
                    for (Path task : each.toList()) {
                        String stat = Files.readString(task.resolve("stat"));
                        moving |= stat.charAt(stat.lastIndexOf(')') + 2) != 'T';
                    }
                }
            }
        }
    }

    /** A header with a count of records was synced with all of them; before that the disk may hold any part of the journal. */
    private void damage(Path copy, Path journal) throws IOException {
        byte[] bytes = Files.exists(journal) ? Files.readAllBytes(journal) : new byte[0];
        if (bytes.length == 0) {
            between++;
            return;
        }
        boolean header = bytes.length >= 28 && Arrays.equals(Arrays.copyOf(bytes, 8), JOURNAL_MAGIC);
        int records = header ? ByteBuffer.wrap(bytes).getInt(8) : 0;
        if (records == 0) {
            unsynced++;
            tear(journal, bytes, 0);
            return;
        }
        synced++;
        int sector = ByteBuffer.wrap(bytes).getInt(20);
        int page = ByteBuffer.wrap(bytes).getInt(24);
        int end = sector + records * (page + 8);
        if (end < bytes.length) {
            tear(journal, bytes, end);
        }
        int record = random.nextInt(records);
        int number = ByteBuffer.wrap(bytes).getInt(sector + record * (page + 8));
        byte[] library = Files.readAllBytes(copy);
        int at = (number - 1) * page;
        if (at >= 0 && at + page <= library.length && random.nextBoolean()) {
            int from = at + random.nextInt(page);
            for (int i = from; i < at + page; i++) {
                library[i] = (byte) random.nextInt();
            }
            Files.write(copy, library);
        }
    }

    private void tear(Path journal, byte[] bytes, int from) throws IOException {
        int at = from + random.nextInt(Math.max(1, bytes.length - from));
        if (random.nextBoolean()) {
            Files.write(journal, Arrays.copyOf(bytes, at));
            return;
        }
        byte[] torn = bytes.clone();
        for (int i = at; i < torn.length; i += 1 + random.nextInt(64)) {
            torn[i] = (byte) random.nextInt();
        }
        Files.write(journal, torn);
    }

    private static void check(Path copy, int known) {
        try (Library library = Library.open(copy, Clock.systemUTC(), "check")) {
            Bout bout = library.bout("lantern-final").orElseThrow();
            int held = bout.moments().size() - SampleBouts.full().moments().size();
            if (held < known) {
                throw new AssertionError("%d moments were acknowledged, %d are there".formatted(known, held));
            }
        }
    }
}
