package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.FilmLink;
import farglass.core.change.Change;
import farglass.core.lexicon.Lexicon;
import farglass.core.script.ScriptFile;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.Cast;
import farglass.library.Library;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;

/** As many bouts as somebody has after years, made of a hundred acted ones. */
public final class LargeLibrary {
    private static final int ACTED = 100;

    private LargeLibrary() {}

    /** Lays so many bouts, and their puppet films beside them. */
    public static void lay(Path path, int bouts) throws Exception {
        List<ActedBout> acted = Cast.league(ACTED, Lexicon.shipped());
        List<Change> changes = new ArrayList<>();
        Path films = Files.createDirectories(path.resolveSibling("films"));
        for (int i = 0; i < bouts; i++) {
            ActedBout one = acted.get(i % ACTED);
            Bout told = one.told();
            Files.writeString(films.resolve(told.id() + ".script"), ScriptFile.print(one.script()));
            List<FilmLink> link = List.of(new FilmLink("films/" + told.id() + ".script", 0));
            changes.add(Change.added(
                    new Bout("big-%05d".formatted(i), told.header().withFilms(link), told.moments(), List.of())));
        }
        try (Library library = Library.create(path, Clock.systemUTC(), "stall")) {
            library.change("Lay", changes);
        }
    }
}
