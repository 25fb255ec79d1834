package farglass.core.lexicon;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import farglass.core.entry.Control;
import farglass.core.entry.Ends;
import farglass.core.entry.Facing;
import farglass.core.entry.Kind;
import farglass.core.entry.Meaning;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.entry.School;
import farglass.core.entry.SideRule;
import farglass.core.entry.Start;
import farglass.core.entry.Technique;
import farglass.core.entry.Term;
import farglass.core.naming.Here;
import farglass.core.naming.Naming;
import java.io.StringReader;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LexiconTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private final Locale usual = Locale.getDefault();

    @AfterEach
    void restoreLanguage() {
        Locale.setDefault(usual);
    }

    @Test
    void itHoldsAtLeastSeventyPositionsAndTwoHundredAndSixtyTechniquesThatFitTogether() {
        assertThat(LEXICON.positions()).hasSizeGreaterThanOrEqualTo(70);
        assertThat(LEXICON.techniques()).hasSizeGreaterThanOrEqualTo(260).allSatisfy(technique -> {
            assertThat(technique.from()).as(technique.key()).isNotEmpty();
            assertThat(technique.says()).as(technique.key()).endsWith(".");
            technique.to().forEach(to -> assertThat(
                            LEXICON.position(to).orElseThrow().hasTop())
                    .as(technique.key() + " to " + to)
                    .isEqualTo(technique.ends() != Ends.NOBODY));
            for (Start start : technique.starts()) {
                start.positions().forEach(from -> assertThat(start.role() == Role.ANY
                                || LEXICON.position(from).orElseThrow().hasTop() == (start.role() != Role.NEUTRAL))
                        .as("%s from %s as %s", technique.key(), from, start.role())
                        .isTrue());
            }
        });
    }

    @Test
    void everyPositionAndSoEveryTechniqueIsReachedFromStanding() {
        Set<String> reached = new HashSet<>(Set.of("standing"));
        Set<String> done = new HashSet<>();
        boolean grew = true;
        while (grew) {
            grew = false;
            for (Technique technique : LEXICON.techniques()) {
                if (technique.from().stream().anyMatch(reached::contains) && done.add(technique.key())) {
                    reached.addAll(technique.to());
                    grew = true;
                }
            }
        }
        assertThat(LEXICON.techniques()).extracting(Technique::key).allSatisfy(key -> assertThat(done)
                .contains(key));
        assertThat(LEXICON.positions())
                .filteredOn(place -> place.isSettled() && place.control() != Control.BACK_UNTOLD)
                .extracting(Position::key)
                .allSatisfy(key -> assertThat(reached).contains(key));
    }

    @Test
    void everySideRuleIsUsedAndSpokenAsSomebodysLimbOrWay() {
        for (SideRule rule : SideRule.values()) {
            assertThat(LEXICON.techniques()).extracting(Technique::sideRule).contains(rule);
        }
        assertThat(SideRule.THEIR_ARM.phrase("left")).isEqualTo("left arm");
        assertThat(SideRule.THEIR_LEG.belongsToReceiver()).isTrue();
        assertThat(SideRule.OWN_LEG.phrase("right")).isEqualTo("right leg");
        assertThat(SideRule.OWN_LEG.belongsToReceiver()).isFalse();
        assertThat(SideRule.TRAVEL.phrase("left")).isEqualTo("left");
    }

    @Test
    void aWordForSeveralThingsMeansTheOneThatCanStartThere() {
        assertThat(meant("hook", "de-la-riva-guard", Role.BOTTOM)).containsExactly("foot-hook");
        assertThat(meant("hook", "turtle", Role.TOP)).containsExactly("hook-in");
        assertThat(meant("stands up", "closed-guard", Role.TOP)).containsExactly("stand-in-guard");
        assertThat(meant("stands up", "turtle", Role.BOTTOM)).containsExactly("stand-up");
        assertThat(meant("double under", "open-guard", Role.TOP))
                .as("left open, it is asked")
                .containsExactlyInAnyOrder("double-underhook-grip", "double-under-pass");
    }

    private static List<String> meant(String phrase, String place, Role role) {
        Here here = new Here(LEXICON.position(place).orElseThrow(), role, false);
        return LEXICON.naming().read(phrase, here, Naming.Hint.NONE).orElseThrow().terms().stream()
                .map(Term::key)
                .toList();
    }

    @Test
    void everyEntryReadsBackFromItsOwnStanza() {
        Stream.<Term>concat(LEXICON.positions().stream(), LEXICON.techniques().stream())
                .forEach(term -> assertThat(LEXICON.entry(Lexicon.stanza(term))).isEqualTo(term));
    }

    @Test
    void additionsWinOverShippedWordsAndABrokenOneIsLeftOutAndTold() {
        String own =
                """
                technique coat-hanger "Coat hanger"
                  kind submission
                  from back-control : top
                  side own-arm
                  says A choke of our own gym.
                  also rear choke
                """;
        Lexicon.Extended extended = LEXICON.with(List.of(
                own,
                "names knee-cut\n  slang the slicer\n",
                "technique x \"X\"\n  kind pass\n  from nowhere : top\n  side none\n  says Lost.\n"));
        assertThat(extended.problems()).singleElement().asString().contains("nowhere");
        assertThat(extended.lexicon().find("rear choke").orElseThrow().key()).isEqualTo("coat-hanger");
        assertThat(extended.lexicon().find("The Slicer").orElseThrow().key()).isEqualTo("knee-cut");
        assertThat(LEXICON.find("rear choke").orElseThrow().key()).isEqualTo("rear-naked-choke");
    }

    @Test
    void whatTheProgramHasToKnowIsOnePlaceOrATechniqueAlsoWhereAnOwnEntryStandsInItsPlace() {
        for (Meaning meaning : Meaning.values()) {
            List<Position> places = LEXICON.positions().stream()
                    .filter(each -> each.means(meaning))
                    .toList();
            boolean told = LEXICON.techniques().stream().anyMatch(each -> each.means(meaning));
            assertThat(places).as("%s", meaning).hasSize(told ? 0 : 1);
        }
        String hidden =
                "position not-visible \"Off screen\"\n  family none\n  counts none\n  top no\n  worth 0 0\n  says Nobody sees it.\n";
        Lexicon own = LEXICON.with(List.of(hidden)).lexicon();
        assertThat(own.place(Meaning.NOT_VISIBLE).label()).isEqualTo("Off screen");
        String turn = "technique belly-down \"Belly down\"\n  of turn-away\n  says Turns flat on the belly.\n";
        assertThat(LEXICON.with(List.of(turn))
                        .lexicon()
                        .technique("belly-down")
                        .orElseThrow()
                        .means(Meaning.TURNS_AWAY))
                .as("a variant is what its technique is")
                .isTrue();
        String turned = "technique belly-roll \"Belly roll\"\n  of belly-down\n  says Rolls on.\n";
        assertThat(LEXICON.with(List.of(turned, turn)).problems())
                .as("no variant of a variant")
                .hasSize(1);
    }

    /** A library may come from anywhere: none of its words may take a place away on which everything rests. */
    @Test
    void noOwnEntryTakesThePlaceOfAShippedOneOfTheOtherKind() {
        for (String key : List.of("not-visible", "standing", "mount")) {
            Lexicon.Extended extended = LEXICON.with(
                    List.of("technique %s \"Odd\"\n  kind movement\n  from turtle : any\n  side none\n  says Odd.\n"
                            .formatted(key)));
            assertThat(extended.lexicon().position(key)).as(key).isPresent();
            assertThat(extended.problems()).singleElement().asString().contains(key);
        }
        Lexicon.Extended extended = LEXICON.with(List.of(
                "position knee-cut \"Odd\"\n  family none\n  counts none\n  top no\n  worth 0 0\n  says Odd.\n"));
        assertThat(extended.lexicon().technique("knee-cut")).isPresent();
        assertThat(extended.problems()).singleElement().asString().contains("knee-cut");
    }

    @Test
    void anOwnTechniqueCanHaveVariantsInWhateverOrderTheyAreKept() {
        String hanger =
                "technique coat-hanger \"Coat hanger\"\n  kind submission\n  from turtle : top\n  side own-arm\n  says A choke.\n";
        String variant = "technique long-hanger \"Long hanger\"\n  of coat-hanger\n  says With both sleeves.\n";
        for (List<String> kept : List.of(List.of(hanger, variant), List.of(variant, hanger))) {
            Lexicon.Extended extended = LEXICON.with(kept);
            assertThat(extended.problems()).isEmpty();
            assertThat(extended.lexicon().technique("long-hanger").orElseThrow().from())
                    .containsExactly("turtle");
        }
        assertThat(LEXICON.with(List.of(variant)).problems())
                .singleElement()
                .asString()
                .contains("coat-hanger");
    }

    @Test
    void anotherSchoolShowsItsOwnWordsAndUnderstandsAll() {
        Lexicon japanese = LEXICON.shownIn(School.JAPANESE);
        assertThat(japanese.label("armbar")).isEqualTo("Juji gatame");
        assertThat(japanese.label("knee-cut")).isEqualTo("Knee cut");
        assertThat(japanese.find("straight armlock").orElseThrow().key()).isEqualTo("armbar");
        assertThat(LEXICON.shownIn(School.PORTUGUESE).label("half-guard")).isEqualTo("Meia guarda");
    }

    @Test
    void wordsAreFoundInAnySpellingAndAlsoUnderATurkishLocale() {
        Locale.setDefault(Locale.forLanguageTag("tr"));
        assertThat(LEXICON.find("KIMURA").orElseThrow().key()).isEqualTo("kimura");
        assertThat(LEXICON.find("Inside_Trip").orElseThrow().key()).isEqualTo("inside-trip");
        assertThat(LEXICON.find("guarda lac\u0327o").orElseThrow().key()).isEqualTo("lasso-guard");
    }

    @Test
    void aBeginningFindsLabelsBeforeAliases() {
        Here anywhere = new Here(LEXICON.position("not-visible").orElseThrow(), Role.ANY, true);
        assertThat(LEXICON.naming().beginning("knee", anywhere, 5))
                .hasSize(5)
                .allSatisfy(term -> assertThat(term.label()).startsWith("Knee"));
        assertThat(LEXICON.naming().beginning("", anywhere, 5)).isEmpty();
    }

    @Test
    void theNearestWordIsNearAndNonsenseHasNone() {
        assertThat(LEXICON.nearest("tore ando").orElseThrow().key()).isEqualTo("toreando");
        assertThat(LEXICON.nearest("xqzwvvkj")).isEmpty();
    }

    @Test
    void whatCanInjureHasACaution() {
        Set<Kind> risky = Set.of(Kind.SUBMISSION, Kind.TAKEDOWN, Kind.STRIKE);
        assertThat(LEXICON.techniques())
                .filteredOn(technique -> risky.contains(technique.kind()))
                .allSatisfy(technique ->
                        assertThat(technique.caution()).as(technique.key()).isPresent());
        assertThat(LEXICON.technique("heel-hook").orElseThrow().caution().orElseThrow())
                .contains("never drilled live");
    }

    @Test
    void aBrokenLexiconSaysInWhichLine() {
        assertThatThrownBy(() -> Lexicon.read(new StringReader("position x \"X\"\n  family nowhere\n  top no\n")))
                .isInstanceOf(LexiconException.class)
                .hasMessageContaining("line");
    }

    @Test
    void aFewLettersAreTheBeginningOfAWordOrTheFirstOnesOfSeveral() {
        Naming naming = Lexicon.shipped().naming();
        assertThat(naming.begun("cut")).contains("knee-cut");
        assertThat(naming.begun("ut"))
                .as("the middle of a word is no beginning")
                .doesNotContain("knee-cut");
        assertThat(naming.holding("ut")).as("but it is in one").contains("knee-cut");
        assertThat(naming.labelled("kc")).extracting(Technique::key).contains("knee-cut");
        assertThat(naming.labelled("knee c")).extracting(Technique::key).contains("knee-cut");
        assertThat(naming.labelled("k"))
                .as("one letter begins a word")
                .allMatch(technique ->
                        technique.label().toLowerCase(java.util.Locale.ROOT).matches(".*\\bk.*"));
        assertThat(naming.labelled("")).isEmpty();
        assertThat(naming.begun(" ")).isEmpty();
        assertThat(naming.holding(" ")).isEmpty();
        assertThat(naming.labelled("k".repeat(200_000))).isEmpty();
        assertThat(naming.begun("k".repeat(200_000))).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "closed-guard, EACH_OTHER",
        "mount, EACH_OTHER",
        "back-control, SAME_WAY",
        "standing-back-hooks, SAME_WAY",
        "rear-body-lock, SAME_WAY",
        "turtle, SAME_WAY",
        "side-ride, SAME_WAY",
        "truck, SAME_WAY",
        "north-south, HEADS_APART",
        "front-headlock, HEADS_APART",
        "standing-front-headlock, HEADS_APART",
        "reverse-scarf-hold, HEADS_APART",
        "reverse-mount, HEADS_APART",
        "reverse-half-guard, HEADS_APART",
        "fifty-fifty, ",
        "scramble, "
    })
    void aPlaceTellsHowTheTwoLie(String position, Facing expected) {
        assertThat(LEXICON.position(position).orElseThrow().facing()).isEqualTo(Optional.ofNullable(expected));
    }

    @Test
    void anOwnPlaceTellsItTooAndOneThatSettlesNothingSaysSo() {
        String stanza =
                """
                position crab-cage "Crab cage"
                  family guard
                  counts guard
                  top yes
                  faces %s
                  worth 0 0
                  says Under her from the side, both feet on her thighs.
                """;
        for (String word : List.of("same-way", "heads-apart", "any")) {
            Position own = (Position) LEXICON.entry(stanza.formatted(word));
            assertThat(own.facing()
                            .map(facing ->
                                    facing.name().toLowerCase(Locale.ROOT).replace('_', '-'))
                            .orElse("any"))
                    .isEqualTo(word);
            assertThat(LEXICON.entry(Lexicon.stanza(own))).isEqualTo(own);
        }
        assertThatThrownBy(() -> LEXICON.entry(stanza.formatted("sideways"))).hasMessageContaining("sideways");
    }
}
