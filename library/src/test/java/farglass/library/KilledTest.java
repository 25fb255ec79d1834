package farglass.library;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import java.io.BufferedReader;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.OptionalLong;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was said to be saved is there after the process is killed in the middle of its work. */
class KilledTest {
    @TempDir
    Path folder;

    @Test
    void everyMomentShownAsSavedSurvivesAKill() throws Exception {
        Path file = folder.resolve("k.farglass");
        Process child = new ProcessBuilder(
                        ProcessHandle.current().info().command().orElseThrow(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Tagger.class.getName(),
                        file.toString())
                .redirectErrorStream(true)
                .start();
        int shown = 0;
        try (BufferedReader out = child.inputReader()) {
            for (String line = out.readLine(); line != null && shown < 40; line = out.readLine()) {
                shown = line.startsWith("saved ") ? Integer.parseInt(line.substring(6)) : shown;
            }
            // The process itself would close this stream with it; its handle leaves what it wrote to be read.
            child.toHandle().destroyForcibly();
            for (String line = out.readLine(); line != null; line = out.readLine()) {
                shown = line.matches("saved [0-9]+") ? Integer.parseInt(line.substring(6)) : shown;
            }
        }
        assertThat(shown).isGreaterThanOrEqualTo(40);
        try (Library library = Library.open(file, Clock.systemUTC(), "tester")) {
            assertThat(library.readOnly()).isEmpty();
            assertThat(library.bout("lantern-final").orElseThrow().moments().size())
                    .isGreaterThanOrEqualTo(SampleBouts.full().moments().size() + shown);
        }
    }

    /** A few points of what {@code TornRun} does at thousands. */
    @Test
    void everyAcknowledgedMomentSurvivesALossOfPower() throws Exception {
        Assumptions.assumeTrue(
                !System.getProperty("os.name").startsWith("Windows"), "halting a process needs a POSIX kill");
        assertThat(TornRun.run(folder, 60, 7)).startsWith("60 halts, none lost a moment");
    }

    /** Tags until it is killed. */
    static final class Tagger {
        public static void main(String[] arguments) {
            Library library = Library.create(Path.of(arguments[0]), Clock.systemUTC(), "child");
            Bout bout = SampleBouts.full();
            for (int i = 1; ; i++) {
                bout = bout.with(new Moment(
                        "k" + i,
                        OptionalLong.of(200_000_000L + i),
                        Optional.empty(),
                        new Deed.Mark(),
                        Optional.empty(),
                        Telling.NOTHING));
                Bout now = bout;
                library.act("Tag", edit -> edit.put(now));
                System.out.println("saved " + i);
            }
        }
    }
}
