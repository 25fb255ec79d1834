package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Segment;
import farglass.core.bout.Times;
import farglass.core.state.Exchange;
import farglass.desktop.screening.Player;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleBooleanProperty;

/** Looking again: a loop between two instants, the last exchange once more and slower, and what is not live left out. */
public final class Repeats {
    /** A stretch of the bout to be seen over and over. */
    public record Loop(long fromMicros, long toMicros) {}

    private static final double[] SLOWER = {1, 0.5, 0.25, 0.1};
    private static final long LEAD_MICROS = 1_000_000;
    /** Two presses for the same exchange end within this of each other. */
    private static final long SAME_MICROS = 4_000_000;

    private final OpenBout open;
    private final Playhead playhead;
    private final ReadOnlyObjectWrapper<Optional<Loop>> loop = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final BooleanProperty liveOnly = new SimpleBooleanProperty(false);
    /** The stretches that are shown in turn; empty where one is shown alone. */
    private List<Loop> round = List.of();
    /** By number: two may be alike. */
    private int shown;

    private OptionalLong loopFrom = OptionalLong.empty();
    /** What was last shown again; kept when it has been, so that the next press is slower. */
    private Optional<Loop> again = Optional.empty();

    private boolean showingAgain;
    private int slower;
    private double speedBefore = 1;

    Repeats(OpenBout open, Playhead playhead) {
        this.open = open;
        this.playhead = playhead;
        playhead.player().turnAside(this::turn);
        open.whenAnother(now -> off());
    }

    /** Every instant that is reached while playing goes through here. */
    private long turn(long filmMicros) {
        Optional<FilmLink> link = playhead.film().link();
        if (link.isEmpty()) {
            return filmMicros;
        }
        long now = link.get().toBout(filmMicros);
        if (loop.get().isPresent() && now > loop.get().get().toMicros()) {
            if (!round.isEmpty()) {
                shown = (shown + 1) % round.size();
                loop.set(Optional.of(round.get(shown)));
            }
            return link.get().toFilm(loop.get().get().fromMicros());
        }
        if (showingAgain && !isIn(again.orElseThrow(), now, 0)) {
            showingAgain = false;
            playhead.player().speedProperty().set(speedBefore);
        }
        if (liveOnly.get()) {
            Optional<Segment> hidden = open.bout().flatMap(bout -> bout.header().footage().segments().stream()
                    .filter(segment -> segment.kind() != Segment.Kind.LIVE && segment.holds(now))
                    .findFirst());
            if (hidden.isPresent() && hidden.get().toMicros() < playhead.film().endMicros()) {
                return link.get().toFilm(hidden.get().toMicros());
            }
        }
        return filmMicros;
    }

    /** One key: here it begins, here it ends, and on. */
    public void loopKey() {
        OptionalLong now = playhead.micros();
        if (loop.get().isPresent()) {
            off();
            open.desk().messages().say("The loop is off.");
        } else if (now.isEmpty()) {
            open.desk().messages().say("The film shows no instant of the bout here.");
        } else if (loopFrom.isEmpty() || loopFrom.getAsLong() == now.getAsLong()) {
            loopFrom = now;
            open.desk()
                    .messages()
                    .say("The loop begins at %s. Press / again where it ends."
                            .formatted(Times.tenths(now.getAsLong())));
        } else {
            over(Math.min(loopFrom.getAsLong(), now.getAsLong()), Math.max(loopFrom.getAsLong(), now.getAsLong()));
            open.desk().messages().say("Looping. Press / again to go on.");
        }
    }

    /** Plays the stretches one after another, and again; begins with the one of that number. */
    public void round(List<Loop> stretches, int first) {
        over(stretches.get(first).fromMicros(), stretches.get(first).toMicros());
        round = List.copyOf(stretches);
        shown = first;
    }

    /** Plays that stretch over and over. */
    public void over(long fromMicros, long toMicros) {
        round = List.of();
        loopFrom = OptionalLong.empty();
        loop.set(Optional.of(new Loop(fromMicros, toMicros)));
        playhead.film().seek(fromMicros);
        playhead.player().playingProperty().set(true);
    }

    public void off() {
        round = List.of();
        loopFrom = OptionalLong.empty();
        loop.set(Optional.empty());
        again = Optional.empty();
        if (showingAgain) {
            showingAgain = false;
            playhead.player().speedProperty().set(speedBefore);
        }
    }

    /** Shows the last exchange again, slower at each press; where it was begun, the film goes on as before. */
    public void again() {
        OptionalLong now = playhead.micros();
        Optional<Bout> bout = open.bout();
        if (now.isEmpty() || bout.isEmpty()) {
            return;
        }
        Player player = playhead.player();
        boolean same =
                again.filter(last -> isIn(last, now.getAsLong(), SAME_MICROS)).isPresent();
        slower = same ? Math.min(slower + 1, SLOWER.length - 1) : 0;
        if (!showingAgain) {
            speedBefore = player.speedProperty().get();
        }
        long until = same ? again.orElseThrow().toMicros() : now.getAsLong();
        long from = open.timeline().orElseThrow().exchanges().stream()
                .map(Exchange::moments)
                .filter(moments -> moments.get(0).atMicros().orElse(Long.MAX_VALUE) < until)
                .reduce((one, other) -> other)
                .map(moments -> moments.get(0).atMicros().orElse(0))
                .orElse(Math.max(0, until - 5 * LEAD_MICROS));
        again = Optional.of(new Loop(Math.max(0, from - LEAD_MICROS), until));
        showingAgain = true;
        double speed = SLOWER[slower];
        player.seek(playhead.film().link().orElseThrow().toFilm(again.get().fromMicros()));
        player.speedProperty().set(speed);
        player.playingProperty().set(true);
        open.desk().messages().say("Again from %s, at %s times.".formatted(Times.tenths(from), speed));
    }

    /** The player shows the frame at or before the instant asked for, so a little before the start is still inside. */
    private static boolean isIn(Loop stretch, long micros, long after) {
        return micros >= stretch.fromMicros() - LEAD_MICROS && micros < stretch.toMicros() + Math.max(1, after);
    }

    public ReadOnlyObjectProperty<Optional<Loop>> loopProperty() {
        return loop.getReadOnlyProperty();
    }

    /** {@return whether replays, stoppages and talk are left out while playing} */
    public BooleanProperty liveOnlyProperty() {
        return liveOnly;
    }
}
