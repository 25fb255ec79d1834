package farglass.core.lexicon;

import farglass.core.Spelling;
import farglass.core.entry.Control;
import farglass.core.entry.Ends;
import farglass.core.entry.Facing;
import farglass.core.entry.Family;
import farglass.core.entry.Kind;
import farglass.core.entry.Meaning;
import farglass.core.entry.Names;
import farglass.core.entry.Position;
import farglass.core.entry.PositionBuilder;
import farglass.core.entry.Reach;
import farglass.core.entry.Role;
import farglass.core.entry.SideRule;
import farglass.core.entry.Start;
import farglass.core.entry.Target;
import farglass.core.entry.Technique;
import farglass.core.entry.TechniqueBuilder;
import farglass.core.entry.Worth;
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
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads a lexicon's text: stanzas, each an opening line and indented fields. The shipped text explains the format. */
final class LexiconReader {
    private static final Pattern OPENING = Pattern.compile(
            "(position|technique) ([a-z0-9-]{1,60}) \"([^\"]{1,80})\"|(group|names|starts) ([a-z0-9-]{1,60})");

    private static final Pattern BLANKS = Pattern.compile(" +");

    private final BufferedReader reader;
    private final Map<String, Set<String>> groups;
    private final Function<String, Optional<Technique>> known;
    /** In that place the two may lie in any way. */
    static final String ANY_WAY = "any";

    private final List<Position> positions = new ArrayList<>();
    private final Map<String, Technique> techniques = new LinkedHashMap<>();
    private final List<Runnable> variants = new ArrayList<>();
    private final Map<String, Names> moreNames = new LinkedHashMap<>();
    private final Map<String, List<Start>> moreStarts = new LinkedHashMap<>();
    private final Map<String, List<String>> fields = new HashMap<>();
    /** Many start in the same places: each text of them is read once. */
    private final Map<String, Set<String>> places = new HashMap<>();

    private Optional<Matcher> opening = Optional.empty();
    private int lineNumber;
    private int openedAt;

    LexiconReader(Reader reader) {
        this(reader, Map.of(), key -> Optional.empty());
    }

    /**
     * @param groups the groups of positions that the text may use besides its own
     * @param known the techniques of which it may tell variants besides its own
     */
    LexiconReader(Reader reader, Map<String, Set<String>> groups, Function<String, Optional<Technique>> known) {
        this.reader = new BufferedReader(reader);
        this.groups = new HashMap<>(groups);
        this.known = known;
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
                throw wrong("position KEY \"Label\", technique KEY \"Label\", names KEY, or starts KEY", line.strip());
            }
            opening = Optional.of(matcher);
            openedAt = lineNumber;
        }
        close();
        // A variant may stand before the technique it is one of.
        variants.forEach(Runnable::run);
        return new Entries(positions, List.copyOf(techniques.values()), moreNames, moreStarts);
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
            technique(head.group(2), head.group(3));
        } else if ("group".equals(head.group(4))) {
            groups.put(head.group(5), keys(one("is")));
            places.clear();
        } else if ("names".equals(head.group(4))) {
            moreNames.put(head.group(5), names());
        } else {
            moreStarts.put(head.group(5), starts());
        }
        if (!fields.isEmpty()) {
            throw wrong("only fields that such an entry has", String.join(", ", fields.keySet()));
        }
        opening = Optional.empty();
    }

    private Position position(String key, String label) {
        String[] worth = BLANKS.split(one("worth"));
        Family family = named(Family.class, one("family"));
        Optional<String> faces = optional("faces");
        try {
            return PositionBuilder.builder()
                    .key(key)
                    .label(label)
                    .family(family)
                    .control(named(Control.class, one("counts")))
                    .hasTop(yes(one("top")))
                    .worth(new Worth(Double.parseDouble(worth[0]), Double.parseDouble(worth[1])))
                    .says(one("says"))
                    .names(names())
                    .meaning(optional("means").map(word -> named(Meaning.class, word)))
                    .facing(
                            faces.isEmpty()
                                    ? Facing.usual(family)
                                    : faces.filter(word -> !word.equals(ANY_WAY))
                                            .map(word -> named(Facing.class, word)))
                    .create();
        } catch (IllegalArgumentException | IndexOutOfBoundsException e) {
            throw wrong("worth with two numbers from -1 to 1", String.join(" ", worth));
        }
    }

    private int often(String word) {
        if (!word.equals("1") && !word.equals("2")) {
            throw wrong("1 or 2 after \"often\"", word);
        }
        return Integer.parseInt(word);
    }

    private boolean yes(String word) {
        if (!word.equals("yes") && !word.equals("no")) {
            throw wrong("yes or no", word);
        }
        return word.equals("yes");
    }

    private void technique(String key, String label) {
        if (techniques.containsKey(key)) {
            throw wrong("every key once", key);
        }
        Optional<String> parent = optional("of");
        Map<String, List<String>> own = new HashMap<>(fields);
        fields.clear();
        int line = openedAt;
        if (parent.isEmpty()) {
            read(key, label, own, parent, Optional.empty());
            return;
        }
        // Its place among the others is kept, though it is made only once the technique it is one of is known.
        techniques.put(key, null);
        variants.add(() -> {
            openedAt = line;
            Technique base = Optional.ofNullable(techniques.get(parent.get()))
                    .or(() -> known.apply(parent.get()))
                    .orElseThrow(() -> wrong("the key of a technique after \"of\"", parent.get()));
            if (base.parent().isPresent()) {
                throw wrong("a technique that is no variant itself after \"of\"", parent.get());
            }
            read(key, label, own, parent, Optional.of(base));
        });
    }

    /** @param base the technique it is a variant of: what is not said is as with that one */
    private void read(
            String key,
            String label,
            Map<String, List<String>> own,
            Optional<String> parent,
            Optional<Technique> base) {
        fields.putAll(own);
        Kind kind = optional("kind")
                .map(word -> named(Kind.class, word))
                .or(() -> base.map(Technique::kind))
                .orElseThrow(() -> wrong("a field \"kind\" in this entry", "nothing"));
        List<Start> starts = starts();
        starts = starts.isEmpty() ? base.map(Technique::starts).orElse(starts) : starts;
        if (starts.isEmpty()) {
            throw wrong("a field \"from\" before this", label);
        }
        Optional<String[]> to = optional("to").map(this::pair);
        techniques.put(
                key,
                TechniqueBuilder.builder()
                        .key(key)
                        .label(label)
                        .kind(kind)
                        .ends(to.map(parts -> named(Ends.class, parts[1]))
                                .or(() -> base.map(Technique::ends))
                                .orElse(Ends.NOBODY))
                        .sideRule(optional("side")
                                .map(word -> named(SideRule.class, word))
                                .or(() -> base.map(Technique::sideRule))
                                .orElseThrow(() -> wrong("a field \"side\" in this entry", "nothing")))
                        .says(one("says"))
                        .names(names())
                        .generic(optional("generic").map(this::yes).orElse(false))
                        .cloth(optional("cloth")
                                .map(this::yes)
                                .or(() -> base.map(Technique::cloth))
                                .orElse(false))
                        .blows(optional("blows")
                                .map(this::yes)
                                .or(() -> base.map(Technique::blows))
                                .orElse(false))
                        .often(optional("often").map(this::often).orElse(0))
                        .starts(starts)
                        .to(to.map(parts -> List.copyOf(keys(parts[0])))
                                .or(() -> base.map(Technique::to))
                                .orElse(List.of()))
                        .reach(optional("reach")
                                .map(text -> Arrays.stream(BLANKS.split(text))
                                        .map(word -> named(Reach.class, word))
                                        .collect(Collectors.toSet()))
                                .or(() -> base.map(Technique::reach))
                                .orElse(Reach.usual(kind)))
                        .target(optional("at")
                                .map(word -> named(Target.class, word))
                                .or(() -> base.flatMap(Technique::target)))
                        .caution(optional("caution").or(() -> base.flatMap(Technique::caution)))
                        .parent(parent)
                        .meaning(optional("means")
                                .map(word -> named(Meaning.class, word))
                                .or(() -> base.flatMap(Technique::meaning)))
                        .create());
        if (!fields.isEmpty()) {
            throw wrong("only fields that such an entry has", String.join(", ", fields.keySet()));
        }
    }

    private List<Start> starts() {
        return all("from").stream()
                .map(text -> {
                    String[] parts = pair(text);
                    Set<String> from = places.computeIfAbsent(parts[0], written -> Set.copyOf(keys(written)));
                    return new Start(from, named(Role.class, parts[1]));
                })
                .toList();
    }

    private String[] pair(String text) {
        String[] parts = text.split(":");
        if (parts.length != 2) {
            throw wrong("positions, a colon and a role", text);
        }
        return new String[] {parts[0].strip(), parts[1].strip()};
    }

    private Set<String> keys(String text) {
        Set<String> keys = new LinkedHashSet<>();
        for (String word : text.split(" ")) {
            if (word.isEmpty()) {
                continue;
            }
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
        return new Names(words("also"), words("pt"), words("ja"), words("slang"), words("typos"), words("mangled"));
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
        return Spelling.find(type, word.strip())
                .orElseThrow(() ->
                        wrong("one of " + String.join(", ", Spelling.all(type).keySet()), word));
    }

    private LexiconException wrong(String expected, String found) {
        return new LexiconException("The lexicon, line %d: expected %s, but \"%s\" stands there."
                .formatted(
                        Math.max(openedAt, 1),
                        expected,
                        found.length() > 120 ? found.substring(0, 120).toLowerCase(Locale.ROOT) : found));
    }
}
