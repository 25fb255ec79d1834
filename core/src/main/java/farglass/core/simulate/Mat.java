package farglass.core.simulate;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.lexicon.Lexicon;
import farglass.core.script.Beat;
import farglass.core.script.HandGrip;
import farglass.core.script.Pose;
import farglass.core.script.RefereeSignal;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.random.RandomGenerator;

/** What has happened so far in a bout being acted: moments, what the camera sees, and where the two are. */
final class Mat {
    static final long SECOND = 1_000_000;

    final List<Moment> moments = new ArrayList<>();
    final List<Beat> beats = new ArrayList<>();
    final List<RefereeSignal> calls = new ArrayList<>();
    final List<HandGrip> grips = new ArrayList<>();
    private final Lexicon lexicon;
    private final RandomGenerator random;
    private long now;
    private Position position;
    private Optional<Seat> top = Optional.empty();
    private int made;

    Mat(Lexicon lexicon, RandomGenerator random) {
        this.lexicon = lexicon;
        this.random = random;
        this.position = place("standing");
    }

    Position place(String key) {
        return lexicon.position(key).orElseThrow();
    }

    long now() {
        return now;
    }

    void pass(long micros) {
        now += micros;
    }

    /** The bell rings, or rang while an exchange came to its end. */
    void bell(long micros) {
        now = Math.max(
                micros,
                moments.isEmpty()
                        ? 0
                        : moments.get(moments.size() - 1).atMicros().orElse(0));
    }

    Position position() {
        return position;
    }

    Optional<Seat> top() {
        return top;
    }

    Role roleOf(Seat seat) {
        return top.map(who -> who == seat ? Role.TOP : Role.BOTTOM).orElse(Role.NEUTRAL);
    }

    Moment add(Optional<Seat> actor, Deed deed, Optional<Settled> settled, Telling telling) {
        Moment moment = new Moment("m" + ++made, OptionalLong.of(now), actor, deed, settled, telling);
        moments.add(moment);
        settled.ifPresent(where -> settle(where, moment));
        return moment;
    }

    private void settle(Settled settled, Moment moment) {
        position = place(settled.position());
        top = settled.top();
        // Who moves somewhere else lets go.
        grips.replaceAll(grip -> grip.toMicros() > now ? grip.until(now) : grip);
        grips.removeIf(grip -> grip.toMicros() <= grip.fromMicros());
        show();
        showSideOf(moment);
    }

    /** Turns the two so that the limb a moment is about lies nearer the camera: so a viewer can tell left from right. */
    void showSideOf(Moment moment) {
        moment.telling().side().ifPresent(side -> {
            Beat last = beats.remove(beats.size() - 1);
            boolean first = last.top().orElse(Seat.A) == side.owner();
            // The first of a pose faces to the right, and shows its right side.
            boolean mirrored = first == (side.side() == Side.LEFT);
            beats.add(new Beat(last.atMicros(), last.pose(), last.top(), mirrored));
        });
    }

    /** A try that changes nothing is still seen: the two turn, and turn back with the limb it was about nearer the camera. */
    void stir(Moment moment) {
        flinch();
        showSideOf(moment);
        Beat last = beats.remove(beats.size() - 1);
        beats.add(new Beat(now, last.pose(), last.top(), !last.mirrored()));
        beats.add(new Beat(now + SECOND / 2, last.pose(), last.top(), last.mirrored()));
    }

    /** A try that was stopped: it is seen to come, and to go back. */
    void tried(Pose pose, Seat by) {
        Beat before = beats.get(beats.size() - 1);
        show(pose, Optional.of(by));
        beats.add(new Beat(now + SECOND / 2, before.pose(), before.top(), before.mirrored()));
    }

    /** A hand takes hold, and keeps it until the two are elsewhere or it has had enough. */
    void grip(Seat by, Side hand, long micros, Optional<HandGrip.Hold> hold) {
        grips.add(new HandGrip(now, now + micros, by, hand, hold));
    }

    /** Puts them somewhere without a moment: after a restart, which says so itself. */
    void reset(Position where, Optional<Seat> onTop) {
        position = where;
        top = onTop;
        show();
    }

    void show() {
        show(Pose.of(position), top);
    }

    void show(Pose pose, Optional<Seat> onTop) {
        beats.add(new Beat(now, pose, onTop, isMirrored(onTop)));
    }

    /** Whoever is on the left stays there: bodies do not go through each other. */
    private boolean isMirrored(Optional<Seat> onTop) {
        if (beats.isEmpty()) {
            return random.nextBoolean();
        }
        Beat last = beats.get(beats.size() - 1);
        boolean same = onTop.orElse(Seat.A) == last.top().orElse(Seat.A);
        return same == last.mirrored();
    }

    /** The two stir. */
    void flinch() {
        Beat last = beats.get(beats.size() - 1);
        beats.add(new Beat(now, last.pose(), last.top(), !last.mirrored()));
    }

    void call(Optional<Seat> to, String signal) {
        calls.add(new RefereeSignal(now, to, signal));
    }

    Bout bout(String id, farglass.core.bout.Header header) {
        return new Bout(id, header, moments, List.of());
    }
}
