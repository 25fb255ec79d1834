package farglass.core.lexicon;

import farglass.core.Spelling;
import farglass.core.entry.Facing;
import farglass.core.entry.Kind;
import farglass.core.entry.Names;
import farglass.core.entry.Position;
import farglass.core.entry.Reach;
import farglass.core.entry.Start;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import java.util.List;
import java.util.stream.Collectors;

/** Writes an entry as the stanza that reads back as it. */
final class LexiconPrinter {
    private LexiconPrinter() {}

    static String stanza(Term term) {
        StringBuilder out = new StringBuilder(term.match(LexiconPrinter::position, LexiconPrinter::technique));
        term.meaning().ifPresent(meaning -> field(out, "means", Spelling.of(meaning)));
        field(out, "says", term.says());
        return out.append(names(term.names())).toString();
    }

    private static String position(Position position) {
        StringBuilder out = new StringBuilder();
        out.append("position %s \"%s\"\n".formatted(position.key(), position.label()));
        field(out, "family", Spelling.of(position.family()));
        field(out, "counts", Spelling.of(position.control()));
        field(out, "top", position.hasTop() ? "yes" : "no");
        if (!position.facing().equals(Facing.usual(position.family()))) {
            field(out, "faces", position.facing().map(Spelling::of).orElse(LexiconReader.ANY_WAY));
        }
        field(out, "worth", position.worth().points() + " " + position.worth().finish());
        return out.toString();
    }

    private static String technique(Technique technique) {
        StringBuilder out = new StringBuilder();
        out.append("technique %s \"%s\"\n".formatted(technique.key(), technique.label()));
        technique.parent().ifPresent(parent -> field(out, "of", parent));
        field(out, "kind", Spelling.of(technique.kind()));
        technique.starts().forEach(start -> field(out, "from", start(start)));
        if (!technique.to().isEmpty()) {
            field(out, "to", String.join(" ", technique.to()) + " : " + Spelling.of(technique.ends()));
        }
        field(out, "side", Spelling.of(technique.sideRule()));
        if (!technique.reach().equals(Reach.usual(technique.kind()))) {
            field(
                    out,
                    "reach",
                    technique.reach().stream().sorted().map(Spelling::of).collect(Collectors.joining(" ")));
        }
        technique.target().ifPresent(target -> field(out, "at", Spelling.of(target)));
        if (technique.generic()) {
            field(out, "generic", "yes");
        }
        if (technique.blows() && technique.kind() != Kind.STRIKE) {
            field(out, "blows", "yes");
        }
        if (technique.cloth()) {
            field(out, "cloth", "yes");
        }
        if (technique.often() > 0) {
            field(out, "often", Integer.toString(technique.often()));
        }
        technique.caution().ifPresent(caution -> field(out, "caution", caution));
        return out.toString();
    }

    static String start(Start start) {
        return start.positions().stream().sorted().collect(Collectors.joining(" ")) + " : " + Spelling.of(start.role());
    }

    static String names(Names names) {
        StringBuilder out = new StringBuilder();
        words(out, "also", names.english());
        words(out, "pt", names.portuguese());
        words(out, "ja", names.japanese());
        words(out, "slang", names.slang());
        words(out, "typos", names.misspelt());
        words(out, "mangled", names.mangled());
        return out.toString();
    }

    private static void words(StringBuilder out, String name, List<String> words) {
        if (!words.isEmpty()) {
            field(out, name, String.join(", ", words));
        }
    }

    private static void field(StringBuilder out, String name, String value) {
        out.append("  ").append(name).append(' ').append(value).append('\n');
    }
}
