package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.pick.Continuations;
import farglass.core.pick.Situation;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.Cast;
import farglass.core.state.Timeline;
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

/** The nine next moments, from counts learned once, beside counting everything anew for each. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PicksBenchmark {
    /** How often the demo's bouts are repeated. */
    @Param({"1", "10", "50"})
    public int times;

    private final Lexicon lexicon = Lexicon.shipped();
    private final List<Bout> bouts = new ArrayList<>();
    private Continuations learned;
    private Situation situation;

    @Setup
    public void learn() {
        List<Bout> demo =
                Cast.seasons(lexicon).bouts().stream().map(ActedBout::told).toList();
        for (int i = 0; i < times; i++) {
            bouts.addAll(demo);
        }
        learned = Continuations.learned(Corpus.of(bouts, lexicon));
        Bout bout = demo.get(2);
        int count = bout.moments().size() / 2;
        situation = Situation.after(
                bout, count, Timeline.of(bout, lexicon).after(bout.moments().get(count - 1)));
    }

    @Benchmark
    public List<Continuations.Likely> fromCounts() {
        return learned.next(situation, 9);
    }

    /** The reference. */
    @Benchmark
    public List<Continuations.Likely> countedAnew() {
        return Continuations.learned(Corpus.of(bouts, lexicon)).next(situation, 9);
    }
}
