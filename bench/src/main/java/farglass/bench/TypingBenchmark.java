package farglass.bench;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Header;
import farglass.core.clause.Clauses;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.scribe.Expectation;
import farglass.core.scribe.LinePlace;
import farglass.core.state.Timeline;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.commons.text.similarity.LevenshteinDistance;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OperationsPerInvocation;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * What a key in the typed line costs, with the compiler that the window runs with; and the nearest name beside a comparison with each of the
 * names that entries have of their own, which are fewer than those that are looked through.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(value = 1, jvmArgsAppend = "-XX:TieredStopAtLevel=1")
public class TypingBenchmark {
    private static final List<String> LINES = List.of(
            "ann knee cut left nearly, bea frames",
            "bea hip bump to kimura",
            "ann passes and goes straight to the back",
            "both athletes fight for the grips");
    private static final int KEYS = 131;

    private final Lexicon lexicon = Lexicon.shipped();
    private final LinePlace place = place();
    private final List<String> keys = LINES.stream()
            .flatMap(line -> IntStream.rangeClosed(1, line.length()).mapToObj(typed -> line.substring(0, typed)))
            .toList();
    private final List<Name> names = Stream.<Term>concat(lexicon.techniques().stream(), lexicon.positions().stream())
            .flatMap(term -> Stream.concat(Stream.of(term.label()), term.names().all().stream())
                    .map(name -> new Name(name.toLowerCase(Locale.ROOT).replace(" ", ""), term)))
            .toList();

    private record Name(String joined, Term term) {}

    private LinePlace place() {
        Bout bout = new Bout(
                "typed",
                Header.between(Contestant.named("Ann Ames"), Contestant.named("Bea Birk")),
                List.of(),
                List.of());
        return LinePlace.end(bout, Timeline.of(bout, lexicon).at(0));
    }

    /** Per key: reading what is typed so far, and what else it could mean. */
    @Benchmark
    @OperationsPerInvocation(KEYS)
    public int everyKeyOfFourLines() {
        if (keys.size() != KEYS) {
            throw new IllegalStateException(
                    "There are %d keys, and not as many as are counted.".formatted(keys.size()));
        }
        return keys.stream()
                .map(typed -> Clauses.read(typed, place, lexicon, Expectation.NONE))
                .mapToInt(told -> told.get(0).reading().alternatives().size())
                .sum();
    }

    @Benchmark
    public Optional<Term> nearestName() {
        return lexicon.nearest("strait armlok");
    }

    /** The reference. */
    @Benchmark
    public Optional<Term> nearestOfAllNames() {
        int fewest = 4;
        Term nearest = null;
        for (Name name : names) {
            int slips = LevenshteinDistance.getDefaultInstance().apply("straitarmlok", name.joined());
            if (slips < fewest) {
                fewest = slips;
                nearest = name.term();
            }
        }
        return Optional.ofNullable(nearest);
    }
}
