package farglass.core.scribe;

import farglass.core.bout.Became;
import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.entry.Kind;
import farglass.core.entry.Meaning;
import farglass.core.entry.Technique;
import farglass.core.fact.Link;
import farglass.core.fact.Tie;
import farglass.core.lexicon.Lexicon;
import farglass.core.naming.Naming;
import farglass.core.naming.Words;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** "Ann finishes" behind a try of her own: it is that try that went on until it held, and no submission of which nobody told the way. */
final class FinishedTry {
    private static final Pattern FINISHES = Pattern.compile(
            "(?:finish|finishes|finished|completes|completed|gets the finish|finaliza|finalizou)( it| up| the job)?"
                    + "( on (?:the |her |his )?(?:left|right)(?: side)?)?",
            Pattern.CASE_INSENSITIVE);

    /** Further back than this many moments, nobody can tell any more which try is meant. */
    private static final int FAR = 4;

    private FinishedTry() {}

    /**
     * {@return that the athlete's last try held; empty where the words say something else, or where there is none, or it is over}
     *
     * @param words what is said of whoever is named
     * @param said what else the line tells
     */
    static Optional<Reading> of(LinePlace place, List<String> words, Seat finishing, Telling said, Lexicon lexicon) {
        Matcher finishes = FINISHES.matcher(String.join(" ", words));
        if (!finishes.matches()) {
            return Optional.empty();
        }
        Telling told = finishes.group(2) == null || said.note().isPresent()
                ? said
                : said.withNote(finishes.group(2).strip());
        boolean it = finishes.group(1) != null;
        List<Moment> moments = place.bout().moments();
        int last = Math.min(place.before(), moments.size()) - 1;
        boolean moved = false;
        for (int i = last; i >= 0 && i > last - FAR; i--) {
            Moment moment = moments.get(i);
            boolean own = moment.actor().equals(Optional.of(finishing));
            boolean overcome = !own
                    && moment.telling()
                            .became()
                            .filter(became -> became == Became.HELD || became == Became.WORKED)
                            .isPresent();
            if (overcome
                    || moment.deed().restart().isPresent()
                    || moment.deed().stop().isPresent()) {
                return Optional.empty();
            }
            Optional<Technique> tried =
                    moment.technique().flatMap(lexicon::technique).filter(technique -> own && canBeFinished(technique));
            // "Arm triangle, dismounts and finishes" is the arm triangle still.
            boolean onTheWay = tried.filter(technique -> !it && technique.kind() == Kind.TRANSITION)
                    .isPresent();
            moved |= onTheWay;
            if (tried.isPresent() && !onTheWay) {
                boolean still = !moved || tried.get().kind() == Kind.SUBMISSION;
                return isOn(moment) && still && (it || isItself(tried.get()))
                        ? Optional.of(reading(place.bout(), moment, tried.get(), finishing, told))
                        : Optional.empty();
            }
        }
        return takenDown(place.now(), finishing, told, lexicon);
    }

    /** Whoever has a leg and finishes has taken her down; how was not told. */
    private static Optional<Reading> takenDown(Stand now, Seat finishing, Telling told, Lexicon lexicon) {
        boolean holds =
                (now.position().means(Meaning.LEG_HELD) || now.position().means(Meaning.LEGS_HELD))
                        && now.top().equals(Optional.of(finishing));
        return lexicon.generalOf(Kind.TAKEDOWN)
                .filter(takedown -> holds)
                .map(takedown -> new Reading(
                        new Proposal(
                                Optional.of(finishing),
                                new Deed.Did(takedown.key()),
                                Optional.empty(),
                                told.withBecame(Became.HELD)),
                        Optional.of(Naming.How.FORM),
                        List.of(),
                        List::of));
    }

    /**
     * {@return whether "finishes" by itself is said of it} Whoever takes the back, mounts, or passes in a way that nobody told, and finishes, has
     * finished the bout; "finishes it" may be said of each.
     */
    private static boolean isItself(Technique technique) {
        return switch (technique.kind()) {
            case BACK_TAKE, TRANSITION, ENTRY, PASS_ENTRY, PULL, GUARD_CHANGE -> false;
            case PASS, SWEEP -> !technique.generic();
            case SUBMISSION,
                    TAKEDOWN,
                    ESCAPE,
                    RETENTION,
                    DEFENCE,
                    GRIP,
                    HOLD,
                    STRIKE,
                    PLACEMENT,
                    STEP,
                    KEEPING,
                    REACTION,
                    MOVEMENT,
                    WAITING -> true;
        };
    }

    private static boolean canBeFinished(Technique technique) {
        return technique.kind() == Kind.SUBMISSION
                || !technique.kind().movesNobody() && !technique.to().isEmpty();
    }

    private static boolean isOn(Moment moment) {
        return moment.telling()
                .became()
                .filter(became -> became != Became.THREATENED && became != Became.NEARLY)
                .isEmpty();
    }

    private static Reading reading(Bout bout, Moment moment, Technique tried, Seat finishing, Telling said) {
        Telling told = said.withBecame(Became.HELD);
        told = moment.telling().side().map(told::withSide).orElse(told);
        told = told.and(new Link(Tie.CONTINUES, moment.id(), Optional.empty(), Optional.empty()));
        return new Reading(
                new Proposal(Optional.of(finishing), new Deed.Did(tried.key()), Optional.empty(), told),
                Optional.of(Naming.How.FINISHED),
                List.of("%s finishes the %s that was tried before: it goes on until it held."
                        .formatted(bout.header().contestant(finishing).name(), Words.inSentence(tried.label()))),
                List::of);
    }
}
