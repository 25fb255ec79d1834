package farglass.library;

import farglass.core.bout.Bout;
import farglass.library.contents.Contents;
import farglass.library.contents.Damage;
import farglass.library.recovery.Recovery;
import farglass.library.store.Journal;
import farglass.library.store.LibraryException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;

/**
 * Turns bytes of a library, or cuts it short, and looks at what opens and what recovery brings back: {@code FlipRun LIBRARY TIMES SEED}.
 */
final class FlipRun {
    /**
     * What became of so many damaged copies.
     *
     * @param whole opened and read as it was
     * @param named opened, with what is damaged named and left out
     * @param refused not opened, with a sentence
     * @param silent read as something else without a word, when opened or recovered
     * @param uncaught ended in what is no sentence
     * @param mended of those not whole, wholly as before after recovery
     * @param told of those not whole, recovered with what is lost named
     * @param unrecovered of those not whole, refused by recovery, with a sentence
     */
    record Tally(int whole, int named, int refused, int silent, int uncaught, int mended, int told, int unrecovered) {}

    private static final Clock CLOCK = Clock.systemUTC();

    private FlipRun() {}

    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createTempDirectory("flip-run");
        System.out.println(over(
                Path.of(arguments[0]),
                folder,
                Integer.parseInt(arguments[1]),
                arguments.length > 2 ? Long.parseLong(arguments[2]) : 1));
    }

    static Tally over(Path library, Path folder, int times, long seed) throws IOException {
        Files.createDirectories(folder);
        byte[] whole = Files.readAllBytes(library);
        Contents before = contents(library);
        Random random = new Random(seed);
        int[] count = new int[8];
        Path file = folder.resolve("flipped.farglass");
        for (int i = 0; i < times; i++) {
            byte[] bytes = whole.clone();
            if (random.nextInt(8) == 0) {
                bytes = java.util.Arrays.copyOf(bytes, random.nextInt(bytes.length));
            } else {
                for (int flips = 1 + random.nextInt(3); flips > 0; flips--) {
                    bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
                }
            }
            clear(folder);
            Files.write(file, bytes);
            int kind = opened(file, before);
            count[kind]++;
            if (kind == 3) {
                System.out.println("silent when opened: turn " + i);
            }
            if (kind > 0) {
                Files.write(file, bytes);
                Files.deleteIfExists(Journal.of(file));
                int after = recovered(file, before);
                count[after]++;
                if (after == 3 || after == 7) {
                    System.out.println((after == 3 ? "silent when recovered: turn " : "not recovered: turn ")
                            + i
                            + (bytes.length < whole.length ? ", cut short" : ""));
                }
            }
        }
        clear(folder);
        return new Tally(count[0], count[1], count[2], count[3], count[4], count[5], count[6], count[7]);
    }

    private static void clear(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
    }

    private static Contents contents(Path file) {
        try (Library library = Library.open(file, CLOCK, "flip")) {
            return library.contents();
        }
    }

    private static int opened(Path file, Contents before) {
        try {
            Contents now = contents(file);
            if (same(before, now)) {
                return now.damage().isEmpty() ? 0 : 1;
            }
            return told(before, now, now.damage().stream().map(Damage::sentence).toList()) ? 1 : 3;
        } catch (LibraryException e) {
            return 2;
        } catch (RuntimeException e) {
            e.printStackTrace();
            return 4;
        }
    }

    private static int recovered(Path file, Contents before) {
        try {
            Recovery.Report report = Recovery.recover(file, CLOCK, "flip");
            Contents now = contents(file);
            if (same(before, now) && now.damage().isEmpty()) {
                return 5;
            }
            List<String> words = new ArrayList<>(report.lost());
            now.damage().forEach(damage -> words.add(damage.sentence()));
            return told(before, now, words) ? 6 : 3;
        } catch (LibraryException e) {
            return 7;
        } catch (RuntimeException e) {
            e.printStackTrace();
            return 4;
        }
    }

    private static boolean same(Contents before, Contents now) {
        return now.bouts().equals(before.bouts())
                && now.athletes().equals(before.athletes())
                && now.studies().equals(before.studies())
                && now.plans().equals(before.plans())
                && now.words().equals(before.words());
    }

    /** Whether a bout that reads otherwise was named; of what has no checksum any word will do. */
    private static boolean told(Contents before, Contents now, List<String> words) {
        Map<String, Bout> read = new HashMap<>();
        now.bouts().forEach(bout -> read.put(bout.id(), bout));
        for (Bout bout : before.bouts()) {
            Bout found = read.get(bout.id());
            if (!bout.equals(found) && words.isEmpty()) {
                return false;
            }
        }
        return !words.isEmpty() || now.bouts().equals(before.bouts());
    }
}
