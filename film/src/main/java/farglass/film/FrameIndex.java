package farglass.film;

import java.util.Arrays;

/** The presentation times of all frames of a video, in order, and which of them can be decoded without others. */
final class FrameIndex {
    private final long[] pts;
    private final boolean[] keys;

    /**
     * @param pts in the stream's own time base, strictly increasing, at least one
     * @param keys whether each is a keyframe; the first is taken to be one
     */
    FrameIndex(long[] pts, boolean[] keys) {
        this.pts = pts;
        this.keys = keys;
    }

    int size() {
        return pts.length;
    }

    long pts(int frame) {
        return pts[frame];
    }

    /** {@return the last frame not after that time; the first if all are} */
    int frameAt(long time) {
        int found = Arrays.binarySearch(pts, time);
        return found >= 0 ? found : Math.max(0, -found - 2);
    }

    /** {@return the nearest keyframe at or before that frame} */
    int keyBefore(int frame) {
        int at = frame;
        while (at > 0 && !keys[at]) {
            at--;
        }
        return at;
    }
}
