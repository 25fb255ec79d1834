package farglass.desktop.lexicon;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.entry.Kind;
import farglass.core.entry.Names;
import farglass.core.entry.School;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.study.Study;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.library.Library;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The lexicon's additions, without a window. */
class LexiconModelTest {
    private static final String HANGER =
            """
            technique coat-hanger "Coat hanger"
              kind submission
              from back-control turtle : top
              side own-arm
              says A choke of our own gym.
            """;

    @TempDir
    Path folder;

    private Desk desk;
    private LexiconModel model;

    @BeforeEach
    void lay() throws Exception {
        Library library = Library.create(folder.resolve("l.farglass"), Clock.systemUTC(), "t");
        Bout bout = BoutFile.parse(
                        "far-glass bout 1\nid: x\nA: Maren\nB: Runa\n0:10 A \"coat hanger\"\n0:20 A \"coat hanger\"; private\n0:30 B \"odd hook\"\n",
                        Lexicon.shipped())
                .bout()
                .orElseThrow();
        library.change("Prepare", Change.added(bout));
        desk = new Desk(library, Lexicon.shipped(), Runnable::run);
        model = new LexiconModel(desk);
        desk.navigation().placeProperty().set(Place.LEXICON);
        rest();
    }

    @AfterEach
    void clear() {
        desk.close();
    }

    private void rest() throws Exception {
        // A write that changes nothing comes last, so everything before it is done.
        desk.change("Nothing").get(20, TimeUnit.SECONDS);
        while (!desk.work().jobs().isEmpty()) {
            TimeUnit.MILLISECONDS.sleep(5);
        }
    }

    private Term term(String key) {
        return desk.lexicon().term(key).orElseThrow();
    }

    @Test
    void anyWordFindsItsEntryAndAKindNarrowsTheList() {
        model.searchProperty().set("gatame");
        assertThat(model.found()).extracting(Term::key).contains("armbar", "side-control", "arm-triangle");
        model.kindProperty().set(Optional.of(Kind.SUBMISSION));
        assertThat(model.found()).extracting(Term::key).contains("armbar").doesNotContain("side-control");
        model.searchProperty().set("zzz");
        assertThat(model.found()).isEmpty();
        assertThat(model.facts(term("heel-hook")))
                .anyMatch(fact -> fact.title().equals("Caution") && fact.words().contains("never drilled live"));
    }

    @Test
    void whatHadNoNameIsNamedEverywhereAndOneUndoTakesItBack() throws Exception {
        assertThat(model.unnamed())
                .containsExactly(new LexiconModel.Unnamed("coat hanger", 2), new LexiconModel.Unnamed("odd hook", 1));
        assertThat(model.name(model.unnamed().get(0), "no such thing")).contains("is no technique");
        assertThat(model.name(model.unnamed().get(0), "rear naked choke")).isEmpty();
        rest();
        assertThat(model.unnamed()).extracting(LexiconModel.Unnamed::words).containsExactly("odd hook");
        Bout named = desk.contents().bouts().get(0);
        assertThat(named.moments().get(1).technique()).contains("rear-naked-choke");
        assertThat(named.moments().get(1).telling().confidential()).isTrue();
        desk.undo().get(20, TimeUnit.SECONDS);
        rest();
        assertThat(model.unnamed()).hasSize(2);
    }

    @Test
    void anOwnEntryIsAddedNamedMoreUsedAndMergedAway() throws Exception {
        assertThat(model.add(HANGER)).isEmpty();
        rest();
        assertThat(model.isOwn(term("coat-hanger"))).isTrue();
        assertThat(model.name(
                        term("coat-hanger"),
                        new Names(List.of(), List.of("cabide"), List.of(), List.of(), List.of(), List.of())))
                .isEmpty();
        rest();
        assertThat(desk.lexicon().find("cabide").orElseThrow().key()).isEqualTo("coat-hanger");
        desk.schoolProperty().set(School.PORTUGUESE);
        assertThat(desk.lexicon().label("coat-hanger")).isEqualTo("Cabide");
        desk.schoolProperty().set(School.ENGLISH);
        model.name(model.unnamed().get(0), "coat hanger");
        rest();
        assertThat(model.remove(term("coat-hanger"))).contains("2 moments use it");
        assertThat(model.merge(term("coat-hanger"), "mount")).contains("no other technique");
        assertThat(model.merge(term("coat-hanger"), "rnc")).isEmpty();
        rest();
        assertThat(desk.lexicon().term("coat-hanger")).isEmpty();
        assertThat(desk.contents().bouts().get(0).moments().get(0).technique()).contains("rear-naked-choke");
    }

    @Test
    void aWordIsNeverTakenFromAnotherEntry() throws Exception {
        assertThat(model.add(HANGER.replace("says A", "also rnc\n  says A"))).contains("Rear naked choke");
        assertThat(model.add(HANGER.replace("turtle", "moon"))).contains("moon");
        assertThat(model.add("technique")).contains("expected");
        assertThat(model.add(HANGER.replace("coat-hanger \"Coat hanger\"", "mount \"Mount\"")))
                .as("a place on which others rest")
                .contains("is a position of the lexicon already");
        Names taken = new Names(List.of("kimura"), List.of(), List.of(), List.of(), List.of(), List.of());
        assertThat(model.name(term("armbar"), taken)).contains("stands for Kimura already");
        Names first = new Names(List.of("the straight one"), List.of(), List.of(), List.of(), List.of(), List.of());
        Names second = new Names(List.of("arm stretcher"), List.of(), List.of(), List.of(), List.of(), List.of());
        assertThat(model.name(term("armbar"), first)).isEmpty();
        rest();
        assertThat(model.name(term("armbar"), second)).isEmpty();
        rest();
        assertThat(desk.lexicon().find("the straight one")).contains(term("armbar"));
        assertThat(desk.lexicon().find("arm stretcher")).contains(term("armbar"));
    }

    private void added(String stanza) throws Exception {
        assertThat(model.add(stanza)).isEmpty();
        rest();
    }

    @Test
    void anEntryThatOthersNameIsNotTakenOutFromUnderThem() throws Exception {
        added(
                "position hammock-guard \"Hammock guard\"\n  family guard\n  counts guard\n  top yes\n  worth 0 0\n  says A guard of our own.\n");
        added(HANGER.replace("turtle", "turtle hammock-guard"));
        added("technique long-hanger \"Long hanger\"\n  of coat-hanger\n  says With both sleeves.\n");
        assertThat(model.remove(term("hammock-guard"))).contains("Coat hanger").contains("starts or ends in it");
        assertThat(model.remove(term("coat-hanger"))).contains("Long hanger").contains("variant");
        assertThat(model.merge(term("coat-hanger"), "rear naked choke")).contains("Long hanger");
        rest();
        assertThat(desk.lexicon().term("long-hanger")).as("still whole").isPresent();
        assertThat(model.remove(term("long-hanger"))).isEmpty();
        rest();
        assertThat(model.remove(term("coat-hanger"))).isEmpty();
        rest();
        assertThat(model.remove(term("hammock-guard"))).isEmpty();
        rest();
        assertThat(desk.contents().words().stanzas()).isEmpty();
    }

    @Test
    void whatAStudyIsAboutStaysAndFollowsAMerge() throws Exception {
        added(HANGER);
        desk.change(
                "Study",
                Change.added(new Study("s", "Hangers", List.of(), Optional.of("coat-hanger"), Optional.empty())));
        rest();
        assertThat(model.remove(term("coat-hanger"))).contains("Hangers").contains("is about it");
        assertThat(model.merge(term("coat-hanger"), "rear naked choke")).isEmpty();
        rest();
        assertThat(desk.contents().study("s").orElseThrow().focus()).contains("rear-naked-choke");
        desk.undo().get(20, TimeUnit.SECONDS);
        rest();
        assertThat(desk.contents().study("s").orElseThrow().focus()).contains("coat-hanger");
    }

    @Test
    void aPlaceThatIsNamedAnywhereInABoutIsNotTakenOut() throws Exception {
        added(
                "position hammock-guard \"Hammock guard\"\n  family guard\n  counts guard\n  top yes\n  worth 0 0\n  says A guard of our own.\n");
        Bout told = BoutFile.parse(
                        "far-glass bout 1\nid: y\nA: Maren\nB: Runa\n0:10 A knee-cut; held; from hammock-guard, A on top\n",
                        desk.lexicon())
                .bout()
                .orElseThrow();
        desk.change("Put", Change.added(told));
        rest();
        assertThat(model.remove(term("hammock-guard"))).contains("1 moment uses it");
        String text = BoutFile.print(desk.contents().bout("y").orElseThrow());
        assertThat(BoutFile.parse(text, desk.lexicon()).bout())
                .contains(desk.contents().bout("y").orElseThrow());
    }

    @Test
    void whereThingsCanStartGoesWithTheEntryItNames() throws Exception {
        added(
                "position hammock-guard \"Hammock guard\"\n  family guard\n  counts guard\n  top yes\n  worth 0 0\n  says A guard of our own.\n");
        desk.change(
                "Note",
                new Change.OfTerm(
                        "starts knee-cut hammock-guard top",
                        Optional.empty(),
                        Optional.of("starts knee-cut\n  from hammock-guard : top\n")));
        rest();
        assertThat(model.remove(term("hammock-guard"))).isEmpty();
        rest();
        assertThat(desk.contents().words().stanzas())
                .as("nothing is left that the lexicon would have to complain about")
                .isEmpty();
        desk.undo().get(20, TimeUnit.SECONDS);
        rest();
        assertThat(desk.contents().words().stanzas()).hasSize(2);
    }

    @Test
    void anOwnVersionOfAShippedEntryCanBeTakenBackThoughMomentsUseIt() throws Exception {
        model.name(model.unnamed().get(0), "rear naked choke");
        rest();
        String own = Lexicon.stanza(term("rear-naked-choke")).replaceFirst("\n  says .*", "\n  says As we do it.");
        desk.change("Own", new Change.OfTerm("rear-naked-choke", Optional.empty(), Optional.of(own)));
        rest();
        assertThat(term("rear-naked-choke").says()).isEqualTo("As we do it.");
        assertThat(model.remove(term("rear-naked-choke"))).isEmpty();
        rest();
        assertThat(term("rear-naked-choke").says()).isNotEqualTo("As we do it.");
    }

    @Test
    void theEntryLookedAtStaysWhileOthersComeAndGo() throws Exception {
        model.chosenProperty().set(Optional.of(term("kimura")));
        added(HANGER);
        model.chosenProperty().set(Optional.of(term("kimura")));
        desk.undo().get(20, TimeUnit.SECONDS);
        rest();
        assertThat(model.chosenProperty().get().map(Term::key)).contains("kimura");
        added(HANGER);
        assertThat(model.chosenProperty().get().map(Term::key))
                .as("what was just added")
                .contains("coat-hanger");
        desk.undo().get(20, TimeUnit.SECONDS);
        rest();
        assertThat(model.chosenProperty().get()).as("gone again").isNotEmpty();
        assertThat(model.chosenProperty().get().map(Term::key)).isNotEqualTo(Optional.of("coat-hanger"));
    }

    @Test
    void countsAreThoseOfTheLibraryAsItIs() throws Exception {
        model.name(model.unnamed().get(1), "kimura");
        rest();
        assertThat(model.occurrences(term("kimura"))).isEqualTo(1);
        assertThat(model.countsProperty().get().entries()).containsEntry("kimura", 1);
        desk.navigation().placeProperty().set(Place.SHELF);
        desk.undo().get(20, TimeUnit.SECONDS);
        rest();
        desk.navigation().placeProperty().set(Place.LEXICON);
        rest();
        assertThat(model.countsProperty().get().entries())
                .as("counted anew when looked at")
                .doesNotContainKey("kimura");
        assertThat(model.unnamed()).hasSize(2);
    }
}
