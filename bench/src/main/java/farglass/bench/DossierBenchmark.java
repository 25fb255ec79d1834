package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.profile.Dossier;
import farglass.core.simulate.Acted;
import farglass.core.simulate.Cast;
import farglass.core.study.Weighing;
import java.util.ArrayList;
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
import org.openjdk.jmh.annotations.Warmup;

/** A dossier after a filter has changed, after one bout was edited, and with every sheet made anew. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class DossierBenchmark {
    private static final String ATHLETE = "Runa Castellan";

    /** How often the demo's bouts are repeated: more bouts of the same athletes. */
    @Param({"2", "20"})
    public int times;

    private final Lexicon lexicon = Lexicon.shipped();
    private final List<Bout> bouts = new ArrayList<>();
    private List<Bout> edited;
    private Corpus corpus;

    @Setup
    public void learn() {
        List<Bout> demo =
                Cast.seasons(lexicon).bouts().stream().map(Acted::told).toList();
        for (int i = 0; i < times; i++) {
            for (Bout bout : demo) {
                bouts.add(new Bout(bout.id() + "-" + i, bout.header(), bout.moments(), bout.comments()));
            }
        }
        corpus = Corpus.of(bouts, lexicon);
        Dossier.of(ATHLETE, corpus, Weighing.ALIKE);
        edited = new ArrayList<>(bouts);
        Bout first = bouts.get(0);
        edited.set(0, new Bout(first.id(), first.header(), first.moments(), first.comments()));
    }

    @Benchmark
    public Dossier afterAFilter() {
        return Dossier.of(ATHLETE, corpus, Weighing.ALIKE);
    }

    @Benchmark
    public Dossier afterAnEdit() {
        return Dossier.of(ATHLETE, corpus.renewed(edited, lexicon), Weighing.ALIKE);
    }

    /** The reference. */
    @Benchmark
    public Dossier countedAnew() {
        return Dossier.of(ATHLETE, bouts, Weighing.ALIKE, lexicon);
    }
}
