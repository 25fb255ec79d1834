package farglass.desktop.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.bout.Header;
import farglass.core.bout.Method;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.desktop.Fields;
import farglass.desktop.TestDesk;
import farglass.desktop.desk.Choosers;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.testfx.api.FxToolkit;

/** The form of a header: whoever opens it and saves it has changed nothing, and what is typed is kept or refused in a sentence. */
class HeaderFormTest {
    private static final Choosers NO_FILES = new Choosers() {
        @Override
        public List<Path> open(String title, String kind, List<String> endings) {
            return List.of();
        }

        @Override
        public Optional<Path> save(String title, String kind, String ending, String proposedName) {
            return Optional.empty();
        }
    };

    @BeforeEach
    void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    private static Header header(String lines) {
        return TestDesk.bout("A: Runa\nB: Juno\n" + lines).header();
    }

    private static HeaderForm form(Header header, Header... others) {
        return new HeaderForm(
                header,
                List.of(others),
                List.of("Runa", "Juno", "Ottoline Vance"),
                List.of(),
                NO_FILES,
                (path, taker) -> {});
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "A kit: white gi\nA stands: left\nA level: brown\nA stance: orthodox\nA weight: \"64 kg\"\nB level: black\n",
                "B stands: left\n",
                "A stands: left\nB stands: left\n",
                "kind: sparring\nevent: Lantern Cup\nround: final\ndate: 2026-03-14\nuniform: no-gi\nlength: 6:00\n",
                "date: 2026-03\n",
                "date: about 2008\ndivision: adult\ndiffers: a new weight\n",
                "ruleset: delayed-points\nruleset date: 2025-01-01\n",
                "ruleset: our own rules\n",
                "result: B by points 0-3\n",
                "result: nobody by unknown\n",
                "result: A by submission kimura 4-2\n",
                "result: nobody by draw\n",
                "film: lantern.mp4 from 0:12.5\nfilm: other side.mp4 from 1:02:03.004005\nfilm: third.mp4\n",
                "film: only.mp4\nstarts: 3:00 left, A 2 0 0, B 0 1 0\nends: early\n",
                "covered: story 0:00 to 2:00\ncovered: story 3:00 to 6:00 declared\ncovered: grips 0:00 to 1:30\n",
                "covered: story 1:00 to 2:00\n",
                "segment: replay 3:10 to 3:22 of 2:58\nmaterial: clips\n",
                "coding of: first\ncoder: Imke\ncoder: Pip\nnote: one\nnote: two\nsky: blue\n",
                "A team: North Hall\nB rank: third\nA build: \"tall, 183 cm\"\nB corner: Imke\n",
                "A plan 1: collar drag\nA plan 2 if 1 is refused: pull guard\nB plan 1: stand\nB expects: an early pull\n",
                "claim: \"always passes left\" of A by \"Imke\" on 2026-03-01\nclaim: \"never tired\"\n",
            })
    void whoeverOpensItAndSavesItHasChangedNothing(String lines) {
        Header header = header(lines);
        assertThat(form(header).header()).isEqualTo(header);
    }

    @Test
    void everyFieldThatIsTypedIsKept() {
        HeaderForm form = form(header(""));
        Fields.type(form, "athlete-a", "Ebele Straker");
        Fields.type(form, "a-wears", "  blue gi ");
        Fields.type(form, "event", "Lantern Cup");
        Fields.type(form, "date", "2026-03-14");
        Fields.type(form, "length", "5:30.25");
        Fields.type(form, "final-score", "4-2");
        Fields.type(form, "finish", "kimura");
        Fields.type(form, "film", "a film; with, signs.mp4");
        Fields.type(form, "bout-begins-at", "1:02");
        Fields.type(form, "story-watched-to", "4:00");
        Fields.type(form, "plans-and-claims", "A plan 1: collar drag\n\nclaim: \"tires late\" of B\n");
        Header told = form.header();
        assertThat(told.a().name()).isEqualTo("Ebele Straker");
        assertThat(told.a().kit()).contains("blue gi");
        assertThat(told.event()).contains("Lantern Cup");
        assertThat(told.date()).contains(LocalDate.of(2026, 3, 14));
        assertThat(told.lengthMicros()).hasValue(330_250_000);
        assertThat(told.result().orElseThrow().method()).isEqualTo(Method.UNKNOWN);
        assertThat(told.result().orElseThrow().finish()).contains("kimura");
        assertThat(told.films()).singleElement().satisfies(film -> {
            assertThat(film.path()).isEqualTo("a film; with, signs.mp4");
            assertThat(film.startMicros()).isEqualTo(62_000_000);
        });
        assertThat(told.covered()).singleElement().satisfies(stretch -> {
            assertThat(stretch.toMicros()).isEqualTo(240_000_000);
            assertThat(stretch.declared()).isTrue();
        });
        assertThat(told.background().claims()).hasSize(1);
        assertThat(told.background().plan())
                .isNotEqualTo(header("").background().plan());
    }

    @Test
    void aRoughDayTakesThePlaceOfADayAndADayThatOfARoughOne() {
        HeaderForm form = form(header("date: 2026-03-14\n"));
        Fields.type(form, "date", "2026");
        assertThat(form.header()).isEqualTo(header("date: 2026\n"));
        HeaderForm back = form(header("date: about 2008\n"));
        Fields.type(back, "date", "2008-05-06");
        assertThat(back.header()).isEqualTo(header("date: 2008-05-06\n"));
    }

    @Test
    void whatCannotBeKeptIsSaidWithTheFieldAndNothingIsSaved() {
        refuses("athlete-a", " ", "Athlete A has no name");
        refuses("athlete-b", "Runa", "Both athletes are Runa");
        refuses("athlete-b", "Otoline Vance", "There is a Ottoline Vance in this library");
        refuses("rules", "point-with-advantages", "There is no ruleset named");
        refuses("date", "14.3.2026", "is no date");
        refuses("date", "2026-02-30", "is no date");
        refuses("length", "six", "Length: \"six\" is no time");
        refuses("final-score", "4:2", "Final score: \"4:2\" is no score");
        refuses("bout-begins-at", "-1", "Bout begins at");
        refuses("story-watched-to", "soon", "Story watched to");
        refuses("plans-and-claims", "0:10 A knee-cut", "is none. Begin every line with");
        refuses("plans-and-claims", "A plan 1: x\nclaim: \"no end\n", "Plans and claims, line 2");
        refuses("length", "-6:00", "Length");
        refuses("story-watched-to", "-1:00", "Story watched to");
    }

    private static void refuses(String field, String text, String sentence) {
        HeaderForm form = form(header("film: f.mp4\n"));
        Fields.type(form, field, text);
        assertThatThrownBy(form::header)
                .as("%s: %s", field, text)
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(sentence);
    }

    @Test
    void aNameLikeAKnownOneIsAskedAboutOnceAndThenMeansSomebodyNew() {
        HeaderForm form = form(header(""));
        Fields.type(form, "athlete-b", "Otoline Vance");
        assertThatThrownBy(form::header).hasMessageContaining("Ottoline Vance");
        assertThat(form.header().contestant(Seat.B).name()).isEqualTo("Otoline Vance");
    }

    @Test
    @SuppressWarnings("unchecked")
    void whoStandsWhereIsToldOfBothByOneChoice() {
        HeaderForm form = form(header(""));
        ((ComboBox<Optional<Side>>) Fields.field(form, "a-stands-at-first")).setValue(Optional.of(Side.RIGHT));
        assertThat(form.header().a().screenSide()).contains(Side.RIGHT);
        assertThat(form.header().b().screenSide()).contains(Side.LEFT);
    }
}
