package farglass.film.video;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.LongStream;

/** How long seeks and steps take on film as it comes: 720p, 250 frames from keyframe to keyframe. Run it as {@code SeekRun SEEKS}. */
final class SeekRun {
    private static final int FRAMES = 3000;

    private SeekRun() {}

    public static void main(String[] arguments) throws Exception {
        int seeks = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 40;
        Path folder = Files.createTempDirectory("seek");
        for (String codec : new String[] {"libopenh264", "mpeg4"}) {
            int betweens = codec.equals("mpeg4") ? 2 : 0;
            Path clip = Clip.write(
                    folder.resolve(codec + ".mp4"),
                    codec,
                    1280,
                    720,
                    250,
                    betweens,
                    LongStream.range(0, FRAMES).map(i -> i * 40).toArray());
            long opening = System.nanoTime();
            try (VideoFile film = VideoFile.open(clip, share -> {}, () -> false)) {
                System.out.printf(
                        Locale.ROOT, "%s: opened and indexed in %.0f ms%n", codec, (System.nanoTime() - opening) / 1e6);
                measure(film, seeks);
            }
        }
    }

    private static void measure(VideoFile film, int seeks) {
        Random random = new Random(2);
        List<Double> cold = new ArrayList<>();
        List<Double> back = new ArrayList<>();
        List<Double> on = new ArrayList<>();
        List<Double> chunks = new ArrayList<>();
        for (int i = 0; i < seeks; i++) {
            long at = (30 + random.nextInt(FRAMES - 60)) * 40_000L;
            cold.add(timed(film, at));
            prepare(film, at, chunks);
            long now = at;
            for (int step = 0; step < 12; step++) {
                now = film.before(now);
                back.add(timed(film, now));
                prepare(film, now, chunks);
            }
            for (int step = 0; step < 24; step++) {
                now = film.after(now);
                on.add(timed(film, now));
            }
        }
        tell("cold seek", cold);
        tell("step back", back);
        tell("step on", on);
        tell("one turn of fetching ahead, which a wish may have to wait for", chunks);
    }

    private static void prepare(VideoFile film, long at, List<Double> chunks) {
        boolean more = true;
        while (more) {
            long begun = System.nanoTime();
            more = film.prepare(at);
            chunks.add((System.nanoTime() - begun) / 1e6);
        }
    }

    private static double timed(VideoFile film, long at) {
        long begun = System.nanoTime();
        film.at(at);
        return (System.nanoTime() - begun) / 1e6;
    }

    private static void tell(String what, List<Double> millis) {
        Collections.sort(millis);
        System.out.printf(
                Locale.ROOT,
                "  %s: median %.1f ms, 95th percentile %.1f ms, longest %.1f ms (%d)%n",
                what,
                millis.get(millis.size() / 2),
                millis.get(millis.size() * 95 / 100),
                millis.get(millis.size() - 1),
                millis.size());
    }
}
