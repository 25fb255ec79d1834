package farglass.desktop.dossier.evidence;

import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.corpus.Evidence;
import farglass.core.phrase.AthleteWords;
import farglass.core.phrase.Phrase;
import farglass.core.study.Athlete;
import farglass.desktop.desk.Desk;
import java.util.Optional;
import java.util.OptionalLong;

/** Finds the moments that stand behind figures, and where they can be seen, in the library as it is. */
public final class Sights {
    private final Desk desk;

    public Sights(Desk desk) {
        this.desk = desk;
    }

    /** {@return the moment in words, as one looks at that athlete; empty where its bout is gone} */
    public Optional<Sight> of(Evidence evidence, Optional<Athlete> athlete) {
        return desk.contents().bout(evidence.bout()).map(bout -> {
            Optional<Moment> moment = evidence.moment().flatMap(bout::moment);
            String other = athlete.flatMap(known -> bout.header().seatOf(known.name()))
                    .map(seat -> AthleteWords.firstName(bout, seat.other()))
                    .orElse("");
            String when = moment.filter(known -> known.atMicros().isPresent())
                    .map(known -> Times.tenths(known.atMicros().getAsLong()))
                    .orElse("");
            String words = moment.map(known ->
                            AthleteWords.actor(known.actor(), bout) + ": " + Phrase.of(known, bout, desk.lexicon()))
                    .orElse("from the start of the bout");
            String where = bout.header().date().map(Object::toString).orElse("no date") + ", against " + other;
            return new Sight(evidence, when, where + "\n" + words);
        });
    }

    /** {@return where the film of that evidence is, and at which instant of it; empty for a bout without film} */
    public Optional<FilmSpot> film(Sight sight) {
        return desk.contents().bout(sight.evidence().bout()).flatMap(bout -> bout.header().films().stream()
                .findFirst()
                .map(link -> new FilmSpot(
                        desk.library()
                                .path()
                                .toAbsolutePath()
                                .resolveSibling(link.path())
                                .normalize(),
                        link.toFilm(sight.evidence()
                                .moment()
                                .flatMap(bout::moment)
                                .map(Moment::atMicros)
                                .orElse(OptionalLong.empty())
                                .orElse(0)))));
    }
}
