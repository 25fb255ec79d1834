package farglass.core.clause;

import farglass.core.scribe.typed.ActorWords;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Lines as people jot them down: "Ann: knee cut (left) -> side control", "Bea's sweep?", "maybe Ann knee cut", "Ann +3 knee cut". A line
 * with quotes or a semicolon in it is left as it is.
 */
final class Jotted {
    /** A longer line is a pasted page. */
    private static final int LONGEST = 160;

    private static final Pattern PLAIN = Pattern.compile("[^\";]*");

    private record Rule(Pattern said, String meant) {
        static Rule of(String said, String meant) {
            return new Rule(Pattern.compile(said, Pattern.CASE_INSENSITIVE), meant);
        }
    }

    /** Told of whoever is named; only where that is somebody. */
    private static final List<Rule> OF_SOMEBODY = List.of(
            Rule.of("(?<=^|, )(\\S+):(?= )", "$1"),
            Rule.of("^(\\S+)['\u2019]s (guard|back) (?:is|was|gets|got) (passed|taken)\\b", "$1 gets her $2 $3"),
            Rule.of("(?<= (?:in|into|to|from) )(\\S+)['\u2019]s (?=(?:\\w+ )?(?:guard|half)\\b)", "the "),
            // "Ann's leg is dragged" is done to her.
            Rule.of("^(\\S+)['\u2019]s (?!.*\\b(?:is|was|gets|got)\\b)", "$1 "),
            Rule.of("^(\\S+) \\+([2-4]) (?=\\S)(.+)$", "$1 $3 +$2"),
            Rule.of("^(\\S+) (\\d{1,2})x (.+)$", "$1 $3 $2 times"));

    private static final List<Rule> RULES = List.of(
            Rule.of("(?<=\\S)[.!\u2026]+$", ""),
            // Whoever brings her down and lands there has pulled none.
            Rule.of("\\b(lands|landed|landing)(?: back)? in (?:(?:a|the|her|his) )?guard\\b", "$1 in open guard"),
            Rule.of("^(\\S+) stuck (?=in |under )", "$1 is stuck "),
            Rule.of("\\s*(?:->|=>|\u2192|>)\\s*(?=\\S)", " to "),
            Rule.of("\\s*\\(([^()]*)\\)", " $1"),
            Rule.of("(?<= )[x\u00d7](\\d{1,2})(?= |$)", "$1 times"),
            Rule.of("(?<= )([2-4])pts?(?= |$)", "$1 points"),
            Rule.of("\\b(taps|tapped) to it(?=$|,| note )", "$1"),
            Rule.of("\\b(?:verbally taps|verbally tapped|taps verbally|tapped verbally)(?=$|,)", "taps note verbally"),
            Rule.of(
                    "\\b(?:escapes|escaped|(?:gets|got|slips|slipped) out of)(?: the)? (?=(?:full |high )?(?:mount|side control|kesa|scarf hold|north south|knee on belly|saddle|crucifix|truck)(?=$|,| and ))",
                    "escapes from "),
            // Of the part in which it stands.
            Rule.of("(?<=[^\\s?,])\\s?\\?+\\s?([^,?]*)", " $1 unsure"),
            Rule.of("\\b(?:maybe|perhaps|probably|possibly) ([^,]+)", "$1 unsure"));

    private Jotted() {}

    /** {@return the line in words; empty where it is in words already} */
    static Optional<String> inWords(String text, ActorWords actors) {
        String line = text.strip();
        if (line.length() > LONGEST || !PLAIN.matcher(line).matches()) {
            return Optional.empty();
        }
        String words = line;
        for (Rule rule : OF_SOMEBODY) {
            words = rule.said()
                    .matcher(words)
                    .replaceAll(found -> actors.seat(found.group(1)).isPresent()
                            ? rule.meant()
                            : Matcher.quoteReplacement(found.group()));
        }
        for (Rule rule : RULES) {
            words = rule.said().matcher(words).replaceAll(rule.meant());
        }
        words = words.replaceAll("\\s+", " ");
        return words.equals(line) ? Optional.empty() : Optional.of(words);
    }
}
