package farglass.core.fact;

import farglass.core.Built;
import farglass.core.side.Level;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A mistake, as a person judged it.
 *
 * @param code the same words wherever the same mistake is made
 * @param made whether by doing or by leaving undone; empty if that is not told
 * @param by id of the moment that punished it
 * @param at the level at which it would be punished
 * @param better what would have been better
 * @param forWhom the build, level or rules it holds for
 * @param see where it is done well: a moment's id, or BOUT/ID
 */
@Built
public record Mistake(
        String code,
        Optional<Made> made,
        Optional<Punished> punished,
        Optional<String> by,
        Optional<Level> at,
        Optional<String> better,
        Optional<String> forWhom,
        Optional<String> see)
        implements Fact {
    public enum Made {
        DONE,
        OMITTED
    }

    public enum Punished {
        NO,
        PARTLY,
        FULLY,
        LUCKY
    }

    public Mistake {
        NeedsWords.check("A mistake", code);
    }

    @Override
    public Fact retied(UnaryOperator<String> moments) {
        return MistakeBuilder.builder(this).by(by.map(moments)).create();
    }

    @Override
    public Optional<Tied> tied() {
        return by.map(moment -> new Tied(moment, "by"));
    }

    @Override
    public Optional<Fact> untied(String moment) {
        return Optional.of(MistakeBuilder.builder(this)
                .by(by.filter(other -> !other.equals(moment)))
                .create());
    }

    @Override
    public <R> R match(FactCases<R> cases) {
        return cases.mistake(this);
    }
}
