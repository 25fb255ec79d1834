package farglass.library.json;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.AnyBout;
import farglass.core.bout.Background;
import farglass.core.bout.Bout;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.notation.BoutReading;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class BoutJsonPropertyTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    @Property(tries = 500)
    void whatIsWrittenIsReadAsTheSame(@ForAll long seed) {
        Bout bout = AnyBout.of(seed);
        String json = BoutJson.write(bout);
        BoutReading reading = BoutJson.read(json, LEXICON);
        assertThat(reading.diagnostics()).as(json).isEmpty();
        assertThat(reading.bout()).contains(bout);
    }

    @Property(tries = 500)
    void noSlipMakesTheReaderFail(@ForAll long seed, @ForAll int place, @ForAll char slip) {
        StringBuilder text = new StringBuilder(BoutJson.write(AnyBout.of(seed)));
        text.setCharAt(Math.floorMod(place, text.length()), slip);
        BoutReading reading = BoutJson.read(text.toString(), LEXICON);
        assertThat(reading.bout().isPresent() || !reading.diagnostics().isEmpty())
                .isTrue();
    }

    @Example
    void aWrongWordIsNamedWithItsPlaceAndTheWordsThatFit() {
        String json = BoutJson.write(AnyBout.of(1)).replaceFirst("\"uniform\" : \"[^\"]+\"", "\"uniform\" : \"kilt\"");
        BoutReading reading = BoutJson.read(json, LEXICON);
        assertThat(reading.bout()).isEmpty();
        assertThat(reading.diagnostics().get(0).message()).contains("uniform", "kilt", "gi, no-gi");
        assertThat(reading.diagnostics().get(0).line()).isGreaterThan(1);
    }

    @Example
    void whatNeverEndsAndWhatIsNoBoutIsRefused() {
        assertThat(BoutJson.read("[".repeat(100_000), LEXICON).bout()).isEmpty();
        assertThat(BoutJson.read("", LEXICON).diagnostics()).hasSize(1);
        assertThat(BoutJson.read("{\"format\":\"far-glass bout\",\"version\":1}", LEXICON)
                        .diagnostics()
                        .get(0)
                        .message())
                .contains("bout");
        assertThat(BoutJson.read("null", LEXICON).diagnostics()).hasSize(1);
    }

    /** Written by the version before there were backgrounds, ways of a grip and what became of a step. */
    @Example
    void aDocumentOfBeforeReadsAsBefore() {
        String document =
                """
                {"format": "far-glass bout", "version": 1, "bout": {"id": "x",
                 "header": {"kind": "competition", "ruleset": "points-with-advantages", "uniform": "gi",
                  "a": {"name": "Ann"}, "b": {"name": "Bea"}, "footage": {"whole": true, "endsEarly": false}},
                 "moments": [{"id": "m1", "atMicros": 20000000, "actor": "A", "deed": {"is": "did", "technique": "collar-grip"},
                  "telling": {"certainty": "sure", "confidential": false, "facts": [
                   {"is": "grip", "holder": {"owner": "A", "side": "left", "kind": "hand"},
                    "target": {"owner": "B", "kind": "collar"}, "firmness": "tight"},
                   {"is": "mistake", "code": "elbow out", "punished": "no"},
                   {"is": "condition", "met": "met", "words": "knees together"},
                   {"is": "plan-step", "words": "collar first"}]}}]}}
                """;
        Bout bout = BoutJson.read(document, LEXICON).bout().orElseThrow();
        assertThat(bout.header().background()).isEqualTo(Background.NONE);
        assertThat(BoutFile.line(bout.moments().get(0)))
                .startsWith(
                        "0:20 A collar-grip; grip A left hand on B collar, tight; mistake \"elbow out\", punished no;"
                                + " condition met \"knees together\"; plan \"collar first\"");
    }
}
