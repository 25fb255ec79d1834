package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.BoutReading;
import farglass.core.rules.Ruleset;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.core.side.Seat;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.Cast;
import farglass.core.state.Timeline;
import farglass.library.json.BoutJson;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalLong;
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

/**
 * Reading a bout's text, working out its state and its score: at most a millisecond for 150 moments. Beside it, as references, the
 * same bout read from JSON by a general library, and its board added up at every instant anew.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
// Many small methods: the compiler takes a while until it has them all.
@Warmup(iterations = 20, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ScoreBenchmark {
    @Param({"15", "150", "1500"})
    private int moments;

    private final Lexicon lexicon = Lexicon.shipped();
    private final Ruleset ruleset =
            Rulesets.shipped().named("points-with-advantages").orElseThrow();
    private Bout bout;
    private String text;
    private String json;

    @Setup
    public void lay() {
        List<Moment> all = new ArrayList<>();
        long begun = 0;
        for (ActedBout acted : Cast.seasons(lexicon).bouts()) {
            boolean suits = acted.told().header().ruleset().equals(ruleset.name())
                    && !acted.told().moments().isEmpty();
            for (Moment moment : suits ? acted.told().moments() : List.<Moment>of()) {
                if (all.size() < moments) {
                    all.add(new Moment(
                            "m" + (all.size() + 1),
                            OptionalLong.of(begun + moment.atMicros().orElse(0)),
                            moment.actor(),
                            moment.deed(),
                            moment.settled(),
                            moment.telling().withFacts(List.of())));
                }
            }
            begun = all.isEmpty() ? 0 : all.get(all.size() - 1).atMicros().orElse(0) + 1_000_000;
        }
        Bout first = Cast.seasons(lexicon).bouts().get(0).told();
        bout = new Bout("bench", first.header(), all, List.of());
        text = BoutFile.print(bout);
        json = BoutJson.write(bout);
    }

    @Benchmark
    public Scorecard parseStateAndScore() {
        Bout read = BoutFile.parse(text, lexicon).bout().orElseThrow();
        return Scorecard.of(read, ruleset, lexicon, Timeline.of(read, lexicon));
    }

    @Benchmark
    public BoutReading parseOnly() {
        return BoutFile.parse(text, lexicon);
    }

    @Benchmark
    public BoutReading referenceFromJson() {
        return BoutJson.read(json, lexicon);
    }

    /** The referee's board at every moment, added up from the beginning each time. */
    @Benchmark
    public int referenceBoardAtEveryMoment() {
        int points = 0;
        for (Moment until : bout.moments()) {
            for (Moment moment : bout.moments()) {
                if (moment.atMicros().orElse(0) <= until.atMicros().orElse(0)
                        && moment.actor().filter(Seat.A::equals).isPresent()
                        && moment.deed() instanceof Deed.Awarded awarded) {
                    points += awarded.award().points();
                }
            }
        }
        return points;
    }
}
