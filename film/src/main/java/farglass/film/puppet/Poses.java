package farglass.film.puppet;

import farglass.core.script.Pose;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** The written poses of both puppets. */
final class Poses {
    /** @param one on top, attacking, or left in neutral poses */
    record Pair(Puppet one, Puppet two) {
        Pair mirrored() {
            return new Pair(one.mirrored(), two.mirrored());
        }
    }

    private static final class Shipped {
        static final Map<Pose, Pair> POSES = read();
    }

    private Poses() {}

    static Pair of(Pose pose) {
        return Shipped.POSES.get(pose);
    }

    private static Map<Pose, Pair> read() {
        Map<Pose, Pair> poses = new EnumMap<>(Pose.class);
        Pose pose = null;
        Puppet one = null;
        for (String line : text().lines().toList()) {
            if (line.startsWith("pose ")) {
                pose = Pose.valueOf(line.substring(5));
            } else if (line.startsWith("one ")) {
                one = puppet(line);
            } else if (line.startsWith("two ")) {
                poses.put(pose, new Pair(one, puppet(line)));
            }
        }
        return poses;
    }

    private static Puppet puppet(String line) {
        List<Double> numbers = new ArrayList<>();
        for (String joint : line.substring(4).trim().split(" +")) {
            for (String number : joint.split(",")) {
                numbers.add(Double.valueOf(number));
            }
        }
        return new Puppet(numbers.stream().mapToDouble(Double::doubleValue).toArray());
    }

    private static String text() {
        try (InputStream in = Poses.class.getResourceAsStream("poses.txt")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException("The program's own poses cannot be read", e);
        }
    }
}
