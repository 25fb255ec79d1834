package farglass.desktop.tag.screen;

import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.fact.Layer;
import farglass.desktop.tag.Tagging;
import java.util.List;
import java.util.OptionalLong;
import java.util.Set;

/** How film, bout and the clock of the hall lie to each other, and up to where the bout was looked through. */
public final class BoutTimes {
    private final Tagging tag;

    public BoutTimes(Tagging tag) {
        this.tag = tag;
    }

    /** Says that the aim's layer was watched from the start up to the instant now shown. */
    public void declareCovered() {
        OptionalLong instant = tag.playhead().micros();
        if (instant.isEmpty()) {
            tag.desk().messages().say("The film shows no instant of the bout here.");
            return;
        }
        Layer layer = tag.viewing().layer();
        Bout shown = tag.open().bout().orElseThrow();
        Bout covered = shown.with(shown.header()
                .with(shown.header().footage().covering(new Covered(layer, 0, instant.getAsLong(), true))));
        String what = "Declare %s looked through to %s".formatted(layer.label(), Times.tenths(instant.getAsLong()));
        tag.open().change(covered, Set.of(), what);
        tag.desk().messages().say(what + ".");
    }

    /** Says that the bout begins at the frame now shown. The moments keep their times on the bout's own clock. */
    public void beginHere() {
        tag.playhead()
                .film()
                .link()
                .ifPresent(link ->
                        startFilmAt(link, tag.playhead().player().timeProperty().get()));
    }

    /** Lays the film under moments tagged without it: the selected one is what the frame now shown shows. */
    public void alignHere() {
        OptionalLong at = tag.open().selected().map(Moment::atMicros).orElse(OptionalLong.empty());
        if (at.isEmpty() || tag.playhead().film().link().isEmpty()) {
            tag.desk().messages().say("Choose a moment, find the frame that shows it, and align again.");
            return;
        }
        startFilmAt(
                tag.playhead().film().link().get(),
                tag.playhead().player().timeProperty().get() - at.getAsLong());
    }

    private void startFilmAt(FilmLink link, long startMicros) {
        Bout shown = tag.open().bout().orElseThrow();
        List<FilmLink> links = shown.header().films().stream()
                .map(each -> each.equals(link) ? new FilmLink(link.path(), startMicros) : each)
                .toList();
        String what = startMicros >= 0
                ? "Begin the bout at %s of the film".formatted(Times.tenths(startMicros))
                : "Begin the film %s into the bout".formatted(Times.tenths(-startMicros));
        tag.open().change(shown.with(shown.header().withFilms(links)), Set.of(), what);
        tag.desk().messages().say(what + ".");
        tag.playhead().moved();
    }

    /** Tags by a running clock from here on, for a bout watched in the hall; or ends that. */
    public void liveKey() {
        if (tag.open().bout().isEmpty()) {
            return;
        }
        if (tag.playhead().live().onProperty().get()) {
            tag.playhead().live().end();
            tag.desk()
                    .messages()
                    .say(
                            "The hall\u2019s clock is off. Add the film in the header (Ctrl+E), choose a moment, find its frame and align.");
        } else {
            tag.playhead().player().playingProperty().set(false);
            tag.playhead().live().start(tag.open().bout().get().extentMicros());
            tag.desk().messages().say("The clock runs. Space stops it and lets it run on.");
        }
    }
}
