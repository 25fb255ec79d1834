package farglass.core.profile;

import farglass.core.bout.Seat;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.corpus.Tried;
import farglass.core.estimate.Comparison;
import farglass.core.estimate.Share;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.Words;
import farglass.core.question.Claims;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What does she finish with? Tries at a submission, which they are, and how many of each end in a tap. */
final class FinishQuestion {
    private static final String ID = "finish";
    private static final String QUESTION = "What do they finish with?";
    private static final String TAP = "tap";

    private FinishQuestion() {}

    private static List<Evidence> tries(BoutSheet watched, Seat seat, Function<Tried, Optional<String>> option) {
        List<Evidence> tries = new ArrayList<>();
        for (Tried tried : watched.tried(seat, Kind.SUBMISSION)) {
            option.apply(tried)
                    .ifPresent(taken -> tries.add(new Evidence(
                            watched.bout().id(), Optional.of(tried.first().id()), taken)));
        }
        return tries;
    }

    /** A technique and its variants are counted together here; the note counts them apart. */
    private static Tally which(Lexicon lexicon) {
        return new Tally(
                "finish which",
                (watched, seat) -> tries(
                        watched,
                        seat,
                        tried -> Optional.of(lexicon.together(tried.technique().key()))));
    }

    private static Tally variants() {
        return new Tally(
                "finish variants",
                (watched, seat) -> tries(
                        watched,
                        seat,
                        tried -> tried.technique().parent().isPresent()
                                ? Optional.of(tried.technique().key())
                                : Optional.empty()));
    }

    /** What edge or bell cut off was not stopped by anybody. */
    private static Optional<String> end(Tried tried) {
        return tried.cutOff() ? Optional.empty() : Optional.of(tried.worked() ? TAP : "no tap");
    }

    private static Tally ends() {
        return new Tally("finish ends", (watched, seat) -> tries(watched, seat, FinishQuestion::end));
    }

    private static Tally ends(String key, Lexicon lexicon) {
        return new Tally(
                "finish ends " + key,
                (watched, seat) -> tries(
                        watched,
                        seat,
                        tried ->
                                lexicon.together(tried.technique().key()).equals(key) ? end(tried) : Optional.empty()));
    }

    /** What was never seen has a bound; from very few tries that bound says nothing, and is left out. */
    private static String noTap(Share ends) {
        String tries = ends.chances() == 1 ? "no tap in the one try" : "no tap in %d tries".formatted(ends.chances());
        double bound = Share.neverSeenBound(ends.effective());
        return bound > 0.8 ? tries : "%s: under %s %%".formatted(tries, Saying.percent(Math.ceil(100 * bound) / 100));
    }

    /** {@return how many tries were of each variant, where any was told} */
    private static String apart(String key, Census.Count variants, Lexicon lexicon) {
        String told = lexicon.variants(key).stream()
                .map(variant -> Map.entry(
                        Words.inSentence(variant.label()),
                        variants.evidence(variant.key()).size()))
                .filter(entry -> entry.getValue() > 0)
                .map(entry -> entry.getKey() + " " + entry.getValue())
                .collect(Collectors.joining(", "));
        return told.isEmpty() ? "" : "; of these " + told;
    }

    static Draft draft(String athlete, Census census, Lexicon lexicon) {
        Census.Count which = census.options(which(lexicon));
        Census.Count taps = census.yesOrNo(ends(), TAP);
        return which.chances() == 0
                ? Draft.of(new Answer(
                        QUESTION,
                        "Too little film: %s has not been seen trying a submission. That is not the same as never."
                                .formatted(Saying.firstName(athlete)),
                        List.of()))
                : new Draft(family(which, taps), claims -> answer(athlete, census, lexicon, which, taps, claims));
    }

    private static Map<String, Comparison> family(Census.Count which, Census.Count taps) {
        Map<String, Comparison> family = new LinkedHashMap<>(Saying.family(taps, ID));
        family.putAll(Saying.family(which, ID));
        return family;
    }

    private static Answer answer(
            String athlete, Census census, Lexicon lexicon, Census.Count which, Census.Count taps, Claims claims) {
        List<Figure> figures = new ArrayList<>();
        Share tapped = taps.shares().get(TAP);
        figures.add(new Figure(
                "Tries that end in a tap",
                tapped,
                "tries at a submission",
                taps.evidence(TAP),
                Saying.comparedWithOthers(taps, TAP, claims, ID)));
        Census.Count variants = census.options(variants());
        for (Map.Entry<String, Share> option : which.shares().entrySet()) {
            String compared = Saying.comparedWithOthers(which, option.getKey(), claims, ID);
            Share ends =
                    census.yesOrNo(ends(option.getKey(), lexicon), TAP).shares().get(TAP);
            figures.add(new Figure(
                    lexicon.label(option.getKey()),
                    option.getValue(),
                    "tries at a submission",
                    which.evidence(option.getKey()),
                    (compared.isEmpty() ? "" : compared + "; ")
                            + (ends.successes() == 0 ? noTap(ends) : "tap in " + Saying.counted(ends))
                            + apart(option.getKey(), variants, lexicon)));
        }
        String sentence = "%s tried %d submissions and got the tap in %d; most often %s, %s."
                .formatted(
                        Saying.firstName(athlete),
                        which.chances(),
                        tapped.successes(),
                        Words.inSentence(figures.get(1).label()),
                        Saying.counted(figures.get(1).share()));
        return new Answer(QUESTION, sentence, figures);
    }
}
