package farglass.core.pick;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import farglass.core.Bouts;
import farglass.core.Demo;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.side.Seat;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.ForeseenShare;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class ContinuationsTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Bout TAUGHT = Bouts.of(
            "0:10 A guard-pull; held",
            "0:20 B toreando; line foot",
            "0:30 B toreando; line foot",
            "0:40 B knee-cut; nearly",
            "0:50 A sleeve-grip; shown");
    private static final Stand GUARD = new Stand(LEXICON.position("open-guard").orElseThrow(), Optional.of(Seat.B));

    private static Situation fresh() {
        return new Situation(GUARD, "Somebody", "Else", Optional.empty(), Optional.empty(), false, true);
    }

    @Test
    void whatWasSeenComesFirstAndNothingThatCannotHappenThere() {
        var picks = Continuations.learned(Corpus.of(List.of(TAUGHT), LEXICON)).next(fresh(), 9);
        assertThat(picks).hasSize(9).doesNotHaveDuplicates();
        assertThat(picks.get(0).proposal().deed()).isEqualTo(new Deed.Did("toreando"));
        assertThat(picks.get(0).proposal().actor()).contains(Seat.B);
        assertThat(picks)
                .filteredOn(likely -> likely.proposal().deed() instanceof Deed.Did)
                .isNotEmpty()
                .allSatisfy(likely -> assertThat(LEXICON.technique(
                                        ((Deed.Did) likely.proposal().deed()).technique())
                                .orElseThrow()
                                .canStart(
                                        GUARD.position(),
                                        GUARD.roleOf(likely.proposal().actor().orElseThrow())))
                        .isTrue());
    }

    @Test
    void nothingButWhoAndWhatIsEverPicked() {
        assertThat(Continuations.learned(Corpus.of(List.of(TAUGHT), LEXICON)).next(fresh(), 1000))
                .allSatisfy(likely -> {
                    assertThat(likely.proposal().telling()).isEqualTo(farglass.core.bout.Telling.NOTHING);
                    assertThat(likely.proposal().settled()).isEmpty();
                });
    }

    @Test
    void theProbabilitiesOfAllThatCanComeAddUpToOne() {
        double total = Continuations.learned(Corpus.of(List.of(TAUGHT), LEXICON)).next(fresh(), 100_000).stream()
                .mapToDouble(Continuations.Likely::probability)
                .sum();
        assertThat(total).isCloseTo(1, within(1e-9));
    }

    @Test
    void aBoutSetAsideTeachesNothingUntilItIsTakenBack() {
        Continuations learned = Continuations.learned(Corpus.of(List.of(TAUGHT), LEXICON));
        var before = learned.next(fresh(), 9);
        learned.setAside(TAUGHT);
        assertThat(learned.next(fresh(), 9))
                .isEqualTo(Continuations.learned(Corpus.of(List.of(), LEXICON)).next(fresh(), 9));
        Bout second = new Bout("again", TAUGHT.header().asCodingOf(TAUGHT.id(), "Tove"), List.of(), List.of());
        learned.setAside(second);
        assertThat(learned.next(fresh(), 9))
                .as("a blind second coding gets nothing from the first")
                .isEqualTo(Continuations.learned(Corpus.of(List.of(), LEXICON)).next(fresh(), 9));
        learned.setAside(new Bout("another", TAUGHT.header(), List.of(), List.of()));
        assertThat(learned.next(fresh(), 9)).isEqualTo(before);
    }

    @Test
    void anAthletesOwnHabitsWeighMoreThanTheLibrarys() {
        Bout hers = Bouts.of(
                "0:10 A guard-pull; held",
                "0:20 B over-under-pass; nearly",
                "0:30 B over-under-pass; nearly",
                "0:40 B over-under-pass; nearly",
                "0:50 B over-under-pass; nearly");
        Continuations learned = Continuations.learned(Corpus.of(List.of(TAUGHT, hers.with(hers.header())), LEXICON));
        Situation somebody = fresh();
        Situation pip = new Situation(GUARD, "Juno", "Pip", Optional.empty(), Optional.empty(), false, true);
        assertThat(probability(learned, pip, "over-under-pass"))
                .isGreaterThan(probability(learned, somebody, "over-under-pass"));
    }

    private static double probability(Continuations learned, Situation now, String technique) {
        return learned.next(now, 1000).stream()
                .filter(likely -> likely.proposal().deed().equals(new Deed.Did(technique)))
                .mapToDouble(Continuations.Likely::probability)
                .sum();
    }

    /** The figures of the note; bounds a little below what was measured, so that a loss of skill fails the build. */
    @Test
    void onTheDemoThePicksStandBetweenFloorAndCeilingAndPromiseWhatComes() {
        List<ActedBout> acted = Demo.SEASONS.bouts();
        List<Bout> told = acted.stream().map(ActedBout::told).toList();
        PickQuality picks = PickQuality.of(Corpus.of(told, LEXICON), true);
        ForeseenShare ceiling =
                acted.stream().map(ActedBout::foreseen).reduce(ForeseenShare.NOTHING, ForeseenShare::and);
        assertThat(picks.moments()).isGreaterThan(4000);
        assertThat(picks.share())
                .isGreaterThan(0.55)
                .isGreaterThan(picks.floorShare() + 0.1)
                .isLessThan((double) ceiling.amongNine() / ceiling.moments());
        assertThat(picks.calibrationError()).isLessThan(0.015);
        // What is promised high is read first: there, too, as much comes as is promised.
        assertThat(picks.bins())
                .filteredOn(bin -> bin.picks() >= 100)
                .hasSizeGreaterThan(4)
                .allSatisfy(bin -> assertThat(bin.came()).isCloseTo(bin.promised(), within(0.06)));
    }

    @Test
    void thePicksAreHitsCountedByHandOnTwoBouts() {
        // Each is foreseen from the other alone: the same four deeds in the same order, so all are among the nine.
        Bout again = new Bout("again", TAUGHT.header(), TAUGHT.moments(), List.of());
        PickQuality picks = PickQuality.of(Corpus.of(List.of(TAUGHT, again), LEXICON), false);
        assertThat(picks.moments()).isEqualTo(10);
        assertThat(picks.hits()).isEqualTo(10);
        assertThat(picks.floorHits()).isEqualTo(10);
        assertThat(Timeline.of(again, LEXICON).visits()).isNotEmpty();
    }

    @Test
    void ofStrangersAndInANewLibraryTheSameBoutsAreForeseenFromLess() {
        Bout again = new Bout("again", TAUGHT.header(), TAUGHT.moments(), List.of());
        Corpus both = Corpus.of(List.of(TAUGHT, again), LEXICON);
        // The only other bout is of the same two: of strangers nothing was taught, as in a library without a bout.
        assertThat(PickQuality.ofStrangers(both))
                .isEqualTo(PickQuality.inANewLibrary(both, 0))
                .isEqualTo(new PickQuality.Hits(10, 10));
    }

    @Test
    void inAnEmptyLibraryWhatEverybodyDoesIsOfferedOfBoth() {
        Continuations nothing = Continuations.learned(Corpus.of(List.of(), LEXICON));
        assertThat(labels(nothing, "standing", null))
                .contains("A Single leg", "B Single leg", "A Guard pull", "B Guard pull");
        assertThat(labels(nothing, "half-guard", Seat.A)).contains("A Knee cut");
        assertThat(labels(nothing, "side-control", Seat.B)).contains("B Step to mount", "A Frame");
        assertThat(labels(nothing, "back-control", Seat.A)).contains("A Rear naked choke");
        for (String place : List.of("standing", "open-guard", "closed-guard", "half-guard", "mount", "turtle")) {
            Seat top = place.equals("standing") ? null : Seat.A;
            assertThat(labels(nothing, place, top)).as(place).noneMatch(label -> label.contains("Given"));
        }
    }

    private static List<String> labels(Continuations learned, String place, Seat top) {
        Stand stand = new Stand(LEXICON.position(place).orElseThrow(), Optional.ofNullable(top));
        Situation now = new Situation(stand, "Somebody", "Else", Optional.empty(), Optional.empty(), false, true);
        return learned.next(now, 9).stream()
                .map(likely -> likely.proposal().actor().map(Enum::name).orElse("-") + " "
                        + (likely.proposal().deed() instanceof Deed.Did did
                                ? LEXICON.label(did.technique())
                                : "Given or stopped"))
                .toList();
    }
}
