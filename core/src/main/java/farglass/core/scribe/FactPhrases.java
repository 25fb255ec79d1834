package farglass.core.scribe;

import farglass.core.side.Part;
import farglass.core.side.Seat;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * The phrases in which facts are said, and the fields of a bout file that they become. Each stands at the end of a line; of several the one
 * that begins last is taken, so that none swallows another.
 */
final class FactPhrases {
    /** What a phrase needs to know of the line in which it stands. */
    interface Line {
        /** {@return id of the moment at that time} */
        Optional<String> moment(String time);

        /** {@return what was done, without who did it} */
        String name(String front);

        /** {@return whether the words name a place} */
        boolean isPlace(String front);

        /** {@return the athlete whom a word names} */
        Optional<Seat> seat(String word);
    }

    private FactPhrases() {}

    static final Map<String, Part.Kind> PARTS = parts();
    private static final String PART = PARTS.keySet().stream()
            .sorted(Comparator.comparingInt(String::length).reversed())
            .map(Pattern::quote)
            .collect(Collectors.joining("|", "(", ")"));
    private static final String THE = "(?:the |a |an |his |her |their )?";
    private static final String SIDE = "(?:(left|right) )?";
    /** At the beginning of a phrase, which begins as late as it can. */
    private static final String FIRST_SIDE = "(?:(left|right) |(?<!left )(?<!right ))";

    private static final String WHICH = "(?:(left|right|near|far) )?";
    /** Said of a limb, it is the other one's: somebody works on it. */
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

        Optional<Found> find(String front, Optional<Seat> actor, Line line) {
            Matcher matcher = said.matcher(front);
            return matcher.matches()
                    ? fields.apply(new Spoken(matcher, actor, line))
                            .map(field -> new Found(without(matcher.group(1)), field, clause))
                    : Optional.empty();
        }
    }

    /** What stands before a phrase that was found, and what it says. */
    record Found(String rest, String field, boolean clause) {}

    static String without(String front) {
        return LED.matcher(front).replaceFirst("").strip();
    }

    /** Words that only lead to a phrase. */
    private static final Pattern LED = Pattern.compile(
            "(?:\\s*[,;]|\\s+(?:as|as a|a|on|and|with|falls|falling|falls all the way|is|was|by))+\\s*$");

    /** A phrase that was found, and who acts. */
    private record Spoken(Matcher match, Optional<Seat> actor, Line line) {
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
                    "to ((?:stop|block|deny|prevent|hide|get|keep|slow|break|open|close|force|draw|bait|free|clear|set up|make|take|finish|come) [^,;\"]+)",
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
                    .filter(any -> !isKneeOnBelly(said.word(2), said.word(4)))
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

    /** A place that one comes to, and more than where a knee is. */
    private static boolean isKneeOnBelly(String part, String on) {
        return part.equalsIgnoreCase("knee") && kind(on) == Part.Kind.BELLY;
    }

    private static Function<Spoken, Optional<String>> hand() {
        return said -> said.actor().map(any -> {
            boolean both = said.has(1) && !isSide(said.word(1));
            String hand = said.has(1) && !both ? said.word(1).toLowerCase(Locale.ROOT) + " hand" : "hand";
            return "grip %s %s on %s%s%s"
                    .formatted(
                            said.own(), hand, said.part(said.other(), 2, 3), both ? ", two-hands" : "", reach(said, 2));
        });
    }

    private static String reach(Spoken said, int group) {
        return said.has(group) && !isSide(said.word(group))
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

    static boolean isSide(String word) {
        return word.equalsIgnoreCase("left") || word.equalsIgnoreCase("right");
    }

    /** {@return the part that a word names; null for none} */
    static Part.Kind kind(String word) {
        return PARTS.get(word.toLowerCase(Locale.ROOT));
    }

    /** The phrase at the end that begins last, so that none swallows another; of several from there, the first told above. */
    static Optional<Found> last(String front, Optional<Seat> actor, Line line) {
        return RULES.stream()
                .flatMap(rule -> rule.find(front, actor, line).stream())
                .reduce((one, other) -> one.clause() == other.clause()
                        ? other.rest().length() > one.rest().length() ? other : one
                        : one.clause() ? one : other);
    }
}
