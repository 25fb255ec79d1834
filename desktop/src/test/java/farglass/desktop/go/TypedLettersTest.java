package farglass.desktop.go;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What people type who know a word of it, its beginning, or its first letters; written before the ranking was. */
class TypedLettersTest {
    private static final List<String> THINGS = List.of(
            "Half guard",
            "Deep half guard",
            "Knee cut",
            "Knee cut to mount",
            "Leg drag",
            "De la riva guard",
            "Reverse de la riva guard",
            "Rear naked choke",
            "Arm drag",
            "Report a problem\u2026",
            "From here on: a replay",
            "Undo, also after a restart",
            "Runa Castellan",
            "Runa Castellan, Wilma Ferreby, 2026-03-14",
            "Ebele Straker, Runa Castellan, 2026-04-14",
            "S\u00e3o Paulo open, Juno Ard",
            "Film room (dark), and back",
            "The film in a window of its own, or back",
            "Draw an arrow",
            "Draw a ring");

    private static List<String> found(String typed) {
        return THINGS.stream()
                .filter(thing -> TypedLetters.of(typed).weight(thing) > 0)
                .sorted(Comparator.comparingDouble(
                        (String thing) -> -TypedLetters.of(typed).weight(thing)))
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "half, Half guard",
        "HALF, Half guard",
        "deep, Deep half guard",
        "hg, Half guard",
        "dlr, De la riva guard",
        "rdlr, Reverse de la riva guard",
        "rnc, Rear naked choke",
        "knee cut, Knee cut",
        "kn c m, Knee cut to mount",
        "drag, Leg drag",
        "arm d, Arm drag",
        "rep, Report a problem\u2026",
        "replay, From here on: a replay",
        "undo, 'Undo, also after a restart'",
        "runa, Runa Castellan",
        "castellan ferreby, 'Runa Castellan, Wilma Ferreby, 2026-03-14'",
        "ferreby castellan, 'Runa Castellan, Wilma Ferreby, 2026-03-14'",
        "straker 04, 'Ebele Straker, Runa Castellan, 2026-04-14'",
        "sao paulo, 'S\u00e3o Paulo open, Juno Ard'",
        "dark, 'Film room (dark), and back'",
        "window, 'The film in a window of its own, or back'",
        "ring, Draw a ring"
    })
    void whatIsMeantStandsFirst(String typed, String meant) {
        assertThat(found(typed)).first().isEqualTo(meant);
    }

    @Test
    void whatWasPastedByMistakeIsReadNoFurtherThanAnybodyTypes() {
        assertThat(found("half ".repeat(300_000))).first().isEqualTo("Half guard");
        assertThat(found("x".repeat(1_000_000))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"zzz", "half mount", "runa straker ferreby", "knee cutx"})
    void everyWordIsToBeFound(String typed) {
        assertThat(found(typed)).isEmpty();
    }
}
