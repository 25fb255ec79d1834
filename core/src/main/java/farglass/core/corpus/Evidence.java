package farglass.core.corpus;

import java.util.Optional;

/**
 * Where a count can be seen.
 *
 * @param moment empty where the whole bout is the evidence, as when nothing happened
 * @param option which option it counts for
 */
public record Evidence(String bout, Optional<String> moment, String option) {}
