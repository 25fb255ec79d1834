package farglass.desktop.shell;

import farglass.core.naming.Words;
import farglass.core.study.Camp;
import farglass.core.study.Study;
import farglass.desktop.desk.Desk;
import farglass.desktop.parts.FocusBack;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** Names the study in force, large, and switches it: F2, then its digit. */
final class StudySwitch extends MenuButton {
    private final Desk desk;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.ENGLISH);

    private final Clock clock;
    private List<Study> listed;
    private List<String> listedAs;

    StudySwitch(Desk desk, Clock clock) {
        this.desk = desk;
        this.clock = clock;
        getStyleClass().add("study-switch");
        setId("study");
        FocusBack.after(this);
        setFocusTraversable(true);
        desk.study().property().addListener(change -> refresh());
        desk.contentsProperty().addListener(change -> refresh());
        refresh();
    }

    private void refresh() {
        setText(desk.study().property().get().map(Study::name).orElse("All bouts"));
        List<Study> studies = desk.contents().studies();
        List<String> words = new ArrayList<>();
        for (int i = 0; i < studies.size(); i++) {
            words.add("%d   %s%s".formatted(i + 1, studies.get(i).name(), when(studies.get(i))));
        }
        // A list that is open must not be taken from under somebody's hand because a moment was saved.
        if (studies.equals(listed) && words.equals(listedAs)) {
            return;
        }
        listed = studies;
        listedAs = words;
        getItems().clear();
        for (int i = 0; i < studies.size(); i++) {
            Study study = studies.get(i);
            MenuItem item = new MenuItem(words.get(i));
            item.setMnemonicParsing(false);
            item.setOnAction(event -> desk.study().property().set(Optional.of(study)));
            getItems().add(item);
        }
        MenuItem all = new MenuItem("0   All bouts of the library");
        all.setOnAction(event -> desk.study().property().set(Optional.empty()));
        getItems().add(all);
    }

    private String when(Study study) {
        return study.camp().map(camp -> "  (camp, " + days(camp) + ")").orElse("  (study)");
    }

    /** {@return the line under the name: what kind it is, and how long there is} */
    String subtitle() {
        return desk.study()
                .property()
                .get()
                .map(study -> study.camp()
                        .map(camp -> "Camp for %s \u00b7 %s \u00b7 %s, %s \u00b7 %s"
                                .formatted(
                                        desk.contents()
                                                .athlete(camp.ours())
                                                .map(ours -> ours.name())
                                                .orElse("our athlete"),
                                        camp.date(),
                                        camp.uniform().label(),
                                        camp.ruleset().replace('-', ' '),
                                        days(camp)))
                        .orElseGet(() -> study.focus()
                                        .map(focus -> "Study of "
                                                + Words.inSentence(
                                                        desk.lexicon().label(focus))
                                                + " \u00b7 ")
                                        .orElse("Study \u00b7 ")
                                + "all its bouts weigh alike"))
                .map(words -> words + itIs())
                .orElse("No study is in force. Begin one from the Library menu.");
    }

    /** The demo has a day of its own, or its camps would soon be over. */
    private String itIs() {
        return desk.contents()
                .today()
                .map(day -> " \u00b7 in this demo it is " + DAY.format(day))
                .orElse("");
    }

    private String days(Camp camp) {
        long days = ChronoUnit.DAYS.between(desk.contents().today().orElseGet(() -> LocalDate.now(clock)), camp.date());
        return days > 1
                ? "in %d days".formatted(days)
                : days == 1 ? "tomorrow" : days == 0 ? "today" : "%d days ago".formatted(-days);
    }

    /** Takes the digit that follows F2. {@return whether it was one} */
    boolean chose(KeyEvent event) {
        String digit = event.getText();
        if (!isShowing() || digit.length() != 1 || !Character.isDigit(digit.charAt(0))) {
            return event.getCode() == KeyCode.F2;
        }
        int number = digit.charAt(0) - '0';
        int index = number == 0 ? getItems().size() - 1 : number - 1;
        if (index < getItems().size()) {
            hide();
            getItems().get(index).fire();
        }
        return true;
    }
}
