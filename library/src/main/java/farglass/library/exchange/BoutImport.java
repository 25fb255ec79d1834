package farglass.library.exchange;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFiles;
import farglass.core.notation.BoutReading;
import farglass.core.notation.Diagnostic;
import farglass.core.state.Counting;
import farglass.library.Library;
import farglass.library.changelog.Act;
import farglass.library.contents.Contents;
import farglass.library.json.BoutJson;
import farglass.library.store.LibraryException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Bout files read for import: a preview first, then all of them or none. */
public final class BoutImport {
    /** What spreadsheets write without saying so: the letters of Western Europe. */
    private static final Charset WESTERN_EUROPE = Charset.forName("windows-1252");

    /** What is read where a command is given this in place of a file. */
    private static final Path STANDARD_INPUT = Path.of("-");

    static final long MOST_BYTES = 4 * 1024 * 1024;

    /**
     * One file of the preview.
     *
     * @param bout what would be imported; empty if the file has errors
     * @param replaced the bout as the library has it already, whose moments importing would replace
     * @param newAthletes names that the library does not know yet
     */
    public record Item(
            Path file,
            Optional<Bout> bout,
            List<Diagnostic> diagnostics,
            Optional<Bout> replaced,
            Set<String> newAthletes) {
        public Item {
            diagnostics = List.copyOf(diagnostics);
            newAthletes = Set.copyOf(newAthletes);
        }

        public boolean replaces() {
            return replaced.isPresent();
        }

        /** {@return every error and warning as one line of text each, with file, line and column} */
        public List<String> messages() {
            return diagnostics.stream()
                    .filter(diagnostic -> diagnostic.severity() != Diagnostic.Severity.NOTED)
                    .map(diagnostic -> diagnostic.in(file.getFileName().toString()))
                    .toList();
        }

        /** {@return how many phrases without a word were kept and are counted by their kind} */
        public int noted() {
            return (int) diagnostics.stream()
                    .filter(diagnostic -> diagnostic.severity() == Diagnostic.Severity.NOTED)
                    .count();
        }
    }

    private final List<Item> items;

    private BoutImport(List<Item> items) {
        this.items = items;
    }

    /** {@return what importing these files into the library would do} Changes nothing. */
    public static BoutImport preview(List<Path> files, Lexicon lexicon, Library library) {
        return preview(files, lexicon, library, share -> {});
    }

    /**
     * {@return the same}
     *
     * @param progress told how much is read, in [0, 1]
     */
    public static BoutImport preview(List<Path> files, Lexicon lexicon, Library library, DoubleConsumer progress) {
        return preview(files, file -> readAll(file, lexicon), library, progress);
    }

    /** {@return the same of files that are read so: tables too} */
    public static BoutImport preview(
            List<Path> files, Function<Path, List<BoutReading>> reader, Library library, DoubleConsumer progress) {
        Contents there = library.contents();
        Set<String> known =
                there.athletes().stream().map(athlete -> athlete.name()).collect(Collectors.toSet());
        Map<String, Path> seen = new HashMap<>();
        Map<String, Bout> bouts = there.bouts().stream().collect(Collectors.toMap(Bout::id, bout -> bout));
        List<Item> items = new ArrayList<>();
        int done = 0;
        for (Path file : files) {
            for (BoutReading reading : reader.apply(file)) {
                items.add(item(file, reading, bouts, known, seen));
            }
            progress.accept(++done / (double) files.size());
        }
        return new BoutImport(List.copyOf(items));
    }

    private static Item item(
            Path file, BoutReading reading, Map<String, Bout> bouts, Set<String> known, Map<String, Path> seen) {
        if (reading.bout().isEmpty()) {
            return new Item(file, Optional.empty(), reading.diagnostics(), Optional.empty(), Set.of());
        }
        Bout bout = reading.bout().get();
        Path twin = seen.putIfAbsent(bout.id(), file);
        if (twin != null) {
            return refused(
                    file, "this bout has the same id as %s; leave one of the two out".formatted(twin.getFileName()));
        }
        Set<String> added = Stream.of(
                        bout.header().a().name(), bout.header().b().name())
                .filter(name -> !known.contains(name))
                .collect(Collectors.toSet());
        return new Item(
                file, Optional.of(bout), reading.diagnostics(), Optional.ofNullable(bouts.get(bout.id())), added);
    }

    /** {@return every bout of the file, or why there is none} A text may hold several; a file that ends in .json is read as JSON. */
    public static List<BoutReading> readAll(Path file, Lexicon lexicon) {
        Text text = text(file);
        if (text.problem().isPresent()) {
            return List.of(
                    new BoutReading(Optional.empty(), List.of(text.problem().get())));
        }
        boolean json = file.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".json");
        return json ? List.of(BoutJson.read(text.text(), lexicon)) : BoutFiles.parse(text.text(), lexicon);
    }

    /**
     * The text of a file.
     *
     * @param problem why there is none
     */
    public record Text(String text, Optional<Diagnostic> problem) {}

    /** {@return the text of a file of at most 4 MB of UTF-8, or why there is none} */
    public static Text text(Path file) {
        return text(file, bytes -> Optional.empty());
    }

    /**
     * {@return the text of a table, or why there is none} Spreadsheet programs also write UTF-16, which says so in front, or the letters of
     * Western Europe, which say nothing.
     */
    public static Text tableText(Path file) {
        return text(
                file,
                bytes -> bytes.length > 1 && (isMark(bytes, 0xFF, 0xFE) || isMark(bytes, 0xFE, 0xFF))
                        ? Optional.of(StandardCharsets.UTF_16)
                        : Optional.of(WESTERN_EUROPE));
    }

    /** @param otherwise what it is written in, if not in UTF-8 */
    private static Text text(Path file, Function<byte[], Optional<Charset>> otherwise) {
        boolean standardInput = file.equals(STANDARD_INPUT);
        if (!standardInput && Files.exists(file) && !Files.isRegularFile(file)) {
            // A pipe or a device may never end.
            return none(1, "this is no file but a folder, a pipe or a device; choose a file, or give it as \"-\"");
        }
        try (InputStream in = standardInput ? System.in : Files.newInputStream(file)) {
            // A file may grow while it is read.
            byte[] bytes = in.readNBytes((int) MOST_BYTES + 1);
            if (bytes.length > MOST_BYTES) {
                long size = standardInput ? bytes.length : Math.max(bytes.length, Files.size(file));
                return none(
                        1,
                        String.format(
                                Locale.ROOT,
                                "the file is %,d kB or more, and no bout file is larger than %,d kB; choose the file of one bout",
                                size / 1024,
                                MOST_BYTES / 1024));
            }
            ByteBuffer letters = ByteBuffer.wrap(bytes);
            try {
                return decoded(letters, StandardCharsets.UTF_8);
            } catch (CharacterCodingException e) {
                int line = lines(bytes, letters.position());
                Optional<Charset> other = otherwise.apply(bytes);
                try {
                    return other.isPresent() ? decoded(ByteBuffer.wrap(bytes), other.get()) : noText(line);
                } catch (CharacterCodingException neither) {
                    return noText(line);
                }
            }
        } catch (IOException e) {
            return none(1, "the file cannot be read; check that it is there and may be opened");
        }
    }

    private static boolean isMark(byte[] bytes, int first, int second) {
        return bytes[0] == (byte) first && bytes[1] == (byte) second;
    }

    private static Text decoded(ByteBuffer in, Charset letters) throws CharacterCodingException {
        String text = letters.newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT)
                .decode(in)
                .toString();
        return new Text(text, Optional.empty());
    }

    private static int lines(byte[] bytes, int until) {
        int line = 1;
        for (int i = 0; i < until; i++) {
            line += bytes[i] == '\n' ? 1 : 0;
        }
        return line;
    }

    private static Text noText(int line) {
        return none(line, "this is not UTF-8 text; open it in a text editor and save it again as UTF-8");
    }

    private static Text none(int line, String why) {
        return new Text("", Optional.of(new Diagnostic(line, 1, Diagnostic.Severity.ERROR, why)));
    }

    private static BoutReading refused(String why) {
        return new BoutReading(Optional.empty(), List.of(new Diagnostic(1, 1, Diagnostic.Severity.ERROR, why)));
    }

    private static Item refused(Path file, String why) {
        return new Item(file, Optional.empty(), refused(why).diagnostics(), Optional.empty(), Set.of());
    }

    public List<Item> items() {
        return items;
    }

    /** {@return whether every file can be imported} */
    public boolean isClean() {
        return !items.isEmpty() && items.stream().allMatch(item -> item.bout().isPresent());
    }

    /** {@return the words of moments that have neither a name nor a kind, and how often they occur} */
    public Map<String, Integer> unnamed() {
        Map<String, Integer> counts = new TreeMap<>();
        items.stream()
                .flatMap(item -> item.bout().stream())
                .flatMap(bout -> bout.moments().stream())
                .forEach(moment -> {
                    moment.deed()
                            .unnamed()
                            .filter(unnamed -> unnamed.kind().isEmpty())
                            .ifPresent(unnamed -> counts.merge(unnamed.words(), 1, Integer::sum));
                });
        return counts;
    }

    /** {@return the same import, in which those words are techniques} @param keys of the lexicon, by words */
    public BoutImport naming(Map<String, String> keys) {
        return new BoutImport(items.stream()
                .map(item -> new Item(
                        item.file(),
                        item.bout().map(bout -> named(bout, keys)),
                        item.diagnostics(),
                        item.replaced(),
                        item.newAthletes()))
                .toList());
    }

    /** {@return the same import, in which every bout that does not say what was watched was watched from first to last moment} */
    public BoutImport watched() {
        return new BoutImport(items.stream()
                .map(item -> new Item(
                        item.file(),
                        item.bout()
                                .map(bout -> Counting.standing(bout) == Counting.Standing.NOT_WATCHED
                                        ? Counting.declared(bout)
                                        : bout),
                        item.diagnostics(),
                        item.replaced(),
                        item.newAthletes()))
                .toList());
    }

    private static Bout named(Bout bout, Map<String, String> keys) {
        List<Moment> moments = bout.moments().stream()
                .map(moment -> moment.deed()
                        .unnamed()
                        .filter(unnamed -> keys.containsKey(unnamed.words()))
                        .map(unnamed -> new Moment(
                                moment.id(),
                                moment.atMicros(),
                                moment.actor(),
                                new Deed.Did(keys.get(unnamed.words())),
                                moment.settled(),
                                moment.telling()))
                        .orElse(moment))
                .toList();
        return new Bout(bout.id(), bout.header(), moments, bout.comments());
    }

    /** Imports every file of the preview, as one act. See {@link #into(Library, DoubleConsumer, BooleanSupplier)}. */
    public Optional<Act> into(Library library) {
        return into(library, share -> {}, () -> false);
    }

    /**
     * Imports every file of the preview, as one act.
     *
     * @param progress told how much is written, in [0, 1]
     * @param cancelled asked between two files; once it says yes, nothing is imported
     * @throws LibraryException if one of them has errors, or the library refuses, or it was stopped; then nothing is imported
     */
    public Optional<Act> into(Library library, DoubleConsumer progress, BooleanSupplier cancelled) {
        if (!isClean()) {
            throw new LibraryException("Nothing was imported: "
                    + items.stream()
                            .filter(item -> item.bout().isEmpty())
                            .flatMap(item -> item.messages().stream())
                            .limit(3)
                            .collect(Collectors.joining("; ")));
        }
        String what = items.size() == 1
                ? "Import " + items.get(0).file().getFileName()
                : "Import %d bouts".formatted(items.size());
        AtomicInteger begun = new AtomicInteger();
        Stream<Change> changes = items.stream().map(item -> {
            if (cancelled.getAsBoolean()) {
                throw new LibraryException("Stopped: nothing was imported.");
            }
            progress.accept(begun.getAndIncrement() / (double) items.size());
            Bout bout = item.bout().orElseThrow();
            return new Change.OfBout(bout.id(), item.replaced(), Optional.of(bout));
        });
        return library.change(what, changes::iterator);
    }
}
