package farglass.core.rules;

/** A ruleset file that cannot be read, with line and expectation. */
public final class RulesetException extends RuntimeException {
    private static final long serialVersionUID = 1;

    RulesetException(String message) {
        super(message);
    }
}
