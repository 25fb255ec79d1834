package farglass.library.exchange;

import farglass.core.bout.Bout;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.lexicon.Lexicon;
import farglass.core.phrase.AthleteWords;
import farglass.core.phrase.Phrase;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A stretch of a bout's film round one moment or several, as a reel is cut from.
 *
 * @param film the bout's first film
 * @param fromMicros start, on the film's own clock, 0 or more
 * @param toMicros end, after the start
 * @param words what is to be seen in it
 */
public record Cutting(FilmLink film, long fromMicros, long toMicros, String words) {
    /**
     * {@return the stretches round those moments, in the order of the bout} Where two would overlap they are one. Moments without a
     * time are left out; a bout without film gives none.
     *
     * @param leadInMicros so much is seen before each moment, 0 or more
     * @param leadOutMicros so much after it, above 0
     */
    public static List<Cutting> of(
            Bout bout, Set<String> moments, long leadInMicros, long leadOutMicros, Lexicon lexicon) {
        if (leadInMicros < 0 || leadOutMicros <= 0) {
            throw new IllegalArgumentException("A cutting needs a lead-in of 0 or more and a lead-out above 0 but got "
                    + leadInMicros + " and " + leadOutMicros + " us");
        }
        Optional<FilmLink> film = bout.header().films().stream().findFirst();
        List<Cutting> cuttings = new ArrayList<>();
        for (Moment moment : bout.moments()) {
            if (film.isEmpty()
                    || !moments.contains(moment.id())
                    || moment.atMicros().isEmpty()) {
                continue;
            }
            long at = film.get().toFilm(moment.atMicros().getAsLong());
            if (at + leadOutMicros <= 0) {
                continue;
            }
            add(
                    cuttings,
                    new Cutting(
                            film.get(),
                            Math.max(0, at - leadInMicros),
                            at + leadOutMicros,
                            words(moment, bout, lexicon)));
        }
        return cuttings;
    }

    private static void add(List<Cutting> cuttings, Cutting next) {
        Cutting last = cuttings.isEmpty() ? null : cuttings.get(cuttings.size() - 1);
        if (last != null && last.toMicros() >= next.fromMicros()) {
            cuttings.set(
                    cuttings.size() - 1,
                    new Cutting(
                            last.film(),
                            last.fromMicros(),
                            Math.max(last.toMicros(), next.toMicros()),
                            last.words() + "; " + next.words()));
        } else {
            cuttings.add(next);
        }
    }

    private static String words(Moment moment, Bout bout, Lexicon lexicon) {
        String told = Phrase.of(moment, bout, lexicon);
        return "%s  %s"
                .formatted(
                        Times.seconds(moment.atMicros().orElse(0)),
                        moment.actor().isPresent() ? AthleteWords.actor(moment.actor(), bout) + ": " + told : told);
    }
}
