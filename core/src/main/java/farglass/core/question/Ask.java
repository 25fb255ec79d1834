package farglass.core.question;

import farglass.core.fact.Layer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * One thing counted for a question.
 *
 * @param notes asks whose figures have no rows of their own: each is told beside the row of the same option
 */
public record Ask(Subject subject, Measure measure, List<Ask> notes) {
    public Ask {
        notes = List.copyOf(notes);
    }

    public Ask(String id, Measure measure, Wording wording) {
        this(id, measure, wording, List.of());
    }

    public Ask(String id, Measure measure, Wording wording, List<Ask> notes) {
        this(new Subject(id, wording, Layer.STORY), measure, notes);
    }

    public String id() {
        return subject.id();
    }

    /** {@return the same, of which a viewing for the story alone says nothing} */
    public Ask needing(Layer other) {
        return new Ask(new Subject(subject.id(), subject.wording(), other), measure, notes);
    }

    /** {@return the same, with that told beside its rows} */
    public Ask with(Ask note) {
        List<Ask> more = new ArrayList<>(notes);
        more.add(note);
        return new Ask(subject, measure, more);
    }

    /** {@return this ask, then its notes} */
    public Stream<Ask> all() {
        return Stream.concat(Stream.of(this), notes.stream());
    }
}
