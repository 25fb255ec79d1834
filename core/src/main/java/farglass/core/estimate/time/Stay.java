package farglass.core.estimate.time;

/**
 * One stay, from its beginning to where it ended or was lost from sight.
 *
 * @param seconds how long it was seen to last; 0 or more, finite
 * @param ended whether its end was seen
 * @param bout which bout it belongs to: whole bouts are resampled
 */
public record Stay(double seconds, boolean ended, String bout) {
    public Stay {
        if (!(seconds >= 0) || Double.isInfinite(seconds)) {
            throw new IllegalArgumentException("A stay lasts 0 seconds or more, but this one " + seconds);
        }
    }
}
