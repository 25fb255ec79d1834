package farglass.core.fact;

import farglass.core.Spelling;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A tie to another moment.
 *
 * @param moment its id
 * @param bout the bout it belongs to; empty for this one
 * @param changed what was done otherwise, of a retry; why it turned, of what grew out of another
 */
public record Link(Tie tie, String moment, Optional<String> bout, Optional<String> changed) implements Fact {
    /** What is written for the moment before: the other's last one for an answer, the own last one for all else. */
    public static final String LAST = "last";

    public Link {
        NeedsWords.check("A link", moment);
    }

    @Override
    public Fact retied(UnaryOperator<String> moments) {
        return bout.isPresent() ? this : new Link(tie, moments.apply(moment), bout, changed);
    }

    @Override
    public boolean ties(Tie how) {
        return tie == how;
    }

    @Override
    public Optional<Tied> tied() {
        return bout.isPresent() ? Optional.empty() : Optional.of(new Tied(moment, Spelling.of(tie)));
    }

    @Override
    public Optional<Fact> untied(String other) {
        return bout.isEmpty() && moment.equals(other) ? Optional.empty() : Optional.of(this);
    }

    public static Link answering(String moment) {
        return new Link(Tie.ANSWERS, moment, Optional.empty(), Optional.empty());
    }

    @Override
    public <R> R match(FactCases<R> cases) {
        return cases.link(this);
    }
}
