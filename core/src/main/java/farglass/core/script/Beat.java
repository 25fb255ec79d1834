package farglass.core.script;

import farglass.core.side.Seat;
import java.util.Optional;

/**
 * From this instant on the two move into a pose, and stay in it until the next beat.
 *
 * @param atMicros on the bout's own clock; before 0 while the film runs and the bout has not begun
 * @param top who is on top, attacks, or has the back; nobody in standing poses
 * @param mirrored whether the pose is seen from its other side
 */
public record Beat(long atMicros, Pose pose, Optional<Seat> top, boolean mirrored) {}
