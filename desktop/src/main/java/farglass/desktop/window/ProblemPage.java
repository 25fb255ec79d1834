package farglass.desktop.window;

import farglass.desktop.desk.Choosers;
import farglass.desktop.parts.Sheet;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.VBox;

/** A report of a problem, to be read and changed before it is saved as a file. It goes nowhere by itself. */
final class ProblemPage extends VBox {
    private final TextArea text = new TextArea();

    private ProblemPage(String report) {
        super(10);
        Label words = new Label(
                "This is all that the file will hold. Write what you did and what happened, and strike out what nobody"
                        + " should see. It names no athlete, bout or file unless you do. It is saved where you choose, and sent"
                        + " nowhere.");
        words.setWrapText(true);
        words.setMaxWidth(680);
        text.setId("report");
        text.setText(report);
        text.positionCaret(report.indexOf("What I did:\n") + "What I did:\n".length());
        text.setPrefSize(680, 420);
        text.setWrapText(true);
        getChildren().addAll(words, text);
    }

    /** @param saved told where it was saved */
    static Sheet sheet(String report, Choosers choosers, Consumer<Path> saved) {
        ProblemPage page = new ProblemPage(report);
        return new Sheet("Report a problem", page)
                .with(
                        "Save\u2026",
                        () -> page.save(
                                choosers.save("Save the report", "Text", "txt", "far-glass-problem.txt"), saved));
    }

    private String save(Optional<Path> target, Consumer<Path> saved) {
        if (target.isEmpty()) {
            return "Not saved yet: no file was chosen.";
        }
        try {
            Files.writeString(target.get(), text.getText());
        } catch (IOException e) {
            return "The report could not be written to %s. Choose another folder, or make room on the disk."
                    .formatted(target.get());
        }
        saved.accept(target.get());
        return "";
    }
}
