package farglass.core.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.estimate.Choices;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

/** What a filter leaves of the counts is what is counted of the bouts that it leaves. */
class AthleteCountsTest {
    private final SplittableRandom random = new SplittableRandom(3);

    private Counted bout(int number) {
        List<Evidence> evidence = new ArrayList<>();
        for (int left = random.nextInt(6); left > 0; left--) {
            evidence.add(new Evidence("bout " + number, Optional.of("moment " + left), "option " + random.nextInt(5)));
        }
        return Counted.of(evidence);
    }

    /** {@return by option what the bouts hold, counted as one would by hand} */
    private static Map<String, List<Evidence>> byHand(List<Counted> bouts) {
        Map<String, List<Evidence>> byOption = new LinkedHashMap<>();
        bouts.forEach(bout -> bout.evidence()
                .forEach((option, each) -> byOption.computeIfAbsent(option, any -> new ArrayList<>())
                        .addAll(each)));
        return byOption;
    }

    @Test
    void aFilterLeavesWhatIsCountedOfTheBoutsThatItLeaves() {
        for (int time = 0; time < 300; time++) {
            List<Counted> all = new ArrayList<>();
            boolean[] in = new boolean[random.nextInt(12)];
            double[] weights = new double[in.length];
            List<Counted> left = new ArrayList<>();
            List<Double> leftWeights = new ArrayList<>();
            List<Integer> leftPlaces = new ArrayList<>();
            for (int i = 0; i < in.length; i++) {
                all.add(bout(i));
                in[i] = random.nextInt(3) > 0;
                weights[i] = in[i] ? 0.1 + 0.9 * random.nextDouble() : 0;
                if (in[i]) {
                    left.add(all.get(i));
                    leftWeights.add(weights[i]);
                    if (all.get(i).taken().chances() > 0) {
                        leftPlaces.add(i);
                    }
                }
            }
            AthleteCounts counts = AthleteCounts.of(all).within(in);

            Map<String, List<Evidence>> byOption = byHand(left);
            assertThat(counts.options().keySet()).isEqualTo(byOption.keySet());
            byOption.forEach((option, evidence) -> {
                assertThat(counts.of(option).evidence()).isEqualTo(evidence);
                assertThat(counts.of(option).times()).isEqualTo(evidence.size());
                assertThat(counts.of(option).bouts()).isEqualTo((int)
                        evidence.stream().map(Evidence::bout).distinct().count());
            });
            assertThat(counts.bouts()).isEqualTo(leftPlaces.size());
            for (int i = 0; i < counts.bouts(); i++) {
                Counted bout = all.get(leftPlaces.get(i));
                assertThat(counts.place(i)).isEqualTo(leftPlaces.get(i));
                assertThat(counts.chances(i)).isEqualTo(bout.taken().chances());
                for (String option : byOption.keySet()) {
                    assertThat(counts.of(option).timesByBout(counts.bouts())[i])
                            .isEqualTo(bout.of(option).size());
                }
            }
            assertThat(sums(counts.choices(weights)))
                    .isEqualTo(
                            sums(new Choices(left.stream().map(Counted::taken).toList(), leftWeights)));
        }
    }

    /** All that is added up, to the last digit. */
    private static byte[] sums(Choices choices) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try {
            choices.write(new DataOutputStream(bytes), option -> option.charAt(option.length() - 1));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    @Test
    void whatComesFirstIsWhatTheBoutsThatAreLeftHadFirst() {
        Counted newest = Counted.of(
                List.of(new Evidence("1", Optional.of("a"), "sweep"), new Evidence("1", Optional.of("b"), "pass")));
        Counted older = Counted.of(List.of(new Evidence("2", Optional.of("a"), "pass")));
        Counted oldest = Counted.of(List.of(new Evidence("3", Optional.of("a"), "sweep")));
        AthleteCounts counts = AthleteCounts.of(Arrays.asList(newest, older, oldest));
        assertThat(counts.options().keySet()).containsExactly("sweep", "pass");
        assertThat(counts.within(new boolean[] {false, true, true}).options().keySet())
                .containsExactly("pass", "sweep");
    }
}
