package farglass.core.told;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.listing.Entry;
import farglass.core.listing.Flow;
import farglass.core.listing.Listing;
import farglass.core.listing.PositionListing;
import farglass.core.listing.TechniqueListing;
import farglass.core.notation.BoutFile;
import farglass.core.scope.Scope;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Pages of a position and of techniques, told by hand from two bouts. */
class ListingTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static Corpus told(String... names) throws IOException {
        List<Bout> bouts = new java.util.ArrayList<>();
        for (String name : names) {
            try (InputStream in = ListingTest.class.getResourceAsStream(name + ".bout")) {
                String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                bouts.add(BoutFile.parse(text, LEXICON).bout().orElseThrow());
            }
        }
        return Corpus.of(bouts, LEXICON);
    }

    @Test
    void aTryToldLineByLineIsOneEntryWithItsSteps() throws IOException {
        Corpus corpus = told("decided-by-an-advantage", "a-pass-line-by-line");
        Listing toreando = TechniqueListing.of(
                LEXICON.technique("toreando").orElseThrow(), Optional.of("Runa Castellan"), corpus, Scope.ALL);
        assertThat(toreando.summary()).isEqualTo("3 tries in 2 bouts; 1 worked.");
        assertThat(toreando.flows())
                .extracting(Flow::heading)
                .containsExactly("From", "What the other did", "What came of it");
        assertThat(toreando.flows().get(2).times())
                .containsEntry("worked, to side control", 1)
                .containsEntry("stopped", 2);
        Entry first = toreando.entries().get(0);
        assertThat(first.day().orElseThrow()).hasToString("2025-11-30");
        assertThat(first.entered()).isEqualTo("from open guard: Toreando pass, to own left, foot line");
        assertThat(first.tried()).hasSize(9);
        assertThat(first.tried().get(8)).startsWith("answered: Maren: Knee inserted");
        assertThat(first.came()).isEqualTo("\u2192 Side control");
    }

    @Test
    void aVisitTellsHowItBeganWhatWasTriedAndHowItEnded() throws IOException {
        Corpus corpus = told("decided-by-an-advantage");
        Listing half = PositionListing.of(
                LEXICON.position("half-guard").orElseThrow(), Optional.of("Runa Castellan"), corpus, Scope.ALL);
        assertThat(half.summary()).isEqualTo("2 visits in 1 bout: 1 on top, 1 underneath.");
        assertThat(half.flows().get(0).times()).containsEntry("Collar drag to single leg (the other\u2019s)", 1);
        Entry underneath = half.entries().get(0);
        assertThat(underneath.who()).isEqualTo("Ottoline on top");
        assertThat(underneath.entered()).startsWith("Ottoline: Collar drag");
        assertThat(underneath.came()).startsWith("after 46 s: Runa: ").endsWith("Half guard, Runa on top");
        assertThat(underneath.tried()).anyMatch(tried -> tried.startsWith("Ottoline: Crossface"));
    }

    @Test
    void ofEverybodyEachTryIsListedOnce() throws IOException {
        Corpus corpus = told("decided-by-an-advantage");
        Listing kimura =
                TechniqueListing.of(LEXICON.technique("kimura").orElseThrow(), Optional.empty(), corpus, Scope.ALL);
        assertThat(kimura.entries()).singleElement().satisfies(entry -> assertThat(entry.who())
                .isEqualTo("Ottoline"));
    }

    @Test
    void theseGripsWereHeldForSoLong() throws IOException {
        Corpus corpus = told("grips-and-body-underneath");
        Listing collar = TechniqueListing.of(
                LEXICON.technique("cross-collar-grip").orElseThrow(),
                Optional.of("Noor Ekstr\u00f6m"),
                corpus,
                Scope.ALL);
        assertThat(collar.summary())
                .startsWith("2 tries in 1 bout")
                .endsWith("Held for 38 s in the middle, from 22 to 38 s (2 times, where its end was told).");
    }
}
