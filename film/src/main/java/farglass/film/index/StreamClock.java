package farglass.film.index;

/**
 * The clock of a stream that may begin anew, or jump, in the middle of a file: where recordings were put one behind the other, or a
 * broadcast was interrupted. Its times are carried on, as if what comes had followed at once.
 */
public final class StreamClock {
    private final long back;
    private final long on;
    private long last;
    private long step;
    private long shift;
    private int jumps = -1;

    /** @param second how many of the stream's units a second has, above 0 */
    public StreamClock(long second) {
        // Pictures are stored in the order in which they are decoded: these times never run back, and seldom leave more
        // than a moment out.
        this.back = second / 2;
        this.on = 60 * second;
    }

    /**
     * {@return what is added to the times of that packet}
     *
     * @param decoded when it is decoded, by the clock of the stream
     */
    public long shift(long decoded) {
        long now = decoded + shift;
        if (jumps < 0) {
            jumps = 0;
        } else if (now < last - back || now > last + on) {
            jumps++;
            shift = last + step - decoded;
            now = last + step;
        } else if (now > last) {
            step = now - last;
        }
        last = now;
        return shift;
    }

    /** {@return how often it began anew} */
    public int jumps() {
        return Math.max(0, jumps);
    }
}
