package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Layer;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import java.util.List;
import java.util.OptionalLong;
import java.util.Set;

/** How film, bout and the clock of the hall lie to each other, and up to where the bout was looked through. */
public final class BoutTimes {
    private final TagModel tag;

    BoutTimes(TagModel tag) {
        this.tag = tag;
    }

    /** Says that the aim's layer was watched from the start up to the instant now shown. */
    public void declareCovered() {
        OptionalLong instant = tag.boutMicros();
        if (instant.isEmpty()) {
            tag.desk().say("The film shows no instant of the bout here.");
            return;
        }
        Layer layer = tag.passes().aimProperty().get().layer().orElse(Layer.STORY);
        Bout shown = tag.boutProperty().get().orElseThrow();
        Bout covered = shown.with(shown.header()
                .with(shown.header().footage().covering(new Covered(layer, 0, instant.getAsLong(), true))));
        String what = "Declare %s looked through to %s".formatted(layer.label(), Times.tenths(instant.getAsLong()));
        tag.change(covered, Set.of(), what);
        tag.desk().say(what + ".");
    }

    /** Says that the bout begins at the frame now shown. The moments keep their times on the bout's own clock. */
    public void beginHere() {
        tag.film()
                .link()
                .ifPresent(link -> startFilmAt(link, tag.player().timeProperty().get()));
    }

    /** Lays the film under moments tagged without it: the selected one is what the frame now shown shows. */
    public void alignHere() {
        OptionalLong at = tag.selectedProperty()
                .get()
                .flatMap(id -> tag.boutProperty().get().flatMap(shown -> shown.moment(id)))
                .map(Moment::atMicros)
                .orElse(OptionalLong.empty());
        if (at.isEmpty() || tag.film().link().isEmpty()) {
            tag.desk().say("Choose a moment, find the frame that shows it, and align again.");
            return;
        }
        startFilmAt(tag.film().link().get(), tag.player().timeProperty().get() - at.getAsLong());
    }

    private void startFilmAt(FilmLink link, long startMicros) {
        Bout shown = tag.boutProperty().get().orElseThrow();
        List<FilmLink> links = shown.header().films().stream()
                .map(each -> each.equals(link) ? new FilmLink(link.path(), startMicros) : each)
                .toList();
        String what = startMicros >= 0
                ? "Begin the bout at %s of the film".formatted(Times.tenths(startMicros))
                : "Begin the film %s into the bout".formatted(Times.tenths(-startMicros));
        tag.change(shown.with(shown.header().withFilms(links)), Set.of(), what);
        tag.desk().say(what + ".");
        tag.moved();
    }

    /** Tags by a running clock from here on, for a bout watched in the hall; or ends that. */
    public void liveKey() {
        if (tag.boutProperty().get().isEmpty()) {
            return;
        }
        if (tag.live().onProperty().get()) {
            tag.live().end();
            tag.desk()
                    .say(
                            "The hall\u2019s clock is off. Add the film in the header (Ctrl+E), choose a moment, find its frame and align.");
        } else {
            tag.player().playingProperty().set(false);
            tag.live().start(tag.boutProperty().get().get().extentMicros());
            tag.desk().say("The clock runs. Space stops it and lets it run on.");
        }
    }
}
