package farglass.core.lexicon;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.Reader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads a lexicon's text: stanzas, each an opening line and indented fields. The shipped text explains the format. */
final class LexiconReader {
    private static final Pattern OPENING = Pattern.compile(
            "(position|technique) ([a-z0-9-]{1,60}) \"([^\"]{1,80})\"|(group|names) ([a-z0-9-]{1,60})|(ambiguous) ([^\"]{1,80})");

    private final BufferedReader reader;
    private final Map<String, Set<String>> groups;
    private final List<Position> positions = new ArrayList<>();
    private final List<Technique> techniques = new ArrayList<>();
    private final Map<String, Names> moreNames = new LinkedHashMap<>();
    private final List<Ambiguity> ambiguities = new ArrayList<>();
    private final Map<String, List<String>> fields = new HashMap<>();
    private Optional<Matcher> opening = Optional.empty();
    private int lineNumber;
    private int openedAt;

    LexiconReader(Reader reader) {
        this(reader, Map.of());
    }

    /** @param groups the groups of positions that the text may use besides its own */
    LexiconReader(Reader reader, Map<String, Set<String>> groups) {
        this.reader = new BufferedReader(reader);
        this.groups = new HashMap<>(groups);
    }

    Entries read() throws IOException {
        for (String line = reader.readLine(); line != null; line = reader.readLine()) {
            lineNumber++;
            if (line.isBlank() || line.startsWith("#")) {
                continue;
            }
            if (line.startsWith(" ")) {
                String[] field = line.strip().split(" ", 2);
                if (opening.isEmpty() || field.length < 2) {
                    throw wrong("a field with a value, inside an entry", line.strip());
                }
                fields.computeIfAbsent(field[0], any -> new ArrayList<>()).add(field[1].strip());
                continue;
            }
            close();
            Matcher matcher = OPENING.matcher(line.strip());
            if (!matcher.matches()) {
                throw wrong(
                        "position KEY \"Label\", technique KEY \"Label\", names KEY, or ambiguous WORD", line.strip());
            }
            opening = Optional.of(matcher);
            openedAt = lineNumber;
        }
        close();
        return new Entries(positions, techniques, moreNames, ambiguities);
    }

    /** {@return the groups of positions named so far} */
    Map<String, Set<String>> groups() {
        return groups;
    }

    private void close() {
        if (opening.isEmpty()) {
            return;
        }
        Matcher head = opening.get();
        if ("position".equals(head.group(1))) {
            positions.add(position(head.group(2), head.group(3)));
        } else if ("technique".equals(head.group(1))) {
            techniques.add(technique(head.group(2), head.group(3)));
        } else if ("group".equals(head.group(4))) {
            groups.put(head.group(5), keys(one("is")));
        } else if ("names".equals(head.group(4))) {
            moreNames.put(head.group(5), names());
        } else {
            ambiguities.add(new Ambiguity(
                    head.group(7).strip(), one("means"), List.of(one("or").split(" +"))));
        }
        if (!fields.isEmpty()) {
            throw wrong("only fields that such an entry has", String.join(", ", fields.keySet()));
        }
        opening = Optional.empty();
    }

    private Position position(String key, String label) {
        String[] worth = one("worth").split(" +");
        try {
            return new Position(
                    key,
                    label,
                    named(Family.class, one("family")),
                    named(Control.class, one("counts")),
                    yes(one("top")),
                    new Worth(Double.parseDouble(worth[0]), Double.parseDouble(worth[1])),
                    one("says"),
                    names());
        } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
            throw wrong("worth with two numbers from -1 to 1", String.join(" ", worth));
        }
    }

    private boolean yes(String word) {
        if (!word.equals("yes") && !word.equals("no")) {
            throw wrong("yes or no after \"top\"", word);
        }
        return word.equals("yes");
    }

    private Technique technique(String key, String label) {
        Kind kind = named(Kind.class, one("kind"));
        List<Start> starts = all("from").stream()
                .map(text -> {
                    String[] parts = pair(text);
                    return new Start(keys(parts[0]), named(Role.class, parts[1]));
                })
                .toList();
        if (starts.isEmpty()) {
            throw wrong("a field \"from\" before this", label);
        }
        Optional<String[]> to = optional("to").map(this::pair);
        return new Technique(
                key,
                label,
                kind,
                starts,
                to.map(parts -> List.copyOf(keys(parts[0]))).orElse(List.of()),
                to.map(parts -> named(Ends.class, parts[1])).orElse(Ends.NOBODY),
                named(SideRule.class, one("side")),
                optional("reach")
                        .map(text -> Arrays.stream(text.split(" +"))
                                .map(word -> named(Reach.class, word))
                                .collect(Collectors.toSet()))
                        .orElse(Reach.usual(kind)),
                one("says"),
                names(),
                optional("caution"));
    }

    private String[] pair(String text) {
        String[] parts = text.split(" *: *");
        if (parts.length != 2) {
            throw wrong("positions, a colon and a role", text);
        }
        return parts;
    }

    private Set<String> keys(String text) {
        Set<String> keys = new LinkedHashSet<>();
        for (String word : text.strip().split(" +")) {
            if (!word.startsWith("@")) {
                keys.add(word);
            } else if (groups.containsKey(word.substring(1))) {
                keys.addAll(groups.get(word.substring(1)));
            } else {
                throw wrong("the name of a group that stands before", word);
            }
        }
        return keys;
    }

    private Names names() {
        return new Names(words("also"), words("pt"), words("ja"), words("slang"), words("typos"));
    }

    private List<String> words(String field) {
        return all(field).stream()
                .flatMap(text -> Arrays.stream(text.split(",")))
                .map(String::strip)
                .filter(word -> !word.isEmpty())
                .toList();
    }

    private List<String> all(String name) {
        return Optional.ofNullable(fields.remove(name)).orElse(List.of());
    }

    private Optional<String> optional(String name) {
        List<String> found = all(name);
        if (found.size() > 1) {
            throw wrong("the field \"" + name + "\" only once", found.get(1));
        }
        return found.stream().findFirst();
    }

    private String one(String name) {
        return optional(name).orElseThrow(() -> wrong("a field \"" + name + "\" in this entry", "nothing"));
    }

    private <E extends Enum<E>> E named(Class<E> type, String word) {
        return Arrays.stream(type.getEnumConstants())
                .filter(value -> LexiconPrinter.spelled(value).equals(word.strip()))
                .findFirst()
                .orElseThrow(() -> wrong(
                        "one of "
                                + Arrays.stream(type.getEnumConstants())
                                        .map(LexiconPrinter::spelled)
                                        .collect(Collectors.joining(", ")),
                        word));
    }

    private LexiconException wrong(String expected, String found) {
        return new LexiconException("The lexicon, line %d: expected %s, but \"%s\" stands there."
                .formatted(
                        Math.max(openedAt, 1),
                        expected,
                        found.length() > 120 ? found.substring(0, 120).toLowerCase(Locale.ROOT) : found));
    }
}
