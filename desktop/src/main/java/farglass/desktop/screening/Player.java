package farglass.desktop.screening;

import farglass.desktop.desk.Happening;
import farglass.desktop.desk.Log;
import farglass.film.Film;
import farglass.film.FilmException;
import farglass.film.Frame;
import farglass.film.Sound;
import java.util.Optional;
import java.util.concurrent.Executor;
import java.util.function.LongConsumer;
import java.util.function.LongSupplier;
import java.util.function.LongUnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyLongProperty;
import javafx.beans.property.ReadOnlyLongWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleDoubleProperty;

/**
 * Plays one film. Frames are decoded on the film's own thread; only the newest wish is served, so a slow film drops frames
 * and never falls behind its clock. Times are film time in microseconds.
 */
public final class Player implements AutoCloseable {
    public static final double SLOWEST = 0.1;
    public static final double FASTEST = 4;

    private final Executor filmThread;
    private final Executor screen;
    private Optional<Film> film = Optional.empty();
    private long generation;
    private boolean decoding;
    /** Read on the film's thread, too: so it learns that a frame is wanted no longer. */
    private volatile long wanted = -1;

    private volatile boolean rolling;
    private long anchorMicros;
    private long anchorNanos;
    private Optional<Sound> sound = Optional.empty();
    private boolean sounding;
    private boolean preparing;
    private LongUnaryOperator passing = micros -> micros;

    private final ReadOnlyLongWrapper time = new ReadOnlyLongWrapper(0);
    private final ReadOnlyLongWrapper last = new ReadOnlyLongWrapper(0);
    private final ReadOnlyObjectWrapper<Optional<Frame>> frame = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyStringWrapper trouble = new ReadOnlyStringWrapper("");
    private final BooleanProperty playing = new SimpleBooleanProperty(false);
    private final DoubleProperty speed = new SimpleDoubleProperty(1);

    /**
     * @param filmThread decodes, one frame at a time
     * @param screen runs what touches properties
     */
    public Player(Executor filmThread, Executor screen) {
        this.filmThread = filmThread;
        this.screen = screen;
        // A new speed, and a new start, count from the instant now shown.
        speed.addListener(change -> {
            anchorNanos = 0;
            hush();
        });
        playing.addListener(change -> {
            rolling = playing.get();
            anchorNanos = 0;
            hush();
        });
    }

    /**
     * Lets somebody turn the film aside while it plays, as a loop does.
     *
     * @param turn given the instant now reached, gives the one to go on from; the same for most
     */
    public void turnAside(LongUnaryOperator turn) {
        passing = turn;
    }

    private void hush() {
        if (sounding) {
            sound.ifPresent(Sound::stop);
            sounding = false;
        }
    }

    /** Shows another film from its start, or none. The one before is closed. */
    public void show(Optional<Film> next) {
        Optional<Film> before = film;
        hush();
        sound.ifPresent(Sound::close);
        sound = Optional.empty();
        before.ifPresent(old -> filmThread.execute(old::close));
        generation++;
        preparing = false;
        film = next;
        decoding = false;
        // Whoever wanted to play before the film was there sees it begin.
        playing.set(before.isEmpty() && next.isPresent() && playing.get());
        trouble.set("");
        frame.set(Optional.empty());
        last.set(next.map(Film::lastMicros).orElse(0L));
        next.ifPresent(this::openSound);
        seek(0);
    }

    private void openSound(Film next) {
        long asked = generation;
        filmThread.execute(() -> {
            Optional<Sound> found = next.sound();
            screen.execute(() -> {
                if (asked == generation) {
                    sound = found;
                } else {
                    found.ifPresent(Sound::close);
                }
            });
        });
    }

    public boolean hasFilm() {
        return film.isPresent();
    }

    /** Goes to that instant of the film; one outside it gives the nearest end. */
    public void seek(long micros) {
        hush();
        time.set(Math.max(0, Math.min(last.get(), micros)));
        anchorMicros = time.get();
        anchorNanos = 0;
        wish(time.get());
    }

    /** Pauses, and shows the next or the previous frame. */
    public void step(int direction) {
        playing.set(false);
        film.ifPresent(shown -> ask(() -> neighbour(shown, direction), this::seek));
    }

    /** Asks for the time of the frame after, or before, the one shown at that instant. */
    public void neighbour(long micros, int direction, LongConsumer answer) {
        film.ifPresent(shown -> ask(() -> direction > 0 ? shown.after(micros) : shown.before(micros), answer));
    }

    /** Asks how far the frame now shown lies from the next. */
    public void frameSpacing(LongConsumer answer) {
        long now = time.get();
        film.ifPresent(shown -> ask(
                () -> {
                    long here = shown.before(shown.after(now));
                    return Math.max(shown.after(now) - here, here - shown.before(here));
                },
                answer));
    }

    private long neighbour(Film shown, int direction) {
        LongUnaryOperator next = direction > 0 ? shown::after : shown::before;
        return next.applyAsLong(time.get());
    }

    private void ask(LongSupplier question, LongConsumer answer) {
        long asked = generation;
        filmThread.execute(() -> {
            try {
                long found = question.getAsLong();
                screen.execute(() -> {
                    if (asked == generation) {
                        answer.accept(found);
                    }
                });
            } catch (RuntimeException | Error e) {
                screen.execute(() -> {
                    if (asked == generation) {
                        trouble.set(words(e));
                    }
                });
            }
        });
    }

    /** Moves the clock on; called at every pulse of the screen while playing. */
    public void pulse(long nanos) {
        if (!playing.get() || film.isEmpty()) {
            return;
        }
        if (anchorNanos == 0) {
            anchorMicros = time.get();
            anchorNanos = nanos;
        }
        long now = anchorMicros + Math.round((nanos - anchorNanos) / 1000.0 * speed.get());
        long aside = passing.applyAsLong(now);
        if (aside != now) {
            seek(aside);
            return;
        }
        if (!sounding && speed.get() == 1) {
            // Heard at its own speed only: slowed down it tells nothing, and sped up it disturbs.
            sounding = true;
            sound.ifPresent(heard -> heard.play(now));
        }
        time.set(Math.min(last.get(), now));
        wish(time.get());
        if (now >= last.get()) {
            playing.set(false);
        }
    }

    private void wish(long micros) {
        wanted = micros;
        if (!decoding && film.isPresent()) {
            decode(film.get());
        }
    }

    private void decode(Film shown) {
        decoding = true;
        long at = wanted;
        long asked = generation;
        filmThread.execute(() -> {
            try {
                Optional<Frame> found = shown.at(at, waiting(asked, at));
                screen.execute(() -> arrived(asked, at, found, ""));
            } catch (RuntimeException | Error e) {
                // Whatever a decoder throws: a film that waits for its picture for ever would be frozen for good.
                Log.problem(Happening.NO_PICTURE, e, at);
                screen.execute(() -> arrived(asked, at, Optional.empty(), words(e)));
            }
        });
    }

    /**
     * Who moves through a film sees a picture near each instant at once, and the exact one where he stays. A film that plays is not
     * interrupted: it would never come to a picture.
     */
    private Film.Waiting waiting(long asked, long at) {
        return new Film.Waiting() {
            @Override
            public boolean isStillWanted() {
                return rolling || wanted == at;
            }

            @Override
            public void seeMeanwhile(Frame near) {
                screen.execute(() -> {
                    if (asked == generation && !playing.get()) {
                        frame.set(Optional.of(near));
                    }
                });
            }
        };
    }

    /** {@return what is wrong, and what to do} Of what is no sentence of ours only that the picture is not there. */
    private static String words(Throwable problem) {
        return problem instanceof FilmException
                ? problem.getMessage()
                : "This picture cannot be read: the film is damaged here, or of a kind that is not read well. Go on a little; if it stays so, convert the film to MP4 (H.264).";
    }

    private void arrived(long asked, long at, Optional<Frame> found, String problem) {
        if (asked != generation) {
            return;
        }
        decoding = false;
        trouble.set(problem);
        found.ifPresent(shown -> frame.set(found));
        // What was given up on the way may be wanted again by now.
        boolean isGivenUp = found.isEmpty() && problem.isEmpty();
        if (wanted != at || isGivenUp) {
            decode(film.orElseThrow());
        } else if (!playing.get()) {
            prepare(film.orElseThrow());
        }
    }

    /** Little by little, so that a wish never waits for it. */
    private void prepare(Film shown) {
        if (preparing) {
            return;
        }
        preparing = true;
        long asked = generation;
        long at = time.get();
        filmThread.execute(() -> {
            boolean more = isMoreToPrepare(shown, at);
            screen.execute(() -> {
                if (asked == generation) {
                    preparing = false;
                    if (more && !decoding && !playing.get()) {
                        prepare(shown);
                    }
                }
            });
        });
    }

    private static boolean isMoreToPrepare(Film shown, long at) {
        try {
            return shown.prepare(at);
        } catch (RuntimeException e) {
            // Nobody asked for these frames yet; when somebody does, what is wrong is told then.
            return false;
        }
    }

    public ReadOnlyLongProperty timeProperty() {
        return time.getReadOnlyProperty();
    }

    public ReadOnlyLongProperty lastProperty() {
        return last.getReadOnlyProperty();
    }

    public ReadOnlyObjectProperty<Optional<Frame>> frameProperty() {
        return frame.getReadOnlyProperty();
    }

    /** {@return why there is no picture, in words; empty if there is one} */
    public ReadOnlyStringProperty troubleProperty() {
        return trouble.getReadOnlyProperty();
    }

    public BooleanProperty playingProperty() {
        return playing;
    }

    /** {@return how fast, in [0.1, 4]} */
    public DoubleProperty speedProperty() {
        return speed;
    }

    @Override
    public void close() {
        hush();
        sound.ifPresent(Sound::close);
        generation++;
        film.ifPresent(shown -> filmThread.execute(shown::close));
        film = Optional.empty();
    }
}
