package farglass.desktop.command;

import java.util.EnumSet;
import java.util.Set;

/** Where the keys of a command are heard. Of two that hear at once, the one in front is asked first. */
public enum Where {
    ALWAYS("Always, also while something is asked"),
    EVERYWHERE("Everywhere"),
    SHELF("Shelf, on a bout"),
    TAG("Tag"),
    EMPTY_LINE("Tag, on an empty line"),
    MOMENTS("Tag, on chosen moments"),
    FILM("Tag, the film"),
    WRITTEN_LINE("Tag, once the line holds text"),
    OUTCOME("Tag, where it is asked what became of it"),
    QUESTION("Tag, to a question"),
    SEVERAL("Tag, to a question about several"),
    PEN("Tag, while drawing on the film"),
    FINDING("Tag, while finding moments"),
    DOSSIER("Dossier"),
    EVIDENCE("Dossier, on evidence"),
    LISTING("Dossier, on the page of a position or technique"),
    PLAN("Plan"),
    LEXICON("Lexicon"),
    UNNAMED("Lexicon, on words without a name");

    private final String label;

    Where(String label) {
        this.label = label;
    }

    /** {@return its words, as a heading} */
    public String label() {
        return label;
    }

    /** {@return whether what it hears can be done from elsewhere, too; the others are only answers to what is just shown} */
    public boolean isOffered() {
        return !EnumSet.of(WRITTEN_LINE, OUTCOME, QUESTION, SEVERAL, PEN, FINDING)
                .contains(this);
    }

    /** {@return whether it is a part of Tag} */
    public boolean isTag() {
        return compareTo(TAG) >= 0 && compareTo(FINDING) <= 0;
    }

    /** {@return whether it is a part of the Dossier} */
    public boolean isDossier() {
        return compareTo(DOSSIER) >= 0 && compareTo(LISTING) <= 0;
    }

    /** {@return whether both may hear one key, and neither says that it comes first} */
    public boolean clashes(Where other) {
        return canHearWith(other)
                && !inFrontOf().contains(other)
                && !other.inFrontOf().contains(this);
    }

    private boolean canHearWith(Where other) {
        if (this == other || isOfAllPlaces() || other.isOfAllPlaces()) {
            return true;
        }
        boolean samePlace = isTag() && other.isTag() || isDossier() && other.isDossier();
        return samePlace
                && !(isOfEmptyLine() && other == WRITTEN_LINE)
                && !(this == WRITTEN_LINE && other.isOfEmptyLine());
    }

    private boolean isOfAllPlaces() {
        return this == ALWAYS || this == EVERYWHERE;
    }

    private boolean isOfEmptyLine() {
        return this == EMPTY_LINE || this == OUTCOME || this == QUESTION || this == SEVERAL;
    }

    /** What is just asked is answered before anything else is done with the same key. */
    private Set<Where> inFrontOf() {
        return switch (this) {
            case OUTCOME -> EnumSet.of(EMPTY_LINE, QUESTION, SEVERAL);
            case QUESTION -> EnumSet.of(EMPTY_LINE);
            case SEVERAL -> EnumSet.of(EMPTY_LINE, QUESTION);
            case PEN, FINDING -> EnumSet.range(TAG, FINDING);
            default -> EnumSet.noneOf(Where.class);
        };
    }
}
