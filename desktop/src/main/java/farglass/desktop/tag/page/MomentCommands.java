package farglass.desktop.tag.page;

import static javafx.scene.input.KeyCode.A;
import static javafx.scene.input.KeyCode.C;
import static javafx.scene.input.KeyCode.DELETE;
import static javafx.scene.input.KeyCode.DOWN;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.H;
import static javafx.scene.input.KeyCode.I;
import static javafx.scene.input.KeyCode.LEFT;
import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.O;
import static javafx.scene.input.KeyCode.R;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.T;
import static javafx.scene.input.KeyCode.U;
import static javafx.scene.input.KeyCode.UP;

import farglass.core.fact.Drawing;
import farglass.core.side.Side;
import farglass.desktop.command.Command;
import farglass.desktop.command.Key;
import farglass.desktop.command.Where;
import farglass.desktop.tag.screen.DrawingSheet;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** What one does in Tag with moments: with the chosen ones, mostly. */
final class MomentCommands {
    private final TagModel model;
    private final DrawingSheet sheet;
    private final TagPage view;

    MomentCommands(TagModel model, DrawingSheet sheet, TagPage view) {
        this.model = model;
        this.sheet = sheet;
        this.view = view;
    }

    /** {@return all of them, each of which needs an open bout} */
    List<Command> all() {
        return Stream.of(choosing(), changing(), linking(), drawing())
                .flatMap(List::stream)
                .map(command -> TagCommands.withBout(model, command))
                .toList();
    }

    private Command withChosen(Command command) {
        return command.needs(() -> !model.choice().chosen().isEmpty(), "Choose a moment first");
    }

    private List<Command> choosing() {
        return List.of(
                Command.of("moment-before", "Choose the moment before", Where.EMPTY_LINE, Key.of(UP))
                        .does(() -> turn(-1)),
                Command.of("moment-after", "Choose the moment after", Where.EMPTY_LINE, Key.of(DOWN))
                        .does(() -> turn(1)),
                Command.of("also-before", "Choose the moment before, too", Where.EMPTY_LINE, Key.shift(UP))
                        .does(() -> model.ledger().extend(-1)),
                Command.of("also-after", "Choose the moment after, too", Where.EMPTY_LINE, Key.shift(DOWN))
                        .does(() -> model.ledger().extend(1)),
                Command.of("choose-all", "Choose all moments", Where.EMPTY_LINE, Key.ctrl(A))
                        .does(model.ledger()::chooseAll),
                Command.of("choose-none", "Choose none", Where.EMPTY_LINE, Key.of(ESCAPE))
                        .also("film and line come back to their places")
                        .does(this::chooseNone));
    }

    private List<Command> changing() {
        return List.of(
                withChosen(Command.of("change-words", "Change the words", Where.EMPTY_LINE, Key.of(ENTER)))
                        .does(model.line()::editChosen),
                withChosen(Command.of("tell-more", "Tell more of it\u2026", Where.MOMENTS, Key.ctrlShift(T))
                                .also("grips, the body, why, what it opens, how long"))
                        .does(view::tellMore),
                withChosen(Command.of("other-athlete", "It was the other athlete", Where.MOMENTS, Key.ctrl(U)))
                        .does(model.corrections()::exchangeActors),
                Command.of("doubt", "Not seen for sure", Where.EMPTY_LINE, Key.sign('?'))
                        .also("again: hidden; again: sure")
                        .does(model.corrections()::doubt),
                withChosen(Command.of("side-left", "Side: left", Where.MOMENTS))
                        .does(() -> model.fan().tellSide(Side.LEFT)),
                withChosen(Command.of("side-right", "Side: right", Where.MOMENTS))
                        .does(() -> model.fan().tellSide(Side.RIGHT)),
                withChosen(Command.of("frame-earlier", "A frame earlier", Where.MOMENTS, Key.alt(LEFT)))
                        .does(() -> model.corrections().nudge(-1)),
                withChosen(Command.of("frame-later", "A frame later", Where.MOMENTS, Key.alt(RIGHT)))
                        .does(() -> model.corrections().nudge(1)),
                withChosen(Command.of("at-this-frame", "Happened at this frame", Where.MOMENTS, Key.ctrl(T)))
                        .does(model.corrections()::moveHere),
                withChosen(Command.of("split", "Split in two", Where.MOMENTS, Key.ctrl(I)))
                        .does(model.corrections()::split),
                Command.of("merge", "Merge into one", Where.MOMENTS, Key.ctrl(M))
                        .needs(() -> model.choice().chosen().size() > 1, "Choose two or more moments first")
                        .does(model.corrections()::merge),
                withChosen(Command.of("remove", "Remove", Where.EMPTY_LINE, Key.of(DELETE)))
                        .does(model.corrections()::remove),
                Command.of("reel", "Cut a reel\u2026", Where.MOMENTS, Key.ctrlShift(R))
                        .needs(() -> !model.choice().chosen().isEmpty(), "Choose its moments first, or all with Ctrl+A")
                        .does(view::reel));
    }

    private List<Command> linking() {
        return List.of(
                withChosen(Command.of("answers-earlier", "Answers the deed before it", Where.MOMENTS, Key.ctrl(G))
                                .also("again: the one before that"))
                        .does(model.corrections()::answersEarlier),
                withChosen(Command.of("answers-nothing", "Answers nothing", Where.MOMENTS, Key.ctrlShift(G)))
                        .does(model.corrections()::answersNothing),
                withChosen(Command.of("continues", "Continues the own try before it", Where.MOMENTS, Key.ctrlShift(C)))
                        .does(model.corrections()::continuesEarlier),
                withChosen(Command.of("can-start-here", "It can start here", Where.MOMENTS, Key.ctrlShift(H)))
                        .does(model.doubts()::canStartHere));
    }

    private List<Command> drawing() {
        return List.of(
                draw("draw-arrow", "Draw an arrow", Drawing.Shape.ARROW, Key.ctrlShift(A)),
                draw("draw-ring", "Draw a ring", Drawing.Shape.RING, Key.ctrlShift(O)),
                draw("draw-line", "Draw a limb line", Drawing.Shape.LINE, Key.ctrlShift(I)),
                Command.of("pen-move", "Move the cross", Where.PEN)
                        .also("with Shift further")
                        .keys(List.of(
                                Key.of(LEFT),
                                Key.of(RIGHT),
                                Key.of(UP),
                                Key.of(DOWN),
                                Key.shift(LEFT),
                                Key.shift(RIGHT),
                                Key.shift(UP),
                                Key.shift(DOWN)))
                        .doesKey(key -> sheet.moveCross(key % 4, key >= 4)),
                Command.of("pen-set", "Set down its beginning, then its end", Where.PEN, Key.of(ENTER))
                        .does(sheet::setDown),
                Command.of("pen-away", "Draw nothing", Where.PEN, Key.of(ESCAPE))
                        .does(() -> sheet.penProperty().set(Optional.empty())));
    }

    private Command draw(String id, String words, Drawing.Shape shape, Key key) {
        return Command.of(id, words, Where.FILM, key)
                .needs(() -> model.playhead().player().hasFilm(), "No film is shown")
                .does(() -> sheet.penProperty().set(Optional.of(shape)));
    }

    private void turn(int direction) {
        if (model.passes().together().isEmpty()) {
            model.ledger().select(direction);
        } else {
            model.passes().turn(direction);
        }
    }

    /** One thing at a time is put away, the newest first. */
    private void chooseNone() {
        if (model.choice().lead().isEmpty() && view.largeProperty().get()) {
            view.turnLarge();
        } else {
            model.choice().none();
        }
    }
}
