package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.change.Change;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Spot;
import farglass.library.Library;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ConcurrentLinkedDeque;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** The whole window on the headless toolkit, driven by real keys and clicks. Files are chosen from a prepared list. */
abstract class OnStage {
    @TempDir
    Path folder;

    final FxRobot robot = new FxRobot();
    final Deque<Path> chosen = new ArrayDeque<>();
    private final Deque<Throwable> slips = new ConcurrentLinkedDeque<>();
    Workbench workbench;

    private final Choosers choosers = new Choosers() {
        @Override
        public List<Path> open(String title, String kind, List<String> endings) {
            return chosen.isEmpty() ? List.of() : List.of(chosen.poll());
        }

        @Override
        public Optional<Path> save(String title, String kind, String ending, String proposedName) {
            return Optional.ofNullable(chosen.poll());
        }
    };

    /** {@return what the welcome offers to look round in} */
    Optional<Demo> demo() {
        return Optional.empty();
    }

    @BeforeEach
    void raiseTheCurtain() throws Exception {
        Stage stage = FxToolkit.registerPrimaryStage();
        Settings settings = Settings.read(folder.resolve("settings"));
        FxToolkit.setupFixture(() -> {
            Thread.currentThread().setUncaughtExceptionHandler((thread, error) -> slips.add(error));
            Desktop.dress();
            workbench = new Workbench(settings, choosers, new ToolkitThread(), Clock.systemUTC(), "tester", demo());
            stage.setScene(new Scene(workbench, WindowPlace.WIDTH, WindowPlace.HEIGHT));
            workbench.begin(HeadStart.ofNothing());
            stage.show();
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    @AfterEach
    void lowerTheCurtain() throws Exception {
        onScreen(() -> {
            workbench.closeLibrary();
            return null;
        });
        FxToolkit.cleanupStages();
        assertThat(slips)
                .as("nothing went wrong unseen on the interface thread")
                .isEmpty();
    }

    <T> T onScreen(Callable<T> work) throws Exception {
        return WaitForAsyncUtils.asyncFx(work).get(30, TimeUnit.SECONDS);
    }

    void await(String what, Callable<Boolean> condition) throws Exception {
        try {
            WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> onScreen(condition));
        } catch (TimeoutException e) {
            throw new AssertionError("Waited in vain until " + what + "; the foot says: " + foot(), e);
        }
    }

    private String foot() throws Exception {
        return onScreen(() -> workbench.lookup("#message") instanceof Labeled label ? label.getText() : "(no foot)");
    }

    /** Whether a library is open, and all that happened in it is read. */
    boolean isOpen() {
        return workbench.shell().isPresent() && workbench.isWhole();
    }

    Desk desk() throws Exception {
        return onScreen(() -> workbench.shell().orElseThrow().desk());
    }

    void newLibrary() throws Exception {
        chosen.add(folder.resolve("matches.farglass"));
        robot.clickOn("New library\u2026");
        await("the library is open", this::isOpen);
    }

    /** Opens a library that holds the bout, in a study of its first athlete. */
    void libraryWith(Bout bout) throws Exception {
        Path path = folder.resolve("matches.farglass");
        try (Library library = Library.create(path, Clock.systemUTC(), "tester")) {
            Athlete first = new Athlete("first", bout.header().a().name());
            library.change(
                    "Prepare",
                    Change.added(first),
                    Change.added(bout),
                    Change.added(new Study("study", "Harbour study", List.of(first.id()), Optional.empty())));
        }
        onScreen(() -> {
            workbench.open(path);
            return null;
        });
        await("the library is open", this::isOpen);
    }

    /** Opens the bout in Tag, and waits for the first frame of its film. */
    void showInTag(String bout) throws Exception {
        onScreen(() -> {
            desk().navigation().show(new Spot(bout, Optional.empty()));
            return null;
        });
        await("the film shows", () -> text("#clock").equals("0:00.0"));
    }

    /** Waits until what was asked for is heard, and all that follows from it at once is shown. */
    void settle() {
        WaitForAsyncUtils.waitForFxEvents();
        try {
            await("all is shown", () -> workbench.shell().stream()
                    .allMatch(shell -> shell.desk().isAllShown()));
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    void press(KeyCode... codes) {
        robot.push(codes);
        settle();
    }

    void type(String words) {
        robot.write(words, 0);
        settle();
    }

    /** Fills one field of the sheet that lies open. */
    void fill(String field, String words) {
        robot.clickOn("#field-" + field);
        robot.push(KeyCode.SHORTCUT, KeyCode.A);
        robot.write(words, 0);
        settle();
    }

    /** {@return the words shown there; none while it is not on the screen} */
    String text(String id) throws Exception {
        return onScreen(() -> workbench.lookupAll(id).stream()
                .filter(OnStage::isSeen)
                .filter(Labeled.class::isInstance)
                .map(node -> ((Labeled) node).getText())
                .findFirst()
                .orElse(""));
    }

    /** What is kept in the window for the next time is not seen. */
    static boolean isSeen(Node node) {
        for (Node each = node; each != null; each = each.getParent()) {
            if (!each.isVisible()) {
                return false;
            }
        }
        return true;
    }
}
