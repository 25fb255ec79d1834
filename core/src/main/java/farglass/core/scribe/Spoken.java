package farglass.core.scribe;

import farglass.core.scribe.typed.ActorWords;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Lines as people speak beside the mat: "and now Bea sweeps", "great sweep by Bea", "Bea with a nice scissor sweep". Tried only where a line
 * as it stands names nothing. What was thought of it, and when it came, is kept as a note.
 */
public final class Spoken {
    /** A longer line is a pasted page. */
    private static final int LONGEST = 160;

    /** "So close" closes nothing; "so bea frames" leads on. */
    private static final Pattern LEADS = Pattern.compile(
            "(?:(?:and then|and|then|now|here|oh|ok|okay),?|so,?(?= \\S+ \\S)) (.+)", Pattern.CASE_INSENSITIVE);

    /** What is only thought of somebody: "excellent hips from Bea" tells of no grip. */
    private static final Pattern OPINION = Pattern.compile(
            "(?:an? |the )?(?:hips?|base|pressure|position|balance|control|movement|timing|work|stuff)",
            Pattern.CASE_INSENSITIVE);

    /** Who switches to the left side does no wrestler's switch, and changes no stance. */
    private static final Pattern SWITCHES_TO = Pattern.compile(
            "\\b(switch(?:es|ed)?) to (?:the |her |his )?(left|right)(?: side)?(?=,|$)", Pattern.CASE_INSENSITIVE);

    /** Who is back on top is there again, and on nobody's back. */
    private static final Pattern BACK_ON_TOP = Pattern.compile(
            "^(\\S+ )(?:(?:gets|got|comes|came|is|goes|ends up) )?back on (?:the )?(top|bottom)(?=,|$)",
            Pattern.CASE_INSENSITIVE);

    /** "Gets right back up": how soon is told by the order of the moments, and no side. */
    private static final Pattern RIGHT_BACK = Pattern.compile(
            "\\b(?:right|straight) (?:back (?=(?:up|to|into|in|on)\\b)|(?=up\\b))", Pattern.CASE_INSENSITIVE);

    /** What both do at once is a place of its own, and no guard pull of one of them. */
    private static final Pattern BOTH_PULL = Pattern.compile(
            "(?:they )?both(?: of them| athletes| fighters)? (?:pull|pulls|pulled|sit|sits|sat)(?: down)?(?:(?: to)?(?: the)? guard)?"
                    + "(?: at the same time| at once| together| simultaneously)?",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern BY = Pattern.compile("(.+) (?:by|from) (\\S+)", Pattern.CASE_INSENSITIVE);

    /** In a guard that is not named, the plainest is meant. */
    private static final Pattern IN_GUARD = Pattern.compile(
            "(\\S+ (?:(?:ends|ended|winds|wound) up|is|was))(?: back)? in (?:(?:a|the|her|his|full) )?guard",
            Pattern.CASE_INSENSITIVE);

    /** How one shoots, and not how one stands. */
    private static final Pattern SHOOTS_LOW =
            Pattern.compile("^(\\S+ (?:shoots|shot)) (low|high)$", Pattern.CASE_INSENSITIVE);

    private static final Pattern WITH = Pattern.compile("(\\S+) with (?:an? |the )?(.+)", Pattern.CASE_INSENSITIVE);

    private static final Pattern ASIDE = Pattern.compile(
            "(\\S+ )?(?:an? |the )?((?:far|near)[ -]side|finally|immediately|instantly|suddenly|eventually"
                    + "|(?:very )?(?:nice|great|good|beautiful|lovely|perfect|excellent|textbook|slick)) (.+)",
            Pattern.CASE_INSENSITIVE);

    private Spoken() {}

    /** What stands in quotes, in fields or in a note stays as it is. */
    private static boolean isSpoken(String text) {
        return text.length() <= LONGEST && !text.contains(" note ") && !text.contains("\"") && !text.contains(";");
    }

    /** {@return the line in plainer words, where as it stands it would be read as something else; empty for most} */
    static Optional<String> beforehand(String text) {
        if (!isSpoken(text)) {
            return Optional.empty();
        }
        String sides = SWITCHES_TO.matcher(text).replaceAll("$1 sides $2");
        String onTop = BACK_ON_TOP.matcher(sides).replaceAll("$1ends up on $2");
        String back = RIGHT_BACK.matcher(onTop).replaceAll("back ");
        String shot = SHOOTS_LOW.matcher(back).replaceFirst("$1 note $2");
        String plainer = BOTH_PULL.matcher(shot).matches() ? "both pull" : shot;
        return plainer.equals(text) ? Optional.empty() : Optional.of(plainer);
    }

    /** {@return the line in plainer words; empty where it has none} */
    static Optional<String> plainly(String text, ActorWords actors) {
        if (!isSpoken(text)) {
            return Optional.empty();
        }
        Matcher leads = LEADS.matcher(text);
        if (leads.matches()) {
            return Optional.of(leads.group(1));
        }
        Matcher inGuard = IN_GUARD.matcher(text);
        if (inGuard.matches()) {
            return Optional.of(inGuard.group(1) + " in open guard");
        }
        Matcher by = BY.matcher(text);
        // "Bea escapes from Ann" is Bea's; "a sweep by Bea" is not the one's who is called A.
        boolean isNamed = actors.seat(text.split("\\s", 2)[0]).isPresent() && !text.startsWith("a ");
        if (by.matches()
                && !isNamed
                && !OPINION.matcher(by.group(1)).matches()
                && by.group(2).length() > 1
                && actors.seat(by.group(2)).isPresent()) {
            return Optional.of(by.group(2) + " " + by.group(1));
        }
        Matcher with = WITH.matcher(text);
        if (with.matches() && actors.seat(with.group(1)).isPresent()) {
            return Optional.of(with.group(1) + " " + with.group(2));
        }
        Matcher aside = ASIDE.matcher(text);
        boolean front = aside.matches()
                && !OPINION.matcher(aside.group(3)).matches()
                && (aside.group(1) == null
                        || actors.seat(aside.group(1).strip()).isPresent());
        return front
                ? Optional.of("%s%s note %s"
                        .formatted(aside.group(1) == null ? "" : aside.group(1), aside.group(3), aside.group(2)))
                : Optional.empty();
    }

    /** {@return the words of a part of a line without what only leads on to them: "and then bea frames"} */
    public static String withoutLead(String text) {
        Matcher leads = LEADS.matcher(text);
        return leads.matches() ? leads.group(1) : text;
    }
}
