package farglass.core.scribe;

import farglass.core.naming.Words;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Which limb holds what, as it is said in Portuguese, turned into the words by which it is read: "mão direita na gola". */
final class PortugueseParts {
    private static final Map<String, String> PARTS = Map.ofEntries(
            Map.entry("mao", "hand"),
            Map.entry("maos", "hands"),
            Map.entry("pe", "foot"),
            Map.entry("joelho", "knee"),
            Map.entry("canela", "shin"),
            Map.entry("calcanhar", "heel"),
            Map.entry("braco", "arm"),
            Map.entry("cotovelo", "elbow"),
            Map.entry("antebraco", "forearm"),
            Map.entry("ombro", "shoulder"),
            Map.entry("cabeca", "head"),
            Map.entry("pescoco", "neck"),
            Map.entry("peito", "chest"),
            Map.entry("barriga", "belly"),
            Map.entry("quadril", "hip"),
            Map.entry("perna", "leg"),
            Map.entry("coxa", "thigh"),
            Map.entry("tornozelo", "ankle"),
            Map.entry("pulso", "wrist"),
            Map.entry("punho", "wrist"),
            Map.entry("biceps", "biceps"),
            Map.entry("triceps", "triceps"),
            Map.entry("gola", "collar"),
            Map.entry("lapela", "lapel"),
            Map.entry("manga", "sleeve"),
            Map.entry("calca", "trousers"),
            Map.entry("faixa", "belt"),
            Map.entry("tatame", "mat"),
            Map.entry("chao", "mat"),
            Map.entry("parede", "wall"));

    private static final String PART = "(" + PARTS.keySet().stream().sorted().collect(Collectors.joining("|")) + ")";
    private static final String SIDED = PART + "(?: (direit|esquerd)[ao])?";
    /** A limb, and what it is on. */
    private static final Pattern ON =
            Pattern.compile("(duas |dois )?" + SIDED + " (?:na|no|nas|nos|em) " + SIDED + "(,? (?:fund[ao]|ras[ao]))?");

    private PortugueseParts() {}

    /** {@return the line in the words of the rules; as it is, where it says nothing so} */
    static String english(String line) {
        // Plain words lose their accents and nothing else; who acts stands in front of them as it was typed.
        Matcher on = ON.matcher(Words.plain(line));
        if (!on.find()) {
            return line;
        }
        String front = line.strip().split("\\s+")[0];
        String before = on.start() == 0 ? "" : front + " ";
        String read = (on.group(1) == null ? "" : "two ") + sided(on.group(2), on.group(3)) + " on the "
                + sided(on.group(4), on.group(5))
                + (on.group(6) == null ? "" : on.group(6).contains("fund") ? ", deep" : ", shallow");
        String after = Words.plain(line).substring(on.end());
        boolean whole = after.isBlank()
                && (on.start() == 0
                        || Words.plain(line).substring(0, on.start()).strip().equals(Words.plain(front)));
        return whole ? before + read : line;
    }

    private static String sided(String part, String side) {
        return (side == null ? "" : side.equals("direit") ? "right " : "left ") + PARTS.get(part);
    }
}
