package farglass.drawing;

/** What a stroke means; a {@link Palette} says how that looks. */
public enum Ink {
    /** The athlete under study. */
    SUBJECT,
    /** The other athlete. */
    OTHER,
    /** A wash of the subject's hue, under a curve. */
    SUBJECT_WASH,
    OTHER_WASH,
    /** Text and the main strokes. */
    INK,
    /** Text of less weight, and labels. */
    QUIET,
    /** Thin rules. */
    RULE,
    PAPER
}
