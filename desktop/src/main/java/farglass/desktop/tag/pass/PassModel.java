package farglass.desktop.tag.pass;

import farglass.core.bout.Bout;
import farglass.core.bout.Covered;
import farglass.core.bout.Moment;
import farglass.core.fact.Certainty;
import farglass.core.fact.Fact;
import farglass.core.fact.Layer;
import farglass.core.pass.Agenda;
import farglass.core.pass.Aim;
import farglass.core.pass.LookedThrough;
import farglass.core.pass.Offers;
import farglass.core.pass.Pass;
import farglass.core.pass.PassQuestion;
import farglass.core.phrase.Phrase;
import farglass.core.study.Athlete;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Work;
import farglass.desktop.tag.OpenBout;
import farglass.desktop.tag.Repeats;
import farglass.desktop.tag.Tagging;
import farglass.library.contents.Contents;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;
import javafx.collections.ObservableSet;

/**
 * A viewing led by the product: it stops at what would teach the study most and is not told yet, shows the film around it over and over,
 * asks one thing, and goes on once that is answered or put off. Alike questions are asked together, with film on each. What was asked
 * counts as covered in the layer; what was put off does not, and is asked when one begins again.
 */
public final class PassModel {
    /** What one can say to a question. */
    public enum Reply {
        YES,
        NO,
        CANNOT_TELL,
        SKIP,
        /** The questions that are asked together are asked each by itself. */
        ONE_BY_ONE,
        /** What teaches less, half of all that is left, is put off. */
        HALF_LATER
    }

    /** Fewer alike questions are as quickly asked one by one. */
    private static final int TOGETHER = 3;

    private static final int MANY = 8;

    private final ObservableList<Fact> offers = FXCollections.observableArrayList();
    private final Tagging tag;
    private final OpenBout open;
    private final ReadOnlyObjectWrapper<Optional<PassQuestion>> question =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ObservableList<PassQuestion> together = FXCollections.observableArrayList();
    private final ObservableSet<String> leftOut = FXCollections.observableSet();
    // Kept here: who listens to a view of a list does not keep the view.
    private final ObservableList<PassQuestion> togetherSeen = FXCollections.unmodifiableObservableList(together);
    private final ObservableSet<String> leftOutSeen = FXCollections.unmodifiableObservableSet(leftOut);
    private final Set<String> apart = new HashSet<>();
    private final Set<String> skipped = new HashSet<>();
    private final Set<String> replied = new HashSet<>();
    /** Of these, what was told or looked through once: where it is open again, the reply was taken back. */
    private final Set<String> settled = new HashSet<>();

    private Optional<Pass> pass = Optional.empty();
    private int left;

    public PassModel(Tagging tag) {
        this.tag = tag;
        this.open = tag.open();
        tag.viewing()
                .askingProperty()
                .bind(Bindings.createBooleanBinding(() -> question.get().isPresent(), question));
        tag.line().whenTold(this::told);
        open.boutProperty().addListener((property, before, now) -> now.ifPresent(this::goOnWithout));
        // Where several are shown in turn, the one on the film is the one that keys act on.
        tag.repeats()
                .loopProperty()
                .addListener((property, old, loop) -> loop.ifPresent(shown -> together.stream()
                        .filter(each -> loop(each).equals(shown))
                        .findFirst()
                        .ifPresent(this::turnTo)));
    }

    /** What is asked about was undone, here or in another window: something else is asked. */
    private void goOnWithout(Bout now) {
        boolean gone = question.get()
                .filter(asked -> now.moment(asked.momentId()).isEmpty())
                .isPresent();
        if (gone && pass.isPresent()) {
            together.removeIf(each -> now.moment(each.momentId()).isEmpty());
            question.set(Optional.empty());
            next();
        }
    }

    /** Watches for an aim; a detail pass begins to ask at once. */
    public void begin(Aim wanted, Optional<String> position) {
        end();
        tag.viewing().begin(wanted);
        if (wanted == Aim.STORY && position.isEmpty()) {
            tag.desk().messages().say("Story: let the film run and tag what happens.");
            return;
        }
        count(wanted, position);
    }

    /** What the study still has to learn is counted in all its bouts: it may take a moment. */
    private void count(Aim wanted, Optional<String> position) {
        Desk desk = tag.desk();
        Set<String> athletes =
                desk.study().subjects().stream().map(Athlete::name).collect(Collectors.toSet());
        List<Bout> bouts = desk.study().bouts();
        Contents contents = desk.contents();
        desk.work()
                .latest(
                        this,
                        "Counting what is known",
                        (progress, cancelled) -> Pass.needs(
                                wanted, athletes, desk.corpus(contents).renewed(bouts, desk.lexicon())),
                        Work.Listener.of(
                                needs -> begin(new Pass(wanted, position, needs)), desk.messages()::fail, () -> {}));
    }

    private void begin(Pass begun) {
        pass = Optional.of(begun);
        if (begun.aim() == Aim.REWATCH
                && tag.playhead().film().cameras() > 1
                && tag.playhead().player().hasFilm()) {
            // What one camera hid, the other may show: the questions wait until its film is there.
            tag.playhead().film().otherCamera(() -> {
                if (pass.equals(Optional.of(begun))) {
                    next();
                }
            });
        } else {
            next();
        }
    }

    /** Stops asking; the aim stays, and with it the layer that playing covers. */
    public void end() {
        if (question.get().isPresent()) {
            tag.playhead().player().playingProperty().set(false);
        }
        // Another aim, or another bout: what is still being counted for this one begins nothing.
        tag.desk().work().forget(this);
        pass = Optional.empty();
        together.clear();
        question.set(Optional.empty());
        leftOut.clear();
        apart.clear();
        skipped.clear();
        replied.clear();
        settled.clear();
        tag.repeats().off();
    }

    private Agenda agenda() {
        Agenda all = pass.orElseThrow().agenda(open.sheet().orElseThrow());
        forgetUndone(ids(all.questions()));
        return new Agenda(all.items().stream()
                .map(item -> new Agenda.Item(
                        item.topic(),
                        item.worth(),
                        item.questions().stream()
                                .filter(each ->
                                        !skipped.contains(each.momentId()) && !replied.contains(each.momentId()))
                                .toList()))
                .filter(item -> !item.questions().isEmpty())
                .toList());
    }

    private static Set<String> ids(List<PassQuestion> questions) {
        return questions.stream().map(PassQuestion::momentId).collect(Collectors.toCollection(HashSet::new));
    }

    /** Who takes a reply back has not given it: it is asked again, and nothing counts as looked through for it. */
    private void forgetUndone(Set<String> open) {
        settled.stream().filter(open::contains).forEach(replied::remove);
        settled.removeAll(open);
        replied.stream().filter(id -> !open.contains(id)).forEach(settled::add);
    }

    private void next() {
        Agenda agenda = agenda();
        left = agenda.questions().size();
        leftOut.clear();
        if (left == 0) {
            finish();
            return;
        }
        // What is asked one by one, or was left out of several, comes before anything new.
        Agenda.Item first = agenda.items().stream()
                .filter(item -> apart.contains(item.topic().alike()))
                .findFirst()
                .orElse(agenda.items().get(0));
        boolean all = first.questions().size() >= TOGETHER
                && first.questions().get(0).about() == PassQuestion.About.ANSWER
                && !apart.contains(first.topic().alike());
        together.setAll(all ? first.questions() : List.of());
        show(first.questions().get(0));
    }

    private void show(PassQuestion now) {
        turnTo(now);
        if (together.isEmpty()) {
            tag.repeats().over(now.fromMicros(), now.toMicros());
        } else {
            tag.repeats().round(together.stream().map(PassModel::loop).toList(), together.indexOf(now));
        }
    }

    private void turnTo(PassQuestion now) {
        offers.setAll(together.isEmpty() ? offered(now) : List.of());
        question.set(Optional.of(now));
        tag.choice().only(now.momentId());
    }

    private List<Fact> offered(PassQuestion now) {
        Desk desk = tag.desk();
        return open.sheet()
                .map(sheet -> Offers.of(now, sheet, desk.corpus(desk.contents())))
                .orElse(List.of());
    }

    /** {@return what can be told of the moment asked about by one key, the likeliest first; none for most questions} */
    public ObservableList<Fact> offers() {
        return offers;
    }

    /** {@return one of them in words, whoever acts: who is asked about may be both} */
    String words(Fact offer) {
        Bout bout = open.bout().orElseThrow();
        Moment moment = bout.moment(question.get().orElseThrow().momentId()).orElseThrow();
        return Phrase.fact(offer, moment.by(Optional.empty()), bout, tag.desk().lexicon());
    }

    /** Tells one of them; the question stands, since there may be more. @param number from 1 */
    public void take(int number) {
        PassQuestion asked = question.get().orElseThrow();
        Bout bout = open.bout().orElseThrow();
        Optional<Moment> moment = bout.moment(asked.momentId());
        if (moment.isEmpty() || number > offers.size()) {
            return;
        }
        Moment told = moment.get().with(moment.get().telling().and(offers.get(number - 1)));
        open.change(bout.with(told), Set.of(told.id()), aim().label() + ": " + open.words(told));
        turnTo(asked);
    }

    /** {@return whether something is told already of what that layer looks for} */
    boolean hasTold(PassQuestion asked, Layer layer) {
        return open.bout().flatMap(bout -> bout.moment(asked.momentId())).stream()
                .flatMap(moment -> moment.telling().facts().stream())
                .anyMatch(fact -> fact.layer() == layer);
    }

    private static Repeats.Loop loop(PassQuestion asked) {
        return new Repeats.Loop(asked.fromMicros(), asked.toMicros());
    }

    /** Of several asked together, shows the next one, or the one before. */
    public void turn(int direction) {
        question.get()
                .map(together::indexOf)
                .filter(at -> at >= 0)
                .ifPresent(at -> show(together.get(Math.floorMod(at + direction, together.size()))));
    }

    /** Of several asked together, takes the one shown out of what the next reply is said to, or back in. */
    public void leaveOut() {
        question.get().filter(together::contains).map(PassQuestion::momentId).ifPresent(id -> {
            if (!leftOut.remove(id)) {
                leftOut.add(id);
            }
        });
    }

    private void finish() {
        long end = open.timeline().orElseThrow().endMicros();
        int unasked = skipped.size();
        if (unasked == 0 && pass.flatMap(Pass::position).isEmpty()) {
            Bout bout = open.bout().orElseThrow();
            write(covering(bout, List.of(new Covered(tag.viewing().layer(), 0, end, true))));
        }
        Aim done = aim();
        end();
        tag.playhead().player().playingProperty().set(false);
        tag.desk()
                .messages()
                .say(
                        unasked == 0
                                ? "%s: there is nothing left to ask in this bout.".formatted(done.label())
                                : "%s: all is asked but what you put off (%d). Begin again to see it."
                                        .formatted(done.label(), unasked));
    }

    /** Answers what is asked, or all that is asked together but what was left out. */
    public void reply(Reply reply) {
        PassQuestion asked = question.get().orElseThrow();
        if (reply == Reply.HALF_LATER) {
            List<PassQuestion> half = agenda().rearHalf();
            half.forEach(each -> skipped.add(each.momentId()));
            tag.desk().messages().say("What teaches less is put off: %d questions.".formatted(half.size()));
            next();
            return;
        }
        // What is left out of several is asked by itself.
        apart.add(asked.topic().alike());
        if (reply == Reply.ONE_BY_ONE) {
            next();
            return;
        }
        Bout bout = open.bout().orElseThrow();
        // What was removed meanwhile is asked about no more.
        List<PassQuestion> meant = (together.isEmpty() ? List.of(asked) : List.copyOf(together))
                .stream()
                        .filter(each -> !leftOut.contains(each.momentId()))
                        .filter(each -> bout.moment(each.momentId()).isPresent())
                        .toList();
        if (meant.isEmpty()) {
            next();
            return;
        }
        if (reply == Reply.SKIP) {
            meant.forEach(each -> skipped.add(each.momentId()));
        } else if (reply == Reply.YES && asked.about() != PassQuestion.About.ANSWER) {
            if (!confirmed(asked)) {
                return;
            }
            lookedAt(meant);
        } else {
            tell(reply, meant);
        }
        next();
    }

    /** What is told of all of them, and that they were looked at, is written at once: one act, and one undo. */
    private void tell(Reply reply, List<PassQuestion> meant) {
        Bout before = open.bout().orElseThrow();
        Bout after = before;
        for (PassQuestion each : meant) {
            Moment moment = before.moment(each.momentId()).orElseThrow();
            switch (reply) {
                case YES -> {
                    Optional<Moment> earlier = tag.corrections().followed(moment);
                    if (earlier.isPresent()) {
                        after = after.with(moment.with(moment.telling()
                                .withAnswers(Optional.of(earlier.get().id()))));
                    }
                }
                case CANNOT_TELL ->
                    after = after.with(moment.with(moment.telling().and(new Fact.Unknown(field(each)))));
                default -> {
                    // Nothing is written: that nothing was there is what the covered layer says; what was unsure stays
                    // so.
                }
            }
        }
        if (after.equals(before)) {
            lookedAt(meant);
        } else {
            String what = meant.size() == 1
                    ? open.words(after.moment(meant.get(0).momentId()).orElseThrow())
                    : "%d times %s".formatted(meant.size(), meant.get(0).topic().words());
            meant.forEach(each -> replied.add(each.momentId()));
            open.change(
                    covering(after, lookedThrough(before)),
                    meant.stream().map(PassQuestion::momentId).collect(Collectors.toSet()),
                    aim().label() + ": " + what);
        }
    }

    /** {@return whether that was all: an error and grips have to be typed} */
    private boolean confirmed(PassQuestion asked) {
        Moment moment = open.bout().orElseThrow().moment(asked.momentId()).orElseThrow();
        switch (asked.about()) {
            case ANSWER -> throw new IllegalArgumentException("An answer is linked, not confirmed");
            case OPEN -> {
                if (moment.telling().certainty() == Certainty.SURE) {
                    tag.line().editChosen();
                    return false;
                }
                Moment sure = moment.with(moment.telling().withCertainty(Certainty.SURE));
                open.commit(sure, aim().label() + ": " + open.words(sure));
            }
            case ERROR -> {
                tag.line().edit(moment, "; mistake \"");
                return false;
            }
            case GRIPS -> {
                // "Left hand on the right sleeve, deep": plain words, or a field.
                tag.line().edit(moment, "; ");
                return false;
            }
        }
        return true;
    }

    private static Fact.Field field(PassQuestion asked) {
        return switch (asked.about()) {
            case ANSWER -> Fact.Field.ANSWERS;
            case GRIPS -> Fact.Field.GRIP;
            case ERROR -> Fact.Field.MISTAKE;
            case OPEN -> Fact.Field.TECHNIQUE;
        };
    }

    /** Something was typed while a question stood: if it was about that moment, the question is answered. */
    private void told(String momentId) {
        Optional<PassQuestion> about =
                question.get().filter(asked -> asked.momentId().equals(momentId));
        if (about.isPresent() && pass.isPresent()) {
            lookedAt(List.of(about.get()));
            next();
        }
    }

    private void lookedAt(List<PassQuestion> meant) {
        meant.forEach(each -> replied.add(each.momentId()));
        Bout bout = open.bout().orElseThrow();
        write(covering(bout, lookedThrough(bout)));
    }

    /** In a pass over one position only, what lies between the questions was not looked at. */
    private List<Covered> lookedThrough(Bout bout) {
        Layer layer = tag.viewing().layer();
        if (pass.flatMap(Pass::position).isPresent()) {
            return bout.moments().stream()
                    .filter(moment -> replied.contains(moment.id()))
                    .map(moment -> moment.atMicros().orElseThrow())
                    .map(at -> new Covered(layer, at, at + 1, true))
                    .toList();
        }
        Set<String> unasked = ids(pass.orElseThrow().questions(open.sheet().orElseThrow()));
        forgetUndone(unasked);
        unasked.removeAll(replied);
        return LookedThrough.stretches(bout, layer, replied, unasked);
    }

    private void write(Bout covered) {
        if (!covered.equals(open.bout().orElseThrow())) {
            open.change(covered, Set.of(), aim().label() + ": looked through");
        }
    }

    /** The story is covered by playing the film, and looking again at single moments covers nothing. */
    private static Bout covering(Bout bout, List<Covered> stretches) {
        Bout covered = bout;
        for (Covered stretch : stretches) {
            if (stretch.layer() != Layer.STORY) {
                covered = covered.with(
                        covered.header().with(covered.header().footage().covering(stretch)));
            }
        }
        return covered;
    }

    /** {@return what is asked together with the question that stands; empty where it stands alone} */
    public ObservableList<PassQuestion> together() {
        return togetherSeen;
    }

    /** {@return ids of the moments among them that the next reply is not about} */
    public ObservableSet<String> leftOut() {
        return leftOutSeen;
    }

    /** {@return whether so much is left that half of it is worth putting off} */
    public boolean canHalve() {
        return left >= MANY;
    }

    /** {@return how many questions are left, with the one that stands} */
    public int left() {
        return left;
    }

    private Aim aim() {
        return tag.viewing().aimProperty().get();
    }

    /** {@return what is asked now} */
    public ReadOnlyObjectProperty<Optional<PassQuestion>> questionProperty() {
        return question.getReadOnlyProperty();
    }
}
