package farglass.core.scribe;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Part;
import farglass.core.bout.Seat;
import farglass.core.bout.Times;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Technique;
import farglass.core.notation.BoutFile;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What is said of a moment beyond its name in plain words, turned into the fields of a bout file: "knee cut opens the back" becomes
 * {@code knee cut; opens B back}. It takes one phrase after another off the end of a line, each time the one that begins last, so that what
 * stands in front is left to be a name. Whose a part is follows from who acts.
 */
final class SaidFacts {
    /** More than these are no line of one moment. */
    private static final int MOST = 8;
    /** A pasted page tells no facts. */
    private static final int LONGEST = 300;

    private static final Map<String, Part.Kind> PARTS = parts();
    private static final String PART = PARTS.keySet().stream()
            .sorted(Comparator.comparingInt(String::length).reversed())
            .map(Pattern::quote)
            .collect(Collectors.joining("|", "(", ")"));
    private static final String THE = "(?:the |a |an |his |her |their )?";
    private static final String SIDE = "(?:(left|right) )?";
    /** At the beginning of a phrase, which begins as late as it can. */
    private static final String FIRST_SIDE = "(?:(left|right) |(?<!left )(?<!right ))";

    private static final String WHICH = "(?:(left|right|near|far) )?";
    /** So is a limb that somebody works on. */
    private static final Set<String> OTHERS = Set.of("isolated", "caught", "stretched");

    private static final Map<String, Integer> NUMBERS =
            Map.of("twice", 2, "two times", 2, "three times", 3, "four times", 4, "five times", 5);

    /**
     * How a phrase at the end of a line becomes fields.
     *
     * @param clause whether it is a clause with words of its own, which may hold other phrases: "cue hand on the mat"
     */
    private record Rule(Pattern said, boolean clause, Function<Spoken, Optional<String>> fields) {
        static Rule clause(String said, Function<Spoken, Optional<String>> fields) {
            return new Rule(of(said, fields).said, true, fields);
        }

        static Rule of(String said, Function<Spoken, Optional<String>> fields) {
            return new Rule(
                    Pattern.compile("^(.*)(?:^|[,;]\\s*|\\s+)" + said + "$", Pattern.CASE_INSENSITIVE), false, fields);
        }

        Optional<Found> find(String front, Optional<Seat> actor, SaidFacts line) {
            Matcher matcher = said.matcher(front);
            return matcher.matches()
                    ? fields.apply(new Spoken(matcher, actor, line))
                            .map(field -> new Found(without(matcher.group(1)), field, clause))
                    : Optional.empty();
        }
    }

    /** What stands before a phrase that was found, and what it says. */
    private record Found(String rest, String field, boolean clause) {}

    private static String without(String front) {
        return LED.matcher(front).replaceFirst("").strip();
    }

    /** Words that only lead to a phrase. */
    private static final Pattern LED = Pattern.compile(
            "(?:\\s*[,;]|\\s+(?:as|as a|a|on|and|with|falls|falling|falls all the way|is|was|by))+\\s*$");

    /** A phrase that was found, and who acts. */
    private record Spoken(Matcher match, Optional<Seat> actor, SaidFacts line) {
        String word(int group) {
            return match.group(group + 1);
        }

        boolean has(int group) {
            return word(group) != null;
        }

        String own() {
            return actor.orElseThrow().name();
        }

        String other() {
            return actor.orElseThrow().other().name();
        }

        String quoted(int group) {
            return "\"" + word(group).strip() + "\"";
        }

        /** A part of the other one, as "opens the back" means it. */
        String part(String owner, int side, int part) {
            String whose = has(side) && isSide(word(side)) ? word(side).toLowerCase(Locale.ROOT) + " " : "";
            return owner + " " + whose + kind(word(part)).label();
        }

        private static boolean isSide(String word) {
            return word.equalsIgnoreCase("left") || word.equalsIgnoreCase("right");
        }
    }

    private static final Pattern TIPS = Pattern.compile(
            "\\b(?:off-?balances?|tips|tip|drives|drive|pulls|pushes|sends|loads)\\b", Pattern.CASE_INSENSITIVE);

    private static final Pattern COUNTED = Pattern.compile("times|vezes|\\dx|kai", Pattern.CASE_INSENSITIVE);

    private static final List<Rule> RULES = List.of(
            Rule.of("(?:until|at[eé]|made) (\\d+:\\d\\d(?:\\.\\d+)?)", said -> Optional.of("until " + said.word(1))),
            Rule.of(
                    "(?:times )?(\\d{1,3})(?: times| vezes|x| kai)?",
                    said -> COUNTED.matcher(said.match().group()).find()
                            ? Optional.of("times " + said.word(1))
                            : Optional.empty()),
            Rule.of(
                    "(twice|two times|three times|four times|five times)",
                    said -> Optional.of("times " + NUMBERS.get(said.word(1).toLowerCase(Locale.ROOT)))),
            Rule.of(
                    "(?:several times|many times|a few times|again and again|over and over|repeatedly|times several|v[aá]rias vezes|de novo e de novo)",
                    said -> Optional.of("times several")),
            Rule.clause(
                    "(?:because(?: of)?|por causa d[aeo]s?|porque) " + THE
                            + "([^,;\"]+?)(?: at (\\d+:\\d\\d(?:\\.\\d+)?))?",
                    said -> said.has(2)
                            ? said.line().moment(said.word(2)).map(id -> "because " + id)
                            : Optional.of("because " + said.quoted(1))),
            Rule.clause(
                    "(?:instead of|rather than|em vez d[aeo]s?|no lugar d[aeo]s?) " + THE + "([^,;\"]+)",
                    said -> Optional.of("instead-of " + said.quoted(1))),
            Rule.clause(
                    "(?:aimed at|aiming at|aims at|aiming for|meant for) " + THE + "([^,;\"]+)",
                    said -> Optional.of("aimed-at " + said.quoted(1))),
            Rule.clause(
                    "(?:as )?(?:a )?feint for " + THE + "([^,;\"]+)",
                    said -> Optional.of("feint-for " + said.quoted(1))),
            Rule.clause(
                    "(?:cue:?|on seeing|seeing|when) " + "" + THE + "([^,;\"]+)",
                    said -> Optional.of("cue " + said.quoted(1))),
            Rule.clause(
                    "(?:waits|waited|waiting) for " + THE + "([^,;\"]+)",
                    said -> Optional.of("waited-for " + said.quoted(1))),
            Rule.clause(
                    "(?:expects|expected|expecting) " + THE + "([^,;\"]+)",
                    said -> Optional.of("expected " + said.quoted(1))),
            Rule.clause(
                    "(?:to avoid|avoids|avoiding) " + THE + "([^,;\"]+)",
                    said -> Optional.of("avoids " + said.quoted(1))),
            Rule.clause(
                    "to ((?:stop|block|deny|prevent|hide|get|keep|slow|break|open|close|force|draw|bait|free|clear|set up|make) [^,;\"]+)",
                    said -> Optional.of("for " + said.quoted(1))),
            Rule.of(
                    "(left|right) (hook|foot|shin|knee|hand|arm) (deep|shallow|tight|loose|over|under)",
                    said -> said.actor().map(any -> "grip %s %s %s on %s %s, %s"
                            .formatted(
                                    said.own(),
                                    said.word(1).toLowerCase(Locale.ROOT),
                                    said.word(2).toLowerCase(Locale.ROOT),
                                    said.other(),
                                    said.word(2).equalsIgnoreCase("hook")
                                                    || kind(said.word(2)) != Part.Kind.HAND
                                                            && kind(said.word(2)) != Part.Kind.ARM
                                            ? "leg"
                                            : "body",
                                    said.word(3).toLowerCase(Locale.ROOT)))),
            Rule.of(
                    "with (?:the|his|her) (left|right) (?:leg|foot|arm|hand)",
                    // Of what is done, it is for the name to say which limb is meant.
                    said -> said.line().isPlace(said.match().group(1))
                            ? Optional.of("side " + said.word(1).toLowerCase(Locale.ROOT))
                            : Optional.empty()),
            Rule.clause(
                    "(?<!feint )(?<!waits )(?<!waiting )(?<!waited )(?<!aiming )(?<!meant )for " + THE
                            + "([a-z][^,;\"]*)",
                    said -> Optional.of("for " + said.quoted(1))),
            Rule.of("(opens|closes|abre|fecha)(?: up)? " + THE + SIDE + PART, said -> said.actor()
                    .map(any -> verb(said.word(1)) + " " + said.part(said.other(), 2, 3))),
            Rule.of(
                    "(opens|closes|abre|fecha)(?: up)? " + THE + "([^,;\"]+)",
                    said -> Optional.of(verb(said.word(1)) + " " + said.quoted(2))),
            Rule.of(
                    "(conceded|baited|allowed)(?: by (?:\\S+))?",
                    said -> said.match().group().contains(" by ")
                            ? Optional.of("theirs " + said.word(1))
                            : Optional.empty()),
            Rule.of(
                    "(?<=[,;] )([^,;\"]+?) (met|missing)",
                    said -> said.match().group().contains(",")
                            ? Optional.of("condition %s %s".formatted(said.word(2), said.quoted(1)))
                            : Optional.empty()),
            Rule.of(
                    "(?:back|falls back|falling back) to (?:the )?(foot|knee|hip)(?: line)?",
                    said -> Optional.of("back-to " + said.word(1))),
            Rule.of(
                    "(?:back|falls back|falling back) to (?:the )?(threat|locked|deep|upper body|one hook|behind|off balanced|in hand)",
                    said -> Optional.of("back-to " + said.word(1).replace(' ', '-'))),
            Rule.of("flat on (?:the|his|her) back", said -> said.actor().map(own -> "body " + own + " lies flat")),
            Rule.of("on (?:the|his|her) (left|right) side", said -> said.actor()
                    .map(own -> "body " + own + " lies " + said.word(1))),
            Rule.of("hips (square|angled|toward|away|pinned|free)", said -> said.actor()
                    .map(own -> "body " + own + " hips " + said.word(1))),
            Rule.of("base (wide|narrow|lost)", said -> said.actor()
                    .map(own -> "body " + own + " base " + said.word(1))),
            Rule.of("(?:weight|heavy) on " + THE + SIDE + "(foot|leg|knee|hand|hip|shoulder)", said -> said.actor()
                    .map(any -> "part " + said.part(said.own(), 1, 2) + " loaded")),
            Rule.of(
                    "(?:weight|heavy) on " + THE + SIDE
                            + "(chest|belly|hips?|head|neck|sternum|thigh|legs|shin|arm|jaw|back)",
                    said -> said.actor().map(any -> "part " + said.part(said.other(), 1, 2) + " loaded")),
            Rule.of(
                    FIRST_SIDE + "(arm|leg|elbow|knee|foot|hand|shoulder) (isolated|caught|free|stretched|bent)",
                    said -> said.actor().map(any -> "part %s %s"
                            .formatted(
                                    said.part(
                                            OTHERS.contains(said.word(3).toLowerCase(Locale.ROOT))
                                                    ? said.other()
                                                    : said.own(),
                                            1,
                                            2),
                                    said.word(3)))),
            Rule.of(
                    "(isolates|straightens|stretches|bends) (?:the|his|her) " + SIDE + "(arm|leg|elbow|knee|foot|hand)",
                    said -> said.actor()
                            .map(any -> "part %s %s".formatted(said.part(said.other(), 2, 3), state(said.word(1))))),
            Rule.of(
                    "(?:to|to the|him to the|her to the|him|her|them) (left|right|forwards?|backwards?|back|up)",
                    said -> said.actor()
                            .filter(any -> TIPS.matcher(said.match().group(1)).find())
                            .map(any -> "body %s tipped %s".formatted(said.other(), direction(said.word(1))))),
            Rule.of(
                    FIRST_SIDE + "(foot|knee|shin|hand|elbow|forearm|shoulder)s? (on|off) (?:the )?(mat|wall|edge)",
                    said -> said.actor().map(any -> "part %s %s %s"
                            .formatted(said.part(said.own(), 1, 2), said.word(3), said.word(4)))),
            Rule.of(FIRST_SIDE + "(foot|knee|shin|heel|instep) on " + THE + SIDE + PART, said -> said.actor()
                    .map(any -> "part %s on %s".formatted(said.part(said.own(), 1, 2), said.part(said.other(), 3, 4)))),
            Rule.of(
                    "(?:(left|right|both|two) |(?<!left )(?<!right )(?<!both )(?<!two ))hands? (?:on|in|inside|behind|around) "
                            + THE + WHICH + PART,
                    hand()),
            Rule.of("(?:grips?|grabs?) " + THE + WHICH + PART, said -> said.actor()
                    .map(any -> "grip %s hand on %s%s"
                            .formatted(said.own(), said.part(said.other(), 1, 2), reach(said, 1)))),
            Rule.of(
                    "illegal(?:ly)?",
                    said -> Optional.of(
                            "illegal \"" + said.line().name(without(said.match().group(1))) + "\"")),
            Rule.of(
                    "(?:a )?mistake",
                    said -> Optional.of(
                            "mistake \"" + said.line().name(without(said.match().group(1))) + "\"")),
            Rule.clause("if (\\S+) ([^,;\"]+?),? then ([^,;\"]+)", said -> said.line()
                    .seat(said.word(1))
                    .map(who -> "if %s %s then %s".formatted(who, said.quoted(2), said.quoted(3)))));

    /** Said of a grip by itself: of which, the name in front of it tells. */
    private static final Pattern WAY = Pattern.compile(
            "^(.*?)(?:\\s*[,;]\\s*|\\s+)(deep|shallow|thumb in|palm up|two hands|both hands|over|under|round|through|fed|fed to the other hand|pulled out|(far|near) (\\S+))$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TIPPING =
            Pattern.compile("^(\\S+(?: .*)?) (?:off-?balances?|tips?)(?: him| her| them)?$", Pattern.CASE_INSENSITIVE);

    private static Function<Spoken, Optional<String>> hand() {
        return said -> said.actor().map(any -> {
            boolean both = said.has(1) && !Spoken.isSide(said.word(1));
            String hand = said.has(1) && !both ? said.word(1).toLowerCase(Locale.ROOT) + " hand" : "hand";
            return "grip %s %s on %s%s%s"
                    .formatted(
                            said.own(), hand, said.part(said.other(), 2, 3), both ? ", two-hands" : "", reach(said, 2));
        });
    }

    private static String reach(Spoken said, int group) {
        return said.has(group) && !Spoken.isSide(said.word(group))
                ? ", " + said.word(group).toLowerCase(Locale.ROOT)
                : "";
    }

    private static String state(String verb) {
        return switch (verb.toLowerCase(Locale.ROOT)) {
            case "isolates" -> "isolated";
            case "bends" -> "bent";
            default -> "stretched";
        };
    }

    private static String verb(String said) {
        return said.equalsIgnoreCase("opens") || said.equalsIgnoreCase("abre") ? "opens" : "closes";
    }

    private static String direction(String word) {
        String plain = word.toLowerCase(Locale.ROOT);
        return plain.startsWith("forward") ? "forward" : plain.startsWith("back") ? "back" : plain;
    }

    private static Map<String, Part.Kind> parts() {
        Map<String, Part.Kind> parts = new LinkedHashMap<>();
        for (Part.Kind kind : Part.Kind.values()) {
            String word = kind.label().replace('-', ' ');
            parts.put(word, kind);
            parts.put(word + "s", kind);
        }
        parts.put("feet", Part.Kind.FOOT);
        parts.put("pants", Part.Kind.TROUSERS);
        parts.put("pant leg", Part.Kind.TROUSERS);
        parts.put("gi tail", Part.Kind.TAIL);
        parts.put("ribs", Part.Kind.BODY);
        parts.put("waist", Part.Kind.WAIST);
        return parts;
    }

    private static Part.Kind kind(String word) {
        return PARTS.get(word.toLowerCase(Locale.ROOT));
    }

    private final Bout bout;
    private final int before;
    private final Lexicon lexicon;
    private final ActorWords actors;

    SaidFacts(ScribeLine.Place place, Lexicon lexicon) {
        this.bout = place.bout();
        this.before = place.before();
        this.lexicon = lexicon;
        this.actors = new ActorWords(place.bout(), place.now());
    }

    /** Read without its facts such a line would say something else: which of two sides is whose, who is tipped where. */
    private static final Pattern FIRST = Pattern.compile(
            ".*\\b(?:left|right)\\b.* on .*\\b(?:left|right)\\b.*"
                    + "|.*\\b(?:off-?balances?|tips|tip)\\b.* (?:left|right|forwards?|backwards?|back|up)"
                    + "|.* base (?:lost|wide|narrow)|.* back to (?:the )?(?:foot|knee|hip) line",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern AIMED = Pattern.compile(
            "^(\\S+ )?(?:aims|aimed|aiming) (?:at|for) ([^,]+?),? (?:but )?(?:got|gets|ends up in|ends up with) (.+)$",
            Pattern.CASE_INSENSITIVE);

    /** {@return whether the facts of a line have to be read before its name} */
    static boolean comeFirst(String text) {
        return text.length() <= LONGEST && FIRST.matcher(text.strip()).matches();
    }

    /**
     * {@return the line with what could be read so as fields behind semicolons; empty where nothing could}
     *
     * @param understood whether a line says what was done, as it stands
     */
    Optional<String> asFields(String text, Predicate<String> understood) {
        if (text.length() > LONGEST || text.indexOf('"') >= 0 || text.contains(" note ")) {
            return Optional.empty();
        }
        List<String> fields = new ArrayList<>();
        String line = AIMED.matcher(unread(text, fields)).replaceFirst("$1$3 aimed at $2");
        Optional<Seat> actor = seat(line.split("\\s+")[0]);
        List<String> said = new ArrayList<>();
        Ways ways = new Ways(line, line, List.of(), Optional.empty());
        String front = line;
        for (int i = 0; i < MOST; i++) {
            // "Takes the back, conceded": what is left may be a name, though it looks like more.
            boolean name = !said.isEmpty() && !comeFirst(text) && understood.test(front);
            Optional<Found> next = name ? Optional.empty() : last(front, actor);
            if (name) {
                break;
            } else if (next.isPresent()) {
                said.add(0, next.get().field());
                front = next.get().rest();
            } else if (ways.ways().isEmpty() && !Ways.at(front).ways().isEmpty()) {
                ways = Ways.at(front);
                front = ways.rest();
            } else {
                break;
            }
        }
        if (!ways.ways().isEmpty() && !attach(ways, front, actor, said)) {
            front = ways.whole();
        }
        if (said.isEmpty()) {
            return Optional.empty();
        }
        String named = named(front, actor, said);
        said.addAll(fields);
        return Optional.of(named + "; " + String.join("; ", said));
    }

    /**
     * {@return the fields of a text that says nothing but facts of somebody: "left hand on the right sleeve, deep"; empty for any other}
     *
     * @param actor whose moment it is told of
     */
    Optional<String> onlyFields(String text, Seat actor) {
        return asFields(actor + " " + text, front -> false)
                .filter(fields -> fields.startsWith(actor + " mark; ")
                        || fields.startsWith(actor + " placement; ")
                        || fields.matches(actor + " (?:\\S+ )?grip; .*"))
                .map(fields -> fields.substring(fields.indexOf("; ")));
    }

    /** Fields that are read already stay; what else stands behind a semicolon is read as said. */
    private String unread(String text, List<String> fields) {
        String[] parts = text.split(";", -1);
        StringBuilder front = new StringBuilder(parts[0].strip());
        for (int i = 1; i < parts.length; i++) {
            String part = parts[i].strip();
            boolean field = part.startsWith("->")
                    || BoutFile.fact(part, lexicon).isPresent()
                    // "Left foot on the right hip" is made of words that are details each, and is none.
                    || !part.contains(" on ")
                            && TypedFields.of("; " + part, lexicon).unread().isEmpty();
            if (field) {
                fields.add(part);
            } else if (!part.isEmpty()) {
                front.append(", ").append(part);
            }
        }
        return front.toString();
    }

    /** The phrase at the end that begins last, so that none swallows another; of several from there, the first told above. */
    private Optional<Found> last(String front, Optional<Seat> actor) {
        return RULES.stream()
                .flatMap(rule -> rule.find(front, actor, this).stream())
                .reduce((one, other) -> one.clause() == other.clause()
                        ? other.rest().length() > one.rest().length() ? other : one
                        : one.clause() ? one : other);
    }

    /** How a grip is taken, said at the end of a line. */
    private record Ways(String whole, String rest, List<String> ways, Optional<String> target) {
        static Ways at(String front) {
            List<String> ways = new ArrayList<>();
            Optional<String> target = Optional.empty();
            String rest = front;
            for (Matcher way = WAY.matcher(rest); way.matches(); way = WAY.matcher(rest)) {
                String said = way.group(2).toLowerCase(Locale.ROOT);
                if (way.group(3) == null) {
                    ways.add(
                            0,
                            said.startsWith("both")
                                    ? "two-hands"
                                    : said.startsWith("fed") ? "fed" : said.replace(' ', '-'));
                } else if (PARTS.containsKey(way.group(4).toLowerCase(Locale.ROOT))) {
                    ways.add(0, way.group(3).toLowerCase(Locale.ROOT));
                    target = Optional.of(kind(way.group(4)).label());
                } else {
                    break;
                }
                rest = way.group(1).strip();
            }
            return new Ways(front, rest, ways, target);
        }
    }

    /** "Cross collar grip, thumb in", "left underhook deep": told of the grip that a phrase or the name in front is. */
    private boolean attach(Ways ways, String front, Optional<Seat> actor, List<String> fields) {
        String told = ways.ways().stream().map(way -> ", " + way).collect(Collectors.joining());
        int grip = grip(fields);
        if (grip >= 0) {
            fields.set(grip, fields.get(grip) + told);
            return true;
        }
        List<String> words = Arrays.stream(front.split("\\s+")).skip(1).toList();
        String name = words.stream().filter(word -> !Spoken.isSide(word)).collect(Collectors.joining(" "));
        List<Technique> named = lexicon.meanings(name).stream()
                .filter(Technique.class::isInstance)
                .map(Technique.class::cast)
                .toList();
        // A kimura is a lock as well: deep is its stage.
        Optional<Technique> technique = named.stream()
                .filter(meant -> meant.kind() == Kind.GRIP
                        && actor.isPresent()
                        && named.stream().noneMatch(each -> each.kind() == Kind.SUBMISSION))
                .findFirst();
        technique.ifPresent(meant -> {
            String side = words.stream()
                    .filter(Spoken::isSide)
                    .map(word -> word.toLowerCase(Locale.ROOT) + " ")
                    .findFirst()
                    .orElse("");
            String held = ways.target().orElseGet(() -> held(meant));
            fields.add(
                    0,
                    "grip %s %s%s on %s %s%s"
                            .formatted(
                                    actor.get(),
                                    side,
                                    held.equals("body") ? "arm" : "hand",
                                    actor.get().other(),
                                    held,
                                    told));
        });
        return technique.isPresent();
    }

    private static int grip(List<String> fields) {
        for (int i = 0; i < fields.size(); i++) {
            if (fields.get(i).startsWith("grip ")) {
                return i;
            }
        }
        return -1;
    }

    /** What a grip by that name holds. */
    private static String held(Technique grip) {
        return PARTS.entrySet().stream()
                .filter(part -> (" " + grip.label().toLowerCase(Locale.ROOT) + " ").contains(" " + part.getKey() + " "))
                .map(part -> part.getValue().label())
                .findFirst()
                .orElse("body");
    }

    /** Where only facts are said of who acts, the fact itself says what was done. */
    private String named(String front, Optional<Seat> actor, List<String> peeled) {
        boolean bare = front.isBlank() || actor.isPresent() && front.strip().split("\\s+").length == 1;
        if (!bare) {
            // "Tips him forward" is what was done; behind an act it only says where the other went.
            Matcher tips = TIPPING.matcher(front);
            return tips.matches()
                    ? tips.group(1).contains(" ") ? without(tips.group(1)) : tips.group(1) + " off-balance"
                    : front;
        }
        String who = front.isBlank() ? "" : front.strip() + " ";
        for (String field : peeled) {
            if (field.startsWith("grip ")) {
                String held = field.replaceAll("^.* on [AB] (?:left |right )?(\\S+?)(?:,.*)?$", "$1");
                return who + (lexicon.meanings(held + " grip").isEmpty() ? "grip" : held + " grip");
            }
            if (field.startsWith("part ") && field.contains(" on ")) {
                return who + "placement";
            }
        }
        return who + "mark";
    }

    /** {@return the seat that a word at the head of a line names} */
    private Optional<Seat> seat(String word) {
        return actors.seat(word);
    }

    private boolean isPlace(String front) {
        return lexicon.place(name(without(front))).isPresent();
    }

    /** What was done, without who did it. */
    private String name(String front) {
        String bare = front.strip();
        int blank = bare.indexOf(' ');
        return actors.seat(bare.split("\\s+")[0]).isPresent() && blank > 0 ? bare.substring(blank + 1) : bare;
    }

    /** The moment nearest to that time, within two seconds of it. */
    private Optional<String> moment(String time) {
        OptionalLong at = Times.parse(time);
        return at.isEmpty()
                ? Optional.empty()
                : bout.moments().stream()
                        .limit(before)
                        .filter(moment -> moment.atMicros().isPresent()
                                && Math.abs(moment.atMicros().getAsLong() - at.getAsLong()) <= NEAR_MICROS)
                        .min(Comparator.comparingLong(
                                moment -> Math.abs(moment.atMicros().getAsLong() - at.getAsLong())))
                        .map(Moment::id);
    }

    private static final long NEAR_MICROS = 2_000_000;
}
