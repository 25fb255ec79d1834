package farglass.core.profile;

import farglass.core.bout.Moment;
import farglass.core.bout.Motive;
import farglass.core.bout.Seat;
import farglass.core.corpus.BoutSheet;
import farglass.core.corpus.Evidence;
import farglass.core.corpus.Tally;
import farglass.core.estimate.Share;
import farglass.core.lexicon.Family;
import farglass.core.lexicon.Kind;
import farglass.core.lexicon.Words;
import farglass.core.question.Claims;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** How do they start? The first commitment from standing in each bout whose start was watched. */
final class StartQuestion {
    private static final String ID = "start";
    private static final String QUESTION = "How do they start?";
    private static final String PULLS = "Pulls guard first";
    private static final String SHOOTS = "Goes for a takedown first";
    private static final String WAITS = "Lets the other begin";
    private static final Set<Kind> COMMITTING = Set.of(Kind.PULL, Kind.TAKEDOWN, Kind.ENTRY);

    private StartQuestion() {}

    private static List<Evidence> start(BoutSheet watched, Seat seat) {
        if (!watched.sawStart()) {
            return List.of();
        }
        Optional<Moment> first = watched.deeds().stream()
                .filter(moment -> watched.timeline().before(moment).position().family() == Family.STANDING)
                // Who is forced to pull has not chosen to.
                .filter(moment -> !moment.telling().motive().equals(Optional.of(Motive.FORCED)))
                .filter(moment -> watched.technique(moment)
                        .filter(technique -> COMMITTING.contains(technique.kind()))
                        .isPresent())
                .findFirst();
        if (first.isEmpty()) {
            return List.of();
        }
        boolean own = first.get().actor().equals(Optional.of(seat));
        boolean pull = watched.technique(first.get()).orElseThrow().kind() == Kind.PULL;
        String option = own ? pull ? PULLS : SHOOTS : WAITS;
        return List.of(new Evidence(watched.bout().id(), Optional.of(first.get().id()), option));
    }

    static Draft draft(String athlete, Census census) {
        Census.Count count = census.options(new Tally("start", StartQuestion::start));
        return count.chances() == 0
                ? Draft.of(new Answer(QUESTION, "Too little film: no start of a bout has been watched yet.", List.of()))
                : new Draft(Saying.family(count, ID), claims -> answer(athlete, count, claims));
    }

    private static Answer answer(String athlete, Census.Count count, Claims claims) {
        List<Figure> figures = new ArrayList<>();
        List<String> parts = new ArrayList<>();
        for (Map.Entry<String, Share> option : count.shares().entrySet()) {
            figures.add(new Figure(
                    option.getKey(),
                    option.getValue(),
                    "bouts whose start was watched",
                    count.evidence(option.getKey()),
                    Saying.comparedWithOthers(count, option.getKey(), claims, ID)));
            parts.add("%s in %d"
                    .formatted(
                            Words.inSentence(option.getKey()), option.getValue().successes()));
        }
        String sentence = "Of %d bouts whose start was watched, %s %s."
                .formatted(count.chances(), Saying.firstName(athlete), Saying.joined(parts));
        return new Answer(QUESTION, sentence, figures);
    }
}
