package farglass.app;

import farglass.app.library.ActorCommand;
import farglass.app.library.ExportCommand;
import farglass.app.library.HistoryCommand;
import farglass.app.library.ImportCommand;
import farglass.app.library.PicksCommand;
import farglass.app.library.PositionCommand;
import farglass.app.library.ProfileCommand;
import farglass.app.library.ReelCommand;
import farglass.app.library.SheetsCommand;
import farglass.app.library.TechniqueCommand;
import farglass.app.text.CheckCommand;
import farglass.app.text.ConvertCommand;
import farglass.app.text.LexiconCommand;
import farglass.app.text.ReadCommand;
import farglass.app.text.RulesetsCommand;
import farglass.app.text.ScoreCommand;
import farglass.app.window.DemoCommand;
import farglass.app.window.OpenCommand;
import farglass.app.window.ScreenshotsCommand;
import farglass.desktop.desk.Version;
import farglass.desktop.window.HeadStart;
import farglass.film.FilmException;
import farglass.library.store.LibraryException;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Supplier;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command, with what it can do as its subcommands. Exit codes: 0 done, 1 refused, 2 wrong usage, 3 open elsewhere. */
@Command(
        name = "far-glass",
        mixinStandardHelpOptions = true,
        versionProvider = FarGlass.Numbered.class,
        description = "Study the matches of the people you will meet.",
        subcommands = {
            OpenCommand.class,
            DemoCommand.class,
            CheckCommand.class,
            ReadCommand.class,
            ImportCommand.class,
            ExportCommand.class,
            ProfileCommand.class,
            PositionCommand.class,
            TechniqueCommand.class,
            SheetsCommand.class,
            ScoreCommand.class,
            ConvertCommand.class,
            LexiconCommand.class,
            RulesetsCommand.class,
            HistoryCommand.class,
            ReelCommand.class,
            ActorCommand.class,
            PicksCommand.class,
            ScreenshotsCommand.class
        })
public final class FarGlass {
    /** The same number as the window shows. */
    static final class Numbered implements CommandLine.IVersionProvider {
        @Override
        public String[] getVersion() {
            return new String[] {Version.words()};
        }
    }

    /** A command could not write because the library is open in another process. */
    static final int OPEN_ELSEWHERE = 3;

    /** To learn what all the commands can be told takes half a second: what opens a window needs only its own. */
    private static final Map<String, Supplier<Callable<Integer>>> OPENING_WINDOWS =
            Map.of("open", OpenCommand::new, "demo", DemoCommand::new);

    public static void main(String[] arguments) {
        // What is printed is read by other programs, too: letters and digits are the same on every system.
        System.setOut(new PrintStream(new FileOutputStream(FileDescriptor.out), true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(new FileOutputStream(FileDescriptor.err), true, StandardCharsets.UTF_8));
        Locale.setDefault(Locale.Category.FORMAT, Locale.ENGLISH);
        System.exit(execute(arguments));
    }

    private static String why(FileSystemException place) {
        return place instanceof FileAlreadyExistsException
                ? "a file is there already"
                : place instanceof AccessDeniedException
                        ? "it may not be written"
                        : place instanceof NoSuchFileException
                                ? "it is not there"
                                : Optional.ofNullable(place.getReason()).orElse("it cannot be used");
    }

    static int execute(String... arguments) {
        String first = arguments.length == 0 ? "open" : arguments[0];
        Supplier<Callable<Integer>> opening = OPENING_WINDOWS.get(first);
        if (opening == null) {
            return execute(new CommandLine(new FarGlass()), arguments);
        }
        HeadStart.begin();
        if (arguments.length <= 1) {
            return alone(opening.get());
        }
        CommandLine alone = new CommandLine(opening.get()).setCommandName("far-glass " + first);
        return execute(alone, Arrays.copyOfRange(arguments, 1, arguments.length));
    }

    /** To read options takes a tenth of a second: where there are none it is left out. */
    private static int alone(Callable<Integer> window) {
        try {
            return window.call();
        } catch (Exception e) {
            return failed(e, new PrintWriter(System.err, true, StandardCharsets.UTF_8));
        }
    }

    private static int execute(CommandLine line, String... arguments) {
        return line.setExecutionExceptionHandler((error, failed, parsed) -> failed(error, failed.getErr()))
                .execute(arguments);
    }

    private static int failed(Exception error, PrintWriter telling) {
        if (error instanceof LibraryException || error instanceof FilmException) {
            telling.println(error.getMessage());
            return error instanceof LibraryException.OpenElsewhere ? OPEN_ELSEWHERE : 1;
        }
        if (error instanceof FileSystemException place) {
            telling.println(
                    "%s: %s. Choose a folder or file that can be written.".formatted(place.getFile(), why(place)));
            return 1;
        }
        telling.println(
                "Something unexpected happened; this is a mistake of the program. Nothing half-done was kept. Below is what to report.");
        error.printStackTrace(telling);
        return 1;
    }
}
