package farglass.core.simulate;

import farglass.core.Built;
import farglass.core.bout.Background;
import farglass.core.bout.BoutKind;
import farglass.core.bout.ContestantBuilder;
import farglass.core.bout.Footage;
import farglass.core.bout.Header;
import farglass.core.bout.HeaderBuilder;
import farglass.core.bout.Uniform;
import farglass.core.side.Level;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.simulate.sheet.GameSheet;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * Who meets whom, when, and under which rules.
 *
 * @param minutes how long it is set to last
 * @param start where it begins, for a round from a set position
 */
@Built
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
        return BookingBuilder.builder()
                .a(a)
                .b(b)
                .kind(BoutKind.COMPETITION)
                .event(event(date))
                .round(ROUNDS.get(turn % 3))
                .date(date)
                .ruleset("points-with-advantages")
                .uniform(Uniform.GI)
                .minutes(minutes)
                .level(level)
                .levelOfB(level)
                .create();
    }

    static Booking noGi(GameSheet a, GameSheet b, LocalDate date, Level level, int turn) {
        return BookingBuilder.builder()
                .a(a)
                .b(b)
                .kind(BoutKind.COMPETITION)
                .event(event(date) + ", no-gi")
                .round(ROUNDS.get(turn % 3))
                .date(date)
                .ruleset("delayed-points")
                .uniform(Uniform.NO_GI)
                .minutes(10)
                .level(level)
                .levelOfB(level)
                .create();
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
        return HeaderBuilder.builder()
                .kind(kind)
                .ruleset(ruleset)
                .uniform(uniform)
                .lengthMicros(OptionalLong.of(minutes * MINUTE))
                .a(ContestantBuilder.builder()
                        .name(first.name())
                        .kit(gi ? "white gi" : "white rash guard")
                        .screenSide(side)
                        .level(levelOf(first))
                        .create())
                .b(ContestantBuilder.builder()
                        .name(second.name())
                        .kit(gi ? "blue gi" : "blue rash guard")
                        .screenSide(side.mirrored())
                        .level(levelOf(second))
                        .create())
                .footage(Footage.NONE)
                .background(Background.NONE)
                .event(event)
                .date(date)
                .round(round)
                .create();
    }
}
