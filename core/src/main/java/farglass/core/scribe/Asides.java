package farglass.core.scribe;

import java.util.List;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** What is said beside an act, and of which nothing is asked: how, where to, off what. It stays as a note. */
public final class Asides {
    private static final String MANNER =
            "(?:(?:really|very|so|too|quite) )?(?:hard|well|nicely|slowly|quickly|fast|early|cleanly|badly|tightly|immediately|beautifully|smoothly|lazily|sloppily)";

    /** What may stand behind a name without making it the name of something else. */
    private static final Pattern ASIDE = Pattern.compile(
            "([^;\"]+?),? (" + MANNER
                    + "|(?:against|near|by|at|on) the (?:edge|boundary|line)|(?:para|pra) (?:frente|tr[aá]s)|forwards?|backwards?|(?:right|straight) away|at the (?:buzzer|bell|end|horn)|(?:for|with) \\w+ (?:seconds?|minutes?)(?: left| to go)?|for a (?:second|moment|while|bit)|a (?:bit|little)|out of it|on the (?:far|near) side|verbally)",
            Pattern.CASE_INSENSITIVE);

    /** "Passes immediately to side control": how stands between what was done and where it ended. */
    private static final Pattern ASIDE_WITHIN = Pattern.compile(
            "(\\S+ [^;\"]+?) (" + MANNER + "|(?:right|straight) away|straight|directly) ((?:to|into|onto) [^;\"]+)",
            Pattern.CASE_INSENSITIVE);

    /** Where one gets out of what holds: no place of its own. */
    private static final Pattern OUT = Pattern.compile(
            "((?:\\S+ )?(?:escapes?|escaped)) ((?:out|under|underneath|through|over|off|via) [^;\"]+"
                    + "|(?:to|on|onto) the (?:mat|floor|ground|(?:\\w+ )?side)(?: [^;\"]+)?)",
            Pattern.CASE_INSENSITIVE);

    /** "Opens the guard with a knee in the tailbone". */
    private static final Pattern OPENED_WITH = Pattern.compile(
            "((?:\\S+ )?(?:opens|opened|breaks|broke)(?: open)? (?:the|her|his) guard) ((?:with|by|from) [^;\"]+)",
            Pattern.CASE_INSENSITIVE);

    /** "Guillotine off the shot", "takes the back off a missed throw": what it came from. */
    private static final Pattern OFF = Pattern.compile(
            "([^;\"]+?) (off(?: of)? (?:the|an?|her|his|that) (?:(?:failed|missed|bad) )?([^;\"]+))",
            Pattern.CASE_INSENSITIVE);

    /** What somebody lies, sits or stands on. */
    private static final String BODY =
            "(?:knees?|hips?|side|feet|butt|seat|hands?|elbows?|shoulders?|belly|stomach|chest|mats?|floor|ground)";

    /** "Collar drags Bea to her knees": what was done is told in more than one word, and where she then is, as a note. */
    private static final Pattern TO_HER_BODY = Pattern.compile(
            "(\\S+ [^;\" ]+ [^;\"]+) ((?:on)?to (?:her|his|their|the) " + BODY + ")", Pattern.CASE_INSENSITIVE);

    /** Of these one holds at most; what stands in the middle, or came before, is tried behind them. */
    private static final List<Pattern> BEHIND = List.of(ASIDE, TO_HER_BODY, OUT, OPENED_WITH);

    private static final Pattern ON_THE_BODY =
            Pattern.compile("(?:(?:her|his|their|the|both|one) )?" + BODY, Pattern.CASE_INSENSITIVE);

    private Asides() {}

    /**
     * {@return the line with what is said beside its act as a note, in each way that this may be seen, the likeliest first}
     *
     * @param moves whether the words name an act that moves somebody: whoever takes the hand off the collar has not told off what act
     */
    static Stream<String> noted(String line, Predicate<String> moves) {
        if (line.contains(" note ")) {
            return Stream.empty();
        }
        Stream<String> behind = BEHIND.stream()
                .map(pattern -> pattern.matcher(line))
                .filter(Matcher::matches)
                .limit(1)
                .map(aside -> aside.group(1) + " note " + aside.group(2));
        Stream<String> within = Stream.of(ASIDE_WITHIN.matcher(line))
                .filter(Matcher::matches)
                .map(aside -> "%s %s note %s".formatted(aside.group(1), aside.group(3), aside.group(2)));
        Stream<String> off = Stream.of(OFF.matcher(line))
                .filter(Matcher::matches)
                .filter(aside -> moves.test(aside.group(3)))
                .map(aside -> aside.group(1) + " note " + aside.group(2));
        return Stream.of(behind, within, off).flatMap(each -> each);
    }

    /** {@return whether the words only say on what of her body, or of the mat, somebody is: "her knees", "the floor"} */
    public static boolean isOnTheBody(String words) {
        return ON_THE_BODY.matcher(words).matches();
    }
}
