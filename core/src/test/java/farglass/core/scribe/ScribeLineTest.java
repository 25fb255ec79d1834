package farglass.core.scribe;

import static farglass.core.Bouts.LEXICON;
import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.Bouts;
import farglass.core.bout.Award;
import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.fact.Fact;
import farglass.core.fact.Tie;
import farglass.core.naming.Naming;
import farglass.core.notation.BoutFile;
import farglass.core.phrase.Phrase;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class ScribeLineTest {
    private static final Bout BOUT = Bouts.of("0:10 A guard-pull; held");
    private static final Stand GUARD = Timeline.of(BOUT, LEXICON).at(20_000_000);

    private static Proposal read(String text) {
        return reading(text, Expectation.NONE).proposal();
    }

    private static Reading reading(String text, Expectation expectation) {
        return ScribeLine.read(text, new LinePlace(BOUT, GUARD, Optional.of("m1"), 1), LEXICON, expectation)
                .orElseThrow();
    }

    @Test
    void oneLineTellsAWholeMoment() {
        Proposal proposal = read("pip knee cut left nearly knee unsure");
        assertThat(proposal.actor()).contains(Seat.B);
        assertThat(proposal.deed()).isEqualTo(new Deed.Did("knee-cut"));
        assertThat(proposal.telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
        assertThat(proposal.telling().became()).contains(Became.NEARLY);
        assertThat(proposal.telling().line()).contains(Line.KNEE);
    }

    @Test
    void whoDidItFollowsWhereOnlyOneCould() {
        assertThat(read("knee cut").actor()).contains(Seat.B);
        assertThat(read("tripod sweep").actor()).contains(Seat.A);
        assertThat(read("sleeve grip").actor()).isEmpty();
    }

    @Test
    void aSideBelongsToWhomTheTechniqueSays() {
        assertThat(read("a triangle choke left").telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
        assertThat(read("a sleeve grip left").telling().side()).contains(new OwnedSide(Seat.A, Side.LEFT));
    }

    @Test
    void aSideWithoutAnOwnerIsKeptAsAReadingAndNotGuessed() {
        Reading reading = reading("sleeve grip left", Expectation.NONE);
        assertThat(reading.proposal().telling().side()).isEmpty();
        assertThat(reading.proposal().telling().facts())
                .containsExactly(new Fact.Rival(Fact.Field.SIDE, "left", "the line typed"));
        assertThat(reading.remarks()).singleElement().asString().contains("Whose left");
    }

    @Test
    void aPositionIsReachedAndAGuardIsPlayedFromUnderneath() {
        assertThat(read("a mount").settled()).contains(new Settled("mount", Optional.of(Seat.A), false));
        assertThat(read("a half guard").settled()).contains(new Settled("half-guard", Optional.of(Seat.B), false));
        assertThat(read("a half guard on top").settled())
                .contains(new Settled("half-guard", Optional.of(Seat.A), false));
        assertThat(read("standing").settled()).contains(new Settled("standing", Optional.empty(), false));
    }

    @Test
    void whatTheRefereeGivesAndStopsIsShort() {
        assertThat(read("a +3").deed()).isEqualTo(new Deed.Awarded(Award.points(3)));
        assertThat(read("b adv").deed()).isEqualTo(new Deed.Awarded(Award.advantage()));
        assertThat(read("stop edge of mat").deed()).isEqualTo(new Deed.Stopped("edge of mat"));
        assertThat(read("restart").deed()).isEqualTo(new Deed.Restarted());
    }

    @Test
    void unknownWordsAreKeptWholeAndNothingIsRefused() {
        assertThat(read("a flying thing held").deed()).isEqualTo(new Deed.Unnamed("flying thing"));
        assertThat(read("???").deed()).isEqualTo(new Deed.Unnamed("???"));
        assertThat(ScribeLine.read("  ", LinePlace.end(BOUT, GUARD), LEXICON, Expectation.NONE))
                .isEmpty();
    }

    @Test
    void aPhraseIsNeverReadAsItsOwnBeginningAndBecomesANoteOnlyWhenAsked() {
        Reading reading = reading("b knee cut with the head low", Expectation.NONE);
        assertThat(reading.proposal().deed()).isEqualTo(new Deed.Unnamed("knee cut with the head low"));
        assertThat(reading.proposal().telling().note()).isEmpty();
        assertThat(reading.remarks()).isNotEmpty();
        Reading.Alternative asNote = reading.alternatives().get(0);
        assertThat(asNote.label()).startsWith("Knee cut");
        Proposal noted = read(asNote.text());
        assertThat(noted.deed()).isEqualTo(new Deed.Did("knee-cut"));
        assertThat(noted.telling().note()).contains("knee cut with the head low");
        assertThat(read("b knee cut note head low").telling().note()).contains("head low");
    }

    @Test
    void everyAlternativeIsALineThatSaysJustThat() {
        for (String text : new String[] {"b double under", "b kne cit left", "b tore", "a sleeve weirdly left"}) {
            assertThat(reading(text, Expectation.NONE).alternatives())
                    .as(text)
                    .isNotEmpty()
                    .allSatisfy(other -> {
                        Reading read = reading(other.text(), Expectation.NONE);
                        boolean words = read.proposal().deed() instanceof Deed.Unnamed;
                        assertThat(words ? "keep" : LEXICON.label(key(read)))
                                .satisfies(said -> assertThat(other.label()).startsWith(said));
                    });
        }
    }

    private static String key(Reading reading) {
        return reading.proposal().deed() instanceof Deed.Did did
                ? did.technique()
                : reading.proposal().settled().orElseThrow().position();
    }

    @Test
    void onesOwnMomentIsContinuedAndNeverAnswered() {
        Reading answered = reading("a frame answers", Expectation.NONE);
        assertThat(answered.proposal().telling().answers()).isEmpty();
        assertThat(answered.remarks()).singleElement().asString().contains("continues");
        assertThat(read("a frame continues").telling().tied(Tie.CONTINUES)).containsExactly("m1");
        assertThat(read("b toreando answers last").telling().answers()).contains("m1");
    }

    @Test
    void whatWorkedMeansDependsOnWhatItWas() {
        assertThat(read("b knee cut works").telling().became()).contains(Became.HELD);
        assertThat(read("a frame worked").telling().became()).contains(Became.WORKED);
        assertThat(read("a sleeve grip worked").telling().became()).contains(Became.TAKEN);
        assertThat(read("a sweep cut off").telling().became()).contains(Became.CUT_OFF);
    }

    @Test
    void anAnswerNamesTheMomentGiven() {
        assertThat(read("b stand off answers").telling().answers()).contains("m1");
    }

    @Test
    void whatHeldSettlesAndIsMarkedAsWorkedOut() {
        Moment moment = read("b knee cut held").at("x", OptionalLong.of(5), GUARD, LEXICON);
        assertThat(moment.settled()).contains(new Settled("side-control", Optional.of(Seat.B), true));
        assertThat(read("b knee cut")
                        .at("x", OptionalLong.empty(), GUARD, LEXICON)
                        .settled())
                .isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "b knee cut left nearly knee",
                "a triangle choke right deep",
                "a mount",
                "b half guard",
                "a half guard on top",
                "a +4",
                "b pen",
                "stop edge",
                "restart",
                "mark",
                "a flying thing held bait private",
                "a \"a kind of\" pass nearly",
                "b toreando foot unsure note looked back"
            })
    void whatIsWrittenBackForChangingReadsAsTheSame(String text) {
        Proposal proposal = read(text);
        Moment moment = proposal.at("x", OptionalLong.of(1), GUARD, LEXICON);
        String written = WrittenLine.of(moment);
        assertThat(read(written).at("x", OptionalLong.of(1), GUARD, LEXICON))
                .as(written)
                .isEqualTo(moment);
    }

    @Test
    void anUnfinishedWordMeansTheLikeliestThatBeginsSoAndSaysSo() {
        Expectation sleeves = key -> key.equals("sleeve-grip") ? 0.5 : 0;
        Reading finished = reading("b sl", sleeves);
        assertThat(finished.proposal().deed()).isEqualTo(new Deed.Did("sleeve-grip"));
        assertThat(finished.how()).contains(Naming.How.FINISHED);
        assertThat(finished.remarks()).singleElement().asString().contains("Sleeve grip");
        assertThat(finished.alternatives()).hasSizeGreaterThan(1);
        assertThat(read("b knee cu left nearly knee")).isEqualTo(read("b knee cut left nearly knee"));
        assertThat(read("b \"sl\"").deed()).isEqualTo(new Deed.Unnamed("sl"));
        assertThat(read("b \"sl\" pass").deed()).isEqualTo(new Deed.Unnamed("sl", Optional.of("pass")));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "left nearly knee cut pip knee",
                "pip left knee cut nearly knee",
                "knee cut left nearly knee b",
                "top knee cut left nearly knee",
                "b kne cut left nearly knee",
                "b knee cit left nearly knee"
            })
    void theOrderIsFreeAndASlipOfTheFingerIsForgiven(String text) {
        assertThat(read(text)).isEqualTo(read("b knee cut left nearly knee"));
    }

    @Test
    void theActorCanBeNamedByTheColourOfTheKit() {
        Bout dressed = Bouts.parsed("A kit: white gi\nB kit: blue gi\n", "0:10 A guard-pull; held");
        assertThat(ScribeLine.read("blue knee cut", LinePlace.end(dressed, GUARD), LEXICON, key -> 0)
                        .orElseThrow()
                        .proposal()
                        .actor())
                .contains(Seat.B);
    }

    @Test
    void whatIsToldOfManyAtOnceIsAddedToEach() {
        Moment pull = BOUT.moments().get(0);
        Stand standing = new Stand(LEXICON.position("standing").orElseThrow(), Optional.empty());
        Moment amended = Amended.of(pull, "b unsure", LinePlace.end(BOUT, standing), LEXICON)
                .moment();
        assertThat(BoutFile.line(Amended.of(
                                pull,
                                "left hand on the right sleeve deep because of the collar",
                                LinePlace.end(BOUT, standing),
                                LEXICON)
                        .moment()))
                .contains("on B right sleeve, deep")
                .contains("because \"collar\"");
        assertThat(Amended.of(pull, "b nonsense", LinePlace.end(BOUT, standing), LEXICON)
                        .unread())
                .containsExactly("nonsense");
        assertThat(amended.actor()).contains(Seat.B);
        assertThat(amended.telling().certainty()).isEqualTo(farglass.core.fact.Certainty.UNSURE);
        assertThat(amended.telling().became()).isEqualTo(pull.telling().became());
        assertThat(amended.id()).isEqualTo(pull.id());
        assertThat(amended.settled().flatMap(Settled::top))
                .as("worked out anew")
                .contains(Seat.A);
    }

    @Test
    void theWordsForPeopleSayWhoseSideItIs() {
        Bout bout = Bouts.of(
                "0:10 A kimura; side B right; stage deep",
                "0:20 B knee-cut; side B left; line past",
                "0:30 A award 2 points");
        assertThat(Phrase.of(bout.moments().get(0), bout, LEXICON)).isEqualTo("Kimura, Pip\u2019s right arm, deep");
        assertThat(Phrase.of(bout.moments().get(1), bout, LEXICON)).isEqualTo("Knee cut, to own left, past");
        assertThat(Phrase.of(bout.moments().get(2), bout, LEXICON)).isEqualTo("Given 2 points");
        assertThat(read("a kimura").telling().stage()).isEqualTo(Optional.<Stage>empty());
    }

    @Test
    void whereItEndedIsTypedBehindAnArrow() {
        Moment moment = read("b single leg held; -> half guard, B on top").at("x", OptionalLong.of(5), GUARD, LEXICON);
        assertThat(moment.settled()).contains(new Settled("half-guard", Optional.of(Seat.B), false));
        assertThat(read(WrittenLine.of(moment)).settled()).isEqualTo(moment.settled());
        assertThat(read("b single leg held")
                        .at("x", OptionalLong.of(5), GUARD, LEXICON)
                        .settled())
                .contains(new Settled("ground-not-told", Optional.of(Seat.B), true));
    }

    @Test
    void aSideIsReadFromWhoeversViewItWasCalled() {
        assertThat(read("a kimura left").telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
        assertThat(read("a kimura own left").telling().side()).contains(new OwnedSide(Seat.A, Side.LEFT));
        assertThat(read("b knee cut their left").telling().side()).contains(new OwnedSide(Seat.A, Side.LEFT));
        assertThat(read("a kimura screen left facing").telling().side()).contains(new OwnedSide(Seat.B, Side.RIGHT));
        assertThat(read("a kimura left screen away").telling().side()).contains(new OwnedSide(Seat.B, Side.LEFT));
        Proposal unsettled = read("a kimura screen left");
        assertThat(unsettled.telling().side()).isEmpty();
        assertThat(unsettled.telling().facts())
                .containsExactly(new Fact.Rival(Fact.Field.SIDE, "screen left", "the line typed"));
    }

    @Test
    void aPastedPageIsReadInLinearTimeAndNothingOfItIsLost() {
        assertThat(LEXICON.techniques())
                .allSatisfy(technique -> assertThat(technique.label().split("[ -]"))
                        .as("no name is too long to be found")
                        .hasSizeLessThanOrEqualTo(9));
        String page = "left nearly ".repeat(15) + "knee cut pip " + "and so on ".repeat(4_000);
        org.junit.jupiter.api.Assertions.assertTimeoutPreemptively(java.time.Duration.ofSeconds(20), () -> {
            Proposal proposal = read(page);
            assertThat(proposal.deed()).isEqualTo(new Deed.Unnamed(page.strip()));
            assertThat(read("left nearly ".repeat(5_000)).deed()).isInstanceOf(Deed.Unnamed.class);
            assertThat(read("zz ".repeat(10_000)).deed()).isInstanceOf(Deed.Unnamed.class);
        });
    }

    @Test
    void anUnusualStartIsSaidWhateverTheMomentsAreCalled() {
        Bout named = BoutFile.parse(
                        "far-glass bout 1\nA: Ann\nB: Bea\n\n0:01 - reached; -> closed-guard, A on top; id next\n0:02 A posture; id here\n",
                        LEXICON)
                .bout()
                .orElseThrow();
        Timeline timeline = Timeline.of(named, LEXICON);
        LinePlace place = LinePlace.end(named, timeline.after(named.moments().get(1)));
        assertThat(ScribeLine.read("ann step to mount", place, LEXICON, Expectation.NONE)
                        .orElseThrow()
                        .remarks())
                .containsExactly("Step to mount is unusual from closed guard, on top.");
        assertThat(ScribeLine.read("ann guard break", place, LEXICON, Expectation.NONE)
                        .orElseThrow()
                        .remarks())
                .isEmpty();
    }

    /** Of a phrase that names nothing no word may be lost: it is kept, or told as an outcome, a depth, a line, a side or a doubt. */
    @Test
    void ofWhatIsKeptEveryWordIsKeptOrTold() {
        Random random = new Random(31);
        List<String> vocabulary = new ArrayList<>(List.of(
                "top", "bottom", "on", "under", "left", "right", "own", "their", "side", "arm", "leg", "hip", "knee",
                "foot", "past", "line", "deep", "locked", "down", "threat", "nearly", "held", "works", "unsure", "her",
                "back", "stays", "slides", "goes", "with", "last", "answers", "screen", "away", "b"));
        LEXICON.techniques().stream()
                .limit(400)
                .flatMap(technique -> Stream.of(technique.label().split("[ -]")))
                .map(word -> word.toLowerCase(Locale.ROOT))
                .filter(word -> word.matches("[a-z]{3,}"))
                .forEach(vocabulary::add);
        int kept = 0;
        for (int i = 0; i < 2000; i++) {
            List<String> words = new ArrayList<>();
            for (int k = 2 + random.nextInt(4); k > 0; k--) {
                words.add(
                        vocabulary.get(random.nextBoolean() ? random.nextInt(35) : random.nextInt(vocabulary.size())));
            }
            Reading reading = reading("pip " + String.join(" ", words), Expectation.NONE);
            if (reading.how().isPresent() || !(reading.proposal().deed() instanceof Deed.Unnamed unnamed)) {
                continue;
            }
            kept++;
            List<String> said = List.of(unnamed.words().toLowerCase(Locale.ROOT).split(" "));
            Telling telling = reading.proposal().telling();
            boolean side = telling.side().isPresent() || !telling.facts().isEmpty();
            String told = telling.toString().toLowerCase(Locale.ROOT).replace('_', ' ') + reading.remarks();
            List<String> lost = words.stream()
                    .filter(word -> !said.contains(word))
                    .filter(word -> !told.contains(word))
                    .filter(word -> !Set.of("works", "her").contains(word))
                    // Whose side it is stands in the side.
                    .filter(word -> !side
                            || !Set.of("own", "their", "screen", "away", "side", "on", "with")
                                    .contains(word))
                    // Of two outcomes the one said last is meant, and a link may be the last one.
                    .filter(word -> !word.equals("held") && !word.equals("last"))
                    .toList();
            assertThat(lost).as("%s: %s, %s", words, unnamed, telling).isEmpty();
        }
        assertThat(kept).isGreaterThan(500);
    }
}
