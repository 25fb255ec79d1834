package farglass.core.simulate;

import java.util.List;

/** Which techniques need a gi to hold on to. */
final class Cloth {
    private static final List<String> WORDS = List.of(
            "collar", "sleeve", "lapel", "belt", "pant", "lasso", "spider", "baseball", "bow-and-arrow", "loop-choke");

    private Cloth() {}

    static boolean isNeededFor(String technique) {
        return WORDS.stream().anyMatch(technique::contains) && !technique.startsWith("collar-tie");
    }
}
