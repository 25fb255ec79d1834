package farglass.core.catalogue;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Demo;
import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.corpus.Corpus;
import farglass.core.entry.Kind;
import farglass.core.fact.Certainty;
import farglass.core.fact.Layer;
import farglass.core.fact.Tie;
import farglass.core.question.Dossier;
import farglass.core.question.Figure;
import farglass.core.scope.Period;
import farglass.core.scope.Scope;
import farglass.core.side.Seat;
import farglass.core.side.Stage;
import farglass.core.simulate.ActedBout;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The dossiers of everybody in the demo, held against a count by another hand: straight through the moments, without sheets. */
class NaiveCountTest {
    private static final List<Bout> BOUTS =
            Demo.SEASONS.bouts().stream().map(ActedBout::told).toList();
    private static final Corpus CORPUS = Corpus.of(BOUTS, LEXICON);
    private static final Map<String, Kind> KINDS = Map.of(
            "takedown done", Kind.TAKEDOWN,
            "sweep done", Kind.SWEEP,
            "pass done", Kind.PASS,
            "back take done", Kind.BACK_TAKE,
            "finish done", Kind.SUBMISSION,
            "escape done", Kind.ESCAPE);

    private record Count(int successes, int chances) {}

    private static boolean watched(Bout bout, Moment moment) {
        long at = moment.atMicros().orElseThrow();
        boolean covered = bout.header().covered().stream()
                .anyMatch(stretch ->
                        stretch.layer() == Layer.STORY && stretch.fromMicros() <= at && at <= stretch.toMicros());
        boolean cut = bout.header().footage().segments().stream()
                .anyMatch(segment -> !segment.isLive() && segment.fromMicros() <= at && at < segment.toMicros());
        return covered && !cut && moment.telling().certainty() != Certainty.HIDDEN;
    }

    private static boolean worked(Moment moment) {
        Optional<Stage> stage = moment.telling().stage();
        return moment.succeeded()
                || stage.equals(Optional.of(Stage.TAP))
                || stage.equals(Optional.of(Stage.ON_TOP))
                || stage.equals(Optional.of(Stage.SETTLED));
    }

    /** A moment that continues another is no try of its own, but what came of it came of the first. */
    private static Count count(List<Bout> bouts, String athlete, Kind kind) {
        int successes = 0;
        int chances = 0;
        for (Bout bout : bouts) {
            Optional<Seat> seat = bout.header().seatOf(athlete);
            for (Moment first : bout.moments()) {
                boolean tried = seat.isPresent()
                        && first.actor().equals(seat)
                        && first.technique()
                                .flatMap(LEXICON::technique)
                                .filter(technique -> technique.kind() == kind)
                                .isPresent()
                        && first.telling().tied(Tie.CONTINUES).findAny().isEmpty()
                        && !first.telling().motive().equals(Optional.of(Motive.FEINT))
                        && !first.telling().motive().equals(Optional.of(Motive.BAIT))
                        && watched(bout, first);
                if (!tried) {
                    continue;
                }
                boolean worked = worked(first);
                Moment last = first;
                for (Moment later : bout.moments()) {
                    if (later.telling().tied(Tie.CONTINUES).anyMatch(last.id()::equals)) {
                        last = later;
                        worked |= worked(later);
                    }
                }
                boolean cutOff = !worked && last.telling().became().equals(Optional.of(Became.CUT_OFF));
                successes += worked ? 1 : 0;
                chances += cutOff ? 0 : 1;
            }
        }
        return new Count(successes, chances);
    }

    private static Map<String, Count> told(Dossier dossier) {
        Map<String, Count> told = new LinkedHashMap<>();
        dossier.answers().stream()
                .flatMap(answer -> answer.figures().stream())
                .filter(figure -> KINDS.containsKey(figure.subject().id()))
                .map(Figure.Proportion.class::cast)
                .forEach(figure -> {
                    assertThat(figure.evidence()).hasSize(figure.share().successes());
                    told.put(
                            figure.subject().id(),
                            new Count(figure.share().successes(), figure.share().chances()));
                });
        return told;
    }

    private static void isCountedAs(Dossier dossier, List<Bout> bouts) {
        Map<String, Count> told = told(dossier);
        KINDS.forEach((ask, kind) -> assertThat(told.getOrDefault(ask, new Count(0, 0)))
                .as("%s of %s", ask, dossier.athlete())
                .isEqualTo(count(bouts, dossier.athlete(), kind)));
    }

    @Test
    void everybodysTriesAreCountedAsByHand() {
        for (String athlete : CORPUS.athletes()) {
            isCountedAs(Catalogue.dossier(athlete, CORPUS, Scope.ALL), BOUTS);
        }
    }

    @Test
    void aScopeCountsTheBoutsWithinAndNoOthers() {
        LocalDate day = LocalDate.parse("2026-01-01");
        Scope scope = Scope.ALL.in(Period.since(day));
        List<Bout> late = BOUTS.stream()
                .filter(bout ->
                        bout.header().date().filter(date -> !date.isBefore(day)).isPresent())
                .toList();
        assertThat(late).hasSizeBetween(10, BOUTS.size() - 10);
        for (String athlete : CORPUS.athletes()) {
            isCountedAs(Catalogue.dossier(athlete, CORPUS, scope), late);
        }
    }
}
