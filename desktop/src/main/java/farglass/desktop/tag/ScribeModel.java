package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.lexicon.Term;
import farglass.core.notation.Times;
import farglass.core.scribe.Phrase;
import farglass.core.scribe.Proposal;
import farglass.core.scribe.ScribeLine;
import farglass.desktop.desk.Settings;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/**
 * The line one types into. The moment's instant is the one on screen when typing began, less the person's lag at the
 * film's speed; a paused film has no lag. A time typed in front, as in {@code @1:05 knee cut}, stands instead of it.
 */
public final class ScribeModel {
    private static final int MOST_COMPLETIONS = 6;

    private final TagModel tag;
    private final Settings settings;
    private final StringProperty text = new SimpleStringProperty("");
    private final ReadOnlyStringWrapper meaning = new ReadOnlyStringWrapper("");
    private final ObservableList<Term> completions = FXCollections.observableArrayList();
    private OptionalLong began = OptionalLong.empty();
    private Optional<Moment> edited = Optional.empty();

    ScribeModel(TagModel tag, Settings settings) {
        this.tag = tag;
        this.settings = settings;
        text.addListener((property, old, now) -> {
            if (old.isBlank() && !now.isBlank()) {
                began = instant();
            }
            read();
        });
    }

    private OptionalLong instant() {
        if (tag.boutMicros().isEmpty()) {
            return OptionalLong.empty();
        }
        boolean playing = tag.player().playingProperty().get();
        double speed = tag.player().speedProperty().get();
        long lag = playing ? Math.round(settings.lagSecondsProperty().get() * speed * 1e6) : 0;
        return OptionalLong.of(Math.max(0, tag.boutMicros().getAsLong() - lag));
    }

    /** What was typed, taken apart: a time in front, if any, and the words. */
    private record Typed(OptionalLong time, String words) {}

    private Typed typed() {
        String line = text.get().strip();
        int space = line.indexOf(' ');
        String first = space < 0 ? line : line.substring(0, space);
        // The sign keeps a time apart from the digits that take the picks.
        OptionalLong time = first.startsWith("@") ? Times.parse(first.substring(1)) : OptionalLong.empty();
        return time.isPresent()
                ? new Typed(time, space < 0 ? "" : line.substring(space + 1))
                : new Typed(edited.map(Moment::atMicros).orElse(began), line);
    }

    /** Shows anew what Enter would save. */
    void read() {
        Optional<Bout> bout = tag.boutProperty().get();
        if (bout.isEmpty() || text.get().isBlank()) {
            meaning.set("");
            completions.clear();
            return;
        }
        Typed typed = typed();
        meaning.set(proposal(typed)
                .map(proposal -> sentence(proposal, typed.time(), bout.get()))
                .orElse("Then say what happened."));
        List<Term> found =
                ScribeLine.completions(typed.words(), bout.get(), tag.desk().lexicon(), MOST_COMPLETIONS);
        if (!found.equals(completions)) {
            completions.setAll(found);
        }
    }

    private Optional<Proposal> proposal(Typed typed) {
        return ScribeLine.read(
                typed.words(),
                tag.boutProperty().get().orElseThrow(),
                tag.stand(),
                tag.answerable(),
                tag.desk().lexicon());
    }

    private String sentence(Proposal proposal, OptionalLong time, Bout bout) {
        Moment moment = proposal.at("shown", time, tag.desk().lexicon());
        StringBuilder words = new StringBuilder(time.isPresent() ? Times.tenths(time.getAsLong()) : "Without a time");
        words.append(" \u00b7 ").append(Phrase.actor(moment.actor(), bout));
        words.append(": ").append(Phrase.of(moment, bout, tag.desk().lexicon()));
        moment.settled().ifPresent(settled -> words.append(" \u2192 ")
                .append(Phrase.settled(settled, bout, tag.desk().lexicon()))
                .append(settled.workedOut() ? " (worked out)" : ""));
        moment.telling().answers().ifPresent(answered -> words.append(", answers ")
                .append(bout.moment(answered)
                        .map(other -> Phrase.of(other, bout, tag.desk().lexicon()))
                        .orElse("an earlier moment")));
        moment.telling().note().ifPresent(note -> words.append(". Kept as a note: ")
                .append(note));
        return words.toString();
    }

    /** Saves what was typed. Never refuses for want of a name, a side or a time: unknown can always be saved. */
    public void commit() {
        if (tag.boutProperty().get().isEmpty() || text.get().isBlank()) {
            return;
        }
        Typed typed = typed();
        Optional<Proposal> proposal = proposal(typed);
        if (proposal.isEmpty()) {
            return;
        }
        Optional<Moment> before = edited;
        clear();
        if (before.isPresent()) {
            Moment changed = proposal.get()
                    .at(before.get().id(), typed.time(), tag.desk().lexicon());
            Moment kept = changed.telling().answers().isPresent()
                    ? changed
                    : changed.with(
                            changed.telling().withAnswers(before.get().telling().answers()));
            tag.commit(kept, "Change " + words(kept));
        } else {
            save(proposal.get(), typed.time());
        }
    }

    void save(Proposal proposal, OptionalLong time) {
        Moment moment = proposal.at(TagModel.newId(), time, tag.desk().lexicon());
        tag.commit(moment, "Tag " + words(moment));
    }

    private String words(Moment moment) {
        return Phrase.of(
                moment, tag.boutProperty().get().orElseThrow(), tag.desk().lexicon());
    }

    void edit(Moment moment) {
        edited = Optional.of(moment);
        String written = ScribeLine.written(
                moment, tag.boutProperty().get().orElseThrow(), tag.desk().lexicon());
        // Room for the next word, so that one can go on typing.
        text.set(written + " ");
    }

    /** Puts back what could not be saved, with its time, unless something else is being typed already. */
    void giveBack(Moment moment) {
        if (text.get().isBlank()) {
            String written = ScribeLine.written(
                    moment, tag.boutProperty().get().orElseThrow(), tag.desk().lexicon());
            String time = moment.atMicros().isPresent()
                    ? "@" + Times.exact(moment.atMicros().getAsLong()) + " "
                    : "";
            text.set(time + written + " ");
        }
    }

    /** Empties the line; a moment that was being changed stays as it was. */
    public void clear() {
        edited = Optional.empty();
        text.set("");
    }

    /** Finishes the last words with the completion of that number, from 0. */
    public void complete(int number) {
        if (number < completions.size()) {
            Typed typed = typed();
            String line = text.get().strip();
            String time = line.substring(0, line.length() - typed.words().length());
            text.set(time
                    + ScribeLine.completed(
                            typed.words(),
                            tag.boutProperty().get().orElseThrow(),
                            tag.desk().lexicon(),
                            completions.get(number)));
        }
    }

    public StringProperty textProperty() {
        return text;
    }

    /** {@return what Enter would save, in words} */
    public ReadOnlyStringProperty meaningProperty() {
        return meaning.getReadOnlyProperty();
    }

    public ObservableList<Term> completions() {
        return completions;
    }

    public boolean isEditing() {
        return edited.isPresent();
    }
}
