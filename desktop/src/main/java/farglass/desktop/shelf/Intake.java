package farglass.desktop.shelf;

import farglass.core.bout.Background;
import farglass.core.bout.Bout;
import farglass.core.bout.Contestant;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Footage;
import farglass.core.bout.Header;
import farglass.core.bout.HeaderBuilder;
import farglass.core.change.Change;
import farglass.core.notation.Diagnostic;
import farglass.core.prose.HowMany;
import farglass.core.rules.Ruleset;
import farglass.core.rules.Rulesets;
import farglass.core.study.Athlete;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Spot;
import farglass.desktop.parts.Sheet;
import farglass.desktop.parts.Sheets;
import farglass.film.Film;
import farglass.film.source.Films;
import farglass.library.Library;
import farglass.library.exchange.BoutImport;
import farglass.library.table.Table;
import farglass.library.table.UnreadableTableException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** How bouts come in: from films, from bout files, or by hand; and how their headers are mended. */
public final class Intake {
    private final Desk desk;
    private final Sheets sheets;
    private final Choosers choosers;
    private final Supplier<Rulesets> rulesets;

    public Intake(Desk desk, Sheets sheets, Choosers choosers, Supplier<Rulesets> rulesets) {
        this.rulesets = rulesets;
        this.desk = desk;
        this.sheets = sheets;
        this.choosers = choosers;
    }

    public void chooseFilm() {
        take(choosers.open("Add a film", "Films", Films.VIDEO_ENDINGS));
    }

    public void chooseBoutFiles() {
        take(choosers.open("Import bouts", "Bout files, JSON and tables", List.of("bout", "json", "csv")));
    }

    /** Takes whatever was dropped or chosen: bout files together, then the first film. */
    public void take(List<Path> files) {
        List<Path> bouts = files.stream()
                .filter(file -> List.of("bout", "json").contains(ending(file)))
                .toList();
        Optional<Path> table =
                files.stream().filter(file -> ending(file).equals("csv")).findFirst();
        List<Path> films = files.stream()
                .filter(file -> Films.VIDEO_ENDINGS.contains(ending(file)))
                .toList();
        if (!bouts.isEmpty()) {
            preview(bouts);
        } else if (table.isPresent()) {
            fromTable(table.get());
        } else if (!films.isEmpty()) {
            if (films.size() > 1) {
                desk.messages()
                        .say(
                                "Only %s was taken of %d films: each needs to be told who meets in it. Add the others one by one."
                                        .formatted(films.get(0).getFileName(), films.size()));
            }
            fromFilm(films.get(0));
        } else if (!files.isEmpty()) {
            desk.messages()
                    .say(
                            "Nothing was taken in: %s is neither a film (%s) nor a bout file (.bout, .json) nor a table (.csv)."
                                    .formatted(files.get(0).getFileName(), String.join(", ", Films.VIDEO_ENDINGS)));
        }
    }

    private static String ending(Path file) {
        String name = file.getFileName().toString();
        return name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
    }

    private void fromFilm(Path film) {
        Path library = desk.library().path().toAbsolutePath().getParent();
        Path path = film.toAbsolutePath();
        // A film beside the library is named from there, so that both can be moved together.
        String named = path.startsWith(library) ? library.relativize(path).toString() : path.toString();
        Header header = fresh().withFilms(List.of(new FilmLink(named.replace('\\', '/'), 0)));
        // Opened once here: a film that cannot be read is said so before anything is typed.
        desk.work()
                .start(
                        "Reading " + film.getFileName(),
                        (progress, cancelled) -> {
                            Films.open(film, progress, cancelled).close();
                            return film;
                        },
                        whole -> edit("New bout from " + film.getFileName(), fresh(header), true),
                        desk.messages()::fail);
    }

    /** Asks who meets in another bout of the same video, which begins at an instant of it. */
    public void another(FilmLink film, Bout before) {
        Header old = before.header();
        Header header = HeaderBuilder.builder(old)
                .a(Contestant.named("unknown"))
                .b(Contestant.named("unknown"))
                .result(Optional.empty())
                .footage(Footage.NONE.withFilms(List.of(film)))
                .codingOf(Optional.empty())
                .background(Background.NONE)
                .notes(List.of())
                .others(Map.of())
                .create();
        edit("Another bout of this video", fresh(header), true);
    }

    public void byHand() {
        edit("New bout", fresh(fresh()), true);
    }

    private Header fresh() {
        List<Athlete> subjects = desk.study().subjects();
        String a = subjects.isEmpty() ? "unknown" : subjects.get(0).name();
        return Header.between(Contestant.named(a), Contestant.named("unknown"));
    }

    public void editHeader(Bout bout) {
        edit("Header of the bout", bout, false);
    }

    private static Bout fresh(Header header) {
        return new Bout(Library.newId(), header, List.of(), List.of());
    }

    /** @param bout as it is when it is laid open, or as it begins */
    private void edit(String title, Bout bout, boolean fresh) {
        HeaderForm form = new HeaderForm(
                bout.header(),
                desk.contents().bouts().stream().map(Bout::header).toList(),
                desk.contents().athletes().stream().map(Athlete::name).toList(),
                rulesets.get().all().stream().map(Ruleset::name).toList(),
                choosers,
                this::look);
        Sheet sheet = new Sheet(title, form);
        if (fresh) {
            sheet.with("Add and open in Tag", () -> save(bout, form, true, true))
                    .with("Add the bout", () -> save(bout, form, true, false));
        } else {
            sheet.with("Save the header", () -> save(bout, form, false, false));
        }
        sheets.lay(sheet);
    }

    /** A film that is not there shows no picture; that is said where it is chosen, and in Tag. */
    private void look(String path, Consumer<Film> taker) {
        desk.work()
                .start(
                        "Looking at the film",
                        (progress, cancelled) -> {
                            Optional<Path> film = there(path);
                            return film.isEmpty()
                                    ? Optional.<Film>empty()
                                    : Optional.of(Films.open(film.get(), progress, cancelled));
                        },
                        opened -> opened.ifPresent(taker),
                        desk.messages()::fail);
    }

    /** What is typed may be no path at all, or not yet. */
    private Optional<Path> there(String path) {
        try {
            return Optional.of(path)
                    .filter(name -> !name.isBlank())
                    .map(name -> desk.library().path().toAbsolutePath().resolveSibling(name))
                    .filter(Files::isRegularFile);
        } catch (InvalidPathException e) {
            return Optional.empty();
        }
    }

    private String save(Bout before, HeaderForm form, boolean fresh, boolean open) {
        Header header;
        try {
            header = form.header();
        } catch (IllegalArgumentException e) {
            return e.getMessage();
        }
        Bout bout = before.with(header);
        String names = "%s \u2013 %s".formatted(header.a().name(), header.b().name());
        desk.change(
                        (fresh ? "Add the bout " : "Change the header of ") + names,
                        fresh ? Change.added(bout) : Change.of(before, bout))
                .thenAccept(act -> {
                    desk.messages().say(names + (fresh ? " was added." : " was changed."));
                    if (open) {
                        desk.navigation().show(new Spot(bout.id(), Optional.empty()));
                    }
                });
        return "";
    }

    private void fromTable(Path file) {
        desk.work()
                .start(
                        "Reading " + file.getFileName(),
                        (progress, cancelled) -> {
                            BoutImport.Text text = BoutImport.tableText(file);
                            if (text.problem().isPresent()) {
                                Diagnostic problem = text.problem().get();
                                throw new UnreadableTableException(problem.line(), problem.message());
                            }
                            return Table.read(text.text());
                        },
                        table -> {
                            String a = fresh().a().name();
                            TablePage page = new TablePage(new TableModel(desk, table, a));
                            sheets.lay(new Sheet("A bout from " + file.getFileName(), page)
                                    .with("Import", () -> page.model().importUnder(page.keptName())));
                        },
                        problem -> desk.messages()
                                .fail("Nothing was taken in from %s: %s."
                                        .formatted(file.getFileName(), problem.getMessage())));
    }

    /** Lays a bout open as text, to be changed whole. */
    public void editText(Bout bout) {
        BoutTextPage page = new BoutTextPage(bout, desk.lexicon());
        sheets.lay(new Sheet("The bout as text", page).with("Save the bout", () -> {
            Optional<Bout> read = page.bout();
            if (read.isEmpty()) {
                return "It cannot be read as it stands; the first thing to mend is named above.";
            }
            String what = "Change %s \u2013 %s as text"
                    .formatted(
                            read.get().header().a().name(),
                            read.get().header().b().name());
            desk.change(what, Change.of(bout, read.get()))
                    .thenAccept(act -> desk.messages().say(what + ": saved."));
            return "";
        }));
    }

    /** Asks in which form a bout is to leave, and where to. */
    public void export(Bout bout) {
        sheets.lay(ExportPage.of(bout, desk, choosers));
    }

    private void preview(List<Path> files) {
        desk.work()
                .start(
                        "Reading %d bout files".formatted(files.size()),
                        (progress, cancelled) -> BoutImport.preview(files, desk.lexicon(), desk.library(), progress),
                        this::show,
                        desk.messages()::fail);
    }

    private void show(BoutImport preview) {
        ImportPage page = new ImportPage(preview, desk.lexicon());
        Sheet sheet = new Sheet(
                preview.isClean()
                        ? "Import these bouts?"
                        : "Nothing can be imported yet: mend the files with errors, or leave them out.",
                page);
        if (preview.isClean()) {
            sheet.with("Import", () -> {
                String problem = page.problem();
                if (problem.isEmpty()) {
                    write(page.named());
                }
                return problem;
            });
        }
        sheets.lay(sheet);
    }

    /** Written on the desk's own writer, like everything; the job only shows how far it is, and can stop it. */
    private void write(BoutImport named) {
        desk.work()
                .start(
                        "Importing " + HowMany.of(named.items().size(), "bout"),
                        (progress, cancelled) -> desk.submit(() -> named.into(desk.library(), progress, cancelled), "")
                                .get(),
                        act -> desk.messages()
                                .say("Imported %s. Ctrl+Z takes that back."
                                        .formatted(HowMany.of(named.items().size(), "bout"))),
                        // The desk has told already what the library said.
                        problem -> {});
    }
}
