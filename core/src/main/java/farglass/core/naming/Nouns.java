package farglass.core.naming;

import farglass.core.entry.Kind;
import farglass.core.entry.Position;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** The nouns people add or leave out: every guard with and without "guard", every choke with and without "choke". */
public final class Nouns {
    /** What is left once the noun is gone must still name something: these tell of a moment instead. */
    private static final Set<String> NO_NAMES = Set.of(
            "a",
            "b",
            "top",
            "bottom",
            "left",
            "right",
            "near",
            "far",
            "knee",
            "foot",
            "hip",
            "past",
            "no",
            "side",
            "back",
            "arm",
            "leg",
            "head",
            "neck",
            "body",
            "front",
            "inside",
            "outside",
            "high",
            "low",
            "over",
            "under",
            "hand",
            "straight",
            "the");

    private Nouns() {}

    private static List<String> of(Term term) {
        return term.match(Nouns::ofPosition, Nouns::ofTechnique);
    }

    private static List<String> ofPosition(Position position) {
        return switch (position.family()) {
            case GUARD, HALF -> List.of("guard", "position");
            case NONE -> List.of();
            default -> List.of("position");
        };
    }

    private static List<String> ofTechnique(Technique technique) {
        return switch (technique.kind()) {
            case PASS -> List.of("pass");
            case SWEEP -> List.of("sweep");
            case SUBMISSION -> List.of("choke", "lock");
            case GRIP -> List.of("grip", "control");
            case TAKEDOWN -> List.of("takedown", "throw");
            case ESCAPE -> List.of("escape");
            case PLACEMENT -> List.of("hook");
            case PULL -> List.of("pull");
            default -> List.of();
        };
    }

    /** The last words of Japanese names, which people leave away where the rest is clear: "ouchi", "deashi", "okuri eri". */
    private static final Set<String> JAPANESE =
            Set.of("gari", "gake", "jime", "gatame", "nage", "goshi", "otoshi", "guruma", "barai");

    private static final Set<String> NO_SHORT_NAMES = Set.of("kata", "koshi", "hiza", "hara", "mae hadaka", "kesa");

    /** {@return a Japanese name without its last word, where that is how people say it} */
    static Optional<String> shortOf(String name) {
        int last = name.lastIndexOf(' ');
        return Optional.of(name)
                .filter(any -> last > 3 && JAPANESE.contains(name.substring(last + 1)))
                .map(any -> name.substring(0, last))
                .filter(rest -> !NO_SHORT_NAMES.contains(rest));
    }

    private static List<String> portuguese(Term term) {
        return term.isOf(Kind.PASS) ? List.of("passagem") : term.isOf(Kind.SWEEP) ? List.of("raspagem") : List.of();
    }

    /** {@return the forms of a plain Portuguese or international name with the noun that stands before it there: "raspagem de tesoura"} */
    static List<String> before(Term term, String name) {
        List<String> forms = new ArrayList<>();
        for (String noun : portuguese(term)) {
            if (name.startsWith(noun)) {
                String without = name.replaceFirst("^" + noun + " (d[aeo]s? )?", "");
                if (!without.equals(name) && !NO_NAMES.contains(without)) {
                    forms.add(without);
                }
            } else {
                forms.add(noun + " " + name);
                forms.add(noun + " de " + name);
            }
        }
        return forms;
    }

    /** {@return whether that form is what everybody says for short: a guard without its noun, as in "spider" or "x"} */
    static boolean isPlainForm(Term term, String name, String form) {
        return name.equals(form + " guard")
                && term.asPosition()
                        .filter(position -> position.family().isGuard())
                        .isPresent();
    }

    private static final Pattern VERB_ALONE =
            Pattern.compile("takes?|gets?|wins?|sets?|makes?|holds?|\\S+ (?:an?|the|her|his)");

    /** {@return the other forms of a plain name that the term's nouns give it} */
    public static List<String> besides(Term term, String name) {
        List<String> forms = new ArrayList<>();
        List<String> nouns = of(term);
        boolean has = nouns.stream().anyMatch(noun -> name.endsWith(" " + noun));
        for (String noun : nouns) {
            if (name.endsWith(" " + noun)) {
                String without = name.substring(0, name.length() - noun.length() - 1);
                // Of "takes a grip" no name is left without the grip.
                if (!NO_NAMES.contains(without) && !VERB_ALONE.matcher(without).matches()) {
                    forms.add(without);
                }
            } else if (!has && !name.equals(noun)) {
                forms.add(name + " " + noun);
            }
        }
        return forms;
    }
}
