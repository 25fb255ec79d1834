package farglass.app.library;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.app.home.Home;
import farglass.app.home.Readable;
import farglass.core.bout.Bout;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import farglass.core.pick.PickQuality;
import farglass.core.prose.HowMany;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.Cast;
import farglass.core.simulate.ForeseenShare;
import farglass.core.simulate.LongTail;
import farglass.library.Library;
import farglass.library.contents.Contents;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

@Command(
        name = "picks",
        mixinStandardHelpOptions = true,
        description =
                "Tells how often the true next moment is among the nine that Tag offers, each bout left out in turn.")
public final class PicksCommand implements Callable<Integer> {
    private static final class Source {
        @Option(names = "--library", paramLabel = "L", description = "the library")
        private Path library;

        @Option(names = "--demo", description = "the demo's bouts, whose true chances are known")
        private boolean demo;
    }

    @ArgGroup(multiplicity = "1")
    private Source source;

    /** After so many bouts a new library is looked at. */
    private static final int[] NEW_LIBRARIES = {0, 1, 3, 10};

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
        if (source.demo) {
            Lexicon lexicon = Lexicon.shipped();
            List<ActedBout> acted = Cast.seasons(lexicon).bouts();
            ForeseenShare ceiling =
                    acted.stream().map(ActedBout::foreseen).reduce(ForeseenShare.NOTHING, ForeseenShare::and);
            tell(acted.stream().map(ActedBout::told).toList(), lexicon, Optional.of(ceiling));
            return 0;
        }
        try (Library open = Library.openToRead(source.library, Home.clock(), Home.person())) {
            Contents contents = Readable.of(open);
            tell(
                    contents.bouts(),
                    Lexicon.shipped().with(contents.words().texts()).lexicon(),
                    Optional.empty());
            return 0;
        }
    }

    private void tell(List<Bout> bouts, Lexicon lexicon, Optional<ForeseenShare> ceiling) {
        Corpus corpus = Corpus.of(bouts, lexicon);
        PickQuality all = PickQuality.of(corpus, false);
        PickQuality acted = PickQuality.of(corpus, true);
        Map<String, PickQuality.Hits> anew = new LinkedHashMap<>(anew(corpus, ""));
        anew.put("of athletes nobody has seen", PickQuality.ofStrangers(corpus));
        Corpus tail = Corpus.of(LongTail.of(bouts, lexicon, 1), lexicon);
        anew.put("half of the techniques swapped, from all other bouts", acted(tail));
        anew.putAll(anew(tail, "half of the techniques swapped, "));
        System.out.println(json ? json(all, acted, ceiling, anew).toPrettyString() : text(all, acted, ceiling, anew));
    }

    private static PickQuality.Hits acted(Corpus corpus) {
        PickQuality acted = PickQuality.of(corpus, true);
        return new PickQuality.Hits(acted.moments(), acted.hits());
    }

    private static Map<String, PickQuality.Hits> anew(Corpus corpus, String of) {
        Map<String, PickQuality.Hits> anew = new LinkedHashMap<>();
        IntStream.of(NEW_LIBRARIES)
                .filter(taught -> taught < corpus.bouts().size())
                .forEach(taught -> anew.put(
                        "%sin a new library after %s".formatted(of, HowMany.of(taught, "bout")),
                        PickQuality.inANewLibrary(corpus, taught)));
        return anew;
    }

    private static String text(
            PickQuality all, PickQuality acted, Optional<ForeseenShare> ceiling, Map<String, PickQuality.Hits> anew) {
        StringBuilder text = new StringBuilder();
        text.append(line("All moments", all)).append('\n');
        text.append(line("Without awards", acted)).append('\n');
        ceiling.ifPresent(
                known -> text.append("Ceiling, by the actor\u2019s own chances, without awards: %d of %d, %s%n"
                        .formatted(
                                known.amongNine(),
                                known.moments(),
                                percent((double) known.amongNine() / known.moments()))));
        anew.forEach((what, hits) -> text.append("Without awards, %s: %d of %d, %s%n"
                .formatted(what, hits.hits(), hits.moments(), percent(hits.share()))));
        text.append("Promised and come, by tenths of the promise:\n");
        for (PickQuality.Bin bin : all.bins()) {
            if (bin.picks() > 0) {
                text.append("  promised %s, came %s, %d picks%n"
                        .formatted(percent(bin.promised()), percent(bin.came()), bin.picks()));
            }
        }
        return text.append("Mean distance of the two: ")
                .append(percent(all.calibrationError()))
                .toString();
    }

    private static String line(String what, PickQuality quality) {
        return "%s: %d of %d among the nine, %s; the nine commonest of the position alone: %s"
                .formatted(
                        what,
                        quality.hits(),
                        quality.moments(),
                        percent(quality.share()),
                        percent(quality.floorShare()));
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.1f %%", 100 * share);
    }

    private static ObjectNode json(
            PickQuality all, PickQuality acted, Optional<ForeseenShare> ceiling, Map<String, PickQuality.Hits> anew) {
        ObjectNode told = JsonNodeFactory.instance.objectNode();
        told.set("allMoments", json(all));
        told.set("withoutAwards", json(acted));
        ceiling.ifPresent(known -> told.putObject("ceilingWithoutAwards")
                .put("moments", known.moments())
                .put("amongNine", known.amongNine()));
        ObjectNode others = told.putObject("withoutAwardsBy");
        anew.forEach((what, hits) -> others.putObject(what)
                .put("moments", hits.moments())
                .put("amongNine", hits.hits())
                .put("share", hits.share()));
        return told;
    }

    private static ObjectNode json(PickQuality quality) {
        ObjectNode told = JsonNodeFactory.instance
                .objectNode()
                .put("moments", quality.moments())
                .put("amongNine", quality.hits())
                .put("share", quality.share())
                .put("floorShare", quality.floorShare())
                .put("calibrationError", quality.calibrationError());
        ArrayNode bins = told.putArray("bins");
        quality.bins().forEach(bin -> bins.addObject()
                .put("picks", bin.picks())
                .put("promised", bin.promised())
                .put("came", bin.came()));
        return told;
    }
}
