package farglass.library;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.library.backup.Backups;
import farglass.library.contents.Contents;
import farglass.library.exchange.BoutImport;
import farglass.library.recovery.Recovery;
import farglass.library.store.Journal;
import farglass.library.store.LibraryException;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Fills the disk, or ends the process, at each single write of what changes a library, and looks at what is there afterwards: all or
 * nothing, and the same done again with room on the disk. On Linux: {@code gcc -shared -fPIC -o fault.so
 * library/src/test/c/disk-faults.c -ldl}, then {@code FaultRun fault.so [EVERY [DOING]]}, each EVERY-th write.
 */
final class FaultRun {
    private static final Clock CLOCK = Clock.systemUTC();
    private static final String LIBRARY = "matches.farglass";
    /** What is done. The folder holds a library with two bouts and one backup of it with one; for CREATE nothing. */
    enum Doing {
        CREATE,
        IMPORT,
        EDIT,
        BACKUP,
        RESTORE,
        RECOVER
    }

    private FaultRun() {}

    public static void main(String[] arguments) throws Exception {
        if (arguments[0].equals("child")) {
            System.exit(child(Doing.valueOf(arguments[1]), Path.of(arguments[2])));
        }
        Path shim = Path.of(arguments[0]).toAbsolutePath();
        int every = arguments.length > 1 ? Integer.parseInt(arguments[1]) : 1;
        Path base = Files.createTempDirectory("fault-base");
        for (Doing doing : arguments.length > 2 ? new Doing[] {Doing.valueOf(arguments[2])} : Doing.values()) {
            for (String kind : List.of("full", "kill", "torn")) {
                System.out.println(doing + " " + kind + ": " + over(doing, kind, shim, base, every));
            }
        }
    }

    private static Map<String, Integer> over(Doing doing, String kind, Path shim, Path base, int every)
            throws Exception {
        Path folder = Files.createTempDirectory("fault");
        prepare(doing, folder);
        int writes = run(doing, "full", 0, shim, folder, base);
        Map<String, Integer> tally = new TreeMap<>();
        tally.put("writes", writes);
        for (int at = 1; at <= writes; at += every) {
            prepare(doing, folder);
            run(doing, kind, at, shim, folder, base);
            String found;
            try {
                found = found(doing, folder);
            } catch (RuntimeException | IOException | AssertionError e) {
                found = "WRONG at " + at + ": " + e;
            }
            tally.merge(found, 1, Integer::sum);
        }
        clear(folder);
        return tally;
    }

    private static Bout bout(String id) {
        return BoutFile.parse(
                        "far-glass bout 1\nid: %s\nA: Wilma Ferreby\nB: Runa Castellan\n".formatted(id)
                                + IntStream.range(1, 60)
                                        .mapToObj(i -> "%d:%02d A knee-cut; worked; note \"%s\"\n"
                                                .formatted(i / 10, i % 10 * 6, "once more ".repeat(20)))
                                        .reduce("", String::concat),
                        Lexicon.shipped())
                .bout()
                .orElseThrow();
    }

    private static void prepare(Doing doing, Path folder) throws IOException {
        clear(folder);
        Path file = folder.resolve(LIBRARY);
        Files.writeString(folder.resolve("third.bout"), BoutFile.print(bout("third")));
        if (doing == Doing.CREATE) {
            return;
        }
        try (Library library = Library.create(file, CLOCK, "fault")) {
            library.act("One", edit -> edit.put(bout("first")));
            Backups.of(library).make(library);
            library.act("Two", edit -> edit.put(bout("second")));
        }
        if (doing == Doing.RECOVER) {
            hurt(file);
        }
    }

    /** Turns a bit of a moment, and not of the history that tells what it was. */
    private static void hurt(Path file) throws IOException {
        byte[] whole = Files.readAllBytes(file);
        for (int at = 0; ; at++) {
            at = indexOf(whole, "knee-cut".getBytes(StandardCharsets.UTF_8), at);
            byte[] bytes = whole.clone();
            bytes[at] ^= 1;
            Files.write(file, bytes);
            try (Library library = Library.openToRead(file, CLOCK, "fault")) {
                if (!library.contents().damage().isEmpty()) {
                    return;
                }
            }
        }
    }

    private static int indexOf(byte[] bytes, byte[] wanted, int from) {
        return IntStream.range(from, bytes.length - wanted.length)
                .filter(at -> java.util.Arrays.equals(bytes, at, at + wanted.length, wanted, 0, wanted.length))
                .findFirst()
                .orElseThrow();
    }

    private static void clear(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                if (!each.equals(folder)) {
                    Files.delete(each);
                }
            }
        }
    }

    private static int run(Doing doing, String kind, int at, Path shim, Path folder, Path base) throws Exception {
        Path count = base.resolve("count");
        ProcessBuilder child = new ProcessBuilder(
                ProcessHandle.current().info().command().orElseThrow(),
                "-XX:TieredStopAtLevel=1",
                "-XX:+UseSerialGC",
                "-cp",
                System.getProperty("java.class.path"),
                FaultRun.class.getName(),
                "child",
                doing.name(),
                folder.toString());
        child.environment().put("LD_PRELOAD", shim.toString());
        child.environment().put("FAULT_DIR", folder + "/");
        child.environment().put("FAULT_AT", Integer.toString(at));
        child.environment().put("FAULT_KIND", kind);
        child.environment().put("FAULT_COUNT", count.toString());
        child.redirectErrorStream(true).redirectOutput(base.resolve("said").toFile());
        Process process = child.start();
        if (!process.waitFor(60, TimeUnit.SECONDS)) {
            process.destroyForcibly().waitFor();
            throw new AssertionError(doing + " does not end when the disk is " + kind + " at " + at);
        }
        int code = process.exitValue();
        if (at == 0 && code != 0 || code != 0 && code != 1 && code != 137) {
            throw new AssertionError("%s %s at %d left with %d: %s"
                    .formatted(doing, kind, at, code, Files.readString(base.resolve("said"))));
        }
        return Integer.parseInt(Files.readString(count));
    }

    /** {@return 0 if it was done, 1 if it was refused with a sentence, 2 for a slip} */
    private static int child(Doing doing, Path folder) {
        try {
            doIt(doing, folder);
            return 0;
        } catch (LibraryException e) {
            System.out.println(e.getMessage());
            return 1;
        } catch (RuntimeException e) {
            e.printStackTrace();
            return 2;
        }
    }

    private static void doIt(Doing doing, Path folder) {
        Path file = folder.resolve(LIBRARY);
        switch (doing) {
            case CREATE -> Library.create(file, CLOCK, "fault").close();
            case IMPORT -> {
                try (Library library = Library.open(file, CLOCK, "fault")) {
                    writable(library);
                    BoutImport.preview(List.of(folder.resolve("third.bout")), Lexicon.shipped(), library)
                            .into(library);
                }
            }
            case EDIT -> {
                try (Library library = Library.open(file, CLOCK, "fault")) {
                    writable(library);
                    library.act("Three", edit -> edit.put(bout("third")));
                }
            }
            case BACKUP -> {
                try (Library library = Library.open(file, CLOCK, "fault")) {
                    Backups.of(library).make(library);
                }
            }
            case RESTORE -> {
                Backups backups = Backups.of(file, CLOCK);
                backups.restore(backups.list().get(0));
            }
            case RECOVER -> Recovery.recover(file, CLOCK, "fault");
        }
    }

    private static void writable(Library library) {
        library.readOnly().ifPresent(reason -> {
            throw new LibraryException(reason);
        });
    }

    private static List<String> bouts(Path file) {
        try (Library library = Library.open(file, CLOCK, "fault")) {
            Contents contents = library.contents();
            contents.bouts().forEach(each -> {
                if (!each.moments().equals(bout(each.id()).moments())
                        && contents.damage().isEmpty()) {
                    throw new AssertionError(each.id() + " reads as something else");
                }
            });
            return contents.bouts().stream().map(Bout::id).sorted().toList();
        }
    }

    /** {@return what was found, and that the same can be done now} */
    private static String found(Doing doing, Path folder) throws IOException {
        Path file = folder.resolve(LIBRARY);
        String found = state(doing, file);
        if (found.equals("before")) {
            doIt(doing, folder);
            String now = state(doing, file);
            if (!now.equals("after")) {
                throw new AssertionError("done again it is " + now);
            }
        }
        try (Stream<Path> all = Files.list(folder)) {
            // The library's own journal is kept, empty, between two acts.
            List<String> left = all.filter(each ->
                            !each.equals(Journal.of(file)) || each.toFile().length() > 0)
                    .map(each -> each.getFileName().toString())
                    .filter(name -> !name.equals(LIBRARY)
                            && !name.equals("third.bout")
                            && !name.endsWith(".lock")
                            && !name.endsWith(".backups")
                            && !name.contains(".before-restore-")
                            && !name.contains(".damaged-"))
                    .map(name -> name.replaceAll("[0-9]{5,}[0-9-]*", "N"))
                    .toList();
            return left.isEmpty() ? found : found + ", leaves " + left;
        }
    }

    private static String state(Doing doing, Path file) {
        if (doing == Doing.CREATE) {
            return !Files.exists(file) ? "before" : bouts(file).isEmpty() ? "after" : "something else";
        }
        if (doing == Doing.BACKUP) {
            List<Backups.Backup> backups = Backups.of(file, CLOCK).list();
            backups.forEach(each -> bouts(each.path()));
            return !bouts(file).equals(List.of("first", "second"))
                    ? "something else"
                    : backups.size() == 1 ? "before" : "after";
        }
        if (doing == Doing.RECOVER) {
            try (Library library = Library.open(file, CLOCK, "fault")) {
                return library.contents().damage().isEmpty()
                                && library.contents().bouts().size() == 2
                        ? "after"
                        : "before";
            }
        }
        return switch (String.join(" ", bouts(file))) {
            case "first second" -> "before";
            case "first second third" -> "after";
            case "first" -> doing == Doing.RESTORE ? "after" : "something else";
            default -> "something else";
        };
    }
}
