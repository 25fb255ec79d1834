package farglass.core.entry;

/** Who is on top once a technique has worked. */
public enum Ends {
    ACTOR,
    RECEIVER,
    NOBODY
}
