package farglass.core.bout;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.TreeMap;

/**
 * What is known of a bout as a whole.
 *
 * @param ruleset name of the ruleset it was fought under, such as "points-with-advantages"
 * @param lengthMicros how long it was set to last
 * @param whole whether the footage is the whole match; highlights are not a sample
 * @param others header lines of a bout file that this version does not know, kept as they were
 */
public record Header(
        BoutKind kind,
        Optional<String> event,
        Optional<LocalDate> date,
        Optional<String> round,
        String ruleset,
        Uniform uniform,
        OptionalLong lengthMicros,
        Contestant a,
        Contestant b,
        Optional<Result> result,
        List<FilmLink> films,
        List<Covered> covered,
        boolean whole,
        Map<String, String> others) {
    public static final String DEFAULT_RULESET = "points-with-advantages";

    public Header {
        films = List.copyOf(films);
        covered = List.copyOf(covered);
        others = java.util.Collections.unmodifiableMap(new TreeMap<>(others));
    }

    /** {@return a header with nothing known but who met} */
    public static Header between(Contestant a, Contestant b) {
        return new Header(
                BoutKind.COMPETITION,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                DEFAULT_RULESET,
                Uniform.GI,
                OptionalLong.empty(),
                a,
                b,
                Optional.empty(),
                List.of(),
                List.of(),
                true,
                Map.of());
    }

    public Contestant contestant(Seat seat) {
        return seat == Seat.A ? a : b;
    }

    /** {@return the seat of the athlete of that name} */
    public Optional<Seat> seatOf(String name) {
        return a.name().equals(name)
                ? Optional.of(Seat.A)
                : b.name().equals(name) ? Optional.of(Seat.B) : Optional.empty();
    }

    public boolean covers(Layer layer, long micros) {
        return covered.stream().anyMatch(c -> c.layer() == layer && c.fromMicros() <= micros && micros <= c.toMicros());
    }

    public Header withResult(Result newResult) {
        return new Header(
                kind,
                event,
                date,
                round,
                ruleset,
                uniform,
                lengthMicros,
                a,
                b,
                Optional.of(newResult),
                films,
                covered,
                whole,
                others);
    }

    public Header withFilms(List<FilmLink> newFilms) {
        return new Header(
                kind,
                event,
                date,
                round,
                ruleset,
                uniform,
                lengthMicros,
                a,
                b,
                result,
                newFilms,
                covered,
                whole,
                others);
    }

    public Header withCovered(List<Covered> newCovered) {
        return new Header(
                kind,
                event,
                date,
                round,
                ruleset,
                uniform,
                lengthMicros,
                a,
                b,
                result,
                films,
                newCovered,
                whole,
                others);
    }
}
