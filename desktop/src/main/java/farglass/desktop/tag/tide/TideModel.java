package farglass.desktop.tag.tide;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.bout.Times;
import farglass.core.corpus.LearnedScale;
import farglass.core.phrase.AthleteWords;
import farglass.core.side.Settled;
import farglass.core.state.Ladder;
import farglass.core.state.Scale;
import farglass.core.state.Stand;
import farglass.core.state.Tide;
import farglass.core.state.Timeline;
import farglass.desktop.desk.Soon;
import farglass.desktop.desk.Work;
import farglass.desktop.tag.Tagging;
import farglass.drawing.TideMatter;
import farglass.library.contents.Contents;
import java.util.Optional;
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

    /** One cannot look closer than with four seconds over the whole width. */
    private static final long LEAST_MICROS = 4_000_000;

    private static final double STEP = 1.6;

    private final Tagging tag;
    private final RulesSoFar rules;
    private final ObjectProperty<Choice> choice = new SimpleObjectProperty<>(Choice.POINTS);
    private final ReadOnlyObjectWrapper<Optional<TideMatter>> matter = new ReadOnlyObjectWrapper<>(Optional.empty());
    private Optional<LearnedScale> learned = Optional.empty();
    private final Soon renewed;
    private Optional<Timeline> drawn = Optional.empty();
    private String shownBout = "";
    private boolean whole = true;
    private long from;
    private long to;

    public TideModel(Tagging tag, RulesSoFar rules) {
        this.tag = tag;
        this.rules = rules;
        this.renewed = tag.desk().soon(this::renew);
        tag.open().whenAnother(now -> renew());
        tag.open().refreshesProperty().addListener((property, old, now) -> {
            // What is saved is drawn already.
            if (!tag.open().timeline().equals(drawn) || isOfAnotherSeat()) {
                renewed.wish();
            }
        });
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
            whole = true;
        }
        if (whole) {
            from = 0;
            to = extent();
        }
        paint();
    }

    private boolean isOfAnotherSeat() {
        return matter.get()
                .filter(shown -> shown.seat() != tag.open().studied())
                .isPresent();
    }

    private void paint() {
        drawn = tag.open().timeline();
        Bout bout = tag.open().bout().orElseThrow();
        Timeline timeline = tag.open().timeline().orElseThrow();
        Tide tide = Tide.of(bout, timeline, tag.desk().lexicon(), tag.open().studied(), scale(bout));
        matter.set(Optional.of(new TideMatter(bout, tide, tag.open().studied(), rules.card(), from, to)));
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

    /** The film has left what is shown: the tide comes after it. */
    private void follow() {
        renewed.now();
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
        renewed.now();
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
        renewed.now();
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
