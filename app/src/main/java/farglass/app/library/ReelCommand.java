package farglass.app.library;

import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.app.home.Home;
import farglass.app.home.Readable;
import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.film.FilmException;
import farglass.film.reel.Reel;
import farglass.library.Library;
import farglass.library.contents.Contents;
import farglass.library.exchange.BoutExport;
import farglass.library.exchange.Cutting;
import farglass.library.exchange.Destination;
import farglass.library.store.LibraryException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.Option;
import picocli.CommandLine.TypeConversionException;

@Command(
        name = "reel",
        mixinStandardHelpOptions = true,
        description = "Cuts moments of a library into one film, with a playlist and captions beside it.")
public final class ReelCommand implements Callable<Integer> {
    private static final double LONGEST_LEAD = 60;

    @Option(names = "--library", required = true, paramLabel = "L", description = "the library")
    private Path library;

    @Option(names = "--out", required = true, paramLabel = "MP4", description = "where to write")
    private Path out;

    @Option(names = "--bout", paramLabel = "ID", description = "only moments of this bout")
    private String bout;

    @Option(names = "--athlete", paramLabel = "NAME", description = "only what this athlete does")
    private String athlete;

    @Option(
            names = "--technique",
            paramLabel = "WORD",
            description = "only this technique and its variants, in any school's words")
    private String technique;

    @Option(
            names = "--before",
            paramLabel = "S",
            converter = Seconds.class,
            description = "seconds seen before each moment",
            defaultValue = "3")
    private double before;

    @Option(
            names = "--after",
            paramLabel = "S",
            converter = Seconds.class,
            description = "seconds seen after each moment",
            defaultValue = "2")
    private double after;

    @Option(names = "--full", description = "private moments too")
    private boolean full;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Option(names = "--force", description = "writes over what is there already")
    private boolean force;

    private static final class Seconds implements ITypeConverter<Double> {
        @Override
        public Double convert(String text) {
            if (!text.matches("[0-9]{1,4}(\\.[0-9]{1,6})?")) {
                throw new TypeConversionException(
                        "\"%s\" are no seconds. Write a number such as 3 or 1.5.".formatted(text));
            }
            return Double.valueOf(text);
        }
    }

    @Override
    public Integer call() {
        if (!(before >= 0 && before <= LONGEST_LEAD && after > 0 && after <= LONGEST_LEAD)) {
            throw new FilmException("--before takes 0 to 60 seconds, and --after more than 0 up to 60.");
        }
        if (!out.toString().endsWith(".mp4")) {
            throw new FilmException("%s does not end in .mp4: a reel is an MP4 film.".formatted(out));
        }
        try (Library open = Library.openToRead(library, Home.clock(), Home.person())) {
            Contents contents = Readable.of(open);
            if (athlete != null) {
                KnownAthlete.check(athlete, contents, library);
            }
            Lexicon lexicon = Lexicon.shipped().with(contents.words().texts()).lexicon();
            List<Reel.Clip> clips = new ArrayList<>();
            int missing = 0;
            for (Bout each : wanted(contents)) {
                Bout told = full ? each : BoutExport.forSharing(each);
                for (Cutting cutting : Cutting.of(
                        told, moments(told, lexicon), Math.round(before * 1e6), Math.round(after * 1e6), lexicon)) {
                    Path film = library.toAbsolutePath()
                            .resolveSibling(cutting.film().path());
                    if (Files.exists(film)) {
                        clips.add(new Reel.Clip(film, cutting.fromMicros(), cutting.toMicros(), words(told, cutting)));
                    } else {
                        missing++;
                    }
                }
            }
            Reel.all(out).forEach(file -> new Destination(
                            file, force, clips.stream().map(Reel.Clip::path).toList())
                    .check());
            long length = Reel.write(out, clips, share -> {}, () -> false);
            report(clips.size(), missing, length);
            return 0;
        }
    }

    private static String words(Bout bout, Cutting cutting) {
        return "%s \u2013 %s, %s"
                .formatted(bout.header().a().name(), bout.header().b().name(), cutting.words());
    }

    private List<Bout> wanted(Contents contents) {
        List<Bout> bouts = contents.bouts().stream()
                .filter(each -> bout == null
                        ? !each.header().isSecondCoding()
                        : each.id().equals(bout))
                .filter(each -> athlete == null || each.header().seatOf(athlete).isPresent())
                .toList();
        if (bouts.isEmpty()) {
            throw new LibraryException("There is no bout%s in %s%s."
                    .formatted(bout == null ? "" : " " + bout, library, athlete == null ? "" : " with " + athlete));
        }
        return bouts;
    }

    /** {@return that technique and its variants} */
    private Set<String> techniques(Lexicon lexicon) {
        Technique named = lexicon.find(technique)
                .flatMap(Term::asTechnique)
                .orElseThrow(() -> new LibraryException("\"%s\" is no technique of the lexicon.".formatted(technique)));
        return Stream.concat(Stream.of(named), lexicon.variants(named.key()).stream())
                .map(Technique::key)
                .collect(Collectors.toSet());
    }

    private Set<String> moments(Bout told, Lexicon lexicon) {
        Set<String> wanted = technique == null ? Set.of() : techniques(lexicon);
        return told.moments().stream()
                .filter(moment ->
                        athlete == null || moment.actor().equals(told.header().seatOf(athlete)))
                .filter(moment -> technique == null
                        || moment.technique().filter(wanted::contains).isPresent())
                .map(Moment::id)
                .collect(Collectors.toSet());
    }

    private void report(int clips, int missing, long lengthMicros) {
        String without = missing == 0
                ? ""
                : " %s left out: the film is not where it was."
                        .formatted(missing == 1 ? "1 moment was" : missing + " moments were");
        ObjectNode told = JsonNodeFactory.instance
                .objectNode()
                .put("film", out.toString())
                .put("clips", clips)
                .put("missing", missing)
                .put("seconds", lengthMicros / 1e6);
        System.out.println(
                json
                        ? told.toPrettyString()
                        : "Wrote %s: %d clips, %s, with a playlist and captions beside it.%s"
                                .formatted(out, clips, Times.seconds(lengthMicros), without));
    }
}
