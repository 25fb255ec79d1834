package farglass.desktop.window;

import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Settings;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
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

    /** Where a file was chosen last; before that, where the library lies. */
    private Optional<Path> folder() {
        return lastFolder.or(() -> settings.recent().stream()
                .findFirst()
                .flatMap(recent ->
                        Optional.ofNullable(recent.path().toAbsolutePath().getParent())));
    }

    private FileChooser chooser(String title, String kind, List<String> endings) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        folder().map(Path::toFile).filter(File::isDirectory).ifPresent(chooser::setInitialDirectory);
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
        FileChooser chooser = chooser(title, kind, List.of(ending));
        chooser.setInitialFileName(proposedName);
        Optional<Path> chosen =
                Optional.ofNullable(chooser.showSaveDialog(window)).map(File::toPath);
        chosen.ifPresent(this::remember);
        return chosen.map(path -> path.toString().endsWith("." + ending) ? path : Path.of(path + "." + ending));
    }

    private void remember(Path chosen) {
        lastFolder = Optional.ofNullable(chosen.toAbsolutePath().getParent());
    }
}
