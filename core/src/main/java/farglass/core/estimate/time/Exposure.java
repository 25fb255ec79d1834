package farglass.core.estimate.time;

import java.io.DataInput;
import java.io.DataOutput;
import java.io.IOException;
import java.util.List;

/**
 * One athlete's events and the time in which they could come, added up over bouts: all that estimates of a rate need to know.
 *
 * @param bouts in how many there was time
 * @param times raw count, as shown
 * @param minutes raw exposure, as shown
 * @param weighedTimes after the weights of bouts
 * @param weighedMinutes likewise
 * @param squares sum of the weighed squared minutes of each bout
 * @param found sum over bouts of (times - expected)² less what chance alone would make of it, round the athlete's own rate
 * @param room sum over bouts of the squared expected times, less what each had to say in that rate
 */
public record Exposure(
        int bouts,
        int times,
        double minutes,
        double weighedTimes,
        double weighedMinutes,
        double squares,
        double found,
        double room) {
    /** {@return these bouts added up} */
    public static Exposure of(List<BoutRate> each) {
        int bouts = 0;
        int times = 0;
        double minutes = 0;
        double weighedTimes = 0;
        double weighedMinutes = 0;
        double squares = 0;
        for (BoutRate bout : each) {
            bouts += bout.minutes() > 0 ? 1 : 0;
            times += bout.times();
            minutes += bout.minutes();
            weighedTimes += bout.weight() * bout.times();
            weighedMinutes += bout.weight() * bout.minutes();
            squares += bout.weight() * bout.minutes() * bout.minutes();
        }
        double rate = minutes == 0 ? 0 : times / minutes;
        double found = 0;
        double room = 0;
        for (BoutRate bout : each) {
            // Round its own mean a bout varies less: by what it had to say in that mean.
            double own = minutes == 0 ? 1 : 1 - bout.minutes() / minutes;
            double expected = rate * bout.minutes();
            found += Math.pow(bout.times() - expected, 2) - expected * own;
            room += expected * expected * own;
        }
        return new Exposure(bouts, times, minutes, weighedTimes, weighedMinutes, squares, found, room);
    }

    /** {@return bouts beyond the first, where anything was seen: what an athlete who never did says nothing of how bouts differ} */
    int spareBouts() {
        return times > 0 ? bouts - 1 : 0;
    }

    /** {@return what was written there} */
    public static Exposure read(DataInput in) throws IOException {
        return new Exposure(
                in.readInt(),
                in.readInt(),
                in.readDouble(),
                in.readDouble(),
                in.readDouble(),
                in.readDouble(),
                in.readDouble(),
                in.readDouble());
    }

    public void write(DataOutput out) throws IOException {
        out.writeInt(bouts);
        out.writeInt(times);
        for (double each : new double[] {minutes, weighedTimes, weighedMinutes, squares, found, room}) {
            out.writeDouble(each);
        }
    }
}
