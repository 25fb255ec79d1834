package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Certainty;
import farglass.core.bout.Covered;
import farglass.core.bout.Fact;
import farglass.core.bout.Layer;
import farglass.core.bout.Moment;
import farglass.core.pass.Aim;
import farglass.core.pass.AnswerNeeds;
import farglass.core.pass.Pass;
import farglass.core.pass.Question;
import farglass.core.study.Athlete;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Work;
import farglass.library.Contents;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * A viewing led by the product: it stops at the next moment that lacks something, shows the film around it over and over, asks one
 * thing, and goes on once that is answered or skipped. What was asked counts as covered in the layer; what was skipped does not.
 */
public final class PassModel {
    /** What one can say to a question. */
    public enum Reply {
        YES,
        NO,
        CANNOT_TELL,
        SKIP
    }

    private final TagModel tag;
    private final ReadOnlyObjectWrapper<Aim> aim = new ReadOnlyObjectWrapper<>(Aim.STORY);
    private final ReadOnlyObjectWrapper<Optional<Question>> question = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final Set<String> skipped = new HashSet<>();
    private final Set<String> replied = new HashSet<>();
    private Optional<Pass> pass = Optional.empty();
    private Optional<Work.Job> counting = Optional.empty();
    private long coveredTo;
    private int left;

    PassModel(TagModel tag) {
        this.tag = tag;
    }

    /** Watches for an aim; a detail pass begins to ask at once. */
    public void begin(Aim wanted, Optional<String> position) {
        end();
        tag.scribe().clear();
        tag.fan().close();
        aim.set(wanted);
        if (wanted == Aim.STORY && position.isEmpty()) {
            tag.desk().say("Story: let the film run and tag what happens.");
            return;
        }
        if (wanted == Aim.ANSWERS) {
            askAnswers(position);
        } else {
            begin(new Pass(wanted, position, Set.of()));
        }
    }

    /** Which answers are settled is counted in all the bouts of the study: it may take a moment. */
    private void askAnswers(Optional<String> position) {
        Desk desk = tag.desk();
        List<String> athletes = desk.subjects().stream().map(Athlete::name).toList();
        List<Bout> bouts = desk.boutsOfStudy();
        Contents contents = desk.contents();
        counting = Optional.of(desk.work()
                .start(
                        "Counting what is settled",
                        (progress, cancelled) -> AnswerNeeds.settled(
                                athletes, desk.corpus(contents).renewed(bouts, desk.lexicon())),
                        settled -> begin(new Pass(Aim.ANSWERS, position, settled)),
                        desk::fail));
    }

    private void begin(Pass begun) {
        pass = Optional.of(begun);
        if (begun.aim() == Aim.REWATCH
                && tag.film().cameras() > 1
                && tag.player().hasFilm()) {
            // What one camera hid, the other may show: the questions wait until its film is there.
            tag.film().otherCamera(() -> {
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
            tag.player().playingProperty().set(false);
        }
        // Another aim, or another bout: what is still being counted for this one begins nothing.
        counting.ifPresent(Work.Job::cancel);
        counting = Optional.empty();
        pass = Optional.empty();
        question.set(Optional.empty());
        skipped.clear();
        replied.clear();
        coveredTo = 0;
        tag.repeats().off();
    }

    private void next() {
        List<Question> open = pass.orElseThrow().questions(tag.sheet().orElseThrow()).stream()
                .filter(each -> !skipped.contains(each.momentId()) && !replied.contains(each.momentId()))
                .toList();
        left = open.size();
        if (open.isEmpty()) {
            finish();
            return;
        }
        Question now = open.get(0);
        question.set(Optional.of(now));
        tag.selectedProperty().set(Optional.of(now.momentId()));
        tag.repeats().over(now.fromMicros(), now.toMicros());
    }

    private void finish() {
        long end = tag.timeline().orElseThrow().endMicros();
        int unasked = skipped.size();
        if (unasked == 0 && pass.flatMap(Pass::position).isEmpty()) {
            cover(end);
        }
        Aim done = aim.get();
        end();
        tag.player().playingProperty().set(false);
        tag.desk()
                .say(
                        unasked == 0
                                ? "%s: there is nothing left to ask in this bout.".formatted(done.label())
                                : "%s: all is asked but what you skipped (%d). Begin again to see it."
                                        .formatted(done.label(), unasked));
    }

    /** Answers the question that stands. */
    public void reply(Reply reply) {
        Question asked = question.get().orElseThrow();
        Moment moment =
                tag.boutProperty().get().orElseThrow().moment(asked.momentId()).orElseThrow();
        switch (reply) {
            case SKIP -> skipped.add(moment.id());
            case YES -> {
                if (!yes(asked, moment)) {
                    return;
                }
            }
            case NO -> {
                // Nothing is written: that nothing was there is what the covered layer says; what was unsure stays so.
            }
            case CANNOT_TELL -> commit(moment, moment.with(moment.telling().and(new Fact.Unknown(field(asked)))));
        }
        if (reply != Reply.SKIP) {
            replied.add(moment.id());
            moment.atMicros().ifPresent(this::coverUpTo);
        }
        next();
    }

    /** {@return whether that was all: an error and grips have to be typed} */
    private boolean yes(Question asked, Moment moment) {
        switch (asked.about()) {
            case ANSWER ->
                tag.mending()
                        .followed(moment)
                        .ifPresent(earlier ->
                                commit(moment, moment.with(moment.telling().withAnswers(Optional.of(earlier.id())))));
            case OPEN -> {
                if (moment.telling().certainty() == Certainty.SURE) {
                    tag.editSelected();
                    return false;
                }
                commit(moment, moment.with(moment.telling().withCertainty(Certainty.SURE)));
            }
            case ERROR -> {
                tag.scribe().editWith(moment, "; mistake \"");
                return false;
            }
            case GRIPS -> {
                tag.scribe().editWith(moment, "; grip ");
                return false;
            }
        }
        return true;
    }

    private static Fact.Field field(Question asked) {
        return switch (asked.about()) {
            case ANSWER -> Fact.Field.ANSWERS;
            case GRIPS -> Fact.Field.GRIP;
            case ERROR -> Fact.Field.MISTAKE;
            case OPEN -> Fact.Field.TECHNIQUE;
        };
    }

    private void commit(Moment before, Moment after) {
        if (!after.equals(before)) {
            tag.commit(after, aim.get().label() + ": " + tag.words(after));
        }
    }

    /** Something was typed while a question stood: if it was about that moment, the question is answered. */
    void told(String momentId) {
        if (question.get().filter(asked -> asked.momentId().equals(momentId)).isPresent() && pass.isPresent()) {
            replied.add(momentId);
            tag.boutProperty().get().flatMap(bout -> bout.moment(momentId)).ifPresent(moment -> moment.atMicros()
                    .ifPresent(this::coverUpTo));
            next();
        }
    }

    private void coverUpTo(long micros) {
        if (skipped.isEmpty() && pass.flatMap(Pass::position).isEmpty()) {
            cover(micros);
        } else {
            cover(new long[] {micros, micros + 1});
        }
    }

    private void cover(long to) {
        if (to > coveredTo) {
            cover(new long[] {coveredTo, to});
            coveredTo = to;
        }
    }

    private void cover(long[] stretch) {
        Optional<Layer> layer = aim.get().layer();
        Bout bout = tag.boutProperty().get().orElseThrow();
        if (layer.isPresent() && layer.get() != Layer.STORY) {
            Bout covered = bout.with(bout.header()
                    .with(bout.header().footage().covering(new Covered(layer.get(), stretch[0], stretch[1], true))));
            if (!covered.equals(bout)) {
                tag.change(
                        covered, Set.of(), "Looked through for " + layer.get().label());
            }
        }
    }

    /** {@return how many questions are left, with the one that stands} */
    public int left() {
        return left;
    }

    public ReadOnlyObjectProperty<Aim> aimProperty() {
        return aim.getReadOnlyProperty();
    }

    /** {@return what is asked now} */
    public ReadOnlyObjectProperty<Optional<Question>> questionProperty() {
        return question.getReadOnlyProperty();
    }
}
