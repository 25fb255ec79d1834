package farglass.film;

/**
 * One jointed figure: eleven joints, in metres, x to the right, y up from the mat.
 *
 * @param joints x and y in turn, in the order of {@code poses.txt}
 */
record Puppet(double[] joints) {
    static final int HEAD = 0;
    static final int CHEST = 1;
    static final int HIP = 2;
    static final int NEAR_ELBOW = 3;
    static final int NEAR_HAND = 4;
    static final int FAR_ELBOW = 5;
    static final int FAR_HAND = 6;
    static final int NEAR_KNEE = 7;
    static final int NEAR_FOOT = 8;
    static final int FAR_KNEE = 9;
    static final int FAR_FOOT = 10;
    static final int COUNT = 11;

    Puppet {
        if (joints.length != 2 * COUNT) {
            throw new IllegalArgumentException(
                    "A puppet has %d joints but got %d numbers".formatted(COUNT, joints.length));
        }
    }

    double x(int joint) {
        return joints[2 * joint];
    }

    double y(int joint) {
        return joints[2 * joint + 1];
    }

    /** {@return the puppet seen from across the mat: what was near is far} */
    Puppet fromBehind() {
        double[] seen = joints.clone();
        int[][] pairs = {{NEAR_ELBOW, FAR_ELBOW}, {NEAR_HAND, FAR_HAND}, {NEAR_KNEE, FAR_KNEE}, {NEAR_FOOT, FAR_FOOT}};
        for (int[] pair : pairs) {
            for (int axis = 0; axis < 2; axis++) {
                seen[2 * pair[0] + axis] = joints[2 * pair[1] + axis];
                seen[2 * pair[1] + axis] = joints[2 * pair[0] + axis];
            }
        }
        return new Puppet(seen).mirrored();
    }

    Puppet mirrored() {
        double[] turned = joints.clone();
        for (int i = 0; i < turned.length; i += 2) {
            turned[i] = -turned[i];
        }
        return new Puppet(turned);
    }

    /** {@return the puppet on its way to another; at 0 this one, at 1 the other} */
    Puppet towards(Puppet other, double share) {
        double[] between = new double[joints.length];
        for (int i = 0; i < between.length; i++) {
            between[i] = joints[i] + share * (other.joints[i] - joints[i]);
        }
        return new Puppet(between);
    }

    /** {@return the puppet alive: every joint sways a little, always the same at the same instant} */
    Puppet swaying(double seconds, double phase) {
        double[] moved = joints.clone();
        for (int i = 0; i < moved.length; i++) {
            double size = i < 6 ? 0.012 : 0.02;
            moved[i] += size * Math.sin(seconds * (1.1 + 0.23 * (i % 5)) + phase + i);
        }
        return new Puppet(moved);
    }
}
