package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.corpus.BoutSheet;
import farglass.core.lexicon.Lexicon;
import farglass.core.pass.Aim;
import farglass.core.pass.Pass;
import farglass.core.pass.PassQuestion;
import farglass.core.pass.StudyNeeds;
import java.util.List;
import java.util.Optional;
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

/** What a pass asks about one bout: it is asked anew after every answer. Linear in the bout's moments. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PassBenchmark {
    @Param({"120", "1200", "12000"})
    public int moments;

    private final Lexicon lexicon = Lexicon.shipped();
    private Bout bout;

    @Setup
    public void grow() {
        bout = BigLibrary.bouts(1, moments, lexicon).get(0);
    }

    @Benchmark
    public List<PassQuestion> answers() {
        return new Pass(Aim.ANSWERS, Optional.empty(), StudyNeeds.NONE).questions(BoutSheet.of(bout, lexicon));
    }

    @Benchmark
    public List<PassQuestion> grips() {
        return new Pass(Aim.GRIPS, Optional.empty(), StudyNeeds.NONE).questions(BoutSheet.of(bout, lexicon));
    }

    /** How much of both is making the sheet. */
    @Benchmark
    public BoutSheet sheet() {
        return BoutSheet.of(bout, lexicon);
    }
}
