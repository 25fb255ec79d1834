package farglass.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.pass.Aim;
import farglass.desktop.command.Command;
import farglass.desktop.command.Commands;
import farglass.desktop.command.Key;
import farglass.desktop.command.Where;
import farglass.desktop.desk.Place;
import farglass.desktop.tag.page.TagModel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Each key of each command is pressed where it is heard, and commands just that; what was commanded is only noted. */
class KeysTest extends OnStage {
    private final List<String> heard = new ArrayList<>();
    private final Set<Where> tried = new LinkedHashSet<>();
    private final List<String> silent = new ArrayList<>();

    private Commands commands() throws Exception {
        return onScreen(() -> workbench.shell().orElseThrow().commands());
    }

    private TagModel tag() throws Exception {
        return onScreen(() -> workbench.shell().orElseThrow().tag());
    }

    private void open() throws Exception {
        libraryWith(BoutFile.parse(
                        """
                        far-glass bout 1
                        id: one
                        A: Runa Castellan
                        B: Wilma Ferreby
                        date: 2026-03-14
                        covered: story 0:00 to 5:00
                        0:10 B guard-pull; held
                        0:20 A toreando; side A left; line knee; threatened
                        0:24 B frame
                        0:30 A toreando; side A left; held
                        0:34 B frame
                        0:36 A toreando; side A left; held
                        0:38 B frame
                        0:40 A toreando; side A left; held
                        0:42 B frame
                        0:44 A toreando; side A left; held
                        0:46 B frame
                        """,
                        Lexicon.shipped())
                .bout()
                .orElseThrow());
    }

    private void go(Place place) throws Exception {
        onScreen(() -> {
            desk().navigation().placeProperty().set(place);
            return null;
        });
        settle();
    }

    private void strike(Key key) {
        if (key.isSign()) {
            robot.write(key.sign(), 0);
        } else {
            List<KeyCode> codes = new ArrayList<>();
            if (key.isWithCtrl()) {
                codes.add(KeyCode.SHORTCUT);
            }
            if (key.isWithAlt()) {
                codes.add(KeyCode.ALT);
            }
            if (key.isWithShift()) {
                codes.add(KeyCode.SHIFT);
            }
            codes.add(key.code());
            robot.push(codes.toArray(KeyCode[]::new));
        }
    }

    /** What is pressed while that is shown which hears these. */
    private void strikeAll(Where... places) throws Exception {
        Commands commands = commands();
        onScreen(() -> {
            commands.insteadDo((command, key) -> heard.add(command.id() + " " + key));
            return null;
        });
        for (Command command : commands.all()) {
            if (!Arrays.asList(places).contains(command.where())) {
                continue;
            }
            int struck = 0;
            for (int i = 0; i < command.keys().size(); i++) {
                int number = i;
                if (onScreen(() -> {
                    heard.clear();
                    return command.hears().test(number);
                })) {
                    strike(command.keys().get(i));
                    assertThat(onScreen(() -> List.copyOf(heard)))
                            .as("%s, %s", command.where(), command.keys().get(i))
                            .containsExactly(command.id() + " " + i);
                    struck++;
                }
            }
            if (struck == 0 && !command.keys().isEmpty()) {
                silent.add(command.id());
            }
        }
        tried.addAll(List.of(places));
        onScreen(() -> {
            commands.insteadDo((command, key) -> command.doing().accept(key));
            return null;
        });
    }

    private void asIf(String command) throws Exception {
        Commands commands = commands();
        onScreen(() -> {
            commands.command(command).doing().accept(0);
            return null;
        });
        settle();
    }

    @Test
    void whoLeavesAMenuByEscapeKeepsWhatIsChosen() throws Exception {
        open();
        onScreen(() -> {
            desk().navigation().show(new farglass.desktop.desk.Spot("one", Optional.of("m3")));
            return null;
        });
        await("the moment is chosen", () -> tag().choice().chosen().equals(Set.of("m3")));
        // This toolkit asks for no menu where one clicks.
        await("the conversation is shown", () -> workbench.lookup("#ledger") != null);
        ListView<?> ledger = onScreen(() -> (ListView<?>) workbench.lookup("#ledger"));
        onScreen(() -> {
            ledger.getContextMenu().show(ledger, 200, 200);
            return null;
        });
        press(KeyCode.ESCAPE);
        await("its menu is gone", () -> !ledger.getContextMenu().isShowing());
        assertThat(onScreen(() -> tag().choice().chosen())).containsExactly("m3");
    }

    /** Ctrl+A and Backspace empty any other field, and who empties the line holds Backspace down. */
    @Test
    void backspaceInAnEmptyLineRemovesNothing() throws Exception {
        open();
        onScreen(() -> {
            desk().navigation().show(new farglass.desktop.desk.Spot("one", Optional.empty()));
            return null;
        });
        await("the bout is open", () -> tag().open().bout().isPresent());
        settle();
        press(KeyCode.SHORTCUT, KeyCode.A);
        assertThat(onScreen(() -> tag().choice().chosen())).hasSize(11);
        type("k");
        press(KeyCode.BACK_SPACE);
        press(KeyCode.BACK_SPACE);
        assertThat(onScreen(() -> tag().ledger().rows())).hasSize(11);
        press(KeyCode.DELETE);
        await("all are removed", () -> tag().ledger().rows().isEmpty());
        await("it is said how they come back", () -> text("#message")
                .equals("11 moments were removed. Ctrl+Z brings them back."));
    }

    @Test
    void everyKeyCommandsWhatItsPageSays() throws Exception {
        open();
        assertThat(commands().clashes()).isEmpty();
        go(Place.SHELF);
        strikeAll(Where.ALWAYS, Where.EVERYWHERE, Where.SHELF);
        onScreen(() -> {
            desk().navigation().show(new farglass.desktop.desk.Spot("one", Optional.empty()));
            return null;
        });
        await("the bout is open", () -> tag().open().bout().isPresent());
        settle();
        strikeAll(Where.EMPTY_LINE, Where.TAG, Where.FILM, Where.MOMENTS);
        type("kn");
        strikeAll(Where.WRITTEN_LINE);
        asIf("empty-line");
        onScreen(() -> {
            tag().line().textProperty().set("@0:50 a knee cut");
            tag().scribe().commit();
            return null;
        });
        await(
                "it is asked what became of it",
                () -> tag().fan().openProperty().get().isPresent());
        asIf("became-by-letters");
        strikeAll(Where.OUTCOME);
        asIf("became-open");
        asIf("draw-ring");
        strikeAll(Where.PEN);
        asIf("pen-away");
        asIf("find");
        strikeAll(Where.FINDING);
        asIf("find-end");
        onScreen(() -> {
            tag().passes().begin(Aim.ANSWERS, Optional.empty());
            return null;
        });
        await(
                "something is asked",
                () -> tag().passes().questionProperty().get().isPresent());
        await("about several", () -> !tag().passes().together().isEmpty());
        strikeAll(Where.SEVERAL);
        asIf("one-by-one");
        await("one is asked about alone", () -> tag().passes().together().isEmpty());
        strikeAll(Where.QUESTION);
        press(KeyCode.SHORTCUT, KeyCode.DIGIT3);
        await("the dossier is counted", () -> text("#basis").startsWith("1 of 1 known bouts"));
        strikeAll(Where.DOSSIER);
        for (int chapter = 0; chapter < 4; chapter++) {
            press(KeyCode.DOWN);
        }
        await("it has evidence", () -> workbench.lookup("#sights .list-cell") != null);
        robot.clickOn("#sights .list-cell");
        strikeAll(Where.EVIDENCE);
        robot.clickOn("Toreando pass");
        robot.clickOn("#whole-page");
        await("its page is open", () -> text(".chapter-title").equals("Toreando pass"));
        strikeAll(Where.LISTING);
        go(Place.LEXICON);
        onScreen(() -> {
            workbench.lookup("#unnamed").requestFocus();
            return null;
        });
        strikeAll(Where.UNNAMED);
        assertThat(tried)
                .as("places whose keys were struck")
                .containsAll(commands().all().stream()
                        .filter(command -> !command.keys().isEmpty())
                        .map(Command::where)
                        .toList());
        // What is offered is learned from more bouts than one.
        assertThat(silent).containsOnly("reply-offer");
    }
}
