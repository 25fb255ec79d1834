package farglass.core.lexicon;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads the lexicon's text: stanzas of "position KEY "Label"" or "technique KEY "Label"" with indented fields. */
final class LexiconReader {
    private static final Pattern OPENING = Pattern.compile("(position|technique) ([a-z0-9-]+) \"([^\"]+)\"");

    private final BufferedReader reader;
    private final List<Position> positions = new ArrayList<>();
    private final List<Technique> techniques = new ArrayList<>();
    private int lineNumber;

    LexiconReader(Reader reader) {
        this.reader = new BufferedReader(reader);
    }

    Lexicon read() throws IOException {
        Matcher opening = null;
        Map<String, String> fields = new HashMap<>();
        for (String line = reader.readLine(); line != null; line = reader.readLine()) {
            lineNumber++;
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            if (line.startsWith(" ")) {
                String[] field = line.strip().split(" ", 2);
                if (opening == null || field.length < 2) {
                    throw wrong("a field with a value, inside a position or technique");
                }
                fields.put(field[0], field[1]);
                continue;
            }
            close(opening, fields);
            fields.clear();
            opening = OPENING.matcher(line);
            if (!opening.matches()) {
                throw wrong("position KEY \"Label\" or technique KEY \"Label\"");
            }
        }
        close(opening, fields);
        return new Lexicon(positions, techniques);
    }

    private void close(Matcher opening, Map<String, String> fields) {
        if (opening == null) {
            return;
        }
        List<String> aliases =
                fields.containsKey("also") ? List.of(fields.get("also").split(", ")) : List.of();
        if (opening.group(1).equals("position")) {
            String[] worth = field(fields, "worth").split(" ");
            positions.add(new Position(
                    opening.group(2),
                    opening.group(3),
                    named(Family.class, field(fields, "family")),
                    field(fields, "top").equals("yes"),
                    new Worth(Double.parseDouble(worth[0]), Double.parseDouble(worth[1])),
                    aliases));
            return;
        }
        String[] from = field(fields, "from").split(" : ");
        Optional<String[]> to = Optional.ofNullable(fields.get("to")).map(text -> text.split(" : "));
        techniques.add(new Technique(
                opening.group(2),
                opening.group(3),
                named(Kind.class, field(fields, "kind")),
                Set.copyOf(Arrays.asList(from[0].split(" "))),
                named(Role.class, from[1]),
                to.map(parts -> parts[0]),
                to.map(parts -> named(Ends.class, parts[1])).orElse(Ends.NOBODY),
                named(SideRule.class, field(fields, "side")),
                aliases,
                Optional.ofNullable(fields.get("caution"))));
    }

    private String field(Map<String, String> fields, String name) {
        return Optional.ofNullable(fields.get(name)).orElseThrow(() -> wrong("a field \"" + name + "\" before this"));
    }

    private <E extends Enum<E>> E named(Class<E> type, String word) {
        try {
            return Enum.valueOf(type, word.toUpperCase(Locale.ROOT).replace('-', '_'));
        } catch (IllegalArgumentException e) {
            throw wrong("one of " + Arrays.toString(type.getEnumConstants()) + " and not \"" + word + "\"");
        }
    }

    private LexiconException wrong(String expected) {
        return new LexiconException("The lexicon needs, near line %d, %s.".formatted(lineNumber, expected));
    }
}
