package farglass.core.question;

/** Where a question stands on the page. */
public enum Chapter {
    BEATEN_OR_HELD("Beaten or held"),
    THE_START("The start"),
    UNDERNEATH("Underneath"),
    PASSING("Passing"),
    ON_TOP_AND_BEHIND("On top and behind"),
    FINISHING("Finishing"),
    UNDER_ATTACK("Under attack"),
    NEVER("Holes and never"),
    PACE("Pace, clock, score"),
    REFEREE("Referee and rules"),
    ERRORS("Errors"),
    YEARS("Years and pairs"),
    TIMES("Times"),
    BLOWS("Mixed rules"),
    ROUNDS("Rounds of our own"),
    SAID("Said and seen");

    private final String label;

    Chapter(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
