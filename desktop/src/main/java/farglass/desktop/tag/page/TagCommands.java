package farglass.desktop.tag.page;

import static javafx.scene.input.KeyCode.ADD;
import static javafx.scene.input.KeyCode.B;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT0;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.END;
import static javafx.scene.input.KeyCode.EQUALS;
import static javafx.scene.input.KeyCode.F;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.F4;
import static javafx.scene.input.KeyCode.F5;
import static javafx.scene.input.KeyCode.F6;
import static javafx.scene.input.KeyCode.F7;
import static javafx.scene.input.KeyCode.F8;
import static javafx.scene.input.KeyCode.HOME;
import static javafx.scene.input.KeyCode.J;
import static javafx.scene.input.KeyCode.K;
import static javafx.scene.input.KeyCode.L;
import static javafx.scene.input.KeyCode.LEFT;
import static javafx.scene.input.KeyCode.MINUS;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.NUMPAD0;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.PAGE_DOWN;
import static javafx.scene.input.KeyCode.PAGE_UP;
import static javafx.scene.input.KeyCode.PLUS;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.SPACE;
import static javafx.scene.input.KeyCode.SUBTRACT;
import static javafx.scene.input.KeyCode.UP;
import static javafx.scene.input.KeyCode.W;

import farglass.core.bout.Segment;
import farglass.desktop.command.Command;
import farglass.desktop.command.Key;
import farglass.desktop.command.Where;
import farglass.desktop.screening.FilmView;
import farglass.desktop.screening.Player;
import farglass.desktop.tag.Jump;
import farglass.desktop.tag.tide.TideModel;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** What one does in Tag with the film, the bout's times, the conversation and the tide. */
final class TagCommands {
    static final long JUMP_MICROS = 5_000_000;
    private static final double CLOSER = 1.25;
    private static final double WIDER = 0.8;
    private static final double PAN_PX = 40;
    private static final double[] SPEEDS = {Player.SLOWEST, 0.25, 0.5, 0.75, 1, 1.5, 2, 3, Player.FASTEST};

    private final TagModel model;
    private final TideModel tide;
    private final FilmView film;
    private final TagPage view;

    TagCommands(TagModel model, TideModel tide, FilmView film, TagPage view) {
        this.model = model;
        this.tide = tide;
        this.film = film;
        this.view = view;
    }

    /** {@return all of them, each of which needs an open bout} */
    List<Command> all() {
        return Stream.of(playing(), looking(), segments(), times(), finding(), tide())
                .flatMap(List::stream)
                .map(command -> TagCommands.withBout(model, command))
                .toList();
    }

    static Command withBout(TagModel model, Command command) {
        return command.firstNeeds(() -> model.open().bout().isPresent(), "Open a bout in Tag first");
    }

    private Command withFilm(Command command) {
        return command.needs(() -> model.playhead().player().hasFilm(), "No film is shown");
    }

    private List<Command> playing() {
        return List.of(
                Command.of("play", "Play, or pause", Where.EMPTY_LINE, Key.of(SPACE))
                        .needs(
                                () -> model.playhead().player().hasFilm()
                                        || model.playhead().live().onProperty().get(),
                                "No film is shown")
                        .does(this::playOrPause),
                withFilm(Command.of("frame-back", "One frame back", Where.EMPTY_LINE, Key.of(LEFT)))
                        .does(() -> model.playhead().player().step(-1)),
                withFilm(Command.of("frame-on", "One frame on", Where.EMPTY_LINE, Key.of(RIGHT)))
                        .does(() -> model.playhead().player().step(1)),
                withFilm(Command.of("skip-back", "Five seconds back", Where.EMPTY_LINE, Key.shift(LEFT)))
                        .does(() -> skip(-1)),
                withFilm(Command.of("skip-on", "Five seconds on", Where.EMPTY_LINE, Key.shift(RIGHT)))
                        .does(() -> skip(1)),
                Command.of("to-beginning", "To the beginning of the bout", Where.EMPTY_LINE, Key.of(HOME))
                        .does(() -> model.playhead().seek(0)),
                Command.of("to-end", "To the end of the bout", Where.EMPTY_LINE, Key.of(END))
                        .does(() ->
                                model.playhead().seek(model.playhead().film().endMicros())),
                Command.of("slower", "Slower", Where.EMPTY_LINE, Key.sign('[')).does(() -> speed(-1)),
                Command.of("faster", "Faster", Where.EMPTY_LINE, Key.sign(']')).does(() -> speed(1)),
                Command.of("again", "The last exchange again", Where.EMPTY_LINE, Key.sign(','))
                        .also("slower each time")
                        .does(model.repeats()::again),
                Command.of("loop", "Loop", Where.EMPTY_LINE, Key.sign('/'))
                        .also("from here, to here, off")
                        .does(model.repeats()::loopKey),
                Command.of("stopwatch", "Stopwatch", Where.EMPTY_LINE, Key.sign('='))
                        .also("from this frame, to this frame")
                        .does(model.stopwatch()::key),
                Command.of("jump-back", "Jump to the one before", Where.FILM, Key.of(PAGE_UP))
                        .does(() -> model.playhead().jump(-1)),
                Command.of("jump-on", "Jump to the next", Where.FILM, Key.of(PAGE_DOWN))
                        .does(() -> model.playhead().jump(1)),
                Command.of("jump-by", "Jump by something else", Where.FILM, Key.ctrl(J))
                        .also("moment, exchange, error, score, mark")
                        .does(this::jumpByNext));
    }

    private List<Command> looking() {
        return List.of(
                Command.of("other-camera", "The other camera", Where.FILM, Key.of(F4))
                        .does(model.playhead().film()::otherCamera),
                Command.of("film-large", "Film and line fill the screen, or back", Where.FILM, Key.of(F11))
                        .does(view::turnLarge),
                Command.of("film-apart", "The film in a window of its own, or back", Where.FILM, Key.shift(F11))
                        .does(view::turnApart),
                withFilm(Command.of("look-whole", "The whole picture", Where.FILM, Key.ctrl(DIGIT0), Key.ctrl(NUMPAD0)))
                        .does(film::whole),
                withFilm(Command.of(
                                "look-closer",
                                "Look closer",
                                Where.FILM,
                                Key.ctrl(PLUS),
                                Key.ctrl(ADD),
                                Key.ctrl(EQUALS)))
                        .does(() -> film.zoom(CLOSER, film.getWidth() / 2, film.getHeight() / 2)),
                withFilm(Command.of("look-wider", "Look less close", Where.FILM, Key.ctrl(MINUS), Key.ctrl(SUBTRACT)))
                        .does(() -> film.zoom(WIDER, film.getWidth() / 2, film.getHeight() / 2)),
                withFilm(Command.of("look-left", "Move the picture: its left", Where.FILM, Key.ctrl(LEFT)))
                        .does(() -> film.pan(PAN_PX, 0)),
                withFilm(Command.of("look-right", "Move the picture: its right", Where.FILM, Key.ctrl(RIGHT)))
                        .does(() -> film.pan(-PAN_PX, 0)),
                withFilm(Command.of("look-up", "Move the picture: its upper part", Where.FILM, Key.ctrl(UP)))
                        .does(() -> film.pan(0, PAN_PX)),
                withFilm(Command.of("look-down", "Move the picture: its lower part", Where.FILM, Key.ctrl(DOWN)))
                        .does(() -> film.pan(0, -PAN_PX)),
                Command.of("words-narrower", "Less room for the words", Where.EMPTY_LINE, Key.ctrlShift(LEFT))
                        .does(() -> view.borders().moveWords(-1)),
                Command.of("words-wider", "More room for the words", Where.EMPTY_LINE, Key.ctrlShift(RIGHT))
                        .does(() -> view.borders().moveWords(1)),
                Command.of("tide-higher", "More room for the tide", Where.EMPTY_LINE, Key.ctrlShift(UP))
                        .does(() -> view.borders().moveTide(1)),
                Command.of("tide-lower", "Less room for the tide", Where.EMPTY_LINE, Key.ctrlShift(DOWN))
                        .does(() -> view.borders().moveTide(-1)));
    }

    private List<Command> segments() {
        return List.of(
                segment("mark-live", "the live match", Segment.Kind.LIVE, Key.of(F5)),
                segment("mark-replay", "a replay", Segment.Kind.REPLAY, Key.of(F6)),
                Command.of("replay-shows", "The replay shows the chosen moment", Where.FILM, Key.shift(F6))
                        .needs(() -> !model.choice().chosen().isEmpty(), "Choose a moment first")
                        .does(model.segments()::replayShowsChosen),
                segment("mark-talk", "talk", Segment.Kind.TALK, Key.of(F8)),
                segment("mark-stoppage", "a stoppage", Segment.Kind.STOPPAGE),
                segment("mark-reference", "a reference clip", Segment.Kind.REFERENCE),
                segment("mark-demonstration", "a demonstration", Segment.Kind.DEMONSTRATION),
                Command.of("match-clock", "The match clock stops, or runs on", Where.FILM, Key.of(F7))
                        .does(model.segments()::clockKey));
    }

    private Command segment(String id, String what, Segment.Kind kind, Key... key) {
        return Command.of(id, "From here on: " + what, Where.FILM, key)
                .does(() -> model.segments().mark(kind));
    }

    private List<Command> times() {
        return List.of(
                Command.of("begins-here", "The bout begins at this frame", Where.FILM, Key.ctrl(B))
                        .does(model.times()::beginHere),
                Command.of("align", "This frame shows the chosen moment", Where.FILM, Key.ctrlShift(B))
                        .needs(() -> !model.choice().chosen().isEmpty(), "Choose a moment first")
                        .does(model.times()::alignHere),
                Command.of("watched", "Watched up to here", Where.FILM, Key.ctrl(D))
                        .does(model.times()::declareCovered),
                withFilm(Command.of("another-bout", "Another bout begins here\u2026", Where.FILM, Key.ctrlShift(N)))
                        .does(view::cut),
                Command.of("hall-clock", "Tag by the hall\u2019s clock", Where.FILM, Key.ctrlShift(L))
                        .does(model.times()::liveKey),
                Command.of("take-lag", "Take the lag learned from corrections", Where.FILM, Key.ctrlShift(K))
                        .does(view::takeLag));
    }

    private List<Command> finding() {
        return List.of(
                Command.of("find", "Find moments by their words", Where.TAG, Key.ctrl(F))
                        .does(view::find),
                Command.of("choose-pass", "Choose a pass", Where.TAG, Key.ctrl(P))
                        .also("story, answers, grips, errors, rewatch")
                        .does(view::choosePass),
                Command.of("fold", "Fold or unfold the exchange", Where.TAG, Key.ctrl(W))
                        .does(model.ledger()::foldHere),
                Command.of("fold-all", "Fold or unfold all", Where.TAG, Key.ctrlShift(W))
                        .does(model.ledger()::foldAll));
    }

    private List<Command> tide() {
        return List.of(
                Command.of("tide-closer", "The tide closer", Where.TAG, Key.alt(UP))
                        .does(() -> tide.zoom(1, model.playhead().micros().orElse(0))),
                Command.of("tide-wider", "The tide wider", Where.TAG, Key.alt(DOWN))
                        .does(() -> tide.zoom(-1, model.playhead().micros().orElse(0))),
                Command.of("tide-whole", "The whole bout in the tide", Where.TAG, Key.alt(HOME))
                        .does(tide::whole),
                Command.of("tide-earlier", "The tide earlier", Where.TAG, Key.alt(PAGE_UP))
                        .does(() -> tide.pan(-0.5)),
                Command.of("tide-later", "The tide later", Where.TAG, Key.alt(PAGE_DOWN))
                        .does(() -> tide.pan(0.5)));
    }

    private void playOrPause() {
        if (model.playhead().live().onProperty().get()) {
            model.playhead()
                    .live()
                    .runningProperty()
                    .set(!model.playhead().live().runningProperty().get());
        } else {
            model.playhead()
                    .player()
                    .playingProperty()
                    .set(!model.playhead().player().playingProperty().get());
        }
    }

    private void skip(int direction) {
        model.playhead().player().seek(model.playhead().player().timeProperty().get() + direction * JUMP_MICROS);
    }

    private void jumpByNext() {
        Jump[] jumps = Jump.values();
        model.playhead()
                .jumpProperty()
                .set(jumps[(model.playhead().jumpProperty().get().ordinal() + 1) % jumps.length]);
    }

    private void speed(int direction) {
        double now = model.playhead().player().speedProperty().get();
        double next = direction > 0
                ? Arrays.stream(SPEEDS)
                        .filter(speed -> speed > now + 0.01)
                        .min()
                        .orElse(now)
                : Arrays.stream(SPEEDS)
                        .filter(speed -> speed < now - 0.01)
                        .max()
                        .orElse(now);
        model.playhead().player().speedProperty().set(next);
    }
}
