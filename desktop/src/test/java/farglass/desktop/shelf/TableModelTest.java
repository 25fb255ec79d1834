package farglass.desktop.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.study.Athlete;
import farglass.desktop.TestScreen;
import farglass.desktop.desk.Desk;
import farglass.library.Library;
import farglass.library.table.Column;
import farglass.library.table.Table;
import farglass.library.table.TimeNotation;
import java.nio.file.Path;
import java.time.Clock;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A spreadsheet on its way in, without a window. */
class TableModelTest {
    private static final Table TABLE = Table.read(
            "clock,person,move,worked\n1.05,Runa,coat hanger,yes\n2.10,W.,knee cut,no\n3.40,Runa,coat hanger,\n");

    @TempDir
    Path folder;

    private final TestScreen screen = new TestScreen();
    private Desk desk;

    @BeforeEach
    void lay() {
        Library library = Library.create(folder.resolve("l.farglass"), Clock.systemUTC(), "t");
        library.change(
                "Prepare",
                Change.added(new Athlete("runa", "Runa Castellan")),
                Change.added(new Athlete("wilma", "Wilma Ferreby")));
        desk = new Desk(library, Lexicon.shipped(), screen);
    }

    @AfterEach
    void clear() {
        desk.close();
        screen.close();
    }

    private void onScreen(Runnable work) throws Exception {
        screen.onScreen(work);
        screen.rest(desk);
    }

    @Test
    void whatIsGuessedIsMendedImportedAndKeptForTheNextTable() throws Exception {
        TableModel[] made = new TableModel[1];
        onScreen(() -> made[0] = new TableModel(desk, TABLE, "unknown"));
        TableModel model = made[0];
        assertThat(model.mappingProperty().get().columns())
                .containsEntry("clock", Column.TIME)
                .containsEntry("move", Column.WHAT)
                .containsEntry("person", Column.NOTHING);
        assertThat(model.mappingProperty().get().times()).isEqualTo(TimeNotation.POINT);
        onScreen(() -> model.column("person", Column.WHO));
        assertThat(model.summary()).startsWith("Nothing can be imported yet: 3 cells");
        onScreen(() -> {
            model.names("Runa Castellan", "Wilma Ferreby");
            model.called("", "W.");
        });
        assertThat(model.summary()).isEqualTo("3 moments to import, 1 word kept as words.");
        assertThat(model.meaning("coat hanger", "no such thing")).contains("not in the lexicon");
        onScreen(() -> model.meaning("coat hanger", "rnc"));
        assertThat(model.summary()).isEqualTo("3 moments to import.");
        onScreen(() -> assertThat(model.importUnder("Our sheet")).isEmpty());
        desk.change("Nothing").get(20, TimeUnit.SECONDS);
        Bout bout = desk.contents().bouts().get(0);
        assertThat(bout.moments().stream().map(BoutFile::line))
                .containsExactly(
                        "1:05 A rear-naked-choke; held; id m1",
                        "2:10 B knee-cut; threatened; id m2",
                        "3:40 A rear-naked-choke; id m3");
        onScreen(() -> made[0] = new TableModel(desk, TABLE, "unknown"));
        assertThat(made[0].mappingProperty().get())
                .isEqualTo(model.mappingProperty().get());
        assertThat(made[0].sample("person")).isEqualTo("Runa \u00b7 W.");
    }
}
