package farglass.core.entry;

/** What a submission is at: a choke with an arm inside is at the neck. */
public enum Target {
    NECK,
    /** Shoulder, elbow or wrist. */
    ARM,
    /** Hip, knee, ankle or foot. */
    LEG,
    /** Ribs or spine, or breathing. */
    BODY
}
