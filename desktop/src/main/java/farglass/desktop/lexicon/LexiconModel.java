package farglass.desktop.lexicon;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.change.Change;
import farglass.core.entry.Kind;
import farglass.core.entry.Names;
import farglass.core.entry.Term;
import farglass.core.fact.Fact;
import farglass.core.lexicon.Lexicon;
import farglass.core.lexicon.LexiconException;
import farglass.core.naming.Words;
import farglass.core.prose.HowMany;
import farglass.core.side.Settled;
import farglass.core.study.Study;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Renewal;
import farglass.desktop.desk.Work;
import farglass.library.contents.Contents;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The entries that fit what is typed, the one chosen, the words of this library that have no name yet, and its additions. */
public final class LexiconModel {
    /** A word that moments of this library use for what has no entry, and how many of them. */
    public record Unnamed(String words, int moments) {}

    private final Desk desk;
    private final StringProperty search = new SimpleStringProperty("");
    private final ObjectProperty<Optional<Kind>> kind = new SimpleObjectProperty<>(Optional.empty());
    private final ObservableList<Term> found = FXCollections.observableArrayList();
    private final ObservableList<Unnamed> unnamed = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<Term>> chosen = new SimpleObjectProperty<>(Optional.empty());
    private final ReadOnlyObjectWrapper<WordCounts> counts = new ReadOnlyObjectWrapper<>(WordCounts.NONE);
    private boolean stale = true;
    private final ReadOnlyStringWrapper summary = new ReadOnlyStringWrapper("");

    public LexiconModel(Desk desk) {
        this.desk = desk;
        search.addListener(change -> find());
        kind.addListener(change -> find());
        desk.contentsProperty().addListener(change -> outdate());
        desk.lexiconProperty().addListener((property, old, words) -> outdate());
        desk.navigation().placeProperty().addListener(change -> refresh());
        refresh();
    }

    private void outdate() {
        stale = true;
        refresh();
    }

    /** Counts only while it is looked at, and when all is read. */
    private void refresh() {
        if (!stale
                || desk.navigation().placeProperty().get() != Place.LEXICON
                || desk.arrivingProperty().get()) {
            return;
        }
        stale = false;
        Optional<String> kept = chosen.get().map(Term::key);
        find();
        kept.flatMap(lexicon()::term).ifPresent(term -> chosen.set(Optional.of(term)));
        Contents contents = desk.contents();
        desk.work()
                .latest(
                        this,
                        "Counting words",
                        (progress, cancelled) -> WordCounts.of(contents.bouts(), cancelled),
                        Work.Listener.of(this::show, desk.messages()::fail, () -> stale = true));
    }

    private void show(WordCounts found) {
        counts.set(found);
        Renewal.renew(
                unnamed,
                found.unnamed().entrySet().stream()
                        .map(entry -> new Unnamed(entry.getKey(), entry.getValue()))
                        .sorted(Comparator.comparingInt(Unnamed::moments).reversed())
                        .toList());
    }

    /** {@return how often each entry occurs, as it was last counted} */
    ReadOnlyObjectProperty<WordCounts> countsProperty() {
        return counts.getReadOnlyProperty();
    }

    private Lexicon lexicon() {
        return desk.lexicon();
    }

    private void find() {
        String plain = Words.plain(search.get());
        Set<String> holding = lexicon().naming().holding(plain);
        List<Term> meant = lexicon().meanings(plain);
        List<Term> all = Stream.<Term>concat(lexicon().positions().stream(), lexicon().techniques().stream())
                .filter(term -> kind.get().isEmpty() || term.isOf(kind.get().get()))
                .filter(term -> plain.isEmpty() || holding.contains(term.key()))
                .map(term -> new Found(
                        term, meant.contains(term), Words.plain(term.label()).startsWith(plain)))
                .sorted()
                .map(Found::term)
                .toList();
        Renewal.renew(found, all);
        int positions = lexicon().positions().size();
        int techniques = lexicon().techniques().size();
        summary.set(
                all.size() == positions + techniques
                        ? "%d positions and %d techniques".formatted(positions, techniques)
                        : "%d of %d entries".formatted(all.size(), positions + techniques));
        if (chosen.get().filter(all::contains).isEmpty()) {
            chosen.set(all.stream().findFirst());
        }
    }

    /**
     * The entry whose very word was typed comes first, then those whose label begins so.
     *
     * @param meant whether what was typed is a word for it
     * @param begins whether its label begins with it
     */
    private record Found(Term term, boolean meant, boolean begins) implements Comparable<Found> {
        private static final Comparator<Found> ORDER = Comparator.comparing(Found::meant)
                .thenComparing(Found::begins)
                .reversed()
                .thenComparing(found -> found.term().label());

        @Override
        public int compareTo(Found other) {
            return ORDER.compare(this, other);
        }
    }

    /** {@return in how many moments of the library the entry occurs: done, reached, or told as where it started} */
    int occurrences(Term term) {
        int count = 0;
        for (Bout bout : desk.contents().bouts()) {
            for (Moment moment : bout.moments()) {
                count += names(moment, term) ? 1 : 0;
            }
        }
        return count;
    }

    private static boolean names(Moment moment, Term term) {
        return term.match(
                        place -> Stream.concat(
                                        moment.settled().stream(),
                                        moment.telling().facts(Fact.From.class).map(Fact.From::settled))
                                .map(Settled::position),
                        technique -> moment.technique().stream())
                .anyMatch(term.key()::equals);
    }

    /** {@return what is known of an entry, a line each} */
    public List<TermFacts.Fact> facts(Term term) {
        return TermFacts.of(term, lexicon(), counts.get().entries().getOrDefault(term.key(), 0));
    }

    /** {@return whether this library added the entry, or changed it whole} */
    public boolean isOwn(Term term) {
        return desk.contents().words().stanzas().stream()
                .anyMatch(stanza -> stanza.key().equals(term.key())
                        && !stanza.text().startsWith("names ")
                        && !stanza.text().startsWith("starts "));
    }

    /** Adds an entry of this library's own. {@return what is wrong; empty if it was taken} */
    public String add(String stanza) {
        Term term;
        try {
            term = lexicon().entry(stanza);
        } catch (LexiconException e) {
            return e.getMessage();
        }
        Optional<Term> taken = Stream.concat(Stream.of(term.label()), term.names().all().stream())
                .flatMap(word -> lexicon().owner(word).stream())
                .filter(other -> !other.key().equals(term.key()))
                .findFirst();
        if (taken.isPresent()) {
            return "One of its words stands for %s already. Choose another word, or give that entry more words."
                    .formatted(taken.get().label());
        }
        desk.change("Add " + term.label() + " to the lexicon", word(term.key(), Optional.of(stanza)))
                .thenAccept(act -> {
                    chosen.set(lexicon().term(term.key()));
                    desk.messages().say(term.label() + " is now a word of this library.");
                });
        return "";
    }

    /** Gives an entry more words. {@return what is wrong; empty if they were taken} */
    public String name(Term term, Names more) {
        for (String word : more.all()) {
            Optional<Term> other = lexicon().owner(word);
            if (other.isPresent() && !other.get().key().equals(term.key())) {
                return "\u201c%s\u201d stands for %s already."
                        .formatted(word, other.get().label());
            }
            if (word.contains("\"") || word.isBlank() || word.length() > 80) {
                return "A word has 1 to 80 letters and no double quote.";
            }
        }
        if (more.all().isEmpty()) {
            return "Write at least one word.";
        }
        String text = isOwn(term) ? Lexicon.stanza(named(term, more)) : Lexicon.stanza(term.key(), merged(term, more));
        desk.change("More words for " + term.label(), word(term.key(), Optional.of(text)));
        return "";
    }

    /** {@return the change of that addition to the library's words, from what it says now} @param text empty to take it out */
    private Change word(String key, Optional<String> text) {
        return new Change.OfTerm(key, desk.contents().words().text(key), text);
    }

    private static Term named(Term term, Names more) {
        return term.withMoreNames(more);
    }

    /** What the library added before stays. */
    private Names merged(Term term, Names more) {
        return desk.contents().words().stanzas().stream()
                .filter(stanza -> stanza.key().equals(term.key()))
                .findFirst()
                .map(stanza -> Lexicon.namesOf(stanza.text()).and(more))
                .orElse(more);
    }

    /** Takes this library's own entry out, once nothing uses it; of a shipped one only what the library made of it. {@return what is wrong; empty if it is gone} */
    public String remove(Term term) {
        List<Change> changes = new ArrayList<>();
        if (Lexicon.shipped().term(term.key()).isEmpty()) {
            int count = occurrences(term);
            if (count > 0) {
                return "%s it. Merge it into another entry instead."
                        .formatted(count == 1 ? "1 moment uses" : count + " moments use");
            }
            Optional<String> needed = neededBy(term).or(() -> studyOf(term));
            if (needed.isPresent()) {
                return needed.get();
            }
            changes.addAll(withoutStarts(term));
        }
        changes.add(word(term.key(), Optional.empty()));
        desk.change("Take " + term.label() + " out of the lexicon", changes);
        return "";
    }

    /** {@return which other own entry could not be without it, in a sentence} */
    private Optional<String> neededBy(Term term) {
        return lexicon().techniques().stream()
                .filter(other -> !other.key().equals(term.key()) && isOwn(other))
                .flatMap(other -> other.parent().equals(Optional.of(term.key()))
                        ? Stream.of(
                                "%s is a variant of it. Change or take out that one first.".formatted(other.label()))
                        : other.from().contains(term.key()) || other.to().contains(term.key())
                                ? Stream.of("%s starts or ends in it. Change or take out that one first."
                                        .formatted(other.label()))
                                : Stream.empty())
                .findFirst();
    }

    /** {@return which study is about it, in a sentence} */
    private Optional<String> studyOf(Term term) {
        return desk.contents().studies().stream()
                .filter(study -> study.focus().equals(Optional.of(term.key())))
                .findFirst()
                .map(study -> "The study %s is about it. Take that one out first, or merge the entry into another."
                        .formatted(study.name()));
    }

    /** {@return the taking out of what is noted of where things can start, as far as it names that entry} */
    private List<Change> withoutStarts(Term term) {
        return desk.contents().words().stanzas().stream()
                .filter(stanza -> stanza.text().startsWith("starts ")
                        && List.of(stanza.text().split("\\s+")).contains(term.key()))
                .map(stanza -> word(stanza.key(), Optional.empty()))
                .toList();
    }

    /** Makes every moment with this library's own technique one with another, and takes the own one out; all in one act. */
    public String merge(Term own, String into) {
        Optional<Term> target = lexicon().find(into);
        if (target.isEmpty()
                || target.get().asTechnique().isEmpty()
                || target.get().key().equals(own.key())) {
            return "\u201c%s\u201d is no other technique of the lexicon.%s".formatted(into, nearest(into));
        }
        Optional<String> needed = neededBy(own);
        if (needed.isPresent()) {
            return needed.get();
        }
        rename(
                "Merge %s into %s".formatted(own.label(), target.get().label()),
                new Deed.Did(own.key()),
                new Deed.Did(target.get().key()),
                Optional.of(own));
        return "";
    }

    /** Names what had no name: every moment with those words becomes one with that technique, in one act. */
    public String name(Unnamed words, String technique) {
        Optional<Term> target = lexicon().find(technique);
        if (target.flatMap(Term::asTechnique).isEmpty()) {
            return "\u201c%s\u201d is no technique of the lexicon.%s".formatted(technique, nearest(technique));
        }
        rename(
                "Name \u201c%s\u201d as %s"
                        .formatted(words.words(), target.get().label()),
                new Deed.Unnamed(words.words()),
                new Deed.Did(target.get().key()),
                Optional.empty());
        return "";
    }

    private String nearest(String word) {
        return lexicon()
                .nearest(word)
                .map(near -> " Did you mean %s?".formatted(near.label()))
                .orElse("");
    }

    /** Words without a name are the same words, whatever kind was noted of them. */
    private static boolean is(Deed deed, Deed wanted) {
        return deed.unnamed().isPresent()
                ? deed.unnamed()
                        .map(Deed.Unnamed::words)
                        .equals(wanted.unnamed().map(Deed.Unnamed::words))
                : deed.equals(wanted);
    }

    private void rename(String what, Deed from, Deed to, Optional<Term> gone) {
        List<Change> changes = new ArrayList<>();
        int moments = 0;
        for (Bout bout : desk.contents().bouts()) {
            Bout renamed = bout;
            for (Moment moment : bout.moments()) {
                if (is(moment.deed(), from)) {
                    moments++;
                    renamed = renamed.with(new Moment(
                            moment.id(), moment.atMicros(), moment.actor(), to, moment.settled(), moment.telling()));
                }
            }
            if (renamed != bout) {
                changes.add(Change.of(bout, renamed));
            }
        }
        int count = moments;
        gone.ifPresent(term -> {
            changes.addAll(withoutStarts(term));
            changes.addAll(studiesAbout(term, to));
            changes.add(word(term.key(), Optional.empty()));
        });
        desk.change(what, changes).thenAccept(act -> desk.messages()
                .say("%s: %s changed. Ctrl+Z takes it back.".formatted(what, HowMany.of(count, "moment"))));
    }

    private List<Change> studiesAbout(Term gone, Deed to) {
        return desk.contents().studies().stream()
                .filter(study -> study.focus().equals(Optional.of(gone.key())))
                .map(study ->
                        Change.of(study, new Study(study.id(), study.name(), study.subjects(), to.did(), study.camp())))
                .toList();
    }

    public StringProperty searchProperty() {
        return search;
    }

    public ObjectProperty<Optional<Kind>> kindProperty() {
        return kind;
    }

    public ObservableList<Term> found() {
        return found;
    }

    public ObservableList<Unnamed> unnamed() {
        return unnamed;
    }

    public ObjectProperty<Optional<Term>> chosenProperty() {
        return chosen;
    }

    public ReadOnlyStringProperty summaryProperty() {
        return summary.getReadOnlyProperty();
    }

    Desk desk() {
        return desk;
    }
}
