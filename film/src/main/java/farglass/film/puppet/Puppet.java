package farglass.film.puppet;

import farglass.core.side.Part;

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

    /** Upper arm, then forearm, in metres. */
    private static final double ARM = 0.31;

    private static final double FOREARM = 0.30;

    /** {@return the puppet with that hand there, or as near as its arm reaches, the elbow bent the way it was} */
    Puppet reaching(int hand, double toX, double toY) {
        int elbow = hand == NEAR_HAND ? NEAR_ELBOW : FAR_ELBOW;
        double dx = toX - x(CHEST);
        double dy = toY - y(CHEST);
        double far = Math.max(0.05, Math.hypot(dx, dy));
        double reach = Math.min(far, ARM + FOREARM - 0.01);
        double ux = dx / far;
        double uy = dy / far;
        double along = (ARM * ARM - FOREARM * FOREARM + reach * reach) / (2 * reach);
        double out = Math.sqrt(Math.max(0, ARM * ARM - along * along));
        // Elbows hang: of the two ways to bend, the lower one.
        double side = ux >= 0 ? -1 : 1;
        double[] moved = joints.clone();
        moved[2 * elbow] = x(CHEST) + ux * along - uy * out * side;
        moved[2 * elbow + 1] = y(CHEST) + uy * along + ux * out * side;
        moved[2 * hand] = x(CHEST) + ux * reach;
        moved[2 * hand + 1] = y(CHEST) + uy * reach;
        return new Puppet(moved);
    }

    /** {@return by how much a hand of this puppet falls short of that place, in metres; 0 where it reaches} */
    double shortfall(double toX, double toY) {
        return Math.max(0, Math.hypot(toX - x(CHEST), toY - y(CHEST)) - ARM - FOREARM + 0.01);
    }

    /** {@return the puppet bent towards a place by so many metres: head, chest and arms move, hip and legs stay} */
    Puppet leaning(double toX, double toY, double by) {
        double far = Math.max(0.05, Math.hypot(toX - x(CHEST), toY - y(CHEST)));
        double[] moved = joints.clone();
        for (int joint : new int[] {HEAD, CHEST, NEAR_ELBOW, NEAR_HAND, FAR_ELBOW, FAR_HAND}) {
            moved[2 * joint] += by * (toX - x(CHEST)) / far;
            moved[2 * joint + 1] += by * (toY - y(CHEST)) / far;
        }
        return new Puppet(moved);
    }

    /** {@return where on the body that part is: x, then y} @param near whether it is on the side of the camera */
    double[] at(Part.Kind part, boolean near) {
        return switch (part) {
            case HEAD, TOP_OF_HEAD, TEMPLE, JAW, CHIN -> between(HEAD, HEAD, 0);
            case NECK, COLLAR -> between(CHEST, HEAD, 0.35);
            case CHEST, STERNUM, SHOULDER, ARMPIT, LAPEL -> between(CHEST, HIP, 0.12);
            case BODY, BACK -> between(CHEST, HIP, 0.5);
            case BELLY, WAIST, BELT, HIP, SIDE_OF_HIP, SEAT, TAIL -> between(CHEST, HIP, 0.85);
            case ARM, BICEPS, TRICEPS, ELBOW, ELBOW_CROOK ->
                between(near ? NEAR_ELBOW : FAR_ELBOW, near ? NEAR_ELBOW : FAR_ELBOW, 0);
            case FOREARM -> between(near ? NEAR_ELBOW : FAR_ELBOW, near ? NEAR_HAND : FAR_HAND, 0.5);
            case HAND, WRIST, SLEEVE, FINGERS, THUMB ->
                between(near ? NEAR_ELBOW : FAR_ELBOW, near ? NEAR_HAND : FAR_HAND, 0.85);
            case LEG, KNEE, KNEE_PIT, THIGH, HAMSTRING, TROUSERS -> between(HIP, near ? NEAR_KNEE : FAR_KNEE, 0.9);
            case SHIN, CALF -> between(near ? NEAR_KNEE : FAR_KNEE, near ? NEAR_FOOT : FAR_FOOT, 0.5);
            case ANKLE, FOOT, HEEL, HOOK, INSTEP, SOLE, TOES ->
                between(near ? NEAR_KNEE : FAR_KNEE, near ? NEAR_FOOT : FAR_FOOT, 0.9);
        };
    }

    private double[] between(int from, int to, double share) {
        return new double[] {x(from) + share * (x(to) - x(from)), y(from) + share * (y(to) - y(from))};
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
