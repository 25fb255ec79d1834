package farglass.desktop.shell;

import farglass.core.prose.HowMany;
import farglass.desktop.desk.Desk;
import farglass.desktop.parts.Sheet;
import farglass.library.backup.Backups;
import farglass.library.contents.Damage;
import farglass.library.recovery.Recovery;
import farglass.library.store.LibraryException;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.layout.VBox;

/** Sheets about the library file itself: backups, and what to do with a damaged one. */
public final class LibrarySheets {
    private static final int MOST_NAMED = 4;

    private static final DateTimeFormatter MADE = DateTimeFormatter.ofPattern("d MMMM yyyy, HH:mm", Locale.ENGLISH);

    private LibrarySheets() {}

    static Sheet backups(Desk desk, Libraries libraries) {
        Backups backups = Backups.of(desk.library());
        Path path = desk.library().path();
        ListView<Backups.Backup> list = list(backups.list());
        Label words = words(
                list.getItems().isEmpty()
                        ? "No backup has been made yet. One is made each day the library is opened; you can also make one now."
                        : "Restoring puts the chosen backup in the place of the library. What is there now is kept beside it.");
        Sheet sheet = new Sheet("Backups", new VBox(10, words, list));
        sheet.with("Make one now", () -> {
            desk.work()
                    .start(
                            "Making a backup",
                            (progress, cancelled) -> backups.make(desk.library()),
                            made -> desk.messages()
                                    .say("A backup was made: " + made.path().getFileName()),
                            desk.messages()::fail);
            return "";
        });
        if (!list.getItems().isEmpty()) {
            sheet.with("Restore the chosen one", () -> restore(list, backups, path, libraries));
        }
        return sheet;
    }

    private static String restore(ListView<Backups.Backup> list, Backups backups, Path path, Libraries libraries) {
        Backups.Backup chosen = list.getSelectionModel().getSelectedItem();
        if (chosen == null) {
            return "Choose a backup in the list first.";
        }
        libraries.closeLibrary();
        try {
            Path aside = backups.restore(chosen);
            libraries.open(path, "Restored. What was there before is kept as " + aside.getFileName());
            return "";
        } catch (LibraryException e) {
            libraries.tell(e.getMessage());
            return "";
        }
    }

    /** {@return what is left out of an open library because it cannot be believed; empty if nothing is} */
    public static Optional<String> damageWords(List<Damage> damage) {
        if (damage.isEmpty()) {
            return Optional.empty();
        }
        String named = damage.stream().limit(MOST_NAMED).map(Damage::sentence).collect(Collectors.joining("; "));
        String more = damage.size() > MOST_NAMED ? "; and %d more".formatted(damage.size() - MOST_NAMED) : "";
        return Optional.of("The disk has changed what was written, and it is left out: %s%s.".formatted(named, more));
    }

    /** {@return what a recovery came to} */
    public static String words(Recovery.Report report) {
        String lost = report.lost().isEmpty()
                ? "Nothing is missing: every bout is as it was written."
                : report.lost().stream().limit(MOST_NAMED).collect(Collectors.joining(" "))
                        + (report.lost().size() > MOST_NAMED
                                ? " And %d more.".formatted(report.lost().size() - MOST_NAMED)
                                : "");
        String mended = report.mended().isEmpty()
                ? ""
                : " Mended: %d.".formatted(report.mended().size());
        return "Recovered %s and %s.%s %s The damaged file is kept as %s."
                .formatted(
                        HowMany.of(report.rows().getOrDefault("bout", 0), "bout"),
                        HowMany.of(report.rows().getOrDefault("moment", 0), "moment"),
                        mended,
                        lost,
                        report.kept().getFileName());
    }

    public static Sheet damaged(Path path, String message, Backups backups, Libraries libraries) {
        ListView<Backups.Backup> list = list(backups.list());
        VBox content = new VBox(10, words(message));
        Sheet sheet = new Sheet("This library is damaged", content);
        sheet.with("Recover what is whole", () -> {
            libraries.recover(path);
            return "";
        });
        if (!list.getItems().isEmpty()) {
            content.getChildren().addAll(words("Or restore one of these backups:"), list);
            sheet.with("Restore the chosen one", () -> restore(list, backups, path, libraries));
        }
        return sheet;
    }

    private static ListView<Backups.Backup> list(List<Backups.Backup> backups) {
        ListView<Backups.Backup> list = new ListView<>();
        list.getItems().setAll(backups);
        list.setPrefSize(520, 180);
        list.setCellFactory(view -> new ListCell<>() {
            @Override
            protected void updateItem(Backups.Backup backup, boolean empty) {
                super.updateItem(backup, empty);
                setText(empty || backup == null ? "" : MADE.format(backup.made().atZone(ZoneId.systemDefault())));
            }
        });
        list.getSelectionModel().selectFirst();
        return list;
    }

    private static Label words(String text) {
        Label label = new Label(text);
        label.setWrapText(true);
        label.setMaxWidth(520);
        return label;
    }
}
