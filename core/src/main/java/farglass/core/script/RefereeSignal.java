package farglass.core.script;

import farglass.core.side.Seat;
import java.util.Optional;

/**
 * What the referee shows at an instant.
 *
 * @param to whose kit the signal is for; empty for stop and start
 * @param signal short words: "2", "adv", "stop", "start"
 */
public record RefereeSignal(long atMicros, Optional<Seat> to, String signal) {}
