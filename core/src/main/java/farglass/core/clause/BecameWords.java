package farglass.core.clause;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What became of an act, as people say it behind a comma or "and": "it slips", "lets go", "gets stuffed", "no". */
final class BecameWords {
    /** What slips or is lost is no longer held. */
    private static final Pattern LOST = Pattern.compile(
            "(?:it slips?(?: off| out| away)?|(?:loses|lost) (?:it|the grip|her grip|his grip))",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern LET_GO = Pattern.compile(
            "(?:lets|let) (?:it )?go|gives (?:it )?up(?: on it)?|bails(?: out)?(?: on it)?|abandons it",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern NO = Pattern.compile(
            "n[a\u00e3]o (?:entra|entrou|pega|pegou|funciona|funcionou|sai|saiu|deu|vai)|no|nope|no good|no success|nothing|(?:it )?(?:doesn't|didn't|does not|did not) work"
                    + "|(?:is |was )?not finished|(?:doesn't|didn't|can't|cannot|does not|did not|fails to|failed to) finish(?: it)?",
            Pattern.CASE_INSENSITIVE);

    /** One word of what became of it, with or without "it" and "gets". */
    private static final Pattern BECAME =
            Pattern.compile("(?:it |he |she )?(?:gets |got |is |was )?(\\S+)", Pattern.CASE_INSENSITIVE);

    private BecameWords() {}

    /** {@return one word for it, as a line has it behind what was done; the words as they stand where they say something else} */
    static String of(String part) {
        if (LOST.matcher(part).matches()) {
            return "lost";
        }
        if (LET_GO.matcher(part).matches()) {
            return "abandoned";
        }
        if (NO.matcher(part).matches()) {
            return "failed";
        }
        Matcher word = BECAME.matcher(part);
        return word.matches() ? word.group(1) : part;
    }
}
