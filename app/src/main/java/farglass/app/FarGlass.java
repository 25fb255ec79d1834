package farglass.app;

import farglass.film.FilmException;
import farglass.library.LibraryException;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** The command, with what it can do as its subcommands. Exit codes: 0 done, 1 refused, 2 wrong usage, 3 open elsewhere. */
@Command(
        name = "far-glass",
        mixinStandardHelpOptions = true,
        version = "Far Glass 0.1.0",
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
            PicksCommand.class,
            ScreenshotsCommand.class
        })
public final class FarGlass implements Runnable {
    /** A command could not write because the library is open in another process. */
    static final int OPEN_ELSEWHERE = 3;

    @Override
    public void run() {
        new OpenCommand().call();
    }

    public static void main(String[] arguments) {
        System.exit(execute(arguments));
    }

    static int execute(String... arguments) {
        return new CommandLine(new FarGlass())
                .setExecutionExceptionHandler((error, line, parsed) -> {
                    if (error instanceof LibraryException || error instanceof FilmException) {
                        line.getErr().println(error.getMessage());
                        return error instanceof LibraryException.ReadOnly ? OPEN_ELSEWHERE : 1;
                    }
                    throw error;
                })
                .execute(arguments);
    }
}
