package farglass.library.changelog;

import farglass.core.bout.Moment;
import java.time.Instant;
import java.util.Optional;

/**
 * What a moment was once made into.
 *
 * @param what the act in words
 * @param moment as it stood after it; empty where it was taken out
 */
public record Edition(Instant when, String who, String what, Optional<Moment> moment) {}
