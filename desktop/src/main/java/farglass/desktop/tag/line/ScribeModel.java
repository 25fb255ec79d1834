package farglass.desktop.tag.line;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.bout.Times;
import farglass.core.clause.Clause;
import farglass.core.clause.Clauses;
import farglass.core.entry.Technique;
import farglass.core.naming.Naming;
import farglass.core.phrase.AthleteWords;
import farglass.core.phrase.Phrase;
import farglass.core.scribe.LinePlace;
import farglass.core.scribe.Proposal;
import farglass.core.scribe.Reading;
import farglass.core.scribe.Rewording;
import farglass.core.scribe.ScribeLine;
import farglass.core.scribe.WrittenLine;
import farglass.core.side.Seat;
import farglass.core.side.Settled;
import farglass.desktop.desk.Soon;
import farglass.desktop.tag.Choice;
import farglass.desktop.tag.OpenBout;
import farglass.desktop.tag.Playhead;
import farglass.desktop.tag.Tagging;
import farglass.desktop.tag.TypedLine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/**
 * The line one types into. The moment's instant is the one on screen when typing began, less the person's lag at the
 * film's speed; a paused film has no lag. A time typed in front, as in {@code @1:05 knee cut}, stands instead of it.
 */
public final class ScribeModel {
    private final Tagging tag;
    private final OpenBout open;
    private final Choice choice;
    private final Playhead playhead;
    private final TypedLine line;
    private final Picks picks;
    private final FanModel fan;
    private final Soon shown;
    private final ReadOnlyStringWrapper meaning = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper workedOut = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper remarks = new ReadOnlyStringWrapper("");
    private final ReadOnlyObjectWrapper<Optional<String>> unknown = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ObservableList<Reading.Alternative> alternatives = FXCollections.observableArrayList();
    private OptionalLong began = OptionalLong.empty();
    private boolean beganInPlay;

    public ScribeModel(Tagging tag, Picks picks, FanModel fan) {
        this.tag = tag;
        this.open = tag.open();
        this.choice = tag.choice();
        this.playhead = tag.playhead();
        this.line = tag.line();
        this.picks = picks;
        this.fan = fan;
        // A quick hand's next key is heard before the last one's line is read.
        this.shown = tag.desk().soon(this::read);
        line.textProperty().addListener((property, old, now) -> {
            if (old.isBlank() && !now.isBlank()) {
                began = playhead.instant();
                beganInPlay = playhead.isPlaying();
                fan.close();
            }
            picks.narrow(letters());
            shown.wish();
        });
        picks.whenOffered(shown::wish);
        tag.viewing().whenBegun(line::clear);
    }

    private String text() {
        return line.textProperty().get();
    }

    private Optional<Moment> edited() {
        return line.editedProperty().get();
    }

    /** {@return what is typed of a new moment, as far as it may be the beginning of a name; empty for what says more} */
    private String letters() {
        boolean isNew = edited().isEmpty() && choice.chosen().size() <= 1;
        String written = text();
        return isNew && !written.isBlank() && Character.isLetter(written.charAt(written.length() - 1))
                ? written.strip()
                : "";
    }

    /** Takes the digit's pick: the moment is saved, and what is open about it is asked. */
    public void pick(int number) {
        if (number >= 1 && number <= picks.list().size()) {
            take(picks.list().get(number - 1));
        }
    }

    /** Saves that the athlete did that, and asks what became of it. */
    void take(Seat seat, Technique technique) {
        take(new Proposal(Optional.of(seat), new Deed.Did(technique.key()), Optional.empty(), Telling.NOTHING));
    }

    /** Drops a bare mark, to be named later. */
    public void mark() {
        if (open.bout().isPresent()) {
            Moment mark = new Moment(
                    OpenBout.newId(),
                    playhead.instant(),
                    Optional.empty(),
                    new Deed.Mark(),
                    Optional.empty(),
                    Telling.NOTHING);
            open.commit(mark, "Mark");
        }
    }

    /** Saves that instead of what was typed, at the instant at which typing began; on an empty line at the one now shown. */
    void take(Proposal proposal) {
        if (text().isBlank() || edited().isPresent()) {
            save(proposal, playhead.instant(), playhead.isPlaying(), true);
        } else {
            OptionalLong time = typed().time();
            line.clear();
            save(proposal, time, beganInPlay, true);
        }
    }

    /** What was typed, taken apart: a time in front, if any, and the words. */
    private record Typed(OptionalLong time, String words) {}

    private Typed typed() {
        String written = text().strip();
        int space = written.indexOf(' ');
        String first = space < 0 ? written : written.substring(0, space);
        // The sign keeps a time apart from the digits that take the picks.
        OptionalLong time = first.startsWith("@") ? Times.parse(first.substring(1)) : OptionalLong.empty();
        return time.isPresent()
                ? new Typed(time, space < 0 ? "" : written.substring(space + 1))
                : new Typed(edited().map(Moment::atMicros).orElse(began), written);
    }

    /** Shows anew what Enter would save. */
    private void read() {
        Optional<Bout> bout = open.bout();
        if (bout.isEmpty() || text().isBlank()) {
            meaning.set("");
            workedOut.set("");
            remarks.set("");
            alternatives.clear();
            unknown.set(Optional.empty());
            return;
        }
        if (edited().isEmpty() && choice.chosen().size() > 1) {
            meaning.set("Enter tells this of all %d chosen moments."
                    .formatted(choice.chosen().size()));
            workedOut.set("");
            remarks.set("");
            alternatives.clear();
            unknown.set(Optional.empty());
            return;
        }
        Typed typed = typed();
        List<Clause> told = told(typed);
        workedOut.set(workedOut(told, typed.time(), bout.get()));
        meaning.set(
                told.isEmpty()
                        ? "Then say what happened."
                        : told.stream()
                                .map(clause -> sentence(clause, typed.time()))
                                .collect(Collectors.joining("\n")));
        // Of words that nobody changed nothing is asked again: they stay what they were.
        List<String> asked = unchanged().map(Reading::remarks).orElse(List.of());
        String guessed = told.stream()
                .flatMap(clause -> clause.reading().remarks().stream())
                .filter(remark -> !asked.contains(remark))
                .collect(Collectors.joining(" "));
        remarks.set(
                !guessed.isEmpty() && picks.isNarrowed() ? guessed + " A digit takes one of those below." : guessed);
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
        return begun && picks.isNarrowed() && all.size() > 2 ? List.of(all.get(0), all.get(all.size() - 1)) : all;
    }

    /** Words that somebody put in quotes are meant to stay as they are. */
    private static Optional<String> unknown(Reading reading) {
        return reading.proposal()
                .deed()
                .unnamed()
                .filter(unnamed -> reading.how().isEmpty() && !reading.remarks().isEmpty())
                .map(Deed.Unnamed::words);
    }

    /** Where the two are in the end by the rules of the sport, and what is left on the match clock. */
    private String workedOut(List<Clause> told, OptionalLong time, Bout bout) {
        List<String> parts = new ArrayList<>();
        told.stream()
                .flatMap(clause -> moment("shown", clause, time).settled().stream())
                .filter(Settled::workedOut)
                .reduce((one, next) -> next)
                .ifPresent(settled -> parts.add(
                        AthleteWords.settled(settled, bout, open.desk().lexicon())));
        OptionalLong left = time.isPresent()
                ? open.timeline().orElseThrow().clock().leftMicros(time.getAsLong())
                : OptionalLong.empty();
        left.ifPresent(micros -> parts.add(Times.seconds(micros) + " left on the match clock"));
        return parts.isEmpty() ? "" : "Worked out: " + String.join(" \u00b7 ", parts);
    }

    /** What the line tells; a moment that is being changed stays one. */
    private List<Clause> told(Typed typed) {
        LinePlace place = place(typed.time());
        List<Clause> told = read(typed.words(), place);
        return edited().isEmpty() || told.size() < 2
                ? told
                : ScribeLine.read(typed.words(), place, open.desk().lexicon(), picks.expectation())
                        .map(reading -> new Clause(typed.words(), place, reading))
                        .stream()
                        .toList();
    }

    private List<Clause> read(String words, LinePlace place) {
        return Clauses.read(words, place, open.desk().lexicon(), picks.expectation());
    }

    /** Where the line is read: at the time it tells of, or at the moment that is being changed. */
    private LinePlace place(OptionalLong time) {
        Bout bout = open.bout().orElseThrow();
        return edited().flatMap(moment -> bout.moment(moment.id()))
                .map(moment -> new LinePlace(
                        bout,
                        open.timeline().orElseThrow().before(moment),
                        Optional.empty(),
                        bout.moments().indexOf(moment)))
                .orElseGet(() -> new LinePlace(bout, playhead.stand(time), choice.lead(), playhead.countBefore(time)));
    }

    private Moment moment(String id, Clause told, OptionalLong time) {
        Moment now = told.reading()
                .proposal()
                .at(id, time, told.place().now(), open.desk().lexicon());
        return edited().flatMap(before -> unchanged()
                        .map(reading -> Rewording.of(
                                before,
                                reading.proposal()
                                        .at(
                                                id,
                                                time,
                                                told.place().now(),
                                                open.desk().lexicon()),
                                now)))
                .orElse(now);
    }

    /** What the words of the moment that is being changed are read as while nobody has changed them. */
    private Optional<Reading> unchanged() {
        return edited().flatMap(before -> ScribeLine.read(
                WrittenLine.of(before), place(before.atMicros()), open.desk().lexicon(), picks.expectation()));
    }

    private String sentence(Clause told, OptionalLong time) {
        // The bout in which it is read has what the same line tells before it.
        Bout bout = told.place().bout();
        Moment moment = moment("shown", told, time);
        StringBuilder words = new StringBuilder(time.isPresent() ? Times.tenths(time.getAsLong()) : "Without a time");
        words.append(" \u00b7 ").append(AthleteWords.actor(moment.actor(), bout));
        words.append(": ").append(Phrase.of(moment, bout, open.desk().lexicon()));
        moment.settled().filter(settled -> !settled.workedOut()).ifPresent(settled -> words.append(" \u2192 ")
                .append(AthleteWords.settled(settled, bout, open.desk().lexicon())));
        moment.telling().answers().ifPresent(answered -> words.append(", answers ")
                .append(bout.moment(answered)
                        .map(other -> Phrase.of(other, bout, open.desk().lexicon()))
                        .orElse("an earlier moment")));
        moment.telling().note().ifPresent(note -> words.append(". Note: ").append(note));
        return words.toString();
    }

    /** Saves what was typed. Never refuses for want of a name, a side or a time: unknown can always be saved. */
    public void commit() {
        if (open.bout().isEmpty() || text().isBlank()) {
            return;
        }
        if (edited().isEmpty() && choice.chosen().size() > 1) {
            String words = text();
            line.clear();
            tag.corrections().tell(words);
            return;
        }
        Typed typed = typed();
        List<Clause> told = told(typed);
        if (told.isEmpty()) {
            return;
        }
        if (edited().isPresent()) {
            Moment before = edited().orElseThrow();
            Moment kept = moment(before.id(), told.get(0), typed.time());
            line.clear();
            open.commit(kept, "Change " + open.words(kept));
            line.told(kept);
            return;
        }
        line.clear();
        // Each is read again where the one before it led, so that words such as "answers" mean that one.
        told.forEach(clause -> {
            LinePlace here = place(typed.time()).landing(clause.place().landing());
            save(read(clause.text(), here).get(0).reading().proposal(), typed.time(), beganInPlay, false);
        });
    }

    /** @param inPlay whether the film was playing then @param picked whether it was taken by one key, and a second one may follow */
    private void save(Proposal proposal, OptionalLong time, boolean inPlay, boolean picked) {
        Moment moment = proposal.at(
                OpenBout.newId(), time, playhead.stand(time), open.desk().lexicon());
        if (inPlay) {
            tag.lag().taggedInPlay(moment.id(), playhead.speed());
        }
        open.commit(moment, "Tag " + open.words(moment));
        fan.ask(moment, picked);
    }

    /** Says the alternative of that number instead, from 0: the line then holds the words for it, and Enter saves it. */
    public void choose(int number) {
        shown.now();
        if (number < alternatives.size()) {
            Typed typed = typed();
            String written = text().strip();
            String time = written.substring(0, written.length() - typed.words().length());
            line.textProperty().set(time + alternatives.get(number).text());
        }
    }

    public Picks picks() {
        return picks;
    }

    public FanModel fan() {
        return fan;
    }

    /** {@return what Enter would save, in words} */
    public ReadOnlyStringProperty meaningProperty() {
        shown.now();
        return meaning.getReadOnlyProperty();
    }

    /** {@return what the rules of the sport settle besides; it is stored as worked out, never as seen} */
    public ReadOnlyStringProperty workedOutProperty() {
        shown.now();
        return workedOut.getReadOnlyProperty();
    }

    /** {@return what was guessed, mended or left open, in sentences; empty where nothing was} */
    public ReadOnlyStringProperty remarksProperty() {
        shown.now();
        return remarks.getReadOnlyProperty();
    }

    /** {@return the words in the line that name nothing, as they would be kept; empty where all is understood} */
    public ReadOnlyObjectProperty<Optional<String>> unknownProperty() {
        shown.now();
        return unknown.getReadOnlyProperty();
    }

    /** {@return what else the line could say, the likeliest first} */
    public ObservableList<Reading.Alternative> alternatives() {
        shown.now();
        return alternatives;
    }
}
