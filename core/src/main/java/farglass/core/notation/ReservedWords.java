package farglass.core.notation;

/** Words that begin a moment which is no technique; no technique may have a name that begins with one of them. */
enum ReservedWords {
    AWARD,
    RULE,
    VERDICT,
    STOP,
    RESTART,
    BEGIN,
    END,
    TIME_LEFT,
    TIMED,
    CORNER
}
