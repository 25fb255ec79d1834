package farglass.desktop.window;

import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Settings;
import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** The system's own file windows. */
public final class FileDialogs implements Choosers {
    private final Window window;
    /** Where a file was chosen last: the next is mostly near it. */
    private Optional<Path> lastFolder = Optional.empty();

    private final Settings settings;

    public FileDialogs(Window window, Settings settings) {
        this.window = window;
        this.settings = settings;
    }

    /** Where a file was chosen last; before that, where the library lies, or at home: the image is started from its own folder. */
    Path folder() {
        return lastFolder
                .or(() -> settings.recent().stream()
                        .findFirst()
                        .flatMap(recent -> Optional.ofNullable(
                                recent.path().toAbsolutePath().getParent())))
                .orElseGet(() -> Path.of(System.getProperty("user.home")));
    }

    private FileChooser chooser(String title, String kind, List<String> endings) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        Optional.of(folder().toFile()).filter(File::isDirectory).ifPresent(chooser::setInitialDirectory);
        chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kind, patterns(endings)));
        return chooser;
    }

    /** Camcorders write their names in capitals, and some systems tell those apart. */
    static List<String> patterns(List<String> endings) {
        return endings.stream()
                .flatMap(ending -> Stream.of("*." + ending, "*." + ending.toUpperCase(Locale.ROOT)))
                .toList();
    }

    @Override
    public List<Path> open(String title, String kind, List<String> endings) {
        List<File> chosen = chooser(title, kind, endings).showOpenMultipleDialog(window);
        List<Path> paths =
                chosen == null ? List.of() : chosen.stream().map(File::toPath).toList();
        paths.stream().findFirst().ifPresent(this::remember);
        return paths;
    }

    @Override
    public Optional<Path> save(String title, String kind, String ending, String proposedName) {
        return saved(ending, proposedName, name -> {
            FileChooser chooser = chooser(title, kind, List.of(ending));
            chooser.setInitialFileName(name);
            Optional<Path> chosen =
                    Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
            chosen.ifPresent(this::remember);
            return chosen;
        });
    }

    /**
     * {@return the file that was chosen, with that ending} The system asks whether a file of the very name that was typed may be replaced. With
     * the ending it may be another one, which is there too: then it is asked for once more, under its whole name.
     *
     * @param ask shows the system's dialog with that name in it
     */
    static Optional<Path> saved(String ending, String proposedName, Function<String, Optional<Path>> ask) {
        Optional<Path> chosen = ask.apply(proposedName);
        while (chosen.isPresent()) {
            Path ended = ended(chosen.get(), ending);
            if (ended.equals(chosen.get()) || !Files.exists(ended)) {
                return Optional.of(ended);
            }
            chosen = ask.apply(ended.getFileName().toString());
        }
        return chosen;
    }

    /** Some systems leave the proposed ending standing behind a name that was typed with one. */
    private static Path ended(Path path, String ending) {
        String dotted = "." + ending;
        String name = path.getFileName().toString();
        while (hasEnding(name, dotted + dotted)) {
            name = name.substring(0, name.length() - dotted.length());
        }
        return path.resolveSibling(hasEnding(name, dotted) ? name : name + dotted);
    }

    private static boolean hasEnding(String name, String ending) {
        return name.toLowerCase(Locale.ROOT).endsWith(ending);
    }

    private void remember(Path chosen) {
        lastFolder = Optional.ofNullable(chosen.toAbsolutePath().getParent());
    }
}
