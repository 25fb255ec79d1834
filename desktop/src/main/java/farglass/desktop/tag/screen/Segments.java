package farglass.desktop.tag.screen;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Segment;
import farglass.core.bout.Telling;
import farglass.core.bout.Times;
import farglass.desktop.tag.OpenBout;
import farglass.desktop.tag.Tagging;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/** Says which stretches of the film are not the live match, with one key at each end, and when the match clock stood. */
public final class Segments {
    private final Tagging tag;

    public Segments(Tagging tag) {
        this.tag = tag;
    }

    /** From the instant shown on, the film shows that. */
    public void mark(Segment.Kind kind) {
        OptionalLong now = tag.playhead().micros();
        Optional<Bout> bout = tag.open().bout();
        if (bout.isEmpty() || now.isEmpty()) {
            tag.desk().messages().say("The film shows no instant of the bout here.");
            return;
        }
        long end = Math.max(tag.playhead().film().endMicros(), bout.get().extentMicros());
        String what = "From %s on: %s".formatted(Times.tenths(now.getAsLong()), kind.label());
        tag.open()
                .change(
                        bout.get()
                                .with(bout.get()
                                        .header()
                                        .with(bout.get().header().footage().marked(kind, now.getAsLong(), end))),
                        Set.of(),
                        what);
        tag.desk()
                .messages()
                .say(what + (kind == Segment.Kind.LIVE ? "." : ". Press F5 where the live match goes on."));
    }

    /** The replay now on the screen shows the chosen moment again. */
    public void replayShowsChosen() {
        Optional<Bout> bout = tag.open().bout();
        OptionalLong now = tag.playhead().micros();
        OptionalLong live = tag.open().selected().map(Moment::atMicros).orElse(OptionalLong.empty());
        boolean replay = now.isPresent()
                && bout.flatMap(shown -> shown.header().footage().segmentAt(now.getAsLong()))
                        .filter(segment -> segment.kind() == Segment.Kind.REPLAY)
                        .isPresent();
        if (!replay || live.isEmpty()) {
            tag.desk().messages().say("Mark the replay with F6, stop in it, and choose the moment it shows again.");
            return;
        }
        Bout shown = bout.orElseThrow();
        tag.open()
                .change(
                        shown.with(shown.header()
                                .with(shown.header().footage().replaying(now.getAsLong(), live.getAsLong()))),
                        Set.of(),
                        "The replay shows %s again".formatted(Times.tenths(live.getAsLong())));
    }

    /** The match clock stops, or goes on if it stood. */
    public void clockKey() {
        tag.open().bout().ifPresent(bout -> {
            boolean stands = bout.moments().stream()
                    .filter(moment -> moment.atMicros().orElse(0)
                            <= tag.playhead().micros().orElse(Long.MAX_VALUE))
                    .map(Moment::deed)
                    .filter(deed -> deed.stop().isPresent() || deed.restart().isPresent())
                    .reduce((first, last) -> last)
                    .filter(deed -> deed.stop().isPresent())
                    .isPresent();
            Deed deed = stands ? new Deed.Restarted() : new Deed.Stopped("");
            Moment moment = new Moment(
                    OpenBout.newId(),
                    tag.playhead().instant(),
                    Optional.empty(),
                    deed,
                    Optional.empty(),
                    Telling.NOTHING);
            tag.open().commit(moment, "Tag " + tag.open().words(moment));
        });
    }
}
