package farglass.core.simulate;

import farglass.core.Spelling;
import farglass.core.bout.Motive;
import farglass.core.bout.Telling;
import farglass.core.bout.Uniform;
import farglass.core.entry.Technique;
import farglass.core.fact.Fact;
import farglass.core.fact.Grip;
import farglass.core.fact.GripBuilder;
import farglass.core.fact.Span;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.random.RandomGenerator;

/** What goes with what: hands, limbs, reasons, conditions and errors of a moment beside what was done, as {@code details.txt} says it. */
final class Particulars {
    /**
     * What some moments tell.
     *
     * @param works empty for both
     * @param uniform empty for both
     * @param share of such moments, in [0, 1]
     * @param facts of which A is whoever acts, and left is the side that is told
     * @param seconds how long it lasts; empty for most
     */
    private record Line(
            Optional<Boolean> works,
            Optional<Uniform> uniform,
            double share,
            List<Fact> facts,
            Optional<Motive> motive,
            OptionalLong seconds) {}

    /** Grips hold for so many seconds at least, and for so many more at most. */
    private static final int HOLDS = 4;

    private static final int HOLDS_MORE = 36;

    /** By technique, and by "=kind". */
    private static final Map<String, List<Line>> LINES = read();

    private final Uniform uniform;

    Particulars(Uniform uniform) {
        this.uniform = uniform;
    }

    private static Map<String, List<Line>> read() {
        Lexicon lexicon = Lexicon.shipped();
        Map<String, List<Line>> lines = new HashMap<>();
        try (BufferedReader in = new BufferedReader(
                new InputStreamReader(Particulars.class.getResourceAsStream("details.txt"), StandardCharsets.UTF_8))) {
            in.lines().filter(line -> !line.isBlank() && !line.startsWith("#")).forEach(line -> lines.computeIfAbsent(
                            line.split(" ", 2)[0], any -> new ArrayList<>())
                    .add(line(line, lexicon)));
        } catch (IOException e) {
            throw new UncheckedIOException("The program's own details cannot be read", e);
        }
        return lines;
    }

    private static Line line(String line, Lexicon lexicon) {
        String[] parts = line.split(" : ", 2);
        String[] when = parts[0].strip().split(" +");
        Optional<Boolean> works = Optional.empty();
        Optional<Uniform> only = Optional.empty();
        for (String word : Arrays.copyOfRange(when, 1, when.length - 1)) {
            switch (word) {
                case "works" -> works = Optional.of(true);
                case "fails" -> works = Optional.of(false);
                case "gi" -> only = Optional.of(Uniform.GI);
                case "no-gi" -> only = Optional.of(Uniform.NO_GI);
                default -> throw new IllegalStateException("The program's own details: " + line);
            }
        }
        if (!when[0].startsWith("=") && lexicon.technique(when[0]).isEmpty()) {
            throw new IllegalStateException("The program's own details tell of no technique of the lexicon: " + line);
        }
        List<Fact> facts = new ArrayList<>();
        Optional<Motive> motive = Optional.empty();
        OptionalLong seconds = OptionalLong.empty();
        for (String field : parts[1].split("; ")) {
            if (field.startsWith("motive ")) {
                motive = Optional.of(
                        Motive.valueOf(field.substring("motive ".length()).toUpperCase(Locale.ROOT)));
            } else if (field.startsWith("until +")) {
                seconds = OptionalLong.of(Long.parseLong(field.substring("until +".length())));
            } else {
                facts.add(BoutFile.fact(field, lexicon)
                        .orElseThrow(() -> new IllegalStateException("The program's own details: " + line)));
            }
        }
        return new Line(works, only, Double.parseDouble(when[when.length - 1]), facts, motive, seconds);
    }

    /**
     * {@return the telling of a moment with what goes with it}
     *
     * @param at on the bout's timeline, in microseconds
     */
    Telling of(Seat actor, Technique technique, boolean works, Telling telling, long at, RandomGenerator random) {
        boolean mirrored = telling.side()
                .map(OwnedSide::side)
                .map(side -> side == Side.RIGHT)
                .orElse(random.nextBoolean());
        Telling told = telling;
        for (Line line : fitting(technique, works)) {
            if (random.nextDouble() >= line.share) {
                continue;
            }
            for (Fact fact : line.facts) {
                Fact whose = actor == Seat.A ? fact : fact.exchanged();
                Fact sided = mirrored ? whose.mirrored() : whose;
                told = told.and(sided instanceof Grip grip ? held(grip, at, random) : sided);
            }
            if (line.motive.isPresent()) {
                told = told.withMotive(line.motive.get());
            }
            if (line.seconds.isPresent()) {
                told = told.and(new Span.Until(frame(at + line.seconds.getAsLong() * Mat.SECOND)));
            }
        }
        return told;
    }

    private List<Line> fitting(Technique technique, boolean works) {
        List<Line> all = new ArrayList<>(LINES.getOrDefault(technique.key(), List.of()));
        all.addAll(LINES.getOrDefault("=" + Spelling.of(technique.kind()), List.of()));
        all.removeIf(line -> line.works.filter(wanted -> wanted != works).isPresent()
                || line.uniform.filter(wanted -> wanted != uniform).isPresent());
        return all;
    }

    /** A person reads the end off a frame. */
    private static long frame(long micros) {
        return micros / Coder.FRAME_MICROS * Coder.FRAME_MICROS;
    }

    /** Most grips are seen to end. */
    private static Grip held(Grip grip, long at, RandomGenerator random) {
        if (random.nextDouble() >= Assumptions.shipped().of("hand-told")) {
            return grip;
        }
        long until = frame(at + (HOLDS + random.nextInt(HOLDS_MORE)) * Mat.SECOND);
        return GripBuilder.builder(grip)
                .untilMicros(OptionalLong.of(until))
                .ended(random.nextDouble() < 0.6 ? Grip.End.BROKEN : Grip.End.RELEASED)
                .swappedFor(Optional.empty())
                .why(Optional.empty())
                .ideal(Optional.empty())
                .create();
    }
}
