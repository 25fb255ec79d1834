package farglass.core.lexicon;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.entry.Start;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.naming.Here;
import farglass.core.naming.Naming;
import farglass.core.naming.Nouns;
import farglass.core.naming.Stems;
import farglass.core.naming.WordIndex;
import farglass.core.naming.Words;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The rules of words, held over every entry: with and without its noun, in every form of its verb, and mangled. */
class WordsTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final long SEED = 20260509;

    private static List<Term> terms() {
        return Stream.<Term>concat(LEXICON.positions().stream(), LEXICON.techniques().stream())
                .toList();
    }

    private static List<String> names(Term term) {
        return WordIndex.written(term).toList();
    }

    /** Most words are plain already, and are not made so: that must never differ. */
    @Test
    void whatLooksPlainIsWhatMakingItPlainWouldGive() {
        Random random = new Random(SEED);
        String letters = "aZ\u00e9\u0301 -_\t9'.\u00df";
        for (int i = 0; i < 20_000; i++) {
            String word = random.ints(random.nextInt(7), 0, letters.length())
                    .mapToObj(at -> letters.substring(at, at + 1))
                    .collect(Collectors.joining());
            String made = Normalizer.normalize(word, Normalizer.Form.NFD)
                    .replaceAll("\\p{M}+", "")
                    .replaceAll("[\\s\\-_]+", " ")
                    .strip()
                    .toLowerCase(Locale.ROOT);
            assertThat(Words.plain(word)).as("\u201c%s\u201d", word).isEqualTo(made);
        }
    }

    @Test
    void everyNameMeansItsEntryInAnyCaseRunTogetherAndHyphened() {
        for (Term term : terms()) {
            for (String name : names(term)) {
                assertThat(LEXICON.meanings(name)).as(name).contains(term);
                assertThat(LEXICON.meanings(name.toUpperCase(Locale.ROOT).replace(' ', '-')))
                        .as(name)
                        .contains(term);
            }
        }
    }

    @Test
    void aLabelIsOneEntrysAndSaysNeitherHerNorShe() {
        Map<String, Term> byLabel = new HashMap<>();
        for (Term term : terms()) {
            Term other = byLabel.put(term.label().toLowerCase(Locale.ROOT), term);
            assertThat(other).as(term.label()).isNull();
            assertThat((" " + term.label().toLowerCase(Locale.ROOT) + " "))
                    .doesNotContain(" her ", " she ", " his ", " he ");
        }
    }

    @Test
    void aNameStaysLargeWithinASentence() {
        assertThat(Words.inSentence("Knee cut")).isEqualTo("knee cut");
        for (String label : List.of("Russian tie", "Peruvian necktie", "De La Riva hook", "D'Arce choke", "X-guard")) {
            assertThat(terms()).as("a label of the lexicon").anyMatch(term -> term.label()
                    .startsWith(label));
            assertThat(Words.inSentence(label)).isEqualTo(label);
        }
    }

    @Test
    void anEntryIsUnderstoodWithAndWithoutItsNoun() {
        int checked = 0;
        for (Term term : terms()) {
            for (String name : names(term)) {
                for (String form : Nouns.besides(term, name)) {
                    Here here = here(term);
                    List<Term> meant = LEXICON.naming()
                            .read(form, here, Naming.Hint.NONE)
                            .map(Naming.Found::terms)
                            .orElse(List.of());
                    // Another entry may have the short form for its own word; then that one is meant, or it is asked.
                    assertThat(LEXICON.meanings(form)).as(form).contains(term);
                    assertThat(meant).as(form).isNotEmpty();
                    checked++;
                }
            }
        }
        assertThat(checked).isGreaterThan(800);
    }

    /** Verbs of the mat, each with the forms that people say. */
    private static final String[][] VERBS = {
        {"pass", "passes", "passing", "passed"},
        {"sweep", "sweeps", "sweeping", "swept"},
        {"cut", "cuts", "cutting"},
        {"drag", "drags", "dragging", "dragged"},
        {"slide", "slides", "sliding", "slid"},
        {"step", "steps", "stepping", "stepped"},
        {"pin", "pins", "pinning", "pinned"},
        {"post", "posts", "posting", "posted"},
        {"frame", "frames", "framing", "framed"},
        {"bridge", "bridges", "bridging", "bridged"},
        {"roll", "rolls", "rolling", "rolled"},
        {"turn", "turns", "turning", "turned"},
        {"hide", "hides", "hiding", "hid"},
        {"push", "pushes", "pushing", "pushed"},
        {"pull", "pulls", "pulling", "pulled"},
        {"break", "breaks", "breaking", "broke"},
        {"strip", "strips", "stripping", "stripped"},
        {"sit", "sits", "sitting", "sat"},
        {"stand", "stands", "standing", "stood"},
        {"take", "takes", "taking", "took", "taken"},
        {"get", "gets", "getting", "got"},
        {"go", "goes", "going", "went"},
        {"come", "comes", "coming", "came"},
        {"choke", "chokes", "choking", "choked"},
        {"lock", "locks", "locking", "locked"},
        {"trip", "trips", "tripping", "tripped"},
        {"throw", "throws", "throwing", "threw"},
        {"snap", "snaps", "snapping", "snapped"},
        {"shoot", "shoots", "shooting", "shot"},
        {"smash", "smashes", "smashing", "smashed"},
        {"pummel", "pummels", "pummelling", "pummelled"},
        {"clear", "clears", "clearing", "cleared"},
        {"free", "frees", "freeing", "freed"},
        {"escape", "escapes", "escaping", "escaped"},
        {"recover", "recovers", "recovering", "recovered"},
        {"mount", "mounts", "mounting", "mounted"},
        {"invert", "inverts", "inverting", "inverted"},
        {"circle", "circles", "circling", "circled"},
    };

    @Test
    void everyVerbIsUnderstoodInItsFormsAtAnyPlaceOfTheName() {
        int checked = 0;
        for (Term term : terms()) {
            for (String name : names(term)) {
                String[] words = name.split(" ");
                for (int i = 0; i < words.length; i++) {
                    for (String[] verb : VERBS) {
                        if (!List.of(verb).contains(words[i])) {
                            continue;
                        }
                        for (String form : verb) {
                            String[] changed = words.clone();
                            changed[i] = form;
                            String said = String.join(" ", changed);
                            assertThat(reaches(said, term))
                                    .as("%s, said as %s", name, said)
                                    .isTrue();
                            checked++;
                        }
                    }
                }
            }
        }
        assertThat(checked).isGreaterThan(1_500);
    }

    /** Whether the words mean that entry, or are another's own word, with or without its noun. */
    private static boolean reaches(String said, Term term) {
        List<Term> meanings = LEXICON.meanings(said);
        boolean othersOwn = meanings.stream().anyMatch(other -> names(other).stream()
                .anyMatch(
                        name -> name.equals(said) || Nouns.besides(other, name).contains(said)));
        return meanings.contains(term) || othersOwn;
    }

    @Test
    void aVerbMayStandBehindWhatItIsDoneTo() {
        for (String said :
                List.of("cuts the knee", "knee cutting", "drags the leg", "breaks his grip", "the grip is broken")) {
            String bare = said.replace(" is ", " ");
            assertThat(LEXICON.meanings(bare)).as(said).isNotEmpty();
        }
    }

    @Test
    void whatIsOftenMangledIsUnderstoodWithAThirdOfItsLettersOff() {
        Random random = new Random(SEED);
        int tried = 0;
        int understood = 0;
        for (Term term : terms()) {
            Here here = here(term);
            for (String name : term.names().mangled()) {
                for (int i = 0; i < 40; i++) {
                    String mangled = mangled(Words.plain(name), random);
                    List<Term> meant = LEXICON.naming()
                            .read(mangled, here, Naming.Hint.NONE)
                            .or(() -> LEXICON.naming().mended(mangled, here, Naming.Hint.NONE))
                            .map(Naming.Found::terms)
                            .orElse(List.of());
                    assertThat(meant).as("%s, heard as %s", name, mangled).isNotEmpty();
                    understood += meant.contains(term) ? 1 : 0;
                    tried++;
                }
            }
        }
        assertThat(tried).isGreaterThan(1_000);
        // The rest is nearer to another entry that can start there.
        assertThat(understood / (double) tried).isGreaterThan(0.95);
    }

    /** One to a third of the letters, less one for rounding, taken out, doubled or exchanged; or blanks set elsewhere. */
    private static String mangled(String name, Random random) {
        StringBuilder letters = new StringBuilder(name.replace(" ", ""));
        int slips = 1 + random.nextInt(Math.max(1, letters.length() / 3));
        for (int i = 0; i < slips; i++) {
            int at = random.nextInt(letters.length());
            switch (random.nextInt(3)) {
                case 0 -> letters.setCharAt(at, (char) ('a' + random.nextInt(26)));
                case 1 -> letters.insert(at, letters.charAt(at));
                default -> {
                    if (letters.length() > 4) {
                        letters.deleteCharAt(at);
                    }
                }
            }
        }
        if (random.nextBoolean()) {
            letters.insert(1 + random.nextInt(letters.length() - 1), ' ');
        }
        return letters.toString().strip();
    }

    @Test
    void aSlipNeverLeavesAWordAwayAndNeverTurnsToWhatCannotStartThere() {
        Here guard = new Here(LEXICON.position("closed-guard").orElseThrow(), Role.BOTTOM, false);
        assertThat(LEXICON.naming().mended("single leg quickly", guard, Naming.Hint.NONE))
                .isEmpty();
        assertThat(LEXICON.naming().mended("knee cut of it", guard, Naming.Hint.NONE))
                .isEmpty();
        Here standing = new Here(LEXICON.position("standing").orElseThrow(), Role.NEUTRAL, false);
        assertThat(LEXICON.naming().mended("jabb", standing, Naming.Hint.NONE))
                .as("there are no blows under these rules")
                .isEmpty();
    }

    /** A place where the entry can start, or be reached. */
    private static Here here(Term term) {
        if (term instanceof Technique technique) {
            Start start = technique.starts().get(0);
            List<String> places = new ArrayList<>(start.positions());
            places.sort(null);
            Role role = start.role();
            return new Here(LEXICON.position(places.get(0)).orElseThrow(), role, true);
        }
        Position position = (Position) term;
        return new Here(position, position.family().isGuard() ? Role.BOTTOM : Role.ANY, true);
    }

    /** "Near cradle" beside "cradle" would be saved as a cradle, and the side be lost. */
    @Test
    void noNameSwallowsAWordThatTellsMore() {
        List<String> more = List.of(
                "left", "right", "near", "far", "deep", "shallow", "hard", "heavy", "again", "standing", "low", "high");
        List<String> swallowed = new ArrayList<>();
        for (Term term : LEXICON.techniques()) {
            List<List<String>> stems = names(term).stream().map(Stems::of).toList();
            for (String name : names(term)) {
                List<String> words = new ArrayList<>(Stems.of(name));
                boolean taken =
                        words.removeIf(word -> more.stream().map(Stems::of1).anyMatch(word::equals));
                words.removeIf("side"::equals);
                if (taken && stems.contains(words)) {
                    swallowed.add(name + " of " + term.key());
                }
            }
        }
        assertThat(swallowed).isEmpty();
    }

    /** What moves a name along without telling anything: fillers, verbs of taking and doing, nouns of a kind. */
    private static final Set<String> IDLE = Stream.of(
                    "a the her him it se na nas no de and para frente his other leg legs perna hand mao pra das queda passagem omote ude hishigi reta levanta recupera poe coloca os e inverte upa",
                    "in out up down off against away over through around back on behind together forward free by re to for into with",
                    "puts gets goes takes comes brings keeps holds grabs grips pulls places pega pegada segura faz climbs wins",
                    "captures catches controls cups drives closes feeds falls sits shoots sinks slides slips turns rolls traps pins",
                    "cuts breaks pinches wraps scoots moves reinserts inserts squares entra abre rola vira sobe placed taken gripped set",
                    "guard guarda choke lock sweep pass grip hook hold control takedown entry escape defence position posture",
                    "punch kick blow shot stance ride roll tie finish take jime gatame nage garami frame mount combination spinning raspagem chave system breakdown tech wrestling",
                    // Said by the entries in English: of the back, one's own.
                    "costas propria")
            .flatMap(words -> Stream.of(words.split(" ")))
            .map(Stems::of1)
            .collect(Collectors.toUnmodifiableSet());

    /**
     * "Frames on the hip" beside "frames" would be saved as a frame, and the hip be lost: what a longer name adds to a shorter
     * one of the same entry must be idle, or be told by the entry itself.
     */
    @Test
    void whatALongerNameAddsTheEntrySays() {
        List<String> swallowed = new ArrayList<>();
        for (Term term : LEXICON.techniques()) {
            Set<String> told = new HashSet<>(Stems.of(Words.plain(term.says().replaceAll("[.,:;]", " "))));
            told.addAll(Stems.of(Words.plain(term.label())));
            for (String name : names(term)) {
                for (String shorter : names(term)) {
                    List<String> added = new ArrayList<>(Stems.of(name));
                    int at = Collections.indexOfSubList(added, Stems.of(shorter));
                    if (at < 0 || name.equals(shorter)) {
                        continue;
                    }
                    added.subList(at, at + Stems.of(shorter).size()).clear();
                    added.removeIf(word -> IDLE.contains(word) || told.contains(word));
                    if (!added.isEmpty()) {
                        swallowed.add(term.key() + ": " + name + " adds " + added);
                    }
                }
            }
        }
        assertThat(swallowed).isEmpty();
    }
}
