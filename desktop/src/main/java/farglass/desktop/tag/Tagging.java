package farglass.desktop.tag;

import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Settings;
import farglass.desktop.screening.Player;

/** What all rooms of Tag share, each of which knows this and none of the others. Knows no node. */
public final class Tagging {
    private final Desk desk;
    private final Choice choice = new Choice();
    private final Viewing viewing = new Viewing();
    private final OpenBout open;
    private final Playhead playhead;
    private final TypedLine line;
    private final Lag lag;
    private final Corrections corrections;
    private final Doubts doubts;
    private final Repeats repeats;

    public Tagging(Desk desk, Player player, Settings settings) {
        this.desk = desk;
        open = new OpenBout(desk, choice);
        playhead = new Playhead(open, choice, viewing, player, new BoutFilm(desk, player, open::bout), settings);
        line = new TypedLine(open);
        lag = new Lag(settings);
        corrections = new Corrections(open, choice, playhead, line, lag);
        doubts = new Doubts(open);
        repeats = new Repeats(open, playhead);
        open.whenTaken(playhead.film()::follow);
        playhead.film().whenFound(() -> choice.lead().ifPresentOrElse(playhead::goTo, () -> playhead.seek(0)));
    }

    /** Opens the bout of that id, of which nothing is chosen. Whatever was open before has been left. */
    public void open(String id) {
        playhead.live().end();
        open.open(id);
        choice.none();
        line.clear();
        playhead.film().follow();
    }

    /** Writes down what was watched. Called before the place or the bout is left. */
    public void leave() {
        open.leave();
    }

    public Desk desk() {
        return desk;
    }

    /** {@return the bout that is open, if one is} */
    public OpenBout open() {
        return open;
    }

    public Choice choice() {
        return choice;
    }

    public Playhead playhead() {
        return playhead;
    }

    public Viewing viewing() {
        return viewing;
    }

    public TypedLine line() {
        return line;
    }

    public Lag lag() {
        return lag;
    }

    public Corrections corrections() {
        return corrections;
    }

    public Doubts doubts() {
        return doubts;
    }

    public Repeats repeats() {
        return repeats;
    }
}
