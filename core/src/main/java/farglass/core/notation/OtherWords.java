package farglass.core.notation;

import farglass.core.bout.Award;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Other words for what the details of a line tell: in talk ("2 pts", "near pass", "double leg done"), in Portuguese ("para a
 * esquerda", "quase", "bate") and in Japanese ("hidari", "maitta"). They are tried only where the words as they stand name nothing, so
 * that none of them can take a word away from a name.
 */
public final class OtherWords {
    private record Rule(Pattern said, String meant) {
        static Rule of(String said, String meant) {
            return new Rule(Pattern.compile("(?<![\\p{L}\\d])(?:" + said + ")(?![\\p{L}\\d])"), meant);
        }
    }

    /** In this order: a longer phrase stands before the words it is made of. */
    private static final List<Rule> RULES = List.of(
            Rule.of("one (points?|pts?)", "1 $1"),
            Rule.of("^(?<called>(?:the )?ref(?:eree)? .*|\\S+ (?:scores|scored|gets|got) (?=\\w+$))two", "${called}2"),
            Rule.of(
                    "^(?<called>(?:the )?ref(?:eree)? .*|\\S+ (?:scores|scored|gets|got) (?=\\w+$))three",
                    "${called}3"),
            Rule.of("^(?<called>(?:the )?ref(?:eree)? .*|\\S+ (?:scores|scored|gets|got) (?=\\w+$))four", "${called}4"),
            Rule.of("(?:two|dois) (points?|pts?|pontos?)", "2 $1"),
            Rule.of("(?:three|tres) (points?|pts?|pontos?)", "3 $1"),
            Rule.of("(?:four|quatro) (points?|pts?|pontos?)", "4 $1"),
            Rule.of("([1-9]) (?:points?|pts?|pontos?)(?! of )", "award $1 points"),
            Rule.of("^(\\S+ )([1-4])$", "$1award $2 points"),
            Rule.of("(stalling|passivity) (warning|penalty)(.*)", "$2$3 note $1"),
            Rule.of("(?:counters?|answers?|responds?|replies) with (?:(?:her|his) own )?(.*)", "$1 answers"),
            Rule.of("^(\\S+ )?(?:defends?|defended) (?:with|by) (?:an? |the )?(.*)$", "$1$2 answers"),
            Rule.of("locked (?:in|up)(?=$|,)", "locked"),
            Rule.of(
                    "^(\\S+ )?(?:counters?|countered|defends?|defended|answers|answered) (?:the |an? |her |his )?(?!.* note )(.+?) (?:with|by) (?:an? |the )?(.*)$",
                    "$1$3 answers note against $2"),
            Rule.of("^(?!.*\\b(?:to|for|on|towards?|tries|wants|looks|attempts?)\\b)(.* )finish$", "$1held"),
            // Without "pass" they are two holds.
            Rule.of("cross-?face (?:and |with (?:the )?)?underhook pass(?:es)?", "crossface pass"),
            Rule.of("slices through(?= (?:to|into) )", "cuts through"),
            Rule.of("^(\\S+ )?sweeps? (?:to|into|on) top$", "$1sweep held"),
            Rule.of("(?<=(?:to|into|in) )top half(?: guard)?$", "half guard"),
            Rule.of(
                    "^(\\S+ )?(stacks|stacked) ((?:out of )?(?:the |an? |her |his )?(?:armbar|triangle|omoplata|armlock|attack|choke))$",
                    "$1$2 note $3"),
            Rule.of("(failed|held|nearly|threatened) again$", "$1"),
            Rule.of("(?<=. )(?:without success|with no success|to no avail|in vain|unsuccessfully)$", "failed"),
            Rule.of(
                    "(?<=(?:choke|rnc|guillotine|triangle|armbar|lock|kimura|americana|darce|anaconda|ezequiel|control) )((?:very |really |super )?tight)$",
                    "note $1"),
            Rule.of(
                    "(?<=lassos |lasso on |lasso around )(?:the |her |his )?((?:left|right) (?:arm|sleeve))$",
                    "the arm note $1"),
            Rule.of("half guard with (?:an? |the )?knee ?shield", "knee shield"),
            Rule.of("(left|right),? (?:and )?(then (?:to )?(?:the )?(?:left|right))$", "$1 note $2"),
            Rule.of("quase finaliz(?:a|ou)(?: com)?(?: n?[oa])? (.*)", "$1 nearly"),
            Rule.of("(?:cai|caiu|caindo) por cima", "lands on top"),
            Rule.of("(?:cai|caiu|caindo) (?:na|no|em)", "lands in"),
            Rule.of("n[ao] (meia|guarda)", "to $1"),
            Rule.of("finaliz(?:a|ou)(?: com| de)?(?: n?[oa])? (.*)", "$1 tap"),
            Rule.of("^(\\S+ )(.*) counter$", "$1$2 answers"),
            Rule.of("(?:1 |uma )?(?:advantages?|advs?|vantagem)", "award advantage"),
            Rule.of("(?:1 |uma )?(?:penalt(?:y|ies)|punicao)", "award penalty"),
            Rule.of("^(?:the )?ref(?:eree)? (?:warns|cautions) (\\S+)", "$1 award warning"),
            Rule.of("^(?:the )?ref(?:eree)? penali[sz]es (\\S+)", "$1 award penalty"),
            Rule.of("^(?:the )?ref(?:eree)? (?:disqualifies|disqualified|dqs) (\\S+)", "$1 award disqualification"),
            Rule.of(
                    "(?:is|was|gets|got|e|foi) (?:disqualified|desclassificad[ao]|dq'?e?d?)|dq'?e?d|dq|desclassificad[ao]",
                    "award disqualification"),
            Rule.of("(?:is|was|gets|got) penali[sz]ed", "award penalty"),
            Rule.of("(?:is|was|gets|got) (?:warned|a warning)", "award warning"),
            Rule.of(
                    "(?:gets?|got|ganha|ganhou|leva|levou|recebe|marca|marcou|scores?|scored|receives?|received|earns?|earned|(?:is |was )?(?:given|awarded))"
                            + "(?: (?:her|his|their|an?|the))?(?: (?:first|second|third))? (award)",
                    "$1"),
            Rule.of("(?:first|second|third|fourth|another) (award)", "$1"),
            Rule.of(
                    "^(?:o )?(?:juiz|arbitro) (?:da|deu|marca|marcou) (award .*?) (?:para|pra|a) (?:[ao] )?(\\S+)$",
                    "$2 $1"),
            Rule.of("^(?:the )?ref(?:eree)? (?:gives|awards|calls|signals|scores) (award)", "$1"),
            Rule.of("^(?:the )?ref(?:eree)? (?:gives|awards) (?!her |him |them )(\\S+)(?: an?)? (award)", "$1 $2"),
            Rule.of(
                    "^(?:the )?ref(?:eree)? (?:gives|awards) (?!her |him |them |[2-4] )(\\S+) ([2-4])$",
                    "$1 award $2 points"),
            Rule.of("^(?:the )?ref(?:eree)? (?:gives|awards) ([2-4]) to (\\S+)$", "$2 award $1 points"),
            Rule.of("^(\\S+) (?:scores|scored|gets|got) ([2-4])$", "$1 award $2 points"),
            Rule.of(
                    "^(?:an? )?(award (?:[1-9] points|advantage|penalty|warning)) (?:to|for) (?!the |an? )(\\S+)",
                    "$2 $1"),
            Rule.of("^(\\S+) (?:gets|got|scores|scored) ([2-4]) for (.*)$", "$1 award $2 points note for $3"),
            Rule.of(
                    "^(award (?:[1-9] points|advantage|penalty|warning)) (?!for |after |to |against |on )(\\S+)(?= for | after |$)",
                    "$2 $1"),
            Rule.of(
                    "(award (?:[1-9] points|advantage|penalty|warning|disqualification)) ((?:for|after|pel[ao]|por) .*)",
                    "$1 note $2"),
            Rule.of("^(?:the )?ref(?:eree)? stands them(?: both)? up", "restart standing"),
            Rule.of(
                    "^(?:the )?ref(?:eree)? (?:resets|restarts)(?: them)?(?: in the (?:middle|cent(?:er|re)))?$",
                    "restart"),
            Rule.of("^(medical|injury|blood) (?:time ?out|time|stoppage|break)$", "stop $1"),
            Rule.of(
                    "^(?!.* note )(.* )?(?:near (?=(?:pass|sweep|takedown|back take|submission)s?$)|quase )(.*)$",
                    "$1$2 nearly"),
            // "Passes left to side control" has its side where a name would have it.
            Rule.of("^(\\S+ .+?) (left|right) ((?:to|into|from) (?!(?:the )?(?:left|right)).+)$", "$1 $3 $2"),
            Rule.of("(?<=hook |hold |lock )(?:on (?:the |her |his )?)?(left|right) foot$", "$1 leg"),
            // "Fails" by itself is what became of it.
            Rule.of("(?:fails|failed) to", "can't"),
            Rule.of("(?:done|completed?|completes|funciona|funcionou)", "works"),
            Rule.of("(?:gets |got |is |was )?(?:defendid[ao]|falha|falhou|blocked|stuffed)|misses|missed", "failed"),
            Rule.of("encaixad[ao]|encaixou", "locked"),
            Rule.of("com a mao esquerda", "left hand"),
            Rule.of("com a mao direita", "right hand"),
            Rule.of("n[ao]s dois bracos", ""),
            Rule.of("dentro d[ao]", "in her"),
            Rule.of("back to", ""),
            Rule.of("(?:para|pra) [ao] esquerd[ao]", "left"),
            Rule.of("(?:para|pra) [ao] direit[ao]", "right"),
            Rule.of("n[ao] braco esquerdo", "left arm"),
            Rule.of("n[ao] braco direito", "right arm"),
            Rule.of("n[ao] (?:perna|pe) esquerd[ao]", "left leg"),
            Rule.of("n[ao] (?:perna|pe) direit[ao]", "right leg"),
            Rule.of("n[ao] esquerd[ao]", "left"),
            Rule.of("n[ao] direit[ao]", "right"),
            Rule.of("(?:fica |ficou )?por cima", "on top"),
            Rule.of("(?:fica |ficou )?por baixo", "underneath"),
            Rule.of("esquerd[ao]|hidari", "left"),
            Rule.of("direit[ao]|migi", "right"),
            Rule.of("(?:para|pra)(?: [ao]s?)?|pros?", "to"),
            Rule.of(
                    "^(\\S+ )(?:tent(?:a|ou)|faz|fez|poe|coloca|consegue|busca|ataca|aplica|troca|passa (?=de|com)|entra|vai|pega|pegou)"
                            + " ?(?:de|com|para|pra|to|n[oa]s?)?(?: ?[oa]s?| ?uma?)? (.*)$",
                    "$1$2"),
            Rule.of("desiste|desistiu", "taps"));

    private static final Pattern POINTS = Pattern.compile("award ([1-9]) points");

    /** A longer line is a pasted page. */
    private static final int LONGEST = 300;

    private OtherWords() {}

    /** {@return the same line in the words that lines are read by; empty where it has no other words in it} */
    public static Optional<String> of(String line) {
        if (line.length() > LONGEST) {
            return Optional.empty();
        }
        String plain = farglass.core.naming.Words.plain(line.toLowerCase(Locale.ROOT));
        String reworded = plain;
        for (Rule rule : RULES) {
            Matcher matcher = rule.said().matcher(reworded);
            reworded = matcher.replaceAll(rule.meant());
        }
        reworded = reworded.strip().replaceAll("\\s+", " ");
        return reworded.equals(plain) ? Optional.empty() : Optional.of(reworded);
    }

    /** {@return what the referee gave, where that is told without the word for it: "2 points"} */
    static Optional<Award> award(String phrase) {
        String words = of(phrase).orElse("");
        Matcher points = POINTS.matcher(words);
        if (points.matches()) {
            return Optional.of(Award.points(Integer.parseInt(points.group(1))));
        }
        return switch (words) {
            case "award advantage" -> Optional.of(Award.advantage());
            case "award penalty" -> Optional.of(Award.penalty());
            default -> Optional.empty();
        };
    }
}
