package farglass.film.reel;

import static org.bytedeco.ffmpeg.global.avutil.AV_PIX_FMT_YUV420P;

import farglass.film.Film;
import farglass.film.FilmException;
import farglass.film.Frame;
import farglass.film.source.Films;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/**
 * Cuts stretches of films into one MP4, with a playlist of the originals and a captions file beside it. The pictures are those of the
 * films; the words of each clip stand below them, and again in the captions. A reel is silent.
 */
public final class Reel {
    private static final int WIDTH = 960;
    private static final int HEIGHT = 540;
    private static final long FRAME_MICROS = 40_000;

    /**
     * One stretch.
     *
     * @param path the film's file
     * @param fromMicros start, on the film's own clock
     * @param toMicros end, after the start
     * @param words what is to be seen in it
     */
    public record Clip(Path path, long fromMicros, long toMicros, String words) {
        public Clip {
            if (fromMicros < 0 || toMicros <= fromMicros) {
                throw new IllegalArgumentException(
                        "A clip needs 0 <= from < to but got " + fromMicros + " to " + toMicros);
            }
        }
    }

    private Reel() {}

    /**
     * Writes the reel, its playlist ({@code .m3u}) and its captions ({@code .srt}, {@code .vtt}); all of them or none.
     *
     * @param mp4 where; files of the same name with the other endings are written beside it
     * @param progress told the share done, in [0, 1]
     * @param cancelled asked at every picture; when it says so, nothing is left behind
     * @return how long the reel is, in microseconds
     * @throws FilmException if a film cannot be read, the reel cannot be written, or it was stopped
     */
    public static long write(Path mp4, List<Clip> clips, DoubleConsumer progress, BooleanSupplier cancelled) {
        if (clips.isEmpty()) {
            throw new FilmException("There is nothing to cut: choose moments that have a time and a film.");
        }
        long total = clips.stream()
                .mapToLong(clip -> clip.toMicros() - clip.fromMicros())
                .sum();
        clips.forEach(clip -> refuseInput(mp4, clip.path()));
        Path part = unfinished(mp4);
        List<Long> starts = new ArrayList<>();
        long written = 0;
        try {
            try (VideoWriter writer = new VideoWriter(
                    part, WIDTH, HEIGHT, new VideoWriter.Packing("libopenh264", AV_PIX_FMT_YUV420P, 50, 0, 0))) {
                Sheet sheet = new Sheet();
                for (Clip clip : clips) {
                    starts.add(written);
                    written = append(writer, sheet, clip, written, total, progress, cancelled);
                }
                writer.finish();
            }
            Files.writeString(sibling(mp4, ".m3u"), playlist(clips));
            Files.writeString(sibling(mp4, ".srt"), captions(clips, starts, false));
            Files.writeString(sibling(mp4, ".vtt"), captions(clips, starts, true));
            Files.move(part, mp4, StandardCopyOption.REPLACE_EXISTING);
            return written;
        } catch (IOException e) {
            throw new FilmException(
                    "%s could not be written. Check that there is room on the disk and that the folder may be written."
                            .formatted(mp4),
                    e);
        } finally {
            drop(part);
        }
    }

    /** Cut out of itself, a film would be gone. */
    private static void refuseInput(Path mp4, Path film) {
        try {
            if (Files.exists(mp4) && Files.exists(film) && Files.isSameFile(mp4, film)) {
                throw new FilmException(
                        "%s is one of the films this reel is cut from. Choose another name.".formatted(mp4));
            }
        } catch (IOException e) {
            throw new FilmException("%s cannot be looked at. Choose another name.".formatted(mp4), e);
        }
    }

    /** A name that nobody has; the container follows from the ending. */
    private static Path unfinished(Path mp4) {
        try {
            // No temporary file: that could be read by its owner alone.
            return Files.createFile(mp4.toAbsolutePath().resolveSibling(".unfinished-" + UUID.randomUUID() + ".mp4"));
        } catch (IOException e) {
            throw new FilmException(
                    "%s could not be written. Check that there is room on the disk and that the folder may be written."
                            .formatted(mp4),
                    e);
        }
    }

    /** {@return every file that a reel of that name writes: itself, a playlist and captions} */
    public static List<Path> all(Path mp4) {
        return List.of(mp4, sibling(mp4, ".m3u"), sibling(mp4, ".srt"), sibling(mp4, ".vtt"));
    }

    private static void drop(Path part) {
        try {
            Files.deleteIfExists(part);
        } catch (IOException e) {
            throw new FilmException("%s could not be removed. Remove it by hand.".formatted(part), e);
        }
    }

    private static long append(
            VideoWriter writer,
            Sheet sheet,
            Clip clip,
            long written,
            long total,
            DoubleConsumer progress,
            BooleanSupplier cancelled) {
        try (Film film = Films.open(clip.path(), share -> {}, cancelled)) {
            long at = written;
            for (long from = clip.fromMicros(); from < clip.toMicros(); from += FRAME_MICROS) {
                if (cancelled.getAsBoolean()) {
                    throw new FilmException("Cutting the reel was stopped; nothing was written.");
                }
                writer.add(sheet.of(film.at(from), clip.words()), at / 1000);
                at += FRAME_MICROS;
                progress.accept(Math.min(1, (double) at / total));
            }
            return at;
        }
    }

    private static Path sibling(Path mp4, String ending) {
        String name = mp4.getFileName().toString();
        int dot = name.lastIndexOf('.');
        return mp4.resolveSibling((dot < 0 ? name : name.substring(0, dot)) + ending);
    }

    private static String playlist(List<Clip> clips) {
        StringBuilder text = new StringBuilder("#EXTM3U\n");
        for (Clip clip : clips) {
            text.append("#EXTINF:%d,%s%n"
                    .formatted(Math.round((clip.toMicros() - clip.fromMicros()) / 1e6), plain(clip.words())));
            // Media fragments say from where to where, in seconds: https://www.w3.org/TR/media-frags/
            text.append("%s#t=%s,%s%n"
                    .formatted(clip.path().toUri(), seconds(clip.fromMicros()), seconds(clip.toMicros())));
        }
        return text.toString().replace("\r\n", "\n");
    }

    private static String seconds(long micros) {
        return String.format(Locale.ROOT, "%.3f", micros / 1e6);
    }

    private static String captions(List<Clip> clips, List<Long> starts, boolean web) {
        StringBuilder text = new StringBuilder(web ? "WEBVTT\n\n" : "");
        for (int i = 0; i < clips.size(); i++) {
            long end = starts.get(i) + clips.get(i).toMicros() - clips.get(i).fromMicros();
            text.append("%d%n%s --> %s%n%s%n%n"
                    .formatted(
                            i + 1,
                            time(starts.get(i), web),
                            time(end, web),
                            escaped(clips.get(i).words(), web)));
        }
        return text.toString().replace("\r\n", "\n");
    }

    private static String time(long micros, boolean web) {
        long millis = micros / 1000;
        return "%02d:%02d:%02d%s%03d"
                .formatted(
                        millis / 3_600_000, millis / 60_000 % 60, millis / 1000 % 60, web ? "." : ",", millis % 1000);
    }

    private static String plain(String words) {
        return words.replaceAll("\\s+", " ").strip();
    }

    /** An arrow or an empty line would end a caption. */
    private static String escaped(String words, boolean web) {
        String safe = plain(words).replace("-->", "\u2192");
        return web ? safe.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;") : safe;
    }

    /** Lays a picture into the reel's frame, with the words under it. */
    private static final class Sheet {
        private static final int FOOT = 40;

        private final BufferedImage page = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_ARGB_PRE);

        int[] of(Frame frame, String words) {
            BufferedImage picture = new BufferedImage(frame.width(), frame.height(), BufferedImage.TYPE_INT_ARGB_PRE);
            System.arraycopy(
                    frame.argb(),
                    0,
                    ((DataBufferInt) picture.getRaster().getDataBuffer()).getData(),
                    0,
                    frame.argb().length);
            Graphics2D pen = page.createGraphics();
            pen.setRenderingHint(RenderingHints.KEY_TEXT_ANTIALIASING, RenderingHints.VALUE_TEXT_ANTIALIAS_ON);
            pen.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            pen.setColor(new Color(0x14, 0x15, 0x16));
            pen.fillRect(0, 0, WIDTH, HEIGHT);
            int room = HEIGHT - FOOT;
            double scale = Math.min((double) WIDTH / frame.width(), (double) room / frame.height());
            int width = (int) Math.round(frame.width() * scale);
            int height = (int) Math.round(frame.height() * scale);
            pen.drawImage(picture, (WIDTH - width) / 2, (room - height) / 2, width, height, null);
            pen.setStroke(new BasicStroke(1));
            pen.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 20));
            pen.setColor(new Color(0xf1, 0xee, 0xe6));
            pen.drawString(fitting(pen, plain(words)), 16, HEIGHT - 13);
            pen.dispose();
            return ((DataBufferInt) page.getRaster().getDataBuffer()).getData();
        }

        private static String fitting(Graphics2D pen, String words) {
            String fitted = words;
            while (fitted.length() > 1 && pen.getFontMetrics().stringWidth(fitted) > WIDTH - 32) {
                fitted = fitted.substring(0, fitted.length() - 2).stripTrailing() + "\u2026";
            }
            return fitted;
        }
    }
}
