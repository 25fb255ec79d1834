package farglass.desktop.tag.tide;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.bout.Times;
import farglass.core.corpus.LearnedScale;
import farglass.core.phrase.AthleteWords;
import farglass.core.rules.Call;
import farglass.core.rules.Reason;
import farglass.core.rules.Rulesets;
import farglass.core.rules.Scorecard;
import farglass.core.scribe.Proposal;
import farglass.core.side.Settled;
import farglass.core.state.Ladder;
import farglass.core.state.Scale;
import farglass.core.state.Stand;
import farglass.core.state.Tide;
import farglass.core.state.Timeline;
import farglass.desktop.desk.Work;
import farglass.desktop.tag.Tagging;
import farglass.drawing.TideMatter;
import farglass.library.contents.Contents;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/** Which stretch of the bout the tide shows, on which ladder, and what the rules say of it. */
public final class TideModel {
    /** By which way of looking the tide is drawn. */
    public enum Choice {
        POINTS("Points school"),
        FINISH("Finish school"),
        LEARNED("Learned from this library");

        private final String label;

        Choice(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** A few seconds fill the width at most. */
    private static final long LEAST_MICROS = 4_000_000;

    private static final double STEP = 1.6;
    /** A referee gives what is due within so long. */
    private static final long DUE_MICROS = 6_000_000;

    private static final int MOST_DUE = 2;

    private final Tagging tag;
    private final Supplier<Rulesets> rulesets;
    private final ObjectProperty<Choice> choice = new SimpleObjectProperty<>(Choice.POINTS);
    private final ReadOnlyObjectWrapper<Optional<TideMatter>> matter = new ReadOnlyObjectWrapper<>(Optional.empty());
    private Optional<LearnedScale> learned = Optional.empty();
    private Optional<Bout> cardOf = Optional.empty();
    private Optional<Scorecard> card = Optional.empty();
    private Optional<Rulesets> known = Optional.empty();
    private String shownBout = "";
    private boolean whole = true;
    private long from;
    private long to;

    public TideModel(Tagging tag, Supplier<Rulesets> rulesets) {
        this.tag = tag;
        this.rulesets = rulesets;
        tag.open().boutProperty().addListener(change -> renew());
        tag.playhead().player().lastProperty().addListener(change -> renew());
        tag.playhead().nowProperty().addListener(change -> follow());
        choice.addListener(change -> renew());
        renew();
    }

    private long extent() {
        Bout bout = tag.open().bout().orElseThrow();
        long told = Math.max(bout.extentMicros(), tag.playhead().film().endMicros());
        // A bout may be over long before its time; only where no film says so does its set length count.
        long set = tag.playhead().film().endMicros() > 0
                ? told
                : Math.max(told, bout.header().lengthMicros().orElse(0));
        return Math.max(set, tag.playhead().micros().orElse(0));
    }

    private void renew() {
        Optional<Bout> bout = tag.open().bout();
        if (bout.isEmpty()) {
            matter.set(Optional.empty());
            return;
        }
        if (!bout.get().id().equals(shownBout)) {
            shownBout = bout.get().id();
            learned = Optional.empty();
            known = Optional.empty();
            whole = true;
        }
        if (whole) {
            from = 0;
            to = extent();
        }
        paint();
    }

    private void paint() {
        Bout bout = tag.open().bout().orElseThrow();
        Timeline timeline = tag.open().timeline().orElseThrow();
        Tide tide = Tide.of(bout, timeline, tag.desk().lexicon(), tag.open().studied(), scale(bout));
        matter.set(Optional.of(new TideMatter(bout, tide, tag.open().studied(), card(bout, timeline), from, to)));
    }

    private Scale scale(Bout bout) {
        return switch (choice.get()) {
            case POINTS -> Ladder.POINTS;
            case FINISH -> Ladder.FINISH;
            case LEARNED -> {
                if (learned.isEmpty()) {
                    learnScale(bout);
                }
                yield learned.<Scale>map(scale -> scale).orElse(Ladder.POINTS);
            }
        };
    }

    private void learnScale(Bout bout) {
        Contents contents = tag.desk().contents();
        tag.desk()
                .work()
                .latest(
                        this,
                        "Learning what positions lead to",
                        (progress, cancelled) ->
                                LearnedScale.of(tag.desk().corpus(contents)).without(bout.id()),
                        Work.Listener.of(
                                scale -> {
                                    learned = Optional.of(scale);
                                    renew();
                                },
                                tag.desk().messages()::fail,
                                () -> {}));
    }

    private Optional<Scorecard> card(Bout bout, Timeline timeline) {
        if (!cardOf.equals(Optional.of(bout))) {
            if (known.isEmpty()) {
                known = Optional.of(rulesets.get());
            }
            cardOf = Optional.of(bout);
            card = known.get()
                    .named(bout.header().ruleset())
                    .map(ruleset -> Scorecard.of(bout, ruleset, tag.desk().lexicon(), timeline));
        }
        return card;
    }

    /**
     * What the rules give by now and the referee has not: the next awards to be tagged, the newest first. What only could be given is
     * among them, since whether it was is what one watches for.
     */
    public List<Proposal> due() {
        long now = tag.playhead().micros().orElse(Long.MAX_VALUE);
        Optional<Bout> bout = tag.open().bout();
        if (bout.isEmpty() || matter.get().isEmpty()) {
            return List.of();
        }
        List<Proposal> due = new ArrayList<>();
        card(bout.get(), tag.open().timeline().orElseThrow()).ifPresent(known -> known.calls().stream()
                .filter(call -> call.atMicros() <= now && call.atMicros() > now - DUE_MICROS)
                .filter(call -> call.reason() != Reason.LADDER && !isGiven(bout.get(), call))
                .forEach(call -> due.add(
                        0,
                        new Proposal(
                                Optional.of(call.to()),
                                new Deed.Awarded(call.gift()),
                                Optional.empty(),
                                Telling.NOTHING))));
        return due.stream().distinct().limit(MOST_DUE).toList();
    }

    private static boolean isGiven(Bout bout, Call call) {
        return bout.moments().stream()
                .anyMatch(moment -> moment.deed().equals(new Deed.Awarded(call.gift()))
                        && moment.actor().equals(Optional.of(call.to()))
                        && moment.atMicros().orElse(0) >= call.atMicros() - DUE_MICROS
                        && moment.atMicros().orElse(0) <= call.atMicros() + DUE_MICROS);
    }

    /** The film has left what is shown: the tide comes after it. */
    private void follow() {
        tag.playhead().nowProperty().get().ifPresent(now -> {
            if (matter.get().isPresent() && (now < from || now > to)) {
                long width = to - from;
                if (whole) {
                    to = extent();
                } else {
                    from = Math.max(0, now - width / 8);
                    to = from + width;
                }
                paint();
            }
        });
    }

    /**
     * Shows less, or more, round an instant, which keeps its place.
     *
     * @param direction above 0 to see closer
     */
    public void zoom(int direction, long aroundMicros) {
        if (matter.get().isEmpty()) {
            return;
        }
        double factor = direction > 0 ? 1 / STEP : STEP;
        long all = extent();
        long width = Math.min(all, Math.max(Math.min(LEAST_MICROS, all), Math.round((to - from) * factor)));
        double share = to == from ? 0.5 : (double) (aroundMicros - from) / (to - from);
        long begin = Math.max(0, Math.min(all - width, aroundMicros - Math.round(share * width)));
        from = begin;
        to = begin + width;
        whole = width >= all;
        paint();
    }

    /** Moves what is shown by a share of its width. */
    public void pan(double share) {
        if (matter.get().isPresent()) {
            long width = to - from;
            from = Math.max(0, Math.min(Math.max(0, extent() - width), from + Math.round(share * width)));
            to = from + width;
            paint();
        }
    }

    /** Shows the whole bout. */
    public void whole() {
        whole = true;
        renew();
    }

    /** {@return what is to be said of an instant: the time, where the two are, and what was told last} */
    public String hover(long micros) {
        return tag.open()
                .bout()
                .map(bout -> {
                    Stand stand = tag.open().timeline().orElseThrow().at(micros);
                    String last = bout.moments().stream()
                            .filter(moment -> moment.atMicros().isPresent()
                                    && moment.atMicros().getAsLong() <= micros)
                            .reduce((one, other) -> other)
                            .map(moment -> " \u00b7 " + told(moment, bout))
                            .orElse("");
                    return "%s \u00b7 %s%s"
                            .formatted(
                                    Times.tenths(micros),
                                    AthleteWords.settled(
                                            new Settled(stand.position().key(), stand.top(), false),
                                            bout,
                                            tag.desk().lexicon()),
                                    last);
                })
                .orElse("");
    }

    private String told(Moment moment, Bout bout) {
        return moment.actor().isPresent()
                ? AthleteWords.actor(moment.actor(), bout) + ": " + tag.open().words(moment)
                : tag.open().words(moment);
    }

    public ReadOnlyObjectProperty<Optional<TideMatter>> matterProperty() {
        return matter.getReadOnlyProperty();
    }

    public ObjectProperty<Choice> choiceProperty() {
        return choice;
    }
}
