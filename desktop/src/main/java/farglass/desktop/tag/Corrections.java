package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.SplitAndMerge;
import farglass.core.bout.Times;
import farglass.core.fact.Certainty;
import farglass.core.fact.Drawing;
import farglass.core.fact.Fact;
import farglass.core.fact.Link;
import farglass.core.fact.Tie;
import farglass.core.scribe.Amended;
import farglass.core.scribe.LinePlace;
import farglass.core.scribe.Proposal;
import farglass.core.state.Conversation;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Changes to moments that are in the ledger already: of the one chosen, or of all that are. Each is one act, undone at once. */
public final class Corrections {
    private static final String NONE_CHOSEN = "Choose a moment first, with the up and down arrows or by a click.";
    private static final long FRAME_WITHOUT_FILM = 40_000;

    private final OpenBout open;
    private final Choice choice;
    private final Playhead playhead;
    private final TypedLine line;
    private final Lag lag;

    Corrections(OpenBout open, Choice choice, Playhead playhead, TypedLine line, Lag lag) {
        this.open = open;
        this.choice = choice;
        this.playhead = playhead;
        this.line = line;
        this.lag = lag;
    }

    /** {@return the chosen moments, in their order; a sentence is said if there are none} */
    private List<Moment> chosen() {
        List<Moment> moments = open.bout()
                .map(bout -> bout.moments().stream()
                        .filter(moment -> choice.chosen().contains(moment.id()))
                        .toList())
                .orElse(List.of());
        if (moments.isEmpty()) {
            open.desk().messages().say(NONE_CHOSEN);
        }
        return moments;
    }

    private static Set<String> ids(List<Moment> moments) {
        Set<String> ids = new HashSet<>();
        moments.forEach(moment -> ids.add(moment.id()));
        return ids;
    }

    private String counted(List<Moment> moments) {
        return moments.size() == 1 ? open.words(moments.get(0)) : moments.size() + " moments";
    }

    private void each(List<Moment> moments, String doing, UnaryOperator<Moment> change) {
        if (moments.isEmpty()) {
            return;
        }
        Bout changed = open.bout().orElseThrow();
        for (Moment moment : moments) {
            changed = changed.with(change.apply(moment));
        }
        open.change(changed, ids(moments), doing + " " + counted(moments));
    }

    public void remove() {
        List<Moment> moments = chosen();
        if (moments.isEmpty()) {
            return;
        }
        Bout changed = open.bout().orElseThrow();
        for (Moment moment : moments) {
            changed = changed.without(moment.id());
        }
        String what = "Remove " + counted(moments);
        choice.none();
        open.change(changed, ids(moments), what).thenAccept(act -> {
            if (moments.size() > 1) {
                open.desk().messages().say(counted(moments) + " were removed. Ctrl+Z brings them back.");
            }
        });
    }

    /** It was the other one. */
    public void exchangeActors() {
        each(chosen(), "Give to the other", moment -> anew(moment.exchanged()));
    }

    /** What the rules settle is worked out again, since it may have changed with who did it. */
    private Moment anew(Moment moment) {
        return new Proposal(
                        moment.actor(),
                        moment.deed(),
                        moment.settled().filter(settled -> !settled.workedOut()),
                        moment.telling())
                .at(
                        moment.id(),
                        moment.atMicros(),
                        open.timeline().orElseThrow().before(moment),
                        open.desk().lexicon());
    }

    /** Tells something of all chosen moments at once, in the words of the scribe line. */
    public void tell(String words) {
        List<Moment> moments = chosen();
        List<String> unread = moments.stream()
                .flatMap(moment -> amended(moment, words).unread().stream())
                .distinct()
                .toList();
        if (!unread.isEmpty()) {
            open.desk()
                    .messages()
                    .say("Nothing was changed: “%s” tells nothing of a moment. Write note %s to keep it as a note."
                            .formatted(String.join(" ", unread), String.join(" ", unread)));
            return;
        }
        each(moments, "Tell of", moment -> amended(moment, words).moment());
    }

    private Amended amended(Moment moment, String words) {
        Bout bout = open.bout().orElseThrow();
        LinePlace place = new LinePlace(
                bout,
                open.timeline().orElseThrow().before(moment),
                Optional.empty(),
                bout.moments().indexOf(moment));
        return Amended.of(moment, words, place, open.desk().lexicon());
    }

    /** Moves the chosen moments by one frame of the film. */
    public void nudge(int direction) {
        List<Moment> moments = chosen().stream()
                .filter(moment -> moment.atMicros().isPresent())
                .toList();
        if (moments.isEmpty()) {
            return;
        }
        if (playhead.film().link().isEmpty() || !playhead.player().hasFilm()) {
            shift(moments, direction * FRAME_WITHOUT_FILM);
            return;
        }
        long at = playhead.film()
                .link()
                .orElseThrow()
                .toFilm(moments.get(0).atMicros().getAsLong());
        playhead.player().neighbour(at, direction, next -> shift(moments, next - at));
    }

    private void shift(List<Moment> moments, long micros) {
        if (micros == 0) {
            return;
        }
        moments.forEach(moment -> lag.nudged(moment.id(), micros));
        Optional<String> lead = choice.lead();
        each(moments, "Nudge", moment -> moment.at(Math.max(0, moment.atMicros().orElseThrow() + micros)));
        lead.ifPresent(playhead::goTo);
        lag.words().ifPresent(words -> open.desk().messages().say(words + " Ctrl+Shift+K takes it."));
    }

    /** Moves one moment to that instant of the bout. */
    public void moveTo(String momentId, long micros) {
        open.moment(momentId).ifPresent(moment -> {
            moment.atMicros().ifPresent(before -> lag.nudged(momentId, micros - before));
            open.commitChosen(moment.at(Math.max(0, micros)), "Move a moment to " + Times.tenths(micros));
        });
    }

    /** The chosen moment happened at the instant now shown. */
    public void moveHere() {
        List<Moment> moments = chosen();
        OptionalLong now = playhead.micros();
        if (moments.size() == 1 && now.isEmpty()) {
            open.desk().messages().say("The film shows no instant of the bout here.");
        } else if (moments.size() == 1) {
            moveTo(moments.get(0).id(), now.getAsLong());
        }
    }

    /** Makes two of the chosen moment; the second, at the instant shown if that is later, comes into the line to be named. */
    public void split() {
        List<Moment> moments = chosen();
        if (moments.size() != 1) {
            return;
        }
        Moment whole = moments.get(0);
        OptionalLong now = playhead.micros();
        boolean later = now.isPresent()
                && whole.atMicros().isPresent()
                && now.getAsLong() > whole.atMicros().getAsLong();
        String second = OpenBout.newId();
        Bout changed =
                SplitAndMerge.split(open.bout().orElseThrow(), whole.id(), second, later ? now : whole.atMicros());
        open.change(changed, Set.of(whole.id(), second), "Split " + open.words(whole));
        choice.only(second);
        line.editChosen();
    }

    /** Makes one of the chosen moments. */
    public void merge() {
        List<Moment> moments = chosen();
        if (moments.size() == 1) {
            open.desk().messages().say("Choose two or more moments to merge, with Shift and the arrows.");
        } else if (!moments.isEmpty()) {
            Bout changed = SplitAndMerge.merged(open.bout().orElseThrow(), ids(moments));
            String kept = moments.get(0).id();
            open.change(changed, Set.of(kept), "Merge " + counted(moments));
            choice.only(kept);
        }
    }

    /** Says that the chosen moment answers the deed before it of the other athlete; again, the one before that. */
    public void answersEarlier() {
        List<Moment> moments = chosen();
        if (moments.size() == 2) {
            link(moments.get(1), Optional.of(moments.get(0).id()));
            return;
        }
        if (moments.isEmpty()) {
            return;
        }
        Moment answer = moments.get(0);
        Bout bout = open.bout().orElseThrow();
        List<String> earlier = new ArrayList<>();
        for (Moment moment : bout.moments()) {
            if (moment.id().equals(answer.id())) {
                break;
            }
            boolean others = moment.technique().isPresent()
                    && moment.actor().isPresent()
                    && !moment.actor().equals(answer.actor());
            if (others) {
                earlier.add(0, moment.id());
            }
        }
        int now = answer.telling().answers().map(earlier::indexOf).orElse(-1);
        if (now + 1 < earlier.size()) {
            link(answer, Optional.of(earlier.get(now + 1)));
        } else {
            open.desk().messages().say("There is no earlier deed of the other athlete to answer.");
        }
    }

    /** Says that the chosen moment continues the last try of the same athlete before it; again: that it is a try of its own. */
    public void continuesEarlier() {
        List<Moment> moments = chosen();
        if (moments.isEmpty()) {
            return;
        }
        Moment step = moments.get(moments.size() - 1);
        List<Fact> without = step.telling().facts().stream()
                .filter(fact -> !fact.ties(Tie.CONTINUES))
                .toList();
        if (without.size() < step.telling().facts().size()) {
            open.commitChosen(step.with(step.telling().withFacts(without)), "Set apart " + open.words(step));
            return;
        }
        Bout bout = open.bout().orElseThrow();
        Optional<Moment> earlier = bout.moments().subList(0, bout.moments().indexOf(step)).stream()
                .filter(moment ->
                        moment.actor().equals(step.actor()) && step.actor().isPresent())
                .filter(moment -> moment.technique().isPresent())
                .reduce((one, two) -> two);
        if (earlier.isEmpty()) {
            open.desk().messages().say("There is no earlier deed of the same athlete to continue.");
            return;
        }
        Link link = new Link(Tie.CONTINUES, earlier.get().id(), Optional.empty(), Optional.empty());
        open.commitChosen(step.with(step.telling().and(link)), "Continue " + open.words(earlier.get()));
    }

    /** Says that the chosen moment answers nothing. */
    public void answersNothing() {
        List<Moment> moments = chosen();
        if (moments.size() == 1) {
            link(moments.get(0), Optional.empty());
        }
    }

    /** Draws the thread of an answer anew, from the answer to what it answers. */
    public void link(String answerId, String earlierId) {
        Bout bout = open.bout().orElseThrow();
        boolean inOrder = bout.moments().stream().map(Moment::id).toList().indexOf(earlierId)
                < bout.moments().stream().map(Moment::id).toList().indexOf(answerId);
        Optional<Moment> one = bout.moment(answerId);
        boolean own = one.flatMap(Moment::actor).isPresent()
                && one.flatMap(Moment::actor).equals(bout.moment(earlierId).flatMap(Moment::actor));
        if (own) {
            open.desk()
                    .messages()
                    .say(
                            "Both are by the same athlete: an answer belongs to the other one. Ctrl+Shift+C says that it continues.");
        } else if (inOrder) {
            link(bout.moment(answerId).orElseThrow(), Optional.of(earlierId));
        } else {
            open.desk()
                    .messages()
                    .say("An answer comes after what it answers: draw the thread upwards, from the answer.");
        }
    }

    private void link(Moment answer, Optional<String> earlier) {
        Moment changed = answer.with(answer.telling().withAnswers(earlier));
        open.commitChosen(changed, (earlier.isPresent() ? "Link the answer " : "Unlink ") + open.words(answer));
    }

    /** {@return what the moment merely followed, where nobody linked it} */
    public Optional<Moment> followed(Moment moment) {
        return open.sheet().orElseThrow().conversation().before(moment).map(Conversation.Turn::earlier);
    }

    /** One key says that the chosen moment, or the last one, was not seen for sure; again: hidden; again: sure after all. */
    public void doubt() {
        choice.lead()
                .or(open::latest)
                .or(() -> playhead.before().map(Moment::id))
                .flatMap(open::moment)
                .ifPresent(moment -> {
                    Certainty[] all = Certainty.values();
                    Certainty next = all[(moment.telling().certainty().ordinal() + 1) % all.length];
                    boolean chosen = choice.lead().isPresent();
                    open.commit(
                            moment.with(moment.telling().withCertainty(next)),
                            "Mark %s %s".formatted(open.words(moment), next.label()));
                    if (chosen) {
                        choice.only(moment.id());
                    }
                });
    }

    /** Keeps a drawing on the frame with the chosen moment, or with the last one. */
    public void draw(Drawing drawing) {
        Optional<String> id = choice.lead().or(open::latest);
        id.flatMap(open::moment)
                .ifPresentOrElse(
                        moment -> {
                            open.commitChosen(
                                    moment.with(moment.telling().and(drawing)), "Draw on " + open.words(moment));
                        },
                        () -> open.desk().messages().say("A drawing belongs to a moment: tag one first."));
    }
}
