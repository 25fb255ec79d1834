package farglass.core.bout;

import java.util.Optional;

/**
 * What is told of a moment beyond who did what. Everything may be absent.
 *
 * @param side whose side, as the technique's side rule has it
 * @param became what became of the action
 * @param line the last line a pass beat
 * @param stage how far a submission got
 * @param motive why, as a person judged it
 * @param answers id of the moment this one responds to, linked by a person
 * @param certainty how sure the viewer is
 * @param confidential whether it stays out of anything shared
 * @param note free words
 */
public record Telling(
        Optional<OwnedSide> side,
        Optional<Became> became,
        Optional<Line> line,
        Optional<Stage> stage,
        Optional<Motive> motive,
        Optional<String> answers,
        Certainty certainty,
        boolean confidential,
        Optional<String> note) {
    /** Nothing told, and sure of it. */
    public static final Telling NOTHING = new Telling(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Certainty.SURE,
            false,
            Optional.empty());

    public Telling withSide(OwnedSide newSide) {
        return new Telling(Optional.of(newSide), became, line, stage, motive, answers, certainty, confidential, note);
    }

    public Telling withBecame(Became newBecame) {
        return new Telling(side, Optional.of(newBecame), line, stage, motive, answers, certainty, confidential, note);
    }

    public Telling withLine(Line newLine) {
        return new Telling(side, became, Optional.of(newLine), stage, motive, answers, certainty, confidential, note);
    }

    public Telling withStage(Stage newStage) {
        return new Telling(side, became, line, Optional.of(newStage), motive, answers, certainty, confidential, note);
    }

    public Telling withMotive(Motive newMotive) {
        return new Telling(side, became, line, stage, Optional.of(newMotive), answers, certainty, confidential, note);
    }

    public Telling withAnswers(Optional<String> newAnswers) {
        return new Telling(side, became, line, stage, motive, newAnswers, certainty, confidential, note);
    }

    public Telling withCertainty(Certainty newCertainty) {
        return new Telling(side, became, line, stage, motive, answers, newCertainty, confidential, note);
    }

    public Telling withConfidential(boolean newConfidential) {
        return new Telling(side, became, line, stage, motive, answers, certainty, newConfidential, note);
    }

    public Telling withNote(String newNote) {
        return new Telling(side, became, line, stage, motive, answers, certainty, confidential, Optional.of(newNote));
    }
}
