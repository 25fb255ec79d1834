package farglass.desktop.tag.ledger;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Moment;
import farglass.desktop.tag.TagDesk;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The conversation: what is chosen, folded and found in it, and that its rows are those of the bout whatever was done. */
class LedgerModelTest {
    @TempDir
    Path folder;

    private TagDesk tag;
    private LedgerModel ledger;

    @BeforeEach
    void lay() throws Exception {
        tag = new TagDesk(
                folder,
                TagDesk.bout(
                        "one",
                        "0:10 A guard-pull; held; -> open-guard, B on top",
                        "0:20 B knee-cut; failed",
                        "0:22 A frame; answers m2",
                        "0:24 B toreando; failed; answers m3",
                        "2:00 A scissor-sweep; held; -> mount, A on top",
                        "2:20 B elbow-escape"));
        tag.open("one");
        ledger = tag.model().ledger();
    }

    @AfterEach
    void clear() {
        tag.close();
    }

    private List<String> rows() throws Exception {
        return tag.asked(() -> ledger.rows().stream()
                .map(row -> row.moment().orElseThrow().id())
                .toList());
    }

    private List<String> told() throws Exception {
        return tag.saved().moments().stream().map(Moment::id).toList();
    }

    private void key(Runnable pressed) throws Exception {
        tag.onScreen(pressed);
    }

    @Test
    void stepsStopAtTheEndsAndTheFilmGoesAlong() throws Exception {
        key(() -> ledger.select(1));
        assertThat(tag.chosen()).as("the film stands before all").containsExactly("m1");
        key(() -> ledger.select(-1));
        assertThat(tag.chosen()).containsExactly("m1");
        for (int i = 0; i < 9; i++) {
            key(() -> ledger.select(1));
        }
        assertThat(tag.chosen()).containsExactly("m6");
        assertThat(tag.asked(() -> tag.player().timeProperty().get())).isEqualTo(140 * TagDesk.SECOND);
    }

    @Test
    void withoutAChoiceOneStepsFromWhereTheFilmIs() throws Exception {
        tag.seek(23 * TagDesk.SECOND);
        key(() -> tag.model().choice().none());
        key(() -> ledger.select(-1));
        assertThat(tag.chosen()).as("back to the moment last passed").containsExactly("m3");
        tag.seek(23 * TagDesk.SECOND);
        key(() -> tag.model().choice().none());
        key(() -> ledger.select(1));
        assertThat(tag.chosen()).as("on to the next").containsExactly("m4");
    }

    @Test
    void aChoiceGrowsAndShrinksFromItsLead() throws Exception {
        key(() -> tag.model().choice().only("m2"));
        key(() -> ledger.extend(1));
        key(() -> ledger.extend(1));
        assertThat(tag.chosen()).containsExactly("m2", "m3", "m4");
        key(() -> ledger.extend(-1));
        assertThat(tag.chosen()).containsExactly("m2", "m3");
        key(() -> ledger.extend(-1));
        key(() -> ledger.extend(-1));
        assertThat(tag.chosen()).as("past where it began").containsExactly("m1", "m2");
    }

    @Test
    void atTheEndAChoiceNeitherGrowsNorShrinks() throws Exception {
        key(() -> tag.model().choice().only("m5"));
        key(() -> ledger.extend(1));
        assertThat(tag.chosen()).containsExactly("m5", "m6");
        key(() -> ledger.extend(1));
        assertThat(tag.chosen()).containsExactly("m5", "m6");
    }

    @Test
    void whatIsFoundAloneIsSteppedThroughAndChosen() throws Exception {
        key(() -> ledger.findProperty().set("Pip"));
        assertThat(rows()).as("Pip is on top after the first").containsExactly("m1", "m2", "m4", "m6");
        key(() -> tag.model().choice().only("m2"));
        key(() -> ledger.select(1));
        assertThat(tag.chosen()).containsExactly("m4");
        key(ledger::chooseAll);
        assertThat(tag.chosen()).containsExactly("m1", "m2", "m4", "m6");
        key(() -> ledger.findProperty().set("pip toreando"));
        assertThat(rows()).as("all words, in any case").containsExactly("m4");
        key(() -> ledger.findProperty().set("nothing of the kind"));
        assertThat(rows()).isEmpty();
        key(() -> ledger.select(1));
        key(() -> ledger.findProperty().set(""));
        assertThat(rows()).containsExactlyElementsOf(told());
    }

    @Test
    void anExchangeFoldsIntoItsLastMomentAndUnfoldsFromAnyOfThem() throws Exception {
        key(() -> tag.model().choice().only("m3"));
        key(ledger::foldHere);
        List<String> folded = rows();
        assertThat(folded).as("from the pass to the sweep that ends it").containsExactly("m1", "m5", "m6");
        assertThat(tag.asked(() -> ledger.rows().get(1).words())).contains("(4 moments folded)");
        key(() -> ledger.select(1));
        assertThat(tag.chosen()).as("from what is hidden to what is shown").isSubsetOf(folded);
        key(() -> tag.model().choice().only("m4"));
        key(ledger::foldHere);
        assertThat(rows()).containsExactlyElementsOf(told());
    }

    @Test
    void steppingFromAFoldedMomentGoesToItsNeighbour() throws Exception {
        key(() -> tag.model().choice().only("m3"));
        key(ledger::foldHere);
        key(() -> ledger.select(1));
        assertThat(tag.chosen()).as("the row that hides it").containsExactly("m5");
        key(() -> tag.model().choice().only("m3"));
        key(() -> ledger.select(-1));
        assertThat(tag.chosen()).containsExactly("m1");
    }

    @Test
    void allFoldAndUnfoldAndAnotherBoutIsNotFolded() throws Exception {
        key(ledger::foldAll);
        assertThat(rows()).hasSizeLessThan(told().size());
        key(ledger::foldAll);
        assertThat(rows()).containsExactlyElementsOf(told());
        key(ledger::foldAll);
        key(() -> ledger.findProperty().set("x"));
        tag.test().desk().change("Another", TagDesk.bout("two", "0:20 B knee-cut; failed", "0:22 A frame; answers m1"));
        tag.test().settle();
        tag.open("two");
        assertThat(rows()).containsExactlyElementsOf(told());
    }

    /** Only what differs is given to the list: after anything the rows are those that a list made anew would have. */
    @Test
    void whateverIsToldRemovedFoldedOrSoughtTheRowsAreThoseOfTheBout() throws Exception {
        Random random = new Random(7);
        for (int step = 0; step < 120; step++) {
            List<String> ids = told();
            String some = ids.isEmpty() ? "" : ids.get(random.nextInt(ids.size()));
            switch (random.nextInt(6)) {
                case 0, 1 -> {
                    long at = random.nextInt(290) * TagDesk.SECOND;
                    String word = List.of("a frame", "b knee cut", "a hip escape", "b toreando")
                            .get(random.nextInt(4));
                    tag.done(() -> {
                        tag.player().seek(at);
                        tag.model().line().textProperty().set(word);
                        tag.model().scribe().commit();
                    });
                }
                case 2 -> {
                    if (ids.size() > 3) {
                        tag.done(() -> {
                            tag.model().choice().only(some);
                            tag.model().corrections().remove();
                        });
                    }
                }
                case 3 -> {
                    key(() -> tag.model().choice().only(some));
                    key(ledger::foldHere);
                }
                case 4 -> key(() -> ledger.findProperty().set(random.nextBoolean() ? "" : "frame"));
                default -> tag.undo();
            }
            List<LedgerRow> shown = tag.asked(() -> List.copyOf(ledger.rows()));
            List<LedgerRow> anew = tag.asked(() -> {
                var open = tag.model().open();
                LedgerModel other = new LedgerModel(tag.model().tagging());
                other.findProperty().set(ledger.findProperty().get());
                open.refresh();
                return List.copyOf(other.rows());
            });
            if (shown.stream().allMatch(row -> row.folded() == 0)) {
                assertThat(shown).as("step %d", step).isEqualTo(anew);
            }
            assertThat(Set.copyOf(shown)).as("no row twice").hasSize(shown.size());
        }
    }
}
