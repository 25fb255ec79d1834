package farglass.desktop.lexicon;

import farglass.core.Spelling;
import farglass.core.entry.Names;
import farglass.core.entry.Position;
import farglass.core.entry.Reach;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Words;
import farglass.core.prose.HowMany;
import farglass.core.side.Stage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** What is known of an entry, in lines of words. */
public final class TermFacts {
    private TermFacts() {}

    /** {@return the entry's facts as lines of words: what it is, from where, to where, whose side, other words} */
    static List<Fact> of(Term term, Lexicon lexicon, int count) {
        List<Fact> facts = new ArrayList<>();
        term.asTechnique().ifPresent(technique -> of(technique, lexicon, facts));
        term.asPosition().ifPresent(position -> of(position, facts));
        Names names = term.names();
        words(facts, "Also", names.english());
        words(facts, "Portuguese", names.portuguese());
        words(facts, "Japanese", names.japanese());
        words(facts, "In the gym", names.slang());
        words(facts, "Misspelt", names.misspelt());
        words(facts, "Often mangled", names.mangled());
        facts.add(new Fact("In this library", HowMany.of(count, "moment")));
        return facts;
    }

    private static void of(Technique technique, Lexicon lexicon, List<Fact> facts) {
        facts.add(new Fact(
                "Kind",
                technique.kind().label()
                        + (technique.generic() ? "; counted by its kind, credited to no technique" : "")));
        technique.parent().ifPresent(parent -> facts.add(new Fact("A variant of", lexicon.label(parent))));
        List<String> variants =
                lexicon.variants(technique.key()).stream().map(Technique::key).toList();
        if (!variants.isEmpty()) {
            facts.add(new Fact("Variants", labels(lexicon, variants)));
        }
        technique
                .starts()
                .forEach(start -> facts.add(new Fact(
                        switch (start.role()) {
                            case TOP -> "From on top in";
                            case BOTTOM -> "From underneath in";
                            case NEUTRAL -> "From";
                            case ANY -> "From either role in";
                        },
                        String.join(", ", lexicon.inWords(start.positions())))));
        if (!technique.to().isEmpty()) {
            facts.add(new Fact(
                    "To",
                    labels(lexicon, technique.to())
                            + switch (technique.ends()) {
                                case ACTOR -> ", on top";
                                case RECEIVER -> ", underneath";
                                case NOBODY -> "";
                            }));
        }
        facts.add(new Fact(
                "A bare side",
                switch (technique.sideRule()) {
                    case NONE -> "means nothing here";
                    case OWN_ARM -> "is the actor\u2019s own arm";
                    case OWN_LEG -> "is the actor\u2019s own leg";
                    case THEIR_ARM -> "is the other\u2019s arm";
                    case THEIR_LEG -> "is the other\u2019s leg";
                    case TRAVEL -> "is the way the actor goes, to the own left or right";
                    case TURN -> "is the way the actor turns, to the own left or right";
                }));
        if (!technique.reach().isEmpty()) {
            facts.add(new Fact(
                    "How deep",
                    technique.reach().stream().sorted().map(TermFacts::depth).collect(Collectors.joining("; "))));
        }
        technique.target().ifPresent(target -> facts.add(new Fact("At", Spelling.of(target))));
        technique.caution().ifPresent(caution -> facts.add(new Fact("Caution", caution)));
    }

    private static void of(Position position, List<Fact> facts) {
        facts.add(new Fact(
                "Position",
                "%s; a ruleset sees %s"
                        .formatted(
                                position.hasTop() ? "somebody is on top" : "nobody is on top",
                                Spelling.of(position.control()).replace('-', ' '))));
    }

    private static String depth(Reach reach) {
        if (reach == Reach.LINES) {
            return "foot, knee, hip line, past";
        }
        return Arrays.stream(Stage.values())
                .filter(stage -> stage.isOn(Stage.Ladder.valueOf(reach.name())))
                .map(stage -> stage.label().replace('-', ' '))
                .collect(Collectors.joining(", "));
    }

    /** One line of what is known of an entry. */
    public record Fact(String title, String words) {}

    private static void words(List<Fact> facts, String title, List<String> words) {
        if (!words.isEmpty()) {
            facts.add(new Fact(title, String.join(", ", words)));
        }
    }

    private static String labels(Lexicon lexicon, List<String> keys) {
        return String.join(
                ", ",
                keys.stream().map(key -> Words.inSentence(lexicon.label(key))).toList());
    }
}
