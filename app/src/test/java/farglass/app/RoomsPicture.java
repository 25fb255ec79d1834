package farglass.app;

import com.tngtech.archunit.core.domain.Dependency;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * Draws the packages of the program as rooms, module by module: a room stands above all that it knows, and an arrow leads to what it knows,
 * unless another arrow gets there by way of a room between. Arrows from one module into another are left out; modules stand in their order.
 */
final class RoomsPicture {
    /** From the top; each may know all below. */
    private static final List<String> MODULES = List.of("app", "desktop", "library", "film", "drawing", "core");

    private static final int WIDTH = 1240;
    private static final int ROOM_HEIGHT = 34;
    private static final int FLOOR = 78;
    private static final int GAP = 12;
    private static final double LETTER = 6.6;

    private final JavaClasses classes;
    private final StringBuilder svg = new StringBuilder();
    private int top = 64;

    private RoomsPicture(JavaClasses classes) {
        this.classes = classes;
    }

    /** {@return the picture as SVG, the same for the same code} */
    static String of(JavaClasses classes) {
        RoomsPicture picture = new RoomsPicture(classes.that(Written.BY_HAND));
        MODULES.forEach(picture::module);
        return """
                <svg xmlns="http://www.w3.org/2000/svg" width="%d" height="%d" font-family="sans-serif" font-size="12">
                <rect width="100%%" height="100%%" fill="#ffffff"/>
                <text x="16" y="26" font-size="17" fill="#222222">The rooms of Far Glass, drawn from the code</text>
                <text x="16" y="46" fill="#555555">A number tells how many files are in a room. An arrow leads to what a room knows; what it knows through a room between has none. A module knows those below it.</text>
                %s</svg>
                """
                .formatted(WIDTH, picture.top, picture.svg);
    }

    /** The questions of each chapter have a package of their own; here they are one room. */
    private static String room(JavaClass each) {
        return each.getPackageName()
                .replaceFirst("^farglass\\.", "")
                .replaceFirst("^core\\.catalogue\\..*", "core.catalogue");
    }

    private static boolean isIn(JavaClass each, String module) {
        return each.getPackageName().matches("farglass\\." + module + "(\\..*)?");
    }

    private void module(String module) {
        Map<String, Set<String>> files = new TreeMap<>();
        Map<String, Set<String>> knows = new TreeMap<>();
        for (JavaClass each : classes) {
            if (!isIn(each, module)) {
                continue;
            }
            String from = room(each);
            files.computeIfAbsent(from, any -> new TreeSet<>())
                    .add(each.getName().replaceFirst("\\$.*", ""));
            Set<String> to = knows.computeIfAbsent(from, any -> new TreeSet<>());
            for (Dependency known : each.getDirectDependenciesFromSelf()) {
                if (isIn(known.getTargetClass(), module)) {
                    to.add(room(known.getTargetClass()));
                }
            }
            to.remove(from);
        }
        Map<String, Integer> floors = new HashMap<>();
        knows.keySet().forEach(room -> floor(room, knows, floors));
        draw(module, files, straight(knows), floors);
    }

    private static int floor(String room, Map<String, Set<String>> knows, Map<String, Integer> floors) {
        if (!floors.containsKey(room)) {
            int floor = 0;
            for (String below : knows.get(room)) {
                floor = Math.max(floor, floor(below, knows, floors) + 1);
            }
            floors.put(room, floor);
        }
        return floors.get(room);
    }

    /** {@return only the arrows for which there is no way round by another room} */
    private static Map<String, Set<String>> straight(Map<String, Set<String>> knows) {
        Map<String, Set<String>> straight = new TreeMap<>();
        knows.forEach((from, all) -> straight.put(
                from,
                all.stream()
                        .filter(to -> all.stream().noneMatch(by -> !by.equals(to) && reaches(by, to, knows)))
                        .collect(Collectors.toCollection(TreeSet::new))));
        return straight;
    }

    private static boolean reaches(String from, String to, Map<String, Set<String>> knows) {
        return knows.get(from).contains(to) || knows.get(from).stream().anyMatch(by -> reaches(by, to, knows));
    }

    private void draw(
            String module,
            Map<String, Set<String>> files,
            Map<String, Set<String>> arrows,
            Map<String, Integer> floors) {
        int highest = floors.values().stream().mapToInt(Integer::intValue).max().orElse(0);
        int height = 28 + (highest + 1) * FLOOR - (FLOOR - ROOM_HEIGHT) + 12;
        svg.append("<rect x=\"8\" y=\"%d\" width=\"%d\" height=\"%d\" rx=\"8\" fill=\"#f4f2ee\"/>\n"
                .formatted(top, WIDTH - 16, height));
        svg.append("<text x=\"20\" y=\"%d\" font-weight=\"bold\" fill=\"#222222\">%s</text>\n"
                .formatted(top + 20, module));
        Map<String, Double> middles = new HashMap<>();
        StringBuilder rooms = new StringBuilder();
        for (int floor = 0; floor <= highest; floor++) {
            int y = top + 28 + (highest - floor) * FLOOR;
            for (Map.Entry<String, Double> placed :
                    row(floor, files, arrows, floors, middles).entrySet()) {
                String room = placed.getKey();
                double wide = width(room, module, files);
                middles.put(room, placed.getValue());
                rooms.append(
                        "<rect x=\"%.0f\" y=\"%d\" width=\"%.0f\" height=\"%d\" rx=\"5\" fill=\"#ffffff\" stroke=\"#8a8378\"/>\n"
                                .formatted(placed.getValue() - wide / 2, y, wide, ROOM_HEIGHT));
                rooms.append("<text x=\"%.0f\" y=\"%d\" text-anchor=\"middle\" fill=\"#222222\">%s</text>\n"
                        .formatted(placed.getValue(), y + 21, words(room, module, files)));
            }
        }
        arrows.forEach((from, all) -> all.forEach(to -> {
            int y1 = top + 28 + (highest - floors.get(from)) * FLOOR + ROOM_HEIGHT;
            int y2 = top + 28 + (highest - floors.get(to)) * FLOOR;
            double x1 = middles.get(from);
            double x2 = middles.get(to);
            svg.append(
                    "<path d=\"M%.0f %d C%.0f %d %.0f %d %.0f %d\" fill=\"none\" stroke=\"#a49c8f\"/><path d=\"M%.0f %d l-4 -7 l8 0 z\" fill=\"#a49c8f\"/>\n"
                            .formatted(x1, y1, x1, y1 + 26, x2, y2 - 30, x2, y2 - 6, x2, y2));
        }));
        svg.append(rooms);
        top += height + GAP;
    }

    /** {@return the middles of the rooms of a floor, each as near above what it knows as there is room} */
    private static Map<String, Double> row(
            int floor,
            Map<String, Set<String>> files,
            Map<String, Set<String>> arrows,
            Map<String, Integer> floors,
            Map<String, Double> middles) {
        Map<String, Double> wanted = new HashMap<>();
        List<String> rooms = new ArrayList<>();
        files.keySet().stream().filter(room -> floors.get(room) == floor).forEach(room -> {
            rooms.add(room);
            wanted.put(
                    room,
                    arrows.get(room).stream()
                            .mapToDouble(middles::get)
                            .average()
                            .orElse(WIDTH / 2.0));
        });
        rooms.sort(Comparator.comparingDouble((String room) -> wanted.get(room)).thenComparing(room -> room));
        String module = rooms.isEmpty() ? "" : rooms.get(0).replaceFirst("\\..*", "");
        double all = rooms.stream()
                        .mapToDouble(room -> width(room, module, files) + GAP)
                        .sum()
                - GAP;
        double space = rooms.isEmpty() ? 0 : Math.max(0, (WIDTH - 60 - all) / (rooms.size() + 1));
        Map<String, Double> placed = new LinkedHashMap<>();
        double left = 30 + space;
        for (String room : rooms) {
            double wide = width(room, module, files);
            placed.put(room, left + wide / 2);
            left += wide + GAP + space;
        }
        return placed;
    }

    private static double width(String room, String module, Map<String, Set<String>> files) {
        return 18 + LETTER * words(room, module, files).length();
    }

    private static String words(String room, String module, Map<String, Set<String>> files) {
        String name = room.equals(module) ? module + " itself" : room.substring(module.length() + 1);
        return name + "  " + files.get(room).size();
    }
}
