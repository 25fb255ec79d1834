package farglass.desktop.tag.page;

import static javafx.scene.input.KeyCode.DIGIT1;
import static javafx.scene.input.KeyCode.DIGIT2;
import static javafx.scene.input.KeyCode.DIGIT3;
import static javafx.scene.input.KeyCode.DIGIT4;
import static javafx.scene.input.KeyCode.DIGIT5;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.W;

import farglass.desktop.command.Command;
import farglass.desktop.command.Key;
import farglass.desktop.command.Where;
import farglass.desktop.tag.line.FanModel;
import farglass.desktop.tag.pass.PassModel;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** What one does in Tag with the line, with the picks that it offers, and with what is asked above it. */
final class LineCommands {
    private static final String DIGITS = "123456789";
    /** Whatever side it was; the same letters large: the side was not seen. */
    private static final String OUTCOMES = FanModel.LEFT_KEYS + FanModel.RIGHT_KEYS + "z" + FanModel.UNSEEN_KEYS;

    private final TagModel model;
    private final TagPage view;

    LineCommands(TagModel model, TagPage view) {
        this.model = model;
        this.view = view;
    }

    /** {@return all of them, each of which needs an open bout} */
    List<Command> all() {
        return Stream.of(picks(), writing(), outcome(), question(), finding())
                .flatMap(List::stream)
                .map(command -> TagCommands.withBout(model, command))
                .toList();
    }

    private List<Command> picks() {
        return List.of(
                Command.of("pick", "Save the likely next moment of that number", Where.EMPTY_LINE)
                        .keys(Key.signs(DIGITS))
                        .doesKey(key -> model.scribe().pick(key + 1)),
                Command.of("more-picks", "Show nine more", Where.EMPTY_LINE, Key.sign('0'))
                        .does(model.picks()::more),
                Command.of("mark", "A bare mark, to be named later", Where.EMPTY_LINE, Key.sign('.'))
                        .does(model.scribe()::mark),
                Command.of("pick-narrowed", "Save the one of that number", Where.WRITTEN_LINE)
                        .also("of those that begin so: \u201chi2\u201d, \u201chb2\u201d")
                        .keys(Key.signs(DIGITS))
                        .when(model.picks()::isNarrowed)
                        .doesKey(key -> {
                            model.scribe().pick(key + 1);
                            view.begin();
                        }),
                Command.of("more-narrowed", "Show nine more of those that begin so", Where.WRITTEN_LINE, Key.sign('0'))
                        .when(model.picks()::isNarrowed)
                        .does(model.picks()::more));
    }

    private List<Command> writing() {
        return List.of(
                Command.of("finish-word", "Finish the word", Where.WRITTEN_LINE, Key.of(TAB))
                        .does(() -> model.scribe().choose(0)),
                Command.of("save-line", "Save the moment", Where.WRITTEN_LINE, Key.of(ENTER))
                        .also("where several are chosen, it is told of all")
                        .does(() -> {
                            model.scribe().commit();
                            // The field in the ledger is gone with what was changed in it.
                            view.begin();
                        }),
                Command.of("empty-line", "Empty the line", Where.WRITTEN_LINE, Key.of(ESCAPE))
                        .does(() -> {
                            model.line().clear();
                            view.begin();
                        }),
                Command.of("other-reading", "Another reading of the line", Where.WRITTEN_LINE)
                        .also("as shown under it")
                        .keys(Stream.of(DIGIT1, DIGIT2, DIGIT3, DIGIT4, DIGIT5, DIGIT6)
                                .map(Key::alt)
                                .toList())
                        .doesKey(model.scribe()::choose),
                Command.of(
                                "new-word",
                                "What the words in the line mean, if they name nothing yet",
                                Where.WRITTEN_LINE,
                                Key.alt(W))
                        .does(view::newWord));
    }

    private List<Command> outcome() {
        return List.of(
                Command.of("became", "What became of it", Where.OUTCOME)
                        .also(
                                "the left hand\u2019s keys for left, the right hand\u2019s for right; with Shift: side not seen")
                        .keys(Key.signs(OUTCOMES + OUTCOMES.toUpperCase(Locale.ROOT)))
                        .whenKey(key -> model.fan().takes(outcome(key)))
                        .doesKey(key -> model.fan().type(outcome(key))),
                Command.of("became-by-letters", "Answer with the letters", Where.OUTCOME, Key.of(TAB))
                        .does(model.fan()::activate),
                Command.of("became-open", "Leave it open", Where.OUTCOME, Key.of(ENTER), Key.of(ESCAPE))
                        .does(model.fan()::close));
    }

    private static char outcome(int key) {
        char letter = OUTCOMES.charAt(key % OUTCOMES.length());
        return key < OUTCOMES.length() ? letter : Character.toUpperCase(letter);
    }

    private List<Command> question() {
        return List.of(
                reply("reply-yes", "Yes", PassModel.Reply.YES, 'y'),
                reply("reply-no", "No", PassModel.Reply.NO, 'n'),
                reply("reply-unknown", "It cannot be told", PassModel.Reply.CANNOT_TELL, 'u'),
                reply("reply-later", "Later", PassModel.Reply.SKIP, 's'),
                reply("reply-half-later", "Half of all later", PassModel.Reply.HALF_LATER, 'h')
                        .when(model.passes()::canHalve),
                Command.of("reply-offer", "What is offered under that number", Where.QUESTION)
                        .keys(Key.signs(DIGITS))
                        .whenKey(key -> key < model.passes().offers().size())
                        .doesKey(key -> model.passes().take(key + 1)),
                Command.of("pass-end", "End the pass", Where.QUESTION, Key.of(ESCAPE))
                        .does(model.passes()::end),
                Command.of("one-by-one", "Ask one by one", Where.SEVERAL, Key.sign('o'))
                        .does(() -> model.passes().reply(PassModel.Reply.ONE_BY_ONE)),
                Command.of("not-this-one", "Leave this one out", Where.SEVERAL, Key.sign('x'))
                        .does(model.passes()::leaveOut));
    }

    private Command reply(String id, String words, PassModel.Reply reply, char sign) {
        return Command.of(id, words, Where.QUESTION, Key.sign(sign))
                .does(() -> model.passes().reply(reply));
    }

    private List<Command> finding() {
        return List.of(
                Command.of("found", "Back to the line", Where.FINDING, Key.of(ENTER))
                        .also("only those found are shown")
                        .does(() -> view.leaveFind(false)),
                Command.of("find-end", "Show all moments again", Where.FINDING, Key.of(ESCAPE))
                        .does(() -> view.leaveFind(true)));
    }
}
