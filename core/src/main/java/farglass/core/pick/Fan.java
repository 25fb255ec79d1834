package farglass.core.pick;

import farglass.core.bout.Became;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.entry.Reach;
import farglass.core.entry.SideRule;
import farglass.core.entry.Technique;
import farglass.core.lexicon.Lexicon;
import farglass.core.scribe.Proposal;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.side.Stage;
import farglass.core.state.Stand;
import farglass.core.state.Whereabouts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is still open about a moment whose technique is named, as choices of one key each: what became of it, together with the side
 * where the technique has one, and then where it ended, where the sport leaves that open. Nothing is chosen beforehand.
 *
 * @param question in words
 * @param choices in order of use
 * @param sides whether a side goes with the answer
 */
public record Fan(String question, List<Choice> choices, SideRule sides) {
    /**
     * One answer.
     *
     * @param words as shown
     */
    public record Choice(
            String words,
            Optional<Became> became,
            Optional<Line> line,
            Optional<Stage> stage,
            Optional<String> position) {
        private static Choice of(Became became) {
            return new Choice(
                    became.label().replace('-', ' '),
                    Optional.of(became),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty());
        }

        private static Choice of(Became became, Line line) {
            return new Choice(
                    became.label() + ", " + line.label(),
                    Optional.of(became),
                    Optional.of(line),
                    Optional.empty(),
                    Optional.empty());
        }

        /** How far it came says by itself how near it was. */
        private static Choice of(Became became, Stage stage) {
            return new Choice(
                    stage.label().replace('-', ' '),
                    Optional.of(became),
                    Optional.empty(),
                    Optional.of(stage),
                    Optional.empty());
        }

        private static Choice of(Stage stage) {
            return new Choice(stage.label(), Optional.empty(), Optional.empty(), Optional.of(stage), Optional.empty());
        }

        private static Choice of(String position, Lexicon lexicon) {
            return new Choice(
                    lexicon.label(position),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of(position));
        }
    }

    private static final List<Choice> OUTCOMES =
            attack(Choice.of(Became.OFF_BALANCED), Choice.of(Became.TURNED), Choice.of(Became.CUT_OFF));
    private static final List<Choice> TAKEDOWNS = attack(
            Choice.of(Became.THREATENED, Stage.IN_HAND),
            Choice.of(Became.NEARLY, Stage.DOWN),
            Choice.of(Became.TURNED));
    private static final List<Choice> SWEEPS = attack(
            Choice.of(Became.THREATENED, Stage.OFF_BALANCED),
            Choice.of(Became.THREATENED, Stage.ONE_LEG_LOADED),
            Choice.of(Became.NEARLY, Stage.HIP_DOWN));
    private static final List<Choice> BACK_TAKES = attack(
            Choice.of(Became.THREATENED, Stage.BEHIND),
            Choice.of(Became.THREATENED, Stage.UPPER_BODY),
            Choice.of(Became.NEARLY, Stage.ONE_HOOK));
    private static final List<Choice> DEFENCES = List.of(
            Choice.of(Became.WORKED),
            Choice.of(Became.PARTLY),
            Choice.of(Became.FAILED),
            Choice.of(Became.ABANDONED),
            Choice.of(Became.TURNED),
            Choice.of(Became.CUT_OFF));
    private static final List<Choice> GRIPS = List.of(
            Choice.of(Became.TAKEN),
            Choice.of(Became.DENIED),
            Choice.of(Became.LOST),
            Choice.of(Became.ABANDONED),
            Choice.of(Became.CUT_OFF));
    private static final List<Choice> PASSES = List.of(
            Choice.of(Became.HELD),
            Choice.of(Became.NEARLY, Line.KNEE),
            Choice.of(Became.NEARLY, Line.HIP),
            Choice.of(Became.NEARLY, Line.FOOT),
            Choice.of(Became.ABANDONED),
            Choice.of(Became.THREATENED, Line.KNEE),
            Choice.of(Became.THREATENED, Line.HIP),
            Choice.of(Became.THREATENED, Line.FOOT));
    private static final List<Choice> SUBMISSIONS = List.of(
            Choice.of(Stage.THREAT),
            Choice.of(Stage.LOCKED),
            Choice.of(Stage.DEEP),
            Choice.of(Stage.TAP),
            Choice.of(Stage.ESCAPED),
            Choice.of(Became.ABANDONED),
            Choice.of(Became.SHOWN),
            Choice.of(Became.TURNED));

    /** What becomes of every attack, and what is its own. */
    private static List<Choice> attack(Choice... own) {
        List<Choice> choices = new ArrayList<>(List.of(
                Choice.of(Became.HELD),
                Choice.of(Became.NEARLY),
                Choice.of(Became.THREATENED),
                Choice.of(Became.ABANDONED),
                Choice.of(Became.SHOWN)));
        choices.addAll(List.of(own));
        return choices;
    }

    public Fan {
        choices = List.copyOf(choices);
    }

    /** {@return what is open about a moment; empty if nothing is} */
    public static Optional<Fan> of(Moment moment, Lexicon lexicon) {
        Optional<Technique> technique = moment.technique().flatMap(lexicon::technique);
        if (technique.isEmpty() || moment.actor().isEmpty()) {
            return Optional.empty();
        }
        Telling told = moment.telling();
        SideRule sides = told.side().isEmpty() ? technique.get().sideRule() : SideRule.NONE;
        if (told.became().isEmpty() && told.stage().isEmpty()) {
            return Optional.of(new Fan("What became of it?", outcomes(technique.get()), sides));
        }
        boolean placeOpen = moment.succeeded()
                && technique.get().to().size() > 1
                && moment.settled().filter(settled -> !settled.workedOut()).isEmpty();
        if (placeOpen) {
            List<Choice> places = new ArrayList<>();
            technique.get().to().forEach(key -> places.add(Choice.of(key, lexicon)));
            return Optional.of(new Fan("Where did it end?", places, SideRule.NONE));
        }
        return Optional.empty();
    }

    private static List<Choice> outcomes(Technique technique) {
        if (technique.reach().contains(Reach.SUBMISSION)) {
            return SUBMISSIONS;
        }
        return switch (technique.kind()) {
            case PASS -> PASSES;
            case TAKEDOWN -> TAKEDOWNS;
            case SWEEP -> SWEEPS;
            case BACK_TAKE -> BACK_TAKES;
            case GRIP -> GRIPS;
            case DEFENCE, ESCAPE, RETENTION, KEEPING -> DEFENCES;
            default -> OUTCOMES;
        };
    }

    /** {@return whose side an answer means} */
    public static Seat owner(Moment moment, Technique technique) {
        Seat actor = moment.actor().orElseThrow();
        return technique.sideRule().belongsToReceiver() ? actor.other() : actor;
    }

    /**
     * {@return the moment with that answer, and with what the rules of the sport settle worked out anew}
     *
     * @param side of the owner; empty where it was not seen, and then it stays unknown
     * @param now where the two were before the moment
     */
    public Moment answered(Moment moment, Choice choice, Optional<Side> side, Stand now, Lexicon lexicon) {
        Telling telling = moment.telling();
        telling = choice.became().map(telling::withBecame).orElse(telling);
        telling = choice.line().isPresent() ? telling.withLine(choice.line().get()) : telling;
        telling = choice.stage().isPresent() ? telling.withStage(choice.stage().get()) : telling;
        if (side.isPresent() && sides != SideRule.NONE) {
            Technique technique = moment.technique().flatMap(lexicon::technique).orElseThrow();
            telling = telling.withSide(new OwnedSide(owner(moment, technique), side.get()));
        }
        Optional<Settled> told = choice.position()
                .map(position -> new Settled(position, top(moment, lexicon), false))
                .or(() -> moment.settled().filter(settled -> !settled.workedOut()));
        return new Proposal(moment.actor(), moment.deed(), told, telling)
                .at(moment.id(), moment.atMicros(), now, lexicon);
    }

    private static Optional<Seat> top(Moment moment, Lexicon lexicon) {
        return moment.technique().flatMap(lexicon::technique).flatMap(technique -> moment.actor()
                .flatMap(actor -> Whereabouts.top(technique, actor)));
    }
}
