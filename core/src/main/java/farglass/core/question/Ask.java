package farglass.core.question;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * One thing counted for a question.
 *
 * @param id the same for ever, and of this ask alone; claims are made under it
 * @param notes asks whose figures have no rows of their own: each is told beside the row of the same option
 */
public record Ask(String id, Measure measure, Wording wording, List<Ask> notes) {
    public Ask {
        notes = List.copyOf(notes);
    }

    public Ask(String id, Measure measure, Wording wording) {
        this(id, measure, wording, List.of());
    }

    /** {@return the same, with that told beside its rows} */
    public Ask with(Ask note) {
        List<Ask> more = new ArrayList<>(notes);
        more.add(note);
        return new Ask(id, measure, wording, more);
    }

    /** {@return this ask, then its notes} */
    Stream<Ask> all() {
        return Stream.concat(Stream.of(this), notes.stream());
    }
}
