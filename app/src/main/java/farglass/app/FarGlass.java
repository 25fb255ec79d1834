package farglass.app;

import farglass.desktop.desk.Version;
import farglass.film.FilmException;
import farglass.library.LibraryException;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.AccessDeniedException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.FileSystemException;
import java.nio.file.NoSuchFileException;
import java.util.Locale;
import java.util.Optional;
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
public final class FarGlass implements Runnable {
    /** The same number as the window shows. */
    static final class Numbered implements CommandLine.IVersionProvider {
        @Override
        public String[] getVersion() {
            return new String[] {Version.words()};
        }
    }

    /** A command could not write because the library is open in another process. */
    static final int OPEN_ELSEWHERE = 3;

    @Override
    public void run() {
        new OpenCommand().call();
    }

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
        return new CommandLine(new FarGlass())
                .setExecutionExceptionHandler((error, line, parsed) -> {
                    if (error instanceof LibraryException || error instanceof FilmException) {
                        line.getErr().println(error.getMessage());
                        return error instanceof LibraryException.OpenElsewhere ? OPEN_ELSEWHERE : 1;
                    }
                    if (error instanceof FileSystemException place) {
                        line.getErr()
                                .println("%s: %s. Choose a folder or file that can be written."
                                        .formatted(place.getFile(), why(place)));
                        return 1;
                    }
                    line.getErr()
                            .println(
                                    "Something unexpected happened; this is a mistake of the program. Nothing half-done was kept. Below is what to report.");
                    error.printStackTrace(line.getErr());
                    return 1;
                })
                .execute(arguments);
    }
}
