package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Settled;
import farglass.core.lexicon.Term;
import farglass.core.notation.Times;
import farglass.core.scribe.Phrase;
import farglass.core.scribe.Proposal;
import farglass.core.scribe.ScribeLine;
import farglass.core.scribe.WrittenLine;
import farglass.desktop.desk.Settings;
import java.util.ArrayList;
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
    private final ReadOnlyStringWrapper workedOut = new ReadOnlyStringWrapper("");
    private final ObservableList<Term> completions = FXCollections.observableArrayList();
    private OptionalLong began = OptionalLong.empty();
    private boolean beganInPlay;
    private Optional<Moment> edited = Optional.empty();

    ScribeModel(TagModel tag, Settings settings) {
        this.tag = tag;
        this.settings = settings;
        text.addListener((property, old, now) -> {
            if (old.isBlank() && !now.isBlank()) {
                began = instant();
                beganInPlay = isPlaying();
                tag.fan().close();
            }
            read();
        });
    }

    /** {@return the instant shown, less the lag of a person who watches it pass} */
    OptionalLong instant() {
        if (tag.boutMicros().isEmpty()) {
            return OptionalLong.empty();
        }
        boolean live = tag.live().onProperty().get();
        boolean playing = isPlaying();
        double speed = live ? 1 : tag.player().speedProperty().get();
        long lag = playing ? Math.round(settings.lagSecondsProperty().get() * speed * 1e6) : 0;
        return OptionalLong.of(Math.max(0, tag.boutMicros().getAsLong() - lag));
    }

    private boolean isPlaying() {
        return tag.live().onProperty().get()
                ? tag.live().runningProperty().get()
                : tag.player().playingProperty().get();
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
            workedOut.set("");
            completions.clear();
            return;
        }
        if (edited.isEmpty() && tag.chosen().size() > 1) {
            meaning.set("Enter tells this of all %d chosen moments."
                    .formatted(tag.chosen().size()));
            workedOut.set("");
            completions.clear();
            return;
        }
        Typed typed = typed();
        workedOut.set(workedOut(typed, bout.get()));
        meaning.set(proposal(typed)
                .map(proposal -> sentence(proposal, typed.time(), bout.get()))
                .orElse("Then say what happened."));
        List<Term> found = ScribeLine.completions(
                typed.words(),
                bout.get(),
                tag.stand(),
                tag.desk().lexicon(),
                tag.picks().expectation(),
                MOST_COMPLETIONS);
        if (!found.equals(completions)) {
            completions.setAll(found);
        }
    }

    /** Where the two are then by the rules of the sport, and what is left on the match clock. */
    private String workedOut(Typed typed, Bout bout) {
        List<String> parts = new ArrayList<>();
        proposal(typed)
                .flatMap(proposal ->
                        proposal.at("shown", typed.time(), tag.desk().lexicon()).settled())
                .filter(Settled::workedOut)
                .ifPresent(settled ->
                        parts.add(Phrase.settled(settled, bout, tag.desk().lexicon())));
        OptionalLong left = typed.time().isPresent()
                ? tag.timeline().orElseThrow().clock().leftMicros(typed.time().getAsLong())
                : OptionalLong.empty();
        left.ifPresent(micros -> parts.add(Times.seconds(micros) + " left on the match clock"));
        return parts.isEmpty() ? "" : "Worked out: " + String.join(" \u00b7 ", parts);
    }

    private Optional<Proposal> proposal(Typed typed) {
        return ScribeLine.read(
                typed.words(),
                tag.boutProperty().get().orElseThrow(),
                tag.stand(),
                tag.answerable(),
                tag.desk().lexicon(),
                tag.picks().expectation());
    }

    private String sentence(Proposal proposal, OptionalLong time, Bout bout) {
        Moment moment = proposal.at("shown", time, tag.desk().lexicon());
        StringBuilder words = new StringBuilder(time.isPresent() ? Times.tenths(time.getAsLong()) : "Without a time");
        words.append(" \u00b7 ").append(Phrase.actor(moment.actor(), bout));
        words.append(": ").append(Phrase.of(moment, bout, tag.desk().lexicon()));
        moment.settled().filter(settled -> !settled.workedOut()).ifPresent(settled -> words.append(" \u2192 ")
                .append(Phrase.settled(settled, bout, tag.desk().lexicon())));
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
        if (edited.isEmpty() && tag.chosen().size() > 1) {
            String words = text.get();
            clear();
            tag.mending().tell(words);
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
            tag.passes().told(kept.id());
        } else {
            save(proposal.get(), typed.time(), false);
        }
    }

    /** @param picked whether it was taken by one key, and a second one may follow */
    void save(Proposal proposal, OptionalLong time, boolean picked) {
        Moment moment = proposal.at(TagModel.newId(), time, tag.desk().lexicon());
        if (picked ? isPlaying() : beganInPlay) {
            boolean live = tag.live().onProperty().get();
            tag.lag()
                    .taggedInPlay(
                            moment.id(), live ? 1 : tag.player().speedProperty().get());
        }
        tag.commit(moment, "Tag " + words(moment));
        tag.fan().ask(moment, picked);
    }

    private String words(Moment moment) {
        return Phrase.of(
                moment, tag.boutProperty().get().orElseThrow(), tag.desk().lexicon());
    }

    void edit(Moment moment) {
        editWith(moment, " ");
    }

    /** Puts a moment's words back to be changed, with the beginning of what is to be added to them. */
    void editWith(Moment moment, String more) {
        edited = Optional.of(moment);
        String written = WrittenLine.of(moment);
        // At least room for the next word, so that one can go on typing.
        text.set(written + more);
        tag.refresh();
    }

    /** {@return which moment is being changed} */
    Optional<String> editedId() {
        return edited.map(Moment::id);
    }

    /** Puts back what could not be saved, with its time, unless something else is being typed already. */
    void giveBack(Moment moment) {
        if (text.get().isBlank()) {
            String written = WrittenLine.of(moment);
            String time = moment.atMicros().isPresent()
                    ? "@" + Times.exact(moment.atMicros().getAsLong()) + " "
                    : "";
            text.set(time + written + " ");
        }
    }

    /** Empties the line; a moment that was being changed stays as it was. */
    public void clear() {
        boolean changing = edited.isPresent();
        edited = Optional.empty();
        text.set("");
        if (changing) {
            tag.refresh();
        }
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
                            tag.stand(),
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

    /** {@return what the rules of the sport settle besides; it is stored as worked out, never as seen} */
    public ReadOnlyStringProperty workedOutProperty() {
        return workedOut.getReadOnlyProperty();
    }

    public ObservableList<Term> completions() {
        return completions;
    }

    public boolean isEditing() {
        return edited.isPresent();
    }
}
