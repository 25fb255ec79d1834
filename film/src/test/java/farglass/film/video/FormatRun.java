package farglass.film.video;

import farglass.film.Film;
import farglass.film.Frame;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * Tries films as people have them, each of which shows the number of every frame as {@link Clip} draws it: whether every step shows the
 * next number, whether a frame asked for anywhere is the one that a step shows there, how far apart the times of frames are, and how
 * long such a wish takes. Run it as {@code FormatRun FILE...}; how the files were made stands in {@code docs/films.md}.
 */
final class FormatRun {
    private static final int WISHES = 300;

    private FormatRun() {}

    public static void main(String[] files) {
        for (String file : files) {
            Path path = Path.of(file);
            try (VideoFile film = VideoFile.open(path, share -> {}, () -> false)) {
                System.out.println(path.getFileName() + ": " + tried(film));
            } catch (RuntimeException e) {
                System.out.println(path.getFileName() + ": " + e);
            }
        }
    }

    private static String tried(VideoFile film) {
        List<Long> times = new ArrayList<>();
        List<Integer> shown = new ArrayList<>();
        long at = 0;
        while (times.isEmpty() || at > times.get(times.size() - 1)) {
            times.add(at);
            Frame frame = film.at(at);
            shown.add(frame.atMicros() == at ? Clip.number(frame) : -1);
            at = film.after(at);
        }
        int notNext = 0;
        for (int i = 1; i < shown.size(); i++) {
            notNext += shown.get(i) == shown.get(i - 1) + 1 ? 0 : 1;
        }
        Random random = new Random(11);
        List<Double> millis = new ArrayList<>();
        List<Double> first = new ArrayList<>();
        int wrong = 0;
        for (int i = 0; i < WISHES; i++) {
            int number = random.nextInt(times.size());
            long begun = System.nanoTime();
            Seen seen = new Seen();
            Frame frame = film.at(times.get(number), seen).orElseThrow();
            double took = (System.nanoTime() - begun) / 1e6;
            millis.add(took);
            first.add(seen.nanos == 0 ? took : (seen.nanos - begun) / 1e6);
            wrong += frame.atMicros() == times.get(number) && Clip.number(frame) == shown.get(0) + number ? 0 : 1;
        }
        Collections.sort(millis);
        Collections.sort(first);
        return String.format(
                Locale.ROOT,
                "%d frames from number %d over %.3f s, %d steps wrong, %d of %d wishes wrong; median %.0f ms, 95th percentile %.0f ms, of the first picture near it %.0f ms",
                times.size(),
                shown.get(0),
                film.lastMicros() / 1e6,
                notNext,
                wrong,
                WISHES,
                millis.get(WISHES / 2),
                millis.get(WISHES * 95 / 100),
                first.get(WISHES * 95 / 100));
    }

    private static final class Seen implements Film.Waiting {
        private long nanos;

        @Override
        public boolean isStillWanted() {
            return true;
        }

        @Override
        public void seeMeanwhile(Frame frame) {
            nanos = nanos == 0 ? System.nanoTime() : nanos;
        }
    }
}
