package farglass.core.profile;

import farglass.core.bout.Bout;
import farglass.core.bout.Certainty;
import farglass.core.bout.Layer;
import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.Seat;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Technique;
import farglass.core.state.Timeline;
import farglass.core.state.Visit;
import java.util.List;
import java.util.Optional;

/**
 * The part of a bout that counts: whole matches, and of these only the stretches whose story was watched. What was not
 * watched is not known; it never counts as not having happened.
 */
record Watched(Bout bout, Timeline timeline, Lexicon lexicon) {
    static Watched of(Bout bout, Lexicon lexicon) {
        return new Watched(bout, Timeline.of(bout, lexicon), lexicon);
    }

    boolean counts() {
        return bout.header().whole()
                && !bout.header().isSecondCoding()
                && bout.header().covered().stream().anyMatch(stretch -> stretch.layer() == Layer.STORY);
    }

    private boolean seen(long micros) {
        return bout.header().covers(Layer.STORY, micros)
                && bout.header().footage().isLive(micros);
    }

    /** {@return what the athlete did within the watched stretches, feints left out: they do not try to succeed} */
    List<Moment> deeds(Seat seat) {
        return bout.moments().stream()
                .filter(moment -> moment.actor().filter(seat::equals).isPresent())
                .filter(moment -> moment.technique().isPresent())
                .filter(moment -> moment.telling().certainty() != Certainty.HIDDEN)
                .filter(moment ->
                        moment.telling().motive().filter(Motive.FEINT::equals).isEmpty())
                .filter(moment ->
                        moment.atMicros().isPresent() && seen(moment.atMicros().getAsLong()))
                .toList();
    }

    /** {@return the visits whose beginning was watched} */
    List<Visit> visits() {
        return timeline.visits().stream()
                .filter(visit -> !visit.openStart() && seen(visit.fromMicros()))
                .toList();
    }

    /** {@return whether the end of the visit was watched} */
    boolean sawEnd(Visit visit) {
        return !visit.openEnd() && seen(visit.toMicros());
    }

    boolean sawStart() {
        return seen(0);
    }

    Optional<Technique> technique(Moment moment) {
        return moment.technique().flatMap(lexicon::technique);
    }
}
