package farglass.core.scribe;

/** How likely each technique or position is to be meant here; it only chooses between completions. */
public interface Expectation {
    Expectation NONE = key -> 0;

    double of(String key);
}
