package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.scribe.Continuations;
import farglass.core.scribe.Proposal;
import farglass.core.simulate.Acted;
import farglass.core.simulate.Cast;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.util.ArrayList;
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

/** The nine next moments, from counts learned once, beside counting everything anew for each. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PicksBenchmark {
    /** How often the demo's bouts are repeated. */
    @Param({"1", "10"})
    public int times;

    private final Lexicon lexicon = Lexicon.shipped();
    private final List<Bout> bouts = new ArrayList<>();
    private Continuations learned;
    private Stand guard;

    @Setup
    public void learn() {
        List<Bout> demo =
                Cast.seasons(lexicon).bouts().stream().map(Acted::told).toList();
        for (int i = 0; i < times; i++) {
            bouts.addAll(demo);
        }
        learned = Continuations.learned(bouts, lexicon);
        guard = demo.stream()
                .flatMap(bout -> Timeline.of(bout, lexicon).visits().stream())
                .map(visit -> visit.stand())
                .filter(stand -> stand.position().key().equals("open-guard"))
                .findFirst()
                .orElseThrow();
    }

    @Benchmark
    public List<Proposal> fromCounts() {
        return learned.next(guard, Optional.empty(), 9);
    }

    /** The reference. */
    @Benchmark
    public List<Proposal> countedAnew() {
        return Continuations.learned(bouts, lexicon).next(guard, Optional.empty(), 9);
    }
}
