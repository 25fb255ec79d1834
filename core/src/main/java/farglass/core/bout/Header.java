package farglass.core.bout;

import farglass.core.Built;
import farglass.core.fact.Layer;
import farglass.core.side.Seat;
import java.time.LocalDate;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeMap;

/**
 * What is known of a bout as a whole.
 *
 * @param ruleset name of the ruleset it was fought under, such as "points-with-advantages"
 * @param rulesetDate the day of the rules' version, where it matters
 * @param lengthMicros how long it was set to last
 * @param coders who told it; where there are several, a moment names its own
 * @param codingOf id of the bout of which this is a second coding; such a one is never counted beside the first
 * @param background what was known or said before it
 * @param notes free words on the bout
 * @param others header lines of a bout file that this version does not know, kept as they were
 */
@Built
public record Header(
        BoutKind kind,
        Optional<String> event,
        Optional<LocalDate> date,
        Optional<String> round,
        String ruleset,
        Optional<LocalDate> rulesetDate,
        Uniform uniform,
        OptionalLong lengthMicros,
        Contestant a,
        Contestant b,
        Optional<Result> result,
        Footage footage,
        List<String> coders,
        Optional<String> codingOf,
        Background background,
        List<String> notes,
        Map<String, String> others) {
    public static final String DEFAULT_RULESET = "points-with-advantages";

    private static final Set<String> WITHOUT_BLOWS =
            Set.of(DEFAULT_RULESET, "delayed-points", "submission-only", "training-round");

    public Header {
        if (lengthMicros.isPresent() && lengthMicros.getAsLong() < 0) {
            throw new IllegalArgumentException(
                    "A bout cannot be set to last " + Times.exact(lengthMicros.getAsLong()) + ".");
        }
        coders = List.copyOf(coders);
        notes = List.copyOf(notes);
        others = Collections.unmodifiableMap(new TreeMap<>(others));
    }

    /** {@return a header with nothing known but who met} */
    public static Header between(Contestant a, Contestant b) {
        return HeaderBuilder.builder()
                .kind(BoutKind.COMPETITION)
                .ruleset(DEFAULT_RULESET)
                .uniform(Uniform.GI)
                .lengthMicros(OptionalLong.empty())
                .a(a)
                .b(b)
                .footage(Footage.NONE)
                .background(Background.NONE)
                .create();
    }

    public List<FilmLink> films() {
        return footage.films();
    }

    public List<Covered> covered() {
        return footage.covered();
    }

    public Material material() {
        return footage.material();
    }

    /** {@return whether it is a match or round as it came, and no choice of clips and no demonstration} */
    public boolean whole() {
        return footage.material() == Material.BOUT;
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

    /** {@return whether another coding of the same bout stands before this one, which alone is counted} */
    public boolean isSecondCoding() {
        return codingOf.isPresent();
    }

    /** {@return whether the rules of that name know blows; of the user's own rules that is not known, and they may} */
    public static boolean knowsBlows(String ruleset) {
        return !WITHOUT_BLOWS.contains(ruleset);
    }

    public boolean knowsBlows() {
        return knowsBlows(ruleset);
    }

    public boolean covers(Layer layer, long micros) {
        return covers(layer, micros, micros);
    }

    /** {@return whether all of that stretch was looked at for a layer, in one viewing or several without a gap} */
    public boolean covers(Layer layer, long fromMicros, long toMicros) {
        long reached = fromMicros;
        boolean further = true;
        boolean reaches = false;
        while (further && !reaches) {
            further = false;
            for (Covered each : covered()) {
                if (each.layer() == layer && each.fromMicros() <= reached && reached <= each.toMicros()) {
                    reaches |= toMicros <= each.toMicros();
                    further |= reached < each.toMicros();
                    reached = each.toMicros();
                }
            }
        }
        return reaches;
    }

    public Header with(Footage newFootage) {
        return HeaderBuilder.builder(this).footage(newFootage).create();
    }

    public Header withResult(Result newResult) {
        return HeaderBuilder.builder(this).result(newResult).create();
    }

    public Header withFilms(List<FilmLink> newFilms) {
        return with(footage.withFilms(newFilms));
    }

    public Header withCovered(List<Covered> newCovered) {
        return with(footage.withCovered(newCovered));
    }

    /** {@return the header without what is private: the athletes' weight} */
    public Header forSharing() {
        return HeaderBuilder.builder(this).a(a.forSharing()).b(b.forSharing()).create();
    }

    /** {@return the header of a second coding of that bout, by somebody else} */
    public Header asCodingOf(String first, String coder) {
        return HeaderBuilder.builder(this)
                .coders(List.of(coder))
                .codingOf(first)
                .create();
    }

    /** {@return the same under another ruleset} */
    public Header under(String otherRuleset) {
        return HeaderBuilder.builder(this)
                .ruleset(otherRuleset)
                .rulesetDate(Optional.empty())
                .create();
    }
}
