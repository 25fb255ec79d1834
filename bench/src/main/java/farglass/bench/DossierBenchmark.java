package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.catalogue.Catalogue;
import farglass.core.corpus.Corpus;
import farglass.core.corpus.KeptSums;
import farglass.core.lexicon.Lexicon;
import farglass.core.plan.UsualAnswers;
import farglass.core.question.Dossier;
import java.io.IOException;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
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
 * A dossier after a filter has changed, after one bout was edited, and with every sheet made anew; beside it the counts alone, without any
 * estimate, by an analytical database from its own tables of the same bouts.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 3)
@Measurement(iterations = 5, time = 3)
@Fork(value = 1, jvmArgs = "-Xmx6g")
public class DossierBenchmark {
    /** Of about 125 moments each. */
    @Param({"200", "2000", "20000"})
    public int bouts;

    /** By its full name, since JMH has a {@code Scope} too. */
    private static final farglass.core.scope.Scope EVERYTHING = farglass.core.scope.Scope.ALL;

    private final Lexicon lexicon = Lexicon.shipped();
    private List<Bout> all;
    private List<Bout> edited;
    private Corpus corpus;
    private SqlCounts sql;
    private byte[] kept;

    @Setup
    public void learn() throws SQLException {
        all = BigLibrary.bouts(bouts, lexicon);
        corpus = Corpus.of(all, lexicon);
        Catalogue.dossier(BigLibrary.ATHLETE, corpus, EVERYTHING);
        // The window counts everybody under study ahead: what one of them was never seen to do, another was.
        Catalogue.dossier(BigLibrary.ONE_OF_MANY, corpus, EVERYTHING);
        edited = new ArrayList<>(all);
        Bout first = all.get(0);
        edited.set(0, new Bout(first.id(), first.header(), first.moments(), first.comments()));
        sql = new SqlCounts(all, lexicon);
        kept = corpus.sums().bytes();
    }

    /** A corpus of which nothing was asked yet, for {@link #firstOfKept} alone; the others do not look at it. */
    @State(Scope.Thread)
    public static class Opened {
        private Corpus corpus;

        @Setup(Level.Invocation)
        public void open(DossierBenchmark of) throws IOException {
            corpus = of.opened();
        }
    }

    @TearDown
    public void close() throws SQLException {
        sql.close();
    }

    @Benchmark
    public Dossier afterAFilter() {
        return Catalogue.dossier(BigLibrary.ATHLETE, corpus, EVERYTHING);
    }

    /** The reference: counts of everybody's tries in the bouts that a filter leaves, and no estimate. */
    @Benchmark
    public int afterAFilterBySql() throws SQLException {
        return sql.count();
    }

    @Benchmark
    public Dossier afterAnEdit() {
        return Catalogue.dossier(BigLibrary.ATHLETE, corpus.renewed(edited, lexicon), EVERYTHING);
    }

    @Benchmark
    public Corpus sheetsAnew() {
        return Corpus.of(all, lexicon);
    }

    @Benchmark
    public Dossier countedAnew() {
        return Catalogue.dossier(BigLibrary.ATHLETE, Corpus.of(all, lexicon), EVERYTHING);
    }

    /** What is done in the background when a library is opened that was counted before. */
    @Benchmark
    public Corpus opened() throws IOException {
        Corpus opened = Corpus.of(all, lexicon);
        opened.recall(KeptSums.of(kept));
        return opened;
    }

    /** The first dossier then. */
    @Benchmark
    public Dossier firstOfKept(Opened opened) {
        return Catalogue.dossier(BigLibrary.ATHLETE, opened.corpus, EVERYTHING);
    }

    @Benchmark
    public Dossier firstOfKeptOfOneOfMany(Opened opened) {
        return Catalogue.dossier(BigLibrary.ONE_OF_MANY, opened.corpus, EVERYTHING);
    }

    /** What a plan and an answers pass ask of one opponent. */
    @Benchmark
    public List<UsualAnswers.Attacked> usualAnswers() {
        return UsualAnswers.to(BigLibrary.ATHLETE, corpus);
    }
}
