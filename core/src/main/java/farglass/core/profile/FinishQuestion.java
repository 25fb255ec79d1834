package farglass.core.profile;

import farglass.core.bout.Became;
import farglass.core.bout.Moment;
import farglass.core.bout.Seat;
import farglass.core.bout.Stage;
import farglass.core.estimate.Share;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Technique;
import farglass.core.lexicon.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;

/** What does she finish with? Tries at a submission, which they are, and how many of each end in a tap. */
final class FinishQuestion {
    private static final String TAP = "tap";

    private FinishQuestion() {}

    private static List<Evidence> tries(
            Watched watched, Seat seat, BiFunction<Moment, Technique, Optional<String>> option) {
        List<Evidence> tries = new ArrayList<>();
        for (Moment moment : watched.deeds(seat)) {
            watched.technique(moment)
                    .filter(technique -> technique.kind() == Kind.SUBMISSION)
                    .flatMap(technique -> option.apply(moment, technique))
                    .ifPresent(taken -> tries.add(new Evidence(watched.bout().id(), Optional.of(moment.id()), taken)));
        }
        return tries;
    }

    private static boolean tapped(Moment moment) {
        return moment.telling().stage().filter(Stage.TAP::equals).isPresent() || moment.became(Became.HELD);
    }

    private static Tally which() {
        return (watched, seat) -> tries(watched, seat, (moment, technique) -> Optional.of(technique.key()));
    }

    private static Tally ends() {
        return (watched, seat) ->
                tries(watched, seat, (moment, technique) -> Optional.of(tapped(moment) ? TAP : "no tap"));
    }

    private static Tally ends(String key) {
        return (watched, seat) -> tries(
                watched,
                seat,
                (moment, technique) ->
                        technique.key().equals(key) ? Optional.of(tapped(moment) ? TAP : "no tap") : Optional.empty());
    }

    /** What was never seen has a bound; from very few tries that bound says nothing, and is left out. */
    private static String noTap(Share ends) {
        String tries = ends.chances() == 1 ? "no tap in the one try" : "no tap in %d tries".formatted(ends.chances());
        double bound = Share.neverSeenBound(ends.effective());
        return bound > 0.8 ? tries : "%s: under %s %%".formatted(tries, Saying.percent(Math.ceil(100 * bound) / 100));
    }

    static Answer answer(String athlete, Census census, Lexicon lexicon) {
        String question = "What do they finish with?";
        String name = Saying.firstName(athlete);
        Census.Count which = census.options(which());
        if (which.chances() == 0) {
            return new Answer(
                    question,
                    "Too little film: %s has not been seen trying a submission. That is not the same as never."
                            .formatted(name),
                    List.of());
        }
        List<Figure> figures = new ArrayList<>();
        Census.Count taps = census.yesOrNo(ends(), TAP);
        Share tapped = taps.shares().get(TAP);
        figures.add(new Figure(
                "Tries that end in a tap",
                tapped,
                "tries at a submission",
                taps.evidence(TAP),
                Saying.comparedWithOthers(tapped).orElse("")));
        for (Map.Entry<String, Share> option : which.shares().entrySet()) {
            Share ends = census.yesOrNo(ends(option.getKey()), TAP).shares().get(TAP);
            figures.add(new Figure(
                    lexicon.label(option.getKey()),
                    option.getValue(),
                    "tries at a submission",
                    which.evidence(option.getKey()),
                    ends.successes() == 0 ? noTap(ends) : "tap in " + Saying.counted(ends)));
        }
        String sentence = "%s tried %d submissions and got the tap in %d; most often %s, %s."
                .formatted(
                        name,
                        which.chances(),
                        tapped.successes(),
                        Words.inSentence(figures.get(1).label()),
                        Saying.counted(figures.get(1).share()));
        return new Answer(question, sentence, figures);
    }
}
