package farglass.core.entry;

/** In whose words positions and techniques are shown. Every word is understood, whichever is shown. */
public enum School {
    ENGLISH,
    PORTUGUESE,
    JAPANESE
}
