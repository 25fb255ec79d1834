package farglass.desktop.shell;

import farglass.desktop.desk.Choosers;
import java.io.File;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/** The system's own file windows. */
public final class FileDialogs implements Choosers {
    private final Window window;

    public FileDialogs(Window window) {
        this.window = window;
    }

    private static FileChooser chooser(String title, String kind, List<String> endings) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .add(new FileChooser.ExtensionFilter(
                        kind, endings.stream().map(ending -> "*." + ending).toList()));
        return chooser;
    }

    @Override
    public List<Path> open(String title, String kind, List<String> endings) {
        List<File> chosen = chooser(title, kind, endings).showOpenMultipleDialog(window);
        return chosen == null ? List.of() : chosen.stream().map(File::toPath).toList();
    }

    @Override
    public Optional<Path> save(String title, String kind, String ending, String proposedName) {
        FileChooser chooser = chooser(title, kind, List.of(ending));
        chooser.setInitialFileName(proposedName);
        return Optional.ofNullable(chooser.showSaveDialog(window))
                .map(File::toPath)
                .map(path -> path.toString().endsWith("." + ending) ? path : Path.of(path + "." + ending));
    }
}
