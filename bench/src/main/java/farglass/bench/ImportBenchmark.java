package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.Cast;
import farglass.library.Library;
import farglass.library.exchange.BoutImport;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Level;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Bout files read and imported into a new library as one act, history and all: 2,000 of them in at most twenty seconds. Beside it,
 * the same files read and their moments put into one bare table, with no history.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 1)
@Measurement(iterations = 3)
@Fork(1)
public class ImportBenchmark {
    @Param({"200", "2000"})
    private int files;

    private final Lexicon lexicon = Lexicon.shipped();
    private Path folder;
    private List<Path> paths;
    private int round;

    @Setup(Level.Trial)
    public void write() throws IOException {
        folder = Files.createTempDirectory("far-glass-bench");
        paths = new ArrayList<>();
        List<Bout> demo =
                Cast.seasons(lexicon).bouts().stream().map(ActedBout::told).toList();
        for (int i = 0; i < files; i++) {
            Bout bout = demo.get(i % demo.size());
            Bout other = new Bout(bout.id() + "-" + i, bout.header(), bout.moments(), List.of());
            paths.add(Files.writeString(folder.resolve(i + ".bout"), BoutFile.print(other)));
        }
    }

    @TearDown(Level.Trial)
    public void remove() throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.delete(path);
            }
        }
    }

    @Benchmark
    public int importAll() {
        try (Library library =
                Library.create(folder.resolve("l" + round++ + ".farglass"), Clock.systemUTC(), "bench")) {
            BoutImport.preview(paths, lexicon, library, share -> {}).into(library);
            return library.contents().bouts().size();
        }
    }

    @Benchmark
    public int referenceBareTable() throws SQLException {
        int written = 0;
        Path database = folder.resolve("bare" + round++ + ".db");
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + database);
                Statement statement = connection.createStatement()) {
            statement.execute("CREATE TABLE moment (bout TEXT, id TEXT, at_us INTEGER, line TEXT)");
            connection.setAutoCommit(false);
            try (PreparedStatement insert = connection.prepareStatement("INSERT INTO moment VALUES (?, ?, ?, ?)")) {
                for (Path path : paths) {
                    Bout bout = BoutImport.readAll(path, lexicon).get(0).bout().orElseThrow();
                    for (Moment moment : bout.moments()) {
                        insert.setString(1, bout.id());
                        insert.setString(2, moment.id());
                        insert.setLong(3, moment.atMicros().orElse(-1));
                        insert.setString(4, BoutFile.line(moment));
                        insert.addBatch();
                        written++;
                    }
                    insert.executeBatch();
                }
            }
            connection.commit();
        }
        return written;
    }
}
