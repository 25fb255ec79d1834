package farglass.desktop.tag;

import farglass.core.bout.Deed;
import farglass.core.bout.Moment;
import farglass.core.bout.OwnedSide;
import farglass.core.bout.Seat;
import farglass.core.bout.Side;
import farglass.core.lexicon.SideRule;
import farglass.core.scribe.Fan;
import farglass.core.scribe.Phrase;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The second key: what became of the moment just taken, on which side, and where it ended. The left hand's keys mean left, the right
 * hand's right, and with Shift the side stays untold. The moment is on its way to the disk already; each answer changes it.
 */
public final class FanModel {
    /** The keys of either hand, the index finger's first, in the order of the choices. The last of the right hand is Y or Z. */
    static final String LEFT_KEYS = "fdsgrewt";

    static final String RIGHT_KEYS = "jklhuioy";
    /** The row below: the same first choices with the side left untold. */
    static final String UNSEEN_KEYS = "vcxb";

    /**
     * A fan that is open.
     *
     * @param active whether letters answer it; otherwise they begin a new line, and only Tab or the mouse reaches it
     */
    public record Open(String momentId, Fan fan, boolean active) {}

    private final TagModel tag;
    private final ReadOnlyObjectWrapper<Optional<Open>> open = new ReadOnlyObjectWrapper<>(Optional.empty());

    FanModel(TagModel tag) {
        this.tag = tag;
        // What is undone, here or in another window, is asked about no more.
        tag.boutProperty().addListener((property, before, now) -> open.get()
                .filter(asked ->
                        now.flatMap(bout -> bout.moment(asked.momentId())).isEmpty())
                .ifPresent(gone -> close()));
    }

    /** Asks what is open about that moment, if anything is. */
    void ask(Moment moment, boolean active) {
        open.set(Fan.of(moment, tag.desk().lexicon()).map(fan -> new Open(moment.id(), fan, active)));
    }

    public void close() {
        open.set(Optional.empty());
    }

    /** Lets the letters answer. */
    void activate() {
        open.get().ifPresent(now -> open.set(Optional.of(new Open(now.momentId(), now.fan(), true))));
    }

    /** {@return the number of the choice that the letter takes, from 0; negative where it takes none} */
    private int number(char letter) {
        return open.get()
                .filter(Open::active)
                .map(now -> {
                    int number = IntStream.of(
                                    LEFT_KEYS.indexOf(small(letter)),
                                    RIGHT_KEYS.indexOf(small(letter)),
                                    UNSEEN_KEYS.indexOf(small(letter)))
                            .max()
                            .orElseThrow();
                    return number < now.fan().choices().size() ? number : -1;
                })
                .orElse(-1);
    }

    private static char small(char letter) {
        char small = Character.toLowerCase(letter);
        return small == 'z' ? 'y' : small;
    }

    /** {@return whether that letter answers the open fan} */
    boolean takes(char letter) {
        return number(letter) >= 0;
    }

    /** Closes a fan that letters answer, unless that one does. */
    void leaveUnless(char letter) {
        if (open.get().filter(Open::active).isPresent() && !takes(letter)) {
            close();
        }
    }

    /** Answers with the letter, which the fan takes: the left hand's, the right hand's, or the large one where no side was seen. */
    void type(char letter) {
        boolean unseen = Character.isUpperCase(letter) || UNSEEN_KEYS.indexOf(small(letter)) >= 0;
        Side side = LEFT_KEYS.indexOf(small(letter)) >= 0 ? Side.LEFT : Side.RIGHT;
        answer(number(letter), unseen ? Optional.empty() : Optional.of(side));
    }

    /** Answers with the choice of that number, from 0, and perhaps a side. */
    public void answer(int number, Optional<Side> side) {
        Open now = open.get().orElseThrow();
        Optional<Moment> moment = tag.boutProperty().get().flatMap(bout -> bout.moment(now.momentId()));
        close();
        moment.ifPresent(told -> {
            Moment answered = now.fan()
                    .answered(
                            told,
                            now.fan().choices().get(number),
                            side,
                            tag.timeline().orElseThrow().before(told),
                            tag.desk().lexicon());
            tag.commit(answered, "Tag " + tag.words(answered));
            ask(answered, now.active());
        });
    }

    /** Tells only the side: of the moment chosen, or of the one just taken. */
    public void tellSide(Side side) {
        Optional<Moment> moment = open.get()
                .map(Open::momentId)
                .or(() -> tag.selectedProperty().get())
                .or(tag::latest)
                .flatMap(id -> tag.boutProperty().get().flatMap(bout -> bout.moment(id)));
        moment.filter(told -> owner(told).isPresent()).ifPresent(told -> {
            Moment changed =
                    told.with(told.telling().withSide(new OwnedSide(owner(told).orElseThrow(), side)));
            tag.commit(changed, "Tag " + tag.words(changed));
            open.get().ifPresent(now -> ask(changed, now.active()));
        });
    }

    /** {@return whose side is asked for; empty where the technique has none} */
    Optional<Seat> owner(Moment moment) {
        return moment.technique()
                .flatMap(tag.desk().lexicon()::technique)
                .filter(technique -> technique.sideRule() != SideRule.NONE
                        && moment.actor().isPresent()
                        && moment.deed() instanceof Deed.Did)
                .map(technique -> Fan.owner(moment, technique));
    }

    /** {@return the open question in words: "Runa, knee cut. What became of it?"} */
    String question() {
        return open.get()
                .flatMap(now -> tag.boutProperty().get().flatMap(bout -> bout.moment(now.momentId())
                        .map(moment -> "%s: %s. %s"
                                .formatted(
                                        Phrase.actor(moment.actor(), bout),
                                        tag.words(moment),
                                        now.fan().question()))))
                .orElse("");
    }

    public ReadOnlyObjectProperty<Optional<Open>> openProperty() {
        return open.getReadOnlyProperty();
    }
}
