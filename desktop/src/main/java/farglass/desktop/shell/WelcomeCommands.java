package farglass.desktop.shell;

import static javafx.scene.input.KeyCode.F1;
import static javafx.scene.input.KeyCode.L;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.O;
import static javafx.scene.input.KeyCode.Q;

import farglass.desktop.command.Command;
import farglass.desktop.command.Key;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Settings;
import farglass.library.store.LibraryHeader;
import java.io.IOException;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** What can be done also while no library is open; while one is, these are among the commands of its window. */
public final class WelcomeCommands {
    private static final String KIND = "Far Glass libraries";

    private WelcomeCommands() {}

    /**
     * {@return all of them}
     *
     * @param failed is told why a setting could not be kept
     */
    public static List<Command> all(
            Libraries libraries,
            Choosers choosers,
            Settings settings,
            Consumer<String> failed,
            Runnable help,
            Runnable report) {
        return Stream.of(
                        choosing(libraries, choosers),
                        looks(settings, failed),
                        leaving(help, report, libraries::closeWindow))
                .flatMap(List::stream)
                .toList();
    }

    static List<Command> choosing(Libraries libraries, Choosers choosers) {
        return List.of(
                Command.of("new-library", "New library\u2026", Where.EVERYWHERE, Key.ctrl(N))
                        .does(() -> choosers.save("New library", KIND, "farglass", "matches" + LibraryHeader.SUFFIX)
                                .ifPresent(libraries::create)),
                Command.of("open-library", "Open a library\u2026", Where.EVERYWHERE, Key.ctrl(O))
                        .does(() -> choosers.open("Open a library", KIND, List.of("farglass")).stream()
                                .findFirst()
                                .ifPresent(path -> libraries.open(path, ""))));
    }

    static List<Command> looks(Settings settings, Consumer<String> failed) {
        Stream<Command> dark = Stream.of(Command.of("dark", "Film room", Where.ALWAYS, Key.ctrl(L))
                .also("dark, and back")
                .does(() -> {
                    settings.darkProperty().set(!settings.darkProperty().get());
                    save(settings, failed);
                }));
        Stream<Command> text = IntStream.of(100, 125, 150)
                .mapToObj(percent -> Command.of("text-" + percent, "Text at %d %%".formatted(percent), Where.EVERYWHERE)
                        .does(() -> {
                            settings.textPercentProperty().set(percent);
                            save(settings, failed);
                        }));
        return Stream.concat(dark, text).toList();
    }

    static void save(Settings settings, Consumer<String> failed) {
        try {
            settings.save();
        } catch (IOException e) {
            failed.accept("This setting holds until you close the window; it could not be written: " + e.getMessage());
        }
    }

    static List<Command> leaving(Runnable help, Runnable report, Runnable close) {
        return List.of(
                Command.of("help", "Help and keys", Where.EVERYWHERE, Key.of(F1))
                        .does(help),
                Command.of("report", "Report a problem\u2026", Where.EVERYWHERE).does(report),
                Command.of("close", "Close the window", Where.ALWAYS, Key.ctrl(Q))
                        .also("what is shown as saved is on disk")
                        .does(close));
    }
}
