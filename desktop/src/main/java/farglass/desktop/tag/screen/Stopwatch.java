package farglass.desktop.tag.screen;

import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.bout.Times;
import farglass.desktop.tag.OpenBout;
import farglass.desktop.tag.Tagging;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;

/** Times what lies between two frames. The interval is kept as a moment; its error is half a frame at either end. */
public final class Stopwatch {
    private final Tagging tag;
    private OptionalLong from = OptionalLong.empty();

    public Stopwatch(Tagging tag) {
        this.tag = tag;
        tag.open().whenAnother(now -> from = OptionalLong.empty());
    }

    /** One key: from this frame, to this frame. */
    public void key() {
        OptionalLong now = tag.playhead().micros();
        if (now.isEmpty()) {
            tag.desk().messages().say("The film shows no instant of the bout here.");
        } else if (from.isEmpty()) {
            from = now;
            tag.desk()
                    .messages()
                    .say("The stopwatch runs from %s. Press = again at the other frame."
                            .formatted(Times.tenths(now.getAsLong())));
        } else {
            long begin = Math.min(from.getAsLong(), now.getAsLong());
            long end = Math.max(from.getAsLong(), now.getAsLong());
            from = OptionalLong.empty();
            tag.playhead().player().frameSpacing(spacing -> keep(begin, end, spacing));
        }
    }

    private void keep(long begin, long end, long spacingMicros) {
        String words =
                String.format(Locale.ROOT, "%.2f s, give or take %.2f s", (end - begin) / 1e6, spacingMicros / 1e6);
        Moment moment = new Moment(
                OpenBout.newId(),
                OptionalLong.of(begin),
                Optional.empty(),
                new Deed.Timed(end, words),
                Optional.empty(),
                Telling.NOTHING);
        tag.open().commit(moment, "Time " + words);
        tag.desk().messages().say("Timed: %s. Kept in the ledger.".formatted(words));
    }

    public OptionalLong from() {
        return from;
    }
}
