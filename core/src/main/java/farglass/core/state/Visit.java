package farglass.core.state;

/**
 * One stay in a position, from one settled place to the next; stoppages inside it do not end it.
 *
 * @param fromMicros start on the bout's timeline
 * @param toMicros end on the bout's timeline
 * @param playedMicros time of it during which the match clock ran
 * @param openStart whether it was already on when coverage began, so that its true start is unknown
 * @param openEnd whether it was still on when the bout or the coverage ended
 * @param openedBy id of the moment that led here, empty at the start of the bout
 * @param endedBy id of the moment that led away, empty if it was still on
 */
public record Visit(
        Stand stand,
        long fromMicros,
        long toMicros,
        long playedMicros,
        boolean openStart,
        boolean openEnd,
        java.util.Optional<String> openedBy,
        java.util.Optional<String> endedBy) {
    public double playedSeconds() {
        return playedMicros / 1e6;
    }
}
