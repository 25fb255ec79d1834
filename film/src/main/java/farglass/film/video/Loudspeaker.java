package farglass.film.video;

import farglass.film.Sound;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicLong;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.SourceDataLine;

/** Plays a sound track on the machine's loudspeaker, on a thread of its own. A machine without one plays films in silence. */
final class Loudspeaker implements Sound {
    private static final AudioFormat FORMAT = new AudioFormat(SoundTrack.RATE, 16, SoundTrack.CHANNELS, true, false);

    private final SoundTrack track;
    private final ExecutorService thread = Executors.newSingleThreadExecutor(task -> {
        Thread made = new Thread(task, "sound");
        made.setDaemon(true);
        return made;
    });
    /** Raised by every start and stop: whoever plays for an older one ends. */
    private final AtomicLong turn = new AtomicLong();

    Loudspeaker(SoundTrack track) {
        this.track = track;
    }

    @Override
    public void play(long micros) {
        long mine = turn.incrementAndGet();
        thread.execute(() -> playUntilTurned(micros, mine));
    }

    private void playUntilTurned(long micros, long mine) {
        if (turn.get() != mine) {
            return;
        }
        try (SourceDataLine line = AudioSystem.getSourceDataLine(FORMAT)) {
            line.open(FORMAT, SoundTrack.RATE);
            line.start();
            track.seek(micros);
            byte[] samples = track.next();
            while (turn.get() == mine && samples.length > 0) {
                line.write(samples, 0, samples.length);
                samples = track.next();
            }
            line.flush();
        } catch (LineUnavailableException | IllegalArgumentException e) {
            // No loudspeaker, or it is taken by another program: the picture is what is studied, and it plays on.
            turn.compareAndSet(mine, mine + 1);
        }
    }

    @Override
    public void stop() {
        turn.incrementAndGet();
    }

    @Override
    public void close() {
        stop();
        thread.execute(track::close);
        thread.shutdown();
    }
}
