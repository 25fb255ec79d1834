package farglass.desktop.window;

import farglass.core.prose.HowMany;
import farglass.desktop.desk.Desk;
import farglass.desktop.desk.Log;
import farglass.desktop.desk.Messages;
import farglass.desktop.desk.Settings;
import farglass.desktop.desk.Version;
import farglass.library.contents.Contents;
import java.io.IOException;
import java.time.Clock;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.stage.Screen;

/**
 * What may help somebody who looks for a slip of the program, as text: the program, the machine, how large the library is, and the log. No
 * athlete, bout or file is named in it.
 */
record ProblemReport(Settings settings, Optional<Desk> desk, Clock clock) {
    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm'Z'", Locale.ROOT).withZone(ZoneOffset.UTC);
    private static final int MOST_LINES = 400;

    /** {@return the report, with room for what was done and what happened} */
    String text(Node shown) {
        StringBuilder text = new StringBuilder("A problem with ")
                .append(Version.words())
                .append("\n\nWhat I did:\n\n\nWhat happened, and what I had expected:\n\n\n");
        line(text, "Written", WHEN.format(clock.instant()));
        line(
                text,
                "Java",
                "%s of %s, at most %d MB"
                        .formatted(
                                System.getProperty("java.version"),
                                System.getProperty("java.vendor"),
                                Runtime.getRuntime().maxMemory() >> 20));
        line(
                text,
                "System",
                "%s %s, %s, %d processors"
                        .formatted(
                                System.getProperty("os.name"),
                                System.getProperty("os.version"),
                                System.getProperty("os.arch"),
                                Runtime.getRuntime().availableProcessors()));
        line(
                text,
                "Window",
                String.format(
                        Locale.ROOT,
                        "%.0f x %.0f on a screen of %.0f x %.0f at %.0f %%, text at %d %%, %s, JavaFX %s",
                        shown.getScene().getWidth(),
                        shown.getScene().getHeight(),
                        Screen.getPrimary().getBounds().getWidth(),
                        Screen.getPrimary().getBounds().getHeight(),
                        100 * Screen.getPrimary().getOutputScaleX(),
                        settings.textPercentProperty().get(),
                        settings.darkProperty().get() ? "film room" : "paper",
                        System.getProperty("javafx.runtime.version")));
        line(text, "Library", desk.map(ProblemReport::library).orElse("none is open"));
        desk.ifPresent(open -> line(text, "Told", told(open.messages())));
        text.append("\nLog, the latest last:\n");
        log().forEach(said -> text.append(said).append('\n'));
        return text.toString();
    }

    private static void line(StringBuilder text, String what, String value) {
        text.append(what).append(": ").append(value).append('\n');
    }

    private static String library(Desk desk) {
        Contents contents = desk.contents();
        return "%s, %s, %s, at the place %s%s%s"
                .formatted(
                        HowMany.of(contents.bouts().size(), "bout"),
                        HowMany.of(
                                contents.bouts().stream()
                                        .mapToInt(bout -> bout.moments().size())
                                        .sum(),
                                "moment"),
                        HowMany.of(contents.studies().size(), "study", "studies"),
                        desk.navigation().placeProperty().get().label(),
                        desk.library().readOnly().isPresent() ? ", read only" : "",
                        contents.damage().isEmpty() ? "" : ", damaged");
    }

    private static String told(Messages messages) {
        return "%d messages, %d of them that something failed"
                .formatted(
                        messages.all().size(),
                        messages.all().stream()
                                .filter(Messages.Message::failure)
                                .count());
    }

    private List<String> log() {
        try {
            return Log.lines(settings.log(), MOST_LINES);
        } catch (IOException e) {
            return List.of("The log could not be read.");
        }
    }
}
