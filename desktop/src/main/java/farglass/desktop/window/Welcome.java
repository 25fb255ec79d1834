package farglass.desktop.window;

import farglass.desktop.command.CommandButton;
import farglass.desktop.command.Commands;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.RecentLibrary;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Version;
import farglass.desktop.parts.Hint;
import farglass.desktop.shell.Libraries;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.Executor;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is shown while no library is open: what this is, the ways to begin, and the libraries that were open before. */
final class Welcome extends VBox {
    private static final double WIDTH = 600;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private final Libraries libraries;
    private final Settings settings;
    private final Choosers choosers;
    private final VBox recent = new VBox(2);

    /**
     * Lays it out.
     *
     * @param problem why no library is open; may be empty
     * @param demo opens the demo, where there is one to look round in
     * @param commands what can be done here
     */
    Welcome(
            Libraries libraries,
            Settings settings,
            Choosers choosers,
            Executor screen,
            String problem,
            Optional<Runnable> demo,
            Commands commands) {
        super(14);
        this.libraries = libraries;
        this.settings = settings;
        this.choosers = choosers;
        setAlignment(Pos.CENTER);
        getStyleClass().add("welcome");
        Label name = new Label("Far Glass");
        name.getStyleClass().add("display");
        Label what =
                words("Study the matches of the people you will meet. Tag what happens while the film runs; see what"
                        + " they do, how sure that is, and the film that proves it; and turn it into a plan.");
        Label where = words(
                "Everything is kept in one file, a library. It stays on this machine. The demo is made up: look round in it, and"
                        + " spoil it as you like.");
        where.getStyleClass().add("quiet");
        Label wrong = words(problem);
        wrong.getStyleClass().add("problem");
        wrong.setId("welcome-problem");
        wrong.setVisible(!problem.isEmpty());
        wrong.setManaged(!problem.isEmpty());
        VBox page = new VBox(14, name, what, where, wrong, buttons(demo, commands), recent, version(commands));
        page.setMaxWidth(WIDTH);
        getChildren().add(page);
        showRecent(Set.of());
        lookForThem(screen);
    }

    private static HBox version(Commands commands) {
        Label version = new Label(Version.words());
        version.getStyleClass().add("quiet");
        Button help = new CommandButton(commands, "help", "Help and keys");
        Button report = new CommandButton(commands, "report", "Report a problem\u2026");
        report.setId("report-problem");
        HBox line = new HBox(10, version, help, report);
        List.of(help, report).forEach(button -> {
            button.getStyleClass().add("small");
            button.setMinWidth(USE_PREF_SIZE);
        });
        line.setAlignment(Pos.CENTER_LEFT);
        return line;
    }

    private static HBox buttons(Optional<Runnable> opening, Commands commands) {
        Button make = new CommandButton(commands, "new-library", "New library\u2026");
        make.setDefaultButton(true);
        Button open = new CommandButton(commands, "open-library", "Open a library\u2026");
        HBox buttons = new HBox(10, make, open);
        opening.ifPresent(known -> {
            Button demo = new Button("Open the demo");
            demo.setOnAction(event -> known.run());
            demo.setId("open-demo");
            Hint.put(demo, "Made-up matches, to look round in and to spoil.");
            buttons.getChildren().add(demo);
        });
        buttons.getChildren().forEach(button -> ((Button) button).setMinWidth(USE_PREF_SIZE));
        buttons.setAlignment(Pos.CENTER_LEFT);
        return buttons;
    }

    private Optional<Path> chosen(String title) {
        return choosers.open(title, "Far Glass libraries", List.of("farglass")).stream()
                .findFirst();
    }

    /** A library may lie on a disk that answers slowly, or not at all. */
    private void lookForThem(Executor screen) {
        List<Path> paths = settings.recent().stream().map(RecentLibrary::path).toList();
        CompletableFuture.supplyAsync(
                        () -> paths.stream().filter(path -> !Files.exists(path)).collect(Collectors.toSet()))
                .thenAcceptAsync(
                        missing -> {
                            if (!missing.isEmpty()) {
                                showRecent(missing);
                            }
                        },
                        screen);
    }

    private void showRecent(Set<Path> missing) {
        recent.getChildren().clear();
        List<RecentLibrary> before = settings.recent();
        if (before.isEmpty()) {
            return;
        }
        Label title = new Label("Open again");
        title.getStyleClass().add("section");
        recent.getChildren().add(title);
        for (RecentLibrary library : before) {
            recent.getChildren().add(line(library, missing.contains(library.path()), missing));
        }
    }

    private HBox line(RecentLibrary library, boolean missing, Set<Path> allMissing) {
        String name = library.path().getFileName().toString();
        Button open = new Button(name);
        open.setMnemonicParsing(false);
        open.getStyleClass().add("recent");
        open.setDisable(missing);
        open.setOnAction(event -> libraries.open(library.path(), ""));
        Label when = new Label(
                missing
                        ? "is not there any more: " + library.path().getParent()
                        : "%s, opened on %s"
                                .formatted(
                                        library.path().getParent(),
                                        DAY.format(library.opened().atZone(ZoneId.systemDefault()))));
        when.getStyleClass().add("quiet");
        when.setMinWidth(0);
        when.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(when, Priority.ALWAYS);
        HBox line = new HBox(8, open, when);
        line.setAlignment(Pos.CENTER_LEFT);
        if (missing) {
            Button find = new Button("Find it\u2026");
            find.getStyleClass().add("small");
            find.setOnAction(event -> chosen("Where is " + name + " now?").ifPresent(path -> {
                settings.forget(library.path());
                libraries.open(path, "");
            }));
            Button forget = new Button("Forget it");
            forget.getStyleClass().add("small");
            forget.setOnAction(event -> {
                settings.forget(library.path());
                showRecent(allMissing);
            });
            line.getChildren().addAll(find, forget);
        }
        return line;
    }

    private static Label words(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMaxWidth(WIDTH);
        return label;
    }
}
