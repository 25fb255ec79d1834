package farglass.core.told;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.Covered;
import farglass.core.bout.Header;
import farglass.core.bout.Moment;
import farglass.core.catalogue.Catalogue;
import farglass.core.corpus.Corpus;
import farglass.core.fact.Layer;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.question.Figure;
import farglass.core.scope.Scope;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What nobody looked through for a layer tells nothing of that layer, whatever was told there in passing. */
class UncoveredTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final List<Layer> CLOSER = List.of(Layer.ANSWERS, Layer.GRIPS, Layer.ERRORS);

    private static Bout told(String name) throws IOException {
        try (InputStream in = UncoveredTest.class.getResourceAsStream(name + ".bout")) {
            return BoutFile.parse(new String(in.readAllBytes(), StandardCharsets.UTF_8), LEXICON)
                    .bout()
                    .orElseThrow();
        }
    }

    private static Bout withoutViewing(Bout bout, Layer layer) {
        Header header = bout.header();
        return bout.with(header.withCovered(header.covered().stream()
                .filter(stretch -> stretch.layer() != layer)
                .toList()));
    }

    private static Bout withoutFacts(Bout bout, Layer layer) {
        List<Moment> bare = bout.moments().stream()
                .map(moment -> moment.with(moment.telling()
                        .withFacts(moment.telling().facts().stream()
                                .filter(fact -> fact.layer() != layer)
                                .toList())))
                .toList();
        return new Bout(bout.id(), bout.header(), bare, bout.comments());
    }

    private static List<String> said(Bout bout, Predicate<Figure> which) {
        Corpus corpus = Corpus.of(List.of(bout), LEXICON);
        return Stream.of(bout.header().a(), bout.header().b())
                .map(Contestant::name)
                .flatMap(athlete -> Catalogue.dossier(athlete, corpus, Scope.ALL).answers().stream()
                        .flatMap(answered -> answered.figures().stream())
                        .filter(which)
                        .map(figure -> athlete + ", " + figure.subject().id() + ", " + figure.option() + ": "
                                + figure.evidence()))
                .toList();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "a-pass-line-by-line",
                "a-student-and-one-error",
                "grips-and-body-underneath",
                "leg-locks-without-the-gi",
                "scramble-on-the-feet",
                "why-and-what-for"
            })
    void aLayerNotLookedThroughIsSilent(String name) throws IOException {
        Bout bout = told(name);
        for (Layer layer : CLOSER) {
            Bout unwatched = withoutViewing(bout, layer);
            assertThat(said(unwatched, figure -> figure.subject().layer() == layer))
                    .as("%s, of %s, not watched", name, layer)
                    .isEmpty();
            assertThat(said(unwatched, figure -> true))
                    .as("%s, of %s, as if none of it were told", name, layer)
                    .isEqualTo(said(withoutFacts(unwatched, layer), figure -> true));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"a-pass-line-by-line", "a-student-and-one-error", "grips-and-body-underneath", "why-and-what-for"
            })
    void whatFallsSilentSaysWhichLayerItNeeds(String name) throws IOException {
        Bout bout = told(name);
        List<String> lost = new ArrayList<>();
        for (Layer layer : List.of(Layer.GRIPS, Layer.ERRORS)) {
            Predicate<Figure> others = figure -> figure.subject().layer() != layer;
            assertThat(said(withoutViewing(bout, layer), others))
                    .as("%s, but what needs %s", name, layer)
                    .isEqualTo(said(bout, others));
            lost.addAll(said(bout, figure -> figure.subject().layer() == layer));
        }
        assertThat(lost).as("something was told that can fall silent").isNotEmpty();
    }

    private static Bout gripsLookedFor(Bout bout, Covered... stretches) {
        List<Covered> covered = new ArrayList<>(bout.header().covered());
        covered.addAll(List.of(stretches));
        return bout.with(bout.header().withCovered(covered));
    }

    private static Covered grips(int fromSecond, int toSecond) {
        return new Covered(Layer.GRIPS, fromSecond * 1_000_000L, toSecond * 1_000_000L, false);
    }

    /** {@return what is said of the first grip and of grips won} */
    private static List<String> ofGrips(Bout bout) {
        return said(bout, figure -> List.of("first grip", "first grip which", "grips won")
                        .contains(figure.subject().id()))
                .stream()
                .map(line ->
                        line.replaceAll("Evidence\\[bout=[^,]*, moment=Optional\\[(m\\d+)], option=[^\\]]*]", "$1"))
                .toList();
    }

    /** A story may tell a grip in passing; who was first, and who wins them, only they know who looked for grips all along. */
    @Test
    void gripsOnTheFeetAreCountedOnlyWhereTheyWereLookedFor() throws IOException {
        Bout scramble = told("scramble-on-the-feet");
        assertThat(ofGrips(scramble)).isEmpty();
        assertThat(ofGrips(gripsLookedFor(scramble, grips(4, 12))))
                .as("begun after the start: an earlier grip may have been missed")
                .containsExactly("Maren Tolliver, grips won, taken: [m1]", "Dagny Roe, grips won, taken: [m2]");
        assertThat(ofGrips(gripsLookedFor(scramble, grips(0, 3), grips(4, 8))))
                .as("a second missed just before it")
                .containsExactly("Maren Tolliver, grips won, taken: [m1]");
        assertThat(ofGrips(gripsLookedFor(scramble, grips(3, 8), grips(0, 3))))
                .as("looked for in two sittings without a gap")
                .containsExactlyInAnyOrder(
                        "Maren Tolliver, first grip, grips first: [m1]",
                        "Maren Tolliver, first grip which, collar-tie-grip: [m1]",
                        "Maren Tolliver, grips won, taken: [m1]",
                        "Dagny Roe, first grip, grips first: []");
    }
}
