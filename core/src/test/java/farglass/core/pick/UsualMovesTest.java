package farglass.core.pick;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.entry.Position;
import farglass.core.entry.Role;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.side.Seat;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What is offered where nothing was taught yet. */
class UsualMovesTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Map<String, List<String>> ROWS = UsualMoves.of(LEXICON).rows();

    @Test
    void everyListMeansSomethingAndNamesWhatCanStartThere() {
        List<String> wrong = new ArrayList<>();
        ROWS.forEach((name, techniques) -> {
            if (!UsualMoves.isMeant(name, LEXICON)) {
                wrong.add(name);
            }
            for (String key : techniques) {
                Optional<Technique> technique = LEXICON.technique(key);
                if (technique.isEmpty() || name.startsWith("at ") && !canStart(technique.get(), name.split(" "))) {
                    wrong.add(name + ": " + key);
                }
            }
            if (techniques.stream().distinct().count() < techniques.size()) {
                wrong.add(name + " names one twice");
            }
        });
        assertThat(wrong).isEmpty();
    }

    private static boolean canStart(Technique technique, String[] name) {
        Position position = LEXICON.position(name[1]).orElseThrow();
        Role role = name[2].equals("both") ? Role.ANY : Role.valueOf(name[2].toUpperCase(java.util.Locale.ROOT));
        return technique.canStart(position, role);
    }

    private static List<String> picks(String moments, Seat who) {
        Bout bout = BoutFile.parse(
                        "far-glass bout 1\nA: Ann\nB: Bea\ncovered: story 0:00 to 5:00 declared\n\n" + moments, LEXICON)
                .bout()
                .orElseThrow();
        int count = bout.moments().size();
        Situation now = Situation.after(
                bout,
                count,
                BoutSheet.of(bout, LEXICON).timeline().after(bout.moments().get(count - 1)));
        return Continuations.learned(Corpus.of(List.of(), LEXICON)).next(now, 9).stream()
                .map(Continuations.Likely::proposal)
                .filter(proposal -> proposal.actor().equals(Optional.of(who)))
                .map(proposal -> proposal.deed() instanceof Deed.Did did ? did.technique() : "")
                .toList();
    }

    /** Written down before the lists were. */
    @Test
    void aNewLibraryOffersWhatAnybodyWouldExpect() {
        assertThat(picks("0:10 A pulls guard; held; -> closed guard, B on top\n", Seat.B))
                .contains("posture");
        assertThat(picks("0:10 A single leg; held; -> side control, A on top\n", Seat.B))
                .contains("frame");
        assertThat(picks("0:10 A takes the back; held; -> back control, A on top\n", Seat.A))
                .contains("rear-naked-choke");
        assertThat(picks("0:10 A reached; -> mount, A on top\n", Seat.B)).contains("bridge");
        assertThat(picks("0:10 A shot; threatened\n", Seat.B)).contains("sprawl");
    }

    @Test
    void withoutTheGiNothingIsOfferedThatNeedsCloth() {
        String header =
                "far-glass bout 1\nA: Ann\nB: Bea\nuniform: %s\ncovered: story 0:00 to 5:00 declared\n\n0:10 A stand-off\n";
        for (String uniform : List.of("gi", "no-gi")) {
            Bout bout =
                    BoutFile.parse(header.formatted(uniform), LEXICON).bout().orElseThrow();
            List<String> offered = Continuations.learned(Corpus.of(List.of(), LEXICON))
                    .next(
                            Situation.after(
                                    bout,
                                    1,
                                    BoutSheet.of(bout, LEXICON)
                                            .timeline()
                                            .after(bout.moments().get(0))),
                            9)
                    .stream()
                    .map(likely -> likely.proposal().deed() instanceof Deed.Did did ? did.technique() : "")
                    .toList();
            assertThat(offered.contains("collar-grip")).as(uniform).isEqualTo(uniform.equals("gi"));
        }
    }

    @Test
    void afterAStopTheRefereeRestarts() {
        assertThat(Continuations.learned(Corpus.of(List.of(), LEXICON))
                        .next(
                                Situation.after(
                                        stopped(),
                                        2,
                                        BoutSheet.of(stopped(), LEXICON)
                                                .timeline()
                                                .after(stopped().moments().get(1))),
                                1)
                        .get(0)
                        .proposal()
                        .deed())
                .isInstanceOf(Deed.Restarted.class);
    }

    private static Bout stopped() {
        return BoutFile.parse(
                        "far-glass bout 1\nA: Ann\nB: Bea\n\n0:10 A pulls guard; held\n0:20 - stop edge\n", LEXICON)
                .bout()
                .orElseThrow();
    }
}
