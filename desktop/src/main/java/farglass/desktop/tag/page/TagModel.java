package farglass.desktop.tag.page;

import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Spot;
import farglass.desktop.screening.Player;
import farglass.desktop.tag.Choice;
import farglass.desktop.tag.Corrections;
import farglass.desktop.tag.Doubts;
import farglass.desktop.tag.Lag;
import farglass.desktop.tag.OpenBout;
import farglass.desktop.tag.Playhead;
import farglass.desktop.tag.Repeats;
import farglass.desktop.tag.Tagging;
import farglass.desktop.tag.TypedLine;
import farglass.desktop.tag.Viewing;
import farglass.desktop.tag.ledger.LedgerModel;
import farglass.desktop.tag.line.FanModel;
import farglass.desktop.tag.line.Picks;
import farglass.desktop.tag.line.ScribeModel;
import farglass.desktop.tag.pass.PassModel;
import farglass.desktop.tag.screen.BoutTimes;
import farglass.desktop.tag.screen.Segments;
import farglass.desktop.tag.screen.Stopwatch;

/** One bout being taken apart: what the rooms of Tag share, and the model of each of them. Knows no node. */
public final class TagModel {
    private final Tagging tagging;
    private final LedgerModel ledger;
    private final ScribeModel scribe;
    private final PassModel passes;
    private final Segments segments;
    private final Stopwatch stopwatch;
    private final BoutTimes times;

    public TagModel(Desk desk, Player player, Settings settings) {
        tagging = new Tagging(desk, player, settings);
        ledger = new LedgerModel(tagging);
        scribe = new ScribeModel(tagging, new Picks(tagging), new FanModel(tagging));
        passes = new PassModel(tagging);
        segments = new Segments(tagging);
        stopwatch = new Stopwatch(tagging);
        times = new BoutTimes(tagging);
        desk.contentsProperty().addListener((property, old, contents) -> open().follow());
        desk.lexiconProperty().addListener((property, old, words) -> {
            // Words of the library say where things can start, and so where the two are; and all may be shown in other
            // words.
            picks().learnAnew();
            open().readAnew();
        });
        desk.study().property().addListener(change -> open().refresh());
        desk.navigation().spotProperty().addListener((property, old, spot) -> spot.ifPresent(this::show));
    }

    private void show(Spot spot) {
        if (open().bout().filter(shown -> shown.id().equals(spot.bout())).isEmpty()) {
            leave();
            tagging.open(spot.bout());
        }
        spot.moment().ifPresent(moment -> {
            choice().only(moment);
            playhead().goTo(moment);
        });
    }

    /** Puts away what is under way, and writes down what was watched. Called before the place or the bout is left. */
    public void leave() {
        passes.end();
        fan().close();
        tagging.leave();
    }

    /** {@return what the rooms of Tag share} */
    public Tagging tagging() {
        return tagging;
    }

    public Desk desk() {
        return tagging.desk();
    }

    public OpenBout open() {
        return tagging.open();
    }

    public Choice choice() {
        return tagging.choice();
    }

    public Playhead playhead() {
        return tagging.playhead();
    }

    public TypedLine line() {
        return tagging.line();
    }

    public Viewing viewing() {
        return tagging.viewing();
    }

    public Lag lag() {
        return tagging.lag();
    }

    public Corrections corrections() {
        return tagging.corrections();
    }

    public Doubts doubts() {
        return tagging.doubts();
    }

    public Repeats repeats() {
        return tagging.repeats();
    }

    public LedgerModel ledger() {
        return ledger;
    }

    public ScribeModel scribe() {
        return scribe;
    }

    public Picks picks() {
        return scribe.picks();
    }

    public FanModel fan() {
        return scribe.fan();
    }

    public PassModel passes() {
        return passes;
    }

    public Segments segments() {
        return segments;
    }

    public Stopwatch stopwatch() {
        return stopwatch;
    }

    public BoutTimes times() {
        return times;
    }
}
