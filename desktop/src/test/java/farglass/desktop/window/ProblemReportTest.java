package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.desktop.desk.Happening;
import farglass.desktop.desk.Log;
import farglass.library.store.LibraryException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.scene.control.TextArea;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** What goes wrong is in the log and can be reported, and neither names anybody. */
class ProblemReportTest extends OnStage {
    private static final String BOUT =
            """
            far-glass bout 1
            id: b
            A: Runa Castellan
            B: Ottoline Vance
            0:10 A guard-pull; worked
            0:40 B frame; note "Runa was slow to settle"
            """;

    private AutoCloseable log;

    @BeforeEach
    void keepALog() throws Exception {
        log = Log.keep(folder.resolve("log"));
    }

    @AfterEach
    void endTheLog() throws Exception {
        log.close();
    }

    private String report() throws Exception {
        return onScreen(() -> ((TextArea) workbench.lookup("#report")).getText());
    }

    @Test
    void theReportSaysWhatHelpsAndNamesNobody() throws Exception {
        libraryWith(BoutFile.parse(BOUT, Lexicon.shipped()).bout().orElseThrow());
        onScreen(() -> {
            desk().messages().fail("Runa Castellan could not be written.");
            desk().messages()
                    .fail(new LibraryException(
                            "The film of Ottoline Vance is gone", new IllegalStateException("Runa Castellan")));
            return null;
        });
        robot.clickOn("#library-menu");
        robot.clickOn("Report a problem\u2026");
        assertThat(report())
                .contains("Far Glass", "1 bout, 2 moments, 1 study, at the place Shelf", "text at 100 %")
                .contains("2 of them that something failed")
                .contains(Happening.OPENED + ": 1, 2")
                .contains(Happening.NOT_DONE.toString(), LibraryException.class.getName())
                .contains("    java.lang.IllegalStateException")
                .contains("        " + ProblemReportTest.class.getName() + ".")
                .doesNotContain("Runa", "Castellan", "Ottoline", "Vance", "slow", folder.toString(), "matches");

        type("I looked the other way. ");
        String written = report();
        assertThat(written).contains("What I did:\nI looked the other way. ");
        chosen.add(folder.resolve("log"));
        robot.clickOn("Save\u2026");
        await(
                "what cannot be written is said",
                () -> workbench.lookup(".problem").isVisible());
        chosen.add(folder.resolve("report.txt"));
        robot.clickOn("Save\u2026");
        await("it was saved", () -> text("#message").contains("report.txt"));
        assertThat(folder.resolve("report.txt")).hasContent(written);
    }

    @Test
    void itCanBeWrittenWhereNoLibraryOpens() throws Exception {
        onScreen(() -> {
            workbench.open(folder.resolve("runa.farglass"));
            return null;
        });
        await(
                "what is wrong is said",
                () -> workbench.lookup("#welcome-problem") != null
                        && workbench.lookup("#welcome-problem").isVisible());
        robot.clickOn("#report-problem");
        assertThat(report())
                .contains("Library: none is open", Happening.NOT_OPENED.toString())
                .doesNotContain("runa");
    }

    @Test
    void theLogStaysSmallAndItsLastLinesAreRead() throws Exception {
        IllegalStateException thrown = new IllegalStateException("Runa");
        for (int i = 0; i < 2_000; i++) {
            Log.problem(Happening.NO_PICTURE, thrown, i);
        }
        List<Path> files;
        try (var all = Files.list(folder.resolve("log"))) {
            files = all.filter(file -> file.toString().endsWith(".log")).toList();
        }
        assertThat(files).hasSize(3).allSatisfy(file -> assertThat(Files.size(file))
                .isLessThan(400_000));
        List<String> lines = Log.lines(folder.resolve("log"), 100);
        assertThat(lines).hasSize(100);
        assertThat(String.join("\n", lines))
                .contains(Happening.NO_PICTURE + ": 1999")
                .doesNotContain("Runa");
    }
}
