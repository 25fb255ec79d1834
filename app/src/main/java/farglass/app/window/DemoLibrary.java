package farglass.app.window;

import farglass.app.home.Home;
import farglass.core.bout.Uniform;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.plan.Fallback;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.plan.StayOut;
import farglass.core.script.ScriptFile;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.Cast;
import farglass.core.study.Athlete;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.desktop.window.Demo;
import farglass.library.Library;
import farglass.library.store.LibraryException;
import java.io.IOException;
import java.nio.file.FileVisitResult;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.SimpleFileVisitor;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.BasicFileAttributes;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** Lays the demo: a library of made-up bouts with their puppet films beside it. */
public final class DemoLibrary {
    private DemoLibrary() {}

    /** {@return the demo as the window offers it} */
    static Demo offered() {
        Path path = Home.demo();
        return new Demo(path, () -> {
            try {
                lay(path, Home.clock());
            } catch (IOException e) {
                throw new LibraryException(
                        "The demo could not be laid in %s. Look whether there is room, and whether the folder may be written."
                                .formatted(path.getParent()),
                        e);
            }
        });
    }

    /** Writes the demo into a new library at that path; what was begun and not finished is never taken for it. */
    public static void lay(Path path, Clock clock) throws IOException {
        Path folder = path.toAbsolutePath().getParent();
        Path films = folder.resolve("films");
        Files.createDirectories(films);
        Cast.Seasons seasons = Cast.seasons(Lexicon.shipped());
        List<ActedBout> bouts = seasons.bouts();
        for (ActedBout acted : bouts) {
            int cameras = acted.told().header().films().size();
            if (cameras > 0) {
                Files.writeString(films.resolve(acted.told().id() + ".script"), ScriptFile.print(acted.script()));
            }
            if (cameras > 1) {
                Files.writeString(
                        films.resolve(acted.told().id() + ".second.script"),
                        ScriptFile.print(acted.script().acrossTheMat()));
            }
        }
        Path unfinished = folder.resolve(path.getFileName() + ".laying");
        remove(unfinished);
        try (Library library = Library.create(unfinished, clock, "far-glass demo")) {
            List<Change> changes = new ArrayList<>();
            changes.add(new Change.OfToday(Cast.TODAY));
            changes.addAll(people());
            bouts.forEach(acted -> changes.add(Change.added(acted.told())));
            seasons.secondCodings().forEach(bout -> changes.add(Change.added(bout)));
            changes.addAll(studies());
            library.change("Lay the demo", changes);
        }
        Files.move(unfinished, path);
        remove(unfinished);
    }

    /** Who is studied, so that the studies know them; the others come with their bouts. */
    private static List<Change> people() {
        List<Change> people = new ArrayList<>();
        Stream.concat(Stream.of(Cast.OURS, Cast.NO_GI_OPPONENT, Cast.STUDENT), Cast.OPPONENTS.stream())
                .forEach(name -> people.add(Change.added(new Athlete(id(name), name))));
        return people;
    }

    private static String id(String name) {
        return "demo-" + name.toLowerCase(Locale.ROOT).replace(' ', '-');
    }

    private static List<Change> studies() {
        String ours = id(Cast.OURS);
        List<String> opponents = Cast.OPPONENTS.stream().map(DemoLibrary::id).toList();
        List<Study> studies = new ArrayList<>();
        studies.add(new Study(
                "demo-camp",
                "Saltmarsh Open",
                opponents,
                Optional.of(new Camp(
                        ours, "Saltmarsh Open", LocalDate.of(2026, 12, 19), "points-with-advantages", Uniform.GI))));
        studies.add(new Study(
                "demo-camp-no-gi",
                "Saltmarsh no-gi",
                List.of(id(Cast.NO_GI_OPPONENT)),
                Optional.of(new Camp(
                        ours, "Saltmarsh no-gi", LocalDate.of(2026, 12, 20), "delayed-points", Uniform.NO_GI))));
        studies.add(new Study("demo-study", "Maren\u2019s own game", List.of(ours), Optional.empty()));
        studies.add(new Study(
                "demo-study-guard",
                "Closed guard, six seasons",
                List.of(),
                Optional.of("closed-guard"),
                Optional.empty()));
        studies.add(new Study("demo-study-student", "Pip, beginner", List.of(id(Cast.STUDENT)), Optional.empty()));
        List<Change> changes = new ArrayList<>();
        studies.forEach(study -> changes.add(Change.added(study)));
        GamePlan plan = new GamePlan(
                "demo-plan",
                "demo-camp",
                opponents.get(0),
                List.of(
                        new PlanStep(
                                "demo-step-1",
                                "Standing, before she has both grips",
                                "single leg",
                                List.of(
                                        new Fallback(
                                                "sprawl", "circle to the knee she has forward, sit to closed guard"),
                                        new Fallback("hip in", "cut the corner, run the pipe"))),
                        new PlanStep(
                                "demo-step-2",
                                "Closed guard underneath",
                                "hip bump sweep",
                                List.of(new Fallback("post hand", "kimura on the posted arm")))),
                List.of(new StayOut(
                        "demo-out-1", "Open guard with her circling to her own left", "close the guard early")));
        changes.add(
                new Change.OfPlan(new GamePlan(plan.id(), plan.study(), plan.opponent(), List.of(), List.of()), plan));
        return changes;
    }

    /** {@return where the old demo now is} */
    public static Path setAside(Path path, Clock clock) throws IOException {
        Path aside = path.resolveSibling(
                path.getFileName() + ".kept-" + clock.instant().getEpochSecond());
        Files.move(path, aside, StandardCopyOption.ATOMIC_MOVE);
        return aside;
    }

    private static void remove(Path path) throws IOException {
        Files.deleteIfExists(path);
        for (String companion : List.of(".lock", "-journal")) {
            Files.deleteIfExists(path.resolveSibling(path.getFileName() + companion));
        }
    }

    /** Takes a whole folder away; for demos laid only to be looked at once. */
    public static void removeFolder(Path folder) throws IOException {
        Files.walkFileTree(folder, new SimpleFileVisitor<>() {
            @Override
            public FileVisitResult visitFile(Path file, BasicFileAttributes attributes) throws IOException {
                Files.delete(file);
                return FileVisitResult.CONTINUE;
            }

            @Override
            public FileVisitResult postVisitDirectory(Path visited, IOException problem) throws IOException {
                Files.delete(visited);
                return FileVisitResult.CONTINUE;
            }
        });
    }
}
