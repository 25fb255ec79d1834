package farglass.core.fact;

import java.util.List;
import java.util.Locale;

/** The facts of the body that are counted, with the words each may take. */
public enum BodyFact {
    HIPS("toward", "away", "pinned", "free", "square", "angled"),
    HEAD("inside", "outside"),
    /** Space between chest and back. */
    GAP("none", "hand", "forearm", "wide"),
    LIES("flat", "left", "right"),
    HOOKS("none", "left", "right", "both", "triangle"),
    /** Where the lead foot stands to the other's lead foot. */
    FOOT("inside", "outside"),
    /** Which foot leads. */
    LEADS("left", "right", "square"),
    /** Where the one of whom it is told is tipped or driven, in her own directions. */
    TIPPED("left", "right", "forward", "back", "up"),
    /** Over which line of the guard the chest is. */
    CHEST("foot", "knee", "hip", "past"),
    /** To which side the spine is turned. */
    SPINE("straight", "left", "right"),
    BASE("wide", "narrow", "lost"),
    POSTURE("low", "upright", "bladed"),
    DISTANCE("far", "middle", "close"),
    PLACE("centre", "edge", "wall"),
    /** What the cloth does: any words. */
    KIT();

    private final List<String> words;

    BodyFact(String... words) {
        this.words = List.of(words);
    }

    public List<String> words() {
        return words;
    }

    public boolean takes(String value) {
        return words.isEmpty() ? !value.isBlank() : words.contains(value);
    }

    /** {@return where it belongs} How they stand to each other and which way one is tipped is told with the story. */
    Layer layer() {
        return switch (this) {
            case LEADS, FOOT, TIPPED, PLACE -> Layer.STORY;
            case HIPS, HEAD, GAP, LIES, HOOKS, CHEST, SPINE, BASE, POSTURE, DISTANCE, KIT -> Layer.GRIPS;
        };
    }

    String mirrored(String value) {
        return words.isEmpty() ? value : value.equals("left") ? "right" : value.equals("right") ? "left" : value;
    }

    /** {@return where the other one's lead foot then stands} @param foot {@code inside} or {@code outside} */
    public static String otherFoot(String foot) {
        return foot.equals("outside") ? "inside" : "outside";
    }

    /** {@return the word for it in files and on screen} */
    public String label() {
        return name().toLowerCase(Locale.ROOT);
    }
}
