package farglass.core.simulate;

import farglass.core.bout.Background;
import farglass.core.bout.BoutKind;
import farglass.core.bout.Contestant;
import farglass.core.bout.Footage;
import farglass.core.bout.Header;
import farglass.core.bout.Uniform;
import farglass.core.side.Level;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * Who meets whom, when, and under which rules.
 *
 * @param minutes how long it is set to last
 * @param start where it begins, for a round from a set position
 */
record Booking(
        GameSheet a,
        GameSheet b,
        BoutKind kind,
        String event,
        String round,
        LocalDate date,
        String ruleset,
        Uniform uniform,
        int minutes,
        Level level,
        Level levelOfB,
        Optional<Settled> start) {
    private static final long MINUTE = 60_000_000;
    private static final List<String> EVENTS = List.of(
            "Lantern Cup",
            "Breakwater Invitational",
            "Saltmarsh Open",
            "Harbour League",
            "Estuary Trials",
            "Pier Classic");
    private static final List<String> ROUNDS = List.of("first round", "semi-final", "final");

    static Booking gi(GameSheet a, GameSheet b, LocalDate date, Level level, int turn) {
        int minutes =
                switch (level) {
                    case WHITE -> 5;
                    case BLUE -> 6;
                    case PURPLE -> 7;
                    case BROWN -> 8;
                    case BLACK -> 10;
                };
        return new Booking(
                a,
                b,
                BoutKind.COMPETITION,
                event(date),
                ROUNDS.get(turn % 3),
                date,
                "points-with-advantages",
                Uniform.GI,
                minutes,
                level,
                level,
                Optional.empty());
    }

    static Booking noGi(GameSheet a, GameSheet b, LocalDate date, Level level, int turn) {
        return new Booking(
                a,
                b,
                BoutKind.COMPETITION,
                event(date) + ", no-gi",
                ROUNDS.get(turn % 3),
                date,
                "delayed-points",
                Uniform.NO_GI,
                10,
                level,
                level,
                Optional.empty());
    }

    private static String event(LocalDate date) {
        return EVENTS.get((date.getMonthValue() - 1) / 2);
    }

    private Level levelOf(GameSheet athlete) {
        return athlete == a ? level : levelOfB;
    }

    Header header(GameSheet first, GameSheet second, boolean firstOnLeft) {
        Side side = firstOnLeft ? Side.LEFT : Side.RIGHT;
        boolean gi = uniform == Uniform.GI;
        return new Header(
                kind,
                Optional.of(event),
                Optional.of(date),
                Optional.of(round),
                ruleset,
                Optional.empty(),
                uniform,
                OptionalLong.of(minutes * MINUTE),
                new Contestant(
                        first.name(),
                        Optional.of(gi ? "white gi" : "white rash guard"),
                        Optional.of(side),
                        Optional.of(levelOf(first))),
                new Contestant(
                        second.name(),
                        Optional.of(gi ? "blue gi" : "blue rash guard"),
                        Optional.of(side.mirrored()),
                        Optional.of(levelOf(second))),
                Optional.empty(),
                Footage.NONE,
                List.of(),
                Optional.empty(),
                Background.NONE,
                List.of(),
                Map.of());
    }
}
