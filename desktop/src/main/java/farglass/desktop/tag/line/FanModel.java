package farglass.desktop.tag.line;

import farglass.core.bout.Moment;
import farglass.core.entry.SideRule;
import farglass.core.phrase.AthleteWords;
import farglass.core.pick.Fan;
import farglass.core.side.OwnedSide;
import farglass.core.side.Seat;
import farglass.core.side.Side;
import farglass.desktop.tag.Choice;
import farglass.desktop.tag.OpenBout;
import farglass.desktop.tag.Tagging;
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
    public static final String LEFT_KEYS = "fdsgrewt";

    public static final String RIGHT_KEYS = "jklhuioy";
    /** The row below: the same first choices with the side left untold. */
    public static final String UNSEEN_KEYS = "vcxb";

    /**
     * A fan that is open.
     *
     * @param active whether letters answer it; otherwise they begin a new line, and only Tab or the mouse reaches it
     */
    public record Open(String momentId, Fan fan, boolean active) {}

    private final OpenBout open;
    private final Choice choice;
    private final ReadOnlyObjectWrapper<Optional<Open>> asked = new ReadOnlyObjectWrapper<>(Optional.empty());

    public FanModel(Tagging tag) {
        this.open = tag.open();
        this.choice = tag.choice();
        // Who turns to another moment, or to another aim, leaves the question of the last one open.
        choice.selectedProperty().addListener((property, old, wanted) -> wanted.ifPresent(id -> close()));
        tag.viewing().whenBegun(this::close);
        // What is undone, here or in another window, is asked about no more.
        open.boutProperty().addListener((property, before, now) -> asked.get()
                .filter(about ->
                        now.flatMap(bout -> bout.moment(about.momentId())).isEmpty())
                .ifPresent(gone -> close()));
    }

    /** Asks what is open about that moment, if anything is. */
    void ask(Moment moment, boolean active) {
        asked.set(Fan.of(moment, open.desk().lexicon()).map(fan -> new Open(moment.id(), fan, active)));
    }

    public void close() {
        asked.set(Optional.empty());
    }

    /** Lets the letters answer. */
    public void activate() {
        asked.get().ifPresent(now -> asked.set(Optional.of(new Open(now.momentId(), now.fan(), true))));
    }

    /** {@return the number of the choice that the letter takes, from 0; negative where it takes none} */
    private int number(char letter) {
        return asked.get()
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
    public boolean takes(char letter) {
        return number(letter) >= 0;
    }

    /** Closes a fan that letters answer, unless that one does. */
    public void leaveUnless(char letter) {
        if (asked.get().filter(Open::active).isPresent() && !takes(letter)) {
            close();
        }
    }

    /** Answers with the letter, which the fan takes: the left hand's, the right hand's, or the large one where no side was seen. */
    public void type(char letter) {
        boolean unseen = Character.isUpperCase(letter) || UNSEEN_KEYS.indexOf(small(letter)) >= 0;
        Side side = LEFT_KEYS.indexOf(small(letter)) >= 0 ? Side.LEFT : Side.RIGHT;
        answer(number(letter), unseen ? Optional.empty() : Optional.of(side));
    }

    /** Answers with the choice of that number, from 0, and perhaps a side. */
    public void answer(int number, Optional<Side> side) {
        Open now = asked.get().orElseThrow();
        Optional<Moment> moment = open.moment(now.momentId());
        close();
        moment.ifPresent(told -> {
            Moment answered = now.fan()
                    .answered(
                            told,
                            now.fan().choices().get(number),
                            side,
                            open.timeline().orElseThrow().before(told),
                            open.desk().lexicon());
            open.commit(answered, "Tag " + open.words(answered));
            ask(answered, now.active());
        });
    }

    /** Tells only the side: of the moment chosen, or of the one just taken. */
    public void tellSide(Side side) {
        Optional<Moment> moment = asked.get()
                .map(Open::momentId)
                .or(choice::lead)
                .or(open::latest)
                .flatMap(open::moment);
        moment.filter(told -> owner(told).isPresent()).ifPresent(told -> {
            Moment changed =
                    told.with(told.telling().withSide(new OwnedSide(owner(told).orElseThrow(), side)));
            open.commit(changed, "Tag " + open.words(changed));
            asked.get().ifPresent(now -> ask(changed, now.active()));
        });
    }

    /** {@return whose side is asked for; empty where the technique has none} */
    Optional<Seat> owner(Moment moment) {
        return moment.technique()
                .flatMap(open.desk().lexicon()::technique)
                .filter(technique -> technique.sideRule() != SideRule.NONE
                        && moment.actor().isPresent()
                        && moment.deed().did().isPresent())
                .map(technique -> Fan.owner(moment, technique));
    }

    /** {@return the open question in words: "Runa, knee cut. What became of it?"} */
    String question() {
        return asked.get()
                .flatMap(now -> open.bout()
                        .flatMap(bout -> bout.moment(now.momentId()).map(moment -> "%s: %s. %s"
                                .formatted(
                                        AthleteWords.actor(moment.actor(), bout),
                                        open.words(moment),
                                        now.fan().question()))))
                .orElse("");
    }

    public ReadOnlyObjectProperty<Optional<Open>> openProperty() {
        return asked.getReadOnlyProperty();
    }
}
