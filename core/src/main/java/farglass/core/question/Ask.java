package farglass.core.question;

import farglass.core.fact.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * One thing counted for a question.
 *
 * @param id the same for ever, and of this ask alone; claims are made under it
 * @param notes asks whose figures have no rows of their own: each is told beside the row of the same option
 * @param layer what of a bout must have been looked through for it to count
 */
public record Ask(String id, Measure measure, Wording wording, List<Ask> notes, Layer layer) {
    public Ask {
        notes = List.copyOf(notes);
    }

    public Ask(String id, Measure measure, Wording wording) {
        this(id, measure, wording, List.of());
    }

    public Ask(String id, Measure measure, Wording wording, List<Ask> notes) {
        this(id, measure, wording, notes, Layer.STORY);
    }

    /** {@return the same, of which a viewing for the story alone says nothing} */
    public Ask needing(Layer other) {
        return new Ask(id, measure, wording, notes, other);
    }

    /** {@return the same, with that told beside its rows} */
    public Ask with(Ask note) {
        List<Ask> more = new ArrayList<>(notes);
        more.add(note);
        return new Ask(id, measure, wording, more, layer);
    }

    /** {@return this ask, then its notes} */
    Stream<Ask> all() {
        return Stream.concat(Stream.of(this), notes.stream());
    }
}
