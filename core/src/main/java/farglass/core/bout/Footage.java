package farglass.core.bout;

import java.util.List;
import java.util.Optional;

/**
 * What there is to see of a bout, and what of it was looked at.
 *
 * @param segments stretches that are not live; the rest is
 * @param whole whether the footage is the whole match; highlights are not a sample
 * @param opening how it stood, where the film begins in the middle
 * @param endsEarly whether the film ends before the match does
 */
public record Footage(
        List<FilmLink> films,
        List<Covered> covered,
        List<Segment> segments,
        boolean whole,
        Optional<Opening> opening,
        boolean endsEarly) {
    /** Nothing to see, or nothing known of it. */
    public static final Footage NONE = new Footage(List.of(), List.of(), List.of(), true, Optional.empty(), false);

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

    public Footage withFilms(List<FilmLink> newFilms) {
        return new Footage(newFilms, covered, segments, whole, opening, endsEarly);
    }

    public Footage withCovered(List<Covered> newCovered) {
        return new Footage(films, newCovered, segments, whole, opening, endsEarly);
    }

    public Footage withWhole(boolean newWhole) {
        return new Footage(films, covered, segments, newWhole, opening, endsEarly);
    }
}
