package farglass.desktop.window;

import atlantafx.base.theme.PrimerLight;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Happening;
import farglass.desktop.desk.Log;
import farglass.desktop.desk.Settings;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Application;
import javafx.scene.Scene;
import javafx.scene.image.Image;
import javafx.scene.text.Font;
import javafx.stage.Stage;
import javafx.util.Duration;

/** Opens the window. Runs on the toolkit's thread. */
public final class Desktop {
    private static final List<String> FONTS = List.of(
            "SourceSans3_400Regular.ttf",
            "SourceSans3_600SemiBold.ttf",
            "SourceSans3_400Regular_Italic.ttf",
            "SourceSerif4_400Regular.ttf",
            "SourceSerif4_600SemiBold.ttf");

    private Desktop() {}

    /** Loads fonts and the base of the looks; once, before any window. */
    public static void dress() {
        Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
        for (String file : FONTS) {
            try (InputStream in = Desktop.class.getResourceAsStream("/farglass/library/report/fonts/" + file)) {
                byte[] widened = WordSpace.widen(in.readAllBytes());
                if (Font.loadFont(new ByteArrayInputStream(widened), 14) == null) {
                    throw new IllegalStateException("The program's own font " + file + " could not be loaded");
                }
            } catch (IOException e) {
                throw new UncheckedIOException("The program's own font " + file + " could not be read", e);
            }
        }
    }

    /** {@return the workbench, in a window that closes its library when it is closed} */
    public static Workbench show(
            Stage stage, Settings settings, HeadStart begun, Clock clock, String who, Optional<Demo> demo) {
        Choosers choosers = new FileDialogs(stage, settings);
        Workbench workbench = new Workbench(settings, choosers, new ToolkitThread(), clock, who, demo);
        stage.setScene(new Scene(workbench, WindowPlace.WIDTH, WindowPlace.HEIGHT));
        stage.setTitle("Far Glass");
        WindowPlace.put(stage, settings);
        stage.setOnHidden(event -> workbench.closeLibrary());
        // A slip of ours must be seen, and must not look as if something had been saved.
        Thread.currentThread().setUncaughtExceptionHandler((thread, error) -> {
            error.printStackTrace();
            Log.problem(Happening.UNEXPECTED, error);
            workbench.shell().ifPresent(shell -> shell.desk()
                    .messages()
                    .fail("Something unexpected happened here. What was shown as saved is safe."
                            + " Library, Report a problem\u2026 writes down what may help to mend it."));
        });
        workbench.begin(begun);
        stage.show();
        giveIcon(stage);
        return workbench;
    }

    /** The toolkit scales it on this thread, for longer than it takes to draw a page: that comes behind what somebody waits for. */
    private static void giveIcon(Stage stage) {
        Image icon = new Image(Desktop.class.getResource("far-glass-128.png").toExternalForm(), true);
        PauseTransition shown = new PauseTransition(Duration.seconds(1.5));
        shown.setOnFinished(event -> stage.getIcons().add(icon));
        shown.play();
    }
}
