package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Settled;
import farglass.core.bout.Times;
import farglass.core.lexicon.Naming;
import farglass.core.scribe.Clauses;
import farglass.core.scribe.Phrase;
import farglass.core.scribe.Proposal;
import farglass.core.scribe.Reading;
import farglass.core.scribe.ScribeLine;
import farglass.core.scribe.WrittenLine;
import farglass.core.state.Stand;
import farglass.desktop.desk.Settings;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
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
    private final TagModel tag;
    private final Settings settings;
    private final StringProperty text = new SimpleStringProperty("");
    private final ReadOnlyStringWrapper meaning = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper workedOut = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper remarks = new ReadOnlyStringWrapper("");
    private final ReadOnlyObjectWrapper<Optional<String>> unknown = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ObservableList<Reading.Alternative> alternatives = FXCollections.observableArrayList();
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
            tag.picks().narrow(letters());
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

    /** {@return what is typed of a new moment, as far as it may be the beginning of a name; empty for what says more} */
    private String letters() {
        boolean isNew = edited.isEmpty() && tag.chosen().size() <= 1;
        String line = text.get();
        return isNew && !line.isBlank() && Character.isLetter(line.charAt(line.length() - 1)) ? line.strip() : "";
    }

    /** Saves that instead of what was typed, at the instant at which typing began; on an empty line at the one now shown. */
    void take(Proposal proposal) {
        if (text.get().isBlank() || edited.isPresent()) {
            save(proposal, instant(), isPlaying(), true);
        } else {
            OptionalLong time = typed().time();
            clear();
            save(proposal, time, beganInPlay, true);
        }
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
            remarks.set("");
            alternatives.clear();
            unknown.set(Optional.empty());
            return;
        }
        if (edited.isEmpty() && tag.chosen().size() > 1) {
            meaning.set("Enter tells this of all %d chosen moments."
                    .formatted(tag.chosen().size()));
            workedOut.set("");
            remarks.set("");
            alternatives.clear();
            unknown.set(Optional.empty());
            return;
        }
        Typed typed = typed();
        List<Clauses.Clause> told = told(typed);
        workedOut.set(workedOut(told, typed.time(), bout.get()));
        meaning.set(
                told.isEmpty()
                        ? "Then say what happened."
                        : told.stream()
                                .map(clause -> sentence(clause, typed.time(), bout.get()))
                                .collect(Collectors.joining("\n")));
        String guessed = told.stream()
                .flatMap(clause -> clause.reading().remarks().stream())
                .collect(Collectors.joining(" "));
        remarks.set(
                !guessed.isEmpty() && tag.picks().isNarrowed()
                        ? guessed + " A digit takes one of those below."
                        : guessed);
        // Another reading is a whole line: of a line that tells of both there is none.
        Optional<Reading> only = told.size() == 1 ? Optional.of(told.get(0).reading()) : Optional.empty();
        unknown.set(only.flatMap(ScribeModel::unknown));
        List<Reading.Alternative> found = only.map(this::offered).orElse(List.of());
        if (!found.equals(alternatives)) {
            alternatives.setAll(found);
        }
    }

    /** What else the letters may begin stands among the picks; the words as they are do not. */
    private List<Reading.Alternative> offered(Reading reading) {
        List<Reading.Alternative> all = reading.alternatives();
        boolean begun = reading.how().equals(Optional.of(Naming.How.FINISHED));
        return begun && tag.picks().isNarrowed() && all.size() > 2 ? List.of(all.get(0), all.get(all.size() - 1)) : all;
    }

    /** Words that somebody put in quotes are meant to stay as they are. */
    private static Optional<String> unknown(Reading reading) {
        return reading.how().isEmpty()
                        && !reading.remarks().isEmpty()
                        && reading.proposal().deed() instanceof Deed.Unnamed unnamed
                ? Optional.of(unnamed.words())
                : Optional.empty();
    }

    /** Where the two are in the end by the rules of the sport, and what is left on the match clock. */
    private String workedOut(List<Clauses.Clause> told, OptionalLong time, Bout bout) {
        List<String> parts = new ArrayList<>();
        told.stream()
                .flatMap(clause -> moment("shown", clause, time).settled().stream())
                .filter(Settled::workedOut)
                .reduce((one, next) -> next)
                .ifPresent(settled ->
                        parts.add(Phrase.settled(settled, bout, tag.desk().lexicon())));
        OptionalLong left = time.isPresent()
                ? tag.timeline().orElseThrow().clock().leftMicros(time.getAsLong())
                : OptionalLong.empty();
        left.ifPresent(micros -> parts.add(Times.seconds(micros) + " left on the match clock"));
        return parts.isEmpty() ? "" : "Worked out: " + String.join(" \u00b7 ", parts);
    }

    /** What the line tells; a moment that is being changed stays one. */
    private List<Clauses.Clause> told(Typed typed) {
        List<Clauses.Clause> told = read(typed.words());
        return edited.isEmpty() || told.size() < 2
                ? told
                : ScribeLine.read(
                                typed.words(),
                                place(),
                                tag.desk().lexicon(),
                                tag.picks().expectation())
                        .map(reading -> new Clauses.Clause(typed.words(), place(), reading))
                        .stream()
                        .toList();
    }

    private List<Clauses.Clause> read(String words) {
        return Clauses.read(words, place(), tag.desk().lexicon(), tag.picks().expectation());
    }

    /** Where the line is typed: at the instant shown, or at the moment that is being changed. */
    private ScribeLine.Place place() {
        Bout bout = tag.boutProperty().get().orElseThrow();
        if (edited.isPresent() && bout.moment(edited.get().id()).isPresent()) {
            Moment moment = bout.moment(edited.get().id()).orElseThrow();
            return new ScribeLine.Place(
                    bout, stand(), Optional.empty(), bout.moments().indexOf(moment));
        }
        int before = tag.before().map(last -> bout.moments().indexOf(last) + 1).orElse(0);
        return new ScribeLine.Place(bout, stand(), tag.selectedProperty().get(), before);
    }

    private Stand stand() {
        return edited.flatMap(moment -> tag.boutProperty().get().orElseThrow().moment(moment.id()))
                .map(moment -> tag.timeline().orElseThrow().before(moment))
                .orElseGet(tag::stand);
    }

    private Moment moment(String id, Clauses.Clause told, OptionalLong time) {
        return told.reading()
                .proposal()
                .at(id, time, told.place().now(), tag.desk().lexicon());
    }

    private String sentence(Clauses.Clause told, OptionalLong time, Bout bout) {
        Moment moment = moment("shown", told, time);
        StringBuilder words = new StringBuilder(time.isPresent() ? Times.tenths(time.getAsLong()) : "Without a time");
        words.append(" \u00b7 ").append(Phrase.actor(moment.actor(), bout));
        words.append(": ").append(Phrase.of(moment, bout, tag.desk().lexicon()));
        moment.settled().filter(settled -> !settled.workedOut()).ifPresent(settled -> words.append(" \u2192 ")
                .append(Phrase.settled(settled, bout, tag.desk().lexicon())));
        moment.telling().answers().ifPresent(answered -> words.append(", answers ")
                .append(bout.moment(answered)
                        .map(other -> Phrase.of(other, bout, tag.desk().lexicon()))
                        .orElse("an earlier moment")));
        moment.telling().note().ifPresent(note -> words.append(". Note: ").append(note));
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
        List<Clauses.Clause> told = told(typed);
        if (told.isEmpty()) {
            return;
        }
        if (edited.isPresent()) {
            Moment before = edited.get();
            Moment changed = moment(before.id(), told.get(0), typed.time());
            clear();
            Moment kept = changed.telling().answers().isPresent()
                    ? changed
                    : changed.with(
                            changed.telling().withAnswers(before.telling().answers()));
            tag.commit(kept, "Change " + words(kept));
            tag.passes().told(kept.id());
            return;
        }
        clear();
        // Each is read again where the one before it led, so that words such as "answers" mean that one.
        told.forEach(clause -> save(read(clause.text()).get(0).reading().proposal(), typed.time(), beganInPlay, false));
    }

    /** @param inPlay whether the film was playing then @param picked whether it was taken by one key, and a second one may follow */
    private void save(Proposal proposal, OptionalLong time, boolean inPlay, boolean picked) {
        Moment moment =
                proposal.at(TagModel.newId(), time, tag.stand(), tag.desk().lexicon());
        if (inPlay) {
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

    /** Says the alternative of that number instead, from 0: the line then holds the words for it, and Enter saves it. */
    public void choose(int number) {
        if (number < alternatives.size()) {
            Typed typed = typed();
            String line = text.get().strip();
            String time = line.substring(0, line.length() - typed.words().length());
            text.set(time + alternatives.get(number).text());
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

    /** {@return what was guessed, mended or left open, in sentences; empty where nothing was} */
    public ReadOnlyStringProperty remarksProperty() {
        return remarks.getReadOnlyProperty();
    }

    /** {@return the words in the line that name nothing, as they would be kept; empty where all is understood} */
    public ReadOnlyObjectProperty<Optional<String>> unknownProperty() {
        return unknown.getReadOnlyProperty();
    }

    /** {@return what else the line could say, the likeliest first} */
    public ObservableList<Reading.Alternative> alternatives() {
        return alternatives;
    }

    public boolean isEditing() {
        return edited.isPresent();
    }
}
