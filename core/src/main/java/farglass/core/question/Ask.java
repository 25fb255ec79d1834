package farglass.core.question;

import java.util.Optional;

/**
 * One thing counted for a question.
 *
 * @param id the same for ever, and of this ask alone; claims are made under it
 * @param beside the ask among whose rows its figures are told as notes, each beside the same option; empty for rows of its own
 */
public record Ask(String id, Measure measure, Wording wording, Optional<String> beside) {
    public Ask(String id, Measure measure, Wording wording) {
        this(id, measure, wording, Optional.empty());
    }

    /** {@return the same, told beside the rows of that ask} */
    public Ask beside(Ask other) {
        return new Ask(id, measure, wording, Optional.of(other.id()));
    }
}
