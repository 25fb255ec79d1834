package farglass.core.bout;

import farglass.core.Built;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.fact.Link;
import farglass.core.fact.Tie;
import farglass.core.side.Line;
import farglass.core.side.OwnedSide;
import farglass.core.side.Stage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is told of a moment beyond who did what. Everything may be absent.
 *
 * @param side whose side, as the technique's side rule has it
 * @param became what became of the action
 * @param line the last line a pass beat
 * @param stage how far a submission, sweep, back take or takedown got
 * @param motive why, as a person judged it
 * @param certainty how sure the viewer is
 * @param confidential whether it stays out of anything shared
 * @param note free words
 * @param facts all else, in the order told
 */
@Built
public record Telling(
        Optional<OwnedSide> side,
        Optional<Became> became,
        Optional<Line> line,
        Optional<Stage> stage,
        Optional<Motive> motive,
        Certainty certainty,
        boolean confidential,
        Optional<String> note,
        List<Fact> facts) {
    /** Nothing told, and sure of it. */
    public static final Telling NOTHING = TellingBuilder.builder()
            .certainty(Certainty.SURE)
            .confidential(false)
            .create();

    public Telling {
        facts = List.copyOf(facts);
    }

    /** {@return the facts of that kind, in the order told} */
    public <F extends Fact> Stream<F> facts(Class<F> kind) {
        return facts.stream().filter(kind::isInstance).map(kind::cast);
    }

    /** {@return ids of the moments of this bout to which that tie leads} */
    public Stream<String> tied(Tie tie) {
        return facts(Link.class)
                .filter(link -> link.tie() == tie && link.bout().isEmpty())
                .map(Link::moment);
    }

    /** {@return id of the first moment that this one responds to, linked by a person} */
    public Optional<String> answers() {
        return tied(Tie.ANSWERS).findFirst();
    }

    /** {@return whether a person looked and cannot tell} */
    public boolean unknown(Fact.Field field) {
        return facts(Fact.Unknown.class).anyMatch(unknown -> unknown.field() == field);
    }

    public Telling withSide(OwnedSide newSide) {
        return TellingBuilder.builder(this).side(newSide).create();
    }

    public Telling withoutSide() {
        return TellingBuilder.builder(this).side(Optional.empty()).create();
    }

    public Telling withBecame(Became newBecame) {
        return TellingBuilder.builder(this).became(newBecame).create();
    }

    public Telling withLine(Line newLine) {
        return TellingBuilder.builder(this).line(newLine).create();
    }

    public Telling withStage(Stage newStage) {
        return TellingBuilder.builder(this).stage(newStage).create();
    }

    public Telling withMotive(Motive newMotive) {
        return TellingBuilder.builder(this).motive(newMotive).create();
    }

    /** {@return the telling with this as the only moment it answers, or with none} */
    public Telling withAnswers(Optional<String> newAnswers) {
        List<Fact> changed = new ArrayList<>();
        newAnswers.map(Link::answering).ifPresent(changed::add);
        facts.stream().filter(fact -> !fact.ties(Tie.ANSWERS)).forEach(changed::add);
        return withFacts(changed);
    }

    public Telling withCertainty(Certainty newCertainty) {
        return TellingBuilder.builder(this).certainty(newCertainty).create();
    }

    public Telling withConfidential(boolean newConfidential) {
        return TellingBuilder.builder(this).confidential(newConfidential).create();
    }

    public Telling withNote(String newNote) {
        return TellingBuilder.builder(this).note(newNote).create();
    }

    public Telling withFacts(List<Fact> newFacts) {
        return TellingBuilder.builder(this).facts(newFacts).create();
    }

    public Telling and(Fact fact) {
        return withFacts(Stream.concat(facts.stream(), Stream.of(fact)).toList());
    }

    /** {@return the same with the two athletes exchanged} */
    Telling exchanged() {
        return TellingBuilder.builder(this)
                .side(side.map(OwnedSide::exchanged))
                .facts(facts.stream().map(Fact::exchanged).toList())
                .create();
    }

    /** {@return the same in a bout seen in a mirror} */
    public Telling mirrored() {
        return TellingBuilder.builder(this)
                .side(side.map(OwnedSide::mirrored))
                .facts(facts.stream().map(Fact::mirrored).toList())
                .create();
    }

    /** {@return the telling without ties to that moment of this bout} */
    Telling without(String momentId) {
        List<Fact> left =
                facts.stream().flatMap(fact -> fact.untied(momentId).stream()).toList();
        return left.equals(facts) ? this : withFacts(left);
    }
}
