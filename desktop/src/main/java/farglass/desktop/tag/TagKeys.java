package farglass.desktop.tag;

import farglass.core.bout.Fact;
import farglass.core.bout.Segment;
import farglass.desktop.screening.FilmView;
import farglass.desktop.screening.Player;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * Every key of the Tag place. While the line holds text it is written in; on an empty line keys command film, ledger and tide, digits
 * take the picks, and any other letter begins a text.
 */
final class TagKeys {
    private final TagModel model;
    private final TideModel tide;
    private final FilmView film;
    private final DrawingSheet sheet;
    private final TagView view;

    TagKeys(TagModel model, TideModel tide, FilmView film, DrawingSheet sheet, TagView view) {
        this.model = model;
        this.tide = tide;
        this.film = film;
        this.sheet = sheet;
        this.view = view;
    }

    void pressed(KeyEvent event) {
        if (view.isFinding()) {
            if (event.getCode() == KeyCode.ESCAPE || event.getCode() == KeyCode.ENTER) {
                view.leaveFind(event.getCode() == KeyCode.ESCAPE);
                event.consume();
            }
            return;
        }
        if (model.boutProperty().get().isEmpty()) {
            return;
        }
        boolean blank = model.scribe().textProperty().get().isEmpty();
        boolean taken = sheet.pressed(event)
                || function(event)
                || (event.isShortcutDown()
                        ? command(event, blank)
                        : event.isAltDown() ? alternate(event) : plain(event, blank));
        if (taken) {
            event.consume();
        }
    }

    /** Keys that say what the film shows work whatever the line holds. */
    private boolean function(KeyEvent event) {
        switch (event.getCode()) {
            case F4 -> model.film().otherCamera();
            case F5 -> model.segments().mark(Segment.Kind.LIVE);
            case F6 -> {
                if (event.isShiftDown()) {
                    model.segments().replayShowsChosen();
                } else {
                    model.segments().mark(Segment.Kind.REPLAY);
                }
            }
            case F7 -> model.segments().clockKey();
            case F8 -> model.segments().mark(Segment.Kind.TALK);
            case F11 -> {
                if (event.isShiftDown()) {
                    view.turnApart();
                } else {
                    view.turnLarge();
                }
            }
            case PAGE_UP -> model.jump(-1);
            case PAGE_DOWN -> model.jump(1);
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean command(KeyEvent event, boolean blank) {
        if (event.isShiftDown()) {
            return commandWithShift(event.getCode()) || blank && border(event.getCode());
        }
        switch (event.getCode()) {
            case T -> model.mending().moveHere();
            case B -> model.times().beginHere();
            case D -> model.times().declareCovered();
            case U -> model.mending().exchangeActors();
            case G -> model.mending().answersEarlier();
            case I -> model.mending().split();
            case M -> model.mending().merge();
            case W -> model.ledger().foldHere();
            case A -> {
                if (!blank) {
                    // All of what is written, and not all of what was ever told.
                    return false;
                }
                model.ledger().chooseAll();
            }
            case F -> view.find();
            case P -> view.choosePass();
            case J ->
                model.jumpProperty()
                        .set(Jump.values()[(model.jumpProperty().get().ordinal() + 1) % Jump.values().length]);
            case DIGIT0, NUMPAD0 -> film.whole();
            case PLUS, ADD, EQUALS -> film.zoom(1.25, film.getWidth() / 2, film.getHeight() / 2);
            case MINUS, SUBTRACT -> film.zoom(0.8, film.getWidth() / 2, film.getHeight() / 2);
            case LEFT -> film.pan(40, 0);
            case RIGHT -> film.pan(-40, 0);
            case UP -> film.pan(0, 40);
            case DOWN -> film.pan(0, -40);
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean commandWithShift(KeyCode code) {
        switch (code) {
            case B -> model.times().alignHere();
            case G -> model.mending().answersNothing();
            case C -> model.mending().continuesEarlier();
            case H -> model.doubts().canStartHere();
            case W -> model.ledger().foldAll();
            case L -> model.times().liveKey();
            case R -> view.reel();
            case N -> view.cut();
            case T -> view.tellMore();
            case K -> view.takeLag();
            case A -> sheet.penProperty().set(Optional.of(Fact.Shape.ARROW));
            case O -> sheet.penProperty().set(Optional.of(Fact.Shape.RING));
            case I -> sheet.penProperty().set(Optional.of(Fact.Shape.LINE));
            default -> {
                return false;
            }
        }
        return true;
    }

    /** On an empty line; where words stand these keys choose among them. */
    private boolean border(KeyCode code) {
        switch (code) {
            case LEFT -> view.borders().moveWords(-1);
            case RIGHT -> view.borders().moveWords(1);
            case UP -> view.borders().moveTide(1);
            case DOWN -> view.borders().moveTide(-1);
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean alternate(KeyEvent event) {
        long now = model.boutMicros().orElse(0);
        switch (event.getCode()) {
            case LEFT -> model.mending().nudge(-1);
            case RIGHT -> model.mending().nudge(1);
            case UP -> tide.zoom(1, now);
            case DOWN -> tide.zoom(-1, now);
            case HOME -> tide.whole();
            case PAGE_UP -> tide.pan(-0.5);
            case PAGE_DOWN -> tide.pan(0.5);
            case W -> view.newWord();
            case DIGIT1, DIGIT2, DIGIT3, DIGIT4, DIGIT5, DIGIT6 ->
                model.scribe().choose(event.getCode().ordinal() - KeyCode.DIGIT1.ordinal());
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean plain(KeyEvent event, boolean blank) {
        boolean fanned = model.fan().openProperty().get().isPresent();
        switch (event.getCode()) {
            case ENTER -> {
                if (!blank) {
                    model.scribe().commit();
                    // The field in the ledger is gone with what was changed in it.
                    view.begin();
                } else if (fanned) {
                    model.fan().close();
                } else {
                    model.editSelected();
                }
            }
            case ESCAPE -> escape(blank, fanned);
            case TAB -> {
                if (event.isShiftDown() || blank && !fanned) {
                    return false;
                }
                if (blank) {
                    model.fan().activate();
                } else {
                    model.scribe().choose(0);
                }
            }
            default -> {
                return blank && film(event);
            }
        }
        return true;
    }

    /** One thing at a time is put away, the newest first. */
    private void escape(boolean blank, boolean fanned) {
        if (!blank) {
            model.scribe().clear();
            view.begin();
        } else if (fanned) {
            model.fan().close();
        } else if (model.passes().questionProperty().get().isPresent()) {
            model.passes().end();
        } else if (model.selectedProperty().get().isEmpty()
                && view.largeProperty().get()) {
            view.turnLarge();
        } else {
            model.selectedProperty().set(Optional.empty());
        }
    }

    /** On an empty line, space and arrows command the film and the ledger. */
    private boolean film(KeyEvent event) {
        Player player = model.player();
        int direction = event.getCode() == KeyCode.LEFT ? -1 : 1;
        switch (event.getCode()) {
            case LEFT, RIGHT -> {
                if (event.isShiftDown()) {
                    player.seek(player.timeProperty().get() + direction * TransportView.JUMP_MICROS);
                } else {
                    player.step(direction);
                }
            }
            case UP -> upOrDown(event, -1);
            case DOWN -> upOrDown(event, 1);
            case HOME -> model.seekBout(0);
            case END -> model.seekBout(model.film().endMicros());
            case DELETE, BACK_SPACE -> model.mending().remove();
            case SPACE -> {
                if (model.live().onProperty().get()) {
                    model.live()
                            .runningProperty()
                            .set(!model.live().runningProperty().get());
                } else if (player.hasFilm()) {
                    player.playingProperty().set(!player.playingProperty().get());
                }
            }
            default -> {
                return false;
            }
        }
        return true;
    }

    private void upOrDown(KeyEvent event, int direction) {
        if (event.isShiftDown()) {
            model.ledger().extend(direction);
        } else if (!model.passes().together().isEmpty()) {
            model.passes().turn(direction);
        } else {
            model.ledger().select(direction);
        }
    }

    /** On an empty line characters command too; what is none of them begins a text. */
    void typed(KeyEvent event) {
        if (view.isFinding() || model.boutProperty().get().isEmpty() || event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        String character = event.getCharacter();
        if (!model.scribe().textProperty().get().isEmpty()) {
            if (takesNarrowed(character)) {
                event.consume();
            }
            return;
        }
        if (character.isBlank() || character.length() != 1 || Character.isISOControl(character.charAt(0))) {
            event.consume();
        } else if (commanded(character.charAt(0))) {
            event.consume();
        } else if (!view.isWriting()) {
            view.begin();
            model.scribe().textProperty().set(character);
            event.consume();
        }
    }

    /** A digit right behind the letters that a name may begin with takes the pick of that number. */
    private boolean takesNarrowed(String character) {
        boolean digit = character.length() == 1 && character.charAt(0) >= '0' && character.charAt(0) <= '9';
        if (!digit || !model.picks().isNarrowed()) {
            return false;
        }
        if (character.equals("0")) {
            model.picks().more();
        } else {
            model.pick(character.charAt(0) - '0');
            view.begin();
        }
        return true;
    }

    private boolean commanded(char character) {
        if (model.fan().typed(character)) {
            return true;
        }
        if (model.passes().questionProperty().get().isPresent() && reply(character)) {
            return true;
        }
        switch (character) {
            case '0' -> model.picks().more();
            case '.' -> model.mark();
            case '?' -> model.mending().doubt();
            case ',' -> model.repeats().again();
            case '/' -> model.repeats().loopKey();
            case '=' -> model.stopwatch().key();
            case '[' -> speed(-1);
            case ']' -> speed(1);
            default -> {
                if (character < '1' || character > '9') {
                    return false;
                }
                model.pick(character - '0');
            }
        }
        return true;
    }

    private boolean reply(char character) {
        switch (character) {
            case 'y' -> model.passes().reply(PassModel.Reply.YES);
            case 'n' -> model.passes().reply(PassModel.Reply.NO);
            case 'u' -> model.passes().reply(PassModel.Reply.CANNOT_TELL);
            case 's' -> model.passes().reply(PassModel.Reply.SKIP);
            default -> {
                int number = character - '0';
                if (number >= 1 && number <= model.passes().offers().size()) {
                    model.passes().take(number);
                    return true;
                }
                return replyToMany(character);
            }
        }
        return true;
    }

    private boolean replyToMany(char character) {
        boolean together = !model.passes().together().isEmpty();
        if (character == 'h' && model.passes().canHalve()) {
            model.passes().reply(PassModel.Reply.HALF_LATER);
        } else if (character == 'o' && together) {
            model.passes().reply(PassModel.Reply.ONE_BY_ONE);
        } else if (character == 'x' && together) {
            model.passes().leaveOut();
        } else {
            return false;
        }
        return true;
    }

    private void speed(int direction) {
        double[] speeds = {Player.SLOWEST, 0.25, 0.5, 0.75, 1, 1.5, 2, 3, Player.FASTEST};
        double now = model.player().speedProperty().get();
        double next = now;
        for (double speed : speeds) {
            if (direction > 0 && next == now && speed > now + 0.01) {
                next = speed;
            } else if (direction < 0 && speed < now - 0.01) {
                next = speed;
            }
        }
        model.player().speedProperty().set(next);
    }
}
