package farglass.library;

import farglass.core.corpus.Corpus;
import farglass.core.corpus.KeptSums;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.library.contents.OwnWords;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.CodeSource;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where the sums of a library are kept from one start to the next, among the person's own things and not in the library: they hold nothing
 * that cannot be counted again. They count for the same program and the same words only, and not if a single byte is other than it was
 * written.
 */
public final class SumsFile {
    private static final byte[] FIRST = "far-glass sums 1\n".getBytes(StandardCharsets.US_ASCII);
    private static final int DIGEST = 32;
    private static final String SUFFIX = ".sums";
    private static final Duration FORGOTTEN_AFTER = Duration.ofDays(120);
    /** Twenty times what 2,000 bouts take. */
    private static final long MOST_BYTES = 200_000_000;

    private final Path file;
    private final byte[] key;

    private SumsFile(Path file, byte[] key) {
        this.file = file;
        this.key = key;
    }

    /**
     * {@return where the sums of that library are; empty where it cannot be told which program this is}
     *
     * @param folder for the sums of all libraries; made when something is written
     * @param lexicon with which it was counted: some is told by how the school names it
     * @param own what the library adds to it
     */
    public static Optional<SumsFile> in(Path folder, Path library, Lexicon lexicon, OwnWords own) throws IOException {
        Optional<byte[]> program = program();
        if (program.isEmpty()) {
            return Optional.empty();
        }
        MessageDigest key = sha256();
        key.update(program.get());
        Stream<String> labels = Stream.<Term>concat(lexicon.techniques().stream(), lexicon.positions().stream())
                .map(term -> term.key() + " " + term.label())
                .sorted();
        Stream.concat(labels, own.texts().stream())
                .forEach(word -> key.update(sha256().digest(word.getBytes(StandardCharsets.UTF_8))));
        byte[] name =
                sha256().digest(library.toAbsolutePath().normalize().toString().getBytes(StandardCharsets.UTF_8));
        String hex = HexFormat.of().formatHex(name, 0, DIGEST / 2);
        return Optional.of(new SumsFile(folder.resolve(hex + SUFFIX), key.digest()));
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("Every Java has SHA-256.", e);
        }
    }

    /** Digest of the code that counts, with the lexicon and the rules it brings: its jar, or in a build its folder of classes. */
    private static Optional<byte[]> program() throws IOException {
        CodeSource source = Corpus.class.getProtectionDomain().getCodeSource();
        if (source == null || !source.getLocation().getProtocol().equals("file")) {
            return Optional.empty();
        }
        try {
            MessageDigest program = sha256();
            Path code = Path.of(source.getLocation().toURI());
            try (Stream<Path> files = Files.walk(code)) {
                for (Path each : files.filter(Files::isRegularFile).sorted().toList()) {
                    program.update(Files.readAllBytes(each));
                }
            }
            return Optional.of(program.digest());
        } catch (URISyntaxException e) {
            throw new IOException("The place of the program is no path: " + source.getLocation(), e);
        }
    }

    /**
     * Takes up what was kept of that library. Sums only save time: what the disk does not give is counted again.
     *
     * @return where they are, to be written later; empty where none can be kept
     */
    public static Optional<SumsFile> recall(Corpus corpus, Path folder, Path library, OwnWords own) {
        try {
            Optional<SumsFile> file = in(folder, library, corpus.lexicon(), own);
            if (file.isPresent()) {
                corpus.recall(file.get().read());
            }
            return file;
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    /**
     * {@return what was kept; nothing where there is nothing, where it is another program's or damaged: then it is counted again}
     *
     * @throws IOException if the file is there and the disk does not give it
     */
    public KeptSums read() throws IOException {
        if (!Files.isRegularFile(file) || Files.size(file) > MOST_BYTES) {
            return KeptSums.NONE;
        }
        byte[] whole = Files.readAllBytes(file);
        int head = FIRST.length + key.length;
        int body = whole.length - DIGEST;
        if (body < head) {
            return KeptSums.NONE;
        }
        MessageDigest found = sha256();
        found.update(whole, 0, body);
        boolean ours = Arrays.equals(whole, 0, FIRST.length, FIRST, 0, FIRST.length)
                && Arrays.equals(whole, FIRST.length, head, key, 0, key.length)
                && Arrays.equals(whole, body, whole.length, found.digest(), 0, DIGEST);
        return ours ? KeptSums.of(Arrays.copyOfRange(whole, head, body)) : KeptSums.NONE;
    }

    /** Writes the sums in place of those that were there. @throws IOException if the disk does not take them; then the old ones stand */
    public void write(KeptSums sums) throws IOException {
        ByteArrayOutputStream whole = new ByteArrayOutputStream();
        whole.write(FIRST);
        whole.write(key);
        whole.write(sums.bytes());
        whole.write(sha256().digest(whole.toByteArray()));
        Files.createDirectories(file.getParent());
        Path beside = Files.createTempFile(file.getParent(), "sums", ".part");
        try {
            Files.write(beside, whole.toByteArray());
            Files.move(beside, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(beside);
        }
        forgetOld(file.getParent());
    }

    /** Of a library that was not counted for so long, nobody knows whether it is still there. */
    private static void forgetOld(Path folder) throws IOException {
        Instant before = Instant.now().minus(FORGOTTEN_AFTER);
        try (Stream<Path> files = Files.list(folder)) {
            for (Path each :
                    files.filter(known -> known.toString().endsWith(SUFFIX)).toList()) {
                if (Files.getLastModifiedTime(each).toInstant().isBefore(before)) {
                    Files.deleteIfExists(each);
                }
            }
        }
    }
}
