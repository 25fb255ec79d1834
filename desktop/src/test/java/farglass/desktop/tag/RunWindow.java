package farglass.desktop.tag;

import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Settings;
import farglass.desktop.tag.page.TagModel;
import farglass.desktop.window.Desktop;
import farglass.desktop.window.ToolkitThread;
import farglass.desktop.window.WindowPlace;
import farglass.desktop.window.Workbench;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.Scene;
import javafx.stage.Stage;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** The real window on a library, for the runs that measure it: no file is ever chosen, and no settings are there. */
record RunWindow(Stage stage, Workbench workbench) {
    static RunWindow open(Path library) throws Exception {
        return open(library, () -> {});
    }

    /** @param before done on the interface thread when the window stands, just before the library is opened */
    static RunWindow open(Path library, Runnable before) throws Exception {
        Stage stage = FxToolkit.registerPrimaryStage();
        Settings settings = Settings.read(Path.of(library + ".settings"));
        Choosers none = new Choosers() {
            @Override
            public List<Path> open(String title, String kind, List<String> endings) {
                return List.of();
            }

            @Override
            public Optional<Path> save(String title, String kind, String ending, String name) {
                return Optional.empty();
            }
        };
        Workbench[] made = new Workbench[1];
        FxToolkit.setupFixture(() -> {
            Desktop.dress();
            made[0] = new Workbench(settings, none, new ToolkitThread(), Clock.systemUTC(), "run");
            stage.setScene(new Scene(made[0], WindowPlace.WIDTH, WindowPlace.HEIGHT));
            stage.show();
            before.run();
            made[0].open(library);
        });
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(
                        () -> made[0].shell().isPresent())
                .get());
        return new RunWindow(stage, made[0]);
    }

    TagModel tag() {
        return workbench.shell().orElseThrow().tag();
    }
}
