package farglass.app.text;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import farglass.app.home.LexiconAtHand;
import farglass.core.Spelling;
import farglass.core.entry.Names;
import farglass.core.entry.Position;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.lexicon.Lexicon;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

@Command(
        name = "lexicon",
        mixinStandardHelpOptions = true,
        description = "Says what a word means here. Leaves with 1 if it is unknown, and names the nearest.")
public final class LexiconCommand implements Callable<Integer> {
    @Parameters(arity = "1..*", paramLabel = "WORD", description = "a word, or several that make one")
    private List<String> words;

    @Option(names = "--library", paramLabel = "L", description = "with this library's own words")
    private Path library;

    @Option(names = "--json", description = "as JSON")
    private boolean json;

    @Override
    public Integer call() {
        Lexicon lexicon = LexiconAtHand.of(library);
        String word = String.join(" ", words);
        List<Term> meanings = lexicon.meanings(word);
        Optional<Term> nearest = meanings.isEmpty() ? lexicon.nearest(word) : Optional.empty();
        if (json) {
            ObjectNode told = JsonNodeFactory.instance.objectNode().put("word", word);
            ArrayNode found = told.putArray("meanings");
            meanings.forEach(term -> json(found.addObject(), term));
            nearest.ifPresent(term -> told.put("nearest", term.key()));
            System.out.println(told.toPrettyString());
        } else if (meanings.isEmpty()) {
            System.out.println("\"%s\" is not in the lexicon.%s"
                    .formatted(
                            word,
                            nearest.map(term -> " The nearest is \"%s\": %s".formatted(term.label(), term.says()))
                                    .orElse("")));
        } else {
            if (meanings.size() > 1) {
                System.out.println(
                        "\"%s\" stands for several things: the one is meant that can start where they are; where several can, it is asked."
                                .formatted(word));
            }
            meanings.forEach(term -> say(term, lexicon));
        }
        return meanings.isEmpty() ? 1 : 0;
    }

    private static void say(Term term, Lexicon lexicon) {
        System.out.println(term.label() + " (" + term.key() + "): " + term.says());
        term.asTechnique().ifPresent(technique -> say(technique, lexicon));
        term.asPosition().ifPresent(LexiconCommand::say);
        names("also", term.names().english());
        names("Portuguese", term.names().portuguese());
        names("Japanese", term.names().japanese());
        names("in the gym", term.names().slang());
        names("misspelt", term.names().misspelt());
        names("often mangled", term.names().mangled());
    }

    private static void say(Technique technique, Lexicon lexicon) {
        System.out.println("  kind: " + technique.kind().label()
                + (technique.generic() ? ", counted by its kind and credited to no technique" : ""));
        technique.parent().ifPresent(parent -> System.out.println("  a variant of: " + lexicon.label(parent)));
        List<Technique> variants = lexicon.variants(technique.key());
        if (!variants.isEmpty()) {
            System.out.println("  variants: "
                    + String.join(", ", variants.stream().map(Technique::label).toList()));
        }
        technique
                .starts()
                .forEach(start -> System.out.println("  from, " + Spelling.of(start.role()) + ": "
                        + String.join(", ", lexicon.inWords(start.positions()))));
        if (!technique.to().isEmpty()) {
            System.out.println("  to: "
                    + String.join(
                            ", ", technique.to().stream().map(lexicon::label).toList()) + "; on top then: "
                    + Spelling.of(technique.ends()));
        }
        System.out.println("  a bare side means: " + Spelling.of(technique.sideRule()));
        technique.caution().ifPresent(caution -> System.out.println("  caution: " + caution));
    }

    private static void say(Position position) {
        System.out.println("  position: " + Spelling.of(position.family()) + ", counts as "
                + Spelling.of(position.control()) + (position.hasTop() ? "" : ", nobody on top"));
    }

    private static void names(String title, List<String> names) {
        if (!names.isEmpty()) {
            System.out.println("  " + title + ": " + String.join(", ", names));
        }
    }

    private static void json(ObjectNode node, Term term) {
        node.put("key", term.key()).put("label", term.label()).put("says", term.says());
        term.asTechnique().ifPresent(technique -> json(node, technique));
        term.asPosition().ifPresent(position -> json(node, position));
        Names names = term.names();
        ObjectNode other = node.putObject("names");
        names.english().forEach(other.putArray("english")::add);
        names.portuguese().forEach(other.putArray("portuguese")::add);
        names.japanese().forEach(other.putArray("japanese")::add);
        names.slang().forEach(other.putArray("slang")::add);
        names.misspelt().forEach(other.putArray("misspelt")::add);
        names.mangled().forEach(other.putArray("mangled")::add);
    }

    private static void json(ObjectNode node, Technique technique) {
        node.put("is", "technique").put("kind", Spelling.of(technique.kind())).put("generic", technique.generic());
        technique.parent().ifPresent(parent -> node.put("variantOf", parent));
        ArrayNode from = node.putArray("from");
        technique.starts().forEach(start -> {
            ObjectNode each = from.addObject().put("role", Spelling.of(start.role()));
            start.positions().stream().sorted().forEach(each.putArray("positions")::add);
        });
        technique.to().forEach(node.putArray("to")::add);
        node.put("ends", Spelling.of(technique.ends()));
        node.put("side", Spelling.of(technique.sideRule()));
        technique.caution().ifPresent(caution -> node.put("caution", caution));
    }

    private static void json(ObjectNode node, Position position) {
        node.put("is", "position")
                .put("family", Spelling.of(position.family()))
                .put("counts", Spelling.of(position.control()))
                .put("hasTop", position.hasTop());
        position.facing().ifPresent(facing -> node.put("faces", Spelling.of(facing)));
    }
}
