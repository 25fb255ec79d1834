package farglass.core.scribe;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.entry.Kind;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.scribe.typed.ActorWords;
import farglass.core.scribe.typed.TypedFields;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What is said of a moment beyond its name in plain words, turned into the fields of a bout file: "knee cut opens the back" becomes
 * {@code knee cut; opens B back}. It takes one phrase after another off the end of a line, each time the one that begins last, so that what
 * stands in front is left to be a name. Whose a part is follows from who acts.
 */
final class SaidFacts implements FactPhrases.Line {
    /** More than these are no line of one moment. */
    private static final int MOST = 8;
    /** A pasted page tells no facts. */
    private static final int LONGEST = 300;

    /** Said of a grip by itself: of which, the name in front of it tells. */
    private static final Pattern WAY = Pattern.compile(
            "^(.*?)(?:\\s*[,;]\\s*|\\s+)(deep|shallow|thumb in|palm up|two hands|both hands|over|under|round|through|fed|fed to the other hand|pulled out|(far|near) (\\S+))$",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern TIPPING = Pattern.compile(
            "^(\\S+(?: .*)?) (?:(?:off-?balances?|tips?)(?: him| her| them)?|(?:pulls|drives|sends)(?: him| her| them)?)$",
            Pattern.CASE_INSENSITIVE);

    /** What is done with somebody, who may stand there by name. */
    private static final Pattern WITH_WHOM =
            Pattern.compile("\\b(off-?balances?|tips?|pulls|pushes|drives|sends) (\\S+)", Pattern.CASE_INSENSITIVE);

    private final Bout bout;
    private final int before;
    private final Lexicon lexicon;
    private final ActorWords actors;

    SaidFacts(LinePlace place, Lexicon lexicon) {
        this.bout = place.bout();
        this.before = place.before();
        this.lexicon = lexicon;
        this.actors = place.actors();
    }

    /** Read without its facts such a line would say something else: which of two sides is whose, who is tipped where. */
    private static final Pattern FIRST = Pattern.compile(
            ".*\\b(?:left|right)\\b.* on .*\\b(?:left|right)\\b.*"
                    + "|.*\\b(?:off-?balances?|tips|tip)\\b.* (?:left|right|forwards?|backwards?|back|up)"
                    + "|\\S+ (?:pulls|pushes|drives|sends) (?:him|her|them) (?:to the |to )?(?:left|right|forwards?|backwards?|back|up)"
                    + "|.* base (?:lost|wide|narrow)|.* back to (?:the )?(?:foot|knee|hip) line",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern AIMED = Pattern.compile(
            "^(\\S+ )?(?:aims|aimed|aiming) (?:at|for) ([^,]+?),? (?:but )?(?:got|gets|ends up in|ends up with) (.+)$",
            Pattern.CASE_INSENSITIVE);

    /** {@return whether the facts of a line have to be read before its name} */
    boolean comeFirst(String text) {
        return text.length() <= LONGEST
                && FIRST.matcher(PortugueseParts.english(withoutNames(text.strip())))
                        .matches();
    }

    /** "Pulls Bea" pulls her, and is no guard pull. */
    private String withoutNames(String text) {
        Matcher with = WITH_WHOM.matcher(text);
        return with.find() && with.start() > 0 && seat(with.group(2)).isPresent()
                ? text.substring(0, with.start(2)) + "her" + text.substring(with.end(2))
                : text;
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
        line = PortugueseParts.english(withoutNames(line));
        Optional<Seat> actor = seat(line.split("\\s+")[0]);
        List<String> said = new ArrayList<>();
        Ways ways = new Ways(line, line, List.of(), Optional.empty());
        String front = line;
        for (int i = 0; i < MOST; i++) {
            // "Takes the back, conceded": what is left may be a name, though it looks like more.
            boolean name = !said.isEmpty() && !comeFirst(text) && understood.test(front);
            Optional<FactPhrases.Found> next = name ? Optional.empty() : FactPhrases.last(front, actor, this);
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
                } else if (FactPhrases.PARTS.containsKey(way.group(4).toLowerCase(Locale.ROOT))) {
                    ways.add(0, way.group(3).toLowerCase(Locale.ROOT));
                    target = Optional.of(FactPhrases.kind(way.group(4)).label());
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
        String name = words.stream().filter(word -> !FactPhrases.isSide(word)).collect(Collectors.joining(" "));
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
                    .filter(FactPhrases::isSide)
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
        return FactPhrases.PARTS.entrySet().stream()
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
            return tips.matches() && peeled.stream().anyMatch(field -> field.contains(" tipped "))
                    ? tips.group(1).contains(" ") ? FactPhrases.without(tips.group(1)) : tips.group(1) + " off-balance"
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
    @Override
    public Optional<Seat> seat(String word) {
        return actors.seat(word);
    }

    @Override
    public boolean isPlace(String front) {
        return lexicon.place(name(FactPhrases.without(front))).isPresent();
    }

    /** What was done, without who did it. */
    @Override
    public String name(String front) {
        String bare = front.strip();
        int blank = bare.indexOf(' ');
        return actors.seat(bare.split("\\s+")[0]).isPresent() && blank > 0 ? bare.substring(blank + 1) : bare;
    }

    /** The moment nearest to that time, within two seconds of it. */
    @Override
    public Optional<String> moment(String time) {
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
