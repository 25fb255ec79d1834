package farglass.core.catalogue;

import farglass.core.catalogue.attacked.AnswersToAttacks;
import farglass.core.catalogue.attacked.Escapes;
import farglass.core.catalogue.attacked.Turtle;
import farglass.core.catalogue.beaten.Conceded;
import farglass.core.catalogue.beaten.Held;
import farglass.core.catalogue.beaten.LostThrough;
import farglass.core.catalogue.beaten.Results;
import farglass.core.catalogue.beaten.Survived;
import farglass.core.catalogue.blows.Blows;
import farglass.core.catalogue.errors.Mistakes;
import farglass.core.catalogue.finishing.AroundFinishes;
import farglass.core.catalogue.finishing.FinishHinges;
import farglass.core.catalogue.finishing.Finishes;
import farglass.core.catalogue.never.Holes;
import farglass.core.catalogue.never.NeverSeen;
import farglass.core.catalogue.ontop.BackTakes;
import farglass.core.catalogue.ontop.Danger;
import farglass.core.catalogue.ontop.OnTop;
import farglass.core.catalogue.pace.Paces;
import farglass.core.catalogue.pace.Points;
import farglass.core.catalogue.passing.AroundPasses;
import farglass.core.catalogue.passing.PassHinges;
import farglass.core.catalogue.passing.Passes;
import farglass.core.catalogue.referee.Calls;
import farglass.core.catalogue.referee.Disputes;
import farglass.core.catalogue.referee.OtherRulesets;
import farglass.core.catalogue.rounds.Taps;
import farglass.core.catalogue.said.CornerAndPlan;
import farglass.core.catalogue.start.Edge;
import farglass.core.catalogue.start.Gripping;
import farglass.core.catalogue.start.OnTheFeet;
import farglass.core.catalogue.start.Pulls;
import farglass.core.catalogue.start.Setups;
import farglass.core.catalogue.start.Stances;
import farglass.core.catalogue.start.Starts;
import farglass.core.catalogue.start.TakedownHinges;
import farglass.core.catalogue.start.Takedowns;
import farglass.core.catalogue.times.Stopwatches;
import farglass.core.catalogue.underneath.BodyUnderneath;
import farglass.core.catalogue.underneath.GroundGrips;
import farglass.core.catalogue.underneath.GuardEnds;
import farglass.core.catalogue.underneath.Guards;
import farglass.core.catalogue.underneath.LinesKept;
import farglass.core.catalogue.underneath.OffBalanced;
import farglass.core.catalogue.underneath.SweepHinges;
import farglass.core.catalogue.underneath.Sweeps;
import farglass.core.catalogue.years.Opponents;
import farglass.core.catalogue.years.Rematches;
import farglass.core.corpus.Corpus;
import farglass.core.question.Ask;
import farglass.core.question.Dossier;
import farglass.core.question.Figure;
import farglass.core.question.Question;
import farglass.core.scope.Scope;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;

/** The fixed list of questions of a dossier, in the order of the page: chapter by chapter. */
public final class Catalogue {
    public static final List<Question> ALL = List.of(
            Results.QUESTION,
            Conceded.QUESTION,
            Survived.QUESTION,
            Held.QUESTION,
            LostThrough.QUESTION,
            Starts.QUESTION,
            Stances.QUESTION,
            Gripping.QUESTION,
            Pulls.QUESTION,
            Takedowns.QUESTION,
            Setups.QUESTION,
            TakedownHinges.QUESTION,
            OnTheFeet.QUESTION,
            Edge.QUESTION,
            Guards.QUESTION,
            GuardEnds.QUESTION,
            Sweeps.QUESTION,
            OffBalanced.QUESTION,
            SweepHinges.QUESTION,
            LinesKept.QUESTION,
            GroundGrips.QUESTION,
            BodyUnderneath.QUESTION,
            Passes.QUESTION,
            AroundPasses.QUESTION,
            PassHinges.QUESTION,
            OnTop.QUESTION,
            Danger.QUESTION,
            BackTakes.QUESTION,
            Finishes.QUESTION,
            AroundFinishes.QUESTION,
            FinishHinges.QUESTION,
            AnswersToAttacks.QUESTION,
            Escapes.QUESTION,
            Turtle.QUESTION,
            Holes.QUESTION,
            NeverSeen.QUESTION,
            Paces.QUESTION,
            Points.QUESTION,
            Calls.QUESTION,
            OtherRulesets.QUESTION,
            Disputes.QUESTION,
            Mistakes.QUESTION,
            Rematches.QUESTION,
            Opponents.QUESTION,
            Stopwatches.QUESTION,
            Blows.QUESTION,
            Taps.QUESTION,
            CornerAndPlan.QUESTION);

    private Catalogue() {}

    /** {@return the dossier of an athlete} */
    public static Dossier dossier(String athlete, Corpus corpus, Scope scope) {
        return Dossier.of(athlete, corpus, scope, ALL);
    }

    /** {@return the dossier of an athlete, as {@link Dossier#of(String, Corpus, Scope, List, DoubleConsumer, BooleanSupplier)} has it} */
    public static Dossier dossier(
            String athlete, Corpus corpus, Scope scope, DoubleConsumer progress, BooleanSupplier cancelled) {
        return Dossier.of(athlete, corpus, scope, ALL, progress, cancelled);
    }

    /** {@return the ids of what is counted for a figure: a moment struck from it counts in none of them} */
    public static List<String> tallies(Figure figure) {
        return ALL.stream()
                .flatMap(question -> question.asks().stream())
                .flatMap(Ask::all)
                .filter(ask -> ask.id().equals(figure.subject().id()))
                .flatMap(ask -> ask.measure().tallies(figure.option()).stream())
                .toList();
    }
}
