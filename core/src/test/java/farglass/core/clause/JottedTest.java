package farglass.core.clause;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.fact.Certainty;
import farglass.core.fact.Span;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.scribe.Expectation;
import farglass.core.scribe.LinePlace;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class JottedTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Bout BOUT = BoutFile.parse("far-glass bout 1\nA: Ann Ames\nB: Bea Birk\n", LEXICON)
            .bout()
            .orElseThrow();
    private static final LinePlace PLACE =
            LinePlace.end(BOUT, new Stand(LEXICON.position("open-guard").orElseThrow(), Optional.of(Seat.A)));

    private static List<Clause> read(String line) {
        return Clauses.read(line, PLACE, LEXICON, Expectation.NONE);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Ann: knee cut (left) | Ann knee cut left",
                "ann's knee cut | ann knee cut",
                "ann knee cut -> side control | ann knee cut to side control",
                "ann knee cut x3 | ann knee cut 3 times",
                "ann 3x knee cut | ann knee cut 3 times",
                "ann +3 knee cut | ann knee cut +3",
                "ann passes 3pts! | ann passes 3 points",
                "ann knee cut? | ann knee cut unsure",
                "ann knee cut? , bea frames | ann knee cut unsure, bea frames",
                "ann: knee cut (left)? -> side control | ann knee cut left to side control unsure",
                "maybe ann passes, bea frames | ann passes unsure, bea frames"
            })
    void isTheSameLineInWords(String jotted, String inWords) {
        assertThat(Jotted.inWords(jotted, PLACE.actors())).contains(inWords);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "ann knee cut left",
                "?",
                "4:20",
                "note: knee cut",
                "ann \"who knows?\"",
                "ann knee cut; -> mount",
                "a 50/50",
                "nobody's guard"
            })
    void wordsStayAsTheyAre(String line) {
        assertThat(Jotted.inWords(line, PLACE.actors())).isEmpty();
    }

    @Test
    void doubtIsOfThePartInWhichItStands() {
        assertThat(read("ann passes?, bea sweeps"))
                .extracting(clause -> clause.reading().proposal().telling().certainty())
                .containsExactly(Certainty.UNSURE, Certainty.SURE);
    }

    @Test
    void howOftenIsToldOfWhatWasDone() {
        assertThat(read("ann knee cut x3"))
                .singleElement()
                .extracting(clause -> clause.reading().proposal().telling().facts())
                .isEqualTo(List.of(new Span.Times(OptionalInt.of(3))));
    }

    @Test
    void whatNamesNothingInWordsEitherIsKeptAsItWasTyped() {
        assertThat(read("ann's cousin (the tall one)?"))
                .extracting(Clause::text)
                .containsExactly("ann's cousin (the tall one)?");
    }
}
