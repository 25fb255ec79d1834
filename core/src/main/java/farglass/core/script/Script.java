package farglass.core.script;

import java.util.List;

/**
 * A bout acted out.
 *
 * @param leadMicros how long the film runs before the bout begins, 0 or more
 * @param lengthMicros when the film ends, on the bout's own clock
 * @param beats in order of time, at least one
 * @param calls in order of time
 * @param grips in order of their start
 * @param fromBehind whether it is seen by the second camera, which stands across the mat
 */
public record Script(
        String kitA,
        String kitB,
        long leadMicros,
        long lengthMicros,
        List<Beat> beats,
        List<RefereeSignal> calls,
        List<HandGrip> grips,
        boolean fromBehind) {
    public Script {
        beats = List.copyOf(beats);
        calls = List.copyOf(calls);
        grips = List.copyOf(grips);
        if (beats.isEmpty() || leadMicros < 0 || lengthMicros <= 0) {
            throw new IllegalArgumentException(
                    "A script needs a beat, a lead of 0 or more and a length above 0 but got " + beats.size()
                            + " beats, " + leadMicros + " us, " + lengthMicros + " us");
        }
    }

    /** {@return the same seen by the second camera} */
    public Script acrossTheMat() {
        return new Script(kitA, kitB, leadMicros, lengthMicros, beats, calls, grips, true);
    }
}
