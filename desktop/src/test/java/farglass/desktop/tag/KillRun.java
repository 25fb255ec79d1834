package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.desktop.desk.Spot;
import farglass.desktop.tag.ledger.LedgerCell;
import farglass.desktop.window.Workbench;
import farglass.library.Library;
import java.io.BufferedReader;
import java.io.PrintStream;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/**
 * The whole program, tagging by real keys in a headless window, killed again and again. A moment counts as acknowledged only once its
 * drawn row no longer says that it is being saved. Run it with the flags of the tests: {@code KillRun KILLS SEED}.
 */
final class KillRun {
    private KillRun() {}

    public static void main(String[] arguments) throws Exception {
        int kills = Integer.parseInt(arguments[0]);
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        System.out.println(run(Files.createTempDirectory("killed"), kills, seed));
    }

    /** {@return what was done, in words; fails with an {@link AssertionError} at the first lost moment} */
    static String run(Path folder, int kills, long seed) throws Exception {
        Path file = folder.resolve("k.farglass");
        try (Library library = Library.create(file, Clock.systemUTC(), "run")) {
            Bout bout = BoutFile.parse("far-glass bout 1\nid: b\nA: Juno\nB: Pip\n", Lexicon.shipped())
                    .bout()
                    .orElseThrow();
            library.change("Lay", Change.added(bout));
        }
        Random random = new Random(seed);
        int acknowledged = 0;
        Set<String> known = new HashSet<>();
        for (int kill = 0; kill < kills; kill++) {
            Set<String> shown = tagAndKill(file, random.nextInt(900), known);
            acknowledged += shown.size();
            try (Library library = Library.open(file, Clock.systemUTC(), "check")) {
                Set<String> there = library.bout("b").orElseThrow().moments().stream()
                        .map(Moment::id)
                        .collect(Collectors.toSet());
                shown.removeAll(there);
                known.addAll(there);
                if (!shown.isEmpty()) {
                    throw new AssertionError("Shown as saved and gone after kill %d: %s".formatted(kill + 1, shown));
                }
            }
        }
        return "%d kills, none lost a moment: %d were shown as saved, %d are held"
                .formatted(kills, acknowledged, known.size());
    }

    /** @param known moments of earlier runs, which are there from the start */
    private static Set<String> tagAndKill(Path file, int afterMillis, Set<String> known) throws Exception {
        List<String> command = new ArrayList<>();
        command.add(ProcessHandle.current().info().command().orElseThrow());
        ManagementFactory.getRuntimeMXBean().getInputArguments().stream()
                .filter(argument -> argument.startsWith("-D"))
                .forEach(command::add);
        command.addAll(List.of("-cp", System.getProperty("java.class.path"), Tagger.class.getName(), file.toString()));
        Process child = new ProcessBuilder(command).redirectErrorStream(true).start();
        Set<String> shown = new HashSet<>();
        StringBuilder said = new StringBuilder();
        Thread killer = new Thread(() -> {
            try {
                TimeUnit.MILLISECONDS.sleep(afterMillis);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            // The process itself would close its stream with it; its handle leaves what it wrote to be read.
            child.toHandle().destroyForcibly();
        });
        try (BufferedReader out = child.inputReader()) {
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                said.append(line).append('\n');
                if (line.startsWith("shown ")) {
                    boolean fresh = !known.contains(line.substring(6)) && shown.add(line.substring(6));
                    if (fresh && killer.getState() == Thread.State.NEW) {
                        killer.start();
                    }
                }
            }
        }
        if (killer.getState() == Thread.State.NEW) {
            throw new IllegalStateException(
                    "The program ended before it had shown a new moment as saved; it said:\n" + said);
        }
        return shown;
    }

    /** Tags until it is killed, and says which rows are drawn as saved. */
    static final class Tagger {
        private static final Set<String> TOLD = new HashSet<>();

        public static void main(String[] arguments) throws Exception {
            PrintStream out = System.out;
            RunWindow window = RunWindow.open(Path.of(arguments[0]));
            WaitForAsyncUtils.asyncFx(() -> {
                window.workbench().shell().orElseThrow().desk().navigation().show(new Spot("b", Optional.empty()));
                window.stage().getScene().addPostLayoutPulseListener(() -> tell(window.workbench(), out));
            });
            FxRobot robot = new FxRobot();
            while (true) {
                robot.push(KeyCode.PERIOD);
                WaitForAsyncUtils.waitForFxEvents();
            }
        }

        /** Once a pulse: every row that is laid out and says nothing of saving. */
        private static void tell(Workbench workbench, PrintStream out) {
            for (Node node : workbench.lookupAll(".list-cell")) {
                if (node instanceof LedgerCell cell
                        && cell.isVisible()
                        && cell.getItem() != null
                        && cell.lookupAll(".label").stream()
                                .noneMatch(label -> label instanceof javafx.scene.control.Label words
                                        && words.getText().contains("saving"))) {
                    cell.getItem().moment().map(Moment::id).filter(TOLD::add).ifPresent(id -> {
                        out.println("shown " + id);
                        out.flush();
                    });
                }
            }
        }
    }
}
