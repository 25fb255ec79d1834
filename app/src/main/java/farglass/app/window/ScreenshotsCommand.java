package farglass.app.window;

import farglass.app.home.Home;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.entry.SideRule;
import farglass.core.fact.Layer;
import farglass.core.pass.Aim;
import farglass.core.rules.Difference;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Spot;
import farglass.desktop.go.GoTo;
import farglass.desktop.parts.Sheet;
import farglass.desktop.shell.Shell;
import farglass.desktop.tag.page.TagModel;
import farglass.desktop.window.Desktop;
import farglass.desktop.window.HeadStart;
import farglass.desktop.window.Workbench;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.control.MenuButton;
import javafx.scene.control.TextField;
import javafx.stage.PopupWindow;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(
        name = "screenshots",
        mixinStandardHelpOptions = true,
        description = "Writes one picture of every main view, 1280 x 800, from fresh demo data.")
public final class ScreenshotsCommand implements Callable<Integer> {
    @Option(names = "--out", required = true, paramLabel = "DIR", description = "where to write")
    private Path folder;

    /** A spreadsheet as somebody keeps it. */
    private static final String TABLE =
            """
            Time;Fighter;Action;Side;Worked;Landing;Remarks
            0:14;Runa;collar grip;right;yes;;
            0:31;Wilma;puxada;;yes;guarda aberta;pulls under the collar grip
            0:58;Runa;runs round;left;no;;stopped at the knee line
            1:20;Runa;corte de joelho;left;yes;side control;
            1:44;Runa;monta;;yes;mount;
            """;

    @Option(names = "--dark", description = "as in the film room")
    private boolean dark;

    @Option(names = "--text", paramLabel = "PERCENT", description = "text size: 100, 125 or 150", defaultValue = "100")
    private int text;

    @Override
    public Integer call() throws IOException {
        Files.createDirectories(folder);
        Path laid = Files.createTempDirectory("far-glass-pictures");
        try {
            Path library = laid.resolve("demo.farglass");
            DemoLibrary.lay(library, Home.clock());
            Path table = Files.writeString(laid.resolve("harbour-league.csv"), TABLE);
            CompletableFuture<Integer> done = new CompletableFuture<>();
            // No settings file is there: everybody's pictures look alike.
            Settings settings = Settings.read(laid.resolve("settings"));
            settings.darkProperty().set(dark);
            settings.textPercentProperty().set(text);
            Window.hushStart();
            Platform.startup(() -> {
                try {
                    Desktop.dress();
                    take(settings, library, table, done);
                } catch (RuntimeException e) {
                    done.completeExceptionally(e);
                }
            });
            int code = done.join();
            Platform.exit();
            return code;
        } finally {
            DemoLibrary.removeFolder(laid);
        }
    }

    /** The first pick with a side and an outcome to tell. */
    private static int numberOfASidedDeed(TagModel tag) {
        for (int i = 0; i < tag.picks().list().size(); i++) {
            boolean hasSide = tag.picks()
                    .list()
                    .get(i)
                    .deed()
                    .did()
                    .flatMap(tag.desk().lexicon()::technique)
                    .filter(technique -> technique.sideRule() != SideRule.NONE)
                    .isPresent();
            if (hasSide) {
                return i + 1;
            }
        }
        throw new IllegalStateException("No pick is something an athlete does to a side");
    }

    private void take(Settings settings, Path library, Path table, CompletableFuture<Integer> done) {
        Stage stage = new Stage();
        Workbench workbench = Desktop.show(
                stage,
                settings,
                HeadStart.begin(Optional.empty(), Home.clock(), Home.person()),
                Home.clock(),
                Home.person(),
                Optional.of(DemoLibrary.offered()));
        Album album = new Album(stage, workbench, done);
        album.page("welcome", () -> {});
        album.page("shelf", () -> workbench.open(library));
        album.page("tag", () -> {
            Desk desk = workbench.shell().orElseThrow().desk();
            desk.navigation().show(differing(desk));
        });
        album.page("fan", () -> {
            var tag = workbench.shell().orElseThrow().tag();
            tag.choice().none();
            tag.scribe().pick(numberOfASidedDeed(tag));
        });
        album.page("pass", () -> {
            var tag = workbench.shell().orElseThrow().tag();
            tag.fan().close();
            Desk desk = workbench.shell().orElseThrow().desk();
            desk.navigation().show(new Spot(notAsked(desk, Layer.ANSWERS).id(), Optional.empty()));
            tag.passes().begin(Aim.ANSWERS, Optional.empty());
        });
        album.page("candidates", () -> {
            var tag = workbench.shell().orElseThrow().tag();
            tag.passes().begin(Aim.STORY, Optional.empty());
            Desk desk = workbench.shell().orElseThrow().desk();
            desk.navigation().show(differing(desk));
            tag.line().textProperty().set(firstOnTop(tag) + " kn cut right pa");
        });
        album.page("menu-look", () -> {
            workbench.shell().orElseThrow().tag().line().clear();
            open(workbench, "#look-menu");
        });
        album.page("menu-library", () -> {
            close(workbench, "#look-menu");
            open(workbench, "#library-menu");
        });
        album.page("header", () -> {
            close(workbench, "#library-menu");
            var shell = workbench.shell().orElseThrow();
            shell.intake().editHeader(shell.tag().open().bout().orElseThrow());
        });
        album.page("facts", () -> {
            putAway(workbench);
            var shell = workbench.shell().orElseThrow();
            var bout = shell.tag().open().bout().orElseThrow();
            shell.tag()
                    .playhead()
                    .goTo(bout.moments().get(bout.moments().size() / 2).id());
            shell.commands().run(shell.commands().command("tell-more"));
        });
        album.page("dossier", () -> {
            putAway(workbench);
            workbench.shell().orElseThrow().desk().navigation().placeProperty().set(Place.DOSSIER);
        });
        album.page("dossier-chapter", () -> chapter(workbench, "Passing"));
        album.page("dossier-page", () -> {
            chapter(workbench, "Underneath");
            ((Button) workbench.lookup("#whole-page")).fire();
        });
        album.page("plan", () -> {
            Desk desk = workbench.shell().orElseThrow().desk();
            // The pass has led elsewhere; the picture of the score comes later.
            desk.navigation().show(differing(desk));
            desk.navigation().placeProperty().set(Place.PLAN);
        });
        album.page("lexicon", () -> {
            var shell = workbench.shell().orElseThrow();
            shell.desk().navigation().placeProperty().set(Place.LEXICON);
            shell.lexicon().searchProperty().set("gatame");
            shell.lexicon()
                    .chosenProperty()
                    .set(shell.desk().lexicon().term("armbar").map(term -> term));
        });
        album.page("go-to", () -> {
            run(workbench, Place.SHELF, GoTo.HERE);
            // What lies in a sheet is in the window only once the sheet has its skin.
            workbench.applyCss();
            workbench.layout();
            ((TextField) workbench.lookup("#go-to")).setText("half g");
        });
        album.page("score", () -> {
            putAway(workbench);
            run(workbench, Place.TAG, "score");
        });
        album.page("text", () -> run(workbench, Place.TAG, "text"));
        album.page("table", () -> {
            var shell = workbench.shell().orElseThrow();
            shell.desk().navigation().placeProperty().set(Place.SHELF);
            shell.intake().take(java.util.List.of(table));
        });
        album.end(() -> workbench.closeLibrary());
    }

    private static void chapter(Workbench workbench, String label) {
        ListView<?> chapters = (ListView<?>) workbench.lookup("#chapters");
        for (int i = 0; i < chapters.getItems().size(); i++) {
            if (chapters.getItems().get(i).toString().startsWith(label)) {
                chapters.getSelectionModel().select(i);
                return;
            }
        }
        throw new IllegalStateException("The dossier has no chapter " + label + ".");
    }

    private static String firstOnTop(TagModel tag) {
        return tag.open().studied().name().toLowerCase(Locale.ROOT);
    }

    private static void open(Workbench workbench, String menu) {
        ((MenuButton) workbench.lookup(menu)).show();
    }

    private static void close(Workbench workbench, String menu) {
        ((MenuButton) workbench.lookup(menu)).hide();
    }

    private static void putAway(Workbench workbench) {
        workbench.lookupAll(".sheet").stream()
                .filter(Sheet.class::isInstance)
                .map(Sheet.class::cast)
                .toList()
                .forEach(Sheet::putAway);
    }

    /** {@return a bout of the study in which nobody has looked through that layer yet} */
    private static Bout notAsked(Desk desk, Layer layer) {
        return desk.study().bouts().stream()
                .filter(bout -> bout.moments().size() > 20)
                .filter(bout -> bout.header().covered().stream().noneMatch(covered -> covered.layer() == layer))
                .findFirst()
                .orElseThrow();
    }

    /** {@return a long bout, late in it, where the referee gave something else than the rules say: also for the picture of the score} */
    private static Spot differing(Desk desk) {
        for (Bout bout : desk.study().bouts()) {
            Scorecard card = Scorecard.of(
                    bout, Rulesets.shipped().named(bout.header().ruleset()).orElseThrow(), desk.lexicon());
            // The last difference but those at the very end, and the first moment after it.
            Optional<Moment> late = card.differences().stream()
                    .map(Difference::atMicros)
                    .filter(at -> at < bout.extentMicros() * 4 / 5)
                    .max(Long::compare)
                    .flatMap(at -> bout.moments().stream()
                            .filter(moment -> moment.atMicros().orElse(0) > at)
                            .findFirst());
            if (bout.moments().size() > 25
                    && late.isPresent()
                    && !bout.header().films().isEmpty()) {
                return new Spot(bout.id(), late.map(Moment::id));
            }
        }
        throw new IllegalStateException("In the demo the referee gives what the rules say, everywhere");
    }

    private static void run(Workbench workbench, Place place, String command) {
        var shell = workbench.shell().orElseThrow();
        shell.desk().navigation().placeProperty().set(place);
        shell.commands().run(shell.commands().command(command));
    }

    /** Goes through pages one after another, and photographs each once nothing moves any more. */
    private final class Album {
        private record Page(String name, Runnable turning) {}

        private final Stage stage;
        private final Workbench workbench;
        private final CompletableFuture<Integer> done;
        private final java.util.ArrayDeque<Page> pages = new java.util.ArrayDeque<>();

        Album(Stage stage, Workbench workbench, CompletableFuture<Integer> done) {
            this.stage = stage;
            this.workbench = workbench;
            this.done = done;
        }

        void page(String name, Runnable turning) {
            pages.add(new Page(name, turning));
        }

        void end(Runnable closing) {
            next(closing);
        }

        private void next(Runnable closing) {
            Page page = pages.poll();
            if (page == null) {
                closing.run();
                stage.hide();
                done.complete(0);
                return;
            }
            try {
                page.turning().run();
            } catch (RuntimeException e) {
                done.completeExceptionally(e);
                return;
            }
            new AnimationTimer() {
                private int pulses;

                @Override
                public void handle(long nanos) {
                    // What the page began, such as counting or reading a film, has to end first.
                    boolean works = workbench
                            .shell()
                            .filter(shell -> !shell.desk().work().jobs().isEmpty())
                            .isPresent();
                    pulses += workbench.isOpening() || works ? 0 : 1;
                    if (pulses == 70) {
                        stop();
                        save(page.name());
                        if (workbench.shell().filter(Album::hasFailed).isPresent()) {
                            done.completeExceptionally(
                                    new IllegalStateException("Something went wrong on the page " + page.name()));
                            return;
                        }
                        next(closing);
                    }
                }
            }.start();
        }

        /** A picture with a failure at its foot is one of nothing else. */
        private static boolean hasFailed(Shell shell) {
            return shell.desk().messages().unreadProperty().get() > 0;
        }

        private void save(String name) {
            BufferedImage picture = SwingFXUtils.fromFXImage(stage.getScene().snapshot(null), null);
            Graphics2D on = picture.createGraphics();
            // What has popped up is a window of its own, and lies on top.
            for (javafx.stage.Window window : javafx.stage.Window.getWindows()) {
                if (window instanceof PopupWindow && window.isShowing()) {
                    on.drawImage(
                            SwingFXUtils.fromFXImage(window.getScene().snapshot(null), null),
                            (int) (window.getX()
                                    - stage.getX()
                                    - stage.getScene().getX()),
                            (int) (window.getY()
                                    - stage.getY()
                                    - stage.getScene().getY()),
                            null);
                }
            }
            on.dispose();
            try {
                ImageIO.write(picture, "png", folder.resolve(name + ".png").toFile());
            } catch (IOException e) {
                done.completeExceptionally(e);
            }
        }
    }
}
