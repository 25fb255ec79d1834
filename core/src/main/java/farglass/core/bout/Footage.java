package farglass.core.bout;

import farglass.core.Built;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * What there is to see of a bout, and what of it was looked at.
 *
 * @param segments stretches that are not live; the rest is
 * @param material whether it is a match as it came, or was chosen by somebody
 * @param opening how it stood, where the film begins in the middle
 * @param endsEarly whether the film ends before the match does
 */
@Built
public record Footage(
        List<FilmLink> films,
        List<Covered> covered,
        List<Segment> segments,
        Material material,
        Optional<MidBoutStart> opening,
        boolean endsEarly) {
    /** Nothing to see, or nothing known of it. */
    public static final Footage NONE =
            FootageBuilder.builder().material(Material.BOUT).endsEarly(false).create();

    public Footage {
        films = List.copyOf(films);
        covered = List.copyOf(covered);
        segments = List.copyOf(segments);
    }

    /** {@return whether that instant is live, and so may count} */
    public boolean isLive(long micros) {
        for (Segment segment : segments) {
            if (!segment.isLive() && segment.holds(micros)) {
                return false;
            }
        }
        return true;
    }

    /**
     * {@return the footage with a stretch of that kind from an instant on} It reaches to the next stretch, or to the end; a stretch
     * that was on there ends. Marking the same instant live again only ends it.
     *
     * @param endMicros where the film ends, on the bout's timeline
     */
    public Footage marked(Segment.Kind kind, long atMicros, long endMicros) {
        List<Segment> changed = new ArrayList<>();
        long next = Math.max(atMicros, endMicros);
        for (Segment segment : segments) {
            if (segment.fromMicros() < atMicros) {
                long to = Math.min(segment.toMicros(), atMicros);
                changed.add(new Segment(segment.kind(), segment.fromMicros(), to, segment.liveMicros()));
            } else if (segment.fromMicros() > atMicros) {
                changed.add(segment);
                next = Math.min(next, segment.fromMicros());
            }
        }
        if (kind != Segment.Kind.LIVE && next > atMicros) {
            changed.add(new Segment(kind, atMicros, next, OptionalLong.empty()));
        }
        changed.sort(Comparator.comparingLong(Segment::fromMicros));
        return withSegments(changed);
    }

    /** {@return the footage with the replay at an instant tied to the live instant it shows again} Unchanged where none is. */
    public Footage replaying(long atMicros, long liveMicros) {
        return withSegments(segments.stream()
                .map(segment -> segment.kind() == Segment.Kind.REPLAY && segment.holds(atMicros)
                        ? new Segment(
                                segment.kind(), segment.fromMicros(), segment.toMicros(), OptionalLong.of(liveMicros))
                        : segment)
                .toList());
    }

    /** {@return the stretch at that instant that is not live, if there is one} */
    public Optional<Segment> segmentAt(long micros) {
        return segments.stream().filter(segment -> segment.holds(micros)).findFirst();
    }

    private Footage withSegments(List<Segment> newSegments) {
        return FootageBuilder.builder(this).segments(newSegments).create();
    }

    /**
     * {@return the footage with one more covered stretch} Stretches of one layer that touch become one; it counts as declared only
     * where nobody played it through.
     */
    public Footage covering(Covered more) {
        if (more.toMicros() <= more.fromMicros()) {
            return this;
        }
        long from = more.fromMicros();
        long to = more.toMicros();
        List<Covered> left = new ArrayList<>();
        for (Covered old : covered) {
            boolean touches = old.layer() == more.layer()
                    && old.declared() == more.declared()
                    && old.fromMicros() <= to
                    && old.toMicros() >= from;
            if (touches) {
                from = Math.min(from, old.fromMicros());
                to = Math.max(to, old.toMicros());
            } else {
                left.add(old);
            }
        }
        left.add(new Covered(more.layer(), from, to, more.declared()));
        left.sort(Comparator.comparing(Covered::layer).thenComparingLong(Covered::fromMicros));
        return left.equals(covered) ? this : withCovered(left);
    }

    public Footage withFilms(List<FilmLink> newFilms) {
        return FootageBuilder.builder(this).films(newFilms).create();
    }

    public Footage withCovered(List<Covered> newCovered) {
        return FootageBuilder.builder(this).covered(newCovered).create();
    }

    public Footage with(Material newMaterial) {
        return FootageBuilder.builder(this).material(newMaterial).create();
    }
}
