package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Moment;
import farglass.core.phrase.AthleteWords;
import farglass.core.rules.Board;
import farglass.core.side.Seat;
import farglass.core.state.Stand;
import farglass.core.state.Timeline;
import farglass.core.state.Whereabouts;
import farglass.desktop.desk.Settings;
import farglass.desktop.screening.Player;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

/** The instant of the open bout that is shown, by its film or by the hall's clock, and what stands there. */
public final class Playhead {
    private final OpenBout open;
    private final Choice choice;
    private final Viewing viewing;
    private final Player player;
    private final BoutFilm film;
    private final Settings settings;
    private final LiveClock live = new LiveClock(System::nanoTime);
    private final ReadOnlyObjectWrapper<OptionalLong> now = new ReadOnlyObjectWrapper<>(OptionalLong.empty());
    private final ObjectProperty<Jump> jump = new SimpleObjectProperty<>(Jump.EXCHANGE);

    Playhead(OpenBout open, Choice choice, Viewing viewing, Player player, BoutFilm film, Settings settings) {
        this.open = open;
        this.choice = choice;
        this.viewing = viewing;
        this.player = player;
        this.film = film;
        this.settings = settings;
        player.timeProperty().addListener(change -> moved());
        player.lastProperty().addListener(change -> moved());
        live.microsProperty().addListener(change -> moved());
        live.onProperty().addListener(change -> moved());
    }

    /** Another instant is shown, or the same one is another of the bout. */
    public void moved() {
        OptionalLong instant = micros();
        // What is shown round a question is looked at for that one thing; the pass says itself what it covered.
        open.watched().at(instant, isPlaying() && !viewing.askingProperty().get(), speed(), viewing.layer());
        now.set(instant);
    }

    /** {@return the instant of the bout now shown, by the film or the hall's clock; empty without either} */
    public OptionalLong micros() {
        return live.onProperty().get() ? OptionalLong.of(live.microsProperty().get()) : film.boutMicros();
    }

    /** {@return whether time passes, on the film or on the hall's clock} */
    public boolean isPlaying() {
        return live.onProperty().get()
                ? live.runningProperty().get()
                : player.playingProperty().get();
    }

    /** {@return how fast: 1 in the hall} */
    public double speed() {
        return live.onProperty().get() ? 1 : player.speedProperty().get();
    }

    /** {@return when what is typed now happened: the instant shown, less the person's lag while time passes} */
    public OptionalLong instant() {
        OptionalLong shown = micros();
        long lag = isPlaying() ? Math.round(settings.lagSecondsProperty().get() * speed() * 1e6) : 0;
        return shown.isPresent() ? OptionalLong.of(Math.max(0, shown.getAsLong() - lag)) : shown;
    }

    /** {@return the last moment not after the instant now shown} */
    public Optional<Moment> before() {
        return before(micros());
    }

    /** {@return the last moment not after that instant; without one, the last of all} */
    private Optional<Moment> before(OptionalLong instant) {
        List<Moment> moments = open.bout().map(Bout::moments).orElse(List.of());
        return moments.stream()
                .filter(moment -> instant.isEmpty() || moment.atMicros().orElse(0) <= instant.getAsLong())
                .reduce((first, second) -> second);
    }

    /** {@return how many moments of the open bout are not after that instant} */
    public int countBefore(OptionalLong instant) {
        List<Moment> moments = open.bout().map(Bout::moments).orElse(List.of());
        return before(instant).map(last -> moments.indexOf(last) + 1).orElse(0);
    }

    /** {@return where the two stand at the instant now shown} */
    public Stand stand() {
        return stand(micros());
    }

    /** {@return where the two stand at that instant} */
    public Stand stand(OptionalLong instant) {
        Timeline known = open.timeline().orElseThrow();
        return before(instant).map(known::after).orElseGet(() -> start(known.at(0)));
    }

    /** Nothing is told yet, and perhaps nothing watched: who begins to tag a bout mostly begins where they stand. */
    private Stand start(Stand known) {
        return known.position().isSettled()
                ? known
                : Whereabouts.assumed(
                        open.bout().orElseThrow().header(), open.desk().lexicon());
    }

    /** {@return the moment that keys act on, by id: the chosen one, else the last one} */
    public Optional<String> momentHere() {
        return choice.lead().or(() -> before().map(Moment::id));
    }

    /** {@return the referee's score for one of them at the instant now shown: "Runa 2 +1 adv"} */
    public String board(Seat seat) {
        return open.bout()
                .map(shown -> AthleteWords.firstName(shown, seat) + "  "
                        + words(Board.at(shown, micros().orElse(Long.MAX_VALUE)).of(seat)))
                .orElse("");
    }

    private static String words(Board.Column column) {
        return column.points()
                + (column.advantages() > 0 ? " +%d adv".formatted(column.advantages()) : "")
                + (column.penalties() > 0 ? " (%d pen)".formatted(column.penalties()) : "");
    }

    /** Shows that moment on the film. */
    public void goTo(String momentId) {
        open.moment(momentId)
                .map(Moment::atMicros)
                .filter(OptionalLong::isPresent)
                .ifPresent(at -> film.seek(at.getAsLong()));
    }

    /** Shows that instant of the bout on the film. */
    public void seek(long micros) {
        film.seek(micros);
    }

    /** Sends the film to the next or the last of what is jumped by. */
    public void jump(int direction) {
        open.bout().ifPresent(shown -> {
            OptionalLong to = jump.get()
                    .from(micros().orElse(0), direction, shown, open.timeline().orElseThrow());
            if (to.isPresent()) {
                choice.none();
                film.seek(to.getAsLong());
            } else {
                open.desk()
                        .messages()
                        .say("There is no %s %s here."
                                .formatted(jump.get().label(), direction > 0 ? "after" : "before"));
            }
        });
    }

    public Player player() {
        return player;
    }

    public BoutFilm film() {
        return film;
    }

    /** {@return the hall's clock, for a bout that is watched there} */
    public LiveClock live() {
        return live;
    }

    /** {@return the instant of the bout now shown} */
    public ReadOnlyObjectProperty<OptionalLong> nowProperty() {
        return now.getReadOnlyProperty();
    }

    public ObjectProperty<Jump> jumpProperty() {
        return jump;
    }
}
