package farglass.desktop.plan;

import farglass.core.change.Change;
import farglass.core.corpus.Corpus;
import farglass.core.entry.Role;
import farglass.core.naming.Words;
import farglass.core.plan.GamePlan;
import farglass.core.plan.PlanStep;
import farglass.core.plan.StayOut;
import farglass.core.plan.UsualAnswers;
import farglass.core.study.Athlete;
import farglass.core.study.Study;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Place;
import farglass.desktop.desk.Spot;
import farglass.desktop.desk.Work;
import farglass.library.Library;
import farglass.library.contents.Contents;
import farglass.library.report.CornerCard;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** The game plan against one opponent of the camp, and that opponent's usual answers. Knows no node. */
public final class PlanModel {
    private final Desk desk;
    private final ObservableList<Athlete> opponents = FXCollections.observableArrayList();
    private final ObjectProperty<Optional<Athlete>> opponent = new SimpleObjectProperty<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<GamePlan>> plan = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ObservableList<UsualAnswers.Attacked> attacked = FXCollections.observableArrayList();
    private final ObservableList<UsualAnswers.Danger> dangers = FXCollections.observableArrayList();
    private Optional<Athlete> answersOf = Optional.empty();
    private boolean stale = true;
    /** How many changes of the plan are on their way to the disk. */
    private int pending;

    public PlanModel(Desk desk) {
        this.desk = desk;
        desk.contentsProperty().addListener(change -> {
            chooseOpponents();
            outdate();
        });
        desk.lexiconProperty().addListener((property, old, words) -> outdate());
        desk.study().property().addListener(change -> {
            chooseOpponents();
            outdate();
        });
        desk.navigation().placeProperty().addListener(change -> refresh());
        opponent.addListener(change -> outdate());
        chooseOpponents();
    }

    /** Whoever is looked at stays, also under a corrected name. */
    private void chooseOpponents() {
        List<Athlete> now = camp().isPresent() ? desk.study().subjects() : List.of();
        if (!now.equals(opponents)) {
            Optional<String> id = opponent.get().map(Athlete::id);
            opponents.setAll(now);
            opponent.set(now.stream()
                    .filter(each -> id.equals(Optional.of(each.id())))
                    .findFirst()
                    .or(() -> now.stream().findFirst()));
        }
    }

    private Optional<Study> camp() {
        return desk.study().property().get().filter(study -> study.camp().isPresent());
    }

    private void outdate() {
        stale = true;
        refresh();
    }

    private void refresh() {
        if (!stale
                || desk.navigation().placeProperty().get() != Place.PLAN
                || desk.arrivingProperty().get()) {
            return;
        }
        stale = false;
        Optional<Athlete> against = opponent.get();
        Optional<GamePlan> kept = against.flatMap(found -> camp().map(study -> desk.contents()
                .plan(study.id(), found.id())
                .orElseGet(() -> new GamePlan(Library.newId(), study.id(), found.id(), List.of(), List.of()))));
        // What is on its way to the disk stands here already, and not in the contents yet.
        boolean onItsWay = pending > 0 && isOfSame(plan.get(), kept);
        plan.set(onItsWay ? plan.get() : kept);
        if (!against.equals(answersOf)) {
            // Nobody's answers stand under another's name.
            showNoAnswers();
            answersOf = against;
        }
        if (against.isEmpty()) {
            desk.work().forget(this);
            return;
        }
        String name = against.get().name();
        Contents contents = desk.contents();
        record Usual(List<UsualAnswers.Attacked> attacked, List<UsualAnswers.Danger> dangers) {}
        desk.work()
                .latest(
                        this,
                        "Counting answers",
                        (progress, cancelled) -> {
                            Corpus corpus = desk.corpus(contents);
                            return new Usual(UsualAnswers.to(name, corpus), UsualAnswers.dangers(name, corpus));
                        },
                        Work.Listener.of(
                                usual -> {
                                    attacked.setAll(usual.attacked());
                                    dangers.setAll(usual.dangers());
                                },
                                desk.messages()::fail,
                                this::showNoAnswers));
    }

    private void showNoAnswers() {
        attacked.clear();
        dangers.clear();
    }

    private static boolean isOfSame(Optional<GamePlan> one, Optional<GamePlan> other) {
        return one.map(GamePlan::study).equals(other.map(GamePlan::study))
                && one.map(GamePlan::opponent).equals(other.map(GamePlan::opponent));
    }

    /** {@return "Single leg from standing: sprawl 3, stand-off 1 (2 of 4 linked by a person)"} */
    String words(UsualAnswers.Attacked found) {
        String replies = found.replies().stream()
                .map(reply -> reply.deed()
                                .map(deed -> Words.inSentence(desk.lexicon().label(deed)))
                                .orElse("nothing seen to follow")
                        + " " + reply.count())
                .collect(Collectors.joining(", "));
        int linked =
                found.replies().stream().mapToInt(UsualAnswers.Reply::linked).sum();
        long seen = found.replies().stream()
                .filter(reply -> reply.deed().isPresent())
                .mapToInt(UsualAnswers.Reply::count)
                .sum();
        return "%s %s, %s: %s.%s"
                .formatted(
                        desk.lexicon().label(found.attack()),
                        place(found.position(), found.role()),
                        found.chances() == 1 ? "once" : found.chances() + " times",
                        replies,
                        seen == 0 || linked == seen
                                ? ""
                                : " %d of %d linked by a person; the rest merely followed.".formatted(linked, seen));
    }

    String words(UsualAnswers.Danger danger) {
        String gains = danger.gains().entrySet().stream()
                .map(gain -> Words.inSentence(desk.lexicon().label(gain.getKey())) + " " + gain.getValue())
                .collect(Collectors.joining(", "));
        String place = place(danger.position(), danger.role());
        return Character.toUpperCase(place.charAt(0)) + place.substring(1) + ": " + gains + ".";
    }

    private String place(String position, Role role) {
        String where = "from " + Words.inSentence(desk.lexicon().label(position));
        return role == Role.NEUTRAL ? where : where + (role == Role.TOP ? " on top" : " underneath");
    }

    /** {@return a step to write on, begun from an attack and what usually comes back} */
    PlanStep stepFrom(UsualAnswers.Attacked found) {
        return new PlanStep(
                Library.newId(),
                desk.lexicon().label(found.position()),
                desk.lexicon().label(found.attack()),
                found.replies().stream()
                        .flatMap(reply -> reply.deed().stream())
                        .limit(StepForm.USUAL_FALLBACKS)
                        .map(deed ->
                                new farglass.core.plan.Fallback(desk.lexicon().label(deed), ""))
                        .toList());
    }

    StayOut stayOutFrom(UsualAnswers.Danger danger) {
        return new StayOut(
                Library.newId(),
                desk.lexicon().label(danger.position()),
                danger.gains().keySet().stream()
                        .map(deed -> Words.inSentence(desk.lexicon().label(deed)))
                        .collect(Collectors.joining(", ")));
    }

    void save(PlanStep step) {
        change("Write the step " + step.situation(), now -> now.with(step));
    }

    void save(StayOut stayOut) {
        change("Stay out of " + stayOut.where(), now -> now.with(stayOut));
    }

    void remove(String lineId) {
        change("Take a line out of the plan", now -> now.without(lineId));
    }

    void earlier(String stepId) {
        change("Move a step up", now -> now.earlier(stepId));
    }

    private void change(String what, java.util.function.UnaryOperator<GamePlan> changing) {
        plan.get().ifPresent(before -> {
            GamePlan changed = changing.apply(before);
            if (changed.equals(before)) {
                return;
            }
            plan.set(Optional.of(changed));
            pending++;
            desk.change(what, new Change.OfPlan(before, changed)).whenComplete((act, problem) -> {
                pending--;
                if (problem == null) {
                    desk.messages().say(what + ": saved.");
                }
                // What could not be saved must not stand there as if it were, and what others wrote shows now.
                outdate();
            });
        });
    }

    /** {@return the plan as a card for the corner} */
    Optional<CornerCard> card() {
        return plan.get().flatMap(found -> camp().flatMap(study -> opponent.get()
                .map(against -> new CornerCard(
                        found,
                        study,
                        desk.study().ours().map(Athlete::name).orElse("Our athlete"),
                        against.name(),
                        desk.lexicon()))));
    }

    /** {@return what to say before anyone drills what the plan names} */
    List<String> cautions() {
        return plan.get()
                .map(found -> CornerCard.cautions(found, desk.lexicon()))
                .orElse(List.of());
    }

    void look(UsualAnswers.Sight sight) {
        desk.navigation().show(new Spot(sight.bout(), Optional.of(sight.moment())));
    }

    Desk desk() {
        return desk;
    }

    public ObservableList<Athlete> opponents() {
        return opponents;
    }

    public ObjectProperty<Optional<Athlete>> opponentProperty() {
        return opponent;
    }

    public ReadOnlyObjectProperty<Optional<GamePlan>> planProperty() {
        return plan.getReadOnlyProperty();
    }

    public ObservableList<UsualAnswers.Attacked> attacked() {
        return attacked;
    }

    public ObservableList<UsualAnswers.Danger> dangers() {
        return dangers;
    }
}
