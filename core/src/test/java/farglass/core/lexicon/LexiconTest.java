package farglass.core.lexicon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.Locale;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class LexiconTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private final Locale usual = Locale.getDefault();

    @AfterEach
    void restoreLanguage() {
        Locale.setDefault(usual);
    }

    @Test
    void itHoldsAtLeastFortyPositionsAndAHundredAndTwentyTechniquesThatFitTogether() {
        assertThat(LEXICON.positions()).hasSizeGreaterThanOrEqualTo(40);
        assertThat(LEXICON.techniques()).hasSizeGreaterThanOrEqualTo(120).allSatisfy(technique -> {
            assertThat(technique.from()).as(technique.key()).isNotEmpty().allSatisfy(from -> assertThat(
                            LEXICON.position(from))
                    .as(from)
                    .isPresent());
            technique.to().ifPresent(to -> assertThat(
                            LEXICON.position(to).orElseThrow().hasTop())
                    .as(technique.key() + " to " + to)
                    .isEqualTo(technique.ends() != Ends.NOBODY));
        });
    }

    @Test
    void wordsAreFoundInAnySpellingAndAlsoUnderATurkishLocale() {
        Locale.setDefault(Locale.forLanguageTag("tr"));
        assertThat(LEXICON.find("KIMURA").orElseThrow().key()).isEqualTo("kimura");
        assertThat(LEXICON.find("Inside_Trip").orElseThrow().key()).isEqualTo("inside-trip");
        assertThat(LEXICON.find("guarda lac\u0327o").orElseThrow().key()).isEqualTo("lasso-guard");
    }

    @Test
    void aBeginningFindsLabelsBeforeAliases() {
        assertThat(LEXICON.beginningWith("knee", 5)).hasSize(5).allSatisfy(term -> assertThat(term.label())
                .startsWith("Knee"));
        assertThat(LEXICON.beginningWith("", 5)).isEmpty();
    }

    @Test
    void theNearestWordIsNearAndNonsenseHasNone() {
        assertThat(LEXICON.nearest("tore ando").orElseThrow().key()).isEqualTo("toreando");
        assertThat(LEXICON.nearest("xqzwvvkj")).isEmpty();
    }

    @Test
    void everySubmissionThatTwistsAJointOrALegHasACaution() {
        for (String key : new String[] {"heel-hook", "kneebar", "toe-hold", "calf-slicer"}) {
            assertThat(LEXICON.technique(key).orElseThrow().caution()).as(key).isPresent();
        }
    }

    @Test
    void aBrokenLexiconSaysInWhichLine() {
        assertThatThrownBy(() ->
                        new LexiconReader(new StringReader("position x \"X\"\n  family nowhere\n  top no\n")).read())
                .isInstanceOf(LexiconException.class)
                .hasMessageContaining("line");
    }
}
