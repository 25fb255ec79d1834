package farglass.core.pass;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.entry.Family;
import farglass.core.entry.Position;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What a grips pass and an errors pass offer by one key: what was told elsewhere in the same place, of the same act. */
class OffersTest {
    private static final Lexicon LEXICON = Lexicon.shipped();

    private static Bout bout(String id, String moments) {
        return BoutFile.parse(
                        "far-glass bout 1\nid: %s\nA: Ann\nB: Bea\ncovered: story 0:00 to 5:00 declared\n\n%s"
                                .formatted(id, moments),
                        LEXICON)
                .bout()
                .orElseThrow();
    }

    private static final Bout KNOWN = bout(
            "known",
            """
            0:10 A pulls guard; held; -> open guard, B on top; grip A left hand on B right sleeve, deep, until 0:40, broken
            1:00 B pulls guard; held; -> open guard, A on top; grip B left hand on A right sleeve, deep; body B lies flat
            2:00 B knee cut; failed; mistake "elbow out", punished no, better "elbow in"
            """);
    private static final Bout ASKED =
            bout("asked", "0:10 B pulls guard; held; -> open guard, A on top\n0:50 A knee cut; failed\n");

    private static List<String> offered(String moment, PassQuestion.About about) {
        Corpus corpus = Corpus.of(List.of(KNOWN, ASKED), LEXICON);
        BoutSheet sheet = BoutSheet.of(ASKED, LEXICON);
        PassQuestion question = new PassQuestion(moment, 0, 1, "", about, new Topic("", "", "", ""));
        return Offers.of(question, sheet, corpus).stream().map(BoutFile::field).toList();
    }

    @Test
    void gripsOfTheSamePlaceWithWhoIsOnTopTurnedToWhoIsHere() {
        // Told once of her who pulled and once of him, it is the same grip; the end of one does not go with it.
        assertThat(offered("m1", PassQuestion.About.GRIPS))
                .startsWith("grip B left hand on A right sleeve, deep", "body B lies flat");
    }

    @Test
    void mistakesOfTheSameActWithTheBetterOption() {
        assertThat(offered("m2", PassQuestion.About.ERROR)).startsWith("mistake \"elbow out\", better \"elbow in\"");
        assertThat(offered("m2", PassQuestion.About.OPEN)).isEmpty();
    }

    @Test
    void whatIsToldIsNotOfferedAgain() {
        Bout told = ASKED.with(ASKED.moments()
                .get(0)
                .with(ASKED.moments()
                        .get(0)
                        .telling()
                        .withFacts(KNOWN.moments().get(1).telling().facts())));
        Corpus corpus = Corpus.of(List.of(KNOWN), LEXICON);
        PassQuestion question = new PassQuestion("m1", 0, 1, "", PassQuestion.About.GRIPS, new Topic("", "", "", ""));
        assertThat(Offers.of(question, BoutSheet.of(told, LEXICON), corpus))
                .isNotEmpty()
                .doesNotContainAnyElementsOf(KNOWN.moments().get(1).telling().facts());
    }

    private static List<String> inANewLibrary(String uniform, String moment, PassQuestion.About about) {
        Bout asked = BoutFile.parse(
                        "far-glass bout 1\nid: new\nA: Ann\nB: Bea\nuniform: %s\ncovered: story 0:00 to 5:00 declared\n\n%s\n"
                                .formatted(uniform, moment),
                        LEXICON)
                .bout()
                .orElseThrow();
        PassQuestion question = new PassQuestion("m1", 0, 1, "", about, new Topic("", "", "", ""));
        return Offers.of(question, BoutSheet.of(asked, LEXICON), Corpus.of(List.of(asked), LEXICON)).stream()
                .map(BoutFile::field)
                .toList();
    }

    /** Written from what is usually held there, before any of it was offered. */
    @Test
    void aNewLibraryOffersWhatIsUsuallyHeldThere() {
        assertThat(inANewLibrary("gi", "0:10 A reached; -> closed guard, B on top", PassQuestion.About.GRIPS))
                .contains("grip A right hand on B right collar");
        assertThat(inANewLibrary("gi", "0:10 A reached; -> closed guard, A on top", PassQuestion.About.GRIPS))
                .contains("grip B right hand on A right collar");
        assertThat(inANewLibrary("gi", "0:10 A reached; -> de la riva guard, B on top", PassQuestion.About.GRIPS))
                .contains("grip A left hand on B right heel", "grip A right hand on B left sleeve");
        assertThat(inANewLibrary(
                        "gi",
                        "0:10 A de la riva; held; side A right; -> de la riva guard, B on top",
                        PassQuestion.About.GRIPS))
                .contains("grip A right hand on B left heel", "grip A left hand on B right sleeve");
        assertThat(inANewLibrary("no-gi", "0:10 A reached; -> half guard, A on top", PassQuestion.About.GRIPS))
                .anyMatch(grip -> grip.startsWith("grip A") && grip.contains("B body"))
                .noneMatch(grip -> grip.matches(".*(collar|sleeve|lapel|trousers|belt).*"));
        assertThat(inANewLibrary("no-gi", "0:10 A reached; -> saddle, A on top", PassQuestion.About.GRIPS))
                .anyMatch(grip -> grip.contains("heel"));
        // A place that is told of nowhere has what is usual in its family.
        assertThat(inANewLibrary("no-gi", "0:10 A reached; -> k-guard, A on top", PassQuestion.About.GRIPS))
                .isNotEmpty();
    }

    @Test
    void aNewLibraryOffersTheUsualMistakesOfAnActOfThatKind() {
        assertThat(inANewLibrary("gi", "0:10 A knee cut; failed", PassQuestion.About.ERROR))
                .anyMatch(mistake -> mistake.contains("underhook"));
        assertThat(inANewLibrary("gi", "0:10 A armbar; failed", PassQuestion.About.ERROR))
                .anyMatch(mistake -> mistake.contains("knees"));
        assertThat(inANewLibrary("gi", "0:10 A toreando; failed", PassQuestion.About.ERROR))
                .isNotEmpty();
        assertThat(inANewLibrary("gi", "0:10 A double leg; failed", PassQuestion.About.ERROR))
                .anyMatch(mistake -> mistake.contains("head"));
    }

    @Test
    void wherePeopleHoldEachOtherThereIsSomethingToOffer() {
        for (String uniform : List.of("gi", "no-gi")) {
            for (Position position : LEXICON.positions()) {
                boolean contact = position.isSettled()
                        && position.family() != Family.FINISH
                        && !List.of("standing", "standing-apart", "seated-guard", "double-pull", "seated-at-wall")
                                .contains(position.key());
                if (contact) {
                    assertThat(inANewLibrary(
                                    uniform,
                                    "0:10 A reached; -> %s%s"
                                            .formatted(position.key(), position.hasTop() ? ", A on top" : ""),
                                    PassQuestion.About.GRIPS))
                            .as("%s, %s", position.key(), uniform)
                            .hasSizeGreaterThanOrEqualTo(2);
                }
            }
        }
    }
}
