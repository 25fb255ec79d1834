package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.library.Library;
import farglass.library.contents.Contents;
import farglass.library.store.LibraryHeader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/** Opening a library: what the Shelf needs to stand, and, as the reference, everything. The first time in a process, as people do it. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 0)
@Measurement(iterations = 1)
@Fork(5)
public class OpeningBenchmark {
    @Param({"200", "2000"})
    public int bouts;

    private Path folder;
    private Path path;

    @Setup
    public void lay() throws IOException {
        folder = Files.createTempDirectory("opening");
        path = folder.resolve("big" + LibraryHeader.SUFFIX);
        List<Bout> all = BigLibrary.bouts(bouts, Lexicon.shipped());
        try (Library library = Library.create(path, Clock.systemUTC(), "bench")) {
            library.change("Import", all.stream().map(Change::added).toList());
        }
    }

    @TearDown
    public void clear() throws IOException {
        try (var files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.delete(file);
            }
        }
        Files.delete(folder);
    }

    @Benchmark
    public Contents headers() {
        try (Library library = Library.openAhead(path, Clock.systemUTC(), "bench")) {
            return library.ahead();
        }
    }

    @Benchmark
    public Contents everything() {
        try (Library library = Library.open(path, Clock.systemUTC(), "bench")) {
            return library.contents();
        }
    }
}
