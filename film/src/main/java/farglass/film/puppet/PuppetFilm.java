package farglass.film.puppet;

import farglass.core.script.Beat;
import farglass.core.script.HandGrip;
import farglass.core.script.Pose;
import farglass.core.script.RefereeSignal;
import farglass.core.script.Script;
import farglass.core.script.ScriptFile;
import farglass.core.side.Part;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.film.Film;
import farglass.film.FilmException;
import farglass.film.Frame;
import java.io.IOException;
import java.nio.charset.CharacterCodingException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A bout acted out by two puppets from its script: stands in for the camera in the demo. Any instant can be drawn by
 * itself, and always looks the same.
 */
public final class PuppetFilm implements Film {
    public static final String ENDING = "script";

    private static final long FRAME_MICROS = 40_000;
    /** How long the two take from one pose to the next. */
    private static final double MOVE_SECONDS = 0.9;

    /** A hand needs so long to what it takes hold of. */
    private static final double REACH_MICROS = 330_000;

    /** So far do bodies bend to a hold, in metres. */
    private static final double MOST_LEAN = 0.26;
    /** A hand that lacks no more than this still has the cloth between its fingers. */
    private static final double NEARLY = 0.08;

    private static final Set<Part.Kind> CLOTH = EnumSet.of(
            Part.Kind.COLLAR,
            Part.Kind.SLEEVE,
            Part.Kind.LAPEL,
            Part.Kind.BELT,
            Part.Kind.TROUSERS,
            Part.Kind.SEAT,
            Part.Kind.TAIL);

    private final Script script;
    private final PuppetPainter painter;

    PuppetFilm(Script script) {
        this.script = script;
        this.painter = new PuppetPainter(script.kitA(), script.kitB(), script.fromBehind());
    }

    /**
     * {@return the film of that script}
     *
     * @throws FilmException if the file is missing or no script
     */
    public static PuppetFilm open(Path path) {
        if (!Files.isRegularFile(path)) {
            throw new FilmException("There is no film at %s. It may have been moved or renamed: choose where it is now."
                    .formatted(path));
        }
        try {
            return new PuppetFilm(ScriptFile.parse(Files.readString(path)));
        } catch (CharacterCodingException | IllegalArgumentException e) {
            throw new FilmException(
                    "%s is no puppet film that can be read (%s). Lay the demo anew with: far-glass demo --fresh"
                            .formatted(path, e.getMessage()),
                    e);
        } catch (IOException e) {
            throw new FilmException("%s cannot be read. Check that you may open it.".formatted(path), e);
        }
    }

    @Override
    public long lastMicros() {
        return (script.leadMicros() + script.lengthMicros()) / FRAME_MICROS * FRAME_MICROS;
    }

    private long frame(long micros) {
        return Math.max(0, Math.min(lastMicros(), micros)) / FRAME_MICROS * FRAME_MICROS;
    }

    @Override
    public long after(long micros) {
        return Math.min(lastMicros(), frame(micros) + FRAME_MICROS);
    }

    @Override
    public long before(long micros) {
        return Math.max(0, frame(micros) - FRAME_MICROS);
    }

    @Override
    public Frame at(long micros) {
        long shown = frame(micros);
        long bout = shown - script.leadMicros();
        int beat = beatAt(bout);
        double since = (bout - script.beats().get(beat).atMicros()) / 1e6;
        double share = Math.min(1, Math.max(0, since / MOVE_SECONDS));
        Figures now = figures(script.beats().get(beat));
        Figures from = beat == 0 ? now : figures(script.beats().get(beat - 1));
        // Slow at both ends, as bodies move.
        double eased = share * share * (3 - 2 * share);
        double seconds = shown / 1e6;
        Beat shownBeat = script.beats().get(beat);
        Puppet a = from.a().towards(now.a(), eased).swaying(seconds, 0);
        Puppet b = from.b().towards(now.b(), eased).swaying(seconds, 2.1);
        Figures seen = script.fromBehind() ? new Figures(a.fromBehind(), b.fromBehind()) : new Figures(a, b);
        Figures met = met(seen, bout, shownBeat);
        return painter.paint(
                shown,
                new PuppetPainter.Scene(
                        reaching(Seat.A, met, bout, shownBeat),
                        reaching(Seat.B, met, bout, shownBeat),
                        top(shownBeat),
                        shownBeat.pose(),
                        holding(Seat.A, met, bout, shownBeat),
                        holding(Seat.B, met, bout, shownBeat),
                        clock(bout),
                        call(bout)));
    }

    /** What is held brings the two together: who holds leans to it, and who is held is pulled. */
    private Figures met(Figures seen, long bout, Beat beat) {
        Figures met = seen;
        for (Seat seat : Seat.values()) {
            for (HandGrip grip : holds(seat, bout)) {
                double[] at = place(grip, met, beat);
                double share = reached(grip, bout);
                double gap = met.of(seat).shortfall(at[0], at[1]);
                double lean = share * Math.min(gap / 2, MOST_LEAN);
                Puppet holder = met.of(seat).leaning(at[0], at[1], lean);
                Puppet held = met.of(seat.other())
                        .leaning(
                                holder.x(Puppet.CHEST),
                                holder.y(Puppet.CHEST),
                                share * Math.min(gap - lean, MOST_LEAN));
                met = seat == Seat.A ? new Figures(holder, held) : new Figures(held, holder);
            }
        }
        return met;
    }

    /** An underhook goes on past the middle of the body to its far side. */
    private static final double PAST = 0.11;

    private double[] place(HandGrip grip, Figures met, Beat beat) {
        HandGrip.Hold hold = grip.hold().orElseThrow();
        Puppet holder = met.of(grip.by());
        Puppet other = met.of(grip.by().other());
        double[] at = other.at(
                hold.part(),
                hold.side().map(side -> isNear(grip.by().other(), side, beat)).orElse(true));
        if (hold.under() && !CLOTH.contains(hold.part())) {
            at[0] += Math.copySign(PAST, at[0] - holder.x(Puppet.CHEST));
        }
        return at;
    }

    /** A hand goes to what it holds within a third of a second. */
    private static double reached(HandGrip grip, long bout) {
        return Math.min(1, (bout - grip.fromMicros()) / REACH_MICROS);
    }

    private List<HandGrip> holds(Seat seat, long bout) {
        return grips(seat, bout).filter(grip -> grip.hold().isPresent()).toList();
    }

    private boolean isWithinReach(HandGrip grip, Figures met, Beat beat) {
        double[] at = place(grip, met, beat);
        return met.of(grip.by()).shortfall(at[0], at[1]) < NEARLY;
    }

    private Stream<HandGrip> grips(Seat seat, long bout) {
        return script.grips().stream()
                .filter(grip -> grip.by() == seat && grip.fromMicros() <= bout && bout < grip.toMicros());
    }

    /** The first of a pose faces to the right and has the right hand nearer. */
    private boolean isNear(Seat whose, Side side, Beat beat) {
        boolean first = top(beat) == whose;
        return (side == Side.RIGHT) == ((first != beat.mirrored()) != script.fromBehind());
    }

    private int hand(HandGrip grip, Beat beat) {
        return isNear(grip.by(), grip.hand(), beat) ? Puppet.NEAR_HAND : Puppet.FAR_HAND;
    }

    /** A hand stays at what it holds however the two move; what is out of reach was let go of. */
    private Puppet reaching(Seat seat, Figures met, long bout, Beat beat) {
        Puppet moved = met.of(seat);
        for (HandGrip grip : holds(seat, bout)) {
            if (isWithinReach(grip, met, beat)) {
                double[] at = place(grip, met, beat);
                moved = moved.towards(moved.reaching(hand(grip, beat), at[0], at[1]), reached(grip, bout));
            }
        }
        return moved;
    }

    /** Which hands hold, by joint, and whether it is cloth. */
    private List<PuppetPainter.Held> holding(Seat seat, Figures met, long bout, Beat beat) {
        return grips(seat, bout)
                .filter(grip -> grip.hold().isEmpty() || isWithinReach(grip, met, beat))
                .map(grip -> new PuppetPainter.Held(
                        hand(grip, beat),
                        grip.hold().map(hold -> CLOTH.contains(hold.part())).orElse(true),
                        grip.hold().filter(HandGrip.Hold::under).isPresent()))
                .toList();
    }

    /** The match clock stands from the referee's stop to the start. */
    private long clock(long bout) {
        long stood = 0;
        long stopped = -1;
        for (RefereeSignal call : script.calls()) {
            if (call.atMicros() > bout) {
                break;
            }
            if (call.signal().equals("stop")) {
                stopped = call.atMicros();
            } else if (call.signal().equals("start") && stopped >= 0) {
                stood += call.atMicros() - stopped;
                stopped = -1;
            }
        }
        return (stopped >= 0 ? stopped : bout) - stood;
    }

    private int beatAt(long bout) {
        int found = 0;
        for (int i = 0; i < script.beats().size() && script.beats().get(i).atMicros() <= bout; i++) {
            found = i;
        }
        return found;
    }

    private record Figures(Puppet a, Puppet b) {
        Puppet of(Seat seat) {
            return seat == Seat.A ? a : b;
        }
    }

    private static Seat top(Beat beat) {
        return beat.top().orElse(Seat.A);
    }

    private static Figures figures(Beat beat) {
        Pose pose = beat.pose();
        Poses.Pair pair = beat.mirrored() ? Poses.of(pose).mirrored() : Poses.of(pose);
        return top(beat) == Seat.A ? new Figures(pair.one(), pair.two()) : new Figures(pair.two(), pair.one());
    }

    /** A signal is held up for two and a half seconds. */
    private Optional<RefereeSignal> call(long bout) {
        return script.calls().stream()
                .filter(call -> call.atMicros() <= bout && bout < call.atMicros() + 2_500_000)
                .reduce((first, second) -> second);
    }

    /** Holds nothing open. */
    @Override
    public void close() {
        painter.rest();
    }
}
