package farglass.core.pass;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import farglass.core.Bouts;
import farglass.core.bout.Bout;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Corpus;
import farglass.core.lexicon.Lexicon;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** In what order a pass asks, and what it asks together. Juno (A) is under study; she plays guard. */
class AgendaTest {
    private static final Lexicon LEXICON = Lexicon.shipped();
    private static final Set<String> JUNO = Set.of("Juno");

    /** Each attack by Pip, followed two seconds later by Juno's answer. */
    private static Bout bout(String... attacksAndAnswers) {
        List<String> lines = new ArrayList<>(List.of("0:05 A guard-pull; held"));
        for (int i = 0; i < attacksAndAnswers.length; i += 2) {
            int at = 10 + 5 * i;
            lines.add("%d:%02d B %s; nearly".formatted(at / 60, at % 60, attacksAndAnswers[i]));
            lines.add("%d:%02d A %s".formatted((at + 2) / 60, (at + 2) % 60, attacksAndAnswers[i + 1]));
        }
        return Bouts.of(lines.toArray(String[]::new));
    }

    private static List<Agenda.Item> agenda(Bout bout, StudyNeeds needs) {
        return new Pass(Aim.ANSWERS, Optional.empty(), needs)
                .agenda(BoutSheet.of(bout, LEXICON))
                .items();
    }

    private static StudyNeeds needs(Bout... study) {
        return Pass.needs(Aim.ANSWERS, JUNO, Corpus.of(List.of(study), LEXICON));
    }

    private static List<String> topics(List<Agenda.Item> items) {
        return items.stream().map(item -> item.topic().words()).toList();
    }

    @Test
    void alikeQuestionsStandTogetherInTheOrderOfTheFilm() {
        Bout bout = bout("knee-cut", "frame", "toreando", "hip-escape", "knee-cut", "frame", "knee-cut", "frame");
        List<Agenda.Item> items = agenda(bout, StudyNeeds.NONE);
        Agenda.Item frames = items.stream()
                .filter(item -> item.topic().words().startsWith("Juno: frame"))
                .findFirst()
                .orElseThrow();
        assertThat(frames.topic().words()).isEqualTo("Juno: frame after Pip\u2019s knee cut");
        assertThat(frames.questions()).extracting(PassQuestion::momentId).containsExactly("m3", "m7", "m9");
        assertThat(items.stream().mapToInt(item -> item.questions().size()).sum())
                .as("nothing is lost or asked twice")
                .isEqualTo(new Pass(Aim.ANSWERS, Optional.empty(), StudyNeeds.NONE)
                        .questions(BoutSheet.of(bout, LEXICON))
                        .size());
    }

    @Test
    void whatIsLeastKnownAndComesMostOftenIsAskedFirst() {
        // In the study twelve knee cuts are answered already, four toreandos are not, and one double under.
        List<String> lines = new ArrayList<>(List.of("0:05 A guard-pull; held"));
        for (int i = 0; i < 12; i++) {
            lines.add("1:%02d B knee-cut; nearly".formatted(4 * i));
            lines.add("1:%02d A frame; answers m%d".formatted(4 * i + 2, 2 + 2 * i));
        }
        Bout answered = Bouts.of(lines.toArray(String[]::new));
        Bout toreandos = bout("toreando", "hip-escape", "toreando", "hip-escape", "toreando", "hip-escape");
        Bout bout = bout("knee-cut", "frame", "over-under", "hip-escape", "toreando", "hip-escape");
        StudyNeeds needs = needs(answered, toreandos, bout);
        List<String> order = topics(agenda(bout, needs)).stream()
                .filter(words -> words.startsWith("Juno"))
                .toList();
        assertThat(order.get(0)).startsWith("Juno: hip escape after Pip\u2019s toreando");
        double untold = 1 / Math.sqrt(2) - 1 / Math.sqrt(3);
        double twelveTold = 1 / Math.sqrt(14) - 1 / Math.sqrt(15);
        assertThat(needs.worth("answers to toreando", "Juno") / needs.worth("answers to knee-cut", "Juno"))
                .as("4 toreandos, none told, against 13 knee cuts of which 12 are")
                .isCloseTo(4 * untold / (13 * twelveTold), within(1e-9));
    }

    @Test
    void whatTheOtherAnswersTeachesTheNormOnlyAndComesLater() {
        Bout bout = Bouts.of(
                "0:05 A guard-pull; held",
                "0:10 B knee-cut; nearly",
                "0:12 A frame",
                "0:20 A scissor-sweep; nearly",
                "0:22 B sprawl");
        List<Agenda.Item> items = agenda(bout, needs(bout));
        assertThat(topics(items).get(0)).startsWith("Juno: ");
        assertThat(topics(items)).anyMatch(words -> words.startsWith("Pip: "));
    }

    @Test
    void theLessTellingHalfIsTheRearOfTheAgenda() {
        Bout bout = bout("knee-cut", "frame", "toreando", "hip-escape", "knee-cut", "frame", "knee-cut", "frame");
        Agenda agenda = new Pass(Aim.ANSWERS, Optional.empty(), needs(bout)).agenda(BoutSheet.of(bout, LEXICON));
        int all = agenda.questions().size();
        assertThat(agenda.rearHalf())
                .hasSize(all / 2)
                .isEqualTo(agenda.questions().subList(all - all / 2, all));
    }
}
