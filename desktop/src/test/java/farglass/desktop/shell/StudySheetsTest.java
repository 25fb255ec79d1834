package farglass.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.change.Change;
import farglass.core.rules.Rulesets;
import farglass.core.study.Athlete;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.desktop.Fields;
import farglass.desktop.TestDesk;
import farglass.desktop.parts.Sheet;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;

/** What is begun on a sheet: what is kept, and what is refused in a sentence while nothing is saved. */
class StudySheetsTest {
    @TempDir
    Path folder;

    private TestDesk test;

    @BeforeEach
    void lay() throws Exception {
        FxToolkit.registerPrimaryStage();
        test = new TestDesk(
                folder,
                Change.added(TestDesk.bout("id: x\nA: Maren Tolliver\nB: Runa Castellan\n0:10 A armbar; failed\n")));
    }

    @AfterEach
    void clear() {
        test.close();
    }

    private Sheet camp() throws Exception {
        return test.asked(() -> StudySheets.camp(test.desk(), Rulesets::shipped));
    }

    private Sheet filled() throws Exception {
        Sheet sheet = camp();
        Fields.type(sheet, "name", "Saltmarsh");
        Fields.type(sheet, "our-athlete", "Maren Tolliver");
        Fields.type(sheet, "opponents", "Runa Castellan, Ottoline Vance");
        Fields.type(sheet, "event", "Saltmarsh Open");
        Fields.type(sheet, "date", "2026-12-19");
        return sheet;
    }

    /** {@return what the sheet says against it; empty if it was done} */
    private Optional<String> done(Sheet sheet) throws Exception {
        test.onScreen(sheet::doIt);
        test.settle();
        return Fields.words(sheet, "problem");
    }

    private List<Study> studies() {
        return test.desk().contents().studies();
    }

    private String name(String id) {
        return test.desk().contents().athlete(id).map(Athlete::name).orElseThrow();
    }

    @Test
    void aCampKeepsWhatWasTypedAndAddsWhoWasNotKnown() throws Exception {
        Sheet sheet = filled();
        Fields.type(sheet, "rules", "mixed-rules");
        assertThat(done(sheet)).isEmpty();
        Study study = studies().get(0);
        assertThat(study.subjects()).extracting(this::name).containsExactly("Runa Castellan", "Ottoline Vance");
        Camp camp = study.camp().orElseThrow();
        assertThat(name(camp.ours())).isEqualTo("Maren Tolliver");
        assertThat(camp.date()).isEqualTo(LocalDate.of(2026, 12, 19));
        assertThat(camp.ruleset()).isEqualTo("mixed-rules");
        assertThat(test.desk().study().property().get()).contains(study);
    }

    @Test
    void everyRulesetIsOffered() throws Exception {
        ComboBox<?> rules = (ComboBox<?>) Fields.field(camp(), "rules");
        assertThat(rules.getItems().stream().map(Object::toString))
                .contains("points-with-advantages", "mixed-rules", "training-round");
    }

    @Test
    void whatCannotBeIsRefusedAndNothingIsSaved() throws Exception {
        refuses("name", " ", "Give it a name");
        refuses("date", "soon", "is no date");
        refuses("our-athlete", "", "Say who our athlete is");
        refuses("our-athlete", "Maren Toliver", "There is a Maren Tolliver in this library");
        refuses("opponents", " , ", "Name at least one athlete");
        refuses("opponents", "Runa Castelan", "There is a Runa Castellan in this library");
        refuses("opponents", "Runa Castellan, Maren Tolliver", "Maren Tolliver is our athlete");
        refuses("rules", "points with advantage", "no ruleset named");
    }

    private void refuses(String field, String text, String sentence) throws Exception {
        Sheet sheet = filled();
        Fields.type(sheet, field, text);
        assertThat(done(sheet)).as("%s: %s", field, text).hasValueSatisfying(words -> assertThat(words)
                .contains(sentence));
        assertThat(studies()).isEmpty();
        assertThat(test.desk().contents().athletes()).hasSize(2);
    }

    @Test
    void noTwoStudiesHaveOneNameAndNoTwoAthletes() throws Exception {
        assertThat(done(filled())).isEmpty();
        assertThat(done(filled())).hasValueSatisfying(words -> assertThat(words).contains("named Saltmarsh already"));
        Sheet athlete = test.asked(() -> StudySheets.athlete(test.desk()));
        Fields.type(athlete, "name", "Runa Castellan");
        assertThat(done(athlete)).hasValueSatisfying(words -> assertThat(words).contains("in the library already"));
        assertThat(studies()).hasSize(1);
    }

    @Test
    void aStudyIsOfAthletesOrAboutAPositionOrBoth() throws Exception {
        Sheet sheet = test.asked(() -> StudySheets.study(test.desk()));
        Fields.type(sheet, "name", "Guards");
        assertThat(done(sheet)).hasValueSatisfying(words -> assertThat(words).contains("Name at least one athlete"));
        Fields.type(sheet, "position", "closed gard");
        assertThat(done(sheet)).hasValueSatisfying(words -> assertThat(words).contains("Did you mean Closed guard?"));
        Fields.type(sheet, "position", "closed guard");
        assertThat(done(sheet)).isEmpty();
        assertThat(studies().get(0).focus()).contains("closed-guard");
        assertThat(studies().get(0).subjects()).isEmpty();
        test.desk().undo().get();
        test.settle();
        assertThat(studies()).isEmpty();
    }
}
