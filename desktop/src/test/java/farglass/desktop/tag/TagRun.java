package farglass.desktop.tag;

import farglass.core.bout.Bout;
import farglass.core.bout.Deed;
import farglass.core.bout.FilmLink;
import farglass.core.bout.Moment;
import farglass.core.bout.Telling;
import farglass.core.change.Change;
import farglass.core.entry.SideRule;
import farglass.core.fact.Certainty;
import farglass.core.lexicon.Lexicon;
import farglass.core.notation.BoutFile;
import farglass.core.pick.Continuations;
import farglass.core.pick.Fan;
import farglass.core.scribe.LinePlace;
import farglass.core.scribe.Reading;
import farglass.core.scribe.ScribeLine;
import farglass.core.script.ScriptFile;
import farglass.core.side.Settled;
import farglass.core.side.Side;
import farglass.core.simulate.ActedBout;
import farglass.core.simulate.Cast;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Spot;
import farglass.desktop.tag.line.FanModel;
import farglass.desktop.tag.page.TagModel;
import farglass.library.Library;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.testfx.api.FxRobot;
import org.testfx.util.WaitForAsyncUtils;

/**
 * Tags whole bouts of the demo again through the real window, by somebody who knows the truth and counts every key: what one moment
 * costs, film control apart. Run it with the flags of the tests: {@code TagRun BOUTS} among all the others of the demo, or
 * {@code TagRun BOUTS new} in a library that holds nothing else.
 */
final class TagRun {
    private static final Lexicon LEXICON = Lexicon.shipped();
    /** Who needs more letters sooner types on. */
    private static final int MOST_LETTERS = 4;

    private final FxRobot robot = new FxRobot();
    private final Path folder = Files.createTempDirectory("tag-run");
    private RunWindow window;
    private int keys;
    private int filmKeys;
    private int picked;
    private int total;
    private int totalFilm;
    private int totalPicked;
    private int further;
    private int narrowed;

    private TagRun() throws Exception {}

    public static void main(String[] arguments) throws Exception {
        int bouts = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 5;
        TagRun run = new TagRun();
        run.measure(bouts, arguments.length > 1 && arguments[1].equals("new"));
        System.exit(0);
    }

    private <T> T onScreen(Callable<T> work) throws Exception {
        return WaitForAsyncUtils.asyncFx(work).get(60, TimeUnit.SECONDS);
    }

    private void measure(int count, boolean alone) throws Exception {
        List<ActedBout> all = Cast.seasons(LEXICON).bouts();
        List<ActedBout> chosen = new ArrayList<>();
        for (int i = 0; i < all.size() && chosen.size() < count; i += 3) {
            Bout told = all.get(i).told();
            boolean whole = told.moments().size() > 30
                    && told.header().footage().opening().isEmpty()
                    && told.moments().stream().allMatch(TagRun::isStory);
            if (whole) {
                chosen.add(all.get(i));
            }
        }
        Path path = folder.resolve("run.farglass");
        Files.createDirectories(folder.resolve("films"));
        try (Library library = Library.create(path, Clock.systemUTC(), "run")) {
            library.change(
                    "Lay",
                    all.stream()
                            .filter(acted -> !alone || chosen.contains(acted))
                            .map(acted -> Change.added(chosen.contains(acted) ? bare(acted.told()) : acted.told()))
                            .toList());
        }
        for (ActedBout acted : chosen) {
            Files.writeString(
                    folder.resolve("films/" + acted.told().id() + ".script"), ScriptFile.print(acted.script()));
        }
        window = RunWindow.open(path);
        int moments = 0;
        int wrong = 0;
        for (ActedBout acted : chosen) {
            keys = 0;
            filmKeys = 0;
            picked = 0;
            wrong += tag(acted.told());
            moments += acted.told().moments().size();
            System.out.printf(
                    Locale.ROOT,
                    "%s: %d moments, %.2f keys each, %d picked, %d film keys%n",
                    acted.told().id(),
                    acted.told().moments().size(),
                    (double) keys / acted.told().moments().size(),
                    picked,
                    filmKeys);
            total += keys;
            totalFilm += filmKeys;
            totalPicked += picked;
        }
        System.out.printf(
                Locale.ROOT,
                "all: %d moments, %.2f keys each, %.1f %% picked, %d of them from the second nine, %.1f %% by letters and a digit, %d pauses and steps of the film, %d moments not as the truth%n",
                moments,
                (double) total / moments,
                100.0 * totalPicked / moments,
                further,
                100.0 * narrowed / moments,
                totalFilm,
                wrong);
    }

    private static boolean isStory(Moment moment) {
        Deed deed = moment.deed();
        return deed instanceof Deed.Did
                || deed instanceof Deed.Awarded
                || deed instanceof Deed.Stopped
                || deed instanceof Deed.Restarted;
    }

    private static Bout bare(Bout told) {
        Bout empty = new Bout(told.id(), told.header(), List.of(), List.of());
        FilmLink film = told.header().films().get(0);
        return empty.with(empty.header().withFilms(List.of(film)));
    }

    private int tag(Bout truth) throws Exception {
        onScreen(() -> {
            desk().navigation().show(new Spot(truth.id(), Optional.empty()));
            return null;
        });
        waitUntil(() -> label("#clock").equals("0:00.0"));
        waitUntil(() -> desk().work().jobs().isEmpty());
        for (Moment moment : truth.moments()) {
            // The film was let run and paused here: one key for the pause, as a person would press it.
            onScreen(() -> {
                tagModel().playhead().seek(moment.atMicros().orElseThrow());
                return null;
            });
            filmKeys++;
            tell(moment);
        }
        waitUntil(() -> label("#saved").equals("all saved"));
        return differences(truth);
    }

    private TagModel tagModel() {
        return window.tag();
    }

    private Desk desk() {
        return window.workbench().shell().orElseThrow().desk();
    }

    private String label(String id) {
        return window.workbench().lookup(id) instanceof Label label ? label.getText() : "";
    }

    private void waitUntil(Callable<Boolean> condition) throws Exception {
        try {
            WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> onScreen(condition));
        } catch (TimeoutException e) {
            throw new IllegalStateException("Waited in vain; the foot says " + onScreen(() -> label("#message")), e);
        }
    }

    private void press(KeyCode code) {
        keys++;
        robot.push(code);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void type(String words) {
        keys += words.length();
        robot.write(words, 0);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void tell(Moment moment) throws Exception {
        if (moment.deed() instanceof Deed.Stopped) {
            press(KeyCode.F7);
            return;
        }
        OptionalLong number = onScreen(() -> numberOf(moment));
        if (number.isEmpty()) {
            onScreen(() -> {
                tagModel().picks().more();
                return null;
            });
            number = onScreen(() -> numberOf(moment));
            if (number.isPresent()) {
                // Looked at and found: the key that turned the page counts.
                keys++;
                further++;
            }
        }
        if (number.isPresent()) {
            picked++;
            press(KeyCode.valueOf("DIGIT" + number.getAsLong()));
            fan(moment);
        } else if (!isAsked(moment) || !narrow(moment)) {
            typeOut(moment);
        }
        uncertain(moment);
    }

    /** Whether what is asked after a pick can tell where it ended. */
    private static boolean isAsked(Moment moment) {
        Optional<String> end =
                moment.settled().filter(settled -> !settled.workedOut()).map(Settled::position);
        return moment.technique()
                .flatMap(LEXICON::technique)
                .filter(technique -> end.isEmpty() || technique.to().contains(end.get()))
                .isPresent();
    }

    /** Types the fewest letters that bring it among the nine, and takes it. {@return whether there are such} */
    private boolean narrow(Moment moment) throws Exception {
        List<String> words = List.of(words(moment).split(" "));
        String initials = words.stream().map(word -> word.substring(0, 1)).collect(Collectors.joining());
        List<String> beginnings = new ArrayList<>(words);
        beginnings.add(initials);
        for (int length = 1; length <= MOST_LETTERS; length++) {
            for (String word : beginnings) {
                String letters = word.substring(0, Math.min(length, word.length()));
                OptionalLong number = onScreen(() -> numberBehind(letters, moment));
                if (number.isPresent()) {
                    type(letters);
                    press(KeyCode.valueOf("DIGIT" + number.getAsLong()));
                    narrowed++;
                    fan(moment);
                    return true;
                }
            }
        }
        return false;
    }

    private OptionalLong numberBehind(String letters, Moment moment) {
        tagModel().line().textProperty().set(letters);
        OptionalLong number = tagModel().picks().isNarrowed() ? numberOf(moment) : OptionalLong.empty();
        tagModel().line().textProperty().set("");
        return number;
    }

    private OptionalLong numberOf(Moment moment) {
        var picks = tagModel().picks().list();
        for (int i = 0; i < picks.size(); i++) {
            boolean same = picks.get(i).actor().equals(moment.actor())
                    && Continuations.plain(moment.deed())
                            .equals(Optional.of(picks.get(i).deed()));
            if (same) {
                return OptionalLong.of(i + 1L);
            }
        }
        return OptionalLong.empty();
    }

    /** Answers as long as something is asked. */
    private void fan(Moment moment) throws Exception {
        for (int i = 0; i < 2; i++) {
            var open = onScreen(() -> tagModel().fan().openProperty().get());
            if (open.isEmpty()) {
                return;
            }
            Fan fan = open.get().fan();
            for (int choice = 0; choice < fan.choices().size(); choice++) {
                if (fits(fan.choices().get(choice), moment)) {
                    answer(choice, moment, fan);
                    break;
                }
            }
        }
    }

    private void answer(int choice, Moment moment, Fan fan) {
        boolean right = moment.telling()
                .side()
                .filter(side -> side.side() == Side.RIGHT)
                .isPresent();
        boolean unseen = moment.telling().side().isEmpty() && fan.sides() != SideRule.NONE;
        String key = String.valueOf((right ? FanModel.RIGHT_KEYS : FanModel.LEFT_KEYS).charAt(choice));
        if (unseen && choice < FanModel.UNSEEN_KEYS.length()) {
            press(KeyCode.valueOf(
                    FanModel.UNSEEN_KEYS.substring(choice, choice + 1).toUpperCase(Locale.ROOT)));
        } else if (unseen) {
            // Shift and the letter are two keys.
            keys += 2;
            robot.press(KeyCode.SHIFT);
            robot.push(KeyCode.valueOf(key.toUpperCase(Locale.ROOT)));
            robot.release(KeyCode.SHIFT);
            WaitForAsyncUtils.waitForFxEvents();
        } else {
            press(KeyCode.valueOf(key.toUpperCase(Locale.ROOT)));
        }
    }

    private static boolean fits(Fan.Choice choice, Moment moment) {
        Telling told = moment.telling();
        if (choice.position().isPresent()) {
            return moment.settled().map(Settled::position).equals(choice.position());
        }
        return choice.became().equals(told.became())
                && (choice.line().equals(told.line()))
                && choice.stage().equals(told.stage());
    }

    /** Finds the shortest beginning that means it, as somebody does who reads the line below. */
    private void typeOut(Moment moment) throws Exception {
        String who = moment.actor()
                .map(seat -> seat.name().toLowerCase(Locale.ROOT) + " ")
                .orElse("");
        String what = words(moment);
        StringBuilder details = new StringBuilder();
        moment.telling().side().ifPresent(side -> details.append(' ')
                .append(side.side().label()));
        moment.telling().became().ifPresent(became -> details.append(' ').append(became.label()));
        moment.telling().line().ifPresent(line -> details.append(' ').append(line.label()));
        moment.telling().stage().ifPresent(stage -> details.append(' ').append(stage.label()));
        String end = moment.settled()
                .filter(settled -> !settled.workedOut())
                .map(settled -> "; -> " + settled.position()
                        + settled.top()
                                .map(top -> ", " + top.name() + " on top")
                                .orElse(""))
                .orElse("");
        for (int length = Math.min(2, what.length()); length <= what.length(); length++) {
            String part = what.substring(0, length);
            // Who did it is typed only where the line below does not say so already.
            boolean alone = onScreen(() -> means(part, moment));
            String line = alone ? part : who + part;
            boolean means = alone || onScreen(() -> means(line, moment));
            if (means || length == what.length()) {
                type(line);
                if (isAsked(moment)) {
                    press(KeyCode.ENTER);
                    if (onScreen(() -> tagModel().fan().openProperty().get().isPresent())) {
                        press(KeyCode.TAB);
                        fan(moment);
                    }
                } else {
                    type(details + end);
                    press(KeyCode.ENTER);
                }
                return;
            }
        }
    }

    private boolean means(String line, Moment moment) {
        TagModel model = tagModel();
        return ScribeLine.read(
                        line,
                        LinePlace.end(
                                model.open().bout().orElseThrow(),
                                model.playhead().stand()),
                        LEXICON,
                        model.picks().expectation())
                .map(Reading::proposal)
                .filter(read -> Continuations.plain(read.deed()).equals(Continuations.plain(moment.deed()))
                        && read.actor().equals(moment.actor()))
                .isPresent();
    }

    private static String words(Moment moment) {
        if (moment.deed() instanceof Deed.Awarded awarded) {
            return switch (awarded.award().kind()) {
                case POINTS -> "+" + awarded.award().points();
                case ADVANTAGE -> "adv";
                case PENALTY -> "pen";
                default -> BoutFile.deed(moment.deed());
            };
        }
        return moment.technique()
                .map(LEXICON::label)
                .map(label -> label.toLowerCase(Locale.ROOT))
                .orElseGet(() -> BoutFile.deed(moment.deed()));
    }

    /** What the camera hid is told of the moment just saved. */
    private void uncertain(Moment moment) throws Exception {
        if (moment.telling().certainty() == Certainty.SURE) {
            return;
        }
        int marks = moment.telling().certainty() == Certainty.HIDDEN ? 2 : 1;
        for (int i = 0; i < marks; i++) {
            // A question mark is Shift and a key.
            keys += 2;
            robot.write("?", 0);
            WaitForAsyncUtils.waitForFxEvents();
        }
    }

    private int differences(Bout truth) throws Exception {
        Bout told = onScreen(() -> desk().contents().bout(truth.id()).orElseThrow());
        int wrong = Math.abs(told.moments().size() - truth.moments().size());
        for (int i = 0; i < Math.min(told.moments().size(), truth.moments().size()); i++) {
            Moment is = told.moments().get(i);
            Moment should = truth.moments().get(i);
            boolean same = is.atMicros().equals(should.atMicros())
                    && is.actor().equals(should.actor())
                    && Objects.equals(Continuations.plain(is.deed()), Continuations.plain(should.deed()))
                    && is.telling().side().equals(should.telling().side())
                    && is.telling().became().equals(should.telling().became())
                    && is.telling().line().equals(should.telling().line())
                    && is.telling().stage().equals(should.telling().stage())
                    && is.telling().certainty() == should.telling().certainty()
                    && is.settled()
                            .map(settled -> settled.position() + settled.top())
                            .equals(should.settled().map(settled -> settled.position() + settled.top()));
            if (!same) {
                wrong++;
                System.out.println("  not as the truth: " + is + "\n            truth: " + should);
            }
        }
        return wrong;
    }
}
