package farglass.desktop.dossier.evidence;

import farglass.core.bout.Bout;
import farglass.core.bout.Times;
import farglass.core.corpus.Evidence;
import farglass.core.naming.Words;
import farglass.core.prose.HowMany;
import farglass.desktop.desk.Choosers;
import farglass.desktop.desk.Desk;
import farglass.film.reel.Reel;
import farglass.library.exchange.Cutting;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Cuts the film behind a figure, or behind the page of a position or technique, into one reel across all bouts. */
public final class EvidenceReel {
    private static final long LEAD_IN_MICROS = 3_000_000;
    private static final long LEAD_OUT_MICROS = 2_000_000;

    private final Desk desk;
    private final Choosers choosers;

    public EvidenceReel(Desk desk, Choosers choosers) {
        this.desk = desk;
        this.choosers = choosers;
    }

    /**
     * Asks where, and cuts.
     *
     * @param what for the name of the file
     */
    public void cut(String what, List<Evidence> evidence) {
        Map<String, Set<String>> moments = new LinkedHashMap<>();
        evidence.forEach(each -> each.moment()
                .ifPresent(moment -> moments.computeIfAbsent(each.bout(), any -> new LinkedHashSet<>())
                        .add(moment)));
        List<Reel.Clip> clips = new ArrayList<>();
        int missing = 0;
        for (Map.Entry<String, Set<String>> each : moments.entrySet()) {
            Bout bout = desk.contents().bout(each.getKey()).orElseThrow();
            List<Cutting> cuttings = Cutting.of(bout, each.getValue(), LEAD_IN_MICROS, LEAD_OUT_MICROS, desk.lexicon());
            for (Cutting cutting : cuttings) {
                Path film = desk.library()
                        .path()
                        .toAbsolutePath()
                        .resolveSibling(cutting.film().path())
                        .normalize();
                if (Files.exists(film)) {
                    clips.add(new Reel.Clip(film, cutting.fromMicros(), cutting.toMicros(), words(bout, cutting)));
                } else {
                    missing++;
                }
            }
        }
        if (clips.isEmpty()) {
            desk.messages()
                    .say(
                            missing == 0
                                    ? "None of these moments has a time on a film."
                                    : "The films of these moments are not where they were. Open one of the bouts in Tag: it asks where its film is now.");
            return;
        }
        int gone = missing;
        choosers.save(
                        "Cut a reel",
                        "Films",
                        "mp4",
                        "%s.mp4".formatted(Words.plain(what).replaceAll("[^a-z0-9]+", "-")))
                .ifPresent(mp4 -> write(mp4, clips, gone));
    }

    private static String words(Bout bout, Cutting cutting) {
        return "%s \u2013 %s, %s"
                .formatted(bout.header().a().name(), bout.header().b().name(), cutting.words());
    }

    private void write(Path mp4, List<Reel.Clip> clips, int missing) {
        String without = missing == 0
                ? ""
                : " Left out: %s, of which the film is not where it was.".formatted(HowMany.of(missing, "moment"));
        desk.work()
                .start(
                        "Cutting " + mp4.getFileName(),
                        (progress, cancelled) -> Reel.write(mp4, clips, progress, cancelled),
                        length -> desk.messages()
                                .say(
                                        "The reel of %s, %s long, was written to %s, with a playlist and captions beside it.%s"
                                                .formatted(
                                                        HowMany.of(clips.size(), "moment"),
                                                        Times.seconds(length),
                                                        mp4,
                                                        without)),
                        desk.messages()::fail);
    }
}
